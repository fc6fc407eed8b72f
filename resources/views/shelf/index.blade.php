<x-layout :title="__('shelf.index.products')">
    <div class="page-head"><h1>{{ __('shelf.index.products') }}</h1><span class="acts"><a href="/pen">{{ __('shelf.index.calibrate_the_tds') }}</a> <a
        href="/recipes">{{ __('shelf.index.recipes') }}</a> <a class="act quiet"
        href="/products/new"><x-icon name="plus-lg"/> {{ __('shelf.index.add_a_product') }}</a></span></div>
    <x-supplies-nav/>
    @foreach($jars->filter(fn ($jar) => $jar->isConditioner()) as $jar)
        <article class="water-row jar-row">
            <div><h2>{{ $jar->name }}</h2><p class="muted">{{ __('shelf.index.dechlorinator') }}</p></div>
            <dl class="strip-figures"><div><dt>{{ __('shelf.index.in_stock') }}</dt><dd>@if($jar->stock === null){{ __('shelf.index.not_counted') }}
                @else{{ $show->liquid($jar->stock) }}@endif</dd></div><div>
            <dt>{{ __('shelf.index.label_dose') }}</dt><dd>{{ __('shelf.index.for', ['what' => $jar->doseUnit()->text((float) $jar->label['dose'], $show),
                'litres' => $show->volume((float) $jar->label['litres'])]) }}</dd></div><div>
            <dt>{{ __('shelf.index.removes_chlorine_up') }}</dt><dd>{{ isset($jar->label['strength'])
            ? App\Units\Show::plain((float) $jar->label['strength'], 2).' mg/L' : '–' }}</dd></div></dl>
            <p><a href="/products/{{ $jar->id }}/edit">{{ __('act.edit') }}<span class="visually-hidden"> {{ $jar->name }}</span></a></p>
        </article>
    @endforeach
    @foreach($jars->filter(fn ($jar) => $jar->isAcid()) as $jar)
        <article class="water-row jar-row">
            <div><h2>{{ $jar->name }}</h2><p class="muted">{{ __('acid.kind.'.$jar->label['kind']) }}</p></div>
            <dl class="strip-figures"><div><dt>{{ __('shelf.index.in_stock') }}</dt><dd>@if($jar->stock === null){{ __('shelf.index.not_counted') }}
                @else{{ $show->liquid($jar->stock) }}@endif</dd></div><div>
            <dt>{{ __('shelf.index.strength') }}</dt><dd>{{ App\Units\Show::plain((float) $jar->label['percent'], 2) }} %</dd></div></dl>
            <p><a href="/products/{{ $jar->id }}/edit">{{ __('act.edit') }}<span class="visually-hidden"> {{ $jar->name }}</span></a></p>
        </article>
    @endforeach
    @foreach($jars->filter(fn ($jar) => $jar->isFeed()) as $jar)
        <article class="water-row jar-row">
            <div><h2>{{ $jar->name }}</h2><p class="muted">{{ __('food.label.fertiliser') }}</p></div>
            <dl class="strip-figures"><div><dt>{{ __('shelf.index.in_stock') }}</dt><dd>@if($jar->stock === null){{ __('shelf.index.not_counted') }}
                @else{{ $show->liquid($jar->stock) }}@endif</dd></div><div>
            <dt>{{ __('shelf.index.label_dose') }}</dt><dd>{{ __('shelf.index.for', ['what' => $show->liquid((float) ($jar->label['dose'] ?? 0)), 'litres'
                => $show->volume((float) ($jar->label['litres'] ?? 0))]) }}</dd></div></dl>
            <p><a href="/products/{{ $jar->id }}/edit">{{ __('act.edit') }}<span class="visually-hidden"> {{ $jar->name }}</span></a></p>
        </article>
    @endforeach
    @forelse($jars->filter(fn ($jar) => $jar->isForBench()) as $jar)
        @php($core = $jar->toCore())
        @php($spoon = $jar->spoon())
        @php($against = $jar->salt === null ? $jar->coreLabel()->contradiction() : null)
        <article class="water-row jar-row">
            <div><h2>{{ $jar->name }}</h2><p
                class="muted">{{ $core->salt
                ? __('names.salt.'.$core->salt->key).' · '.$core->salt->formula : __('shelf.index.by_label') }}@if($jar->purity < 1) ·
                {{ App\Units\Show::plain(100 * $jar->purity, 1) }} %@endif</p>
            @if($against)<x-finding tone="heed"><b>{{ __('shelf.index.the_label_contradicts') }}</b> {{ say($against, 'bench') }}</x-finding>@endif</div>
            <dl class="strip-figures"><div><dt>{{ __('shelf.index.in_stock') }}</dt><dd>@if($jar->stock === null){{ __('shelf.index.not_counted') }}
                @else{{ App\View\Names::figure($jar->stock, 3) }} {{ $jar->unit }}@endif</dd></div><div><dt>{{ __('shelf.index.a_level_spoon') }}</dt>
            <dd>{{ $spoon ? App\View\Names::figure($spoon->mean, 3).' ± '.App\View\Names::figure($spoon->spread, 2).' g' : '–' }}</dd></div><div>
            <dt>{{ __('shelf.index.n100_cost', ['what' => $jar->unit]) }}</dt><dd>{{ $jar->price > 0 ? App\Units\Show::rounded($jar->price, 2) : '–'
                }}</dd></div><div>
            <dt>{{ __('shelf.index.n1_in_1', ['what' => $jar->unit]) }}</dt><dd>{{ $show->widths(
                App\View\Choices::parameter('conductivity'), 1)->text(App\View\Choices::risePerGram($core)) }}</dd></div></dl>
            <p>@if($jar->unit === 'g')<a class="act quiet" href="/products/{{ $jar->id }}/spoon">{{ __('shelf.index.spoon') }}<span
                class="visually-hidden"> {{ __('shelf.index.of', ['name' => $jar->name]) }}</span></a> @endif<a href="/products/{{ $jar->id }}/edit">{{
                    __('act.edit') }}<span
                class="visually-hidden"> {{ $jar->name }}</span></a></p>
        </article>
    @empty
        <div class="empty"><h2>{{ __('shelf.index.no_products_yet') }}</h2><p>{{ __('shelf.index.salts_by_their') }}</p><p><a class="act"
            href="/products/new">{{ __('shelf.index.add_a_product') }}</a></p></div>
    @endforelse
    <p class="caution"><x-icon name="exclamation-triangle"/> {{ App\View\Choices::caution('dust') }}</p>
</x-layout>
