<x-layout :title="__('bed.page.title', ['tank' => $tank->name])" :loop="$loop">
    <div class="page-head"><h1>{{ __('bed.page.gravel_vac_in', ['tank' => $tank->name]) }} <x-term key="gravel_vac"/></h1><a class="act quiet"
        href="/tanks/{{ $tank->id }}/maintenance?tasks[]=vacuum">{{ __('bed.page.plan_maintenance_with') }}</a></div>
    @if($page->zones === [])
    <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/gravel-vac">@csrf
        <p>{{ __('bed.page.divide_the_substrate_into') }}</p>
        <x-choice name="cover" :label="__('bed.page.the_substrate_is')" :value="'sand'"
            :options="$choices::options('cover')"/>
        <button class="act">{{ __('bed.page.divide_it_into') }}</button>
    </form>
    @else
    @if($finding = $page->finding())<x-finding :tone="$finding->tone"><b>{{ $finding->head }}</b> {{ $finding->text }} @if($page->working('next'))<a
        href="?working=next" data-working="next">{{ __('act.working') }}</a>@endif</x-finding>@endif
    <svg class="bed-plan" viewBox="-6 -6 {{ $page->wide() + 12 }} {{ $page->height() + 30 }}" role="img"
        aria-label="{{ __('bed.page.plan_of_the', ['count' => count($page->zones)]) }}">
        <defs>
            <clipPath id="bed-outline"><polygon points="{{ $page->outline() }}"/></clipPath>
            @foreach([1 => 16, 2 => 9, 3 => 5] as $wear => $gap)<pattern id="wear-{{ $wear }}" width="{{ $gap }}" height="{{ $gap }}"
                patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path class="wear-line" d="M0 0V{{ $gap }}"/></pattern>@endforeach
        </defs>
        <g clip-path="url(#bed-outline)">
        @foreach($page->zones as $zone)
            @php([$x, $y, $w, $h] = $page->rectangle($zone))
            <g @class(['patch', 'next' => $page->isNext($zone)]) data-patch="{{ $zone->id }}">
                <rect class="ground" x="{{ $x }}" y="{{ $y }}" width="{{ $w }}" height="{{ $h }}"/>
                @if($page->wear($zone) > 0)<rect x="{{ $x }}" y="{{ $y }}" width="{{ $w }}" height="{{ $h }}"
                    fill="url(#wear-{{ $page->wear($zone) }})"/>@endif
                <rect class="edge" x="{{ $x + 1.5 }}" y="{{ $y + 1.5 }}" width="{{ max(1, $w - 3) }}" height="{{ max(1, $h - 3) }}"/>
                <text x="{{ $x + $w / 2 }}" y="{{ $y + $h / 2 }}" text-anchor="middle">{{ $page->number($zone) }}</text>
                <text class="say" x="{{ $x + $w / 2 }}" y="{{ $y + $h / 2 + 16 }}" text-anchor="middle">{{ $page->days($zone) }}</text>
            </g>
        @endforeach
        </g>
        <polygon class="glass" points="{{ $page->outline() }}"/>
        <text class="say" x="{{ $page->wide() / 2 }}" y="{{ $page->height() + 20 }}" text-anchor="middle">{{ __('bed.page.front_glass') }}</text>
    </svg>
    <p class="key">{{ __('bed.page.number_and_days') }}</p>
    <ul class="patches">
        @foreach($page->zones as $zone)
        <li id="patch-{{ $zone->id }}" @class(['next' => $page->isNext($zone)])><b>{{ $page->number($zone) }}</b>
            <div><span>{{ label($zone->cover) }}: {{ __('names.technique.'.$zone->cover->value) }}</span>
                <small>{{ $page->lastVacuumed($zone) }}
                    @if($zone->cleanings_count)({{ trans_choice('bed.page.times', $zone->cleanings_count, ['count' => $zone->cleanings_count]) }})@endif
                    @if($page->isNext($zone)) · {{ __('bed.page.next') }} @endif</small></div>
            <form method="post" action="/tanks/{{ $tank->id }}/gravel-vac/{{ $zone->id }}/clean" data-clean="{{ $zone->id }}">@csrf<button
                @class(['act', 'quiet' => !$page->isNext($zone)])>{{ __('bed.page.vacuumed') }}<span
                class="visually-hidden"> {{ __('bed.page.zone', ['what' => $page->number($zone)]) }}</span></button></form>
            <details><summary>{{ __('act.edit') }}<span class="visually-hidden"> {{ __('bed.page.zone', ['what' => $page->number($zone)]) }}</span></summary>
                <form class="inline-form" method="post" action="/tanks/{{ $tank->id }}/gravel-vac/{{ $zone->id }}">@csrf @method('put')<label
                    class="visually-hidden" for="f-cover-{{ $zone->id }}">{{ __('bed.page.what_covers_zone', ['what' => $page->number($zone)]) }}</label>
                <select id="f-cover-{{ $zone->id }}" name="cover">@foreach($choices::all('cover') as $cover)<option value="{{ $cover->value }}"
                    @selected($cover === $zone->cover)>{{ label($cover) }}</option>@endforeach</select><button class="act quiet">{{ __('act.save')
                        }}</button></form>
                <form class="inline-form" method="post" action="/tanks/{{ $tank->id }}/gravel-vac/{{ $zone->id }}/split">@csrf<button
                    class="act quiet">{{ __('bed.page.split_in_two') }}</button></form>
                @foreach($page->partners($zone) as $other)<form class="inline-form" method="post"
                    action="/tanks/{{ $tank->id }}/gravel-vac/{{ $zone->id }}/merge/{{ $other->id }}">@csrf<button
                    class="act quiet">{{ __('bed.page.join_with', ['what' => $page->number($other)]) }}</button></form>@endforeach
            </details></li>
        @endforeach
    </ul>
    <details class="danger"><summary>{{ __('bed.page.divide_the_substrate') }}</summary>
    <form method="post" action="/tanks/{{ $tank->id }}/gravel-vac">@csrf<p>{{ __('bed.page.this_deletes_the') }}</p><x-choice name="cover"
        :label="__('bed.page.the_substrate_is')"
        :value="'sand'" :options="$choices::options('cover')"/><button
        class="act beyond">{{ __('bed.page.divide_again') }}</button></form></details>
    @endif
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
