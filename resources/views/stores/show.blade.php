<x-layout :title="$store->name">
    <div class="page-head"><h1>{{ $store->name }}</h1><span class="acts"><a href="/ro-reservoirs/{{ $store->id }}/edit">Change</a> <a class="act quiet"
        href="/source-waters">To the waters</a></span></div>
    <div class="two-halves">
    <section aria-label="Level">
        <div class="store-level"><svg viewBox="0 0 80 120" aria-hidden="true">
        <rect class="store-water" x="6" y="{{ round(6 + 108 * (1 - $page->filled()), 1) }}" width="68" height="{{ round(108 * $page->filled(), 1) }}"/>
        <path class="store-glass" d="M6 4V114H74V4"/></svg>
        <p><b class="num">{{ $show->volumeNumber($store->level, 1) }}</b> of {{ $show->volume($store->capacity) }}<br><span
            class="muted">{{ $page->fullIn() }}</span><br><a href="?working=run" data-working="run">working</a></p></div>
        <form class="inline-form" method="post" action="/ro-reservoirs/{{ $store->id }}/level" novalidate>@csrf<x-field small name="level" label="I see"
            :unit="$volume->label()" mode="decimal"/><button class="act quiet">Keep level</button></form>
        @if(App\Devices\Devices::has($keeper, App\Devices\Devices::UNIT))<form method="post" action="/ro-reservoirs/{{ $store->id }}/ask">@csrf<button
            class="act">Ask the unit</button></form>@endif
        <p class="caution"><x-icon name="exclamation-triangle"/> {{ App\View\Choices::caution('store_above') }}</p>
    </section>
    <section aria-label="Membrane">
        <h2>What the membrane holds back</h2>
        <x-findings :findings="$page->findings()"/>
        @if($page->points() !== [])
        <svg class="trend" viewBox="-34 -6 340 94" role="img" aria-label="Rejection over time, {{ count($page->points()) }} readings">
            @foreach([1.0, 0.95, 0.9, 0.85] as $mark)<path class="tick-line" d="M0 {{ App\View\StorePage::y($mark) }}H300"/><text class="num" x="-5"
                y="{{ App\View\StorePage::y($mark) + 4 }}" text-anchor="end">{{ round(100 * $mark) }}</text>@endforeach
            @if($line = $page->line())<path class="trend-line" d="M{{ $line[0] }} {{ $line[1] }}L{{ $line[2] }} {{ $line[3] }}"/>@endif
            @foreach($page->points() as [$x, $y, $first])<circle @class(['first' => $first]) cx="{{ $x }}" cy="{{ $y }}" r="3"/>@endforeach
        </svg>
        <p class="key">% held back; hollow: first output after standing, left out of the trend</p>
        @endif
        <form class="inline-form" method="post" action="/ro-reservoirs/{{ $store->id }}/rejections" novalidate>@csrf
            <x-field small name="in" label="goes in" :unit="$show->unit(App\View\Choices::parameter('conductivity'))->label" mode="decimal"/><x-field small
                name="out" label="comes out" :unit="$show->unit(App\View\Choices::parameter('conductivity'))->label" mode="decimal"/>
            <x-field small name="output" label="in a minute, if measured" unit="mL" mode="decimal"/>
            <label class="tick"><input type="checkbox" name="first" value="1"> first output after standing</label><button
                class="act quiet">Keep reading</button></form>
        @if($store->rejections->isNotEmpty())<details class="more"><summary>Readings of the unit</summary><table class="plain">
        <tbody>@foreach($store->rejections->reverse()->take(20) as $one)<tr><td>{{ $show->when($one->taken_at) }}</td>
        <td class="num">{{ $show->number(App\View\Choices::parameter('conductivity'), $one->conductivity_in) }} →
            {{ $show->value(App\View\Choices::parameter('conductivity'), $one->conductivity_out) }}</td>
        <td class="num">@if($one->millilitres_a_minute !== null){{ App\Units\Show::plain($one->millilitres_a_minute, 0) }} mL/min @endif</td><td>
        <form method="post" action="/ro-reservoirs/{{ $store->id }}/rejections/{{ $one->id }}">@csrf @method('delete')<button class="quiet">Take out<span
            class="visually-hidden"> reading of {{ $show->when($one->taken_at) }}</span></button></form></td></tr>@endforeach</tbody></table></details>@endif
    </section>
    </div>
    <section aria-labelledby="evening-title"><h2 id="evening-title">An evening from this store</h2>
        <form method="get" action="/ro-reservoirs/{{ $store->id }}" novalidate><div class="row-fields">
            @foreach($keeper->tanks as $tank)
            <div class="field small"><label for="f-need-{{ $tank->id }}">{{ $tank->name }}</label><span class="entry"><input id="f-need-{{ $tank->id }}"
                name="need[{{ $tank->id }}]"
                value="{{ is_array(request('need')) && is_scalar(request('need')[$tank->id] ?? null) ? request('need')[$tank->id]
                    : App\Units\Show::plain($volume->fromLitres($page->needs[$tank->id] ?? 0), 1) }}"
                inputmode="decimal" autocomplete="off" maxlength="12"
                aria-describedby="e-need-{{ $tank->id }}"><span class="unit">{{ $volume->label() }}</span></span>
                <p class="fault" id="e-need-{{ $tank->id }}">{{ $page->faults[$tank->id] ?? '' }}</p></div>
            @endforeach
        </div><button class="act quiet">Plan it</button></form>
        @if($page->evening() !== [])
        <table class="plain"><thead><tr><th>In this order</th><th>Litres</th><th>There</th><th>Left in the store</th></tr></thead>
        <tbody>@foreach($page->evening() as $line)<tr><th scope="row">{{ $line['name'] }}</th><td class="num">{{ $line['litres'] }}</td>
        <td>{{ $line['ready'] }}</td><td class="num">{{ $line['left'] }}</td></tr>@endforeach</tbody></table>
        <p class="muted">The smallest first, so that work begins while the rest fills; the unit runs from now on.</p>
        @endif
    </section>
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
