<x-layout :title="__('shelf.index.products')">
    <div class="page-head"><h1>{{ __('shelf.index.products') }}</h1><span class="acts"><a href="/pen">{{ __('shelf.index.calibrate_the_tds') }}</a> <a
        href="/recipes">{{ __('shelf.index.recipes') }}</a> <a class="act quiet"
        href="/products/new"><x-icon name="plus-lg"/> {{ __('shelf.index.add_a_product') }}</a></span></div>
    <x-supplies-nav/>
    @foreach($products->filter(fn ($product) => $product->isConditioner()) as $product)
        <article class="water-row jar-row">
            <div><h2>{{ $product->name }}</h2><p class="muted">{{ __('shelf.index.dechlorinator') }}</p></div>
            <dl class="strip-figures"><div><dt>{{ __('shelf.index.in_stock') }}</dt><dd>@if($product->stock === null){{ __('shelf.index.not_counted') }}
                @else{{ $show->liquid($product->stock) }}@endif</dd></div><div>
            <dt>{{ __('shelf.index.label_dose') }}</dt>
            <dd>{{ __('shelf.index.for', ['what' => $product->doseUnit()->text((float) $product->label['dose'], $show),
                'litres' => $show->volume((float) $product->label['litres'])]) }}</dd></div><div>
            <dt>{{ __('shelf.index.removes_chlorine_up') }}</dt><dd>{{ isset($product->label['strength'])
            ? $format::plain((float) $product->label['strength'], 2).' mg/L' : '–' }}</dd></div></dl>
            <p><a href="/products/{{ $product->id }}/edit">{{ __('act.edit') }}<span class="visually-hidden"> {{ $product->name }}</span></a></p>
        </article>
    @endforeach
    @foreach($products->filter(fn ($product) => $product->isAcid()) as $product)
        <article class="water-row jar-row">
            <div><h2>{{ $product->name }}</h2><p class="muted">{{ __('acid.kind.'.$product->label['kind']) }}</p></div>
            <dl class="strip-figures"><div><dt>{{ __('shelf.index.in_stock') }}</dt><dd>@if($product->stock === null){{ __('shelf.index.not_counted') }}
                @else{{ $show->liquid($product->stock) }}@endif</dd></div><div>
            <dt>{{ __('shelf.index.strength') }}</dt><dd>{{ $format::plain((float) $product->label['percent'], 2) }} %</dd></div></dl>
            <p><a href="/products/{{ $product->id }}/edit">{{ __('act.edit') }}<span class="visually-hidden"> {{ $product->name }}</span></a></p>
        </article>
    @endforeach
    @foreach($products->filter(fn ($product) => $product->isFeed()) as $product)
        <article class="water-row jar-row">
            <div><h2>{{ $product->name }}</h2><p class="muted">{{ __('food.label.fertiliser') }}</p></div>
            <dl class="strip-figures"><div><dt>{{ __('shelf.index.in_stock') }}</dt><dd>@if($product->stock === null){{ __('shelf.index.not_counted') }}
                @else{{ $show->liquid($product->stock) }}@endif</dd></div><div>
            <dt>{{ __('shelf.index.label_dose') }}</dt>
            <dd>{{ __('shelf.index.for', ['what' => $show->liquid((float) ($product->label['dose'] ?? 0)), 'litres'
                => $show->volume((float) ($product->label['litres'] ?? 0))]) }}</dd></div></dl>
            <p><a href="/products/{{ $product->id }}/edit">{{ __('act.edit') }}<span class="visually-hidden"> {{ $product->name }}</span></a></p>
        </article>
    @endforeach
    @forelse($products->filter(fn ($product) => $product->isForBench()) as $product)
        @php($core = $product->toCore())
        @php($spoon = $product->spoon())
        @php($against = $product->salt === null ? $product->coreLabel()->contradiction() : null)
        <article class="water-row jar-row">
            <div><h2>{{ $product->name }}</h2><p
                class="muted">{{ $core->salt
                ? __('names.salt.'.$core->salt->key).' · '.$core->salt->formula : __('shelf.index.by_label') }}@if($product->purity < 1) ·
                {{ $format::plain(100 * $product->purity, 1) }} %@endif</p>
            @if($against)<x-finding tone="heed"><b>{{ __('shelf.index.the_label_contradicts') }}</b> {{ say($against, 'bench') }}</x-finding>@endif</div>
            <dl class="strip-figures"><div><dt>{{ __('shelf.index.in_stock') }}</dt><dd>@if($product->stock === null){{ __('shelf.index.not_counted') }}
                @else{{ $names::figure($product->stock, 3) }} {{ $product->unit }}@endif</dd></div><div><dt>{{ __('shelf.index.a_level_spoon') }}</dt>
            <dd>{{ $spoon ? $names::figure($spoon->mean, 3).' ± '.$names::figure($spoon->spread, 2).' g' : '–' }}</dd></div><div>
            <dt>{{ __('shelf.index.n100_cost', ['what' => $product->unit]) }}</dt><dd>{{ $product->price > 0 ? $format::rounded($product->price, 2) : '–'
                }}</dd></div><div>
            <dt>{{ __('shelf.index.n1_in_1', ['what' => $product->unit]) }}</dt><dd>{{ $show->widths(
                $choices::parameter('conductivity'), 1)->text($choices::risePerGram($core)) }}</dd></div></dl>
            <p>@if($product->unit === 'g')<a class="act quiet" href="/products/{{ $product->id }}/spoon">{{ __('shelf.index.spoon') }}<span
                class="visually-hidden"> {{ __('shelf.index.of', ['name' => $product->name]) }}</span></a> @endif<a href="/products/{{ $product->id }}/edit">{{
                    __('act.edit') }}<span
                class="visually-hidden"> {{ $product->name }}</span></a></p>
        </article>
    @empty
        <div class="empty"><h2>{{ __('shelf.index.no_products_yet') }}</h2><p>{{ __('shelf.index.salts_by_their') }}</p><p><a class="act"
            href="/products/new">{{ __('shelf.index.add_a_product') }}</a></p></div>
    @endforelse
    <p class="caution"><x-icon name="exclamation-triangle"/> {{ $choices::caution('dust') }}</p>
</x-layout>
