<x-layout :title="__('auth.sign_up.create_an_account')" bare>
    <div class="door">
        <h1>{{ __('auth.sign_up.create_an_account') }}</h1>
        <p>{{ __('auth.sign_up.enter_your_email') }}</p>
        <form method="post" action="/sign-up" novalidate>@csrf
            <x-field name="email" :label="__('auth.sign_up.email')" type="email" autocomplete="username"/>
            <button class="act">{{ __('auth.sign_up.send_the_email') }}</button>
        </form>
        @if(config('mail.default') === 'log')<p class="muted">{{ __('account.unsent') }}</p>@endif
        <p><a href="/sign-in">{{ __('auth.sign_up.i_have_an') }}</a></p>
    </div>
</x-layout>
