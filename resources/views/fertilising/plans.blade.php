@php($proposal = $page->proposal())
<section class="proposal">
    <h2>{{ __('food.school.'.$page->school->value.'.name') }}</h2>
    <p>{{ __('food.school.'.$page->school->value.'.why') }}</p>
    @error('adopt')<p class="fault" role="alert">{{ $message }}</p>@enderror
    @if($proposal !== [])
    <form method="post" action="/tanks/{{ $tank->id }}/dose-plans/proposed">
        @csrf
        <p>{{ __('food.propose') }}</p>
        <ul class="proposed">
            @foreach($proposal as $one)
            <li><span class="num">{{ $one['amount'] }}</span> {{ $one['feed']->name }} {{ $names::every($one['every']) }}</li>
            @endforeach
        </ul>
        <p class="muted">{{ __('food.slowly') }}</p>
        @if($page->ends() !== [])
        <x-finding tone="heed"><b>{{ trans_choice('food.ends.head', count($page->ends())) }}</b> {{ implode('; ', $page->ends()) }}</x-finding>
        <label class="tick"><input type="checkbox" name="end_others" value="1" aria-describedby="e-end-others"> {{ __('food.ends.tick') }}</label>
        <p class="fault" id="e-end-others" role="alert">@error('end_others'){{ $message }}@enderror</p>
        @endif
        <button class="act quiet">{{ __('food.plans.plan_these_doses') }}</button>
        <a href="/tanks/{{ $tank->id }}/own-fertiliser">{{ __('food.bottle.link') }}</a>
    </form>
    @else
    <p>{{ $page->nothing() }}</p>
    @endif
    <x-findings :findings="$page->held()"/>
    @if($page->hasPlants())<p class="muted">{{ __('food.needs') }}
        @foreach($page->strips as $strip)
            @if($page->school->aim($strip->nutrient) !== null)
            <a href="?working={{ $strip->nutrient->value }}" data-working="{{ $strip->nutrient->value }}">{{ word($strip->nutrient) }}</a>
            @endif
        @endforeach
    </p>@endif
</section>
@if($page->tooClose())<x-finding tone="heed">{{ $page->tooClose() }}</x-finding>@endif
@if($page->steps() !== null)<p class="steps">{{ $page->steps() }}</p>@endif
<details class="more" @if($errors->hasAny(['plan_jar', 'plan_amount', 'every', 'starts_on', 'consent'])) open @endif><summary>{{
    __('food.plans.planned_doses') }}</summary>
    @foreach($tank->dosePlans as $plan)
    <form class="line-form" method="post" action="/tanks/{{ $tank->id }}/dose-plans/{{ $plan->id }}">
        @csrf @method('delete')
        <span>{{ $page->planWords($plan) }}</span>
        <button class="quiet">{{ __('act.delete') }}<span class="visually-hidden">: {{ $plan->product->name }}</span></button>
    </form>
    @if($page->isGoal($plan))
    @foreach($page->doserLines($plan) as $line)<p class="doser-line">{{ $line['words'] }}@if($line['working']) <a
        href="?working={{ $line['working'] }}" data-working="{{ $line['working'] }}">{{ __('act.working') }}</a>@endif</p>@endforeach
    @if($plan->product->unit === 'mL')
    <details class="doser"><summary>{{ __('food.doser.head') }}<span class="visually-hidden">: {{ $plan->product->name }}</span></summary>
        <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/dose-plans/{{ $plan->id }}/doser" novalidate>
            @csrf
            <div class="row-fields">
                <x-field name="ran" :label="__('food.plans.pump_set_to')" unit="mL" mode="decimal" small/>
                <x-field name="measured" :label="__('food.plans.in_the_cylinder')" unit="mL" mode="decimal" small/>
                <x-field name="bottle" :label="__('food.plans.bottle_filled_to')" unit="mL" mode="decimal" small/>
                <x-field name="at" :label="__('food.doser.runs')" type="time" :value="$plan->at" small/>
            </div>
            <button class="act quiet">{{ __('food.plans.calibrate') }}</button>
            @if($page->hasDoser())<button class="act quiet" name="from" value="device">{{ __('food.plans.run_50_ml') }}</button>@endif
            @if($plan->by_doser)<button class="quiet" name="by_hand" value="1">{{ __('food.plans.dose_by_hand') }}</button>@endif
        </form>
    </details>
    @endif
    @endif
    @endforeach
    @if($page->products() === [])
    <p>{{ __('food.no_feeds') }} <a href="/products/new?salt={{ $page::FEED }}">{{ __('food.plans.add_a_fertiliser') }}</a></p>
    @else
    <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/dose-plans" novalidate>
        @csrf
        <x-choice name="plan_jar" :label="__('food.plans.product')" :value="array_key_first($page->products())" :options="$page->products()"/>
        <div class="row-fields">
            <x-field name="plan_amount" :label="__('food.plans.per_dose')" mode="decimal" small/>
            <x-field name="every" :label="__('food.plans.every')" :unit="__('names.days')" :value="$page->school->every()" mode="numeric" small/>
            <x-field name="starts_on" :label="__('food.plans.from')" type="date" :value="$page->show->local(now())->format('Y-m-d')" small/>
        </div>
        @error('consent')<x-field name="consent" :label="__('food.consent.label')" small/>@enderror
        <button class="act quiet">{{ __('food.plans.plan_it') }}</button>
    </form>
    @endif
