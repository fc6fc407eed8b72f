<x-layout title="New password" bare>
    <div class="door">
        <h1>New password</h1>
        <form method="post" action="/password/new" novalidate>@csrf
            <input type="hidden" name="token" value="{{ $token }}">
            <x-field name="email" label="Mail address" type="email" :value="$email" autocomplete="username"/>
            <x-field name="password" label="New password" type="password" autocomplete="new-password"
                help="At least ten characters, and none that is guessed first."/>
            <x-field name="password_confirmation" label="New password again" type="password" autocomplete="new-password"/>
            <button class="act">Set it</button>
        </form>
    </div>
</x-layout>
