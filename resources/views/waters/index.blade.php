<x-layout title="Source waters">
    <div class="page-head"><h1>Source waters</h1><a class="act quiet" href="/source-waters/new"><x-icon name="plus-lg"/> Add a source water</a></div>
    <x-supplies-nav/>
    @forelse($waters as $water)
        <article class="water-row">
            <div><h2><a href="/source-waters/{{ $water->id }}">{{ $water->name }}</a></h2>
            <p class="muted">{{ $water->kind->label() }}@if($water->note) · {{ $water->note }}@endif</p>
            @isset($left[$water->id])<p>{{ $left[$water->id]->words($show) }}</p>@endisset</div>
            <p class="num">@php($found = collect(App\View\Choices::all('parameter'))->map(fn ($p) => $latest[$water->id][$p->value] ??
                null)->filter()){{ $found->map(fn ($r) => $r->parameter->label().' '.$show->reading($r->toCore()))->implode(' · ') ?: 'not read yet' }}
            @if($found->isNotEmpty())<small>last {{ $show->day($found->max('taken_at')) }}</small>@endif</p>
            <p><a class="act" href="/source-waters/{{ $water->id }}/test">Read<span class="visually-hidden"> {{ $water->name }}</span></a> <a
                href="/source-waters/{{ $water->id }}/edit">Change<span class="visually-hidden"> {{ $water->name }}</span></a></p>
        </article>
    @empty
        <div class="empty"><h2>No water named yet</h2><p>Tap, rain, RO: what goes into a tank decides what a change can do.</p>
        <p><a class="act" href="/source-waters/new">Name a water</a></p></div>
    @endforelse
    @if($waters->isNotEmpty())
    <div class="page-head"><h2>Stores of RO water</h2><a class="act quiet" href="/ro-reservoirs/new"><x-icon name="plus-lg"/> Another store</a></div>
    @foreach($stores as $store)
        <article class="water-row"><div><h2><a href="/ro-reservoirs/{{ $store->id }}">{{ $store->name }}</a></h2></div>
        <p class="num">{{ $show->volumeNumber($store->level) }} of {{ $show->volume($store->capacity) }}</p>
        <p><a class="act quiet" href="/ro-reservoirs/{{ $store->id }}">Open<span class="visually-hidden"> {{ $store->name }}</span></a></p></article>
    @endforeach
    @include('parts.exchange', ['what' => 'analyses', 'schema' => 'analyses'])
    @endif
</x-layout>
