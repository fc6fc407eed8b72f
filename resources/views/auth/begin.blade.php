<x-layout title="New account" bare>
    <div class="door">
        <h1>New account</h1>
        <p>For {{ $email }}.</p>
        <form method="post" action="{{ $action }}" novalidate>@csrf
            <input type="hidden" name="username" value="{{ $email }}" autocomplete="username">
            <x-field name="name" label="Your name" autocomplete="name"/>
            <x-field name="password" label="Password" type="password" autocomplete="new-password"
                help="At least ten characters, and none that is guessed first."/>
            <x-field name="password_confirmation" label="Password again" type="password" autocomplete="new-password"/>
            <input type="hidden" name="timezone" data-timezone>
            <button class="act">Open the account</button>
        </form>
    </div>
</x-layout>
