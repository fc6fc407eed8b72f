@php($run = $page->run)
<x-layout :title="'Forecast check at '.$run->tank->name" :loop="$loop">
    @if($run->changes_water)
    <div class="page-head"><h1>Did it work?</h1><p class="muted">Change of {{ $show->when($run->finished_at) }}:
        {{ $show->volume($page->litres()) }}, {{ $show->percent($page->share()) }}, with {{ $run->plan->source ?? '' }}</p></div>
    @else
    <div class="page-head"><h1>How did it go?</h1><p class="muted">Session of {{ $show->when($run->finished_at) }}, without a water change</p></div>
    @endif
    @if(!$run->changes_water)
    @elseif($page->rows === [])
        <div class="empty"><h2>Nothing to hold it against yet</h2><p>The forecast waits for a reading, right after or on the next day.</p>
        <p><a class="act" href="/tanks/{{ $run->tank_id }}/test">Read now</a></p></div>
    @else
    <div class="look-back">
        <p class="lead-figure"><span class="figure"><b>{{ $page->held() }}</b> of {{ count($page->rows) }}</span><span>figures came as forecast</span></p>
        <x-findings :findings="$page->findings()"/>
        @foreach(['right after', 'next day'] as $when)
            @php($rows = array_filter($page->rows, fn ($row) => $row->when === $when))
            @continue($rows === [])
            <details class="more"><summary>{{ __('look_back.fold', ['when' => __('look_back.when.'.($when === 'next day' ? 'next' : 'after')),
                'held' => count(array_filter($rows, fn ($row) => $row->holds())), 'count' => count($rows)]) }}</summary>
            <table class="forecast look-back-table"><thead><tr><th scope="col">Parameter</th><th scope="col">before</th><th scope="col">forecast</th>
            <th scope="col">measured</th><th scope="col">said in words</th></tr></thead><tbody>
            @foreach($rows as $row)
                @php($p = $row->parameter)
                <tr @class(['beyond' => !$row->holds()])>
                    <th scope="row">{{ $p->label() }}<small>{{ $show->unit($p)->label }}</small></th>
                    <td class="num">{{ $row->before ? $show->number($p, $row->before->central, $row->before->halfWidth()) : '–' }}</td>
                    <td class="num">@if($when === 'right after' && $p->mixes())<a href="?working={{ $p->value }}"
                        data-working="{{ $p->value }}">{{ $show->number($p, $row->forecast->central,
                        $row->forecast->halfWidth()) }}</a>@else{{ $show->number($p, $row->forecast->central, $row->forecast->halfWidth()) }}@endif<small>±
                        {{ $show->plusMinus($p, $row->forecast->halfWidth()) }}</small></td>
                    <td class="num after">{{ $show->number($p, $row->measured->central(),
                        $row->measuredHalfWidth()) }}@if($row->measuredHalfWidth() > 0)<small>±
                        {{ $show->plusMinus($p, $row->measuredHalfWidth()) }}</small>@endif</td>
                    <td>{{ $row->holds() ? 'as forecast' : ($row->measured->central() < $row->forecast->central ? 'lower than forecast' :
                        'higher than forecast') }}</td>
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
        <p class="key"><span class="k spread"></span> forecast <span class="k measured"></span> measured <span class="k goal"></span> before</p>
        @unless($page->hasNextDay() || $page->isPast())<p><a class="act" href="/tanks/{{ $run->tank_id }}/test">Read on the next day</a></p>@endunless
    </div>
    @endif
    @includeWhen($isWorkingAsked, 'parts.open-working')
    @if($cuts = $page->cuts())
    <section class="look-back" aria-labelledby="cuts-title"><h2 id="cuts-title">What was cut</h2>
        <table class="plain cuts">
            <thead><tr><th scope="col">Stand</th><th scope="col">forecast</th><th scope="col">found</th><th scope="col">left</th>
            <th scope="col">full again</th></tr></thead>
            <tbody>
            @foreach($cuts as $cut)
            <tr @class(['beyond' => $cut->holds === false])>
                <th scope="row"><i>{{ $cut->name }}</i></th>
                <td class="num">{{ $cut->forecast }}</td>
                <td class="num">{{ $cut->found }}@if($cut->holds !== null)<small>{{ $cut->holds ? 'as forecast' : 'beside the forecast' }}</small>@endif</td>
                <td class="num">{{ $cut->left }}</td>
                <td class="num">{{ $cut->full }}</td>
            </tr>
            @endforeach
            </tbody>
        </table>
        <p class="muted">{{ __('plants.worse_first') }}@if(array_sum(array_column($cuts, 'surplus')) > 0) <a
            href="/spare-cuttings">Spare cuttings</a>@endif</p>
    </section>
    @endif
    @php([$then, $now] = $page->fixedSpot())
    @if($then && $now)
    <section class="compare" data-compare aria-labelledby="compare-title"><h2 id="compare-title">From the fixed spot</h2>
        <div class="compare-frame"><img src="/photos/{{ $then->id }}" width="{{ $then->width }}" height="{{ $then->height }}"
            alt="The tank {{ $show->day($then->taken_at) }}"><img class="over" src="/photos/{{ $now->id }}" width="{{ $now->width }}"
            height="{{ $now->height }}" alt="The tank {{ $show->day($now->taken_at) }}"></div>
        <label for="compare">{{ ucfirst($show->day($then->taken_at)) }} <span class="visually-hidden">against</span> <input id="compare" type="range" min="0"
            max="100" value="50"> {{ $show->day($now->taken_at) }}</label>
    </section>
    @endif
    @if($photos = $page->photos())<h2>Photos</h2><div class="photos">@foreach($photos as $photo)<a href="/photos/{{ $photo->id }}"><img
        src="/photos/{{ $photo->id }}" width="{{ $photo->width }}" height="{{ $photo->height }}" alt="Photo of {{ $show->time($photo->taken_at) }}"
        loading="lazy"></a>@endforeach</div>@endif
    <h2>The session</h2>
    <dl class="facts">
        <div><dt>Time</dt><dd>{{ App\Units\Show::minutes($page->takenMinutes()) }}, planned about
            {{ App\Units\Show::minutes($page->plannedMinutes()) }}{{ $run->guessed_minutes === null ? '' :
            ', guessed '.App\Units\Show::minutes($run->guessed_minutes) }}</dd></div>
        <div><dt>Switched</dt><dd>@php($ticks = $run->switches->filter(fn ($t) => $t->off_at))@if($ticks->isEmpty())nothing was switched off
            @else{{ $ticks->map(fn ($t) => $t->device->word().' '.$show->time($t->off_at).'–'.($t->on_at ? $show->time($t->on_at) :
            'still off'))->implode(', ') }}@endif</dd></div>
        <div><dt>Skipped</dt>
        <dd>{{ $page->skipped() === [] ? 'nothing' : implode(', ', array_map(fn ($s) => lcfirst($s->content->title).($s->note ?
            ' ('.$s->note.')' : ''), $page->skipped())) }}</dd></div>
        @if($missed = $page->missedPatches())<div><dt>Bed</dt>
        <dd>not reached, so next: {{ count($missed) === 1 ? 'patch' : 'patches' }} {{ App\View\Words::list(array_map(strval(...), $missed)) }}</dd></div>@endif
        @if($after = $page->afterJobs())<div><dt>Afterwards</dt>
        <dd>@foreach($after as $job)@if($job->done_at){{ lcfirst($job->job->title()) }}: done
            {{ $show->when($job->done_at) }}@elseif($job->due_until->isPast()){{ lcfirst($job->job->title()) }}: not done @else<a
            href="/checklists/{{ $run->id }}/after/{{ $job->job->value }}">{{ lcfirst($job->job->title()) }}</a>{{ $job->due_from->isFuture() ?
            ' from '.$show->when($job->due_from) : '' }}@endif{{ $loop->last ? '' : '; ' }}@endforeach</dd></div>@endif
    </dl>
    @if($page->minutes() !== [])<details class="more"><summary>Minutes, step by step</summary><table class="plain"><thead><tr><th scope="col">Step</th>
    <th scope="col">planned</th><th scope="col">taken</th></tr></thead><tbody>@foreach($page->minutes() as [$title, $planned, $taken])<tr>
    <td>{{ $title }}</td><td class="num">{{ $planned }}</td><td class="num">{{ $taken ?? 'skipped' }}</td></tr>@endforeach</tbody></table></details>@endif
</x-layout>
