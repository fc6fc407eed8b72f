@php($v = fn (float $litres): string => $show->volumes()->show($litres))
<x-layout :title="$store->exists ? 'Change '.$store->name : 'Add an RO reservoir'">
    <h1>{{ $store->exists ? $store->name : 'Add an RO reservoir' }}</h1>
    <form class="plain-form" method="post" action="{{ $store->exists ? '/ro-reservoirs/'.$store->id : '/ro-reservoirs' }}"
        novalidate>@csrf @if($store->exists) @method('put') @endif
        <x-field name="name" label="Name" :value="$store->name"/>
        <x-choice name="water_id" label="Its water" :value="$store->water_id" :options="['' => 'none of my waters'] + $waters"/>
        <div class="row-fields">
            <x-field small name="capacity" label="holds" :value="$v($store->capacity)" :unit="$volume->label()" mode="decimal"/>
            <x-field small name="level" label="in it now" :value="$v($store->level)" :unit="$volume->label()" mode="decimal"/>
            <x-field small name="litres_per_day" label="the unit makes a day" :value="$v($store->litres_per_day)" :unit="$volume->label()" mode="decimal"
                help="measured: a litre and a watch"/>
            <x-field small name="waste" label="run off for each made" :value="App\Units\Show::plain($store->waste, 2)" mode="decimal"/>
            <x-field name="membrane_on" label="membrane in since" type="date" :value="$store->membrane_on?->format('Y-m-d')"/>
            <x-field name="resin_on" label="resin in since" type="date" :value="$store->resin_on?->format('Y-m-d')"/>
        </div>
        <button class="act">Keep</button>
    </form>
    @if($store->exists)<details class="danger"><summary>Take this store out</summary>
    <form method="post" action="/ro-reservoirs/{{ $store->id }}">@csrf @method('delete')<p>Its rejection readings go with it.</p><button
        class="act beyond">Take {{ $store->name }} out</button></form></details>@endif
</x-layout>
