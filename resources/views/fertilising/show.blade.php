@php($show = $page->show)
<x-layout :title="__('food.show.title', ['tank' => $tank->name])" :loop="$loop" wide :act="$page->asks()">
    <h1 class="visually-hidden">{{ __('food.show.fertilising_in', ['tank' => $tank->name]) }}</h1>
    <div class="sheet food">
        <section class="board" aria-label="{{ __('food.show.todays_doses_and') }}">
            @include('fertilising.today')
            <div id="courses">@include('fertilising.courses')</div>
            <details class="more on-day" @sure><summary>{{ __('food.show.as_a_table') }}</summary>
                <div id="course-table" class="table-scroll" tabindex="0" role="region" aria-label="{{ __('food.table') }}">@include('fertilising.table')</div>
            </details>
        </section>
        <aside class="side right" aria-label="{{ __('food.show.doses') }}">
            @include('fertilising.trial')
            @include('fertilising.plans')
            @include('fertilising.school')
        </aside>
    </div>
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
