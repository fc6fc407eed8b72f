@php($show = $page->show)
<x-layout :title="'Food of '.$tank->name" :loop="$loop" wide :act="$page->asks()">
    <h1 class="visually-hidden">Food of {{ $tank->name }}</h1>
    <div class="sheet food">
        <section class="board" aria-label="Courses of the nutrients">
            <div id="courses">@include('food.courses')</div>
        </section>
        <aside class="side right" aria-label="Doses">
            @include('food.today')
            @include('food.trial')
            @include('food.plans')
            @include('food.school')
        </aside>
    </div>
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
