@if($page->atTheRoots() !== [])
<details class="more roots" @if($errors->hasAny(['number', 'kind'])) open @endif><summary>{{ __('food.capsules.head') }}</summary>
    @error('number')<p class="fault" role="alert">{{ $message }}</p>@enderror
    @foreach($page->atTheRoots() as $row)
    <form class="capsule" method="post" action="/tanks/{{ $tank->id }}/plant-groups/{{ $row['stand']->id }}/root-tabs" novalidate>
        @csrf
        <p><b>{{ $row['name'] }}</b>: {{ $row['last'] }}. {{ $row['when'] }}@if($row['when']) <a
            href="?working=capsule-{{ $row['stand']->id }}" data-working="capsule-{{ $row['stand']->id }}">working</a>@endif</p>
        <label>Set <span class="visually-hidden">capsules at {{ $row['name'] }}</span>
            <input name="number" value="{{ $row['number'] }}" inputmode="numeric" maxlength="3" size="3"></label>
        <label><span class="visually-hidden">kind for {{ $row['name'] }}</span>
            <select name="kind">
                @foreach($page->capsules() as $kind)<option
                    value="{{ $kind->value }}" @selected($kind === $row['kind'])>{{ __('food.capsules.kind.'.$kind->value) }}</option>@endforeach
            </select></label>
        <a href="/tanks/{{ $tank->id }}/plant-groups/{{ $row['stand']->id }}#records">{{ __('plants.records.head') }}</a>
        <button class="act quiet">Set today<span class="visually-hidden">: {{ $row['name'] }}</span></button>
    </form>
    @endforeach
    <p class="muted">{{ __('food.capsules.how') }}</p>
</details>
@endif
<details class="more" @if($errors->hasAny(['feeding_school', 'food_grams', 'food_protein', 'fasting_day'])) open @endif>
<summary>School, and food of the animals</summary>
    <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/fertilising" novalidate>
        @csrf @method('put')
        <fieldset class="signs-list"><legend>Practitioners differ: the tank follows one school</legend>
            @foreach($page->school::cases() as $school)
            <label class="tick"><input type="radio" name="feeding_school" value="{{ $school->value }}"
                @checked(old('feeding_school', $page->school->value) === $school->value)> <span><b>{{ __('food.school.'.$school->value.'.name') }}</b>
                {{ __('food.school.'.$school->value.'.suits') }}</span></label>
            @endforeach
            <p class="fault" id="e-f-feeding_school">{{ $errors->first('feeding_school') }}</p>
        </fieldset>
        <div class="row-fields">
            <x-field name="food_grams" label="Food of the animals a day" unit="g"
                :value="$tank->food_grams === null || $tank->food_pinches !== null ? '' : App\Units\Show::plain($tank->food_grams, 2)"
                mode="decimal"/>
            <x-field name="food_pinches" label="or by pinches a day" :help="$page->pinchWords()"
                :value="$tank->food_pinches === null ? '' : App\Units\Show::plain($tank->food_pinches, 1)" mode="decimal"/>
            <x-field name="food_protein" label="Protein on its label" unit="%" :value="App\Units\Show::plain($tank->food_protein, 1)" mode="decimal"/>
            <x-choice name="fasting_day" label="Fasting day" :value="$tank->fasting_day ?? ''"
                :options="['' => 'none'] + array_combine(range(0, 6), ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'])"/>
        </div>
        <button class="act quiet">Keep</button>
    </form>
    @foreach($page->sources() as $line)
    <p>{{ $line['words'] }}@if($line['working']) <a href="?working={{ $line['working'] }}" data-working="{{ $line['working'] }}">working</a>@endif</p>
    @endforeach
</details>
<details class="more" @if($errors->hasAny(['pinches', 'pinch_grams'])) open @endif><summary>{{ __('food.pinch.head') }}</summary>
    @foreach($page->pinches() as $id => $words)
    <form class="line-form" method="post" action="/tanks/{{ $tank->id }}/pinches/{{ $id }}">
        @csrf @method('delete')
        <span>{{ $words }}</span>
        <button class="quiet">Take out<span class="visually-hidden">: {{ $words }}</span></button>
    </form>
    @endforeach
    <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/pinches" novalidate>
        @csrf
        <div class="row-fields">
            <x-field name="pinches" label="pinches" value="10" mode="numeric" small/>
            <x-field name="pinch_grams" label="weigh together" unit="g" mode="decimal" small/>
        </div>
        <button class="act quiet">Keep</button>
    </form>
</details>
<details class="more" @if($errors->hasAny(['from_day', 'until_day', 'grams', 'spell_note'])) open @endif><summary>Days with other food</summary>
    @foreach($tank->foodSpells->reverse() as $spell)
    <form class="line-form" method="post" action="/tanks/{{ $tank->id }}/feeding-days/{{ $spell->id }}">
        @csrf @method('delete')
        <span>{{ $page->spellWords($spell) }}</span>
        <button class="quiet">Take out<span class="visually-hidden">: {{ $page->spellWords($spell) }}</span></button>
    </form>
    @endforeach
    <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/feeding-days" novalidate>
        @csrf
        <div class="row-fields">
            <x-field name="from_day" label="from" type="date" small/>
            <x-field name="until_day" label="until" type="date" small/>
            <x-field name="grams" label="a day" unit="g" mode="decimal" small/>
        </div>
        <x-field name="spell_note" label="Why, in your words" maxlength="120"/>
        <button class="act quiet">Keep</button>
    </form>
</details>
