@if($paginator->hasPages())
<nav class="pages" aria-label="{{ __('layout.pages.pages') }}">
    @if($paginator->previousPageUrl())<a href="{{ $paginator->previousPageUrl() }}" rel="prev">{{ __('layout.pages.newer') }}</a>@endif
    @if($paginator->nextPageUrl())<a href="{{ $paginator->nextPageUrl() }}" rel="next">{{ __('layout.pages.older') }}</a>@endif
</nav>
@endif
