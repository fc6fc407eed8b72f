<nav class="in-place" aria-label="{{ __('layout.supplies_nav.supplies') }}">
    @php($pages = ['supplies' => __('layout.supplies_pages.supplies'), 'supplies/products' => __('layout.supplies_pages.products'), 'source-waters' =>
        __('layout.supplies_pages.source_waters'), 'spare-cuttings' => __('layout.supplies_pages.spare_cuttings')])
    @foreach($pages as $path => $name)
    <a href="/{{ $path }}" @if(request()->is($path)) aria-current="page" @endif>{{ $name }}</a>
    @endforeach
</nav>
