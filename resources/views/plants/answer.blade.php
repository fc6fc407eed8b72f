@php($show = $page->show)
<p class="lead-figure">
    <b class="day-words">{{ ucfirst($page->dayWords()) }}</b>
    <span>
        @if($page->day > 0)
        {{ __('plants.answer.drawn_with_the') }}
        @elseif($page->day < 0)
        {{ __('plants.answer.drawn_without_trims') }}
        @else
        {{ __('plants.answer.drag_a_line') }}
        @endif
        @if($page->lightScale() !== [])
        · {{ __('plants.answer.par_under_water') }} <a href="?working=light" data-working="light">{{ __('act.working') }}</a>
        @endif
    </span>
</p>
@include('parts.section', ['drawing' => $page->drawing, 'show' => $show, 'over' => 'plants.over'])
<div class="from-above">
    <svg class="stand-plan" width="{{ $page->planWidth() + 8 }}" viewBox="-4 -4 {{ $page->planWidth() + 8 }} {{ $page->planHeight() + 8 }}" role="img"
        aria-label="{{ __('plants.answer.from_above_front_glass', ['count' => count($page->plan())]) }}">
        <defs>
            <pattern id="plan-shade" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)"><path class="shade-line" d="M0 0v6"/>
            </pattern>
            <clipPath id="plan-outline"><polygon points="{{ $page->outline() }}"/></clipPath>
        </defs>
        <polygon class="ground" points="{{ $page->outline() }}"/>
        <g clip-path="url(#plan-outline)">
        @foreach($page->plan() as $rect)
        <g @class(['stand', 'floats' => $rect['floats'], 'shaded' => $rect['shaded']])>
            <rect x="{{ $rect['x'] }}" y="{{ $rect['y'] }}" width="{{ $rect['w'] }}" height="{{ $rect['h'] }}"/>
            @if($rect['shaded'])
            <rect class="in-shade" x="{{ $rect['x'] }}" y="{{ $rect['y'] }}" width="{{ $rect['w'] }}" height="{{ $rect['h'] }}" fill="url(#plan-shade)"/>
            @endif
            <text x="{{ $rect['x'] + $rect['w'] / 2 }}" y="{{ $rect['y'] + ($rect['floats'] ? 18 : $rect['h'] / 2 + 5) }}"
                text-anchor="middle">{{ $rect['number'] }}</text>
        </g>
        @endforeach
        </g>
        <polygon class="glass" points="{{ $page->outline() }}"/>
    </svg>
    <div class="below">
        <p class="key">{{ __('plants.answer.from_above_front') }}</p>
        @foreach($page->sum() as $i => $line)
        <p>{{ $line }}@if($i === 0) <a href="?working=taken" data-working="taken">{{ __('act.working') }}</a>@endif</p>
        @endforeach
    </div>
</div>
<details class="more on-day"><summary>{{ __('plants.answer.every_plant_group') }}</summary>
    <ul>@foreach($page->seenOnDay() as $line)<li>{{ $line }}</li>@endforeach</ul>
</details>
@if($isPart)
    @foreach($page->says() as $key => $says)
    <p class="says" id="says-{{ $key }}" hx-swap-oob="true">{{ implode(' ', $says) }}</p>
    <p class="fault" id="e-f-cut-{{ $key }}" hx-swap-oob="true"></p>
    @endforeach
    <div hx-swap-oob="innerHTML:#said">{{ ucfirst($page->dayWords()) }}. {{ $page->sum()[0] ?? '' }}</div>
@endif
