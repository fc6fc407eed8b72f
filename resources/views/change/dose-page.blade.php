<x-layout :title="'Doses after the change of '.$tank->name" :loop="$loop">
    <div class="page-head"><h1>{{ $tank->name }}</h1><a class="act quiet"
        href="/tanks/{{ $tank->id }}/water-change?{{ App\View\Asked::query(request()) }}">To the change</a></div>
    <section class="dose-after">@include('change.dose')</section>
</x-layout>
