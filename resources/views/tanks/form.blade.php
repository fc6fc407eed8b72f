@php($plain = fn (?float $x, int $d = 1): string => $x === null ? '' : $format::plain($x, $d))
@php($in = fn ($scale, ?float $base): string => $scale->show($base))
@php([$sizes, $levels, $weights] = [$show->sizes(), $show->levels(), $show->weights()])
@php($temperature = $show->values($choices::parameter('temperature')))
@php($makes = $show->widths($choices::parameter('nitrate')))
<x-layout :title="$tank->exists ? __('tank.form.title', ['name' => $tank->name]) : __('tank.form.new')" :loop="$loop" wide>
    <h1 class="visually-hidden">{{ $tank->exists ? __('tank.form.title', ['name' => $tank->name]) : __('tank.form.new') }}</h1>
    <form class="tank-form" method="post" action="{{ $tank->exists ? '/tanks/'.$tank->id : '/tanks' }}" novalidate
        hx-get="/tanks/draw" hx-trigger="input delay:120ms, change delay:20ms" hx-target="#drawn" hx-sync="this:replace" hx-params="not _token,_once,_method">
        @csrf @if($tank->exists) @method('put') @endif
        <div class="fields">
            <fieldset><legend>{{ __('tank.form.tank') }}</legend>
                <x-field name="name" :label="__('act.name')" :value="$tank->name" :help="__('tank.form.what_you_call')"/>
                <x-choice name="shape" :label="__('tank.form.shape')" :value="$tank->shape->value"
                    :options="$choices::options('shape')"
                    :data-shape="$names::shapes()"/>
                <div class="row-fields">
                    <x-field small name="outer_length" :label="__('tank.form.length_edge_or')" :value="$in($sizes, $tank->outer_length)" :unit="$sizes->label"
                        mode="decimal"/>
                    <x-field small name="outer_depth" :label="__('tank.form.depth_box_bow')" :value="$in($sizes, $tank->outer_depth)" :unit="$sizes->label"
                        mode="decimal"/>
                    <x-field small name="middle_depth" :label="__('tank.form.depth_in_the')" :value="$in($sizes, $tank->middle_depth)" :unit="$sizes->label"
                        mode="decimal"/>
                    <x-field small name="outer_height" :label="__('tank.form.height_not_for')" :value="$in($sizes, $tank->outer_height)" :unit="$sizes->label"
                        mode="decimal"/>
                    <x-field small name="glass" :label="__('tank.form.glass')" :value="$in($levels, $tank->glass)" :unit="$levels->label" mode="decimal"/>
                    <x-field small name="water_below_rim" :label="__('tank.form.waterline_below_the')" :value="$in($levels, $tank->water_below_rim)"
                        :unit="$levels->label"
                        mode="decimal"/>
                </div>
                <small>{{ __('tank.form.outside_measures') }}</small>
            </fieldset>
            <fieldset id="marks" data-table><legend>{{ __('tank.form.litres_up_to') }}</legend>
                <p class="muted">{{ __('tank.form.pour_in_a') }}</p>
                <table class="plain marks"><thead><tr><th scope="col">{{ __('tank.form.water_below_the') }}</th><th scope="col">{{
                    __('tank.form.litres_in_so') }}</th></tr></thead><tbody>
                @for($i = 0; $i < min($choices::mostMarks(), max(6, count($tank->marks ?? []) + 3, count((array) old('marks', [])))); $i++)
                    <tr>
                    @foreach(['level' => [$levels, __('tank.form.mark_below'), 0], 'litres' => [$show->volumes(), __('tank.form.mark_in'), 1]] as $part =>
                        [$scale, $word, $at])
                        @php([$path, $id] = ["marks.$i.$part", "f-marks-$i-$part"])
                        <td><span class="entry"><input id="{{ $id }}" name="marks[{{ $i }}][{{ $part }}]" inputmode="decimal" autocomplete="off"
                            aria-label="{{ __('tank.form.mark', ['what' => $i + 1, 'what_too' => $word]) }}" aria-describedby="e-{{ $id }}"
                            value="{{ is_scalar(old($path, '')) ? old($path, isset($tank->marks[$i]) ? $scale->show((float) $tank->marks[$i][$at]) : '') :
                                '' }}" @error($path) aria-invalid="true" @enderror><span class="unit">{{ $scale->label }}</span></span>
                        <p class="fault" id="e-{{ $id }}">@error($path){{ $message }}@enderror</p></td>
                    @endforeach
                    </tr>
                @endfor
                </tbody></table>
                <p class="fault" id="e-f-marks">@error('marks'){{ $message }}@enderror</p>
            </fieldset>
            <fieldset><legend>{{ __('tank.form.substrate_rock_and') }}</legend>
                <x-choice name="passive" term="soil" :label="__('tank.form.effect_on_the')" :value="$tank->passive->value"
                    :options="$choices::options('passive')"
                    :help="__('tank.form.how_much_a')"/>
                <div class="row-fields">
                    <x-field small name="substrate_back" :label="__('tank.form.substrate_at_the')" :value="$in($sizes, $tank->substrate_back)"
                        :unit="$sizes->label"
                        mode="decimal"/>
                    <x-field small name="substrate_front" :label="__('tank.form.substrate_in_front')" :value="$in($sizes, $tank->substrate_front)"
                        :unit="$sizes->label" mode="decimal"/>
                    <x-field small name="porosity" :label="__('tank.form.water_in_the')" :value="$plain(100 * $tank->porosity, 0)" unit="%" mode="decimal"
                        :help="__('tank.form.sand_40_gravel')"/>
                    <x-field small name="stone_kg" :label="__('tank.form.rock')" :value="$in($weights, $tank->stone_kg)" :unit="$weights->label"
                        mode="decimal"/>
                    <x-field small name="stone_height" :label="__('tank.form.height_above_the')" :value="$in($sizes, $tank->stone_height)" :unit="$sizes->label"
                        mode="decimal"/>
                    <x-field small name="wood_kg" :label="__('tank.form.wood_soaked')" :value="$in($weights, $tank->wood_kg)" :unit="$weights->label"
                        mode="decimal"/>
                    <x-field small name="wood_height" :label="__('tank.form.height_above_the')" :value="$in($sizes, $tank->wood_height)" :unit="$sizes->label"
                        mode="decimal"/>
                    <x-field small name="measured_litres" :label="__('tank.form.litres_counted_while')" :value="$in($show->volumes(), $tank->measured_litres)"
                        :unit="$show->volumes()->label" mode="decimal" :help="__('tank.form.if_you_counted')"/>
                    <x-field small name="measured_spread" :label="__('tank.form.text')" :value="$in($show->volumes(), $tank->measured_spread)"
                        :unit="$show->volumes()->label" mode="decimal"/>
                </div>
            </fieldset>
            <fieldset><legend>{{ __('tank.form.livestock_and_routine') }}</legend>
                <x-choice name="animals" :label="__('tank.form.livestock')" :value="$tank->animals->value"
                    :options="$choices::options('animals')"
                    :help="__('tank.form.sets_the_default')"/>
                <x-field name="started_on" type="date" :label="__('tank.started')" :value="$tank->started_on?->format('Y-m-d')"
                    :help="__('tank.started_help')"/>
                @if(!$tank->exists)<x-choice name="stock" :label="__('tank.form.stocking')" value="usual"
                    :options="__('tank.stocks')"
                    :help="__('tank.form.cresco_estimates_the')"/>@endif
                <div class="row-fields">
                    <x-field small name="fish_height" :label="__('tank.form.body_height_of')" :value="$tank->exists ? $in($levels, $tank->fish_height) : null"
                        :help="$tank->exists ? null : __('tank.form.usual')" :unit="$levels->label" mode="decimal"/>
                    <x-field small name="warmth" :label="__('tank.form.heater_set_to')" :value="$tank->exists ? $in($temperature, $tank->warmth) : null"
                        :help="$tank->exists ? null : __('tank.form.usual')" :unit="$temperature->label" mode="decimal"/>
                    <x-field small name="ph_set_point" :label="__('tank.form.ph_controller_set')" :value="$plain($tank->ph_set_point, 2)" mode="decimal"
                        :help="__('tank.form.empty_without_one')"/>
                    @if($tank->exists)<x-field small name="nitrate_per_day" :label="__('tank.form.daily_nitrate_rise')"
                        :value="$in($makes, $tank->nitrate_per_day)" :unit="$makes->label" mode="decimal" :help="__('tank.form.combined_with_your')"/>@endif
                    <x-field small name="routine_share" :label="__('tank.form.usual_water_change')"
                        :value="$tank->exists ? $plain(100 * $tank->routine_share, 0) : null"
                        :help="$tank->exists ? null : __('tank.form.usual')" unit="%" mode="decimal"/>
                    <x-field small name="routine_days" :label="__('tank.form.every')" :value="$tank->exists ? $tank->routine_days : null"
                        :unit="__('names.days')"
                        mode="numeric"/>
                </div>
                @if($waters->isNotEmpty())
                <div class="row-fields">
                    <x-choice name="source_water_id" term="source_water" :label="__('tank.form.usual_source_water')" :value="$tank->source_water_id"
                        :options="$waters->pluck('name', 'id')->prepend($tank->exists ? __('tank.form.undecided') : __('tank.form.nearest'), '')"/>
                    <x-choice name="second_source_water_id" :label="__('tank.form.blended_with')" :value="$tank->second_source_water_id"
                        :options="$waters->pluck('name', 'id')->prepend(__('tank.form.unblended'), '')"/>
                    <x-field small name="second_share" :label="__('tank.form.share_of_that')" :value="$plain(100 * $tank->second_share, 0)" unit="%"
                        mode="decimal"/>
                </div>
                @endif
            </fieldset>
            <fieldset><legend>{{ __('tank.form.equipment') }}</legend>
                <table class="plain devices"><thead><tr><th>{{ __('tank.form.in_this_tank') }}</th><th>{{ __('tank.form.upper_end') }}</th><th>{{
                    __('tank.form.lower_end') }}</th><th>{{ __('tank.form.from_the_left') }}</th></tr></thead><tbody>
                @foreach($choices::all('device') as $kind)
                    @php($device = $tank->devices->firstWhere('kind', $kind))
                    @php($base = 'devices.'.$kind->value)
                    <tr>
                        <td><label class="tick"><input type="checkbox" name="devices[{{ $kind->value }}][on]" value="1"
                            @checked(old() ? old($base.'.on') : $device !== null)> {{ label($kind) }}</label></td>
                        @if($kind->hangsInWater())
                            @foreach(['top' => $levels->label, 'bottom' => $levels->label, 'across' => '%'] as $end => $unit)
                            <td><span class="entry"><input name="devices[{{ $kind->value }}][{{ $end }}]" inputmode="decimal" autocomplete="off"
                                aria-label="{{ label($kind) }}: {{ __('tank.form.ends.'.$end)
                                }}" value="{{ is_scalar(old($base.'.'.$end, 0)) ? old($base.'.'.$end, $device === null ? '' : ($end === 'across' ?
                                $plain((float) $device->across, 0) : $in($levels, $device->{$end}))) : ''
                                }}" @error($base.'.'.$end) aria-invalid="true" @enderror><span class="unit">{{ $unit }}</span></span>
                            <p class="fault" id="e-f-devices-{{ $kind->value }}-{{ $end }}">@error($base.'.'.$end){{ $message }}@enderror</p></td>
                            @endforeach
                        @else<td colspan="3" class="muted">{{ $kind->goesOff() ? __('tank.form.switched') : '' }}</td>@endif
                    </tr>
                @endforeach
                </tbody></table>
                <small>{{ __('tank.form.ends_below_the', ['what' => $levels->label]) }}</small>
            </fieldset>
        </div>
        <div class="drawn-side">
            <div id="drawn" aria-live="polite">@include('tanks.drawn', ['faults' => new Illuminate\Support\MessageBag()])</div>
        </div>
        <div class="acts"><button class="act large">{{ __($tank->exists ? 'act.save' : 'tank.form.set_up') }}</button></div>
    </form>
    @if($tank->exists)
    <details class="danger"><summary>{{ __('tank.form.delete_this_tank') }}</summary>
        <form method="post" action="/tanks/{{ $tank->id }}">@csrf @method('delete')
            <p>{{ __('tank.form.this_deletes_the') }}</p>
            <button class="act beyond">{{ __('tank.form.delete', ['tank' => $tank->name]) }}</button>
        </form>
    </details>
    @endif
</x-layout>
