<div class="course" id="course-gas">
    <p class="of">
        <b>{{ $page->gas->chart->title }}</b> <small>mg/L</small>
        <a class="num now" href="?working=gas" data-working="gas">{{ $page->gas->figure() }}</a>
        <small>{{ __('food.gas.read', ['day' => $page->gas->day()]) }}</small>
    </p>
    <x-chart :chart="$page->gas->chart" :high="112"/>
    <p class="then"><small>{{ __('food.gas.feeds', ['share' => $page->gas->feeds()]) }}; {{ $page->gas->stays() }}</small></p>
</div>
