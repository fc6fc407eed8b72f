<x-layout :title="__('auth.sign_in.sign_in')" bare>
    <div class="door">
        <svg class="door-mark" viewBox="0 0 32 32" width="56" height="56" aria-hidden="true"><path class="mark-water" d="M4 13h24v14H4z"/>
        <path class="mark-glass" d="M4 5v22h24V5"/><path class="mark-plant" d="M16 27c0-6-1-9-5-12m5 7c0-5 1-8 5-11"/></svg>
        <h1>Cresco</h1>
        <p>{{ __('auth.sign_in.test_plan_change') }}</p>
        @if($demo)
        <form method="post" action="/sign-in/demo" class="demo-door">@csrf
            <button class="act large">{{ __('auth.sign_in.open_the_demo') }}</button>
            <small>{{ __('auth.sign_in.wren_with_seven') }}</small>
        </form>
        @endif
        <form method="post" action="/sign-in" novalidate>@csrf
            <x-field name="email" :label="__('auth.sign_in.email')" type="email" autocomplete="username"/>
            <x-field name="password" :label="__('auth.sign_in.password')" type="password" autocomplete="current-password"/>
            <label class="tick"><input type="checkbox" name="remember" value="1"> {{ __('auth.sign_in.keep_me_signed') }}</label>
            <button @class(['act', 'quiet' => $demo])>{{ __('auth.sign_in.sign_in') }}</button>
        </form>
        <p><a href="/start">{{ __('auth.sign_in.try_it_without') }}</a> · <a href="/sign-up">{{ __('auth.sign_in.create_an_account') }}</a> · <a
            href="/password/forgotten">{{ __('auth.sign_in.forgot_your_password') }}</a></p>
    </div>
</x-layout>
