@php($helper = $page->helper)
<x-layout :title="$helper->tank->name" bare>
<div class="help paper">
    <p class="no-print"><a href="/helpers/{{ $helper->id }}">{{ __('act.back') }}</a></p>
    <h1>{{ $helper->tank->name }}</h1>
    <p>{{ __('helper.paper.to_for', ['day' => $helper->from_day->translatedFormat('l j F'), 'until' => $helper->until_day->translatedFormat('l j F Y'),
        'name' =>
        $helper->name]) }}</p>
    @if($helper->note)<p class="line">{{ $helper->note }}</p>@endif
    <table class="plain ticks"><thead><tr><th>{{ __('helper.paper.what') }}</th><th>{{ __('helper.paper.when') }}</th><th>{{ __('helper.paper.tick')
        }}</th></tr></thead><tbody>
    @foreach($helper->jobs as $job)<tr><td>{{ $job->text }}@if($job->caution)<br><b>{{ $job->caution }}</b>@endif</td>
        <td>{{ trans_choice('helper.every', $job->every, ['count' => $job->every]) }}</td><td class="boxes">@php($day = $helper->from_day->setTime(12, 0))
        @for($n = 0; $n < 31 && $day->format('Y-m-d') <= $helper->until_day->format('Y-m-d'); $n++)
            @if($page->falls($job, $day))<span class="num">{{ $day->format('j.n.') }} ☐</span> @endif @php($day = $day->addDay())
        @endfor</td></tr>@endforeach</tbody></table>
    <p class="caution">{{ __('helper.emergency') }}</p>
</div>
</x-layout>
