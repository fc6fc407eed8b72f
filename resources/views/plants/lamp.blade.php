@php($f = $page->fields($lamp))
@php($key = $lamp?->id ?? 'new')
@php($mine = (string) old('lamp_key') === (string) $key)
@php($was = fn (string $name): string => $mine && is_scalar(old($name)) ? (string) old($name) : (string) $f[$name])
@php($fault = fn (string $name): string => $mine ? $errors->first($name) : '')
<form class="lamp-form" method="post" action="/tanks/{{ $tank->id }}/lights{{ $lamp ? '/'.$lamp->id : '' }}" novalidate>
    @csrf
    @if($lamp) @method('put') @endif
    <input type="hidden" name="lamp_key" value="{{ $key }}">
    @if(!$lamp)<input type="hidden" name="new" value="1">@endif
    <div class="row-fields three">
        @foreach([
            'kind' => [__('plants.lamp.kind'), $choices::options('lamp')],
            'type' => [__('plants.lamp.type'), $choices::options('lamp_type')],
            'colour' => [__('plants.lamp.colour'), $choices::options('light')],
            'told_by' => [__('plants.lamp.told_by'), $choices::options('lamp_source')],
        ] as $name => [$label, $options])
        <div class="field">
            <label for="f-{{ $name }}-{{ $key }}">{{ $label }}</label>
            <select id="f-{{ $name }}-{{ $key }}" name="{{ $name }}" aria-describedby="e-f-{{ $name }}-{{ $key }}">
                @foreach($options as $value => $text)<option value="{{ $value }}" @selected($was($name) === (string) $value)>{{ $text }}</option>@endforeach
            </select>
            <p class="fault" id="e-f-{{ $name }}-{{ $key }}">{{ $fault($name) }}</p>
        </div>
        @endforeach
        @foreach([
            'told' => [__('plants.lamp.told'), ''], 'dimmer' => [__('plants.lamp.dimmer'), '%'], 'length' => [__('plants.lamp.length'), $levels->label],
                'width' => [__('plants.lamp.width'), $levels->label], 'above' => [__('plants.lamp.above'), $levels->label],
            'angle' => [__('plants.lamp.angle'), '°'], 'hours' => [__('plants.lamp.hours'), __('plants.lamp.hours_unit')], 'ramp' =>
                [__('plants.lamp.ramp'), 'min'], 'spots' => [__('plants.lamp.spots'), ''], 'across' => [__('plants.lamp.across'), '%'], 'front' =>
                [__('plants.lamp.front'), '%'],
        ] as $name => [$label, $unit])
        <div class="field">
            <label for="f-{{ $name }}-{{ $key }}">{{ $label }}</label>
            <span class="entry"><input id="f-{{ $name }}-{{ $key }}" name="{{ $name }}" value="{{ $was($name) }}" inputmode="decimal" autocomplete="off"
                maxlength="20"
                aria-describedby="e-f-{{ $name }}-{{ $key }}" @if($fault($name)) aria-invalid="true" @endif>@if($unit)<span
                    class="unit">{{ $unit }}</span>@endif</span>
            <p class="fault" id="e-f-{{ $name }}-{{ $key }}">{{ $fault($name) }}</p>
        </div>
        @endforeach
    </div>
    <button class="act">{{ __($lamp ? 'plants.lamp.save' : 'plants.lamp.add') }}</button>
</form>
