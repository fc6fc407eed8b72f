@php([$wide, $high] = [App\View\CourseStrip::WIDE, App\View\CourseStrip::HIGH])
@php($label = $strip->nutrient->label())
<div class="course" id="course-{{ $strip->nutrient->value }}">
    <p class="of">
        <b>{{ $label }}</b> <small>{{ $show->unit($strip->nutrient)->label }}</small>
        <a class="num now" href="?working={{ App\View\FoodPage::LEVEL.$strip->nutrient->value }}"
            data-working="{{ App\View\FoodPage::LEVEL.$strip->nutrient->value }}">{{ $page->figure($strip->nutrient, $strip->now()) }}</a>
    </p>
    <svg class="course-line" viewBox="0 -6 {{ $wide }} {{ $high + 12 }}" role="img" preserveAspectRatio="none"
        aria-label="{{ __('food.course', [
            'nutrient' => $label, 'now' => $page->figure($strip->nutrient, $strip->now()), 'four' => $page->figure($strip->nutrient, $strip->in(28)),
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
    <details class="then"><summary>{{ __('food.ahead') }}<span class="visually-hidden">: {{ $label }}</span></summary>
        <span class="num">{{ $page->figure($strip->nutrient, $strip->in(28)) }}</span> <small>in 4 weeks</small>
        <span class="num">{{ $page->figure($strip->nutrient, $strip->in(56)) }}</span> <small>in 8</small>
        <small>{{ $page->rateWords($strip->nutrient) }}</small>
        @if($strip->read !== '')<small>{{ $strip->read }}</small>@endif
    </details>
</div>
