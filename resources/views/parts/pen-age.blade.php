· <span @class(['due' => $kit->isDue()])>{{ $names::penAge($kit) }}</span>
@if($kit->days === null || $kit->days >= 1.0)
    <button type="button" class="link" hx-post="/settings/pens/{{ $kit->parameter->value }}" hx-target="#pen-{{ $kit->parameter->value }}"
        hx-include="[name=_token]">{{ __('layout.pen_age.calibrate_it_today') }}<span class="visually-hidden">: {{ label($kit->parameter) }}</span></button>
@endif
