@php($levels = $page->show->levels())
<x-layout :title="'Light of '.$tank->name" :loop="$loop">
    <div class="page-head"><h1>Light of {{ $tank->name }}</h1><a class="act quiet" href="/tanks/{{ $tank->id }}/plants">All plants</a></div>
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
        <details class="more"><summary>{{ __('light.table') }}</summary>
        <table class="plain"><caption>{{ __('light.caption') }}</caption>
            <thead><tr><th>Under the water</th><th>mean</th><th>middle</th><th>corner</th><th>mol/m² a day</th></tr></thead>
            <tbody>
            @foreach($page->rows() as $row)
                <tr><th scope="row" class="num">{{ $row['depth'] }}</th><td class="num">{{ $row['mean'] }}</td><td class="num">{{ $row['middle'] }}</td>
                <td class="num">{{ $row['corner'] }}</td><td class="num">{{ $row['dose'] }}</td></tr>
            @endforeach
            </tbody>
        </table>
        <p>{{ $page->band() }} @if($page->moved()){{ $page->moved() }}@endif <a href="?working=light" data-working="light">working</a></p>
        </details>
        @else
        <p>{{ __('light.none') }}</p>
        @endif
        @if($page->given())<p>{{ $page->given() }}</p>@endif
        <h2>Lamps</h2>
        @foreach($tank->lamps as $lamp)
        <details class="lamp"><summary>{{ $page->lampWords($lamp) }}</summary>
            @include('plants.lamp', ['lamp' => $lamp])
            <form method="post" action="/tanks/{{ $tank->id }}/lights/{{ $lamp->id }}">@csrf @method('delete')<button
                class="act quiet">Take this lamp out</button></form>
        </details>
        @endforeach
        <details class="lamp" @if($tank->lamps->isEmpty() || old('new')) open @endif>
        <summary>{{ $tank->lamps->isEmpty() ? 'The lamp' : 'Another lamp' }}</summary>
            @include('plants.lamp', ['lamp' => null])
        </details>
    </section>
    <section>
        <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/light" novalidate>
            @csrf @method('put')
            <h2>Between lamp and plant</h2>
            <x-choice name="glass_cover" label="Over the water lies" :value="$tank->glass_cover->value"
                :options="App\View\Choices::options('glass')"/>
            <x-choice name="water_tint" label="The water is" :value="$tank->water_tint->value"
                :options="App\View\Choices::options('tint')"/>
            <x-field name="carbon_dioxide" label="Carbon dioxide while it is light" :value="$tank->carbon_dioxide" unit="mg/L" mode="decimal"
                :help="$page->carbonHint()"/>
            <button class="act">Keep</button>
        </form>
        <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/light-readings" novalidate>
            @csrf
            <h2>A reading of it</h2>
            <x-choice name="by" label="Read with"
                :options="['sensor' => 'a sensor made for water', 'air_sensor' => 'a sensor set in air, held under water', 'phone' => 'a phone, in lux']"/>
            <x-field name="value" label="It shows" mode="decimal" unit="µmol/m²s or lux"/>
            <div class="row-fields three">
                <x-field name="across" label="From the left" :value="50" unit="%" mode="decimal"/>
                <x-field name="front" label="From the front" :value="50" unit="%" mode="decimal"/>
                <x-field name="depth" label="Under the water" :value="$levels->show($page->middle())" :unit="$levels->label" mode="decimal"/>
            </div>
            <button class="act quiet">Keep the reading</button>
        </form>
        @foreach($tank->lightReadings as $reading)
        <form class="reading-line" method="post" action="/tanks/{{ $tank->id }}/light-readings/{{ $reading->id }}">
            @csrf @method('delete')
            <span>{{ $page->readingWords($reading) }}</span> <button class="quiet">Take out<span
                class="visually-hidden"> the reading of {{ $page->show->day($reading->taken_at) }}</span></button>
        </form>
        @endforeach
        <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/light-days" novalidate>
            @csrf
            <h2>A day that was another</h2>
            <p class="muted">Left on, a power cut, forgotten: growth and dose go by the hours that were given.</p>
            <div class="row-fields two">
                <x-field name="day" label="Day" type="date"/>
                <x-field name="day_hours" label="On for" unit="h" mode="decimal"/>
            </div>
            <button class="act quiet">Note the day</button>
        </form>
        @foreach($tank->lightDays()->limit(14)->get() as $day)
        <form class="reading-line" method="post" action="/tanks/{{ $tank->id }}/light-days/{{ $day->id }}">
            @csrf @method('delete')
            <span>{{ $day->day->format('j M') }}: {{ App\Units\Show::plain($day->hours, 1) }} h</span> <button class="quiet">Take out<span
                class="visually-hidden"> {{ $day->day->format('j M') }}</span></button>
        </form>
        @endforeach
        <p class="muted">Window sun is not reckoned in: where it falls on the glass, note it in the diary and look there first when algae come.</p>
    </section>
    </div>
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
