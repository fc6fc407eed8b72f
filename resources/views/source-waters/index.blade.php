<x-layout :title="__('water.index.source_waters')">
    <div class="page-head"><h1>{{ __('water.index.source_waters') }} <x-term key="source_water"/></h1><a class="act quiet" href="/source-waters/new"><x-icon
        name="plus-lg"/> {{
        __('water.index.add_a_source') }}</a></div>
    <x-supplies-nav/>
    @forelse($waters as $water)
        <article class="water-row">
            <div><h2><a href="/source-waters/{{ $water->id }}">{{ $water->name }}</a></h2>
            <p class="muted">{{ label($water->kind) }}@if($water->note) · {{ $water->note }}@endif</p>
            @isset($left[$water->id])<p>{{ $left[$water->id]->words($show) }}</p>@endisset</div>
            <p class="num">@php($found = collect($choices::all('parameter'))->map(fn ($p) => $latest[$water->id][$p->value] ??
                null)->filter()){{ $found->map(fn ($r) => label($r->parameter).' '.$show->reading($r->toCore()))->implode(' · ') ?:
                    __('water.index.untested') }}
            @if($found->isNotEmpty())<small>{{ __('water.index.tested', ['day' => $show->day($found->max('taken_at'))]) }}</small>@endif</p>
            <p><a class="act" href="/source-waters/{{ $water->id }}/test">{{ __('act.test') }}<span class="visually-hidden"> {{ $water->name }}</span></a> <a
                href="/source-waters/{{ $water->id }}/edit">{{ __('act.edit') }}<span class="visually-hidden"> {{ $water->name }}</span></a></p>
        </article>
    @empty
        <div class="empty"><h2>{{ __('water.index.no_source_water') }}</h2><p>{{ __('water.index.tap_rain_ro') }}</p>
        <p><a class="act" href="/source-waters/new">{{ __('water.index.add_a_source') }}</a></p></div>
    @endforelse
    @if($waters->isNotEmpty())
    <div class="page-head"><h2>{{ __('water.index.ro_reservoirs') }}</h2><a class="act quiet" href="/ro-reservoirs/new"><x-icon name="plus-lg"/> {{
        __('water.index.add_an_ro') }}</a></div>
    @foreach($reservoirs as $reservoir)
        <article class="water-row"><div><h2><a href="/ro-reservoirs/{{ $reservoir->id }}">{{ $reservoir->name }}</a></h2></div>
        <p class="num">{{ __('water.index.of', ['litres' => $show->volumeNumber($reservoir->level), 'litres_too' => $show->volume($reservoir->capacity)]) }}</p>
        <p><a class="act quiet" href="/ro-reservoirs/{{ $reservoir->id }}">{{ __('water.index.open') }}<span class="visually-hidden"> {{ $reservoir->name
            }}</span></a></p></article>
    @endforeach
    @include('parts.exchange', ['what' => 'analyses', 'schema' => 'analyses'])
    @endif
</x-layout>
