@php($show = $page->show)
@php([$wide, $high] = [App\View\CourseStrip::WIDE, App\View\CourseStrip::HIGH])
@foreach($page->findings() as $finding)
<p class="finding {{ $finding->tone }}"><b>{{ $finding->head }}</b> {{ $finding->text }}</p>
@endforeach
@if($page->trial->isOne())<p class="tried" role="status">{{ __('food.tried') }}</p>@endif
<div class="courses">
@foreach($page->strips as $strip)
    @php($name = $strip->nutrient->label())
    <div class="course">
        <p class="of">
            <b>{{ $name }}</b> <small>{{ $show->unit($strip->nutrient)->label }}</small>
            <a class="num now" href="?working={{ App\View\FoodPage::LEVEL.$strip->nutrient->value }}"
                data-working="{{ App\View\FoodPage::LEVEL.$strip->nutrient->value }}">{{ $page->figure($strip->nutrient, $strip->now()) }}</a>
            <small>{{ $page->rateWords($strip->nutrient) }}</small>
            @if($strip->read !== '')<small>{{ $strip->read }}</small>@endif
        </p>
        <svg class="course-line" viewBox="0 -6 {{ $wide }} {{ $high + 12 }}" role="img" preserveAspectRatio="none"
            aria-label="{{ __('food.course', [
                'nutrient' => $name, 'now' => $page->figure($strip->nutrient, $strip->now()), 'four' => $page->figure($strip->nutrient, $strip->in(28)),
                'eight' => $page->figure($strip->nutrient, $strip->in(56))]) }}">
            @if($strip->corridor)
            <rect class="corridor" x="0" y="{{ $strip->y($strip->corridor[1]) }}" width="{{ $wide }}"
                height="{{ round($strip->y($strip->corridor[0]) - $strip->y($strip->corridor[1]), 1) }}"/>
            @endif
            <path class="base" d="M0 {{ $high }}H{{ $wide }}"/>
            <polygon class="was" points="{{ $strip->was }}"/>
            <polygon class="comes" points="{{ $strip->comes }}"/>
            @if($strip->limit && $strip->limit < $strip->top)<path class="limit" d="M0 {{ $strip->y($strip->limit) }}H{{ $wide }}"/>@endif
            @if($strip->planned !== '')<polyline class="planned" points="{{ $strip->planned }}"/>@endif
            <polyline class="middle" points="{{ $strip->line }}"/>
            <path class="today" d="M{{ $wide / 2 }} -6V{{ $high + 6 }}"/>
            @foreach($strip->readings as $read)
            <path class="read" d="M{{ $read['x'] }} {{ $read['low'] }}V{{ $read['high'] }}m-3 {{ round($read['y'] - $read['high'], 1) }}h6"/>
            @endforeach
        </svg>
        <p class="then">
            <span class="num">{{ $page->figure($strip->nutrient, $strip->in(28)) }}</span> <small>in 4 weeks</small>
            <span class="num">{{ $page->figure($strip->nutrient, $strip->in(56)) }}</span> <small>in 8</small>
        </p>
    </div>
@endforeach
    @if($page->gas)
    <div class="course">
        <p class="of">
            <b>{{ __('food.gas.name') }}</b> <small>mg/L</small>
            <a class="num now" href="?working=gas" data-working="gas">{{ $page->gas->figure() }}</a>
            <small>{{ __('food.gas.read', ['day' => $page->gas->day()]) }}</small>
        </p>
        <svg class="course-line" viewBox="0 -6 {{ $wide }} {{ $high + 12 }}" role="img" preserveAspectRatio="none"
            aria-label="{{ __('food.gas.course', [
                'figure' => $page->gas->figure(), 'day' => $page->gas->day(), 'count' => count($page->gas->points),
                'harms' => $page->gas->harmsFrom()]) }}">
            <path class="base" d="M0 {{ $high }}H{{ $wide }}"/>
            <path class="limit" d="M0 {{ $page->gas->harms() }}H{{ $wide }}"/>
            <polyline class="middle" points="{{ $page->gas->line }}"/>
            <path class="today" d="M{{ $wide / 2 }} -6V{{ $high + 6 }}"/>
            @foreach($page->gas->points as $read)
            <path class="read" d="M{{ $read['x'] }} {{ $read['low'] }}V{{ $read['high'] }}m-3 {{ round($read['y'] - $read['high'], 1) }}h6"/>
            @endforeach
        </svg>
        <p class="then"><small>{{ __('food.gas.feeds', ['share' => $page->gas->feeds()]) }}; {{ $page->gas->stays() }}</small></p>
    </div>
    @endif
    <div class="course ticks" aria-hidden="true">
        <span></span>
        <p>@foreach($page->ticks() as $tick)<span>{{ $page->tickWords($tick) }}</span>@endforeach</p>
        <span></span>
    </div>
</div>
<p class="key">{{ __('food.key') }}</p>
<details class="more on-day"><summary>As a table</summary>
    <div class="table-scroll" tabindex="0" role="region" aria-label="{{ __('food.table') }}">
    <table class="plain"><thead><tr><th>Nutrient</th><th>now</th><th>in 1 week</th><th>in 2</th><th>in 4</th><th>in 8</th><th>wanted</th></tr></thead><tbody>
    @foreach($page->strips as $strip)
        <tr><th scope="row">{{ $strip->nutrient->label() }}, {{ $show->unit($strip->nutrient)->label }}</th>
            @foreach([0, 7, 14, 28, 56] as $day)
            <td class="num">{{ $page->figure($strip->nutrient, $day === 0 ? $strip->now() : $strip->in($day)) }}</td>
            @endforeach
            <td class="num">@if($strip->corridor){{ $show->limitNumber($strip->nutrient, $strip->corridor[0]) }} to
                {{ $show->limitNumber($strip->nutrient, $strip->corridor[1]) }}@else–@endif</td></tr>
    @endforeach
    @if($page->gas)
        <tr><th scope="row">{{ __('food.gas.name') }}, mg/L</th><td class="num">{{ $page->gas->figure() }}</td>
            <td colspan="4">{{ __('food.gas.read', ['day' => $page->gas->day()]) }}</td>
            <td class="num">{{ __('food.gas.under', ['harms' => $page->gas->harmsFrom()]) }}</td></tr>
    @endif
    </tbody></table></div>
</details>
@isset($faults)
    @foreach($page->goals() as $plan)
    <p class="fault" id="e-f-what-{{ $plan->id }}" hx-swap-oob="true">{{ $faults->first('what.'.$plan->id) }}</p>
    @endforeach
    <p class="fault" id="e-f-share" hx-swap-oob="true">{{ $faults->first('share') }}</p>
    @if($tank->food_grams)<p class="fault" id="e-f-meals" hx-swap-oob="true">{{ $faults->first('meals') }}</p>@endif
@endisset
