<x-layout :title="__('auth.forgot.forgot_your_password')" bare>
    <div class="door">
        <h1>{{ __('auth.forgot.forgot_your_password') }}</h1>
        <p>{{ __('auth.forgot.enter_your_email') }}</p>
        <form method="post" action="/password/forgotten" novalidate>@csrf
            <x-field name="email" :label="__('auth.forgot.email')" type="email" autocomplete="username"/>
            <button class="act">{{ __('auth.forgot.send_the_link') }}</button>
        </form>
        @if(config('mail.default') === 'log')<p class="muted">{{ __('account.unsent') }}</p>@endif
        <p><a href="/sign-in">{{ __('auth.forgot.back_to_sign') }}</a></p>
    </div>
</x-layout>
