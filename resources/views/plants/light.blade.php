@php($levels = $page->show->levels())
<x-layout :title="__('plants.light_page.title', ['tank' => $tank->name])" :loop="$loop">
    <div class="page-head"><h1>{{ __('plants.light.light_of', ['tank' => $tank->name]) }}</h1><a class="act quiet" href="/tanks/{{ $tank->id }}/plants">{{
        __('plants.light.all_plants') }}</a></div>
    <div class="two-halves light-page">
    <section>
        @if($tank->lamps->isNotEmpty())
        <figure class="light-picture">
            @include('parts.section', ['drawing' => $page->drawing(), 'show' => $page->show, 'over' => 'plants.light-over'])
            <figcaption>{{ __('light.picture') }}</figcaption>
        </figure>
        @if($page->needs() !== [])
        <table class="plain light-needs"><caption>{{ __('light.needs.caption') }}</caption>
            <thead><tr><th scope="col">{{ __('light.needs.plant') }}</th><th scope="col">{{ __('light.needs.gets') }}</th>
                <th scope="col">{{ __('light.needs.asks') }}</th>
                <th scope="col"><span class="visually-hidden">{{ __('light.needs.verdict') }}</span></th></tr></thead><tbody>
            @foreach($page->needs() as $row)<tr @class(['beyond' => $row['state'] !== 'right'])><th scope="row">{{ $row['name'] }}</th><td
                class="num">{{ $row['light'] }}</td><td class="num">{{ $row['needs'] }}</td><td>{{ __('light.needs.'.$row['state']) }}</td></tr>@endforeach
        </tbody></table>
        @endif
        <details class="more" @sure><summary>{{ __('light.table') }}</summary>
        <table class="plain"><caption>{{ __('light.caption') }}</caption>
            <thead><tr><th>{{ __('plants.light.par_under_water') }}</th><th>{{ __('plants.light.mean') }}</th><th>{{ __('plants.light.middle')
                }}</th><th>{{ __('plants.light.corner') }}</th><th>{{ __('plants.light.mol_m_a') }}</th></tr></thead>
            <tbody>
            @foreach($page->rows() as $row)
                <tr><th scope="row" class="num">{{ $row['depth'] }}</th><td class="num">{{ $row['mean'] }}</td><td class="num">{{ $row['middle'] }}</td>
                <td class="num">{{ $row['corner'] }}</td><td class="num">{{ $row['dose'] }}</td></tr>
            @endforeach
            </tbody>
        </table>
        <p>{{ $page->band() }} @if($page->moved()){{ $page->moved() }}@endif <a href="?working=light" data-working="light">{{ __('act.working') }}</a></p>
        </details>
        @else
        <p>{{ __('light.none') }}</p>
        @endif
        @if($page->given())<p>{{ $page->given() }}</p>@endif
        <h2>{{ __('plants.light.lights') }}</h2>
        @foreach($tank->lamps as $lamp)
        <details class="lamp"><summary>{{ $page->lampWords($lamp) }}</summary>
            @include('plants.lamp', ['lamp' => $lamp])
            <form method="post" action="/tanks/{{ $tank->id }}/lights/{{ $lamp->id }}">@csrf @method('delete')<button
                class="act quiet">{{ __('plants.light.delete_this_light') }}</button></form>
        </details>
        @endforeach
        <details class="lamp" @if($tank->lamps->isEmpty() || old('new')) open @endif>
        <summary>{{ __($tank->lamps->isEmpty() ? 'plants.light_page.first' : 'plants.light_page.another') }}</summary>
            @include('plants.lamp', ['lamp' => null])
        </details>
    </section>
    <section>
        <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/light" novalidate>
            @csrf @method('put')
            <h2>{{ __('plants.light.between_light_and') }}</h2>
            <x-choice name="glass_cover" :label="__('plants.light.on_the_water')" :value="$tank->glass_cover->value"
                :options="$choices::options('glass')"/>
            <x-choice name="water_tint" :label="__('plants.light.the_water_is')" :value="$tank->water_tint->value"
                :options="$choices::options('tint')"/>
            <x-field name="carbon_dioxide" term="co2" :label="__('plants.light.co_while_the')" :value="$tank->carbon_dioxide" unit="mg/L" mode="decimal"
                :help="$page->carbonHint()"/>
            <button class="act">{{ __('act.save') }}</button>
        </form>
        <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/light-readings" novalidate>
            @csrf
            <h2>{{ __('plants.light.par_test') }}</h2>
            <x-choice name="by" :label="__('plants.light.tested_with')"
                :options="__('plants.light_page.sensors')"/>
            <x-field name="value" :label="__('plants.light.it_shows')" mode="decimal" :unit="__('plants.light.micromoles_or_lux')"/>
            <div class="row-fields three">
                <x-field name="across" :label="__('plants.light.from_the_left')" :value="50" unit="%" mode="decimal"/>
                <x-field name="front" :label="__('plants.light.from_the_front')" :value="50" unit="%" mode="decimal"/>
                <x-field name="depth" :label="__('plants.light.under_the_water')" :value="$levels->show($page->middle())" :unit="$levels->label"
                    mode="decimal"/>
            </div>
            <button class="act quiet">{{ __('plants.light.save_the_test') }}</button>
        </form>
        @foreach($tank->lightReadings as $reading)
        <form class="reading-line" method="post" action="/tanks/{{ $tank->id }}/light-readings/{{ $reading->id }}">
            @csrf @method('delete')
            <span>{{ $page->readingWords($reading) }}</span> <button class="quiet">{{ __('act.delete') }}<span
                class="visually-hidden"> {{ __('plants.light.the_par_test', ['day' => $page->show->day($reading->taken_at)]) }}</span></button>
        </form>
        @endforeach
        <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/light-days" novalidate>
            @csrf
            <h2>{{ __('plants.light.a_day_with') }}</h2>
            <p class="muted">{{ __('plants.light.left_on_a') }}</p>
            <div class="row-fields two">
                <x-field name="day" :label="__('plants.light.day')" type="date"/>
                <x-field name="day_hours" :label="__('plants.light.light_on_for')" unit="h" mode="decimal"/>
            </div>
            <button class="act quiet">{{ __('plants.light.log_the_day') }}</button>
        </form>
        @foreach($tank->lightDays()->limit(14)->get() as $day)
        <form class="reading-line" method="post" action="/tanks/{{ $tank->id }}/light-days/{{ $day->id }}">
            @csrf @method('delete')
            <span>{{ $day->day->translatedFormat('j M') }}: {{ $format::plain($day->hours, 1) }} h</span> <button class="quiet">{{ __('act.delete')
                }}<span
                class="visually-hidden"> {{ $day->day->translatedFormat('j M') }}</span></button>
        </form>
        @endforeach
        <p class="muted">{{ __('plants.light.window_sun_is') }}</p>
    </section>
    </div>
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
