@php($show = $page->show)
<x-layout :title="'Fertilising in '.$tank->name" :loop="$loop" wide :act="$page->asks()">
    <h1 class="visually-hidden">Fertilising in {{ $tank->name }}</h1>
    <div class="sheet food">
        <section class="board" aria-label="Doses of today, and charts of the nutrients">
            @include('food.today')
            <div id="courses">@include('food.courses')</div>
            <details class="more on-day"><summary>As a table</summary>
                <div id="course-table" class="table-scroll" tabindex="0" role="region" aria-label="{{ __('food.table') }}">@include('food.table')</div>
            </details>
        </section>
        <aside class="side right" aria-label="Doses">
            @include('food.trial')
            @include('food.plans')
            @include('food.school')
        </aside>
    </div>
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
