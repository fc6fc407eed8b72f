@php($show = $keeper->show())
@php($was = fn (string $field, ?string $usual): string => $errors->has($field) && is_scalar($typed->input($field)) ? (string) $typed->input($field) :
    (string) $usual)
@php($aims = ['gh' => ['GH', $choices::parameter('general_hardness'), $input->target->gh], 'kh' => ['KH',
    $choices::parameter('carbonate_hardness'), $input->target->kh], 'ec' => [label($choices::parameter('conductivity')),
        $choices::parameter('conductivity'),
    $input->target->conductivity]])
<x-layout :title="__('bench.show.mix_water')" wide act>
    <p id="said" class="visually-hidden" role="status"></p>
    <h1 class="visually-hidden">{{ __('bench.show.mix_water') }}</h1>
    <form id="bench" class="sheet decide bench" method="post" action="/batches" novalidate
        hx-get="/mix-water" hx-trigger="input delay:120ms, recompute delay:60ms" hx-target="#answer" hx-swap="innerHTML" hx-sync="this:replace"
            hx-params="not _token,_once" hx-replace-url="true">
        @csrf
        <input type="hidden" name="tank_was" value="{{ $input->tank?->id }}"><input type="hidden" name="animals_was" value="{{ $input->animals->value }}">
        <aside class="side" aria-label="{{ __('bench.show.targets_and_products') }}">
            <fieldset><legend>{{ __('bench.show.water_for') }}</legend>
                <div class="row-fields two">
                    <div class="field"><label for="f-tank">{{ __('bench.show.tank') }}</label><select id="f-tank" name="tank" data-reload>
                    <option value="">{{ __('bench.show.no_tank') }}</option>@foreach($keeper->tanks as $tank)<option value="{{ $tank->id }}"
                        @selected($tank->id === $input->tank?->id)>{{ $tank->name }}</option>@endforeach</select>
                    <p class="fault" id="e-f-tank">{{ $errors->first('tank') }}</p></div>
                    <x-change-entry name="litres" :label="__('bench.show.litres_to_mix')" :value="$was('litres', $show->volumes()->show($input->litres))"
                        :unit="$keeper->volume_unit->label()"/>
                </div>
                <div class="field"><label for="f-animals">{{ __('bench.show.livestock') }}</label>
                <select id="f-animals" name="animals" data-reload>@foreach($choices::all('animals') as $group)<option value="{{ $group->value }}"
                    @selected($group === $input->animals)>{{ label($group) }}</option>@endforeach</select>
                <p class="fault" id="e-f-animals">{{ $errors->first('animals') }}</p></div>
                <button class="act quiet no-script" formmethod="get" formaction="/mix-water">{{ __('bench.show.use_their_targets') }}</button>
            </fieldset>
            <fieldset><legend>{{ __('bench.show.target') }}</legend>
                <div class="row-fields two">
                @foreach($aims as $field => [$label, $parameter, $value])
                    <x-change-entry :name="$field" :label="$label"
                        :value="$was($field, $value === null ? ''
                            : $format::plain($show->unit($parameter)->fromBase($value), max(1,
                                $show->unit($parameter)->decimals)))" :unit="$show->unit($parameter)->label" :hint="__('bench.open')"/>
                @endforeach
                    <x-change-entry name="ratio" :label="__('bench.show.ca_mg')"
                        :value="$was('ratio', $input->target->ratio === null ? '' : $format::plain($input->target->ratio, 2))" unit=": 1"
                            :hint="__('bench.open')"/>
                </div>
            </fieldset>
            <fieldset class="picks" aria-describedby="e-f-waters"><legend>{{ __('bench.show.source_waters') }}</legend>
                @foreach($keeper->waters->sortBy('name') as $water)
                    <label class="tick"><input type="checkbox" name="waters[]" value="{{ $water->id }}"
                        @checked(in_array($water->id, array_map(fn ($w) => $w->id, $input->waters), true))> {{ $water->name }}</label>
                @endforeach
                <p class="fault" id="e-f-waters">{{ $errors->first('waters') }}</p>
            </fieldset>
            <fieldset class="picks" aria-describedby="e-f-jars"><legend>{{ __('bench.show.products') }}</legend>
                @forelse($keeper->benchProducts()->sortBy('name') as $product)
                    <label class="tick"><input type="checkbox" name="jars[]" value="{{ $product->id }}"
                        @checked(in_array($product->id, array_map(fn ($j) => $j->id, $input->products), true))> <span>{{ $product->name }}</span></label>
                @empty
                    <p class="muted">{{ __('bench.show.none_yet_waters') }} <a href="/products/new">{{ __('bench.show.add_a_product') }}</a></p>
                @endforelse
                <p class="fault" id="e-f-jars">{{ $errors->first('jars') }}</p>
                @if($keeper->benchProducts()->isNotEmpty())<label class="tick"><input type="checkbox" name="spoons" value="1"
                    @checked($input->bySpoon)> {{ __('bench.show.by_spoon_where') }}</label>
                <div class="field"><label for="f-minerals">{{ __('bench.show.add_minerals') }}</label><select id="f-minerals" name="minerals">
                <option value="vessel" @selected(!$input->isDirect)>{{ __('bench.show.dissolved_in_the') }}</option>
                <option value="direct" @selected($input->isDirect)>{{ __('bench.show.straight_in_with') }}</option></select></div>@endif
            </fieldset>
            <details @if($errors->has('cap')) open @endif><summary>{{ __('bench.show.limits_and_how') }}</summary>
                <p class="muted">{{ __('bench.show.maximum_mg_l') }}</p>
                <div class="row-fields two caps">
                @foreach(['Na', 'K', 'Cl', 'SO4', 'NO3'] as $name)
                    @php($ion = $choices::ion($name))
                    @php($cap = is_array($typed->input('cap')) && $errors->has('cap') ? ($typed->input('cap')[$name] ?? '') : ($input->target->caps[$name] ??
                        ''))
                    <div class="field small"><label for="f-cap-{{ $name }}">{{ $ion }}</label><span class="entry"><input id="f-cap-{{ $name }}"
                        name="cap[{{ $name }}]" value="{{ is_scalar($cap) ? $cap : '' }}" inputmode="decimal" autocomplete="off" maxlength="20"
                        aria-describedby="e-f-cap"></span></div>
                @endforeach
                <x-change-entry name="share" :label="__('bench.show.each_change')" :value="$was('share', $format::plain(100 * $input->fraction, 1))"
                    unit="%"/>
                </div>
                <p class="fault" id="e-f-cap">{{ $errors->first('cap') }}</p>
            </details>
            <details><summary>{{ __('bench.show.save_this_recipe') }}</summary><div class="keep-recipe">
            <label class="visually-hidden" for="f-recipe_name">{{ __('bench.show.name_of_the') }}</label><input id="f-recipe_name" name="recipe_name"
                placeholder="{{ __('bench.show.name') }}"
                maxlength="80" autocomplete="off"><button class="act quiet" formaction="/recipes">{{ __('act.save') }}</button></div></details>
            <p class="more-links"><a href="/supplies/products">{{ __('bench.show.products_and_spoons') }}</a> · <a href="/recipes">{{
                __('bench.show.recipes') }}</a> · <a href="/source-waters">{{ __('bench.show.source_waters') }}</a></p>
        </aside>
        <div id="answer" class="answer">@include('mixing.answer')</div>
        <div class="acts">
            <button class="act quiet no-script" formmethod="get" formaction="/mix-water">{{ __('act.work_out') }}</button>
            <button class="act large" id="do">{{ __('bench.show.make_the_batch') }}</button>
        </div>
    </form>
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
