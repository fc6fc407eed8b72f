@if($paginator->hasPages())
<nav class="pages" aria-label="Pages">
    @if($paginator->previousPageUrl())<a href="{{ $paginator->previousPageUrl() }}" rel="prev">Newer</a>@endif
    @if($paginator->nextPageUrl())<a href="{{ $paginator->nextPageUrl() }}" rel="next">Older</a>@endif
</nav>
@endif
