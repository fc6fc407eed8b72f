@php($show = $page->show)
<table class="plain"><thead><tr><th>{{ __('food.table_page.nutrient') }}</th><th>{{ __('food.table_page.now') }}</th><th>{{ __('food.table_page.in_1_week')
    }}</th><th>{{
    __('food.table_page.in_2') }}</th><th>{{ __('food.table_page.in_4') }}</th><th>{{ __('food.table_page.in_8') }}</th><th>{{ __('food.table_page.target')
    }}</th></tr></thead><tbody>
@foreach($page->places as $name => $strip)
    @if($strip === null)<tr id="row-{{ $name }}" hidden hx-preserve></tr>@else
    <tr id="row-{{ $name }}"><th scope="row">{{ label($strip->nutrient) }}, {{ $show->unit($strip->nutrient)->label }}</th>
        @foreach([0, 7, 14, 28, 56] as $day)
        <td class="num">{{ $page->figure($strip->nutrient, $day === 0 ? $strip->now() : $strip->in($day)) }}</td>
        @endforeach
        <td class="num">@if($strip->corridor){{ __('food.table_page.to', ['what' => $show->limitNumber($strip->nutrient, $strip->corridor[0]), 'what_too' =>
            $show->limitNumber($strip->nutrient, $strip->corridor[1])]) }}@else–@endif</td></tr>
    @endif
@endforeach
@if($page->isPart())<tr id="row-gas" hidden hx-preserve></tr>@elseif($page->gas)
    <tr id="row-gas"><th scope="row">{{ __('food.gas.name') }}, mg/L</th><td class="num">{{ $page->gas->figure() }}</td>
        <td colspan="4">{{ __('food.gas.read', ['day' => $page->gas->day()]) }}</td>
        <td class="num">{{ __('food.gas.under', ['harms' => $page->gas->harmsFrom]) }}</td></tr>
@endif
</tbody></table>
