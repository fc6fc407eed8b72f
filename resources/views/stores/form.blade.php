@php($v = fn (float $litres): string => $show->volumes()->show($litres))
<x-layout :title="$store->exists ? __('store.form.title', ['name' => $store->name]) : __('store.form.new')">
    <h1>{{ $store->exists ? $store->name : __('store.form.new') }}</h1>
    <form class="plain-form" method="post" action="{{ $store->exists ? '/ro-reservoirs/'.$store->id : '/ro-reservoirs' }}"
        novalidate>@csrf @if($store->exists) @method('put') @endif
        <x-field name="name" :label="__('act.name')" :value="$store->name"/>
        <x-choice name="water_id" :label="__('store.form.source_water_in')" :value="$store->water_id" :options="['' => __('store.form.none')] + $waters"/>
        <div class="row-fields">
            <x-field small name="capacity" :label="__('store.form.capacity')" :value="$v($store->capacity)" :unit="$volume->label()" mode="decimal"/>
            <x-field small name="level" :label="__('store.form.level_now')" :value="$v($store->level)" :unit="$volume->label()" mode="decimal"/>
            <x-field small name="litres_per_day" :label="__('store.form.ro_unit_output')" :value="$v($store->litres_per_day)" :unit="$volume->label()"
                mode="decimal"
                :help="__('store.form.fill_a_litre')"/>
            <x-field small name="waste" :label="__('store.form.waste_water_per')" :value="App\Units\Show::plain($store->waste, 2)" mode="decimal"/>
            <x-field name="membrane_on" :label="__('store.form.membrane_in_use')" type="date" :value="$store->membrane_on?->format('Y-m-d')"/>
            <x-field name="resin_on" :label="__('store.form.resin_in_use')" type="date" :value="$store->resin_on?->format('Y-m-d')"/>
        </div>
        <button class="act">{{ __('act.save') }}</button>
    </form>
    @if($store->exists)<details class="danger"><summary>{{ __('store.form.delete_this_reservoir') }}</summary>
    <form method="post" action="/ro-reservoirs/{{ $store->id }}">@csrf @method('delete')<p>{{ __('store.form.its_membrane_tests') }}</p><button
        class="act beyond">{{ __('store.form.delete', ['name' => $store->name]) }}</button></form></details>@endif
</x-layout>
