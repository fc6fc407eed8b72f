<x-layout :title="__('dechlorinator.page.title', ['tank' => $tank->name])" :loop="$loop">
    <h1>{{ __('dechlorinator.page.dechlorinator_for', ['tank' => $tank->name]) }} <x-term key="dechlorinator"/></h1>
    @if($result)<p class="lead-line"><b class="num">{{ $dose }}</b>
        {{ $product ? __('shelf.of_for_this_change', ['name' => $product->name]) : __('shelf.for_this_change') }}</p>@endif
    @if($product && !$isUsual)<form method="post" action="/products/{{ $product->id }}/use">@csrf
        <button class="act quiet">{{ __('shelf.use', ['name' => $product->name]) }}</button></form>@endif
    @if($products->count() > 1)<p>{{ __('shelf.product') }}: @foreach($products as $one)<a href="?product={{ $one->id }}"
        @if($one->id === $product?->id) aria-current="true" @endif>{{ $one->name }}</a>{{ $loop->last ? '' : ' · ' }}@endforeach</p>@endif
    <x-findings :findings="$findings"/>
    <form class="plain-form" method="get" action="/tanks/{{ $tank->id }}/dechlorinator" novalidate>
        @if($product)<input type="hidden" name="product" value="{{ $product->id }}">@endif
        @php($entry = fn (string $name) => $typed[$name])
        <fieldset><legend>{{ __('dechlorinator.page.the_water') }}</legend><div class="row-fields">
            <x-change-entry name="litres" :label="__('dechlorinator.page.new_water')" :value="$entry('litres')" :unit="$volume->label()"/>
            <x-change-entry name="chlorine" :label="__('dechlorinator.page.total_chlorine_in')" :value="$entry('chlorine')" unit="mg/L"/>
            <div class="field"><label for="f-kind">{{ __('dechlorinator.page.your_utility_uses') }}</label><select id="f-kind" name="kind">
            <option value="chlorine" @selected($typed['kind'] === 'chlorine')>{{ __('dechlorinator.page.chlorine') }}</option>
            <option value="chloramine" @selected($typed['kind'] === 'chloramine')>{{ __('dechlorinator.page.chloramine') }}</option></select></div>
        </div>
            <div class="field"><label for="f-way">{{ __('dechlorinator.page.you_fill') }}</label><select id="f-way" name="way">
            <option value="new" @selected($typed['way'] !== 'tank')>{{ __('dechlorinator.page.treated_water_dose') }}</option>
            <option value="tank" @selected($typed['way'] === 'tank')>{{ __('dechlorinator.page.straight_from_the', ['what' => $net]) }}</option></select></div>
        </fieldset>
        <fieldset><legend>{{ __('dechlorinator.page.the_label') }}</legend><div class="row-fields">
            <x-change-entry name="dose" :label="__('dechlorinator.page.label_dose')" :value="$entry('dose')" :unit="$unit->label()"/>
            <x-change-entry name="for" :label="__('dechlorinator.page.treats')" :value="$entry('for')" :unit="$volume->label()"/>
            <x-change-entry name="strength" :label="__('dechlorinator.page.removes_chlorine_up')" :value="$entry('strength')" unit="mg/L"/>
            <x-change-entry name="given" :label="__('dechlorinator.page.already_added')" :value="$entry('given')" :unit="$unit->label()"/>
        </div></fieldset>
        <button class="act">{{ __('act.work_out') }}</button>
    </form>
    <p class="caution"><x-icon name="exclamation-triangle"/> {{ $caution }}</p>
    @if($result)<div class="open-working">@include('parts.working', ['working' => $result])</div>@endif
</x-layout>
