<nav class="in-place" aria-label="Supplies">
    @php($pages = ['supplies' => 'In stock', 'supplies/products' => 'Products', 'source-waters' => 'Source waters', 'spare-cuttings' => 'Spare cuttings'])
    @foreach($pages as $path => $name)
    <a href="/{{ $path }}" @if(request()->is($path)) aria-current="page" @endif>{{ $name }}</a>
    @endforeach
</nav>
