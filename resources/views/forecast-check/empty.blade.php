<x-layout :title="__('look_back.empty.title', ['tank' => $tank->name])" :loop="$loop">
    <div class="empty"><h1>{{ __('look_back.empty.nothing_to_check') }}</h1><p>{{ __('look_back.empty.once_you_have') }}</p>
    <p><a class="act" href="/tanks/{{ $tank->id }}/water-change">{{ __('look_back.empty.plan_a_water') }}</a></p></div>
</x-layout>
