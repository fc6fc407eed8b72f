<x-layout :title="__('shelf.pen.tds_meter')">
    <div class="page-head"><h1>{{ __('shelf.pen.the_factor_of') }} <x-term key="calibrate"/></h1><a class="act quiet" href="/supplies/products">{{
        __('shelf.pen.products') }}</a></div>
    <p class="lead-line">{{ __('shelf.pen.in_use') }} <b class="num">{{ $format::plain($keeper->pen_factor, 3) }}</b>@if($learned->pairs > 0). {{
        __('shelf.pen.your_calibrations_say') }} <b
        class="num">{{ $format::rounded($learned->factor, 3) }}</b> ± {{ $format::rounded($learned->spread, 3) }}. @endif</p>
    @if($learned->pairs > 0 && abs($learned->factor - $keeper->pen_factor) >= 0.001)<form method="post" action="/pen/factor">@csrf<button
        class="act">{{ __('shelf.pen.use_from_now', ['what' => $format::rounded($learned->factor, 3)]) }}</button></form>@endif
    <form class="plain-form" method="post" action="/pen" novalidate>@csrf
        <ol class="three">
            <li><h2>{{ __('shelf.pen.dip') }}</h2><p>{{ __('shelf.pen.hold_the_meter') }}</p></li>
            <li><h2>{{ __('shelf.pen.enter_both_values') }}</h2><div class="row-fields"><x-field small name="shown"
                :label="__('shelf.pen.the_meter_shows')" unit="mg/L TDS" mode="decimal"/><x-field
                small name="known" :label="__('shelf.pen.true_value')" unit="µS/cm" mode="decimal"/></div></li>
            <li><h2>{{ __('act.save') }}</h2><button class="act">{{ __('act.save') }}</button></li>
        </ol>
    </form>
    @if($trials->isNotEmpty())
    <table class="plain"><caption>{{ __('shelf.pen.calibrations_newest_first') }}</caption><thead><tr><th>{{ __('shelf.pen.when') }}</th><th>{{
        __('shelf.pen.meter') }}</th><th>{{ __('shelf.pen.true') }}</th><th>{{ __('shelf.pen.factor') }}</th>
    <th><span class="visually-hidden">{{ __('act.delete') }}</span></th></tr></thead><tbody>
        @foreach($trials as $trial)<tr><td>{{ $keeper->show()->when($trial->taken_at) }}</td>
        <td class="num">{{ $format::plain($trial->shown, 1) }} mg/L</td><td class="num">{{ $format::plain($trial->known, 1) }} µS/cm</td>
        <td class="num">{{ $format::rounded($trial->shown / $trial->known, 3) }}</td><td>
        <form method="post" action="/pen/{{ $trial->id }}">@csrf @method('delete')<button class="quiet">{{ __('act.delete') }}<span
            class="visually-hidden"> {{ __('shelf.pen.calibration_of', ['day' => $keeper->show()->when($trial->taken_at)])
                }}</span></button></form></td></tr>@endforeach
    </tbody></table>
    @endif
</x-layout>
