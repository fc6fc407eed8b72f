<x-layout :title="__('week.move_page.move_a_task')">
    <div class="page-head"><h1>{{ $jobWords::job($job, $page->show) }}</h1><a class="act quiet" href="/week?from={{ $page->from }}">{{
        __('week.move_page.week') }}</a></div>
    <p class="muted">{{ __('week.move_page.min_each_day', ['name' => $page->tank($job->tank())?->name ?? __('week.at_home'), 'minutes' => $job->minutes]) }}</p>
    <div class="lot">@include('week.move')</div>
</x-layout>
