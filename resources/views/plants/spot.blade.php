@php($url = fn (array $more): string => '/tanks/'.$tank->id.'/fixed-spot?'.http_build_query($more + ['then' => $page->then?->id, 'now' => $page->now?->id, 'way'
    => $page->isOver ? 'over' : 'beside']))
@php($name = fn ($photo): string => $photo->is_intent ? __('spot.intent') : $show->day($photo->taken_at))
<x-layout :title="__('plants.spot.title', ['tank' => $tank->name])" :loop="$loop">
    <div class="page-head"><h1>{{ __('plants.spot.from_the_same', ['tank' => $tank->name]) }}</h1><a class="act quiet"
        href="/tanks/{{ $tank->id }}/plants">{{ __('plants.spot.all_plants') }}</a></div>
    <div class="two-halves spot">
    <section>
        @if($page->then && $page->now && !$page->then->is($page->now))
        <p class="either-links">
            <a href="{{ $url(['way' => 'over']) }}" @if($page->isOver) aria-current="true" @endif>{{ __('plants.spot.overlay') }}</a>
            <a href="{{ $url(['way' => 'beside']) }}" @if(!$page->isOver) aria-current="true" @endif>{{ __('plants.spot.side_by_side') }}</a>
        </p>
        @if($page->isOver)
        <div class="compare" data-compare>
            <div class="compare-frame">
                <img src="/photos/{{ $page->then->id }}" width="{{ $page->then->width }}" height="{{ $page->then->height }}"
                    alt="{{ __('plants.spot.the_tank', ['name' => $name($page->then)]) }}">
                <img class="over" src="/photos/{{ $page->now->id }}" width="{{ $page->now->width }}" height="{{ $page->now->height }}"
                    alt="{{ __('plants.spot.the_tank', ['name' => $name($page->now)]) }}">
            </div>
            <label for="compare">{{ ucfirst($name($page->then)) }} <span class="visually-hidden">{{ __('plants.spot.compared_with') }}</span> <input
                id="compare" type="range" min="0"
                max="100" value="50"> {{ $name($page->now) }}</label>
        </div>
        @else
        <div class="beside">
            @foreach([$page->then, $page->now] as $photo)
            <figure><img src="/photos/{{ $photo->id }}" width="{{ $photo->width }}" height="{{ $photo->height }}"
                alt="{{ __('plants.spot.the_tank', ['name' => $name($photo)]) }}"><figcaption>{{ ucfirst($name($photo)) }}</figcaption></figure>
            @endforeach
        </div>
        @endif
        @elseif($page->now)
        <img class="alone" src="/photos/{{ $page->now->id }}" width="{{ $page->now->width }}" height="{{ $page->now->height }}"
            alt="{{ __('plants.spot.the_tank', ['name' => $name($page->now)]) }}">
        @else
        <p>{{ __('spot.none') }}</p>
        @endif
        <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/fixed-spot" enctype="multipart/form-data">
            @csrf
            <label for="photo">{{ __('plants.spot.a_private_photo') }}</label>
            <input id="photo" type="file" name="photo" accept="image/jpeg,image/png,image/webp" aria-describedby="e-photo">
            <p class="fault" id="e-photo">{{ $errors->first('photo') }}</p>
            <button class="act quiet">{{ __('plants.spot.save_photo') }}</button>
        </form>
        @if($page->photos->isNotEmpty())
        <ul class="spot-photos">
            @foreach($page->photos as $photo)
            <li>
                <img src="/photos/{{ $photo->id }}" width="{{ $photo->width }}" height="{{ $photo->height }}" alt="" loading="lazy">
                <span>{{ ucfirst($name($photo)) }}</span>
                <a href="{{ $url(['then' => $photo->id]) }}">{{ __('plants.spot.then') }}<span class="visually-hidden">: {{ $name($photo) }}</span></a>
                <a href="{{ $url(['now' => $photo->id]) }}">{{ __('plants.spot.now') }}<span class="visually-hidden">: {{ $name($photo) }}</span></a>
                <form method="post" action="/tanks/{{ $tank->id }}/fixed-spot/photos/{{ $photo->id }}">
                    @csrf
                    <button class="quiet" aria-pressed="{{ $photo->is_intent ? 'true' : 'false' }}">{{ __($photo->is_intent ? 'plants.spot.unpin' :
                        'plants.spot.pin') }}<span
                        class="visually-hidden">: {{ $name($photo) }}</span></button>
                </form>
            </li>
            @endforeach
        </ul>
        @endif
    </section>
    <section>
        <h2>{{ __('plants.spot.what_looks_wrong') }}</h2>
        <form method="post" action="/tanks/{{ $tank->id }}/layout-issues" novalidate>
            @csrf
            <fieldset class="signs"><legend class="visually-hidden">{{ __('plants.spot.what_looks_wrong') }}</legend>
                @foreach($choices::all('off') as $kind)
                <label><input type="checkbox" name="kinds[]" value="{{ $kind->value }}"
                    @checked(in_array($kind->value, (array) old('kinds', []), true))> <span>{{ __('spot.'.$kind->value) }}</span></label>
                @endforeach
            </fieldset>
            <p class="fault" id="e-f-kinds">{{ $errors->first('kinds') ?: $errors->first('kinds.*') }}</p>
            <x-field name="place" :label="__('plants.spot.where')" maxlength="80"/>
            <button class="act">{{ __('act.save') }}</button>
        </form>
        <h2>{{ __('plants.spot.for_the_next') }}</h2>
        @forelse($page->open() as $spot)
        <form class="off-spot" method="post" action="/tanks/{{ $tank->id }}/layout-issues/{{ $spot->id }}">
            @csrf @method('put')
            <span>{{ ucfirst($spot->words()) }} <small>{{ $show->day($spot->noted_at) }}</small></span>
            <button class="quiet" name="state" value="restored">{{ __('plants.spot.restored') }}<span class="visually-hidden">: {{ $spot->words()
                }}</span></button>
            <button class="quiet" name="state" value="kept">{{ __('plants.spot.leave_it') }}<span class="visually-hidden">: {{ $spot->words() }}</span></button>
            <button class="quiet" name="state" value="against">{{ __('plants.spot.dismiss') }}<span class="visually-hidden">: {{ $spot->words()
                }}</span></button>
        </form>
        @empty
        <p class="muted">{{ __('plants.spot.nothing_looks_wrong') }}</p>
        @endforelse
        @if($page->open()->isNotEmpty())
        <p><a class="act" href="/tanks/{{ $tank->id }}/maintenance?{{ http_build_query(['dry' => '1', 'tasks' => $page->open()->map(fn ($spot)
            => $spot->kind->task()->value)->unique()->values()->all()]) }}">{{ __('plants.spot.plan_maintenance') }}</a></p>
        @endif
        @if($page->settled()->isNotEmpty())
        <h2>{{ __('plants.spot.settled') }}</h2>
        <ul class="events">
            @foreach($page->settled() as $spot)
            <li><span>{{ $spot->settled_at ? $show->day($spot->settled_at) : '' }}</span>
                {{ ucfirst($spot->words()) }}: {{ __('spot.state.'.$spot->state->value) }}</li>
            @endforeach
        </ul>
        @endif
    </section>
    </div>
</x-layout>
