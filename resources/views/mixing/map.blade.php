@php($home = $map->home())
@php($aim = $map->target())
@php([$perX, $perY] = $map->perPixel())
<svg class="water-map" viewBox="0 0 {{ $map::WIDTH }} {{ $map::HEIGHT }}" role="img" aria-label="{{ $map->said() }}"
    data-per-x="{{ $perX }}" data-per-y="{{ $perY }}" data-left="{{ $map->left() }}" data-bottom="{{ $map->bottom() }}" data-right="{{ $map->right() }}"
    data-top="{{ $map->top() }}">
    <defs>
        <pattern id="home-hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path d="M0 0V7" class="home-line"/></pattern>
        <clipPath id="map-room"><rect x="{{ $map->left() }}" y="{{ $map->top() }}" width="{{ $map->right() - $map->left() }}"
            height="{{ $map->bottom() - $map->top() }}"/></clipPath>
    </defs>
    <g clip-path="url(#map-room)">
        @if($map->hasArea())<polygon class="reach" points="{{ $map->region() }}"/>@elseif($map->region() !== '')<polyline class="reach"
            points="{{ $map->region() }}"/>@endif
        <rect class="home" x="{{ $home[0] }}" y="{{ $home[1] }}" width="{{ $home[2] }}" height="{{ $home[3] }}" fill="url(#home-hatch)"/>
        @if($map->way() !== '')<polyline class="map-way" points="{{ $map->way() }}"/>@foreach($map->stops() as [$x, $y])<circle class="stop" cx="{{ $x }}"
            cy="{{ $y }}" r="3"/>@endforeach @endif
    </g>
    @foreach($map->ghTicks() as [$x, $text])<path class="tick-line" d="M{{ $x }} {{ $map->bottom() }}v5"/><text class="num" x="{{ $x }}"
        y="{{ $map->bottom() + 18 }}" text-anchor="middle">{{ $text }}</text>@endforeach
    @foreach($map->khTicks() as [$y, $text])<path class="tick-line" d="M{{ $map->left() }} {{ $y }}h-5"/><text class="num" x="{{ $map->left() - 8 }}"
        y="{{ $y + 4 }}" text-anchor="end">{{ $text }}</text>@endforeach
    <path class="axis" d="M{{ $map->left() }} {{ $map->top() }}V{{ $map->bottom() }}H{{ $map->right() }}"/>
    <text class="say" x="{{ $map->right() }}" y="{{ $map->bottom() + 33 }}" text-anchor="end">GH →</text>
    <text class="say" x="{{ $map->left() + 6 }}" y="{{ $map->top() + 10 }}">↑ KH</text>
    @if($aim)<g class="aim" data-aim transform="translate({{ $aim[0] }} {{ $aim[1] }})"><circle class="grip" r="22" fill="transparent"/>
    <path d="M-14 0H-5M5 0H14M0 -14V-5M0 5V14"/><circle class="ring" r="9"/></g>@endif
    @foreach($map->places as $place)
        <g class="place {{ $place->kind }}">
            @if($place->kind === 'made')<circle cx="{{ $place->x }}" cy="{{ $place->y }}" r="5"/>@elseif($place->kind === 'tank')<rect x="{{ $place->x - 5 }}"
                y="{{ $place->y - 5 }}" width="10" height="10"/>@else<path d="M{{ $place->x }} {{ $place->y - 6 }}l6 10h-12z"/>@endif
            <text x="{{ $place->textX }}" y="{{ $place->textY }}" @if($place->toLeft) text-anchor="end" @endif>{{ $place->name }}</text>
        </g>
    @endforeach
</svg>
<p class="key"><span class="k reach"></span> {{ __('bench.map.within_reach') }} <span class="k home"></span> {{ __('bench.map.usual_for_this') }} <span
    class="k aim"></span> {{ __('bench.map.target') }} @if($map->way() !== '')<span class="k path"></span> {{ __('bench.map.path_of_the') }} @endif</p>
