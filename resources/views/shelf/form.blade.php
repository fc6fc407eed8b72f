@php($salts = App\View\Choices::salts())
@php([$gh, $kh, $ec] = [$show->widths(App\View\Choices::parameter('general_hardness')), $show->widths(App\View\Choices::parameter('carbonate_hardness')),
    $show->widths(App\View\Choices::parameter('conductivity'))])
@php($dose = $jar->isConditioner() ? $jar->doseUnit()->scale($show) : ($jar->unit === 'mL' ? $show->liquids() : new App\Units\Scale('g', 1.0, 3)))
@php($label = fn (string $field, ?App\Units\Scale $scale = null, float $per = 1.0): string => isset($jar->label[$field]) && is_numeric($jar->label[$field]) &&
    ($jar->label[$field] != 0 || $field === 'ratio') ? ($scale ?? new App\Units\Scale('', 1.0, 3))->show($per * $jar->label[$field]) : '')
<x-layout :title="$jar->exists ? __('shelf.form.title', ['name' => $jar->name]) : __('shelf.form.new')">
    <h1>{{ $jar->exists ? $jar->name : __('shelf.form.new') }}</h1>
    <form class="plain-form" method="post" action="{{ $jar->exists ? '/products/'.$jar->id : '/products' }}" novalidate
        data-jar>@csrf @if($jar->exists) @method('put') @endif
        <x-field name="name" :label="__('act.name')" :value="$jar->name"/>
        <x-choice name="salt" :label="__('shelf.form.what_is_in')" :value="$jar->salt ?? 'label'"
            :options="__('shelf.form.kinds') + $salts"/>
        <fieldset data-of="label conditioner feed"><legend>{{ __('shelf.form.what_the_label') }}</legend>
            <div class="row-fields">
                <x-field name="label[dose]" :label="__('shelf.form.dose')" :value="$label('dose', $dose)" mode="decimal"/>
                <div data-of="label feed"><x-choice name="unit" :label="__('shelf.form.in')" :value="$jar->unit" :options="__('shelf.form.units')"/></div>
                <div data-of="conditioner"><x-choice name="label[measured]" :label="__('shelf.measured_with')" :value="$jar->doseUnit()->value"
                    :options="App\View\Choices::options('dose_unit')"/></div>
                <x-field name="label[litres]" :label="__('shelf.form.treats')" :value="$label('litres', $show->volumes())" :unit="$show->volumes()->label"
                    mode="decimal"/>
                <x-field name="label[gh]" :label="__('shelf.form.raises_gh_by')" :value="$label('gh', $gh, App\View\Choices::degreeOfHardness())"
                    :unit="$gh->label" data-of="label" mode="decimal"/>
                <x-field name="label[kh]" :label="__('shelf.form.raises_kh_by')" :value="$label('kh', $kh, App\View\Choices::degreeOfAlkalinity())"
                    :unit="$kh->label" data-of="label" mode="decimal"/>
                <x-field name="label[ec]" :label="__('shelf.form.raises_conductivity_by')" :value="$label('ec', $ec)" :unit="$ec->label" data-of="label"
                    mode="decimal"/>
                <x-field name="label[ratio]" :label="__('shelf.form.ca_mg_if')" :value="$label('ratio')" unit=": 1" mode="decimal" data-of="label"/>
                @foreach(App\View\Choices::nutrients() as $nutrient)
                <x-field :name="'label['.$nutrient->value.']'" :label="__('shelf.form.raises', ['what' => word($nutrient)])"
                    :value="$label($nutrient->value)" unit="mg/L"
                    mode="decimal" data-of="feed"/>
                @endforeach
                <x-field name="label[days]" :label="__('food.label.days')" :value="$jar->label['days'] ?? ''" :unit="__('names.days')" mode="numeric"
                    data-of="feed"
                    :help="__('food.label.days_help')"/>
                <div data-of="feed"><x-choice name="label[chelate]" :label="__('food.chelate.ask')" :value="$jar->label['chelate'] ?? ''"
                    :options="['' => __('food.chelate.none')] + App\View\Choices::options('chelate')"/></div>
                <x-field name="label[density]" :label="__('food.label.density')" unit="g/mL" mode="decimal" data-of="feed" :help="__('food.label.help')"/>
                <label class="tick" data-of="feed"><input type="hidden" name="label[declared]" value="0"><input type="checkbox" name="label[declared]" value="1"
                    @checked(old('label.declared', '1') === '1')> {{ __('food.label.declared') }}</label>
                <x-field name="label[strength]" :label="__('shelf.form.removes_chlorine_up')" :value="$label('strength')" unit="mg/L" mode="decimal"
                    data-of="conditioner"/>
            </div>
        </fieldset>
        <fieldset data-of="acid"><legend>{{ __('shelf.form.the_acid') }}</legend>
            <div class="row-fields">
                <x-choice name="label[kind]" :label="__('shelf.form.which_acid')" :value="$jar->label['kind'] ?? ''"
                    :options="App\View\Choices::options('acid')"/>
                <x-field name="label[percent]" :label="__('shelf.form.strength_by_weight')"
                    :value="isset($jar->label['percent']) ? App\Units\Show::plain((float) $jar->label['percent'], 2) : ''" unit="%" mode="decimal"/>
            </div>
        </fieldset>
        <div class="row-fields">
            <x-field name="purity" :label="__('shelf.form.purity')" :value="App\Units\Show::plain(100 * $jar->purity, 2)" unit="%" mode="decimal"/>
            <x-field name="stock" :label="__('shelf.form.in_stock_g')" :value="$jar->stock === null ? '' : App\Units\Show::plain($jar->stock, 1)" mode="decimal"
                :help="__('shelf.form.empty_not_counted')"/>
            <x-field name="price" :label="__('shelf.form.price_per_100')" :value="$jar->price > 0 ? App\Units\Show::plain($jar->price, 2) : ''" mode="decimal"/>
        </div>
        <button class="act">{{ __('act.save') }}</button>
    </form>
    @if($jar->exists)
    <details class="danger"><summary>{{ __('shelf.form.delete_this_product') }}</summary>
    <form method="post" action="/products/{{ $jar->id }}">@csrf @method('delete')<p>{{ __('shelf.form.its_spoon_calibrations') }}</p><button
        class="act beyond">{{ __('shelf.form.delete', ['name' => $jar->name]) }}</button></form></details>
    @endif
</x-layout>
