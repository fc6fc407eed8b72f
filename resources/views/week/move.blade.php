@php($id = 'to-'.str_replace(['.', '@'], '-', $job->id()))
<form method="post" action="/week/lay">@csrf<input type="hidden" name="job" value="{{ $job->key }}"><input type="hidden" name="from"
    value="{{ $page->from }}"><input type="hidden" name="due"
    value="{{ $page->week->today->addDays(max(0, $job->day()))->format('Y-m-d') }}">@if($job->laid !== null)<input type="hidden" name="was"
    value="{{ $page->week->today->addDays($job->laid)->format('Y-m-d') }}">@endif
    <label for="{{ $id }}">{{ __('week.move.to') }}</label>
    <select name="day" id="{{ $id }}">
        @foreach($page->moves($job) as $move)<option value="{{ $move['date'] }}"
            data-to="{{ $move['day'] }}" @selected($move['here'])>{{ $move['label'] }}: {{ $move['cost'] }}</option>@endforeach
        @if($job->laid !== null)<option value="">{{ __('week.cost.free') }}</option>@endif
    </select> <button class="act quiet">{{ __('week.move.move_it_there') }}</button></form>
