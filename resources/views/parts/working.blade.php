{{-- Any computed figure: formula by formula with the keeper's numbers, where constants come from, what moves it most. --}}
@if($working === null)
<h2>No working here</h2>
<p>This figure is not computed yet: a reading it needs is missing.</p>
@else
@php($number = App\View\Words::figure(...))
@php($show = request()->user()?->show())
<h2>{{ $working->title }}</h2>
@php($values = [])
@foreach([...$working->givens(), ...$working->constants()] as $given)@php($values[$given->symbol] = $number($given->value->central()))@endforeach
<ol class="lines">
    @foreach($working->lines() as $line)
        <li>
            <span class="what">{{ $line->label }}</span>
            <code>{{ str_replace(['*', ' - '], ['·', ' − '], $line->formula->text) }}</code>
            @if($line->solvedFor)
                <span class="result">solved for {{ $line->solvedFor }} = <b>{{ $number($line->result) }}</b> {{ $line->unit }}</span>
                @php($values[$line->solvedFor] = $number($line->result))
            @else
                <code class="filled">= {{ str_replace(['*', ' - '], ['·', ' − '], $line->formula->filledIn($values)) }}</code>
                <span class="result">= <b>{{ $number($line->result) }}</b> {{ $line->unit }}@if($own = $show?->own($line->result, (string) $line->unit))
                ({{ $own }})@endif</span>
                @php($values[$line->formula->name] = $number($line->result))
            @endif
            @if($line->source)<span class="source">{{ $line->source }}</span>@endif
        </li>
    @endforeach
</ol>
@php($estimate = $working->estimate())
@if($estimate->spread() > 0)
<p class="band-line">As exactly as you can measure, it lies eight times out of ten between <b>{{ $number($estimate->low(), 3) }}</b> and
    <b>{{ $number($estimate->high(), 3) }}</b>.</p>
@endif
<h3>What goes in</h3>
<table class="plain"><thead><tr><th>Symbol</th><th>Meaning</th><th>Value</th><th>From</th></tr></thead><tbody>
    @foreach([...$working->givens(), ...$working->constants()] as $given)
        <tr><td><code>{{ $given->symbol }}</code></td><td>{{ $given->label }}</td>
            <td class="num">{{ $number($given->value->central()) }}@if($given->value->spread() > 0) ± {{ $number($given->value->spread(), 2) }}@endif
                {{ $given->unit }}@if($own = $show?->own($given->value->central(), $given->unit)) ({{ $own }})@endif</td>
            <td>{{ $given->source ?? 'you' }}@if($given->grade) · {{ $given->grade->value }}@endif</td></tr>
    @endforeach
</tbody></table>
@php($sensitivities = array_slice($working->sensitivities(), 0, 3))
@if($sensitivities !== [])
<h3>What would change it most</h3>
<ul class="moves">
    @foreach($sensitivities as $move)
        <li>{{ ucfirst($move->given->label) }}: {{ $number($move->step, 2) }} {{ $move->given->unit }} more makes it
            <b>{{ $move->effect < 0 ? $number(-$move->effect, 2).' less' : $number($move->effect, 2).' more' }}</b></li>
    @endforeach
</ul>
@endif
@foreach($working->notes() as $note)<p class="note">{{ $note }}</p>@endforeach
@endif
