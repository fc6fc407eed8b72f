@props(['name', 'label', 'value' => '', 'unit' => '', 'reason' => null, 'way' => null, 'hint' => null])
<div @class(['field', 'small', 'of-reason' => $reason, 'of-way' => $way])>
    <label for="f-{{ $name }}">{{ $label }}</label>
    <span class="entry"><input id="f-{{ $name }}" name="{{ $name }}" value="{{ $value }}" inputmode="decimal" autocomplete="off" maxlength="40" @if($hint)
        placeholder="{{ $hint }}" @endif aria-describedby="e-f-{{ $name }}"
        @if($reason) data-reason="{{ $reason }}" @endif @if($way) data-amount="{{ $way }}" @endif @error($name) aria-invalid="true" @enderror><span
            class="unit">{{ $unit }}</span></span>
    <p class="fault" id="e-f-{{ $name }}">{{ $errors->first($name) }}</p>
</div>
