{{-- Strips one under the other on one axis of time. --}}
@php($p = $page)
@php($right = App\View\CoursePage::WIDTH - App\View\CoursePage::RIGHT)
@php($left = App\View\CoursePage::LEFT)
@php($high = App\View\CoursePage::HIGH)
<svg class="course-sheet" viewBox="0 0 {{ App\View\CoursePage::WIDTH }} {{ $p->height() }}" role="img" aria-labelledby="course-t course-d"
    @if($file ?? false) xmlns="http://www.w3.org/2000/svg" width="{{ App\View\CoursePage::WIDTH }}" height="{{ $p->height() }}" font-family="sans-serif"
    @endif font-size="13">
    <title id="course-t">{{ __('course.title', ['tank' => $p->tank->name]) }}</title>
    <desc id="course-d">@foreach($p->lines() as $line){{ $line->said }} @endforeach</desc>
    @if($window = $p->window())<rect class="window" x="{{ $window[0] }}" y="4" width="{{ $window[1] }}"
        height="{{ $p->height() - 26 }}" fill="#d9e9e8"/>@endif
    @foreach($p->ticks() as [$x, $word])
        <path class="tick" d="M{{ $x }} {{ App\View\CoursePage::TOP - 6 }}V{{ $p->height() - 20 }}" stroke="#cdc8ba" fill="none"/>
        <text class="say" x="{{ $x }}" y="{{ $p->height() - 5 }}"
            text-anchor="{{ $loop->last ? 'end' : ($loop->first ? 'start' : 'middle') }}">{{ $word }}</text>
    @endforeach
    @foreach($p->marks() as $mark)
        <g class="mark mark-{{ $mark['kind']->value }}"><title>{{ $p->show->day($mark['at']) }}: {{ $mark['title'] }}</title>
        <path d="M{{ $mark['x'] }} 12V{{ $p->height() - 20 }}" stroke="#80570c" stroke-width=".8" fill="none"/>
        @if($mark['kind'] === App\Models\EntryKind::Change)<path class="flag" d="M{{ $mark['x'] }} 4l4 8h-8z" fill="#1a6676"/>
        @elseif($mark['kind'] === App\Models\EntryKind::Event)<path class="flag" d="M{{ $mark['x'] }} 3l4.5 4.5-4.5 4.5-4.5-4.5z" fill="#a63d12"/>
        @else<circle class="flag" cx="{{ $mark['x'] }}" cy="8" r="3.4" fill="#80570c"/>@endif</g>
    @endforeach
    @foreach($p->lines() as $i => $line)
        <g transform="translate(0 {{ $p->top($i) }})" class="strip-of">
            @if($line->range)<rect class="range" x="{{ $left }}" y="{{ min($line->range) }}" width="{{ $right - $left }}"
                height="{{ abs($line->range[1] - $line->range[0]) }}" fill="#d4dfc4" opacity=".6"/>@endif
            <path class="base" d="M{{ $left }} {{ $high }}H{{ $right }}" stroke="#14232a" fill="none"/>
            <text class="of" x="0" y="16" font-weight="600">{{ $line->label }}</text>
            <text class="say" x="0" y="33">{{ $line->unit }}</text>
            <text class="num" x="{{ $left - 8 }}" y="11" text-anchor="end">{{ $line->ends[0] }}</text>
            <text class="num" x="{{ $left - 8 }}" y="{{ $high }}" text-anchor="end">{{ $line->ends[1] }}</text>
            @if($given = $line->bars(false))<path class="bar" d="{{ $given }}" fill="#3f6b2a" stroke="#3f6b2a"/>@endif
            @if($missed = $line->bars(true))<path class="bar missed" d="{{ $missed }}" fill="none" stroke="#3f6b2a"/>@endif
            @if($line->points !== [])
            @if($line->key !== 'light')<path class="band" d="{{ $line->band() }}" stroke="#1a6676" stroke-width="3" opacity=".35" fill="none"/>@endif
            <polyline class="line" points="{{ $line->path() }}" stroke="#1a6676" stroke-width="1.6" fill="none"/>
            @endif
        </g>
    @endforeach
</svg>
