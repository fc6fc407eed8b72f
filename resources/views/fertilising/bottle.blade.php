<x-layout :title="__('food.bottle_page.title', ['tank' => $tank->name])" :loop="$loop" act>
    <div class="page-head"><h1>{{ __('food.bottle.head', ['tank' => $tank->name]) }} <x-term key="stock_solution"/></h1><a class="act quiet"
        href="/tanks/{{ $tank->id }}/fertilising">{{ __('food.bottle.fertilising') }}</a></div>
    <form class="plain-form" method="get" action="/tanks/{{ $tank->id }}/own-fertiliser" novalidate>
        <div class="row-fields">
            <x-field name="weeks" :label="__('food.bottle.enough_for_weeks')" :value="request('weeks', 8)" mode="numeric" small/>
            <x-field name="each" :label="__('food.bottle.of_each_bottle')" unit="mL" :value="$format::plain($page->bottle->each, 1)" mode="decimal"
                small/>
        </div>
        <button class="act quiet">{{ __('act.work_out') }}</button>
    </form>
    @foreach($page->bottles() as $one)
    <section class="bottle feed-label">
        <h2>{{ $one['name'] }}</h2>
        <ol>@foreach($one['salts'] as $salt)<li class="num">{{ $salt }}</li>@endforeach</ol>
        <p>{{ __('food.bottle.fill', ['millilitres' => $format::plain($one['millilitres'], 0)]) }}</p>
        <p><b>{{ __('food.bottle.dose', ['each' => $format::plain($page->bottle->each, 1), 'every' => $names::every($page->bottle->every),
            'tank' => $tank->name]) }}</b> {{ __('food.bottle.brings', ['what' => $names::list($one['brings'])]) }}</p>
        <p>{{ __('food.bottle.label', ['made' => $page->made(), 'until' => $page->until()]) }}</p>
    </section>
    @endforeach
    @foreach($page->short() as $line)<x-finding tone="beyond">{{ $line }}</x-finding>@endforeach
    @foreach($page->apart() as $line)<x-finding tone="heed">{{ $line }}</x-finding>@endforeach
    @if($page->bottle->isEmpty())
    <p id="do">{{ __('food.bottle.none') }}</p>
    @else
    <form method="post" action="/tanks/{{ $tank->id }}/own-fertiliser">
        @csrf
        <input type="hidden" name="weeks" value="{{ (int) max(1, min(12, (int) request('weeks', 8))) }}">
        <input type="hidden" name="each" value="{{ $page->bottle->each }}">
        <p class="muted">{{ __('food.bottle.care') }}</p>
        <div class="acts"><button class="act" id="do">{{ __('food.bottle.mixed_use_it') }}</button></div>
    </form>
    @endif
</x-layout>
