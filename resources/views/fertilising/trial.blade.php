<form id="trial" class="food-trial" method="get" action="/tanks/{{ $tank->id }}/fertilising" novalidate
    hx-get="/tanks/{{ $tank->id }}/fertilising" hx-trigger="input delay:90ms" hx-target="#courses" hx-swap="innerHTML" hx-sync="this:replace">
    <h2>{{ __('food.trial_page.what_if') }}</h2>
    <div class="row-fields">
        @foreach($page->goals() as $plan)
        <div class="field small">
            <label for="f-what-{{ $plan->id }}">{{ $plan->product->name }}</label>
            <span class="entry"><input id="f-what-{{ $plan->id }}"
                aria-describedby="e-f-what-{{ $plan->id }}" name="what[{{ $plan->id }}]" inputmode="decimal" autocomplete="off" maxlength="12"
                value="{{ $format::plain($page->trial->amounts[$plan->id] ?? $plan->amount, 3) }}"><span
                class="unit">{{ $plan->product->unit }}</span></span>
            <p class="fault" id="e-f-what-{{ $plan->id }}">{{ $errors->first('what.'.$plan->id) }}</p>
        </div>
        @endforeach
        <div class="field small">
            <label for="f-share">{{ __('food.trial_page.each_water_change') }}</label>
            <span class="entry"><input id="f-share" aria-describedby="e-f-share" name="share" inputmode="decimal" autocomplete="off" maxlength="12"
                value="{{ $format::plain(100 * ($page->trial->share ?? $tank->routine_share), 1) }}"><span class="unit">%</span></span>
            <p class="fault" id="e-f-share">{{ $errors->first('share') }}</p>
        </div>
        @if($tank->food_grams)
        <div class="field small">
            <label for="f-meals">{{ __('food.trial_page.fish_food') }}</label>
            <span class="entry"><input id="f-meals" aria-describedby="e-f-meals" name="meals" inputmode="decimal" autocomplete="off" maxlength="12"
                value="{{ $format::plain(100 * $page->trial->meals, 1) }}"><span class="unit">%</span></span>
            <p class="fault" id="e-f-meals">{{ $errors->first('meals') }}</p>
        </div>
        @endif
    </div>
    <button class="act quiet no-script">{{ __('act.work_out') }}</button>
</form>
