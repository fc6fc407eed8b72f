<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Reservoir;
use App\Models\SourceWaterKind;
use App\Units\Amount;
use Illuminate\Validation\Rule;

/** A store of water and the unit that fills it, in the keeper's units. */
final class ReservoirRequest extends KeeperRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $volumes = $this->keeper()->show()->volumes();
        $capacity = $volumes->parse($this->input('capacity'));
        $waters = $this->keeper()->waters()->where('kind', SourceWaterKind::ReverseOsmosis)->pluck('id')->all();

        return [
            'name' => ['required', 'string', 'max:60'],
            'source_water_id' => ['nullable', 'integer', Rule::in($waters)],
            'capacity' => ['required', $volumes->rule(1.0, 5000.0, 60.0)],
            'level' => ['required', $volumes->rule(0.0, $capacity !== null && $capacity > 0.0 ? $capacity : 5000.0, 40.0)],
            'litres_per_day' => ['required', $volumes->rule(1.0, 5000.0, 150.0)],
            'waste' => ['required', new Amount(0, 20, '', '3')],
            'membrane_on' => ['nullable', 'string', 'date_format:Y-m-d', 'after:2000-01-01', 'before:+1 day'],
            'resin_on' => ['nullable', 'string', 'date_format:Y-m-d', 'after:2000-01-01', 'before:+1 day'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => __('store.name'),
            'name.max' => __('said.text.name'),
            'source_water_id.*' => __('said.choose.osmosis'),
            'required' => __('said.number.needed'),
            'membrane_on.*' => __('said.day.past'),
            'resin_on.*' => __('said.day.past'),
        ];
    }

    /** @return array<string, mixed> what is kept of it, in litres */
    public function fields(): array
    {
        $volumes = $this->keeper()->show()->volumes();
        $was = $this->route('reservoir');
        $litres = fn(string $field): float => $volumes->keep(
            $this->input($field),
            $was instanceof Reservoir && is_numeric($was->getAttribute($field)) ? (float) $was->getAttribute($field) : null,
        ) ?? 0.0;

        return [
            'name' => (string) $this->string('name'),
            'source_water_id' => $this->integer('source_water_id') ?: null,
            'capacity' => $litres('capacity'),
            'level' => $litres('level'),
            'litres_per_day' => $litres('litres_per_day'),
            'waste' => Amount::parse($this->input('waste')) ?? 3.0,
            'membrane_on' => $this->filled('membrane_on') ? (string) $this->string('membrane_on') : null,
            'resin_on' => $this->filled('resin_on') ? (string) $this->string('resin_on') : null,
        ];
    }
}
