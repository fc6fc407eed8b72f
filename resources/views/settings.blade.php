<x-layout title="Settings">
    <div class="page-head"><h1>Settings</h1><span class="acts"><a href="/account">Account and data</a> <a href="/estimates">Estimates</a></span></div>
    <form class="sets" method="post" action="/settings/kits">@csrf
        <h2 id="sets">What do you measure with?</h2>
        <p class="muted">One tap sets the whole table below; single kits can be changed there.</p>
        <p class="acts">@foreach(App\Units\KitSet::cases() as $set)<button class="act quiet" name="set"
            value="{{ $set->value }}">{{ $set->label() }}</button> @endforeach</p>
    </form>
    <form class="plain-form wide-form" method="post" action="/settings" novalidate>@csrf @method('put')
        <fieldset><legend>You</legend>
            <div class="row-fields">
                <x-field name="name" label="Name" :value="$keeper->name"/>
                <x-choice name="theme" label="Light" :value="$keeper->theme" :options="['auto' => 'as the device', 'light' => 'paper', 'dark' => 'dark']"/>
                <x-choice name="timezone" label="Time zone" :value="$keeper->timezone"
                    :options="collect(DateTimeZone::listIdentifiers())->mapWithKeys(fn ($z) => [$z => $z])"/>
                <x-choice name="volume_unit" label="Volumes in" :value="$keeper->volume_unit->value"
                    :options="collect(App\Units\VolumeUnit::cases())->mapWithKeys(fn ($u) => [$u->value => $u->name()])"/>
                <x-choice name="length_unit" label="Lengths and weights in" :value="$keeper->length_unit->value"
                    :options="collect(App\Units\LengthUnit::cases())->mapWithKeys(fn ($u) => [$u->value => $u->name()])"
                    help="In any length field 48 in, 4 ft or 120 cm is understood whichever it is."/>
                <x-field small name="hand" label="Your hand is broad" :value="$show->levels()->show($keeper->hand)" :unit="$show->levels()->label"
                    mode="decimal" help="Cut heights are said in breadths of it."/>
                <x-field small name="bucket_litres" label="Your bucket holds" :value="$show->volumes()->show($keeper->bucket_litres)"
                    :unit="$show->volumes()->label" mode="decimal"/>
                <x-field small name="pen_factor" label="Factor of a TDS pen" :value="App\Units\Show::plain($keeper->pen_factor, 2)" mode="decimal"
                    help="0.5 on the salt scale, 0.64 to 0.70 for “natural water”"/>
            </div>
        </fieldset>
        <fieldset id="devices"><legend>By the sink</legend>
            <div class="row-fields"><x-field small name="scale_step" label="Smallest step of your scale"
                :value="App\Units\Show::plain($keeper->scale_step, 3)" unit="g" mode="decimal"/></div>
            <p class="muted">Simulated devices answer from a simulated vessel, with scatter and drift, so that every step can be practised without hardware.
                Do not take what they say for your water.</p>
            @foreach(App\Devices\Devices::all() as $key => $name)<label class="tick"><input type="checkbox" name="simulated[]" value="{{ $key }}"
                @checked(in_array($key, (array) old('simulated', $keeper->simulated ?? []), true))> simulate {{ $name }}</label>@endforeach
            @error('simulated.*')<p class="fault">{{ $message }}</p>@enderror
        </fieldset>
        <fieldset id="kits"><legend>What you measure with</legend>
            <p class="muted">Kept readings stay what they are; only how they are shown and typed follows.</p>
            <table class="plain kits"><thead><tr><th>Parameter</th><th>With</th><th>Read in</th><th>Last digit, or one drop</th><th>Fields of the chart</th>
            <th>Pen last set on</th></tr></thead><tbody>
            @foreach(App\View\Choices::all('parameter') as $parameter)
                @php($kit = $show->kit($parameter))
                @php($base = 'kits.'.$parameter->value)
                @php($field = 'kits['.$parameter->value.']')
                <tr><th scope="row">{{ $parameter->label() }}</th>
                    <td><select id="f-kits-{{ $parameter->value }}-method" name="{{ $field }}[method]" aria-label="{{ $parameter->label() }}: with"
                        aria-describedby="e-f-kits-{{ $parameter->value }}-method" @error($base.'.method') aria-invalid="true"
                        @enderror>@foreach($methods as $method)<option value="{{ $method->value }}"
                        @selected(old($base.'.method', $kit->method->value)
                        === $method->value)>{{ App\View\Words::method($method) }}</option>@endforeach</select>
                    <p class="fault" id="e-f-kits-{{ $parameter->value }}-method">@error($base.'.method'){{ $message }}@enderror</p></td>
                    <td><select id="f-kits-{{ $parameter->value }}-unit" name="{{ $field }}[unit]" aria-label="{{ $parameter->label() }}: read in"
                        aria-describedby="e-f-kits-{{ $parameter->value }}-unit" @error($base.'.unit') aria-invalid="true"
                        @enderror>@foreach(App\View\Choices::units($parameter, $keeper->pen_factor) as $unit)<option value="{{ $unit->key }}"
                        @selected(old($base.'.unit', $kit->unit->key) === $unit->key)>{{ $unit->name }}</option>@endforeach</select>
                    <p class="fault" id="e-f-kits-{{ $parameter->value }}-unit">@error($base.'.unit'){{ $message }}@enderror</p></td>
                    <td><input id="f-kits-{{ $parameter->value }}-step" class="short" name="{{ $field }}[step]"
                        aria-describedby="e-f-kits-{{ $parameter->value }}-step" @error($base.'.step') aria-invalid="true" @enderror inputmode="decimal"
                        aria-label="{{ $parameter->label() }}: last digit, or one drop"
                        value="{{ is_scalar(old($base.'.step', '')) ? old($base.'.step', App\Units\Show::short($kit->step, 4)) : '' }}"><p class="fault"
                        id="e-f-kits-{{ $parameter->value }}-step">@error($base.'.step'){{ $message }}@enderror</p></td>
                    <td><input id="f-kits-{{ $parameter->value }}-fields" name="{{ $field }}[fields]"
                        aria-describedby="e-f-kits-{{ $parameter->value }}-fields" @error($base.'.fields') aria-invalid="true" @enderror
                        aria-label="{{ $parameter->label() }}: fields of the chart"
                        value="{{ is_scalar(old($base.'.fields', '')) ? old($base.'.fields', App\Units\KitSet::shown($kit->fields)) :
                        '' }}"><p class="fault"
                        id="e-f-kits-{{ $parameter->value }}-fields">@error($base.'.fields'){{ $message }}@enderror</p></td>
                    <td>@if($parameter->entry()->setDays !== null)<input type="date" id="f-kits-{{ $parameter->value }}-set" name="{{ $field }}[set]"
                        aria-describedby="e-f-kits-{{ $parameter->value }}-set"
                        @error($base.'.set') aria-invalid="true" @enderror aria-label="{{ $parameter->label() }}: pen last set on"
                            value="{{ is_scalar(old($base.'.set', '')) ? old($base.'.set', $penSet[$parameter->value] ?? '') : '' }}"><p class="fault"
                            id="e-f-kits-{{ $parameter->value }}-set">@error($base.'.set'){{ $message }}@enderror</p>@endif</td></tr>
            @endforeach
            </tbody></table>
        </fieldset>
        <div class="acts"><button class="act">Keep</button></div>
    </form>
</x-layout>
