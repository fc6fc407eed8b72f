@php($ec = $choices::parameter('conductivity'))
@php($at = fn (float $v): float => round(54 + 530 * max(0, min(1, $v / $strip['most'])), 1))
<svg class="water-map ec-strip" viewBox="0 0 600 58" role="img"
    aria-label="@if($strip['reach']){{ __('bench.strip.reach', ['low' => $show->number($ec, $strip['reach'][0]), 'high' => $show->number($ec,
    $strip['reach'][1])]) }} @endif{{ __('bench.strip.made', ['value' => $show->value($ec, $strip['made'])]) }} @if($strip['target'] !== null){{
    __('bench.strip.target', ['value' => $show->value($ec, $strip['target'])]) }}@endif">
    <text class="say" x="48" y="26" text-anchor="end">{{ $show->unit($ec)->label }}</text>
    <path class="tick-line" d="M54 22H584"/>
    @if($strip['reach'])<path class="ec-reach" d="M{{ $at($strip['reach'][0]) }} 22H{{ max($at($strip['reach'][1]), $at($strip['reach'][0]) + 1) }}"/>@endif
    @if($strip['range'])<path class="ec-home" d="M{{ $at($strip['range'][0]) }} 30H{{ $at($strip['range'][1]) }}"/>@endif
    @if($strip['tank'] !== null)<rect class="tank" x="{{ $at($strip['tank']) - 5 }}" y="17" width="10" height="10"/>@endif
    @if($strip['target'] !== null)<path class="ec-aim" d="M{{ $at($strip['target']) }} 10V34"/>@endif
    <circle class="made" cx="{{ $at($strip['made']) }}" cy="22" r="5"/>
    @foreach($strip['ticks'] as $tick)<path class="tick-line"
        d="M{{ $at($show->unit($ec)->toBase($tick)) }} 22v4"/><text class="num" x="{{ $at($show->unit($ec)->toBase($tick)) }}" y="50"
        text-anchor="middle">{{ $format::plain($tick, 0) }}</text>@endforeach
</svg>
