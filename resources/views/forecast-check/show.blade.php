@php($checklist = $page->checklist)
<x-layout :title="__('look_back.show.title', ['tank' => $checklist->tank->name])" :loop="$loop">
    @if($checklist->changes_water)
    <div class="page-head"><h1>{{ __('look_back.show.forecast_check') }} <x-term key="forecast"/></h1><p class="muted">{{
        __('look_back.show.change_of_with', ['day' =>
        $show->when($checklist->finished_at), 'litres' => $show->volume($page->litres()), 'share' => $show->percent($page->share()),
        'what' => $checklist->plan->source
        ?? '']) }}</p></div>
    @else
    <div class="page-head"><h1>{{ __('look_back.show.how_did_it') }}</h1><p class="muted">{{ __('look_back.show.maintenance_of_without', ['day' =>
        $show->when($checklist->finished_at)]) }}</p></div>
    @endif
    @if(!$checklist->changes_water)
    @elseif($page->rows === [])
        <div class="empty"><h2>{{ __('look_back.show.not_tested_yet') }}</h2><p>{{ __('look_back.show.test_right_after') }}</p>
        <p><a class="act" href="/tanks/{{ $checklist->tank_id }}/test">{{ __('act.test') }}</a></p></div>
    @else
    <div class="look-back">
        <p class="lead-figure"><span class="figure"><b>{{ $page->held() }}</b> {{ __('look_back.show.of', ['count' => count($page->rows)])
            }}</span><span>{{ __('look_back.show.values_as_forecast') }}</span></p>
        <x-findings :findings="$page->findings()"/>
        @foreach(['after', 'next'] as $when)
            @php($rows = array_filter($page->rows, fn ($row) => $row->when === $when))
            @continue($rows === [])
            <details class="more" @sure><summary>{{ __('look_back.fold', ['when' => __('look_back.when.'.$when),
                'held' => count(array_filter($rows, fn ($row) => $row->holds())), 'count' => count($rows)]) }}</summary>
            <table class="forecast look-back-table"><thead><tr><th scope="col">{{ __('look_back.show.parameter') }}</th><th scope="col">{{
                __('look_back.show.before') }}</th><th scope="col">{{ __('look_back.show.forecast') }}</th>
            <th scope="col">{{ __('look_back.show.tested') }}</th><th scope="col">{{ __('look_back.show.in_words') }}</th></tr></thead><tbody>
            @foreach($rows as $row)
                @php($p = $row->parameter)
                <tr @class(['beyond' => !$row->holds()])>
                    <th scope="row">{{ label($p) }}<small>{{ $show->unit($p)->label }}</small></th>
                    <td class="num">{{ $row->before ? $show->number($p, $row->before->central, $row->before->halfWidth()) : '–' }}</td>
                    <td class="num">@if($when === 'right after' && $p->mixes())<a href="?working={{ $p->value }}"
                        data-working="{{ $p->value }}">{{ $show->number($p, $row->forecast->central,
                        $row->forecast->halfWidth()) }}</a>@else{{ $show->number($p, $row->forecast->central, $row->forecast->halfWidth()) }}@endif<small>±
                        {{ $show->plusMinus($p, $row->forecast->halfWidth()) }}</small></td>
                    <td class="num after">{{ $show->number($p, $row->measured->central(),
                        $row->measuredHalfWidth()) }}@if($row->measuredHalfWidth() > 0)<small>±
                        {{ $show->plusMinus($p, $row->measuredHalfWidth()) }}</small>@endif</td>
                    <td>{{ __($row->holds() ? 'look_back.show.held' : ($row->measured->central() < $row->forecast->central ? 'look_back.show.lower'
                        : 'look_back.show.higher')) }}</td>
                </tr>
                <tr class="drawn" aria-hidden="true"><td colspan="5"><svg class="band tall" viewBox="0 0 100 16" preserveAspectRatio="none">
                    <path class="scale" d="M0 8h100"/>
                    <path class="spread" d="M{{ $row->at($row->forecast->low) }} 5H{{ $row->at($row->forecast->high) + .5 }}"/>
                    <path class="measured" d="M{{ $row->at($row->measured->quantile(.1)) }} 11H{{ $row->at($row->measured->quantile(.9)) + .5 }}"/>
                    @if($row->before)<path class="goal" d="M{{ $row->at($row->before->central) }} 1v14"/>@endif
                </svg></td></tr>
            @endforeach
            </tbody></table></details>
        @endforeach
        <p class="key"><span class="k spread"></span> {{ __('look_back.show.forecast') }} <span class="k measured"></span> {{ __('look_back.show.tested')
            }} <span class="k goal"></span> {{ __('look_back.show.before') }}</p>
        @unless($page->hasNextDay() || $page->isPast())<p><a class="act" href="/tanks/{{ $checklist->tank_id }}/test">{{ __('look_back.show.test_the_next')
            }}</a></p>@endunless
    </div>
    @endif
    @includeWhen($isWorkingAsked, 'parts.open-working')
    @if($cuts = $page->cuts())
    <section class="look-back" aria-labelledby="cuts-title"><h2 id="cuts-title">{{ __('look_back.show.trimmed') }}</h2>
        <table class="plain cuts">
            <thead><tr><th scope="col">{{ __('look_back.show.plant_group') }}</th><th scope="col">{{ __('look_back.show.forecast') }}</th><th
                scope="col">{{ __('look_back.show.found') }}</th><th scope="col">{{ __('look_back.show.left') }}</th>
            <th scope="col">{{ __('look_back.show.full_again') }}</th></tr></thead>
            <tbody>
            @foreach($cuts as $cut)
            <tr @class(['beyond' => $cut->holds === false])>
                <th scope="row"><i>{{ $cut->name }}</i></th>
                <td class="num">{{ $cut->forecast }}</td>
                <td class="num">{{ $cut->found }}@if($cut->holds !== null)<small>{{ __($cut->holds ? 'look_back.show.held' : 'look_back.show.other')
                    }}</small>@endif</td>
                <td class="num">{{ $cut->left }}</td>
                <td class="num">{{ $cut->full }}</td>
            </tr>
            @endforeach
            </tbody>
        </table>
        <p class="muted">{{ __('plants.worse_first') }}@if(array_sum(array_column($cuts, 'surplus')) > 0) <a
            href="/spare-cuttings">{{ __('look_back.show.spare_cuttings') }}</a>@endif</p>
    </section>
    @endif
    @php([$then, $now] = $page->fixedSpot())
    @if($then && $now)
    <section class="compare" data-compare aria-labelledby="compare-title"><h2 id="compare-title">{{ __('look_back.show.from_the_same') }}</h2>
        <div class="compare-frame"><img src="/photos/{{ $then->id }}" width="{{ $then->width }}" height="{{ $then->height }}"
            alt="{{ __('look_back.show.the_tank', ['day' => $show->day($then->taken_at)]) }}"><img class="over" src="/photos/{{ $now->id }}"
                width="{{ $now->width }}"
            height="{{ $now->height }}" alt="{{ __('look_back.show.the_tank', ['day' => $show->day($now->taken_at)]) }}"></div>
        <label for="compare">{{ ucfirst($show->day($then->taken_at)) }} <span class="visually-hidden">{{ __('look_back.show.compared_with') }}</span>
            <input id="compare" type="range" min="0"
            max="100" value="50"> {{ $show->day($now->taken_at) }}</label>
    </section>
    @endif
    @if($photos = $page->photos())<h2>{{ __('look_back.show.photos') }}</h2><div class="photos">@foreach($photos as $photo)<a
        href="/photos/{{ $photo->id }}"><img
        src="/photos/{{ $photo->id }}" width="{{ $photo->width }}" height="{{ $photo->height }}" alt="{{ __('look_back.show.photo_of',
            ['day' => $show->time($photo->taken_at)]) }}"
        loading="lazy"></a>@endforeach</div>@endif
    <h2>{{ __('look_back.show.checklist') }}</h2>
    <dl class="facts">
        <div><dt>{{ __('look_back.show.time') }}</dt><dd>{{ __($checklist->guessed_minutes === null ? 'look_back.show.took' : 'look_back.show.took_guessed',
            ['taken' => $format::minutes($page->takenMinutes()),
        'planned' => $format::minutes($page->plannedMinutes()), 'guessed' => $format::minutes($checklist->guessed_minutes ?? 0)]) }}</dd></div>
        <div><dt>{{ __('look_back.show.switched_off') }}</dt><dd>@php($ticks = $checklist->switches->filter(fn ($t) => $t->off_at))@if($ticks->isEmpty()){{
            __('look_back.show.nothing_was_switched') }}
            @else{{ $ticks->map(fn ($t) => word($t->device).' '.$show->time($t->off_at).'–'.($t->on_at ? $show->time($t->on_at) :
            __('look_back.show.still_off')))->implode(', ') }}@endif</dd></div>
        <div><dt>{{ __('look_back.show.skipped') }}</dt>
        <dd>{{ $page->skipped() === [] ? __('look_back.show.nothing') : implode(', ', array_map(fn ($s) => lcfirst($s->title()).($s->note ?
            ' ('.$s->note.')' : ''), $page->skipped())) }}</dd></div>
        @if($missed = $page->missedZones())<div><dt>{{ __('look_back.show.gravel_vac') }}</dt>
        <dd>{{ trans_choice('look_back.show.missed', count($missed), ['zones' => $names::list(array_map(strval(...), $missed))]) }}</dd></div>@endif
        @if($after = $page->followUps())<div><dt>{{ __('look_back.show.follow_up') }}</dt>
        <dd>@foreach($after as $job)@if($job->done_at){{ __('look_back.show.done_at', ['what' => $stepWords::after($job->job), 'day' =>
            $show->when($job->done_at)])
            }}@elseif($job->due_until->isPast()){{ __('look_back.show.not_done', ['what' => $stepWords::after($job->job)]) }} @else<a
            href="/checklists/{{ $checklist->id }}/after/{{ $job->job->value }}">{{ $stepWords::after($job->job) }}</a>
            {{ $job->due_from->isFuture() ? __('look_back.show.from', ['day' => $show->when($job->due_from)]) : '' }}@endif{{ $loop->last ? '' : '; '
                }}@endforeach</dd></div>@endif
    </dl>
    @if($page->minutes() !== [])<details class="more"><summary>{{ __('look_back.show.minutes_step_by') }}</summary><table class="plain"><thead><tr><th
        scope="col">{{ __('look_back.show.step') }}</th>
    <th scope="col">{{ __('look_back.show.planned') }}</th><th scope="col">{{ __('look_back.show.taken')
        }}</th></tr></thead><tbody>@foreach($page->minutes() as [$title, $planned, $taken])<tr>
    <td>{{ $title }}</td><td class="num">{{ $planned }}</td><td class="num">{{ $taken ?? __('look_back.show.skipped_word')
        }}</td></tr>@endforeach</tbody></table></details>@endif
</x-layout>
