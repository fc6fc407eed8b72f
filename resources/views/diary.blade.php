@php($base = $tank ? '/tanks/'.$tank->id.'/log' : '/log')
<x-layout :title="$tank ? 'Log of '.$tank->name : 'Log'" :loop="$loop">
    <div class="page-head"><h1>{{ $tank ? 'Log of '.$tank->name : 'Log' }}</h1>@if($tank)<a
        href="/tanks/{{ $tank->id }}/water-changes/create">Note a change already made</a> @endif
        @if($tank ?? null)<a href="/tanks/{{ $tank->id }}/charts">{{ __('course.link') }}</a> @endif
        <a href="/log/readings.csv" download><x-icon
        name="download"/> All readings as CSV</a></div>
    <nav class="kinds" aria-label="Kinds">
        <a href="{{ $base }}" @if($kind === null) aria-current="true" @endif>Everything</a>
        @foreach(App\Models\EntryKind::cases() as $k)<a href="{{ $base }}?kind={{ $k->value }}" @if($kind === $k) aria-current="true"
            @endif>{{ $k->label() }}</a>@endforeach
    </nav>
    <details class="more write" @if($errors->any()) open @endif><summary>Write something down</summary>
        <form method="post" action="/log" novalidate>@csrf
            <div class="row-fields">
                <x-choice name="kind" label="Kind" :value="'note'"
                    :options="collect(App\Models\EntryKind::written())->mapWithKeys(fn ($k) => [$k->value => $k->one()])"/>
                <x-choice name="tank_id" label="Tank" :value="$tank?->id" :options="$tanks->pluck('name', 'id')->prepend('none in particular', '')"/>
                <x-field name="happened_at" label="When" type="datetime-local" :value="now(auth()->user()->timezone)->format('Y-m-d\TH:i')"/>
            </div>
            <x-field name="title" label="What happened" maxlength="200"/>
            <div class="field"><label for="f-body">More, if you like</label><textarea id="f-body" name="body" rows="3"
                aria-describedby="e-f-body">{{ is_string(old('body')) ? old('body') : '' }}</textarea><p class="fault"
                id="e-f-body">@error('body'){{ $message }}@enderror</p></div>
            <button class="act">Write it down</button>
        </form>
    </details>
    <ol class="diary">
    @php($day = null)
    @forelse($entries as $entry)
        @php($d = $show->day($entry->happened_at))
        @if($d !== $day)<li class="day"><h2>{{ ucfirst($d) }}</h2></li>@php($day = $d)@endif
        <li class="entry-row {{ $entry->kind->value }}">
            <span class="num">{{ $show->time($entry->happened_at) }}</span>
            <div><b>@if($entry->run_id && $entry->kind === App\Models\EntryKind::Change)<a
                href="/checklists/{{ $entry->run_id }}/forecast-check">{{ $entry->title }}</a>@else{{ $entry->title }}@endif</b>
                <small>{{ $entry->kind->one() }}@if(!$tank && $entry->tank) · {{ $entry->tank->name }}@elseif($entry->water) ·
                    {{ $entry->water->name }}@endif</small>
                @php($results = $entry->readings->map(fn ($r): string => $r->parameter->label().' '.$show->reading($r->toCore())))
                @if($results->isNotEmpty())<p class="num">{{ $results->take(3)->implode(' · ') }}</p>@endif
                @php($more = $results->count() - 3)
                @if($more > 0)<details><summary>{{ trans_choice('run.entry.more', $more, ['count' => $more]) }}</summary>
                    <p class="num">{{ $results->skip(3)->implode(' · ') }}</p></details>@endif
                @if($entry->body)<p>{{ $entry->body }}</p>@endif
            </div>
            <a class="quiet" href="/entries/{{ $entry->id }}/edit" aria-label="Put “{{ $entry->title }}” right"><x-icon name="pencil"/></a>
            <form method="post" action="/entries/{{ $entry->id }}">@csrf @method('delete')<button class="quiet"
                aria-label="Take “{{ $entry->title }}” out of the diary"><x-icon name="trash"/></button></form>
        </li>
    @empty
        <li class="day"><p class="muted">Nothing {{ $kind ? 'of this kind ' : '' }}yet. Readings and checklists write themselves down here.</p></li>
    @endforelse
    </ol>
    {{ $entries->links() }}
</x-layout>
