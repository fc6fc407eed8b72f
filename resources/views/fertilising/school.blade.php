@if($page->atTheRoots() !== [])
<details class="more roots" @if($errors->hasAny(['number', 'kind'])) open @endif><summary>{{ __('food.capsules.head') }}</summary>
    @error('number')<p class="fault" role="alert">{{ $message }}</p>@enderror
    @foreach($page->atTheRoots() as $row)
    <form class="capsule" method="post" action="/tanks/{{ $tank->id }}/plant-groups/{{ $row['stand']->id }}/root-tabs" novalidate>
        @csrf
        <p><b>{{ $row['name'] }}</b>: {{ $row['last'] }}. {{ $row['when'] }}@if($row['when']) <a
            href="?working=capsule-{{ $row['stand']->id }}" data-working="capsule-{{ $row['stand']->id }}">{{ __('act.working') }}</a>@endif</p>
        <label>{{ __('act.add') }} <span class="visually-hidden">{{ __('food.school.root_tabs_at', ['what' => $row['name']]) }}</span>
            <input name="number" value="{{ $row['number'] }}" inputmode="numeric" maxlength="3" size="3"></label>
        <label><span class="visually-hidden">{{ __('food.school.kind_for', ['what' => $row['name']]) }}</span>
            <select name="kind">
                @foreach($page->rootTabs() as $kind)<option
                    value="{{ $kind->value }}" @selected($kind === $row['kind'])>{{ __('food.capsules.kind.'.$kind->value) }}</option>@endforeach
            </select></label>
        <a href="/tanks/{{ $tank->id }}/plant-groups/{{ $row['stand']->id }}#records">{{ __('plants.records.head') }}</a>
        <button class="act quiet">{{ __('food.school.log_root_tabs') }}<span class="visually-hidden">: {{ $row['name'] }}</span></button>
    </form>
    @endforeach
    <p class="muted">{{ __('food.capsules.how') }}</p>
</details>
@endif
<details class="more" @if($errors->hasAny(['dosing_method', 'food_grams', 'food_protein', 'fasting_day'])) open @endif>
<summary>{{ __('food.school.dosing_method_and') }}</summary>
    <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/fertilising" novalidate>
        @csrf @method('put')
        <fieldset class="signs-list"><legend>{{ __('food.school.dosing_method_for') }} <x-term
            key="dosing_method"/></legend>
            @foreach($page->school::cases() as $school)
            <label class="tick"><input type="radio" name="dosing_method" value="{{ $school->value }}"
                @checked(old('dosing_method', $page->school->value) === $school->value)> <span><b>{{ __('food.school.'.$school->value.'.name') }}</b>
                {{ __('food.school.'.$school->value.'.suits') }}</span></label>
            @endforeach
            <p class="fault" id="e-f-dosing_method">{{ $errors->first('dosing_method') }}</p>
        </fieldset>
        <div class="row-fields">
            <x-field name="food_grams" :label="__('food.school.fish_food_a')" unit="g"
                :value="$tank->food_grams === null || $tank->food_pinches !== null ? '' : $format::plain($tank->food_grams, 2)"
                mode="decimal"/>
            <x-field name="food_pinches" :label="__('food.school.or_pinches_a')" :help="$page->pinchWords()"
                :value="$tank->food_pinches === null ? '' : $format::plain($tank->food_pinches, 1)" mode="decimal"/>
            <x-field name="food_protein" :label="__('food.school.protein_on_its')" unit="%" :value="$format::plain($tank->food_protein, 1)"
                mode="decimal"/>
            <x-choice name="fasting_day" :label="__('food.school.fasting_day')" :value="$tank->fasting_day ?? ''"
                :options="['' => __('food.school_page.none')] + $names::weekdays()"/>
        </div>
        <button class="act quiet">{{ __('act.save') }}</button>
    </form>
    @foreach($page->sources() as $line)
    <p>{{ $line['words'] }}@if($line['working']) <a href="?working={{ $line['working'] }}" data-working="{{ $line['working'] }}">{{ __('act.working')
        }}</a>@endif</p>
    @endforeach
</details>
<details class="more" @if($errors->hasAny(['pinches', 'pinch_grams'])) open @endif><summary>{{ __('food.pinch.head') }}</summary>
    @foreach($page->pinches() as $id => $words)
    <form class="line-form" method="post" action="/tanks/{{ $tank->id }}/pinches/{{ $id }}">
        @csrf @method('delete')
        <span>{{ $words }}</span>
        <button class="quiet">{{ __('act.delete') }}<span class="visually-hidden">: {{ $words }}</span></button>
    </form>
    @endforeach
    <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/pinches" novalidate>
        @csrf
        <div class="row-fields">
            <x-field name="pinches" :label="__('food.school.pinches')" value="10" mode="numeric" small/>
            <x-field name="pinch_grams" :label="__('food.school.weigh_together')" unit="g" mode="decimal" small/>
        </div>
        <button class="act quiet">{{ __('act.save') }}</button>
    </form>
</details>
<details class="more" @if($errors->hasAny(['from_day', 'until_day', 'grams', 'spell_note'])) open @endif><summary>{{ __('food.school.days_with_other')
    }}</summary>
    @foreach($tank->feedingOverrides->reverse() as $spell)
    <form class="line-form" method="post" action="/tanks/{{ $tank->id }}/feeding-days/{{ $spell->id }}">
        @csrf @method('delete')
        <span>{{ $page->spellWords($spell) }}</span>
        <button class="quiet">{{ __('act.delete') }}<span class="visually-hidden">: {{ $page->spellWords($spell) }}</span></button>
    </form>
    @endforeach
    <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/feeding-days" novalidate>
        @csrf
        <div class="row-fields">
            <x-field name="from_day" :label="__('food.school.from')" type="date" small/>
            <x-field name="until_day" :label="__('food.school.until')" type="date" small/>
            <x-field name="grams" :label="__('food.school.a_day')" unit="g" mode="decimal" small/>
        </div>
        <x-field name="spell_note" :label="__('food.school.why')" maxlength="120"/>
        <button class="act quiet">{{ __('act.save') }}</button>
    </form>
</details>
