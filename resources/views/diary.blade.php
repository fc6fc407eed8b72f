@php($base = $tank ? '/tanks/'.$tank->id.'/log' : '/log')
<x-layout :title="$tank ? __('log.page.title', ['tank' => $tank->name]) : __('layout.layout.log')" :loop="$loop">
    <div class="page-head"><h1>{{ $tank ? __('log.page.title', ['tank' => $tank->name]) : __('layout.layout.log') }}</h1>@if($tank)<a
        href="/tanks/{{ $tank->id }}/water-changes/create">{{ __('log.page.log_a_water') }}</a> @endif
        @if($tank ?? null)<a href="/tanks/{{ $tank->id }}/charts">{{ __('course.link') }}</a> @endif
        <a href="/log/readings.csv" download><x-icon
        name="download"/> {{ __('log.page.all_results_as') }}</a></div>
    <nav class="kinds" aria-label="{{ __('log.page.kinds_of_entries') }}">
        <a href="{{ $base }}" @if($kind === null) aria-current="true" @endif>{{ __('log.page.all') }}</a>
        @foreach($choices::all('entry') as $k)<a href="{{ $base }}?kind={{ $k->value }}" @if($kind === $k) aria-current="true"
            @endif>{{ label($k) }}</a>@endforeach
    </nav>
    <details class="more write" @if($errors->any()) open @endif><summary>{{ __('log.page.add_an_entry') }}</summary>
        <form method="post" action="/log" novalidate>@csrf
            <div class="row-fields">
                <x-choice name="kind" :label="__('log.page.kind')" :value="'note'"
                    :options="$choices::ofEntries()"/>
                <x-choice name="tank_id" :label="__('log.page.tank')" :value="$tank?->id" :options="$tanks->pluck('name',
                    'id')->prepend(__('log.page.any_tank'), '')"/>
                <x-field name="happened_at" :label="__('log.page.when')" type="datetime-local" :value="now(auth()->user()->timezone)->format('Y-m-d\TH:i')"/>
            </div>
            <x-field name="title" :label="__('log.page.what_happened')" maxlength="200"/>
            <div class="field"><label for="f-body">{{ __('log.page.details') }}</label><textarea id="f-body" name="body" rows="3"
                aria-describedby="e-f-body">{{ is_string(old('body')) ? old('body') : '' }}</textarea><p class="fault"
                id="e-f-body">@error('body'){{ $message }}@enderror</p></div>
            <button class="act">{{ __('act.save') }}</button>
        </form>
    </details>
    <ol class="diary">
    @php($day = null)
    @forelse($entries as $entry)
        @php($d = $show->day($entry->happened_at))
        @if($d !== $day)<li class="day"><h2>{{ ucfirst($d) }}</h2></li>@php($day = $d)@endif
        <li class="entry-row {{ $entry->kind->value }}">
            <span class="num">{{ $show->time($entry->happened_at) }}</span>
            <div><b>@if($entry->checklist_id && $entry->kind->value === 'change')<a
                href="/checklists/{{ $entry->checklist_id }}/forecast-check">{{ $entry->title }}</a>@else{{ $entry->title }}@endif</b>
                <small>{{ __('names.entry.'.$entry->kind->value) }}@if(!$tank && $entry->tank) · {{ $entry->tank->name }}@elseif($entry->water) ·
                    {{ $entry->water->name }}@endif</small>
                @php($results = $entry->readings->map(fn ($r): string => label($r->parameter).' '.$show->reading($r->toCore())))
                @if($results->isNotEmpty())<p class="num">{{ $results->take(3)->implode(' · ') }}</p>@endif
                @php($more = $results->count() - 3)
                @if($more > 0)<details><summary>{{ trans_choice('run.entry.more', $more, ['count' => $more]) }}</summary>
                    <p class="num">{{ $results->skip(3)->implode(' · ') }}</p></details>@endif
                @if($entry->body)<p>{{ $entry->body }}</p>@endif
            </div>
            <a class="quiet" href="/entries/{{ $entry->id }}/edit" aria-label="{{ __('log.page.edit', ['what' => $entry->title]) }}"><x-icon name="pencil"/></a>
            <form method="post" action="/entries/{{ $entry->id }}">@csrf @method('delete')<button class="quiet"
                aria-label="{{ __('log.page.delete', ['what' => $entry->title]) }}"><x-icon name="trash"/></button></form>
        </li>
    @empty
        <li class="day"><p class="muted">{{ __($kind ? 'log.page.none_of_kind' : 'log.page.none') }}</p></li>
    @endforelse
    </ol>
    {{ $entries->links() }}
</x-layout>
