<x-layout :title="__('glossary.title')">
    <h1>{{ __('glossary.title') }}</h1>
    <p class="muted">{{ __('glossary.lead') }}</p>
    <dl class="glossary">
        @foreach($terms as $term)
        <div id="{{ $term->key }}"><dt>{{ $term->name }}</dt><dd>{{ $term->what }} {{ $term->moves }}</dd></div>
        @endforeach
    </dl>
</x-layout>
