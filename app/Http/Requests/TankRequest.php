<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Keeper;
use App\Models\Tank;
use App\Rules\Amount;
use App\Support\VesselOf;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Tank\Device as DeviceKind;
use Cresco\Core\Tank\Shape;
use Cresco\Core\Tank\TankFault;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A tank as typed: sizes and depths in cm, glass and levels in mm, weights in kg. */
class TankRequest extends FormRequest
{
    /** Fields typed in cm and kept in mm. */
    private const CENTIMETRES = ['outer_length', 'outer_depth', 'middle_depth', 'outer_height', 'bed_back', 'bed_front', 'stone_height', 'wood_height'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $keeper = $this->user();
        $shape = Shape::tryFrom(is_string($this->input('shape')) ? $this->input('shape') : '') ?? Shape::Box;
        $celsius = $keeper instanceof Keeper ? $keeper->show()->unit(Parameter::Temperature) : null;
        $volume = $keeper instanceof Keeper ? $keeper->volume_unit : null;
        $litres = $volume?->fromLitres(10000.0) ?? 10000.0;
        $mine = Rule::exists('waters', 'id')->where('keeper_id', $keeper instanceof Keeper ? $keeper->id : 0);

        return [
            'name' => ['required', 'string', 'max:60'],
            'shape' => ['required', Rule::enum(Shape::class)],
            'outer_length' => ['required', new Amount(5, 500, 'cm', '60')],
            'outer_depth' => [Rule::excludeIf(!$shape->needsDepth()), 'required', new Amount(5, 300, 'cm', '30')],
            'middle_depth' => [Rule::excludeIf(!$shape->needsMiddleDepth()), 'required', new Amount(5, 300, 'cm', '36')],
            'outer_height' => [Rule::excludeIf(!$shape->needsHeight()), 'required', new Amount(5, 200, 'cm', '36')],
            'glass' => ['required', new Amount(1, 60, 'mm', '6')],
            'water_below_rim' => ['required', new Amount(0, 1500, 'mm', '20')],
            'bed_back' => ['nullable', new Amount(0, 100, 'cm', '6')],
            'bed_front' => ['nullable', new Amount(0, 100, 'cm', '4')],
            'porosity' => ['nullable', new Amount(0, 90, '%', '42')],
            'stone_kg' => ['nullable', new Amount(0, 2000, 'kg', '9')],
            'stone_height' => ['nullable', new Amount(0, 200, 'cm', '22')],
            'wood_kg' => ['nullable', new Amount(0, 500, 'kg', '2')],
            'wood_height' => ['nullable', new Amount(0, 200, 'cm', '25')],
            'measured_litres' => ['nullable', new Amount(0.1, $litres, $volume?->label() ?? 'L', '54')],
            'measured_spread' => ['nullable', new Amount(0, $litres, $volume?->label() ?? 'L', '2')],
            'animals' => ['required', Rule::enum(AnimalGroup::class)],
            'fish_height' => ['nullable', new Amount(0, 500, 'mm', '40')],
            'warmth' => ['required', new Amount(round($celsius?->fromBase(5.0) ?? 5.0, 1), round($celsius?->fromBase(36.0) ?? 36.0, 1), $celsius->label ?? '°C', '24')],
            'ph_set_point' => ['nullable', new Amount(5, 9, '', '6.8')],
            'nitrate_per_day' => ['required', new Amount(0, 20, 'mg/L', '1')],
            'routine_share' => ['required', new Amount(1, 95, '%', '30')],
            'routine_days' => ['required', 'integer', 'between:1,90'],
            'water_id' => ['nullable', 'integer', $mine],
            'second_water_id' => ['nullable', 'integer', $mine],
            'second_share' => ['nullable', new Amount(0, 100, '%', '40')],
            'devices' => ['array:'.implode(',', array_map(static fn(DeviceKind $k): string => $k->value, DeviceKind::cases()))],
            'devices.*' => ['array:on,top,bottom,across'],
            'devices.*.on' => ['nullable', 'boolean'],
            'devices.*.top' => ['nullable', new Amount(0, 2000, 'mm', '80')],
            'devices.*.bottom' => ['nullable', new Amount(0, 2000, 'mm', '250')],
            'devices.*.across' => ['nullable', new Amount(0, 100, '%', '10')],
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            try {
                VesselOf::tank($this->fill(new Tank()));
            } catch (TankFault $fault) {
                $validator->errors()->add($fault->measure, $fault->getMessage());
            }
        }];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'routine_days.integer' => 'Write whole days, such as 7.',
            'routine_days.between' => 'Between 1 and 90 days.',
            'name.max' => 'A name of at most 60 letters.',
            'water_id.exists' => 'Choose one of your waters.',
            'second_water_id.exists' => 'Choose one of your waters.',
        ];
    }

    /** Sets the measures on a tank, in the units they are kept in. */
    public function fill(Tank $tank): Tank
    {
        $keeper = $this->user();
        $number = fn(string $field): ?float => Amount::parse($this->input($field));
        $values = [];
        foreach (self::CENTIMETRES as $field) {
            $value = $number($field);
            $values[$field] = $value === null ? null : 10.0 * $value;
        }
        foreach (['bed_back', 'bed_front', 'stone_height', 'wood_height'] as $field) {
            $values[$field] ??= 0.0;
        }
        $celsius = $keeper instanceof Keeper ? $keeper->show()->unit(Parameter::Temperature) : null;
        $litres = fn(string $field): ?float => ($n = $number($field)) === null ? null : ($keeper instanceof Keeper ? $keeper->volume_unit->toLitres($n) : $n);

        $tank->fill([
            ...$values,
            'name' => is_string($this->input('name')) ? trim($this->input('name')) : '',
            'shape' => Shape::tryFrom((string) $this->string('shape')) ?? Shape::Box,
            'glass' => $number('glass') ?? 0.0,
            'water_below_rim' => $number('water_below_rim') ?? 0.0,
            'porosity' => ($number('porosity') ?? 42.0) / 100.0,
            'stone_kg' => $number('stone_kg') ?? 0.0,
            'wood_kg' => $number('wood_kg') ?? 0.0,
            'measured_litres' => $litres('measured_litres'),
            'measured_spread' => $litres('measured_spread'),
            'animals' => AnimalGroup::tryFrom((string) $this->string('animals')) ?? AnimalGroup::Community,
            'fish_height' => $number('fish_height') ?? 0.0,
            'warmth' => ($n = $number('warmth')) === null ? 24.0 : ($celsius?->toBase($n) ?? $n),
            'ph_set_point' => $number('ph_set_point'),
            'nitrate_per_day' => $number('nitrate_per_day') ?? 1.0,
            'routine_share' => ($number('routine_share') ?? 30.0) / 100.0,
            'routine_days' => (int) ($number('routine_days') ?? 7.0),
            'water_id' => $this->integer('water_id') ?: null,
            'second_water_id' => $this->integer('second_water_id') ?: null,
            'second_share' => ($number('second_share') ?? 0.0) / 100.0,
        ]);

        return $tank;
    }

    /** @return list<array{kind: DeviceKind, top: float|null, bottom: float|null, across: int}> */
    public function devices(): array
    {
        $devices = [];
        foreach (DeviceKind::cases() as $kind) {
            $typed = $this->input('devices.'.$kind->value);
            if (!is_array($typed) || !filter_var($typed['on'] ?? false, FILTER_VALIDATE_BOOL)) {
                continue;
            }
            $devices[] = [
                'kind' => $kind,
                'top' => $kind->hangsInWater() ? Amount::parse($typed['top'] ?? null) : null,
                'bottom' => $kind->hangsInWater() ? Amount::parse($typed['bottom'] ?? null) : null,
                'across' => (int) max(0.0, min(100.0, Amount::parse($typed['across'] ?? null) ?? 50.0)),
            ];
        }

        return $devices;
    }
}
