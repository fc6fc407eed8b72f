@php($show = $page->show)
@php($last = min($page->from + $page::DAYS, $page::AHEAD) - 1)
<x-layout :title="__('week.show.week')" wide>
<div class="week-page">
    <div class="page-head"><h1>{{ __('week.show.week') }}</h1>
        <span class="acts"><a href="/tasks">{{ __('week.show.all_tasks') }}</a> <a href="/helpers">{{ __('week.show.going_away') }}</a></span></div>
    @if($page->week->placement->isCutShort)<x-finding tone="heed">{{ __('week.cut_short') }}</x-finding>@endif
    @if(is_string($feed))
    <div class="finding heed feed-shown"><p>{{ __('week.feed.made') }}</p><p><input id="feed-address" readonly value="{{ $feed }}"
        aria-label="{{ __('week.show.calendar_link') }}"></p></div>
    @endif
    @php($ready = $page->from === 0 ? $page->ready() : [])
    @php($urgent = $page->from === 0 ? $page->urgent() : [])
    @if($ready !== [])
    <section class="ready" aria-labelledby="ready-title"><h2 id="ready-title">{{ __('week.show.prepare_first') }}</h2><ul>
        @foreach($ready as $i => $one)
        @if($i === 1)
        </ul><details id="more-ready"><summary>{{ trans_choice('week.ready.more', count($ready) - 1, ['count' => count($ready) - 1]) }}</summary><ul>
        @endif
        <li @class(['late' => $one->isLate])><a href="{{ $one->url }}">{{ $one->what }}</a>@if($one->why !== '') <span>{{ $one->why }}
            </span>@endif</li>
        @endforeach
    </ul>@if(count($ready) > 1)</details>@endif</section>
    @endif
    <nav class="span-of" aria-label="{{ __('week.show.which_days') }}">
        @if($page->from > 0)<a class="act quiet" href="/week?from={{ max(0, $page->from - 7) }}">{{ __('week.show.earlier') }}</a>@endif
        <b class="num">{{ __('week.show.to_4', ['day' => $page->week->today->addDays($page->from)->translatedFormat('D j M'), 'until' =>
            $page->week->today->addDays($last)->translatedFormat('D j M')]) }}</b>
        @if($last < $page::AHEAD - 1)<a class="act quiet" href="/week?from={{ $page->from + 7 }}">{{ __('week.show.later') }}</a>@endif
    </nav>
    <ol class="week-days" data-week>
        @foreach($page->days() as $day)
        <li @class(['week-day', 'today' => $day->number === 0, 'over' => $day->over() > 0, 'none' => $day->free === 0]) data-day="{{ $day->number }}">
            <div class="day-head"><h2>{{ $day->day->translatedFormat('D j M') }}@if($day->number === 0) <small>{{ __('week.show.today') }}</small>@endif</h2>
                <svg class="load" viewBox="0 0 100 6" preserveAspectRatio="none" aria-hidden="true"><rect class="free" width="100" height="6"/><rect
                    class="taken" width="{{ round(100 * $day->share(), 1) }}" height="6"/></svg>
                <p class="num">@if($day->free === 0){{ __('week.day.none') }}@if($day->taken > 0), {{ __('week.show.of_work', ['minutes' =>
                    $format::minutes($day->taken)]) }} @endif @else{{ __('week.day.minutes', ['taken' => $day->taken === 0 ? __('week.day.empty') :
                    $format::minutes($day->taken),
                    'free' => $format::minutes($day->free)]) }}@endif @if($day->over() > 0 && $day->free > 0)
                    <b>{{ __('week.day.over', ['count' => $day->over()]) }}</b>@endif</p>
                @if($day->number === 0 && count($day->sessions) > 1)<p class="taken-by"><a href="/tonight">{{ __('week.in_order') }}</a></p>@endif
                @if($day->doses !== '')<p class="taken-by">@if($day->number === 0 && $day->doseTank !== null)<a
                    href="/tanks/{{ $day->doseTank }}/fertilising">{{ $day->doses }}</a>@else{{ $day->doses }}@endif</p>@endif
                @if($day->says !== '')<p class="taken-by">{{ $day->says }}</p>@endif
            </div>
            <div class="sessions">
            @if($urgent !== [] && $day->number === 0)
            <ul class="urgent-now">@foreach($urgent as $one)<li @class(['alarm' => $one['line']->isAlarm()])><a
                href="/tanks/{{ $one['tank']->id }}">{{ $one['tank']->name }}</a>: <b>{{ $one['line']->head }}.</b></li>@endforeach</ul>
            @endif
            @foreach($day->sessions as $session)
            <section class="sitting"><div class="sitting-head"><h3>@if($session->tank)<a
                href="/tanks/{{ $session->tank->id }}">{{ $session->name() }}</a>@else{{ $session->name() }}@endif</h3>
                <span class="num">{{ $format::minutes($session->minutes) }}</span>
                @if($session->url)<a class="act quiet" href="{{ $session->url }}">{{ __($day->number === 0 ? 'act.plan' : 'week.show.open')
                    }}<span class="visually-hidden">: {{ $session->name() }}, {{ $day->day->translatedFormat('D j M') }}</span></a>@endif</div>
                <ul>
                @foreach($session->jobs as $job)
                    @php($why = $page->why($job))
                    @php($name = $jobWords::job($job, $show))
                    @php($moves = !$job->isSet && !isset($page->week->with[$job->id()]))
                    <li class="lot" @if($moves) draggable="true" data-job="{{ $job->id() }}" @endif>
                        <span class="what">{{ $name }} <small class="num">{{ $job->minutes }} min</small></span>
                        <div class="under">@if($why !== '')<small class="why">{{ $why }}</small>@endif
                        @if($moves)
                        <details class="move" hx-get="{{ $page->moveUrl($job) }}" hx-trigger="toggle once" hx-target="find .days"><summary>{{
                            __('week.show.move') }}<span
                            class="visually-hidden">: {{ $name }}</span></summary>
                            <div class="days"><a href="{{ $page->moveUrl($job) }}">{{ __('week.show.to_which_day') }}<span class="visually-hidden">: {{
                                $name }}</span></a></div>
                        </details>
                        @endif
                        </div>
                        @if($job->kind->key === 'pen' && $job->day() <= 1)
                        <form class="done" method="post" action="/settings/pens/{{ $job->key->of }}">@csrf<button
                            class="act quiet">{{ __('week.show.calibrated') }}<span class="visually-hidden">: {{ $name }}</span></button></form>
                        @endif
                        @if($job->key->type->value === 'chore' && $job->day() <= 1)
                        <form class="done" method="post" action="/tasks/{{ $job->of }}/done">@csrf
                            @if($job->kind->comes->value === 'learned')<span class="asks">{{ __('week.show.done_there_was') }}</span>
                            @foreach($choices::all('found') as $found)<button class="act quiet" name="found"
                                value="{{ $found->value }}">{{ __('week.found.'.$found->value) }}<span class="visually-hidden">:
                                {{ __('week.show.is_done', ['name' => $name]) }}</span></button>@endforeach
                            @else<button class="act quiet">{{ __('act.done') }}<span class="visually-hidden">: {{ $name }}</span>
                                </button>@endif
                        </form>
                        @endif
                    </li>
                @endforeach
                </ul>
            </section>
            @endforeach
            @if($day->sessions === [])<p class="muted">{{ $day->number === 0 && $urgent === [] ? __('week.nothing_today') : '' }}</p>@endif
            </div>
        </li>
        @endforeach
    </ol>
    <p class="drop-cost" id="drop-cost" role="status" hidden></p>
    <div class="week-set">
    <details @if($errors->hasAny(['minutes.*', 'hours.*', 'set_up'])) open @endif><summary>{{ __('week.show.your_usual_week') }}</summary>
        <form class="plain-form" method="post" action="/week/habits" novalidate>@csrf @method('put')
            <div class="habit-days">
            @foreach([...array_slice($names::weekdays(), 1), $names::weekdays()[0]] as $n => $name)
                <fieldset><legend>{{ $name }}</legend><x-field :name="'minutes['.$n.']'" :label="__('week.show.minutes')"
                    :value="$page->week->habits->minutes[$n]"
                    mode="numeric"
                    small/><x-field :name="'hours['.$n.']'" :label="__('week.show.from')" :value="$page->week->habits->hours[$n]" small/></fieldset>
            @endforeach
            </div>
            <x-field name="set_up" :label="__('week.show.set_up_and')" :value="$page->week->habits->setUp" unit="min" mode="numeric"/>
            <button class="act">{{ __('act.save') }}</button>
        </form>
    </details>
    <details @if($errors->hasAny(['from_day', 'until_day', 'note', 'file'])) open @endif><summary>{{ __('week.show.absences_and_busy') }}</summary>
        @foreach($keeper->absences as $away)
        <form class="act-line" method="post" action="/week/away/{{ $away->id }}">@csrf @method('delete')<span>{{ __('week.show.to_4', ['day' =>
            $away->from_day->translatedFormat('j M Y'), 'until' => $away->until_day->translatedFormat('j M Y')]) }}@if($away->note): {{ $away->note
                }}@endif</span> <button
            class="act quiet">{{ __('act.delete') }}<span
            class="visually-hidden"> {{ __('week.show.the_absence_from', ['day' => $away->from_day->translatedFormat('j M')]) }}</span></button></form>
        @endforeach
        <form class="plain-form" method="post" action="/week/away" novalidate>@csrf<div class="row-fields"><x-field name="from_day"
            :label="__('week.show.away_from')"
            type="date"/>
            <x-field name="until_day" :label="__('week.show.to')" type="date"/><x-field name="note" :label="__('week.show.why')"/></div><button
                class="act">{{ __('act.save') }}</button></form>
        <form class="plain-form" method="post" action="/week/busy" enctype="multipart/form-data" novalidate>@csrf
            <div class="field"><label for="f-file">{{ __('week.show.import_busy_times') }}</label><input id="f-file" type="file" name="file"
                accept=".ics,text/calendar" aria-describedby="e-f-file"><p class="fault"
            id="e-f-file">@error('file'){{ $message }}@enderror</p></div><button class="act quiet">{{ __('act.import') }}</button></form>
        @if($keeper->calendarBlocks()->exists())<form method="post" action="/week/busy">@csrf @method('delete')<button class="act quiet">{{
            __('week.show.delete_the_busy') }}</button></form>@endif
    </details>
    <details><summary>{{ __('week.show.in_your_calendar') }}</summary>
        <p>{{ __('week.show.a_link_for') }}</p>
        <form class="act-line" method="post" action="/week/feed">@csrf<button class="act quiet">{{ __($keeper->feed_hash === null ? 'week.show.link_make' :
            'week.show.link_another') }}</button></form>
        @if($keeper->feed_hash !== null)<form class="act-line" method="post" action="/week/feed">@csrf @method('delete')<button class="act quiet">{{
            __('week.show.delete_the_link') }}</button></form>@endif
    </details>
    </div>
</div>
</x-layout>
