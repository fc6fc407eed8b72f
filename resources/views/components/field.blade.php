@props(['name', 'label', 'value' => null, 'unit' => null, 'help' => null, 'type' => 'text', 'mode' => null, 'key' => null, 'small' => false, 'rows' => null,
    'term' => null])
@php($path = str_replace(['[', ']'], ['.', ''], $name))
@php($id = 'f-'.str_replace('.', '-', $path))
@php($old = old($path, $value))
<div @class(['field', 'small' => $small])>
    <label for="{{ $id }}">{{ $label }}</label>@if($term) <x-term :key="$term"/>@endif
    <span class="entry">
        @if($rows)<textarea id="{{ $id }}" name="{{ $name }}" rows="{{ $rows }}" aria-describedby="e-{{ $id }}@if($help) h-{{ $id }}@endif"
            @error($path) aria-invalid="true" @enderror {{ $attributes }}>{{ is_scalar($old) ? $old : '' }}</textarea>
        @else<input id="{{ $id }}" name="{{ $name }}" type="{{ $type }}" @if($type !== 'password') value="{{ is_scalar($old) ? $old : '' }}" @endif
            @if($mode) inputmode="{{ $mode }}" @endif autocomplete="{{ $attributes->get('autocomplete', 'off') }}"
            aria-describedby="e-{{ $id }}@if($help) h-{{ $id }}@endif" @error($path) aria-invalid="true" @enderror
            {{ $attributes->except('autocomplete') }}>@endif
        @if($unit)<span class="unit">{{ $unit }}</span>@endif
    </span>
    @if($help)<small id="h-{{ $id }}">{{ $help }}</small>@endif
    <p class="fault" id="e-{{ $id }}">@error($path){{ $message }}@enderror</p>
    @error('ask.'.$path)<label class="tick"><input type="checkbox" name="sure[]" value="{{ $path }}"> {{ __('layout.field.it_is_right') }}</label>@enderror
</div>
