{{-- A sentence of judgement: its tone has a sign and a word for whoever does not see the colour. --}}
@props(['tone' => 'note', 'tag' => 'p'])
@php($icon = ['beyond' => 'exclamation-octagon', 'heed' => 'exclamation-triangle', 'good' => 'check-lg', 'note' => 'info-circle'][$tone] ?? 'info-circle')
<{{ $tag }} {{ $attributes->class(['finding', $tone]) }}><x-icon :name="$icon"/><span class="visually-hidden">{{ __('layout.tone.'.$tone) }} </span>{{ $slot
    }}</{{ $tag }}>
