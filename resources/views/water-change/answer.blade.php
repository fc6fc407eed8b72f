@php($show = $sheet->show)
@php($draft = $sheet->draft)
@php($base = '?'.$pageQuery::query(request()).'&working=')
@php($link = fn (string $name): string => 'href="'.e($base.$name).'" data-working="'.e($name).'"')
@php([$first, $rest] = $sheet->sorted())
<div class="change-lead">
    <p class="lead-figure">
        <a class="figure" {!! $link('share') !!}><b>{{ $sheet->litres() }}</b> {{ $draft->tank->keeper->volume_unit->label() }}</a>
        <span><b>{{ $sheet->shareLine() }}</b> {{ $sheet->effort() }}<br>{{ $sheet->howLine() }}</span>
    </p>
    <x-findings :findings="$first"/>
</div>
<section class="board" aria-label="{{ __('change.answer.the_water_change') }}">
    @include('parts.section', ['drawing' => $sheet->drawing, 'show' => $show])
    <ul class="level-list">
        @foreach($sheet->drawing->leaders as $leader)<li @class(['beyond' => $leader->beyond])><b>{{ $leader->first }}</b> {{ $leader->second }}</li>@endforeach
    </ul>
    @if($rest !== [])
    <details class="more" id="safety"><summary>{{ trans_choice('change.page.safety', count($rest), ['count' => count($rest)]) }}</summary>
        <x-findings :findings="$rest"/></details>
    @endif
