<x-layout :title="__('auth.begin.new_account')" bare>
    <div class="door">
        <h1>{{ __('auth.begin.new_account') }}</h1>
        <p>{{ __('auth.begin.for', ['what' => $email]) }}</p>
        <form method="post" action="{{ $action }}" novalidate>@csrf
            <input type="hidden" name="username" value="{{ $email }}" autocomplete="username">
            <x-field name="name" :label="__('auth.begin.your_name')" autocomplete="name"/>
            <x-field name="password" :label="__('auth.begin.password')" type="password" autocomplete="new-password"
                :help="__('auth.begin.at_least_ten')"/>
            <x-field name="password_confirmation" :label="__('auth.begin.password_again')" type="password" autocomplete="new-password"/>
            <input type="hidden" name="timezone" data-timezone>
            <button class="act">{{ __('auth.begin.create_account') }}</button>
        </form>
    </div>
</x-layout>
