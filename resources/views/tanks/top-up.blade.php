<x-layout :title="__('creep.page.title', ['tank' => $tank->name])" :loop="$loop">
    <h1>{{ __('creep.page.title', ['tank' => $tank->name]) }} <x-term key="top_off"/></h1>
    <p class="lead-line">{{ $page->evaporates() }}</p>
    <form class="inline-form" method="post" action="/tanks/{{ $tank->id }}/top-offs" novalidate>@csrf @if($page->topOff)<input type="hidden"
        name="source_water_id"
        value="{{ $page->topOff->id }}">@endif <x-field small name="litres"
        :label="$page->topOff ? __('creep.page.just_now_with', ['water' => $page->topOff->name]) : __('creep.page.just_now')"
        :unit="$volume->label()" mode="decimal"/><button class="act">{{ __('creep.page.log') }}</button></form>
    @if($advice = $page->advice())<x-finding :tone="$advice->tone"><b>{{ $advice->head }}</b> {{ $advice->text }}</x-finding>@endif
    <form class="row-fields" method="get" action="/tanks/{{ $tank->id }}/top-off">
        <div class="field"><label for="f-top_up">{{ __('creep.page.top_off_with') }}</label>
        <select id="f-top_up" name="top_up" data-reload>@foreach($tank->keeper->waters as $water)<option value="{{ $water->id }}"
            @selected($water->is($page->topOff))>{{ $water->name }}</option>@endforeach</select></div>
        <div class="field"><label for="f-change">{{ __('creep.page.change_with') }}</label>
        <select id="f-change" name="change" data-reload>@foreach($tank->keeper->waters as $water)<option value="{{ $water->id }}"
            @selected($water->is($page->change))>{{ $water->name }}</option>@endforeach</select></div>
        <button class="act quiet no-script">{{ __('act.work_out') }}</button>
    </form>
    <p class="muted">{{ __('creep.page.routine', ['share' => $show->percent($tank->routine_share), 'every' => $names::every($tank->routine_days),
        'water' => $page->changeName()]) }}</p>
    @foreach($page->courses() as $row)
        <section><h2>{{ __('creep.page.year', ['what' => $row['label']]) }} @if($row['chart'])<small>{{ $row['chart']->unit }}</small>@endif</h2>
        @if($row['missing'])<p class="muted">{{ $row['missing'] }}</p>@else
        <p>{{ __('creep.page.ends', ['now' => $row['now'], 'before' => $row['settled'], 'after' => $row['low']]) }} <a
            href="?{{ $pageQuery::query(request()) }}&amp;working={{ $row['parameter']->value }}"
            data-working="{{ $row['parameter']->value }}">{{ __('act.working') }}<span class="visually-hidden">: {{ $row['label'] }}</span></a></p>
        <x-chart :chart="$row['chart']"/>@endif
        </section>
    @endforeach
    <p class="muted">{{ __('creep.page.key') }}</p>
    <details class="more" @sure><summary>{{ __('creep.page.how') }}</summary><p class="muted">{{ $page->restsOn() }}</p>
        @if($page->passive() !== '')<p>{{ $page->passive() }} <a href="/tanks/{{ $tank->id }}/targets#made">{{ __('act.working') }}</a></p>@endif</details>
    @if($page->topOffs !== [])
    <table class="plain"><caption>{{ __('creep.page.list') }}</caption><tbody>@foreach($page->topOffs as $one)<tr><td>{{ $show->when($one->taken_at) }}</td>
    <td class="num">{{ $show->volume($one->litres, 1) }}</td><td>
    <form method="post" action="/tanks/{{ $tank->id }}/top-offs/{{ $one->id }}">@csrf @method('delete')<button class="quiet">{{ __('act.delete') }}<span
        class="visually-hidden"> {{ __('creep.page.one', ['day' => $show->when($one->taken_at)]) }}</span></button></form></td></tr>@endforeach</tbody></table>
    @endif
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
