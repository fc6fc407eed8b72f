{{-- A word of the hobby, explained one tap away: as a sign beside a label, or the word itself where one is put in. --}}
@props(['key', 'tank' => null])
@php($term = $glossary::find($key))
@if($term)<a @class(['term', 'term--sign' => $slot->isEmpty()]) data-term
    href="/glossary/{{ $term->key }}{{ $tank ? '?tank='.$tank->id : '' }}">@if($slot->isEmpty())<span aria-hidden="true">{{ __('glossary.short')
    }}</span><span class="visually-hidden">{{ __('glossary.ask', ['term' => $term->name]) }}</span>@else{{ $slot }}@endif</a>@else{{ $slot }}@endif
