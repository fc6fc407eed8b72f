<x-layout title="New account" bare>
    <div class="door">
        <h1>New account</h1>
        <p>Write your mail address; a letter comes with a link, and there you choose a name and a password.</p>
        <form method="post" action="/sign-up" novalidate>@csrf
            <x-field name="email" label="Mail address" type="email" autocomplete="username"/>
            <button class="act">Send the letter</button>
        </form>
        @if(config('mail.default') === 'log')<p class="muted">{{ __('account.unsent') }}</p>@endif
        <p><a href="/sign-in">I have an account</a></p>
    </div>
</x-layout>
