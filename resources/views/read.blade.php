<x-layout :title="__('test.page.title', ['name' => $of->name])" :loop="$loop">
    <form class="read" method="post" action="{{ $url }}" novalidate data-reading>
        @csrf
        {{-- Enter in the last field keeps the readings, whatever button comes first. --}}
        <button class="visually-hidden" tabindex="-1" aria-hidden="true"></button>
        <div class="page-head"><h1>{{ __('test.page.test', ['name' => $of->name]) }}</h1></div>
        <p class="muted">{{ __('test.page.enter_what_you') }} <code>24</code>, {{ __('test.page.a_range') }} <code>20-40</code>, <code>{{
            __('test.page.n20_40_nearer') }}</code>,
            <code>{{ __('test.page.over_80') }}</code>. {{ __('test.page.leave_out_what') }}</p>
        @error('readings')<p class="fault">{{ $message }}</p>@enderror
        @foreach($parameters as $parameter)
            @unless($parameter->entry()->isFoodAlone())@include('parts.read-row', ['isFirst' => $loop->first])@endunless
        @endforeach
        @php($foods = array_filter($parameters, fn ($parameter) => $parameter->entry()->isFoodAlone()))
        <details class="more"
            @if(array_filter($foods, fn ($parameter) => isset($latest[$parameter->value]) || $errors->has('readings.'.$parameter->value))) open @endif>
            <summary>{{ __('test.page.plant_nutrients') }}</summary>
            @foreach($foods as $parameter)@include('parts.read-row', ['isFirst' => false])@endforeach
        </details>
        @if($gauges !== [])
        <details class="more" @if(array_filter($gauges, fn ($line) => $line->note !== null || $errors->has('gauges.'.$line->gauge->value))) open @endif>
            <summary>{{ __('gauge.head') }}</summary>
            <p class="muted">{{ __('gauge.why') }}</p>
            @foreach($gauges as $line)
            @continue(!$line->isHere && $line->note === null && !$errors->has('gauges.'.$line->gauge->value))
            <div class="read-row">
                <label for="g-{{ $line->gauge->value }}">{{ $line->label }} <small>{{ $line->unit }}</small></label>
                <div class="read-entry">
                    <input id="g-{{ $line->gauge->value }}" name="gauges[{{ $line->gauge->value }}]" inputmode="decimal" maxlength="12" autocomplete="off"
                        value="{{ is_string(old('gauges.'.$line->gauge->value)) ? old('gauges.'.$line->gauge->value) : '' }}"
                        aria-describedby="e-g-{{ $line->gauge->value }} h-g-{{ $line->gauge->value }}"
                        @error('gauges.'.$line->gauge->value) aria-invalid="true" @enderror>
                    <p class="fault" id="e-g-{{ $line->gauge->value }}">@error('gauges.'.$line->gauge->value){{ $message }}@enderror</p>
                    @if($line->isAsked)<button class="act quiet" formaction="/tanks/{{ $of->id }}/gauges/ask">{{ __('gauge.ask') }}</button>@endif
                </div>
                <small class="last" id="h-g-{{ $line->gauge->value }}">@if($line->note){{ $line->last }}
                    <button class="quiet" name="_method" value="delete"
                        formaction="/tanks/{{ $of->id }}/gauges/{{ $line->note->id }}">{{ __('gauge.out') }}<span
                        class="visually-hidden">: {{ $line->label }}, {{ $line->last }}</span></button> ·
                    @endif{{ $line->help }}</small>
            </div>
            @endforeach
        </details>
        @endif
        <details class="more" @if($errors->has('taken_at') || $errors->has('note') || old('note')) open @endif>
        <summary>{{ __('test.page.at_another_time') }}</summary>
            <x-field name="taken_at" :label="__('test.page.tested_at')" type="datetime-local" :value="$now->format('Y-m-d\TH:i')"
                :help="__('layout.time.yours', ['zone' => auth()->user()->timezone])"/>
            <x-field name="note" :label="__('act.note')" :help="__('test.page.ph_changes_with')"/>
        </details>
        <div class="acts"><button class="act large">{{ __('test.page.save_results') }}</button> <a href="/settings#kits">{{ __('test.page.my_kits_and')
            }}</a></div>
    </form>
</x-layout>
