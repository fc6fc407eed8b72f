@php($degrees = $show->unit(App\View\Choices::parameter('temperature'))->label)
@php($t = fn (string $field) => $page->typed[$field])
@php($link = fn (string $name): string => 'href="?'.e(App\View\Asked::query(request()).'&working='.$name).'" data-working="'.e($name).'"')
<x-layout :title="'Hose and heat for '.$tank->name" :loop="$loop">
    <h1>Hose and heat for {{ $tank->name }}</h1>
    <form method="get" action="/tanks/{{ $tank->id }}/hose" novalidate>
        <x-change-entry name="litres" label="to change" :value="$t('litres')" :unit="$volume->label()"/>
        <div class="two-halves">
        @foreach(['' => 'Your hose', '2' => 'Another one'] as $which => $title)
            @php($row = $page->hoses()[$loop->index] ?? null)
            <fieldset><legend>{{ $title }}</legend>
                @if($row)<p class="lead-line"><a class="num" {!! $link($row['working']) !!}>{{ $row['time'] }}</a> <span
                    class="muted">{{ $row['flow'] }}</span></p>@endif
                @if($row && $row['stops'])<p class="finding beyond"><b>It stops.</b> {{ $row['stops'] }}</p>@endif
                <div class="row-fields">
                    <x-change-entry :name="'bore'.$which" label="bore" :value="$t('bore'.$which)" :unit="$show->levels()->label"/>
                    <x-change-entry :name="'length'.$which" label="length" :value="$t('length'.$which)" :unit="$show->runs()->label"/>
                    <x-change-entry :name="'drop'.$which" label="open end below the rim" :value="$t('drop'.$which)" :unit="$show->levels()->label"/>
                </div>
            </fieldset>
        @endforeach
            <fieldset><legend>Gravel tube on your hose</legend>
                @if($lift = $page->lift())<p @class(['finding', $lift->tone])><b>{{ $lift->head }}</b> {{ $lift->text }} <a
                    {!! $link('lift') !!}>working</a></p>@endif
                <div class="row-fields">
                    <x-change-entry name="tube" label="inner width" :value="$t('tube')" :unit="$show->levels()->label"/>
                    <x-change-entry name="size" label="grains of" :value="$t('size')" :unit="$show->levels()->label"/>
                    <div class="field small"><label for="f-grain">of</label>
                    <select id="f-grain" name="grain">@foreach(App\View\Choices::all('grain') as $grain)<option value="{{ $grain->value }}"
                        @selected($page->grain() === $grain)>{{ $grain->label() }}</option>@endforeach</select>
                    <p class="fault" id="e-f-grain">{{ $errors->first('grain') }}</p></div>
                </div>
            </fieldset>
            <fieldset><legend>Refill by pump</legend>
                @if($page->pump())<p class="lead-line"><b class="num">{{ $page->pump() }}</b></p>@endif
                <div class="row-fields">
                    <x-change-entry name="pump" label="rated" :value="$t('pump')" :unit="$volume->label().'/h'"/>
                    <x-change-entry name="reach" label="greatest head" :value="$t('reach')" :unit="$show->levels()->label"/>
                    <x-change-entry name="rise" label="lifts it by" :value="$t('rise')" :unit="$show->levels()->label"/>
                </div>
            </fieldset>
            <fieldset><legend>Warm water from hot and cold</legend>
                @if($page->mix())<p class="lead-line"><a class="num" {!! $link('mix') !!}>{{ $page->mix() }}</a></p>@endif
                <div class="row-fields">
                    <x-change-entry name="cold" label="cold" :value="$t('cold')" :unit="$degrees"/>
                    <x-change-entry name="hot" label="hot, or 100 from a kettle" :value="$t('hot')" :unit="$degrees"/>
                    <x-change-entry name="goal" label="wanted" :value="$t('goal')" :unit="$degrees"/>
                </div>
            </fieldset>
            <fieldset><legend>Heater</legend>
                @if($page->heater())<p class="lead-line"><b class="num">{{ $page->heater() }}</b></p>@endif
                <div class="row-fields">
                    <x-change-entry name="watts" label="heater" :value="$t('watts')" unit="W"/>
                    <x-change-entry name="below" label="too cold by" :value="$t('below')" :unit="$degrees"/>
                    <x-change-entry name="room" label="room" :value="$t('room')" :unit="$degrees"/>
                </div>
            </fieldset>
        </div>
        <div class="acts"><button class="act large">Work it out</button></div>
    </form>
    <form method="post" action="/tanks/{{ $tank->id }}/hose">@csrf @method('put')
        @foreach(['bore', 'length', 'drop'] as $field)<input type="hidden" name="{{ $field }}" value="{{ $t($field) }}">@endforeach
        <p class="acts"><button class="act quiet">Reckon with “your hose” from now on</button>
            @foreach(['bore', 'length', 'drop'] as $field)@error($field)<span class="fault">{{ $message }}</span>@enderror @endforeach</p>
    </form>
    @foreach(['no_mouth', 'watch_hose', 'back_siphon', 'hot_tap'] as $caution)<p class="caution"><x-icon
        name="exclamation-triangle"/> {{ App\View\Choices::caution($caution) }}</p>@endforeach
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
