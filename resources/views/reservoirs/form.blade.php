@php($v = fn (float $litres): string => $show->volumes()->show($litres))
<x-layout :title="$reservoir->exists ? __('store.form.title', ['name' => $reservoir->name]) : __('store.form.new')">
    <h1>{{ $reservoir->exists ? $reservoir->name : __('store.form.new') }}</h1>
    <form class="plain-form" method="post" action="{{ $reservoir->exists ? '/ro-reservoirs/'.$reservoir->id : '/ro-reservoirs' }}"
        novalidate>@csrf @if($reservoir->exists) @method('put') @endif
        <x-field name="name" :label="__('act.name')" :value="$reservoir->name"/>
        <x-choice name="source_water_id" :label="__('store.form.source_water_in')" :value="$reservoir->source_water_id"
            :options="['' => __('store.form.none')] + $waters"/>
        <div class="row-fields">
            <x-field small name="capacity" :label="__('store.form.capacity')" :value="$v($reservoir->capacity)" :unit="$volume->label()" mode="decimal"/>
            <x-field small name="level" :label="__('store.form.level_now')" :value="$v($reservoir->level)" :unit="$volume->label()" mode="decimal"/>
            <x-field small name="litres_per_day" :label="__('store.form.ro_unit_output')" :value="$v($reservoir->litres_per_day)" :unit="$volume->label()"
                mode="decimal"
                :help="__('store.form.fill_a_litre')"/>
            <x-field small name="waste" :label="__('store.form.waste_water_per')" :value="$format::plain($reservoir->waste, 2)" mode="decimal"/>
            <x-field name="membrane_on" :label="__('store.form.membrane_in_use')" type="date" :value="$reservoir->membrane_on?->format('Y-m-d')"/>
            <x-field name="resin_on" :label="__('store.form.resin_in_use')" type="date" :value="$reservoir->resin_on?->format('Y-m-d')"/>
        </div>
        <button class="act">{{ __('act.save') }}</button>
    </form>
    @if($reservoir->exists)<details class="danger"><summary>{{ __('store.form.delete_this_reservoir') }}</summary>
    <form method="post" action="/ro-reservoirs/{{ $reservoir->id }}">@csrf @method('delete')<p>{{ __('store.form.its_membrane_tests') }}</p><button
        class="act beyond">{{ __('store.form.delete', ['name' => $reservoir->name]) }}</button></form></details>@endif
</x-layout>
