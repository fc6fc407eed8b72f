@php($degrees = $show->unit($choices::parameter('temperature'))->label)
@php($t = fn (string $field) => $page->typed[$field])
@php($link = fn (string $name): string => 'href="?'.e($pageQuery::query(request()).'&working='.$name).'" data-working="'.e($name).'"')
<x-layout :title="__('hose.page.title', ['tank' => $tank->name])" :loop="$loop">
    <h1>{{ __('hose.page.hose_and_heat', ['tank' => $tank->name]) }}</h1>
    <form method="get" action="/tanks/{{ $tank->id }}/hose" novalidate>
        <x-change-entry name="litres" :label="__('hose.page.litres_to_drain')" :value="$t('litres')" :unit="$volume->label()"/>
        <div class="two-halves">
        @foreach(['' => __('hose.yours'), '2' => __('hose.other')] as $which => $title)
            @php($row = $page->hoses()[$loop->index] ?? null)
            <fieldset><legend>{{ $title }}</legend>
                @if($row)<p class="lead-line"><a class="num" {!! $link($row['working']) !!}>{{ $row['time'] }}</a> <span
                    class="muted">{{ $row['flow'] }}</span></p>@endif
                @if($row && $row['stops'])<x-finding tone="beyond"><b>{{ __('hose.page.it_stops') }}</b> {{ $row['stops'] }}</x-finding>@endif
                <div class="row-fields">
                    <x-change-entry :name="'bore'.$which" :label="__('hose.page.inner_diameter')" :value="$t('bore'.$which)" :unit="$show->levels()->label"/>
                    <x-change-entry :name="'length'.$which" :label="__('hose.page.length')" :value="$t('length'.$which)" :unit="$show->hoseLengths()->label"/>
                    <x-change-entry :name="'drop'.$which" :label="__('hose.page.open_end_below')" :value="$t('drop'.$which)" :unit="$show->levels()->label"/>
                </div>
            </fieldset>
        @endforeach
            <fieldset><legend>{{ __('hose.page.gravel_vac_on') }}</legend>
                @if($lift = $page->lift())<x-finding :tone="$lift->tone"><b>{{ $lift->head }}</b> {{ $lift->text }} <a
                    {!! $link('lift') !!}>{{ __('act.working') }}</a></x-finding>@endif
                <div class="row-fields">
                    <x-change-entry name="tube" :label="__('hose.page.inner_width_of')" :value="$t('tube')" :unit="$show->levels()->label"/>
                    <x-change-entry name="size" :label="__('hose.page.grains_of')" :value="$t('size')" :unit="$show->levels()->label"/>
                    <div class="field small"><label for="f-grain">{{ __('hose.page.of') }}</label>
                    <select id="f-grain" name="grain">@foreach($choices::all('grain') as $grain)<option value="{{ $grain->value }}"
                        @selected($page->grain() === $grain)>{{ label($grain) }}</option>@endforeach</select>
                    <p class="fault" id="e-f-grain">{{ $errors->first('grain') }}</p></div>
                </div>
            </fieldset>
            <fieldset><legend>{{ __('hose.page.refill_by_pump') }}</legend>
                @if($page->pump())<p class="lead-line"><b class="num">{{ $page->pump() }}</b></p>@endif
                <div class="row-fields">
                    <x-change-entry name="pump" :label="__('hose.page.rated_flow')" :value="$t('pump')" :unit="$volume->label().'/h'"/>
                    <x-change-entry name="reach" :label="__('hose.page.maximum_head')" :value="$t('reach')" :unit="$show->levels()->label"/>
                    <x-change-entry name="rise" :label="__('hose.page.lifts_the_water')" :value="$t('rise')" :unit="$show->levels()->label"/>
                </div>
            </fieldset>
            <fieldset><legend>{{ __('hose.page.warm_water_from') }}</legend>
                @if($page->mix())<p class="lead-line"><a class="num" {!! $link('mix') !!}>{{ $page->mix() }}</a></p>@endif
                <div class="row-fields">
                    <x-change-entry name="cold" :label="__('hose.page.cold')" :value="$t('cold')" :unit="$degrees"/>
                    <x-change-entry name="hot" :label="__('hose.page.hot_or_100')" :value="$t('hot')" :unit="$degrees"/>
                    <x-change-entry name="goal" :label="__('hose.page.target')" :value="$t('goal')" :unit="$degrees"/>
                </div>
            </fieldset>
            <fieldset><legend>{{ __('hose.page.heater_4') }}</legend>
                @if($page->heater())<p class="lead-line"><b class="num">{{ $page->heater() }}</b></p>@endif
                <div class="row-fields">
                    <x-change-entry name="watts" :label="__('hose.page.heater')" :value="$t('watts')" unit="W"/>
                    <x-change-entry name="below" :label="__('hose.page.too_cold_by')" :value="$t('below')" :unit="$degrees"/>
                    <x-change-entry name="room" :label="__('hose.page.room_temperature')" :value="$t('room')" :unit="$degrees"/>
                </div>
            </fieldset>
        </div>
        <div class="acts"><button class="act large">{{ __('act.work_out') }}</button></div>
    </form>
    <form method="post" action="/tanks/{{ $tank->id }}/hose">@csrf @method('put')
        @foreach(['bore', 'length', 'drop'] as $field)<input type="hidden" name="{{ $field }}" value="{{ $t($field) }}">@endforeach
        <p class="acts"><button class="act quiet">{{ __('hose.page.use_your_hose') }}</button>
            @foreach(['bore', 'length', 'drop'] as $field)@error($field)<span class="fault">{{ $message }}</span>@enderror @endforeach</p>
    </form>
    @foreach(['no_mouth', 'watch_hose', 'back_siphon', 'hot_tap'] as $caution)<p class="caution"><x-icon
        name="exclamation-triangle"/> {{ $choices::caution($caution) }}</p>@endforeach
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
