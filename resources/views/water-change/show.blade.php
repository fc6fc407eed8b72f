@php($input = $sheet->draft->input)
@php($r = $typed->reason())
@php($was = fn (string $field, string $usual = ''): string => is_scalar($typed->input($field)) ? (string) $typed->input($field) : $usual)
@php($nitrate = $choices::parameter('nitrate'))
@php($ec = $choices::parameter('conductivity'))
@php($celsius = $choices::parameter('temperature'))
@php($show = $sheet->show)
<x-layout :title="__('change.show.title', ['tank' => $tank->name])" :loop="$loop" wide act>
    <p id="said" class="visually-hidden" role="status"></p>
    <h1 class="visually-hidden">{{ __('change.show.water_change_in', ['tank' => $tank->name]) }}</h1>
    <form id="change" class="sheet change-sheet" method="post" action="/tanks/{{ $tank->id }}/checklists" novalidate
        hx-get="/tanks/{{ $tank->id }}/water-change" hx-trigger="input delay:90ms, recompute delay:60ms" hx-target="#answer" hx-swap="innerHTML"
            hx-sync="this:replace" hx-params="not _token,_once" hx-replace-url="true">
        @csrf
        <input type="hidden" name="way" value="{{ $input->way->value }}" data-way>
        <fieldset class="reasons"><legend class="visually-hidden">{{ __('change.page.why') }}</legend>
            @foreach($sheet->reasons() as $reason)
            <label class="chip"><input type="radio" name="reason" value="{{ $reason->value }}"
                @checked($r === $reason)> <span>{{ __('change.page.reason.'.$reason->value) }}</span></label>
            @endforeach
            <x-change-entry name="nitrate_goal" :label="__('change.page.goal.nitrate')" :value="$was('nitrate_goal', $show->number($nitrate, 20.0))"
                :unit="$show->unit($nitrate)->label" reason="nitrate"/>
            <x-change-entry name="conductivity_goal" :label="__('change.page.goal.conductivity')" :value="$was('conductivity_goal')"
                :unit="$show->unit($ec)->label" reason="conductivity"/>
            <x-change-entry name="treatment_out" :label="__('change.page.goal.treatment')" :value="$was('treatment_out', '75')" unit="%" reason="treatment"/>
        </fieldset>
        <details class="side water-in" id="water-in"
            @if($errors->hasAny(['water', 'second_water', 'second_share', 'landing', 'drains', 'stream', 'waterline', 'inflow'])) open @endif>
            <summary>{{ __('change.page.water_in') }}<span id="source-facts" class="source-facts">@include('water-change.source')</span></summary>
            <fieldset><legend>{{ __('change.show.water_that_goes') }}</legend>
                <div class="field"><label for="f-water">{{ __('change.show.source_water') }}</label>
                <select id="f-water" name="water">@foreach($tank->keeper->waters as $water)<option value="{{ $water->id }}"
                    @selected($water->id === $input->first->id)>{{ $water->name }}</option>@endforeach</select>
                <p class="fault" id="e-f-water">{{ $errors->first('water') }}</p></div>
                <div class="row-fields blend">
                    <div class="field"><label for="f-second_water">{{ __('change.show.blended_with') }}</label><select id="f-second_water" name="second_water">
                    <option value="">{{ __('change.show.nothing') }}</option>@foreach($tank->keeper->waters as $water)<option value="{{ $water->id }}"
                        @selected($water->id === $input->second?->id)>{{ $water->name }}</option>@endforeach</select>
                    <p class="fault" id="e-f-second_water">{{ $errors->first('second_water') }}</p></div>
                    <x-change-entry name="second_share" :label="__('change.show.share')" :value="$was('second_share',
                        $format::plain(100 * $tank->second_share, 0))"
                        unit="%"/>
                </div>
                <div class="row-fields two">
                    <x-change-entry name="landing" :label="__('change.show.tank_temperature_after')" :value="$was('landing')"
                        :hint="$show->number($celsius, $sheet->draft->warmth->tank)" :unit="$show->unit($celsius)->label"/>
                    <x-change-entry name="drains" :label="__('change.show.times_drained')" :value="$was('drains', '1')" unit="×"/>
                </div>
                <div class="row-fields two">
                    <x-change-entry name="stream" :label="__('change.show.new_water_temperature')" :value="$was('stream')"
                        :hint="$show->number($celsius, $sheet->draft->warmth->stream)" :unit="$show->unit($celsius)->label"/>
                    <x-change-entry name="waterline" :label="__('change.show.water_level_below')" :value="$was('waterline',
                        $show->levels()->show($tank->water_below_rim))"
                        :unit="$show->levels()->label"/>
                </div>
                <x-change-entry name="inflow" :label="__('change.show.continuous_change_refill')" :value="$was('inflow', '0')" unit="%"/>
            </fieldset>
            <p class="links-line"><a id="bench-link" href="{{ $sheet->benchLink() }}">{{ __('change.page.mix') }}</a>
                @if($batch = $sheet->draft->waters->batchOf($input->first))<a href="/batches/{{ $batch->id }}">{{ __('change.page.card') }}</a>@endif</p>
            <details><summary>{{ __('change.page.limits') }}</summary>
                <dl class="facts">@foreach($sheet->limits() as [$name, $width])<div><dt>{{ $name }}</dt><dd class="num">{{ $width }}</dd></div>@endforeach</dl>
                <small>{{ label($tank->animals) }}. <a href="/tanks/{{ $tank->id }}/targets">{{ __('change.page.targets') }}</a></small>
            </details>
        </details>
        <div id="answer" class="answer">@include('water-change.answer')</div>
        <div class="amounts" role="group" aria-label="{{ __('change.show.amount_typed') }}">
            <span class="muted">{{ __('change.show.or_type') }}</span>
            {{-- Without a script the field that no longer says what it said is the one that was typed. --}}
            <noscript>@foreach($sheet->amounts() as $way => $value)<input type="hidden" name="{{ $way }}_was" value="{{ $value }}">@endforeach</noscript>
            @foreach(['litres' => auth()->user()->volume_unit->label(), 'percent' => '%', 'mark' => __('names.below_rim', ['unit' =>
                $show->levels()->label]), 'buckets' => __('names.buckets')] as $way => $unit)
                <x-change-entry :name="$way"
                    :label="__('change.show.ways.'.$way)"
                    :value="$errors->has($way) ? $was($way) : $sheet->amounts()[$way]" :unit="$unit" :way="$way"/>
            @endforeach
        </div>
        <div class="acts">
            <button class="act quiet no-script" formmethod="get" formaction="/tanks/{{ $tank->id }}/water-change">{{ __('act.work_out') }}</button>
            <button class="act quiet" formmethod="get" formaction="/tanks/{{ $tank->id }}/maintenance">{{ __('change.show.add_maintenance') }}</button>
            <button class="act large" id="do">{{ __('change.show.start_the_checklist') }}</button>
        </div>
        <div class="change-links">
            <p class="links-line"><a href="/tanks/{{ $tank->id }}/water-changes/create">{{ __('change.page.done') }}</a>
                <a href="/tanks/{{ $tank->id }}/forecast-check">{{ __('change.page.check') }}</a></p>
        </div>
    </form>
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
