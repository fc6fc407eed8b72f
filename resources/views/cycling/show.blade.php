<x-layout :title="__('start.page.title', ['tank' => $tank->name])" :loop="$loop">
    <div class="page-head"><h1>{{ __('start.page.title', ['tank' => $tank->name]) }} <x-term key="cycling"/></h1>@if($page->known)<a class="act"
        href="/tanks/{{ $tank->id }}/test">{{ __('act.test') }}</a>@endif</div>
    @if($page->known)
    <p class="lead-line">{{ __('start.page.day', ['day' => $page->known->day, 'week' => $page->week()]) }} {{ $page->next() }}</p>
    @if($page->start->source->value === 'dosed')
    <form class="act-line" method="post" action="/tanks/{{ $tank->id }}/cycling/doses" novalidate>@csrf<x-field name="dose" :label="__('start.page.dose')"
        unit="mg/L N" mode="decimal" value="1.5" small/><button class="act quiet">{{ __('start.page.dosed') }}</button></form>
    <p class="caution"><x-icon name="exclamation-triangle"/> {{ __('start.page.burns') }}</p>
    @endif
    <p>{{ $page->verdict() }} {{ $page->outlook() }}</p>
    @if($page->buffer())<x-finding tone="heed">{{ $page->buffer() }}</x-finding>@endif
    @foreach($page->charts() as $chart)
    <section class="course"><h2>{{ $chart->title }} <small>{{ $chart->unit }}</small></h2><x-chart :chart="$chart"/></section>
    @endforeach
    <p class="muted">{{ __('start.page.band') }}</p>
    <details class="more" @sure><summary>{{ __('start.page.how') }}</summary><p class="muted">{{ __('start.model', ['factor' =>
        $show->percent($page->known->model->factor()),
        'source' => $format::rounded($page->known->expected->factors[0], 1), 'pace' => $format::rounded($page->known->expected->factors[1], 2),
        'first' => $format::rounded($page->known->expected->factors[2], 1)]) }}</p></details>
    <section aria-labelledby="weeks-title"><h2 id="weeks-title">{{ __('start.page.weeks') }}</h2><ol class="plain-list phases">
        @foreach($page->phases() as $phase)<li @class(['here' => $phase['here']]) @if($phase['here']) aria-current="step" @endif><b
            class="num">{{ $phase['weeks'] }}</b> <span>{{ $phase['text'] }}</span></li>@endforeach</ol></section>
    @if($page->asksForHardness())<x-finding tone="heed">{{ __('start.ask_hardness') }} <a
        href="/tanks/{{ $tank->id }}/test">{{ __('round.act.read') }}</a></x-finding>@endif
    @if($page->first() !== [])
    <section aria-labelledby="first-title"><h2 id="first-title">{{ __('start.page.first') }}</h2><ul>@foreach($page->first() as $one)<li><b
        class="num">{{ $one['count'] }}</b> {{ $one['name'] }}</li>@endforeach</ul><p class="muted">{{ __('start.page.one_of') }} <a
        data-working="first" href="/tanks/{{ $tank->id }}/cycling?working=first">{{ __('act.working') }}</a></p>@includeWhen($isWorkingAsked,
        'parts.open-working')</section>
    @endif
    @else
    <p class="lead-line">{{ __('start.page.empty') }}</p>
    @endif
    <details @if(!$page->known || $errors->any()) open @endif><summary>{{ __('start.page.set_up') }}</summary>
    <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/cycling" novalidate>@csrf<div class="row-fields">
        <x-choice name="way" :label="__('start.page.method')" :options="$page::ways()" :value="$page->start?->way->value ?? 'planted'"/>
        <x-choice name="source" :label="__('start.page.source')" :options="$page::sources()" :value="$page->start?->source->value ?? 'soil'"/>
        <x-field name="begun_on" :label="__('start.page.filled')" type="date"
            :value="$page->start?->begun_on->format('Y-m-d') ?? $today->format('Y-m-d')"/></div>
        <label class="tick"><input type="checkbox" name="plenty" value="1" @checked($page->start?->plenty ?? true)> <span>{{ __('start.page.plenty')
            }}</span></label><p class="muted">{{ __('start.schools') }}</p>
        <button class="act">{{ __($page->known ? 'act.save' : 'start.page.begin') }}</button></form>
    @if($page->known)<form method="post" action="/tanks/{{ $tank->id }}/cycling">@csrf @method('delete')<button
        class="act quiet">{{ __('start.page.stop') }}</button></form>@endif
    </details>
</x-layout>
