<x-layout title="Products">
    <div class="page-head"><h1>Products</h1><span class="acts"><a href="/pen">Calibrate the pen</a> <a href="/recipes">Recipes</a> <a class="act quiet"
        href="/products/new"><x-icon name="plus-lg"/> Add a product</a></span></div>
    <x-supplies-nav/>
    @foreach($jars->filter(fn ($jar) => $jar->isConditioner()) as $jar)
        <article class="water-row jar-row">
            <div><h2>{{ $jar->name }}</h2><p class="muted">conditioner</p></div>
            <dl class="strip-figures"><div><dt>left</dt><dd>@if($jar->stock === null)not counted @else{{ $show->liquid($jar->stock) }}@endif</dd></div><div>
            <dt>its dose</dt><dd>{{ $jar->doseUnit()->text((float) $jar->label['dose'], $show) }} for
            {{ $show->volume((float) $jar->label['litres']) }}</dd></div><div>
            <dt>takes chlorine up to</dt><dd>{{ isset($jar->label['strength'])
            ? App\Units\Show::plain((float) $jar->label['strength'], 2).' mg/L' : '–' }}</dd></div></dl>
            <p><a href="/products/{{ $jar->id }}/edit">Change<span class="visually-hidden"> {{ $jar->name }}</span></a></p>
        </article>
    @endforeach
    @foreach($jars->filter(fn ($jar) => $jar->isAcid()) as $jar)
        <article class="water-row jar-row">
            <div><h2>{{ $jar->name }}</h2><p class="muted">{{ __('acid.kind.'.$jar->label['kind']) }}</p></div>
            <dl class="strip-figures"><div><dt>left</dt><dd>@if($jar->stock === null)not counted @else{{ $show->liquid($jar->stock) }}@endif</dd></div><div>
            <dt>strength</dt><dd>{{ App\Units\Show::plain((float) $jar->label['percent'], 2) }} %</dd></div></dl>
            <p><a href="/products/{{ $jar->id }}/edit">Change<span class="visually-hidden"> {{ $jar->name }}</span></a></p>
        </article>
    @endforeach
    @foreach($jars->filter(fn ($jar) => $jar->isFeed()) as $jar)
        <article class="water-row jar-row">
            <div><h2>{{ $jar->name }}</h2><p class="muted">{{ __('food.label.fertiliser') }}</p></div>
            <dl class="strip-figures"><div><dt>left</dt><dd>@if($jar->stock === null)not counted @else{{ $show->liquid($jar->stock) }}@endif</dd></div><div>
            <dt>its dose</dt><dd>{{ $show->liquid((float) ($jar->label['dose'] ?? 0)) }} for
            {{ $show->volume((float) ($jar->label['litres'] ?? 0)) }}</dd></div></dl>
            <p><a href="/products/{{ $jar->id }}/edit">Change<span class="visually-hidden"> {{ $jar->name }}</span></a></p>
        </article>
    @endforeach
    @forelse($jars->filter(fn ($jar) => $jar->isForBench()) as $jar)
        @php($core = $jar->toCore())
        @php($spoon = $jar->spoon())
        @php($against = $jar->salt === null ? $jar->coreLabel()->contradiction() : null)
        <article class="water-row jar-row">
            <div><h2>{{ $jar->name }}</h2><p
                class="muted">{{ $core->salt ? $core->salt->name.' · '.$core->salt->formula : 'by its label' }}@if($jar->purity < 1) ·
                {{ App\Units\Show::plain(100 * $jar->purity, 1) }} %@endif</p>
            @if($against)<p class="finding heed"><b>The label contradicts itself.</b> {{ $against }}</p>@endif</div>
            <dl class="strip-figures"><div><dt>left</dt><dd>@if($jar->stock === null)not counted
                @else{{ App\View\Words::figure($jar->stock, 3) }} {{ $jar->unit }}@endif</dd></div><div><dt>a level spoon</dt>
            <dd>{{ $spoon ? App\View\Words::figure($spoon->mean, 3).' ± '.App\View\Words::figure($spoon->spread, 2).' g' : '–' }}</dd></div><div>
            <dt>100 {{ $jar->unit }} cost</dt><dd>{{ $jar->price > 0 ? App\Units\Show::rounded($jar->price, 2) : '–' }}</dd></div><div>
            <dt>1 {{ $jar->unit }} in 1 L</dt><dd>{{ $show->widths(
                App\View\Choices::parameter('conductivity'), 1)->text(App\View\Choices::risePerGram($core)) }}</dd></div></dl>
            <p>@if($jar->unit === 'g')<a class="act quiet" href="/products/{{ $jar->id }}/spoon">Spoon<span
                class="visually-hidden"> of {{ $jar->name }}</span></a> @endif<a href="/products/{{ $jar->id }}/edit">Change<span
                class="visually-hidden"> {{ $jar->name }}</span></a></p>
        </article>
    @empty
        <div class="empty"><h2>No jar yet</h2><p>Salts by their formula, or a product by what its label says it raises: the bench makes recipes of what stands
            here.</p><p><a class="act" href="/products/new">Put a jar on the shelf</a></p></div>
    @endforelse
    <p class="caution"><x-icon name="exclamation-triangle"/> {{ App\View\Choices::caution('dust') }}</p>
</x-layout>
