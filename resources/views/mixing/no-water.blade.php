<x-layout :title="__('bench.no_water.mix_water')">
    <div class="empty"><h1>{{ __('bench.no_water.which_water_do') }}</h1>
        <p>{{ __('bench.no_water.mix_water_brings') }}</p>
        <p><a class="act" href="/source-waters/new">{{ __('bench.no_water.add_a_source') }}</a></p></div>
</x-layout>