</details>
@if($page->noted() !== [])
<details class="more"><summary>{{ __('food.plans.logged_in_the') }}</summary>
    @foreach($page->noted() as $dose)
    <form class="line-form" method="post" action="/tanks/{{ $tank->id }}/doses/{{ $dose->id }}">
        @csrf @method('delete')
        <span>{{ ucfirst($page->show->when($dose->given_at)) }}:
            {{ $page->of($dose->amount, $dose->unit) }} {{ $dose->name }}@if($dose->missed), {{ __('food.plans.missed') }} @endif</span>
        <button class="quiet">{{ __('act.undo') }}<span class="visually-hidden">: {{ $dose->name }}</span></button>
    </form>
    @endforeach
</details>
@endif
<details class="more" id="in-and-out" @if($errors->hasAny(['file', 'meals'])) open @endif><summary>{{ __('food.file.head') }}</summary>
    <p><a href="/tanks/{{ $tank->id }}/doses.csv" download><x-icon name="download"/> {{ __('food.plans.all_doses_as') }}</a></p>
    <form method="post" action="/tanks/{{ $tank->id }}/doses.csv" enctype="multipart/form-data"
        data-progress="/imports/status">@csrf
        <div class="field"><label for="f-file">{{ __('food.file.label') }}</label><input id="f-file" type="file" name="file" accept=".csv,text/csv"
            aria-describedby="e-f-file h-f-file"><small id="h-f-file">{{ __('food.file.help') }}</small>
        <p class="fault" id="e-f-file" role="alert">@error('file'){{ $message }}@enderror</p></div>
        <x-taking-in/>
        <button class="act quiet">{{ __('food.file.act') }}</button>
    </form>
    <p><a href="/tanks/{{ $tank->id }}/meals.csv" download><x-icon name="download"/> {{ __('food.meals_file.all') }}</a></p>
    <form method="post" action="/tanks/{{ $tank->id }}/meals.csv" enctype="multipart/form-data">@csrf
        <div class="field"><label for="f-meals-file">{{ __('food.meals_file.label') }}</label><input id="f-meals-file" type="file" name="meals"
            accept=".csv,text/csv" aria-describedby="e-f-meals-file h-f-meals-file"><small id="h-f-meals-file">{{ __('food.meals_file.help') }}</small>
        <p class="fault" id="e-f-meals-file" role="alert">@error('meals'){{ $message }}@enderror</p></div>
        <button class="act quiet">{{ __('food.file.act') }}</button>
    </form>
</details>
