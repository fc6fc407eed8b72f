<h2>{{ $term->name }}</h2>
<p>{{ $term->what }}</p>
<p>{{ $term->moves }}</p>
@if($range)<p><b>{{ $range }}</b></p>@endif
<p><a href="/glossary">{{ __('glossary.all') }}</a></p>
