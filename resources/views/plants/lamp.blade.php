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
            'kind' => ['It is a', App\View\Choices::options('lamp')],
            'type' => ['of', App\View\Choices::options('lamp_type')],
            'colour' => ['Its light', App\View\Choices::options('light')],
            'told_by' => ['Known by its', collect(App\Models\LampSource::cases())->mapWithKeys(fn ($c) => [$c->value => $c->label()])],
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
            'told' => ['Figure', ''], 'dimmer' => ['Dimmed to', '%'], 'length' => ['Length', $levels->label], 'width' => ['Width', $levels->label], 'above' =>
                ['Over the water', $levels->label],
            'angle' => ['Opens by', '°'], 'hours' => ['On for', 'h a day'], 'ramp' => ['Ramp, each way', 'min'], 'spots' => ['Spots', ''], 'across' =>
                ['Middle, from the left', '%'], 'front' => ['Middle, from the front', '%'],
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
    <button class="act">{{ $lamp ? 'Keep the lamp' : 'Hang it' }}</button>
</form>
