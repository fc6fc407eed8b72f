<x-layout title="Forgotten password" bare>
    <div class="door">
        <h1>Forgotten password</h1>
        <p>Write your mail address; a link to set a new one comes by mail.</p>
        <form method="post" action="/password/forgotten" novalidate>@csrf
            <x-field name="email" label="Mail address" type="email" autocomplete="username"/>
            <button class="act">Send the link</button>
        </form>
        @if(config('mail.default') === 'log')<p class="muted">{{ __('account.unsent') }}</p>@endif
        <p><a href="/sign-in">Back to the sign-in</a></p>
    </div>
</x-layout>
