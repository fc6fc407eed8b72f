{{-- One quantity over time. Places along it are percents, so that letters keep their size however wide it stands. --}}
@props(['chart', 'high' => 128, 'dates' => true, 'marks' => [], 'window' => null, 'file' => false, 'y' => 0])
@php([$top, $foot] = [8, $dates ? 20 : 8])
@php($plot = $high - $top - $foot)
@php($px = fn(float $hundredths): float => round($top + $plot * $hundredths / 100, 1))
<svg class="chart" y="{{ $y }}" width="100%" height="{{ $high }}" role="img" aria-label="{{ $chart->said }}"
    @unless($file) tabindex="0" data-chart="{{ $chart->told() }}" @endunless>
    <svg class="chart__plot" y="{{ $top }}" width="100%" height="{{ $plot }}" viewBox="0 0 {{ $chart::WIDE }} {{ $chart::HIGH }}"
        preserveAspectRatio="none" overflow="visible">
        @if($window)<rect class="chart__window" x="{{ $window[0] }}" y="0" width="{{ $window[1] }}" height="100"/>@endif
        @if($target = $chart->target())<rect class="chart__target" x="{{ $chart->time->left }}" y="{{ $target[0] }}"
            width="{{ $chart::WIDE - $chart->time->left }}" height="{{ $target[1] }}"/>@endif
        <path class="chart__grid" d="@foreach($chart->levels as [$at])M{{ $chart->time->left }} {{ $at }}H{{ $chart::WIDE }}@endforeach"/>
        @foreach($marks as $mark)<path class="chart__mark chart__mark--{{ $mark['kind']->value }}" d="M{{ $mark['x'] }} 0V100"/>@endforeach
        @if($chart->course !== [])<polygon class="chart__band" points="{{ $chart->band() }}"/>@endif
        @if($chart->limit !== null)<path class="chart__limit" d="M{{ $chart->time->left }} {{ $chart->y($chart->limit) }}H{{ $chart::WIDE }}"/>@endif
        @if($columns = $chart->columns(false))<path class="chart__bar" d="{{ $columns }}"/>@endif
        @if($columns = $chart->columns(true))<path class="chart__bar chart__bar--missed" d="{{ $columns }}"/>@endif
        @if($chart->planned !== [])<polyline class="chart__planned" points="{{ $chart->line($chart->planned) }}"/>@endif
        @if($chart->course !== [])
        <polyline class="chart__line" points="{{ $chart->middle(false) }}"/>
        <polyline class="chart__line chart__line--ahead" points="{{ $chart->middle(true) }}"/>
        @elseif($chart->tests !== [])<polyline class="chart__line" points="{{ $chart->line($chart->tests) }}"/>@endif
        @if($chart->tests !== [])
        <path class="chart__spread" d="{{ $chart->spreads() }}"/>
        <path class="chart__dot" d="{{ $chart->dots() }}"/>
        @endif
        @if($chart->time->hasAhead())<path class="chart__today" d="M{{ $chart->time->today() }} 0V100"/>@endif
    </svg>
    @foreach($chart->levels as [$at, $word])
    <text class="chart__tick" x="{{ ($chart->time->left - 8) / 10 }}%" y="{{ $px($at) + 4 }}" text-anchor="end">{{ $word }}</text>
    @endforeach
    @if($target && $dates)<text class="chart__tick" x="{{ ($chart->time->left + 6) / 10 }}%"
        y="{{ $px($target[0]) + 12 }}">{{ __('chart.target') }}</text>@endif
    @foreach($dates ? $chart->time->ticks() : [] as [$at, $word, $anchor])
    <text @class(['chart__tick', 'chart__tick--beside' => $loop->remaining % 2 === 1]) x="{{ $at / 10 }}%" y="{{ $high - 4 }}"
        text-anchor="{{ $anchor }}">{{ $word }}</text>
    @endforeach
</svg>