</section>
<aside class="side right" aria-label="{{ __('change.answer.what_it_will') }}">
    <h2>{{ __('change.page.does') }}</h2>
    <table class="moves"><caption class="visually-hidden">{{ __('change.page.does') }}</caption>
        <thead><tr><th scope="col"><span class="visually-hidden">{{ __('change.page.what') }}</span></th><th scope="col">{{ __('change.page.now') }}</th>
            <th scope="col">{{ __('change.page.after') }}</th><th scope="col">{{ __('change.page.target') }}</th></tr></thead>
        <tbody>
        @foreach($sheet->moving() as $row)
            @php([$o, $p] = [$row->outlook, $row->outlook->parameter])
            <tr @class(['beyond' => $row->beyondSwing || $row->outsideRange])><th scope="row"><x-term :key="$p->value"
                :tank="$draft->tank">{{ label($p) }}</x-term></th>
                <td class="num">{{ $show->number($p, $o->now->central(), ($o->now->quantile(.9) - $o->now->quantile(.1)) / 2) }}</td>
                <td class="num after">{{ $show->number($p, $o->after()->central(), $o->after()->halfWidth()) }}</td>
                <td class="target">@if($row->range){{ $show->limitNumber($p, $row->range[0]) }}–{{ $show->limit($p, $row->range[1]) }}@endif</td></tr>
        @endforeach
        </tbody>
    </table>
    @if($sheet->still())<p class="muted">{{ $sheet->still() }}</p>@endif
    @if($sheet->moving() === [] && $sheet->still() === null)<p class="muted">{{ __('change.page.untested') }}</p>@endif
    <details class="more" id="all-values" @sure><summary>{{ __('change.page.all') }}</summary>
    <table class="forecast">
        <caption class="visually-hidden">{{ __('change.answer.forecast_4') }}</caption>
        <thead><tr><th scope="col">{{ __('change.answer.what_it_will') }}</th><th scope="col">{{ __('change.answer.now') }}</th><th scope="col">{{
            __('change.answer.after') }}</th><th scope="col">{{ __('change.answer.next_day') }}</th></tr></thead>
        <tbody>
        @foreach($sheet->rows() as $row)
            @php($o = $row->outlook)
            @php($p = $o->parameter)
            @continue($o->now === null && $o->after() === null)
            <tr @class(['beyond' => $row->beyondSwing])>
                <th scope="row">{{ label($p) }}<small>{{ $show->unit($p)->label }}@if($row->outsideRange) <b class="outside">{{ $row->outsideRange }}<span
                    class="visually-hidden"> {{ __('change.answer.for_these_animals') }}</span></b>@endif</small></th>
                <td class="num">{{ $o->now ? $show->number($p, $o->now->central(), ($o->now->quantile(.9) - $o->now->quantile(.1)) / 2) :
                    '–' }}@if($row->assumed)<small>{{ __('change.answer.forecast') }}</small>@elseif($o->now && $o->now->spread() > 0)<small>±
                    {{ $show->plusMinus($p, ($o->now->quantile(.9) - $o->now->quantile(.1)) / 2) }}</small>@endif</td>
                <td class="num after">@if($o->after())<a
                    {!! $link($p->value.'.after') !!}>{{ $show->number($p, $o->after()->central(),
                    $o->after()->halfWidth()) }}</a>@if($o->after()->halfWidth() > 0)<small>±
                    {{ $show->plusMinus($p, $o->after()->halfWidth()) }}</small>@endif @else – @endif</td>
                <td class="num">@if($o->nextDay())<a
                    {!! $link($p->value.'.next') !!}>{{ $show->number($p, $o->nextDay()->central(),
                    $o->nextDay()->halfWidth()) }}</a>@if($o->nextDay()->halfWidth() > 0)<small>±
                    {{ $show->plusMinus($p, $o->nextDay()->halfWidth()) }}</small>@endif @else – @endif</td>
            </tr>
            @if($o->after() && $o->now)
            <tr class="drawn" aria-hidden="true"><td colspan="4"><svg class="band" viewBox="0 0 100 10" preserveAspectRatio="none">
                <path class="scale" d="M0 5h100"/>
                @if($row->range)<path class="range" d="M{{ $row->at($row->range[0]) }} 5H{{ $row->at($row->range[1]) }}"/>@endif
                <path class="was" d="M{{ $row->at($o->now->quantile(.1)) }} 5H{{ $row->at($o->now->quantile(.9)) + .5 }}"/>
                <path class="spread" d="M{{ $row->at($o->after()->low()) }} 5H{{ $row->at($o->after()->high()) + .5 }}"/>
                @if($row->goal !== null)<path class="goal" d="M{{ $row->at($row->goal) }} 0v10"/>@endif
            </svg></td></tr>
            @endif
        @endforeach
        @if($free = $draft->forecast->ammoniaAfter())
            <tr><th scope="row">{{ __('change.answer.free_ammonia') }}<small>{{ __('change.answer.mg_l_nh') }}</small></th><td></td>
                <td class="num after"><a {!! $link('ammonia.after') !!}>{{ $sheet::trace($free->value('NH3_N')) }}</a></td>
                <td class="num">@if($n = $draft->forecast->ammoniaNextDay())<a
                    {!! $link('ammonia.next') !!}>{{ $sheet::trace($n->value('NH3_N')) }}</a>@endif</td></tr>
        @endif
        </tbody>
    </table>
    <p class="key"><span class="k was"></span> {{ __('change.answer.now') }} <span class="k spread"></span> {{ __('change.answer.after') }} <span
        class="k range"></span> {{ __('change.answer.target_range') }}</p>
    <p class="workings">{{ __('act.working') }}
        <a {!! $link('volume') !!}>{{ __('change.answer.net_volume') }}</a>@if($draft->needed), <a {!! $link('needed') !!}>{{
            __('change.answer.litres_needed') }}</a>@endif, <a
            {!! $link('stream') !!}>{{ __('change.answer.new_water_temperature') }}</a>, <a {!! $link('depth') !!}>{{ __('change.answer.swimming_depth')
                }}</a>@if($draft->input->reason->value === 'routine'), <a {!! $link('routine') !!}>{{ __('change.answer.nitrate_peak')
                    }}</a>@endif
    </p>
    </details>
    @if($sheet->feedsPlants())
    <section class="dose-after" hx-get="/tanks/{{ $draft->tank->id }}/water-change/dose?{{ $pageQuery::query(request()) }}"
        hx-trigger="load delay:500ms" hx-target="this" hx-swap="innerHTML" hx-replace-url="false"
        hx-sync="this:replace"><p><a href="/tanks/{{ $draft->tank->id }}/water-change/dose?{{ $pageQuery::query(request()) }}">{{
            __('food.after.link') }}</a></p></section>
    @endif
</aside>
@if(request()->header('HX-Request'))
    <div hx-swap-oob="innerHTML:#said">{{ __('change.answer.out_new_water', ['litres' => $sheet->litres(), 'litres_too' =>
        $draft->tank->keeper->volume_unit->label(), 'share' => $show->percent($draft->share()), 'what' => $sheet->findings()[0]->head ?? '']) }}</div>
    <span id="source-facts" class="source-facts" hx-swap-oob="true">@include('water-change.source')</span>
    <a id="bench-link" hx-swap-oob="true" href="{{ $sheet->benchLink() }}">{{ __('change.page.mix') }}</a>
    @include('water-change.faults', ['faults' => $faults])
@endif
<data id="amount-values" hidden @foreach($sheet->amounts() as $way => $value) data-{{ $way }}="{{ $value }}" @endforeach></data>
