@if($sheet === null)
<section class="board"><div class="findings"><x-finding tone="beyond"><b>{{ __('bench.answer.nothing_to_work') }}</b>
    {{ $errors->first('waters') ?: __('said.choose.waters_to_begin') }}</x-finding></div></section>
<aside class="side right"></aside>
@else
@php($show = $sheet->show)
@php($draft = $sheet->draft)
@php($base = '?'.$pageQuery::query(request()).'&working=')
@php($link = fn (string $name): string => 'href="'.e($base.$name).'" data-working="'.e($name).'"')
<section class="board" aria-label="{{ __('bench.answer.gh_and_kh') }}" tabindex="0">
    @include('mixing.map', ['map' => $sheet->map])
    @include('mixing.strip', ['strip' => $sheet->strip()])
    <x-findings :findings="$sheet->findings()"/>
    @if($ways = $sheet->concessions())
    <p class="ways">{{ __('bench.answer.ways_to_solve') }} @foreach($ways as $way)<a class="act quiet" href="{{ $way['link'] }}">{{ $way['text'] }}</a>
        @endforeach</p>
    @endif
    @if($draft->input->tank)
    <section class="way" aria-labelledby="way-title"><h2 id="way-title">{{ __('bench.answer.series_for_at', ['tank' => $draft->input->tank->name, 'share'
        => $show->percent($draft->input->fraction)]) }}</h2>
        @if($draft->noPassage)<p>{{ $draft->noPassage }}</p>
        @elseif($way = $sheet->way())
        <table class="plain"><thead><tr><th>{{ __('bench.answer.change') }}</th><th>{{ __('bench.answer.new_water') }}</th><th>{{
            __('bench.answer.tank_after_it') }}</th></tr></thead><tbody>
            @foreach($way as $i => $line)<tr><th scope="row">{{ $i + 1 }}, {{ $line['day'] }}</th><td class="num">{{ $line['water'] }}</td>
            <td class="num">{{ $line['tank'] }}</td></tr>@endforeach
        </tbody></table>
        @if($first = $sheet->firstWater())<p><a class="act quiet" href="{{ $first }}">{{ __('bench.answer.mix_water_for') }}</a></p>@endif
        @endif
        @if($draft->missing !== [])<p class="muted">{{ __('bench.answer.not_tested_of', ['what' => implode(', ', $draft->missing)]) }}</p>@endif
    </section>
    @endif
