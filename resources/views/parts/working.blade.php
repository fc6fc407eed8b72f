{{-- Any computed figure: formula by formula with the keeper's numbers, where constants come from, what moves it most. --}}
@if($working === null)
<h2>{{ __('working.page.not_worked_out') }}</h2>
<p>{{ __('working.page.a_test_that') }}</p>
@else
@php($number = $names::figure(...))
@php($show = request()->user()?->show())
<h2>{{ say($working->title) }}</h2>
<p class="means">{{ say('means.'.$working->key()) }}</p>
@php($values = [])
@foreach([...$working->givens(), ...$working->constants()] as $given)@php($values[$given->symbol] = $number($given->value->central()))@endforeach
<ol class="lines">
    @foreach($working->lines() as $line)
        <li>
            <span class="what">{{ say($line->label) }}</span>
            <code>{{ str_replace(['*', ' - '], ['·', ' − '], $line->formula->text) }}</code>
            @if($line->solvedFor)
                <span class="result">{{ __('working.page.solved_for', ['what' => $line->solvedFor]) }} <b>{{ $number($line->result) }}</b> {{ $line->unit
                    }}</span>
                @php($values[$line->solvedFor] = $number($line->result))
            @else
                <code class="filled">= {{ str_replace(['*', ' - '], ['·', ' − '], $line->formula->filledIn($values)) }}</code>
                <span class="result">= <b>{{ $number($line->result) }}</b> {{ $line->unit }}@if($own = $show?->own($line->result, (string) $line->unit))
                ({{ $own }})@endif</span>
                @php($values[$line->formula->name] = $number($line->result))
            @endif
            @if($line->source)<span class="source">{{ say($line->source, 'working.source') }}</span>@endif
        </li>
    @endforeach
</ol>
@php($estimate = $working->estimate())
@if($estimate->spread() > 0)
<p class="band-line">{{ __('working.page.with_your_test') }} <b>{{ $number($estimate->low(), 3) }}</b> {{ __('working.page.and') }}
    <b>{{ $number($estimate->high(), 3) }}</b>.</p>
@endif
<h3>{{ __('working.page.what_goes_in') }}</h3>
<div class="table-scroll"><table class="plain"><thead><tr><th>{{ __('working.page.symbol') }}</th><th>{{ __('working.page.meaning') }}</th><th>{{
    __('working.page.value')
    }}</th><th>{{ __('working.page.where_from') }}</th></tr></thead><tbody>
    @foreach([...$working->givens(), ...$working->constants()] as $given)
        <tr><td><code>{{ $given->symbol }}</code></td><td>{{ say($given->label) }}</td>
            <td class="num">{{ $number($given->value->central()) }}@if($given->value->spread() > 0) ± {{ $number($given->value->spread(), 2) }}@endif
                {{ $given->unit }}@if($own = $show?->own($given->value->central(), $given->unit)) ({{ $own }})@endif</td>
            <td>{{ $given->source === null
                ? __('working.page.you') : say($given->source, 'working.source') }}@if($given->grade) · {{ label($given->grade) }}@endif</td></tr>
    @endforeach
</tbody></table></div>
@php($sensitivities = array_slice($working->sensitivities(), 0, 3))
@if($sensitivities !== [])
<h3>{{ __('working.page.what_would_change') }}</h3>
<ul class="moves">
    @foreach($sensitivities as $move)
        <li>{{ __('working.page.more', ['what' => say($move->given->label), 'step' => $number($move->step, 2).' '.$move->given->unit]) }}
            <b>{{ __($move->effect < 0 ? 'working.page.less' : 'working.page.by_more', ['amount' => $number(abs($move->effect), 2)]) }}</b></li>
    @endforeach
</ul>
@endif
@foreach($working->notes() as $note)<p class="note">{{ say($note) }}</p>@endforeach
@endif
