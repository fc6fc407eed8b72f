<x-layout :title="'Strip for '.$run->tank->name" bare>
<article class="paper-sheet">
    <h1 class="visually-hidden">Strip of marks for {{ $run->tank->name }}</h1>
    <p class="acts">Print at 100 %, cut along the lines, tape it to the glass with its top at the rim; the ten centimetres beside it tell whether the printer
        kept the size. @if(count($pieces) > 1)The second piece goes on where the first one ends. @endif <button class="act" type="button"
        data-print>Print</button> <a class="act quiet" href="/checklists/{{ $run->id }}/print">Back</a></p>
    @foreach($pieces as $i => [$from, $to])
    <svg class="strip" width="90mm" height="{{ $to - $from + 4 }}mm" viewBox="0 {{ $from }} 90 {{ $to - $from + 4 }}" role="img"
        aria-label="Strip with the marks, {{ round($from) }} to {{ round($to) }} mm below the rim">
        <path class="cut" d="M1 {{ $from }}V{{ $to }}H36V{{ $from }}"/><text x="3"
            y="{{ $from + 4 }}">{{ $i === 0 ? 'rim, '.$run->tank->name : round($from).' mm on' }}</text>
        @for($mm = 10 * (int) ceil($from / 10); $mm <= $to; $mm += 10)<path class="tick-line"
            d="M1 {{ $mm }}h{{ $mm % 50 === 0 ? 6 : 3 }}"/>@if($mm % 50 === 0 && $mm > $from + 5)<text x="8" y="{{ $mm + 1.2 }}">{{ $mm }}</text>@endif @endfor
        @foreach($marks as [$mm, $text, $isMark])@if($mm > $from && $mm <= $to)<path @class(['strip-mark' => $isMark, 'strip-level' => !$isMark])
            d="M1 {{ $mm }}H36"/><text x="16" y="{{ $mm - 1 }}">{{ $text }} {{ round($mm) }}</text>@endif @endforeach
        @if($i === 0)<path class="cut" d="M60 10V110m-3-100h6m-6 100h6"/><text x="64" y="62">100 mm</text>@endif
    </svg>
    @endforeach
</article>
</x-layout>