</section>
<aside class="side right" aria-label="{{ __('bench.answer.the_batch') }}">
    <h2 class="batch-head">{{ $sheet->litres() }} <small>{{ __('bench.answer.of_new_water') }}</small></h2>
    <ol class="recipe">
        @foreach($sheet->waters() as $line)<li class="of-water"><a {!! $link('water.'.$line['place']) !!}>{{ $line['litres'] }}</a>
            <span>{{ $line['name'] }}</span></li>@endforeach
        @foreach($sheet->products() as $line)<li @class(['short' => $line->short])><a
            {!! $link('jar.'.$line->place) !!}>{{ $line->amount }}&nbsp;{{ $line->unit }}</a>
            <span>{{ $line->name }}<small>{{ $line->spoons ?? $line->what }}@if($line->short) ·
                {{ __('bench.answer.only_in_stock', ['what' => $line->short]) }}
            @endif</small></span></li>@endforeach
        @if($sheet->products() === [])<li class="none">{{ __('bench.answer.no_product_is') }}</li>@endif
    </ol>
    <table class="forecast made"><caption class="visually-hidden">{{ __('bench.answer.what_you_get') }}</caption>
        <thead><tr><th scope="col">{{ __('bench.answer.what_you_get') }}</th><th scope="col">{{ __('bench.answer.target') }}</th><th scope="col">{{
            __('bench.answer.result') }}</th></tr></thead>
        <tbody>
        @foreach($sheet->results() as $row)
            <tr @class(['beyond' => $row['misses']])><th scope="row">{{ $row['label'] }} <small>{{ $row['unit'] }}@if($row['range']) <b
                class="outside">{{ $row['range'] }}<span class="visually-hidden"> {{ __('bench.answer.for_this_livestock') }}</span></b>@endif</small></th>
            <td class="num">{{ $row['wanted'] }}</td><td class="num after"><a {!! $link($row['key']) !!}>{{ $row['made'] }}</a></td></tr>
        @endforeach
        </tbody>
    </table>
    <details class="more" id="ions"><summary>{{ __('bench.ions') }}</summary>
    <table class="forecast ions"><caption class="visually-hidden">{{ __('bench.answer.ions_mg_l') }}</caption>
        <thead><tr><th scope="col">{{ __('bench.answer.ions') }}</th><th scope="col"><span class="visually-hidden">{{ __('bench.answer.drawn')
            }}</span></th><th scope="col">mg/L</th><th scope="col">{{ __('bench.answer.limit') }}</th>
        </tr></thead>
        <tbody>
        @foreach($sheet->ions() as $row)
            <tr @class(['beyond' => $row['over']])><th scope="row">{{ label($row['ion']) }}</th>
                <td class="bar" aria-hidden="true"><svg viewBox="0 0 100 10" preserveAspectRatio="none"><path class="scale" d="M0 5H100"/>
                <path class="amount" d="M0 5H{{ max(.4, $row['at']) }}"/>@if($row['capAt'] !== null)<path class="cap"
                    d="M{{ $row['capAt'] }} 0V10"/>@endif</svg></td>
                <td class="num after"><a
                    {!! $link('ion.'.$row['ion']->value) !!}>{{ $names::figure($row['milligrams'], 3) }}</a>@if($row['unknown'])<span
                    title="{{ __('bench.answer.may_be_higher') }}">+</span>@endif</td><td class="num">{{ $row['cap'] === null ? '' :
                        $names::figure($row['cap'], 3) }}</td></tr>
        @endforeach
        </tbody>
    </table>
    </details>
    @if(count($sheet->recipes()) > 1)
    <details class="more" id="alternatives"><summary>{{ __('bench.others', ['count' => count($sheet->recipes())]) }}</summary>
    <fieldset class="alternatives"><legend>{{ __('bench.answer.as_good_but') }}</legend>
        @foreach($sheet->recipes() as $row)
            <label for="prefer-{{ $row['preference']->value }}"><input type="radio" id="prefer-{{ $row['preference']->value }}" name="prefer"
                value="{{ $row['preference']->value }}" @checked($row['isShown'])>
            <span><b>{{ label($row['preference']) }}</b> <span class="num">{{ trans_choice('bench.answer.product', $row['jars'], ['count' =>
                $row['jars']]) }} · RO
                {{ $row['pure'] }} · Na {{ $row['sodium'] }} · Ca:Mg {{ $row['ratio'] }}@if($row['cost']) · {{ __('bench.answer.costs', ['what' =>
                    $row['cost']]) }}@endif</span><small>{{ $row['ions'] }}</small></span></label>
        @endforeach
    </fieldset></details>
    @else
    <input type="hidden" name="prefer" value="{{ $draft->input->preference->value }}">
    @endif
    <p class="workings">{{ __('act.working') }} <a {!! $link('model') !!}>{{ __('bench.answer.conductivity_from_ions') }}</a>@if($sheet->working('run')), <a
        {!! $link('run') !!}>{{ __('bench.answer.run_time_of') }}</a>@endif @if($sheet->working('co2')), <a {!! $link('co2') !!}>{{
            __('bench.answer.ph_and_co') }}</a>@endif
        · <a href="/mix-water/bottles?{{ $pageQuery::query(request()) }}">{{ __('bench.answer.as_stock_solutions') }}</a>@if($sheet->batchCost()) · {{
            __('bench.answer.costs', ['what' => $sheet->batchCost()]) }}@endif</p>
    @if($draft->input->tank && $draft->input->tank->id)<p class="workings"><a
        href="/tanks/{{ $draft->input->tank->id }}/water-change?reason=amount&amp;way=litres&amp;litres={{
            $format::plain($draft->input->tank->keeper->volume_unit->fromLitres($draft->input->litres), 1)
                }}">{{ __('bench.answer.forecast_a_water', ['litres' => $sheet->litres(), 'tank' => $draft->input->tank->name]) }}</a></p>@endif
</aside>
@endif
@if(request()->header('HX-Request'))<div hx-swap-oob="innerHTML:#said">@if($sheet !== null){{ $sheet->litres() }}:
    @foreach($sheet->products() as $line){{ $line->amount }} {{ $line->unit }} {{ $line->name }}@if(!$loop->last), @endif
    @endforeach. {{ $sheet->findings()[0]->head ?? '' }}@endif</div>@include('mixing.faults', ['faults' => $faults])@endif
