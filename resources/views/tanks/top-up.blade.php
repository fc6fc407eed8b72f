<x-layout :title="'Top-off in '.$tank->name" :loop="$loop">
    <h1>Top-off in {{ $tank->name }}</h1>
    <p class="lead-line">It loses <b class="num">{{ $page->evaporates() }}</b>. <span class="muted">{{ $page->restsOn() }}</span></p>
    @if($advice = $page->advice())<p class="finding {{ $advice->tone }}"><b>{{ $advice->head }}</b> {{ $advice->text }}</p>@endif
    <form class="row-fields" method="get" action="/tanks/{{ $tank->id }}/top-off">
        <div class="field"><label for="f-top_up">topped up with</label>
        <select id="f-top_up" name="top_up" data-reload>@foreach($tank->keeper->waters as $water)<option value="{{ $water->id }}"
            @selected($water->is($page->topUp))>{{ $water->name }}</option>@endforeach</select></div>
        <div class="field"><label for="f-change">changed with</label>
        <select id="f-change" name="change" data-reload>@foreach($tank->keeper->waters as $water)<option value="{{ $water->id }}"
            @selected($water->is($page->change))>{{ $water->name }}</option>@endforeach</select></div>
        <button class="act quiet no-script">Work it out</button>
    </form>
    @if($page->passive() !== '')<p>{{ $page->passive() }} <a href="/tanks/{{ $tank->id }}/targets#made">How that is known</a></p>@endif
    <p class="muted">{{ $show->percent($tank->routine_share) }} {{ App\View\Words::every($tank->routine_days) }} with {{ $page->changeName() }}.</p>
    @foreach($page->courses() as $row)
        <section class="course"><h2>{{ $row['label'] }} over a year</h2>
        @if($row['missing'])<p class="muted">{{ $row['missing'] }}</p>@else
        <p>Now <b class="num">{{ $row['now'] }}</b>; after a year <a class="num"
            href="?{{ App\View\Asked::query(request()) }}&amp;working={{ $row['parameter']->value }}"
            data-working="{{ $row['parameter']->value }}">{{ $row['settled'] }}</a> before each change, {{ $row['low'] }} after.</p>
        <svg class="trend" viewBox="-44 -6 352 106" role="img" aria-label="{{ $row['label'] }} over a year, from {{ $row['now'] }} to {{ $row['settled'] }}">
            <path class="tick-line" d="M0 0V80H300"/><text class="num" x="-5" y="8" text-anchor="end">{{ $row['most'] }}</text><text class="num" x="-5" y="84"
                text-anchor="end">0</text><text class="say" x="300" y="97" text-anchor="end">a year</text><text class="say" x="0" y="97">today</text>
            <polyline class="trend-pure" points="{{ $row['pure'] }}"/><polyline class="trend-line" points="{{ $row['path'] }}"/>
        </svg><p class="key">dashed: topped up with pure water</p>@endif
        </section>
    @endforeach
    <form class="inline-form" method="post" action="/tanks/{{ $tank->id }}/top-offs" novalidate>@csrf @if($page->topUp)<input type="hidden" name="water_id"
        value="{{ $page->topUp->id }}">@endif <x-field small name="litres" :label="'Topped up just now'.($page->topUp ? ' with '.$page->topUp->name : '')"
        :unit="$volume->label()" mode="decimal"/><button class="act">Keep</button></form>
    @if($page->topUps !== [])
    <table class="plain"><caption>Top-ups, newest first</caption><tbody>@foreach($page->topUps as $one)<tr><td>{{ $show->when($one->taken_at) }}</td>
    <td class="num">{{ $show->volume($one->litres, 1) }}</td><td>
    <form method="post" action="/tanks/{{ $tank->id }}/top-offs/{{ $one->id }}">@csrf @method('delete')<button class="quiet">Take out<span
        class="visually-hidden"> top-up of {{ $show->when($one->taken_at) }}</span></button></form></td></tr>@endforeach</tbody></table>
    @endif
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
