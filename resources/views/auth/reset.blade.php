<x-layout :title="__('auth.reset.new_password')" bare>
    <div class="door">
        <h1>{{ __('auth.reset.new_password') }}</h1>
        <form method="post" action="/password/new" novalidate>@csrf
            <input type="hidden" name="token" value="{{ $token }}">
            <x-field name="email" :label="__('auth.reset.email')" type="email" :value="$email" autocomplete="username"/>
            <x-field name="password" :label="__('auth.reset.new_password')" type="password" autocomplete="new-password"
                :help="__('auth.reset.at_least_ten')"/>
            <x-field name="password_confirmation" :label="__('auth.reset.new_password_again')" type="password" autocomplete="new-password"/>
            <button class="act">{{ __('auth.reset.change_password') }}</button>
        </form>
    </div>
</x-layout>
