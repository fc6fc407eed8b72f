{{-- What can hurt somebody here: two at most stand open, the rest is one tap away. --}}
@props(['cautions'])
@php($texts = array_values($cautions))
@foreach(array_slice($texts, 0, 2) as $text)<p class="caution"><x-icon name="exclamation-triangle"/><span
    class="visually-hidden">{{ __('layout.tone.heed') }} </span>{{ $text }}</p>@endforeach
@if(count($texts) > 2)
<details class="more"><summary>{{ trans_choice('layout.safety', count($texts) - 2, ['count' => count($texts) - 2]) }}</summary>
    @foreach(array_slice($texts, 2) as $text)<p class="caution"><x-icon name="exclamation-triangle"/><span
        class="visually-hidden">{{ __('layout.tone.heed') }} </span>{{ $text }}</p>@endforeach</details>
@endif
