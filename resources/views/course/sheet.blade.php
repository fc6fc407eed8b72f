{{-- All charts of the page as one drawing, for a file: it brings its own few rules along. --}}
@php([$each, $head] = [150, 22])
<svg xmlns="http://www.w3.org/2000/svg" width="1000" height="{{ $each * count($page->charts()) + 4 }}" font-family="sans-serif" font-size="14">
    <title>{{ __('course.title', ['tank' => $page->tank->name]) }}</title>
    <style>
        .chart__plot * { vector-effect: non-scaling-stroke; } .chart__target { fill: #d4dfc4; } .chart__window { fill: #d9e9e8; }
        .chart__grid { stroke: #cdc8ba; } .chart__line { fill: none; stroke: #1a6676; stroke-width: 2; }
        .chart__planned { fill: none; stroke: #56646a; } .chart__spread { stroke: #1a6676; stroke-width: 3; opacity: .35; }
        .chart__dot { stroke: #1a6676; stroke-width: 6; stroke-linecap: round; } .chart__bar { fill: #3f6b2a; stroke: #3f6b2a; }
        .chart__bar--missed { fill: none; } .chart__limit { fill: none; stroke: #a63d12; stroke-dasharray: 7 4; }
        .chart__mark { stroke: #80570c; opacity: .45; } .chart__tick { fill: #56646a; font-size: 12px; }
    </style>
    @foreach($page->charts() as $i => $chart)
    <text x="0" y="{{ $each * $i + 16 }}" font-weight="600">{{ $chart->title }} {{ $chart->unit }}</text>
    <x-chart :chart="$chart" :y="$each * $i + $head" :high="$each - $head" :marks="$page->marks()" :window="$page->window()" file/>
    @endforeach
</svg>
