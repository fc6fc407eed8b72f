<x-layout :title="'Cycling of '.$tank->name" :loop="$loop">
    <div class="page-head"><h1>Cycling of {{ $tank->name }}</h1><a class="act quiet" href="/tanks/{{ $tank->id }}/test">Read</a></div>
    @if($page->known)
    <p class="lead-line">Day {{ $page->known->day }}, week {{ $page->week() }}. {{ $page->next() }}</p>
    <p>{{ $page->verdict() }} {{ $page->outlook() }}</p>
    @if($page->buffer())<p class="finding heed">{{ $page->buffer() }}</p>@endif
    <div class="start-scroll" tabindex="0" role="region" aria-label="Ammonium and nitrite by the week">
    @foreach($page->courses() as $course)
    <svg class="start-course" viewBox="0 0 {{ App\View\StartPage::WIDTH }} {{ App\View\StartPage::HIGH + 20 }}" role="img"
        aria-label="{{ $course['label'] }}: what is expected, with {{ count($course['dots']) }} readings">
        <text class="of" x="0" y="14">{{ $course['label'] }}</text><text class="say" x="0" y="30">{{ $course['unit'] }}</text>
        <text class="say" x="0" y="46">{{ $course['top'] }}</text>
        @foreach($page->weeks() as [$x, $week])<path class="tick" d="M{{ $x }} 4V{{ App\View\StartPage::HIGH }}"/><text class="say" x="{{ $x + 3 }}"
            y="{{ App\View\StartPage::HIGH + 15 }}">{{ $week }}</text>@endforeach
        <polygon class="band" points="{{ $course['band'] }}"/><polyline class="line" points="{{ $course['line'] }}"/>
        <path class="now" d="M{{ $page->x($page->known->day) }} 2V{{ App\View\StartPage::HIGH }}"/>
        @foreach($course['dots'] as [$x, $y, $high, $low, $said])<path class="read" d="M{{ $x }} {{ $high }}V{{ $low }}"/>
        <circle class="dot" cx="{{ $x }}" cy="{{ $y }}" r="4"><title>{{ $said }}</title></circle>@endforeach
    </svg>
    @endforeach
    </div>
    <p class="muted">{{ __('start.model', ['factor' => $show->percent($page->known->model->factor()),
        'source' => App\Units\Show::rounded($page->known->expected->factors[0], 1), 'pace' => App\Units\Show::rounded($page->known->expected->factors[1], 2),
        'first' => App\Units\Show::rounded($page->known->expected->factors[2], 1)]) }} The weeks stand along the foot, the band holds eight of ten cases.</p>
    <section aria-labelledby="weeks-title"><h2 id="weeks-title">The weeks</h2><ol class="plain-list phases">
        @foreach($page->phases() as $phase)<li @class(['here' => $phase['here']]) @if($phase['here']) aria-current="step" @endif><b
            class="num">{{ $phase['weeks'] }}</b> <span>{{ $phase['text'] }}</span></li>@endforeach</ol></section>
    @if($page->asksForHardness())<p class="finding heed">{{ __('start.ask_hardness') }} <a
        href="/tanks/{{ $tank->id }}/test">{{ __('round.act.read') }}</a></p>@endif
    @if($page->first() !== [])
    <section aria-labelledby="first-title"><h2 id="first-title">Who may be first, once it is ready</h2><ul>@foreach($page->first() as $one)<li><b
        class="num">{{ $one['count'] }}</b> {{ mb_strtolower($one['name']) }}</li>@endforeach</ul><p class="muted">One of these, at most, by <a
        data-working="first" href="/tanks/{{ $tank->id }}/cycling?working=first">what the filter has had to take so far</a>; the rest two weeks later, a
        third at a time.</p>@includeWhen($isWorkingAsked, 'parts.open-working')</section>
    @endif
    @if($page->start->source->value === 'dosed')
    <form class="act-line" method="post" action="/tanks/{{ $tank->id }}/cycling/doses" novalidate>@csrf<x-field name="dose" label="Ammonia given today"
        unit="mg/L N" mode="decimal" value="1.5" small/><button class="act quiet">Given</button></form>
    <p class="caution"><x-icon name="exclamation-triangle"/> Ammonia burns eyes and skin: gloves and glasses, never near chlorine bleach.</p>
    @endif
    @endif
    <details @if(!$page->known || $errors->any()) open @endif><summary>{{ $page->known ? 'How it is started' : 'How is it started?' }}</summary>
    <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/cycling" novalidate>@csrf<div class="row-fields">
        <x-choice name="way" label="Way" :options="App\View\StartPage::ways()" :value="$page->start?->way->value ?? 'planted'"/>
        <x-choice name="source" label="Ammonia comes from" :options="App\View\StartPage::sources()" :value="$page->start?->source->value ?? 'soil'"/>
        <x-field name="begun_on" label="Filled on" type="date" :value="$page->start?->begun_on->format('Y-m-d') ?? $today->format('Y-m-d')"/></div>
        <label class="tick"><input type="checkbox" name="plenty" value="1" @checked($page->start?->plenty ?? true)> <span>Young soil is changed
            much</span></label><p class="muted">{{ __('start.schools') }}</p>
        <button class="act">Follow it</button></form>
    @if($page->known)<form method="post" action="/tanks/{{ $tank->id }}/cycling">@csrf @method('delete')<button class="act quiet">Follow it no
        longer</button></form>@endif
    </details>
</x-layout>
