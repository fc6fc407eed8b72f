<x-layout title="Move a job">
    <div class="page-head"><h1>{{ App\View\WeekWords::job($job, $page->show) }}</h1><a class="act quiet" href="/week?from={{ $page->from }}">To the
        week</a></div>
    <p class="muted">{{ $page->tank($job->tank())?->name ?? __('week.at_home') }}, {{ $job->minutes }} min. Each day says what it would cost.</p>
    <div class="lot">@include('week.move')</div>
</x-layout>
