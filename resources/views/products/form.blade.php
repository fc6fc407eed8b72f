@php($salts = $choices::salts())
@php([$gh, $kh, $ec] = [$show->widths($choices::parameter('general_hardness')), $show->widths($choices::parameter('carbonate_hardness')),
    $show->widths($choices::parameter('conductivity'))])
@php($dose = $product->isConditioner() ? $product->doseUnit()->scale($show) : ($product->unit === 'mL' ? $show->liquids() : $show->doses()))
@php($label = fn (string $field, $scale = null, float $per = 1.0): string => isset($product->label[$field]) && is_numeric($product->label[$field]) &&
    ($product->label[$field] != 0 || $field === 'ratio') ? ($scale ?? $show->numbers())->show($per * $product->label[$field]) : '')
<x-layout :title="$product->exists ? __('shelf.form.title', ['name' => $product->name]) : __('shelf.form.new')">
    <h1>{{ $product->exists ? $product->name : __('shelf.form.new') }}</h1>
    <form class="plain-form" method="post" action="{{ $product->exists ? '/products/'.$product->id : '/products' }}" novalidate
        data-jar>@csrf @if($product->exists) @method('put') @endif
        <x-field name="name" :label="__('act.name')" :value="$product->name"/>
        <x-choice name="salt" :label="__('shelf.form.what_is_in')" :value="$product->salt ?? 'label'"
            :options="__('shelf.form.kinds') + $salts"/>
        <fieldset data-of="label conditioner feed"><legend>{{ __('shelf.form.what_the_label') }}</legend>
            <div class="row-fields">
                <x-field name="label[dose]" :label="__('shelf.form.dose')" :value="$label('dose', $dose)" mode="decimal"/>
                <div data-of="label feed"><x-choice name="unit" :label="__('shelf.form.in')" :value="$product->unit" :options="__('shelf.form.units')"/></div>
                <div data-of="conditioner"><x-choice name="label[measured]" :label="__('shelf.measured_with')" :value="$product->doseUnit()->value"
                    :options="$choices::options('dose_unit')"/></div>
                <x-field name="label[litres]" :label="__('shelf.form.treats')" :value="$label('litres', $show->volumes())" :unit="$show->volumes()->label"
                    mode="decimal"/>
                <x-field name="label[gh]" :label="__('shelf.form.raises_gh_by')" :value="$label('gh', $gh, $choices::degreeOfHardness())"
                    :unit="$gh->label" data-of="label" mode="decimal"/>
                <x-field name="label[kh]" :label="__('shelf.form.raises_kh_by')" :value="$label('kh', $kh, $choices::degreeOfAlkalinity())"
                    :unit="$kh->label" data-of="label" mode="decimal"/>
                <x-field name="label[ec]" :label="__('shelf.form.raises_conductivity_by')" :value="$label('ec', $ec)" :unit="$ec->label" data-of="label"
                    mode="decimal"/>
                <x-field name="label[ratio]" :label="__('shelf.form.ca_mg_if')" :value="$label('ratio')" unit=": 1" mode="decimal" data-of="label"/>
                @foreach($choices::nutrients() as $nutrient)
                <x-field :name="'label['.$nutrient->value.']'" :label="__('shelf.form.raises', ['what' => word($nutrient)])"
                    :value="$label($nutrient->value)" unit="mg/L"
                    mode="decimal" data-of="feed"/>
                @endforeach
                <x-field name="label[days]" :label="__('food.label.days')" :value="$product->label['days'] ?? ''" :unit="__('names.days')" mode="numeric"
                    data-of="feed"
                    :help="__('food.label.days_help')"/>
                <div data-of="feed"><x-choice name="label[chelate]" :label="__('food.chelate.ask')" :value="$product->label['chelate'] ?? ''"
                    :options="['' => __('food.chelate.none')] + $choices::options('chelate')"/></div>
                <x-field name="label[density]" :label="__('food.label.density')" unit="g/mL" mode="decimal" data-of="feed" :help="__('food.label.help')"/>
                <label class="tick" data-of="feed"><input type="hidden" name="label[declared]" value="0"><input type="checkbox" name="label[declared]" value="1"
                    @checked(old('label.declared', '1') === '1')> {{ __('food.label.declared') }}</label>
                <x-field name="label[strength]" :label="__('shelf.form.removes_chlorine_up')" :value="$label('strength')" unit="mg/L" mode="decimal"
                    data-of="conditioner"/>
            </div>
        </fieldset>
        <fieldset data-of="acid"><legend>{{ __('shelf.form.the_acid') }}</legend>
            <div class="row-fields">
                <x-choice name="label[kind]" :label="__('shelf.form.which_acid')" :value="$product->label['kind'] ?? ''"
                    :options="$choices::options('acid')"/>
                <x-field name="label[percent]" :label="__('shelf.form.strength_by_weight')"
                    :value="isset($product->label['percent']) ? $format::plain((float) $product->label['percent'], 2) : ''" unit="%" mode="decimal"/>
            </div>
        </fieldset>
        <div class="row-fields">
            <x-field name="purity" :label="__('shelf.form.purity')" :value="$format::plain(100 * $product->purity, 2)" unit="%" mode="decimal"/>
            <x-field name="stock" :label="__('shelf.form.in_stock_g')" :value="$product->stock === null ? '' : $format::plain($product->stock, 1)"
                mode="decimal"
                :help="__('shelf.form.empty_not_counted')"/>
            <x-field name="price" :label="__('shelf.form.price_per_100')" :value="$product->price > 0 ? $format::plain($product->price, 2) : ''"
                mode="decimal"/>
        </div>
        <button class="act">{{ __('act.save') }}</button>
    </form>
    @if($product->exists)
    <details class="danger"><summary>{{ __('shelf.form.delete_this_product') }}</summary>
    <form method="post" action="/products/{{ $product->id }}">@csrf @method('delete')<p>{{ __('shelf.form.its_spoon_calibrations') }}</p><button
        class="act beyond">{{ __('shelf.form.delete', ['name' => $product->name]) }}</button></form></details>
    @endif
</x-layout>
