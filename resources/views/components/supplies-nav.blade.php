<nav class="in-place" aria-label="Supplies">
    @foreach(['supplies' => 'In stock', 'supplies/products' => 'Products', 'source-waters' => 'Source waters', 'spare-cuttings' => 'Spare cuttings'] as $path => $name)
    <a href="/{{ $path }}" @if(request()->is($path)) aria-current="page" @endif>{{ $name }}</a>
    @endforeach
</nav>
