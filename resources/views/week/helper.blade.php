@php($helper = $page->helper)
@php($count = $page->count())
<x-layout :title="__('helper.one.at', ['name' => $helper->name, 'tank' => $helper->tank->name])">
    <div class="page-head"><h1>{{ __('helper.one.at', ['name' => $helper->name, 'tank' => $helper->tank->name]) }}</h1><span class="acts"><a class="act quiet"
        href="/helpers/{{ $helper->id }}/print">{{ __('act.print') }}</a> <a class="act quiet" href="/helpers">{{ __('act.back') }}</a></span></div>
    <p class="lead-line">{{ __('helper.one.to', ['day' => $helper->from_day->translatedFormat('j M'), 'until' =>
        $helper->until_day->translatedFormat('j M'), 'what' =>
        __('helper.report.by', ['done' => $count[0], 'asked' => $count[1]])]) }}</p>
    @if(!$page->isOver())<form class="act-line" method="post" action="/helpers/{{ $helper->id }}">@csrf @method('delete')<button
        class="act quiet">{{ __('helper.one.delete_the_link') }}</button></form>@else<p class="muted">{{ __('helper.gone') }}</p>@endif
    @if($page->report() === [])<p>{{ __('helper.report.none') }}</p>@endif
    <ol class="plain-list report">@foreach($page->report() as $day)<li><b class="num">{{ $day['day']->translatedFormat('D j M') }}</b>
        @foreach($day['left'] as $text)<span class="beyond">{{ __('helper.report.left') }}: {{ $text }}</span>@endforeach
        @foreach($day['done'] as $text)<span>{{ __('helper.report.done') }}: {{ $text }}</span>@endforeach
        @if($day['left'] === [] && $day['done'] === [])<span class="muted">{{ __('helper.one.nothing_to_do') }}</span>@endif</li>@endforeach</ol>
    <p><a href="/tanks/{{ $helper->tank_id }}/log">{{ __('helper.one.their_tests_and') }}</a></p>
</x-layout>
