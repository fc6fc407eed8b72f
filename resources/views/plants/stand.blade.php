@php($record = $form->record)
@php($levels = auth()->user()->show()->levels())
<x-layout :title="$record ? __('plants.stand.title', ['name' => $form->ofKind()->name, 'tank' => $tank->name]) : __('plants.stand.new', ['tank'
    => $tank->name])" :loop="$loop" act>
    <div class="page-head"><h1>{{ $record ? $form->ofKind()->name : __('plants.show.add_plants') }}</h1><a class="act quiet"
        href="/tanks/{{ $tank->id }}/plants">{{ __('plants.stand.all_plants') }}</a></div>
    <form class="stand-form" method="post" action="/tanks/{{ $tank->id }}/plant-groups{{ $record ? '/'.$record->id : '' }}" novalidate>
        @csrf
        @if($record) @method('put') @endif
        <section class="plain-form">
            <div class="field">
                <label for="f-kind">{{ __('plants.stand.species') }}</label>
                <select id="f-kind" name="kind" aria-describedby="e-f-kind" @error('kind') aria-invalid="true" @enderror>
                    <option value="">{{ __('plants.stand.choose') }}</option>
                    @foreach($form->kinds() as $group => $kinds)
                    <optgroup label="{{ $group }}">
                        @foreach($kinds as $key => $name)<option value="{{ $key }}"
                            @selected(old('kind', $form->kind()) === $key)>{{ $name }}</option>@endforeach
                    </optgroup>
                    @endforeach
                </select>
                <p class="fault" id="e-f-kind">{{ $errors->first('kind') }}</p>
            </div>
            <details @if(old('own_name')) open @endif><summary>{{ __('plants.stand.another_species') }}</summary>
                <x-field name="own_name" :label="__('plants.stand.its_name')" maxlength="80"/>
                <div class="row-fields two">
                    <x-choice name="form" :label="__('plants.stand.growth_form')"
                        :options="$choices::options('form')"/>
                    <x-choice name="pace" :label="__('plants.stand.how_fast')" value="middling"
                        :options="$choices::options('pace')"/>
                </div>
                <div class="row-fields two">
                    <x-choice name="demand" term="par" :label="__('plants.stand.light_it_needs')" value="middling"
                        :options="$choices::options('demand')"/>
                    <x-field name="roots" :label="__('plants.stand.nutrients_taken_up')" :value="50" unit="%" mode="decimal"/>
                </div>
                <label class="tick"><input type="checkbox" name="bicarbonate" value="1"
                    @checked(old('bicarbonate'))> {{ __('plants.stand.uses_bicarbonate_when') }}</label>
            </details>
            @if(!$record)
            <x-field name="height" :label="__('plants.stand.height_today')" :unit="$levels->label" mode="decimal"
                :help="__('plants.stand.above_what_it')"/>
            <x-field name="cover" :label="__('plants.stand.how_much_of')" :value="100" unit="%" mode="decimal" :help="__('plants.stand.for_floating_plants')"/>
            @endif
            <x-field name="wished" :label="__('plants.stand.height_you_want')" :value="$form->length($record?->wished)" :unit="$levels->label" mode="decimal"
                :help="__('plants.stand.low_in_front')"/>
            <details @if($record) open @endif><summary>{{ __('plants.stand.more') }}</summary>
                <x-field name="planted_on" :label="__('plants.stand.planted_on')" type="date" :value="$record?->planted_on?->format('Y-m-d')"/>
                <label class="tick"><input type="checkbox" name="from_air" value="1"
                    @checked(old('from_air', $record?->from_air))> {{ __('plants.stand.grown_above_water') }}</label>
                <x-field name="perch" :label="__('plants.stand.attached_above_the')"
                    :value="$record && $record->perch > 0 ? $form->length($record->perch) : null"
                    :unit="$levels->label" mode="decimal" :help="__('plants.stand.on_wood_or')"/>
                <x-field name="ceiling" :label="__('plants.stand.maximum_height')" :value="$form->length($record?->ceiling)" :unit="$levels->label"
                    mode="decimal"
                    :help="__('plants.stand.if_you_know')"/>
                <x-field name="note" :label="__('act.note')" :value="$record?->note" maxlength="500"/>
            </details>
        </section>
        <section class="place-side" aria-labelledby="place-title">
            <h2 id="place-title">{{ __('plants.stand.its_spot_drag') }}</h2>
            <svg class="stand-plan place" data-place viewBox="-4 -4 {{ $form->wide() + 8 }} {{ $form->high() + 8 }}" data-wide="{{ $form->wide() }}"
                data-high="{{ $form->high() }}"
                role="img" aria-label="{{ __('plants.stand.plan_of_the') }}">
                <polygon class="ground" points="{{ $form->outline() }}"/>
                @foreach($form->others() as [$x, $y, $w, $h, $name])
                <g class="stand"><rect x="{{ $x }}" y="{{ $y }}" width="{{ $w }}" height="{{ $h }}"/><title>{{ $name }}</title></g>
                @endforeach
                <rect class="here" x="0" y="0" width="0" height="0"/>
                <polygon class="glass" points="{{ $form->outline() }}"/>
            </svg>
            <p class="key">{{ __('plants.stand.front_glass') }}</p>
            <div class="row-fields four">
                @php($edges = $form->edges())
                <x-field name="left" :label="__('plants.stand.from_the_left')" :value="$edges['left']" unit="%" mode="decimal"/>
                <x-field name="right" :label="__('plants.stand.to')" :value="$edges['right']" unit="%" mode="decimal"/>
                <x-field name="front" :label="__('plants.stand.from_the_front')" :value="$edges['front']" unit="%" mode="decimal"/>
                <x-field name="back" :label="__('plants.stand.to')" :value="$edges['back']" unit="%" mode="decimal"/>
            </div>
            <p><button class="act large" id="do">{{ __($record ? 'act.save' : 'plants.stand.add') }}</button></p>
        </section>
    </form>
    @if($record)
    @php($byCover = $form->plantGroup->isCutByCover())
    <section class="plain-form"><h2>{{ __('plants.stand.log_a_trim') }}</h2>
        <form method="post" action="/tanks/{{ $tank->id }}/plant-groups/{{ $record->id }}/cut" class="row-fields four" novalidate>
            @csrf
            <x-field name="before" :label="__('plants.stand.height_before')"
                :value="$byCover ? round(100 * $form->plantGroup->cover) : $form->length($form->plantGroup->height)"
                :unit="$byCover ? '%' : $levels->label" mode="decimal"/>
            <x-field name="after" :label="__('plants.stand.trimmed_to')" :unit="$byCover ? '%' : $levels->label" mode="decimal"/>
            <x-field name="replanted" :label="__('plants.stand.tops_replanted')" :value="0" mode="numeric"/>
            <p><button class="act quiet">{{ __('plants.stand.save_the_trim') }}</button></p>
        </form>
    </section>
    <details class="more" id="records" @if($errors->hasAny(['look', 'happened_at', 'number', 'placed_on'])) open @endif><summary>{{
        __('plants.records.head') }}</summary>
        @error('look')<p class="fault" role="alert">{{ $message }}</p>@enderror
        @foreach($form->looks() as $look)
        <div class="record-line">
        <form method="post" action="/tanks/{{ $tank->id }}/plant-groups/{{ $record->id }}/looks/{{ $look['id'] }}" novalidate>
            @csrf @method('put')
            <label>{{ __('plants.records.when') }} <input type="datetime-local" name="happened_at" value="{{ $look['when'] }}"></label>
            <label>{{ __('plants.records.before') }} <input name="before" value="{{ $look['before'] }}" inputmode="decimal" size="6">
                {{ $look['unit'] }}</label>
            <label>{{ __('plants.records.after') }} <input name="after" value="{{ $look['after'] }}" inputmode="decimal" size="6">
                {{ $look['unit'] }}</label>
            <button class="act quiet">{{ __('plants.records.save') }}<span class="visually-hidden">: {{ $look['day'] }}</span></button>
        </form>
        <form method="post" action="/tanks/{{ $tank->id }}/plant-groups/{{ $record->id }}/looks/{{ $look['id'] }}">@csrf @method('delete')<button
            class="quiet">{{ __('plants.records.delete') }}<span class="visually-hidden">: {{ $look['day'] }}</span></button></form>
        </div>
        @endforeach
        @foreach($form->rootTabs() as $rootTab)
        <div class="record-line">
        <form method="post" action="/tanks/{{ $tank->id }}/plant-groups/{{ $record->id }}/root-tabs/{{ $rootTab->id }}" novalidate>
            @csrf @method('put')
            <label>{{ __('plants.records.capsules') }} <input name="number" value="{{ $rootTab->number }}" inputmode="numeric" size="4"></label>
            <label>{{ __('plants.records.when') }} <input type="date" name="placed_on" value="{{ $rootTab->placed_on->format('Y-m-d') }}"></label>
            <button class="act quiet">{{ __('plants.records.save') }}<span class="visually-hidden">: {{ __('plants.records.capsules') }}</span></button>
        </form>
        <form method="post" action="/tanks/{{ $tank->id }}/plant-groups/{{ $record->id }}/root-tabs/{{ $rootTab->id }}">@csrf @method('delete')<button
            class="quiet">{{ __('plants.records.delete') }}<span class="visually-hidden">: {{ __('plants.records.capsules') }}</span></button></form>
        </div>
        @endforeach
    </details>
    <details class="danger"><summary>{{ __('plants.stand.delete_this_plant') }}</summary>
        <form method="post" action="/tanks/{{ $tank->id }}/plant-groups/{{ $record->id }}">
            @csrf @method('delete')
            <p>{{ __('plants.stand.it_leaves_the') }}</p>
            <button class="act beyond">{{ __('act.delete') }}</button>
        </form>
    </details>
    @endif
</x-layout>
