<x-layout :title="__('settings.page.settings')">
    <div class="page-head"><h1>{{ __('settings.page.settings') }}</h1><span class="acts"><a href="/account">{{ __('settings.page.account_and_data') }}</a>
        <a href="/estimates">{{ __('settings.page.estimates') }}</a></span></div>
    <form class="sets" method="post" action="/settings/kits">@csrf
        <h2 id="sets">{{ __('settings.page.what_do_you') }}</h2>
        <p class="muted">{{ __('settings.page.one_tap_fills') }}</p>
        <p class="acts">@foreach($choices::all('kit_set') as $set)<button class="act quiet" name="set"
            value="{{ $set->value }}">{{ label($set) }}</button> @endforeach</p>
    </form>
    <form class="plain-form wide-form" method="post" action="/settings" novalidate>@csrf @method('put')
        <fieldset><legend>{{ __('settings.page.you') }}</legend>
            <div class="row-fields">
                <x-field name="name" :label="__('act.name')" :value="$keeper->name"/>
                <x-choice name="theme" :label="__('settings.page.theme')" :value="$keeper->theme" :options="__('settings.page.themes')"/>
                <x-choice name="timezone" :label="__('settings.page.time_zone')" :value="$keeper->timezone"
                    :options="collect(DateTimeZone::listIdentifiers())->mapWithKeys(fn ($z) => [$z => $z])"/>
                <x-choice name="volume_unit" :label="__('settings.page.volumes')" :value="$keeper->volume_unit->value"
                    :options="__('settings.volumes')"/>
                <x-choice name="length_unit" :label="__('settings.page.lengths_and_weights')" :value="$keeper->length_unit->value"
                    :options="__('settings.lengths')"
                    :help="__('settings.page.any_length_field')"/>
                <x-field small name="hand" :label="__('settings.page.width_of_your')" :value="$show->levels()->show($keeper->hand)"
                    :unit="$show->levels()->label"
                    mode="decimal" :help="__('settings.page.trim_heights_are')"/>
                <x-field small name="bucket_litres" :label="__('settings.page.bucket_size')" :value="$show->volumes()->show($keeper->bucket_litres)"
                    :unit="$show->volumes()->label" mode="decimal"/>
                <x-field small name="pen_factor" :label="__('settings.page.factor_of_your')" :value="$format::plain($keeper->pen_factor, 2)"
                    mode="decimal"
                    :help="__('settings.page.n0_5_on')"/>
            </div>
            <label class="tick"><input type="checkbox" name="shows_all" value="1" @checked(old() ? old('shows_all') : $keeper->shows_all)>
                {{ __('settings.page.shows_all') }}</label>
        </fieldset>
        <fieldset id="devices"><legend>{{ __('settings.page.scale_and_devices') }}</legend>
            <div class="row-fields"><x-field small name="scale_step" :label="__('settings.page.smallest_step_of')"
                :value="$format::plain($keeper->scale_step, 3)" unit="g" mode="decimal"/></div>
            <p class="muted">{{ __('settings.page.simulated_devices_answer') }}</p>
            @foreach($instruments::all() as $key => $name)<label class="tick"><input type="checkbox" name="simulated[]" value="{{ $key }}"
                @checked(in_array($key, (array) old('simulated', $keeper->simulated ?? []), true))> {{ __('settings.page.simulate', ['name' => $name])
                    }}</label>@endforeach
            @error('simulated.*')<p class="fault">{{ $message }}</p>@enderror
        </fieldset>
        <fieldset id="kits"><legend>{{ __('settings.page.tests_and_meters') }}</legend>
            <p class="muted">{{ __('settings.page.saved_results_dont') }}</p>
            <table class="plain kits"><thead><tr><th>{{ __('settings.page.parameter') }}</th><th>{{ __('settings.page.with_4') }}</th><th>{{
                __('settings.page.unit_4') }}</th><th>{{ __('settings.page.last_digit_or_one') }}</th><th>{{ __('settings.page.colours_of_the_chart') }}</th>
            <th>{{ __('settings.page.meter_last_calibrated_4') }}</th></tr></thead><tbody>
            @foreach($choices::all('parameter') as $parameter)
                @php($kit = $show->kit($parameter))
                @php($base = 'kits.'.$parameter->value)
                @php($field = 'kits['.$parameter->value.']')
                <tr><th scope="row">{{ label($parameter) }}</th>
                    <td><select id="f-kits-{{ $parameter->value }}-method" name="{{ $field }}[method]" aria-label="{{ __('settings.page.with',
                        ['what' => label($parameter)]) }}"
                        aria-describedby="e-f-kits-{{ $parameter->value }}-method" @error($base.'.method') aria-invalid="true"
                        @enderror>@foreach($methods as $method)<option value="{{ $method->value }}"
                        @selected(old($base.'.method', $kit->method->value)
                        === $method->value)>{{ $names::method($method) }}</option>@endforeach</select>
                    <p class="fault" id="e-f-kits-{{ $parameter->value }}-method">@error($base.'.method'){{ $message }}@enderror</p></td>
                    <td><select id="f-kits-{{ $parameter->value }}-unit" name="{{ $field }}[unit]" aria-label="{{ __('settings.page.unit',
                        ['what' => label($parameter)]) }}"
                        aria-describedby="e-f-kits-{{ $parameter->value }}-unit" @error($base.'.unit') aria-invalid="true"
                        @enderror>@foreach($choices::units($parameter, $keeper->pen_factor) as $unit)<option value="{{ $unit->key }}"
                        @selected(old($base.'.unit', $kit->unit->key) === $unit->key)>{{
                        __('names.unit.'.$kit->parameter->value.'.'.$unit->key) }}</option>@endforeach</select>
                    <p class="fault" id="e-f-kits-{{ $parameter->value }}-unit">@error($base.'.unit'){{ $message }}@enderror</p></td>
                    <td><input id="f-kits-{{ $parameter->value }}-step" class="short" name="{{ $field }}[step]"
                        aria-describedby="e-f-kits-{{ $parameter->value }}-step" @error($base.'.step') aria-invalid="true" @enderror inputmode="decimal"
                        aria-label="{{ __('settings.page.last_digit_or', ['what' => label($parameter)]) }}"
                        value="{{ is_scalar(old($base.'.step', '')) ? old($base.'.step', $format::short($kit->step, 4)) : '' }}"><p class="fault"
                        id="e-f-kits-{{ $parameter->value }}-step">@error($base.'.step'){{ $message }}@enderror</p></td>
                    <td><input id="f-kits-{{ $parameter->value }}-fields" name="{{ $field }}[fields]"
                        aria-describedby="e-f-kits-{{ $parameter->value }}-fields" @error($base.'.fields') aria-invalid="true" @enderror
                        aria-label="{{ __('settings.page.colours_of_the', ['what' => label($parameter)]) }}"
                        value="{{ is_scalar(old($base.'.fields', '')) ? old($base.'.fields', $kitSets::shown($kit->fields)) :
                        '' }}"><p class="fault"
                        id="e-f-kits-{{ $parameter->value }}-fields">@error($base.'.fields'){{ $message }}@enderror</p></td>
                    <td>@if($parameter->entry()->setDays !== null)<input type="date" id="f-kits-{{ $parameter->value }}-set" name="{{ $field }}[set]"
                        aria-describedby="e-f-kits-{{ $parameter->value }}-set"
                        @error($base.'.set') aria-invalid="true" @enderror aria-label="{{ __('settings.page.meter_last_calibrated',
                            ['what' => label($parameter)]) }}"
                            value="{{ is_scalar(old($base.'.set', '')) ? old($base.'.set', $penSet[$parameter->value] ?? '') : '' }}"><p class="fault"
                            id="e-f-kits-{{ $parameter->value }}-set">@error($base.'.set'){{ $message }}@enderror</p>@endif</td></tr>
            @endforeach
            </tbody></table>
        </fieldset>
        <div class="acts"><button class="act">{{ __('act.save') }}</button></div>
    </form>
</x-layout>
