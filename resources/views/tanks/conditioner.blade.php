<x-layout :title="'Dechlorinator for '.$tank->name" :loop="$loop">
    <h1>Dechlorinator for {{ $tank->name }}</h1>
    @if($result)<p class="lead-line"><b class="num">{{ $dose }}</b>
        {{ $jar ? __('shelf.of_for_this_change', ['name' => $jar->name]) : __('shelf.for_this_change') }}</p>@endif
    @if($jar && !$isUsual)<form method="post" action="/products/{{ $jar->id }}/use">@csrf
        <button class="act quiet">{{ __('shelf.use', ['name' => $jar->name]) }}</button></form>@endif
    @if($jars->count() > 1)<p>{{ __('shelf.product') }}: @foreach($jars as $one)<a href="?product={{ $one->id }}"
        @if($one->id === $jar?->id) aria-current="true" @endif>{{ $one->name }}</a>{{ $loop->last ? '' : ' · ' }}@endforeach</p>@endif
    <x-findings :findings="$findings"/>
    <form class="plain-form" method="get" action="/tanks/{{ $tank->id }}/dechlorinator" novalidate>
        @if($jar)<input type="hidden" name="product" value="{{ $jar->id }}">@endif
        @php($entry = fn (string $name) => $typed[$name])
        <fieldset><legend>The water</legend><div class="row-fields">
            <x-change-entry name="litres" label="new water" :value="$entry('litres')" :unit="$volume->label()"/>
            <x-change-entry name="chlorine" label="total chlorine in the tap" :value="$entry('chlorine')" unit="mg/L"/>
            <div class="field"><label for="f-kind">the utility uses</label><select id="f-kind" name="kind">
            <option value="chlorine" @selected($typed['kind'] === 'chlorine')>chlorine</option>
            <option value="chloramine" @selected($typed['kind'] === 'chloramine')>chloramine</option></select></div>
        </div>
            <div class="field"><label for="f-way">it goes in</label><select id="f-way" name="way">
            <option value="new" @selected($typed['way'] !== 'tank')>treated first: dose for the new water</option>
            <option value="tank" @selected($typed['way'] === 'tank')>straight from the tap: dose for all {{ $net }}</option></select></div>
        </fieldset>
        <fieldset><legend>The label</legend><div class="row-fields">
            <x-change-entry name="dose" label="so much" :value="$entry('dose')" :unit="$unit->label()"/>
            <x-change-entry name="for" label="for so much water" :value="$entry('for')" :unit="$volume->label()"/>
            <x-change-entry name="strength" label="takes chlorine up to" :value="$entry('strength')" unit="mg/L"/>
            <x-change-entry name="given" label="already given" :value="$entry('given')" :unit="$unit->label()"/>
        </div></fieldset>
        <button class="act">Work it out</button>
    </form>
    <p class="caution"><x-icon name="exclamation-triangle"/> {{ $caution }}</p>
    @if($result)<div class="open-working">@include('parts.working', ['working' => $result])</div>@endif
</x-layout>
