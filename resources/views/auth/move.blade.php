<x-layout :title="__('auth.move.new_email')" bare>
    <div class="door">
        <h1>{{ __('auth.move.new_email') }}</h1>
        <p>{{ __('auth.move.from_now_on', ['what' => $email]) }}</p>
        <form method="post" action="{{ $action }}">@csrf<button class="act">{{ __('auth.move.confirm') }}</button></form>
    </div>
</x-layout>
