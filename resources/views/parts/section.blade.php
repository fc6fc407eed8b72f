{{-- The tank from the front, to scale. --}}
@php($d = $drawing)
@php($uid = 'd'.substr(md5($d->tank->name.$d->width.($d->mark ?? '')), 0, 6))
@php($markY = $d->mark === null ? null : $d->y($d->mark))
@php($lineY = $d->y($d->waterline))
@php($fullY = $d->y($d->tank->water_below_rim))
@php($fullHeight = ($file ?? false) ? $d->height + $d->wordsHeight : $d->height)
<svg @if($file ?? false) xmlns="http://www.w3.org/2000/svg" width="{{ $d->width }}" height="{{ $fullHeight }}" font-family="sans-serif" font-size="14" @endif
    class="section" viewBox="0 0 {{ $d->width }} {{ $fullHeight }}" role="{{ $d->draggable || ($over ?? false) ? 'group' : 'img' }}"
        aria-labelledby="{{ $uid }}-t {{ $uid }}-d"
    @if($over ?? false) data-per="{{ $show->levels()->toBase(1) }}" data-scale="{{ $d->scale }}" @endif
    @if($d->draggable) data-per="{{ $show->levels()->toBase(1) }}" data-rim="{{ $d->top }}" data-scale="{{ $d->scale }}" data-full="{{ $lineY }}"
        data-floor="{{ $d->floor }}" @endif>
    <title id="{{ $uid }}-t">{{ __('layout.section.of', ['tank' => $d->tank->name !== '' ? $d->tank->name : __('layout.section.unnamed')]) }}</title>
    <desc id="{{ $uid }}-d">{{ $d->description($show) }}</desc>
    <defs>
        <pattern id="{{ $uid }}-h" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path class="hatch" d="M0 0v9" fill="none" stroke="#8fa3a3" stroke-width="1"/></pattern>
        <pattern id="{{ $uid }}-b" width="7" height="7" patternUnits="userSpaceOnUse"><circle class="grain" cx="2" cy="2" r="1" fill="#8a7440"/>
        <circle class="grain" cx="5.5" cy="5.5" r=".8" fill="#8a7440"/></pattern>
        @if($d->plants !== [])
        <clipPath id="{{ $uid }}-in"><rect x="{{ $d->innerLeft() }}" y="{{ $d->top - 4 }}" width="{{ $d->innerWidth() }}"
            height="{{ $d->floor - $d->top + 4 }}"/></clipPath>
        <pattern id="{{ $uid }}-s" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
            <path class="shade-line" d="M0 0v5" fill="none" stroke="#14232a" stroke-width="1.6"/>
        </pattern>
        @endif
    </defs>
    @if($markY !== null && $markY > $lineY)
        <rect class="drained" x="{{ $d->innerLeft() }}" y="{{ $lineY }}" width="{{ $d->innerWidth() }}" height="{{ round($markY - $lineY, 1) }}"
            fill="url(#{{ $uid }}-h)"/>
    @endif
    <rect class="water" x="{{ $d->innerLeft() }}" y="{{ $markY ?? $lineY }}" width="{{ $d->innerWidth() }}"
        height="{{ round($d->floor - ($markY ?? $lineY), 1) }}" fill="#bcdada"/>
    @if($d->vessel->bed->back > $d->vessel->bed->front)
        <rect class="bed-back" x="{{ $d->innerLeft() }}" y="{{ $d->bedY($d->vessel->bed->back) }}" width="{{ $d->innerWidth() }}"
            height="{{ $d->length($d->vessel->bed->back) }}" fill="#d9cfae" opacity=".6"/>
    @endif
    <g clip-path="url(#{{ $uid }}-in)">
    @include('parts.plants', ['plants' => array_filter($d->plants, fn ($plant) => !$plant->floats() && $plant->deep >= 0.5)])
    </g>
    @if($wood = $d->wood())<path class="wood" d="{{ $wood }}" fill="none" stroke="#6d5236" stroke-width="5" stroke-linecap="round"/>@endif
    @if($stone = $d->stone())<polygon class="stone" points="{{ $stone }}" fill="#8d9192"/>@endif
    @if($d->vessel->bed->highest() > 0)
        <rect class="bed" x="{{ $d->innerLeft() }}" y="{{ $d->bedY($d->vessel->bed->front) }}" width="{{ $d->innerWidth() }}"
            height="{{ $d->length($d->vessel->bed->front) }}" fill="#e2d4a8"/>
        <rect x="{{ $d->innerLeft() }}" y="{{ $d->bedY($d->vessel->bed->front) }}" width="{{ $d->innerWidth() }}"
            height="{{ $d->length($d->vessel->bed->front) }}" fill="url(#{{ $uid }}-b)"/>
    @endif
    <g clip-path="url(#{{ $uid }}-in)">
    @include('parts.plants', ['plants' => array_filter($d->plants, fn ($plant) => $plant->floats() || $plant->deep < 0.5)])
    </g>
    @foreach($d->levels as $level)
        @php($x = $d->deviceX($level->device))
        @php($beyond = $d->mark !== null && $level->coverAt($d->mark) < 0)
        @php($tall = max(6, $d->length($level->bottom - $level->top)))
        <g @class(['device', 'beyond' => $beyond]) fill="#fcfaf4" stroke="#14232a" stroke-width="1.5">
            @if($level->device->value === 'heater')
                <path d="M{{ $x }} {{ $d->top - ($d->plain ? 0 : 6) }}V{{ $d->y($level->top) }}"/>
                <rect x="{{ $x - 4 }}" y="{{ $d->y($level->top) }}" width="8" height="{{ $tall }}" rx="4"/>
                <path class="filament" d="M{{ $x }} {{ $d->y($level->top) + 5 }}v{{ max(1, $tall - 10) }}" stroke="#b4491f"/>
            @elseif($level->device->value === 'wave_pump')
                <circle cx="{{ $x }}" cy="{{ round($d->y($level->top) + $tall / 2, 1) }}" r="{{ round(max(4, $tall / 2), 1) }}"/>
            @else
                <path d="M{{ $x }} {{ $d->top - ($d->plain ? 0 : 6) }}V{{ $d->y($level->top) }}"/>
                <rect x="{{ $x - 5 }}" y="{{ $d->y($level->top) }}" width="10" height="{{ $tall }}"/>
                <path d="M{{ $x - 5 }} {{ $d->y($level->top) + $tall / 2 }}h10"/>
            @endif
        </g>
    @endforeach
    @if($fish = $d->fish())
        @php([$fx, $fy, $fl, $fb] = $fish)
        <path class="fish" fill="#14232a"
            d="M{{ $fx - $fl / 2 }} {{ $fy }}q{{ round($fl * .38, 1) }} {{ round(-$fb * .98, 1) }} {{ round($fl * .74, 1) }} 0l{{ round($fl * .26,
            1) }} {{ round(-$fb * .42, 1) }}v{{ round($fb * .84, 1) }}l{{ round(-$fl * .26, 1) }} {{ round(-$fb * .42, 1) }}q{{ round(-$fl * .36, 1) }}
            {{ round($fb * .98, 1) }} {{ round(-$fl * .74, 1) }} 0z"/>
    @endif
    <path class="glass" d="M{{ $d->left }} {{ $d->top }}V{{ $d->outerBottom }}H{{ $d->right }}V{{ $d->top }}" fill="none" stroke="#14232a" stroke-width="3"/>
    <path class="waterline" d="M{{ $d->innerLeft() }} {{ $lineY }}h{{ $d->innerWidth() }}" stroke="#1d6f80" stroke-width="1.5"/>
    @if(!$d->plain && $lineY > $fullY)<path class="waterline was" d="M{{ $d->innerLeft() }} {{ $fullY }}h{{ $d->innerWidth() }}" stroke="#1d6f80"
        stroke-dasharray="3 4"/>@endif
    @if(!$d->plain)
        <text class="say" x="{{ $d->left }}" y="{{ $d->top - 12 }}">{{ __('layout.section.waterline_below_the', ['level' => $show->level($d->waterline)])
            }}</text>
        @if($d->mark === null)
            <g class="dimension"><path d="M{{ $d->right + 22 }} {{ $d->top }}V{{ $d->outerBottom }}m-6 0h12M{{ $d->right + 16 }} {{ $d->top }}h12"
                stroke="currentColor" fill="none"/>
            <text x="{{ $d->right + 30 }}" y="{{ round(($d->top + $d->outerBottom) / 2, 1) }}"
                class="num">{{ $show->level($d->vessel->rim + $d->tank->glass) }}</text>
            <path d="M{{ $d->left }} {{ $d->outerBottom + 16 }}H{{ $d->right }}m0-6v12M{{ $d->left }} {{ $d->outerBottom + 10 }}v12" stroke="currentColor"
                fill="none"/>
            <text x="{{ round(($d->left + $d->right) / 2, 1) }}" y="{{ $d->outerBottom + 34 }}" text-anchor="middle"
                class="num">{{ $show->level($d->vessel->plan->length() + 2 * $d->tank->glass) }}</text></g>
        @else
            <g class="dimension"><path d="M{{ $d->right + 34 }} {{ $d->top }}V{{ $markY }}m-6 0h12M{{ $d->right + 28 }} {{ $d->top }}h12"
                stroke="currentColor" fill="none"/>
            <text x="{{ $d->right + 42 }}" y="{{ round(max($d->top + 14, ($d->top + $markY) / 2), 1) }}" class="num">{{ $show->levelNumber($d->mark) }}</text>
            <text x="{{ $d->right + 42 }}" y="{{ round(max($d->top + 14, ($d->top + $markY) / 2) + 16, 1) }}"
                class="say">{{ $show->levels()->label }}</text></g>
        @endif
        @foreach($d->leaders as $leader)
            <g @class(['leader', 'beyond' => $leader->beyond])>
                <path d="M{{ $leader->x }} {{ $leader->from }}V{{ $leader->to - 5 }}" stroke="currentColor" fill="none"/>
                <circle cx="{{ $leader->x }}" cy="{{ $leader->from }}" r="2.2"/>
            </g>
        @endforeach
        @foreach($d->leaders as $leader)
            <g @class(['leader', 'beyond' => $leader->beyond])>
                <text x="{{ $leader->x + ($leader->toLeft ? -8 : 8) }}" y="{{ $leader->to - 4 }}" @if($leader->toLeft) text-anchor="end"
                    @endif>{{ $leader->first }}</text>
                <text class="say" x="{{ $leader->x + ($leader->toLeft ? -8 : 8) }}" y="{{ $leader->to + 12 }}" @if($leader->toLeft) text-anchor="end"
                    @endif>{{ $leader->beyond ? '! ' : '' }}{{ $leader->second }}</text>
            </g>
        @endforeach
    @endif
    @if($markY !== null)
        @if($d->draggable)
        <g id="drain-line" class="drain-line" tabindex="0" role="slider" aria-label="{{ __('layout.section.drain_mark') }}" aria-orientation="vertical"
            aria-valuemin="{{ (int) floor($d->waterline) }}" aria-valuemax="{{ (int) $d->vessel->rim }}" aria-valuenow="{{ (int) round($d->mark) }}"
            aria-valuetext="{{ __('names.below_rim', ['unit' => round($d->mark).' mm']) }}">
            <rect class="grip" x="{{ $d->left - 24 }}" y="{{ $markY - 22 }}" width="{{ $d->right - $d->left + 60 }}" height="44" fill="transparent"/>
            <path d="M{{ $d->left - 14 }} {{ $markY }}H{{ $d->right + 12 }}"/>
            <circle cx="{{ $d->right + 14 }}" cy="{{ $markY }}" r="13"/>
            <path class="chevrons" d="M{{ $d->right + 9.5 }} {{ $markY - 3 }}l4.5-5 4.5 5M{{ $d->right + 9.5 }} {{ $markY + 3 }}l4.5 5 4.5-5"/>
        </g>
        @else
        <path class="drain-line" d="M{{ $d->left - 3 }} {{ $markY }}H{{ $d->right + 3 }}" stroke="#1d6f80" stroke-width="3"/>
        @endif
    @endif
    @if($over ?? false) @include($over) @endif
</svg>
@if(!($file ?? false) && $d->wordsHeight > 0)<svg class="words-room" viewBox="0 0 {{ $d->width }} {{ $d->wordsHeight }}" aria-hidden="true"></svg>@endif
