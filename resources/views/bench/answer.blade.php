@if($sheet === null)
<section class="board"><div class="findings"><p class="finding beyond"><b>Nothing to reckon with.</b>
    {{ $errors->first('waters') ?: 'Choose at least one water to begin with.' }}</p></div></section>
<aside class="side right"></aside>
@else
@php($show = $sheet->show)
@php($draft = $sheet->draft)
@php($base = '?'.App\View\Asked::query(request()).'&working=')
@php($link = fn (string $name): string => 'href="'.e($base.$name).'" data-working="'.e($name).'"')
<section class="board" aria-label="Where this water stands" tabindex="0">
    @include('bench.map', ['map' => $sheet->map])
    @include('bench.strip', ['strip' => $sheet->strip()])
    <x-findings :findings="$sheet->findings()"/>
    @if($ways = $sheet->concessions())
    <p class="ways">Ways out, the smallest first: @foreach($ways as $way)<a class="act quiet" href="{{ $way['link'] }}">{{ $way['text'] }}</a> @endforeach</p>
    @endif
    @if($draft->input->tank)
    <section class="way" aria-labelledby="way-title"><h2 id="way-title">The way of {{ $draft->input->tank->name }},
        {{ $show->percent($draft->input->fraction) }} at a time</h2>
        @if($draft->noPassage)<p>{{ $draft->noPassage }}</p>
        @elseif($way = $sheet->way())
        <table class="plain"><thead><tr><th>Change</th><th>Water to go in</th><th>The tank then</th></tr></thead><tbody>
            @foreach($way as $i => $line)<tr><th scope="row">{{ $i + 1 }}, {{ $line['day'] }}</th><td class="num">{{ $line['water'] }}</td>
            <td class="num">{{ $line['tank'] }}</td></tr>@endforeach
        </tbody></table>
        @if($first = $sheet->firstWater())<p><a class="act quiet" href="{{ $first }}">Make the water of the first change</a></p>@endif
        @endif
        @if($draft->missing !== [])<p class="muted">Not read: {{ implode(', ', $draft->missing) }} of the tank.</p>@endif
    </section>
    @endif
</section>
<aside class="side right" aria-label="The batch">
    <h2 class="batch-head">{{ $sheet->litres() }} <small>of new water</small></h2>
    <ol class="recipe">
        @foreach($sheet->waters() as $line)<li class="of-water"><a {!! $link('water.'.$line['place']) !!}>{{ $line['litres'] }}</a>
            <span>{{ $line['name'] }}</span></li>@endforeach
        @foreach($sheet->jars() as $line)<li @class(['short' => $line->short])><a
            {!! $link('jar.'.$line->place) !!}>{{ $line->amount }}&nbsp;{{ $line->unit }}</a>
            <span>{{ $line->name }}<small>{{ $line->spoons ?? $line->what }}@if($line->short) · only {{ $line->short }} left
            @endif</small></span></li>@endforeach
        @if($sheet->jars() === [])<li class="none">no jar is needed, or none helps</li>@endif
    </ol>
    <table class="forecast made"><caption class="visually-hidden">What it makes</caption>
        <thead><tr><th scope="col">What it makes</th><th scope="col">wanted</th><th scope="col">made</th></tr></thead>
        <tbody>
        @foreach($sheet->results() as $row)
            <tr @class(['beyond' => $row['misses']])><th scope="row">{{ $row['label'] }} <small>{{ $row['unit'] }}@if($row['range']) <b
                class="outside">{{ $row['range'] }}<span class="visually-hidden"> for these animals</span></b>@endif</small></th>
            <td class="num">{{ $row['wanted'] }}</td><td class="num after"><a {!! $link($row['key']) !!}>{{ $row['made'] }}</a></td></tr>
        @endforeach
        </tbody>
    </table>
    <details class="more" id="ions"><summary>{{ __('bench.ions') }}</summary>
    <table class="forecast ions"><caption class="visually-hidden">Ions, mg/L</caption>
        <thead><tr><th scope="col">Ions</th><th scope="col"><span class="visually-hidden">drawn</span></th><th scope="col">mg/L</th><th scope="col">limit</th>
        </tr></thead>
        <tbody>
        @foreach($sheet->ions() as $row)
            <tr @class(['beyond' => $row['over']])><th scope="row">{{ $row['ion']->label() }}</th>
                <td class="bar" aria-hidden="true"><svg viewBox="0 0 100 10" preserveAspectRatio="none"><path class="scale" d="M0 5H100"/>
                <path class="amount" d="M0 5H{{ max(.4, $row['at']) }}"/>@if($row['capAt'] !== null)<path class="cap"
                    d="M{{ $row['capAt'] }} 0V10"/>@endif</svg></td>
                <td class="num after"><a
                    {!! $link('ion.'.$row['ion']->value) !!}>{{ App\View\Words::figure($row['milligrams'], 3) }}</a>@if($row['unknown'])<span
                    title="may be more">+</span>@endif</td><td class="num">{{ $row['cap'] === null ? '' : App\View\Words::figure($row['cap'], 3) }}</td></tr>
        @endforeach
        </tbody>
    </table>
    </details>
    @if(count($sheet->recipes()) > 1)
    <details class="more" id="alternatives"><summary>{{ __('bench.others', ['count' => count($sheet->recipes())]) }}</summary>
    <fieldset class="alternatives"><legend>As good, but</legend>
        @foreach($sheet->recipes() as $row)
            <label for="prefer-{{ $row['preference']->value }}"><input type="radio" id="prefer-{{ $row['preference']->value }}" name="prefer"
                value="{{ $row['preference']->value }}" @checked($row['isShown'])>
            <span><b>{{ $row['preference']->label() }}</b> <span class="num">{{ $row['jars'] }} {{ $row['jars'] === 1 ? 'jar' : 'jars' }} · RO
                {{ $row['pure'] }} · Na {{ $row['sodium'] }} · Ca:Mg {{ $row['ratio'] }}@if($row['cost']) · costs
                {{ $row['cost'] }}@endif</span><small>{{ $row['ions'] }}</small></span></label>
        @endforeach
    </fieldset></details>
    @else
    <input type="hidden" name="prefer" value="{{ $draft->input->preference->value }}">
    @endif
    <p class="workings">Workings: <a {!! $link('model') !!}>conductivity from ions</a>@if($sheet->working('run')), <a
        {!! $link('run') !!}>running time of the RO unit</a>@endif @if($sheet->working('co2')), <a {!! $link('co2') !!}>pH and CO₂</a>@endif
        · <a href="/mix-water/bottles?{{ App\View\Asked::query(request()) }}">as stock solutions</a>@if($sheet->batchCost()) · costs
            {{ $sheet->batchCost() }}@endif</p>
    @if($draft->input->tank && $draft->input->tank->id)<p class="workings"><a
        href="/tanks/{{ $draft->input->tank->id }}/water-change?reason=amount&amp;way=litres&amp;litres={{
            App\Units\Show::plain($draft->input->tank->keeper->volume_unit->fromLitres($draft->input->litres), 1) }}">Forecast
        a change of {{ $sheet->litres() }} in {{ $draft->input->tank->name }}</a></p>@endif
</aside>
@endif
@if(request()->header('HX-Request'))<div hx-swap-oob="innerHTML:#said">@if($sheet !== null){{ $sheet->litres() }}:
    @foreach($sheet->jars() as $line){{ $line->amount }} {{ $line->unit }} {{ $line->name }}@if(!$loop->last), @endif
    @endforeach. {{ $sheet->findings()[0]->head ?? '' }}@endif</div>@include('bench.faults', ['faults' => $faults])@endif
