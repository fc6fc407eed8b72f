@php($label = label($strip->nutrient))
<div class="course" id="course-{{ $strip->nutrient->value }}">
    <p class="of">
        <b><x-term :key="$strip->nutrient->value" :tank="$tank">{{ $label }}</x-term></b> <small>{{ $strip->chart->unit }}</small>
        <a class="num now" href="?working={{ $page::LEVEL.$strip->nutrient->value }}"
            data-working="{{ $page::LEVEL.$strip->nutrient->value }}">{{ $page->short($strip->nutrient, $strip->now()) }}</a>
    </p>
    <x-chart :chart="$strip->chart" :high="112"/>
    <details class="then" @sure><summary>{{ __('food.ahead') }}<span class="visually-hidden">: {{ $label }}</span></summary>
        <span class="num">{{ $page->figure($strip->nutrient, $strip->now()) }}</span> <small>{{ __('food.now') }}</small>
        <span class="num">{{ $page->figure($strip->nutrient, $strip->in(28)) }}</span> <small>{{ __('food.in_four') }}</small>
        <span class="num">{{ $page->figure($strip->nutrient, $strip->in(56)) }}</span> <small>{{ __('food.in_eight') }}</small>
        <small>{{ $page->rateWords($strip->nutrient) }}</small>
        @if($strip->read !== '')<small>{{ $strip->read }}</small>@endif
    </details>
</div>
