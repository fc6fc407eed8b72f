<x-layout :title="__('change.dose_page.title', ['tank' => $tank->name])" :loop="$loop">
    <div class="page-head"><h1>{{ $tank->name }}</h1><a class="act quiet"
        href="/tanks/{{ $tank->id }}/water-change?{{ $pageQuery::query(request()) }}">{{ __('change.dose_page.back_to_water') }}</a></div>
    <section class="dose-after">@include('water-change.dose')</section>
</x-layout>
