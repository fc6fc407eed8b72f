@php($plain = fn (?float $x, int $d = 1): string => $x === null ? '' : App\Units\Show::plain($x, $d))
@php($in = fn (App\Units\Scale $scale, ?float $base): string => $scale->show($base))
@php([$sizes, $levels, $weights] = [$show->sizes(), $show->levels(), $show->weights()])
@php($temperature = $show->values(App\View\Choices::parameter('temperature')))
@php($makes = $show->widths(App\View\Choices::parameter('nitrate')))
<x-layout :title="$tank->exists ? 'Tank setup of '.$tank->name : 'New tank'" :loop="$loop" wide>
    <h1 class="visually-hidden">{{ $tank->exists ? 'Tank setup of '.$tank->name : 'New tank' }}</h1>
    <form class="tank-form" method="post" action="{{ $tank->exists ? '/tanks/'.$tank->id : '/tanks' }}" novalidate
        hx-get="/tanks/draw" hx-trigger="input delay:120ms, change delay:20ms" hx-target="#drawn" hx-sync="this:replace" hx-params="not _token,_once,_method">
        @csrf @if($tank->exists) @method('put') @endif
        <div class="fields">
            <fieldset><legend>Tank</legend>
                <x-field name="name" label="Name" :value="$tank->name" help="As you call it."/>
                <x-choice name="shape" label="Shape" :value="$tank->shape->value"
                    :options="App\View\Choices::options('shape')"
                    :data-shape="App\View\Words::shapes()"/>
                <div class="row-fields">
                    <x-field small name="outer_length" label="Length, edge or diameter" :value="$in($sizes, $tank->outer_length)" :unit="$sizes->label"
                        mode="decimal"/>
                    <x-field small name="outer_depth" label="Depth (box, bow: at the sides)" :value="$in($sizes, $tank->outer_depth)" :unit="$sizes->label"
                        mode="decimal"/>
                    <x-field small name="middle_depth" label="Depth in the middle (bow)" :value="$in($sizes, $tank->middle_depth)" :unit="$sizes->label"
                        mode="decimal"/>
                    <x-field small name="outer_height" label="Height (not for a cube)" :value="$in($sizes, $tank->outer_height)" :unit="$sizes->label"
                        mode="decimal"/>
                    <x-field small name="glass" label="Glass" :value="$in($levels, $tank->glass)" :unit="$levels->label" mode="decimal"/>
                    <x-field small name="water_below_rim" label="Waterline below the rim" :value="$in($levels, $tank->water_below_rim)" :unit="$levels->label"
                        mode="decimal"/>
                </div>
                <small>Outer sizes.</small>
            </fieldset>
            <fieldset id="marks" data-table><legend>Litres up to each mark</legend>
                <p class="muted">Pour in a known amount, wait for the water to lie still, write down how far below the rim it stands and how much is in by
                    now; the uppermost mark at the water line. Done with bed, stones and wood in place, they are in the count.</p>
                <table class="plain marks"><thead><tr><th scope="col">Water below the rim</th><th scope="col">In by now</th></tr></thead><tbody>
                @for($i = 0; $i < min(App\View\Choices::mostMarks(), max(6, count($tank->marks ?? []) + 3, count((array) old('marks', [])))); $i++)
                    <tr>
                    @foreach(['level' => [$levels, 'below the rim', 0], 'litres' => [$show->volumes(), 'in by now', 1]] as $part => [$scale, $word, $at])
                        @php([$path, $id] = ["marks.$i.$part", "f-marks-$i-$part"])
                        <td><span class="entry"><input id="{{ $id }}" name="marks[{{ $i }}][{{ $part }}]" inputmode="decimal" autocomplete="off"
                            aria-label="Mark {{ $i + 1 }}: {{ $word }}" aria-describedby="e-{{ $id }}"
                            value="{{ is_scalar(old($path, '')) ? old($path, isset($tank->marks[$i]) ? $scale->show((float) $tank->marks[$i][$at]) : '') :
                                '' }}" @error($path) aria-invalid="true" @enderror><span class="unit">{{ $scale->label }}</span></span>
                        <p class="fault" id="e-{{ $id }}">@error($path){{ $message }}@enderror</p></td>
                    @endforeach
                    </tr>
                @endfor
                </tbody></table>
                <p class="fault" id="e-f-marks">@error('marks'){{ $message }}@enderror</p>
            </fieldset>
            <fieldset><legend>Bed, stone and wood</legend>
                <x-choice name="passive" label="Gives off minerals, or takes them up" :value="$tank->passive->value"
                    :options="App\View\Choices::options('passive')"
                    help="How much a day is a guess until your readings of KH, GH and conductivity say."/>
                <div class="row-fields">
                    <x-field small name="bed_back" label="Bed at the back" :value="$in($sizes, $tank->bed_back)" :unit="$sizes->label" mode="decimal"/>
                    <x-field small name="bed_front" label="Bed in front" :value="$in($sizes, $tank->bed_front)" :unit="$sizes->label" mode="decimal"/>
                    <x-field small name="porosity" label="Pores in the bed" :value="$plain(100 * $tank->porosity, 0)" unit="%" mode="decimal"
                        help="sand 40, gravel 42, fired soil 50 (guess)"/>
                    <x-field small name="stone_kg" label="Stone" :value="$in($weights, $tank->stone_kg)" :unit="$weights->label" mode="decimal"/>
                    <x-field small name="stone_height" label="reaching above the floor" :value="$in($sizes, $tank->stone_height)" :unit="$sizes->label"
                        mode="decimal"/>
                    <x-field small name="wood_kg" label="Wood, soaked" :value="$in($weights, $tank->wood_kg)" :unit="$weights->label" mode="decimal"/>
                    <x-field small name="wood_height" label="reaching above the floor" :value="$in($sizes, $tank->wood_height)" :unit="$sizes->label"
                        mode="decimal"/>
                    <x-field small name="measured_litres" label="Counted in on a fill" :value="$in($show->volumes(), $tank->measured_litres)"
                        :unit="$show->volumes()->label" mode="decimal" help="if you did"/>
                    <x-field small name="measured_spread" label="give or take" :value="$in($show->volumes(), $tank->measured_spread)"
                        :unit="$show->volumes()->label" mode="decimal"/>
                </div>
            </fieldset>
            <fieldset><legend>Animals and routine</legend>
                <x-choice name="animals" label="Who lives here" :value="$tank->animals->value"
                    :options="App\View\Choices::options('animals')"
                    help="Sets the usual ranges and what one change may move (guesses until your diary knows better)."/>
                <x-field name="started_on" type="date" :label="__('tank.started')" :value="$tank->started_on?->format('Y-m-d')"
                    :help="__('tank.started_help')"/>
                @if(!$tank->exists)<x-choice name="stock" label="What is fed in it" value="usual"
                    :options="collect(App\Models\Tank::STOCKS)->map(fn ($s) => $s[0])"
                    help="From this Cresco guesses the nitrate it makes; readings put the guess right."/>@endif
                <div class="row-fields">
                    <x-field small name="fish_height" label="Body height of the largest fish" :value="$tank->exists ? $in($levels, $tank->fish_height) : null"
                        :help="$tank->exists ? null : 'empty: as usual for these animals'" :unit="$levels->label" mode="decimal"/>
                    <x-field small name="warmth" label="The heater holds" :value="$tank->exists ? $in($temperature, $tank->warmth) : null"
                        :help="$tank->exists ? null : 'empty: as usual for these animals'" :unit="$temperature->label" mode="decimal"/>
                    <x-field small name="ph_set_point" label="pH controller holds" :value="$plain($tank->ph_set_point, 2)" mode="decimal"
                        help="empty without one"/>
                    @if($tank->exists)<x-field small name="nitrate_per_day" label="Nitrate it makes a day, your guess"
                        :value="$in($makes, $tank->nitrate_per_day)" :unit="$makes->label" mode="decimal" help="weighed with what your readings say"/>@endif
                    <x-field small name="routine_share" label="Usual change" :value="$tank->exists ? $plain(100 * $tank->routine_share, 0) : null"
                        :help="$tank->exists ? null : 'empty: as usual for these animals'" unit="%" mode="decimal"/>
                    <x-field small name="routine_days" label="every" :value="$tank->exists ? $tank->routine_days : null" unit="days" mode="numeric"/>
                </div>
                @if($waters->isNotEmpty())
                <div class="row-fields">
                    <x-choice name="water_id" label="Water that usually goes in" :value="$tank->water_id"
                        :options="$waters->pluck('name', 'id')->prepend($tank->exists ? 'not decided yet' : 'the nearest to what they are kept at', '')"/>
                    <x-choice name="second_water_id" label="blended with" :value="$tank->second_water_id"
                        :options="$waters->pluck('name', 'id')->prepend('nothing', '')"/>
                    <x-field small name="second_share" label="share of that" :value="$plain(100 * $tank->second_share, 0)" unit="%" mode="decimal"/>
                </div>
                @endif
            </fieldset>
            <fieldset><legend>Devices</legend>
                <table class="plain devices"><thead><tr><th>On this tank</th><th>upper end</th><th>lower end</th><th>from the left</th></tr></thead><tbody>
                @foreach(App\View\Choices::all('device') as $kind)
                    @php($device = $tank->devices->firstWhere('kind', $kind))
                    @php($base = 'devices.'.$kind->value)
                    <tr>
                        <td><label class="tick"><input type="checkbox" name="devices[{{ $kind->value }}][on]" value="1"
                            @checked(old() ? old($base.'.on') : $device !== null)> {{ $kind->label() }}</label></td>
                        @if($kind->hangsInWater())
                            @foreach(['top' => $levels->label, 'bottom' => $levels->label, 'across' => '%'] as $end => $unit)
                            <td><span class="entry"><input name="devices[{{ $kind->value }}][{{ $end }}]" inputmode="decimal" autocomplete="off"
                                aria-label="{{ $kind->label() }}: {{ ['top' => 'upper end, below the rim', 'bottom' => 'lower end, below the rim', 'across'
                                => 'percent from the left'][$end]
                                }}" value="{{ is_scalar(old($base.'.'.$end, 0)) ? old($base.'.'.$end, $device === null ? '' : ($end === 'across' ?
                                $plain((float) $device->across, 0) : $in($levels, $device->{$end}))) : ''
                                }}" @error($base.'.'.$end) aria-invalid="true" @enderror><span class="unit">{{ $unit }}</span></span>
                            <p class="fault" id="e-f-devices-{{ $kind->value }}-{{ $end }}">@error($base.'.'.$end){{ $message }}@enderror</p></td>
                            @endforeach
                        @else<td colspan="3" class="muted">{{ $kind->goesOff() ? 'on the switch list' : '' }}</td>@endif
                    </tr>
                @endforeach
                </tbody></table>
                <small>Ends below the rim, in {{ $levels->label }}. Whatever must be off before the level falls comes onto the switch list of every run
                    sheet.</small>
            </fieldset>
        </div>
        <div class="drawn-side">
            <div id="drawn" aria-live="polite">@include('tanks.drawn', ['faults' => new Illuminate\Support\MessageBag()])</div>
        </div>
        <div class="acts"><button class="act large">{{ $tank->exists ? 'Keep these measures' : 'Set up this tank' }}</button></div>
    </form>
    @if($tank->exists)
    <details class="danger"><summary>Take this tank out of Cresco</summary>
        <form method="post" action="/tanks/{{ $tank->id }}">@csrf @method('delete')
            <p>The tank goes, with its diary, readings and checklists. Save the readings as CSV first if you may want them.</p>
            <button class="act beyond">Take {{ $tank->name }} out for good</button>
        </form>
    </details>
    @endif
</x-layout>
