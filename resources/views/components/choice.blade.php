@props(['name', 'label', 'options', 'value' => null, 'help' => null, 'term' => null])
@php($path = str_replace(['[', ']'], ['.', ''], $name))
@php($id = 'f-'.str_replace('.', '-', $path))
@php($old = old($path, $value))
<div class="field">
    <label for="{{ $id }}">{{ $label }}</label>@if($term) <x-term :key="$term"/>@endif
    <select id="{{ $id }}" name="{{ $name }}" aria-describedby="e-{{ $id }}" @error($path) aria-invalid="true" @enderror {{ $attributes }}>
        @foreach($options as $key => $text)<option value="{{ $key }}"
            @selected(is_scalar($old) && (string) $old === (string) $key)>{{ $text }}</option>@endforeach
    </select>
    @if($help)<small>{{ $help }}</small>@endif
    <p class="fault" id="e-{{ $id }}">@error($path){{ $message }}@enderror</p>
</div>
