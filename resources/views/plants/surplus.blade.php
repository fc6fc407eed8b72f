<x-layout :title="__('plants.surplus.spare_cuttings')">
    <div class="page-head"><h1>{{ __('plants.surplus.spare_cuttings') }}</h1></div>
    <x-supplies-nav/>
    @forelse($page->rows() as $row)
    <article class="surplus">
        <h2>{{ $row['head'] }}</h2>
        <p class="muted">{{ $row['when'] }}</p>
        <ul>
            @foreach($row['places'] as $place)
            <li><a href="{{ $place['url'] }}">{{ $place['text'] }}</a>: {{ __($place['fits'] ? 'plants.surplus.fits' : 'plants.surplus.dark') }}</li>
            @endforeach
        </ul>
        <form method="post" action="/spare-cuttings/{{ $row['id'] }}">@csrf<button class="act quiet">{{ __('plants.surplus.used') }}<span
            class="visually-hidden">: {{ $row['head'] }}</span></button></form>
    </article>
    @empty
    <p>{{ __('plants.surplus.none') }}</p>
    @endforelse
    <p>{{ __('plants.surplus.law') }}</p>
    <p>{{ __('plants.surplus.compost') }}</p>
</x-layout>
