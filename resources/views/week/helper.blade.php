@php($helper = $page->helper)
@php($count = $page->count())
<x-layout :title="$helper->name.' at '.$helper->tank->name">
    <div class="page-head"><h1>{{ $helper->name }} at {{ $helper->tank->name }}</h1><span class="acts"><a class="act quiet"
        href="/helpers/{{ $helper->id }}/print">On paper</a> <a class="act quiet" href="/helpers">Back</a></span></div>
    <p class="lead-line">{{ $helper->from_day->format('j M') }} to {{ $helper->until_day->format('j M') }}:
        {{ __('helper.report.by', ['done' => $count[0], 'asked' => $count[1]]) }}.</p>
    @if(!$page->isOver())<form class="act-line" method="post" action="/helpers/{{ $helper->id }}">@csrf @method('delete')<button
        class="act quiet">Take the link
        back</button></form>@else<p class="muted">{{ __('helper.gone') }}</p>@endif
    @if($page->report() === [])<p>{{ __('helper.report.none') }}</p>@endif
    <ol class="plain-list report">@foreach($page->report() as $day)<li><b class="num">{{ $day['day']->format('D j M') }}</b>
        @foreach($day['left'] as $text)<span class="beyond">{{ __('helper.report.left') }}: {{ $text }}</span>@endforeach
        @foreach($day['done'] as $text)<span>{{ __('helper.report.done') }}: {{ $text }}</span>@endforeach
        @if($day['left'] === [] && $day['done'] === [])<span class="muted">nothing was asked for</span>@endif</li>@endforeach</ol>
    <p><a href="/tanks/{{ $helper->tank_id }}/log">What was read and written stands in the diary</a></p>
</x-layout>
