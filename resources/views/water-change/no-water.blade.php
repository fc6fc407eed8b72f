<x-layout :title="__('change.no_water.title', ['tank' => $tank->name])" :loop="$loop">
    <div class="empty"><h1>{{ __('change.no_water.which_water_goes') }}</h1>
        <p>{{ __('change.no_water.a_forecast_needs') }}</p>
        <p><a class="act" href="/source-waters/new">{{ __('change.no_water.add_a_source') }}</a></p></div>
</x-layout>
