<x-layout :title="__('run.strip.title', ['tank' => $checklist->tank->name])" bare>
<article class="paper-sheet">
    <h1 class="visually-hidden">{{ __('run.strip.paper_strip_for', ['tank' => $checklist->tank->name]) }}</h1>
    <p class="acts">{{ __('run.strip.print_at_100') }} @if(count($pieces) > 1){{ __('run.strip.the_second_piece') }} @endif <button class="act" type="button"
        data-print>{{ __('act.print') }}</button> <a class="act quiet" href="/checklists/{{ $checklist->id }}/print">{{ __('act.back') }}</a></p>
    @foreach($pieces as $i => [$from, $to])
    <svg class="strip" width="90mm" height="{{ $to - $from + 4 }}mm" viewBox="0 {{ $from }} 90 {{ $to - $from + 4 }}" role="img"
        aria-label="{{ __('run.strip.paper_strip_with', ['what' => round($from), 'what_too' => round($to)]) }}">
        <path class="cut" d="M1 {{ $from }}V{{ $to }}H36V{{ $from }}"/><text x="3"
            y="{{ $from + 4 }}">{{ $i === 0 ? 'rim, '.$checklist->tank->name : round($from).' mm on' }}</text>
        @for($mm = 10 * (int) ceil($from / 10); $mm <= $to; $mm += 10)<path class="tick-line"
            d="M1 {{ $mm }}h{{ $mm % 50 === 0 ? 6 : 3 }}"/>@if($mm % 50 === 0 && $mm > $from + 5)<text x="8" y="{{ $mm + 1.2 }}">{{ $mm }}</text>@endif @endfor
        @foreach($marks as [$mm, $text, $isMark])@if($mm > $from && $mm <= $to)<path @class(['strip-mark' => $isMark, 'strip-level' => !$isMark])
            d="M1 {{ $mm }}H36"/><text x="16" y="{{ $mm - 1 }}">{{ $text }} {{ round($mm) }}</text>@endif @endforeach
        @if($i === 0)<path class="cut" d="M60 10V110m-3-100h6m-6 100h6"/><text x="64" y="62">100 mm</text>@endif
    </svg>
    @endforeach
</article>
</x-layout>
