@php([$wide, $high] = [App\View\CourseStrip::WIDE, App\View\CourseStrip::HIGH])
<div class="course" id="course-gas">
    <p class="of">
        <b>{{ __('food.gas.name') }}</b> <small>mg/L</small>
        <a class="num now" href="?working=gas" data-working="gas">{{ $page->gas->figure() }}</a>
        <small>{{ __('food.gas.read', ['day' => $page->gas->day()]) }}</small>
    </p>
    <svg class="course-line" viewBox="0 -6 {{ $wide }} {{ $high + 12 }}" role="img" preserveAspectRatio="none"
        aria-label="{{ trans_choice('food.gas.course', count($page->gas->points), [
            'figure' => $page->gas->figure(), 'day' => $page->gas->day(),
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
