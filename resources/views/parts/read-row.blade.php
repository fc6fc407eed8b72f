{{-- One parameter to be read: as a number, or on the colours of a chart. --}}
@php($kit = $show->kit($parameter))
@php($name = $parameter->value)
@php($last = $latest[$name] ?? null)
<div class="read-row">
    <div class="read-name"><label for="r-{{ $name }}">{{ label($parameter) }} <small>{{ $kit->unit->label }}</small></label> <x-term
        :key="$parameter->value" :tank="$tank"/></div>
    <div class="read-entry">
        <input id="r-{{ $name }}" name="readings[{{ $name }}]" value="{{ is_string(old('readings.'.$name)) ? old('readings.'.$name) : '' }}"
            autocomplete="off" inputmode="{{ $kit->isChart() ? 'text' : 'decimal' }}" maxlength="60"
            placeholder="{{ $last ? $show->reading($last->toCore()) : '' }}" aria-describedby="e-r-{{ $name }} h-r-{{ $name }}"
                @error('readings.'.$name) aria-invalid="true" @enderror @if($isFirst) autofocus @endif>
        @if($kit->isChart())
        <div class="chart" data-chart="r-{{ $name }}" data-fields="{{ implode(' ', $kit->fields) }}">
            <input type="range" min="-1" max="{{ 4 * (count($kit->fields) - 1) + 1 }}" value="-1" step="1"
                aria-label="{{ __('layout.read_row.on_the_colour', ['what' => label($parameter)]) }}" aria-valuetext="{{ __('layout.read_row.untested') }}">
            <div class="chart-fields" aria-hidden="true"><span
                class="none">–</span>@foreach($kit->fields as $field)<span>{{ $format::plain($field, 3) }}</span>@endforeach</div>
        </div>
        @endif
        <p class="fault" id="e-r-{{ $name }}">@error('readings.'.$name){{ $message }}@enderror</p>
        @error('ask.readings.'.$name)<label class="tick"><input type="checkbox" name="sure[]" value="{{ $name }}"> {{ __('layout.read_row.it_is_right')
            }}</label>@enderror
    </div>
    <small class="last" id="h-r-{{ $name }}">
        @if($last)
            {{ __('layout.read_row.last', ['what' => $show->reading($last->toCore()), 'day' => $show->day($last->taken_at)]) }}
        @endif
        {{ $names::kit($kit) }}
        @if($kit->isSet())<span class="pen-age" id="pen-{{ $name }}">@include('parts.pen-age')</span>@endif
    </small>
</div>
