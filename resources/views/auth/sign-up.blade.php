<x-layout title="New account" bare>
    <div class="door">
        <h1>New account</h1>
        <form method="post" action="/sign-up" novalidate>@csrf
            <x-field name="name" label="Your name" autocomplete="name"/>
            <x-field name="email" label="Mail address" type="email" autocomplete="username"/>
            <x-field name="password" label="Password" type="password" autocomplete="new-password" help="At least ten characters."/>
            <x-field name="password_confirmation" label="Password again" type="password" autocomplete="new-password"/>
            <input type="hidden" name="timezone" data-timezone>
            <button class="act">Open the account</button>
        </form>
        <p><a href="/sign-in">I have an account</a></p>
    </div>
</x-layout>
