<x-layout :title="__('change.changed.title', ['tank' => $tank->name])" :loop="$loop">
    <div class="page-head"><h1>{{ __('change.changed.log_a_water') }}</h1></div>
    <p class="muted">{{ __('change.changed.without_a_checklist') }}</p>
    @if($tank->keeper->waters->isEmpty())
        <p><a class="act" href="/source-waters/new">{{ __('change.changed.add_the_source') }}</a></p>
    @else
    <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/water-changes" novalidate>@csrf
        <x-field name="litres" :label="__('change.changed.drained')" :value="$litres" :unit="$show->volumes()->label" mode="decimal"/>
        <x-field name="changed_at" :label="__('change.changed.when')" type="datetime-local" :value="$now" :help="__('layout.time.yours', ['zone'
            => $tank->keeper->timezone])"/>
        <x-choice name="water" :label="__('change.changed.source_water')" :value="$tank->source_water_id"
            :options="$tank->keeper->waters->pluck('name', 'id')"/>
        <div class="row-fields two">
            <x-choice name="second_water" :label="__('change.changed.blended_with')" :value="$tank->second_source_water_id"
                :options="$tank->keeper->waters->pluck('name', 'id')->prepend(__('change.changed.unblended'), '')"/>
            <x-field small name="second_share" :label="__('change.changed.share')" :value="$format::plain(100 * $tank->second_share, 0)" unit="%"
                mode="decimal"/>
        </div>
        <x-field name="note" :label="__('act.note')"/>
        <div class="acts"><button class="act large">{{ __('change.changed.log_it') }}</button> <a href="/tanks/{{ $tank->id }}/water-change">{{
            __('change.changed.plan_one_instead') }}</a></div>
    </form>
    @endif
</x-layout>
