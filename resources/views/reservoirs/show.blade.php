<x-layout :title="$reservoir->name">
    <div class="page-head"><h1>{{ $reservoir->name }}</h1><span class="acts"><a href="/ro-reservoirs/{{ $reservoir->id }}/edit">{{ __('act.edit') }}</a> <a
        href="/source-waters">{{ __('water.page.all') }}</a></span></div>
    <div class="two-halves">
    <section aria-label="{{ __('store.page.level') }}">
        <div class="store-level"><svg viewBox="0 0 80 120" aria-hidden="true">
        <rect class="store-water" x="6" y="{{ round(6 + 108 * (1 - $page->filled()), 1) }}" width="68" height="{{ round(108 * $page->filled(), 1) }}"/>
        <path class="store-glass" d="M6 4V114H74V4"/></svg>
        <p class="lead-line"><b class="num">{{ $show->volumeNumber($reservoir->level, 1) }}</b> {{ __('store.page.of', ['all' =>
            $show->volume($reservoir->capacity)]) }}<br><small>{{ $page->fullIn() }}
            <a href="?working=run" data-working="run">{{ __('act.working') }}</a></small></p></div>
        <form class="inline-form" method="post" action="/ro-reservoirs/{{ $reservoir->id }}/level" novalidate>@csrf<x-field small name="level"
            :label="__('store.page.see')"
            :unit="$volume->label()" mode="decimal"/><button class="act quiet">{{ __('store.page.save_level') }}</button></form>
        @if($instruments::has($keeper, $instruments::UNIT))<form method="post" action="/ro-reservoirs/{{ $reservoir->id }}/ask">@csrf<button
            class="act">{{ __('store.page.ask') }}</button></form>@endif
        <p class="caution"><x-icon name="exclamation-triangle"/> {{ $choices::caution('store_above') }}</p>
    </section>
    <section aria-label="{{ __('store.page.membrane') }}">
        <h2>{{ __('store.page.membrane') }}</h2>
        <x-findings :findings="$page->findings()"/>
        @if($chart = $page->chart())<x-chart :chart="$chart"/><p class="key">{{ __('store.chart.key') }}</p>@endif
        <form class="inline-form" method="post" action="/ro-reservoirs/{{ $reservoir->id }}/rejections" novalidate>@csrf
            <x-field small name="in" :label="__('store.page.in')" :unit="$show->unit($choices::parameter('conductivity'))->label"
                mode="decimal"/><x-field small
                name="out" :label="__('store.page.out')" :unit="$show->unit($choices::parameter('conductivity'))->label" mode="decimal"/>
            <x-field small name="output" :label="__('store.page.output')" unit="mL" mode="decimal"/>
            <label class="tick"><input type="checkbox" name="first" value="1"> {{ __('store.page.first') }}</label><button
                class="act quiet">{{ __('store.page.save_test') }}</button></form>
        @if($reservoir->rejections->isNotEmpty())<details class="more"><summary>{{ __('store.page.tests') }}</summary><table class="plain">
        <tbody>@foreach($reservoir->rejections->reverse()->take(20) as $one)<tr><td>{{ $show->when($one->taken_at) }}</td>
        <td class="num">{{ $show->number($choices::parameter('conductivity'), $one->conductivity_in) }} →
            {{ $show->value($choices::parameter('conductivity'), $one->conductivity_out) }}</td>
        <td class="num">@if($one->millilitres_a_minute !== null){{ $format::plain($one->millilitres_a_minute, 0) }} mL/min @endif</td><td>
        <form method="post" action="/ro-reservoirs/{{ $reservoir->id }}/rejections/{{ $one->id }}">@csrf @method('delete')<button class="quiet">{{
            __('act.delete') }}<span
            class="visually-hidden">: {{ $show->when($one->taken_at) }}</span></button></form></td></tr>@endforeach</tbody></table></details>@endif
    </section>
    </div>
    <section aria-labelledby="evening-title"><h2 id="evening-title">{{ __('store.page.tonight') }}</h2>
        <form method="get" action="/ro-reservoirs/{{ $reservoir->id }}" novalidate><div class="row-fields">
            @foreach($keeper->tanks as $tank)
            <div class="field small"><label for="f-need-{{ $tank->id }}">{{ $tank->name }}</label><span class="entry"><input id="f-need-{{ $tank->id }}"
                name="need[{{ $tank->id }}]"
                value="{{ is_array(request('need')) && is_scalar(request('need')[$tank->id] ?? null) ? request('need')[$tank->id]
                    : $format::plain($volume->fromLitres($page->needs[$tank->id] ?? 0), 1) }}"
                inputmode="decimal" autocomplete="off" maxlength="12"
                aria-describedby="e-need-{{ $tank->id }}"><span class="unit">{{ $volume->label() }}</span></span>
                <p class="fault" id="e-need-{{ $tank->id }}">{{ $page->faults[$tank->id] ?? '' }}</p></div>
            @endforeach
        </div><button class="act quiet">{{ __('act.work_out') }}</button></form>
        @if($page->evening() !== [])
        <table class="plain"><thead><tr><th>{{ __('store.page.order') }}</th><th>{{ __('store.page.needs') }}</th><th>{{ __('store.page.ready')
            }}</th><th>{{ __('store.page.left') }}</th></tr></thead>
        <tbody>@foreach($page->evening() as $line)<tr><th scope="row">{{ $line['name'] }}</th><td class="num">{{ $line['litres'] }}</td>
        <td>{{ $line['ready'] }}</td><td class="num">{{ $line['left'] }}</td></tr>@endforeach</tbody></table>
        <p class="muted">{{ __('store.page.why') }}</p>
        @endif
    </section>
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
