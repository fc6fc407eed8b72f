@php($input = $sheet->draft->input)
@php($r = $typed->reason())
@php($was = fn (string $field, string $usual = ''): string => is_scalar($typed->input($field)) ? (string) $typed->input($field) : $usual)
@php($nitrate = App\View\Choices::parameter('nitrate'))
@php($ec = App\View\Choices::parameter('conductivity'))
@php($celsius = App\View\Choices::parameter('temperature'))
@php($show = $sheet->show)
<x-layout :title="'Water change in '.$tank->name" :loop="$loop" wide act>
    <p id="said" class="visually-hidden" role="status"></p>
    <h1 class="visually-hidden">Water change in {{ $tank->name }}</h1>
    <form id="change" class="sheet decide" method="post" action="/tanks/{{ $tank->id }}/checklists" novalidate
        hx-get="/tanks/{{ $tank->id }}/water-change" hx-trigger="input delay:90ms, recompute delay:60ms" hx-target="#answer" hx-swap="innerHTML"
            hx-sync="this:replace" hx-params="not _token,_once" hx-replace-url="true">
        @csrf
        <input type="hidden" name="way" value="{{ $input->way->value }}" data-way>
        <aside class="side" aria-label="What for, and with what">
            <fieldset class="reasons"><legend>Why change water?</legend>
                <label><input type="radio" name="reason" value="routine"
                    @checked($r === App\Change\Reason::Routine)>
                    <span>Keep the rhythm<small>{{ $show->percent($tank->routine_share) }}
                    {{ App\View\Words::every($tank->routine_days) }}</small></span></label>
                <label><input type="radio" name="reason" value="nitrate"
                    @checked($r === App\Change\Reason::Nitrate)> <span>Bring nitrate under<small>with enough to spare for the test</small></span></label>
                <x-change-entry name="nitrate_goal" label="Nitrate goal" :value="$was('nitrate_goal', $show->number($nitrate, 20.0))"
                    :unit="$show->unit($nitrate)->label" reason="nitrate"/>
                <label><input type="radio" name="reason" value="conductivity"
                    @checked($r === App\Change\Reason::Conductivity)> <span>Bring conductivity to</span></label>
                <x-change-entry name="conductivity_goal" label="Conductivity goal" :value="$was('conductivity_goal')" :unit="$show->unit($ec)->label"
                    reason="conductivity"/>
                <label><input type="radio" name="reason" value="treatment"
                    @checked($r === App\Change\Reason::Treatment)> <span>After a treatment or die-off<small>share of it that should leave</small></span></label>
                <x-change-entry name="treatment_out" label="Share that should leave" :value="$was('treatment_out', '75')" unit="%" reason="treatment"/>
                <label><input type="radio" name="reason" value="amount"
                    @checked($r === App\Change\Reason::Amount)> <span>Just this much<small>drag the line, or type below it</small></span></label>
                <p><a href="/tanks/{{ $tank->id }}/water-changes/create">Changed already? Note it down</a> · <a
                    href="/tanks/{{ $tank->id }}/forecast-check">Check the last change</a></p>
            </fieldset>
            <fieldset><legend>Water to go in</legend>
                <div class="field"><label for="f-water">Water</label>
                <select id="f-water" name="water">@foreach($tank->keeper->waters as $water)<option value="{{ $water->id }}"
                    @selected($water->id === $input->first->id)>{{ $water->name }}</option>@endforeach</select>
                <p class="fault" id="e-f-water">{{ $errors->first('water') }}</p></div>
                <div class="row-fields blend">
                    <div class="field"><label for="f-second_water">blended with</label><select id="f-second_water" name="second_water">
                    <option value="">nothing</option>@foreach($tank->keeper->waters as $water)<option value="{{ $water->id }}"
                        @selected($water->id === $input->second?->id)>{{ $water->name }}</option>@endforeach</select>
                    <p class="fault" id="e-f-second_water">{{ $errors->first('second_water') }}</p></div>
                    <x-change-entry name="second_share" label="share" :value="$was('second_share', App\Units\Show::plain(100 * $tank->second_share, 0))"
                        unit="%"/>
                </div>
                <div class="row-fields two">
                    <x-change-entry name="landing" label="bring the tank to" :value="$was('landing')"
                        :hint="$show->number($celsius, $sheet->draft->warmth->tank)" :unit="$show->unit($celsius)->label"/>
                    <x-change-entry name="drains" label="times drained" :value="$was('drains', '1')" unit="×"/>
                </div>
                <div class="row-fields two">
                    <x-change-entry name="stream" label="new water is at" :value="$was('stream')"
                        :hint="$show->number($celsius, $sheet->draft->warmth->stream)" :unit="$show->unit($celsius)->label"/>
                    <x-change-entry name="waterline" label="water below rim, now" :value="$was('waterline', $show->levels()->show($tank->water_below_rim))"
                        :unit="$show->levels()->label"/>
                </div>
                <x-change-entry name="inflow" label="runs in while the tank drains, of what runs out" :value="$was('inflow', '0')" unit="%"/>
                <div id="source-facts" class="source-facts">@include('change.source')</div>
            </fieldset>
            <details><summary>The animals allow, at once</summary>
                <dl class="facts">@foreach($sheet->limits() as [$name, $width])<div><dt>{{ $name }}</dt><dd class="num">{{ $width }}</dd></div>@endforeach</dl>
                <small>{{ $tank->animals->label() }}. <a href="/tanks/{{ $tank->id }}/targets">Change these figures</a></small>
            </details>
        </aside>
        <div id="answer" class="answer">@include('change.answer')</div>
        <div class="amounts" role="group" aria-label="Amount, typed">
            <span class="muted">Or type</span>
            {{-- Without a script the field that no longer says what it said is the one that was typed. --}}
            <noscript>@foreach($sheet->amounts() as $way => $value)<input type="hidden" name="{{ $way }}_was" value="{{ $value }}">@endforeach</noscript>
            @foreach(['litres' => auth()->user()->volume_unit->label(), 'percent' => '%', 'mark' => $show->levels()->label.' below rim', 'buckets'
                => 'buckets'] as $way => $unit)
                <x-change-entry :name="$way"
                    :label="['litres' => 'Volume to drain', 'percent' => 'Percent', 'mark' => 'Drain mark', 'buckets' => 'Buckets'][$way]"
                    :value="$errors->has($way) ? $was($way) : $sheet->amounts()[$way]" :unit="$unit" :way="$way"/>
            @endforeach
        </div>
        <div class="acts">
            <button class="act quiet no-script" formmethod="get" formaction="/tanks/{{ $tank->id }}/water-change">Work it out</button>
            <button class="act quiet" formmethod="get" formaction="/tanks/{{ $tank->id }}/maintenance">Add other work</button>
            <button class="act large" id="do">Write the checklist</button>
        </div>
    </form>
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
