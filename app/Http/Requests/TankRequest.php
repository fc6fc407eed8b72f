<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Keeper;
use App\Models\Tank;
use App\Tanks\VesselQuery;
use App\Units\Amount;
use App\Units\Scale;
use App\Units\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Fault;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Tank\DeviceKind;
use Cresco\Core\Tank\HeightTable;
use Cresco\Core\Tank\PassiveSource;
use Cresco\Core\Tank\Shape;
use Cresco\Core\Tank\TankFault;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** A tank as typed, in the keeper's units; kept in mm, kg, litres and degC. */
class TankRequest extends KeeperRequest
{
    /** A counted fill that is off the measures by more than this share is asked back. House default. */
    private const ODD_COUNT = 0.3;

    /** Least, most and an example of each size, level and weight, in the base unit; nothing and more where it begins with 0. */
    private const LIMITS = [
        'outer_length' => [50.0, 5000.0, 600.0], 'outer_depth' => [50.0, 3000.0, 300.0], 'middle_depth' => [50.0, 3000.0, 360.0], 'outer_height' => [50.0, 2000.0, 360.0],
        'substrate_back' => [0.0, 1000.0, 60.0], 'substrate_front' => [0.0, 1000.0, 40.0], 'stone_height' => [0.0, 2000.0, 220.0], 'wood_height' => [0.0, 2000.0, 250.0],
        'glass' => [1.0, 60.0, 6.0], 'water_below_rim' => [0.0, 1500.0, 20.0], 'fish_height' => [0.0, 500.0, 40.0],
        'stone_kg' => [0.0, 2000.0, 9.0], 'wood_kg' => [0.0, 500.0, 2.0],
        'measured_litres' => [0.1, 10000.0, 54.0], 'measured_spread' => [0.0, 10000.0, 2.0], 'warmth' => [5.0, 36.0, 24.0], 'nitrate_per_day' => [0.0, 20.0, 1.0],
    ];

    private const LEVEL = [0.0, 2000.0, 80.0];

    private const MARK = [0.0, 2000.0, 240.0];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $keeper = $this->keeper();
        $shape = Shape::tryFrom(is_string($this->input('shape')) ? $this->input('shape') : '') ?? Shape::Box;
        $mine = Rule::exists('source_waters', 'id')->where('keeper_id', $keeper->id);
        // Left empty at set-up, these follow the animals.
        $asked = $this->route('tank') instanceof Tank ? 'required' : 'nullable';
        $levels = $keeper->show()->levels();
        $within = fn(string $field) => $this->scale($field)->rule(...self::LIMITS[$field]);

        return [
            'name' => ['required', 'string', 'max:60'],
            'shape' => ['required', Rule::enum(Shape::class)],
            'outer_length' => ['required', $within('outer_length')],
            'outer_depth' => [Rule::excludeIf(!$shape->needsDepth()), 'required', $within('outer_depth')],
            'middle_depth' => [Rule::excludeIf(!$shape->needsMiddleDepth()), 'required', $within('middle_depth')],
            'outer_height' => [Rule::excludeIf(!$shape->needsHeight()), 'required', $within('outer_height')],
            'glass' => ['required', $within('glass')],
            'water_below_rim' => ['required', $within('water_below_rim')],
            'substrate_back' => ['nullable', $within('substrate_back')],
            'substrate_front' => ['nullable', $within('substrate_front')],
            'porosity' => ['nullable', new Amount(0, 90, '%', '42')],
            'stone_kg' => ['nullable', $within('stone_kg')],
            'stone_height' => ['nullable', $within('stone_height')],
            'wood_kg' => ['nullable', $within('wood_kg')],
            'wood_height' => ['nullable', $within('wood_height')],
            'measured_litres' => ['nullable', $within('measured_litres')],
            'measured_spread' => ['nullable', $within('measured_spread')],
            'marks' => [Rule::excludeIf(!$shape->needsTable()), 'nullable', 'array', 'max:'.HeightTable::MOST_MARKS],
            'marks.*' => [Rule::excludeIf(!$shape->needsTable()), 'array:level,litres'],
            'marks.*.level' => [Rule::excludeIf(!$shape->needsTable()), 'nullable', 'required_with:marks.*.litres', $levels->rule(...self::MARK)],
            'marks.*.litres' => [
                Rule::excludeIf(!$shape->needsTable()), 'nullable', 'required_with:marks.*.level',
                $this->scale('measured_litres')->rule(...self::LIMITS['measured_litres']),
            ],
            'passive' => ['nullable', Rule::enum(PassiveSource::class)],
            'started_on' => [
                'bail', 'nullable', 'string', 'date_format:Y-m-d', 'after:1950-01-01',
                'before_or_equal:'.$keeper->show()->local(CarbonImmutable::now())->format('Y-m-d'),
            ],
            'animals' => ['required', Rule::enum(AnimalGroup::class)],
            'fish_height' => ['nullable', $within('fish_height')],
            'warmth' => [$asked, $within('warmth')],
            'ph_set_point' => ['nullable', new Amount(5, 9, '', '6.8')],
            'nitrate_per_day' => ['nullable', $within('nitrate_per_day')],
            'stock' => ['nullable', Rule::in(array_keys(Tank::STOCKS))],
            'routine_share' => [$asked, new Amount(1, 95, '%', '30')],
            'routine_days' => [$asked, 'integer', 'between:1,90'],
            'source_water_id' => ['nullable', 'integer', $mine],
            'second_source_water_id' => ['nullable', 'integer', $mine],
            'second_share' => ['nullable', new Amount(0, 100, '%', '40')],
            'devices' => ['array:'.implode(',', array_map(static fn(DeviceKind $k): string => $k->value, DeviceKind::cases()))],
            'devices.*' => ['array:on,top,bottom,across'],
            'devices.*.on' => ['nullable', 'boolean'],
            'devices.*.top' => ['nullable', $keeper->show()->levels()->rule(...self::LEVEL)],
            'devices.*.bottom' => ['nullable', $keeper->show()->levels()->rule(...self::LEVEL)],
            'devices.*.across' => ['nullable', new Amount(0, 100, '%', '10')],
            'sure' => ['nullable', 'array', 'max:40'],
            'sure.*' => ['string', 'max:60'],
        ];
    }

    /** How a field is typed and shown. */
    private function scale(string $field): Scale
    {
        $show = $this->keeper()->show();

        return match ($field) {
            'glass', 'water_below_rim', 'fish_height' => $show->levels(),
            'stone_kg', 'wood_kg' => $show->weights(),
            'measured_litres', 'measured_spread' => $show->volumes(),
            'warmth' => $show->values(Parameter::Temperature),
            'nitrate_per_day' => $show->widths(Parameter::Nitrate),
            default => $show->sizes(),
        };
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $tank = $this->fill(new Tank());
            try {
                VesselQuery::tank($tank);
                $this->askBack($validator, $tank);
            } catch (TankFault $fault) {
                $validator->errors()->add($fault->measure, say($fault));
            } catch (Fault $fault) {
                $validator->errors()->add('outer_length', say($fault));
            }
        }];
    }

    /** What may be so, but hardly is, is asked back at its field: it is kept when the keeper says so. */
    private function askBack(Validator $validator, Tank $tank): void
    {
        $sure = is_array($this->input('sure')) ? $this->input('sure') : [];
        if ($tank->measured_litres === null || $tank->shape->needsTable() || in_array('measured_litres', $sure, true)) {
            return;
        }
        $bare = $tank->replicate(['measured_litres', 'measured_spread'])->forceFill(['measured_litres' => null, 'measured_spread' => null]);
        $byTape = VesselQuery::tank($bare)->litres();
        if (abs($tank->measured_litres - $byTape) > self::ODD_COUNT * $byTape) {
            $show = $this->keeper()->show();
            $validator->errors()->add(
                'measured_litres',
                (string) __('said.look.measures', ['tape' => $show->volume($byTape), 'count' => $show->volume($tank->measured_litres)]),
            );
            $validator->errors()->add('ask.measured_litres', '1');
        }
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => __('said.write.needed'),
            'marks.*.*.required_with' => __('said.write.mark'),
            'routine_days.integer' => __('said.days.whole'),
            'routine_days.between' => __('said.days.routine'),
            'started_on' => __('tank.started_fault'),
            'name.max' => __('said.text.name'),
            'name.string' => __('said.text.letters'),
            'shape' => __('said.choose.shape'),
            'animals' => __('said.choose.group'),
            'passive' => __('said.choose.listed'),
            'stock' => __('said.choose.listed'),
            'source_water_id' => __('said.choose.water'),
            'second_source_water_id' => __('said.choose.water'),
        ];
    }

    /** Sets the measures on a tank; a field that was left as it stood changes nothing that is kept. */
    public function fill(Tank $tank): Tank
    {
        $was = $this->route('tank');
        $was = $was instanceof Tank ? $was : null;
        $number = fn(string $field): ?float => $this->scale($field)->keep($this->input($field), is_numeric($was?->getAttribute($field)) ? (float) $was->getAttribute($field) : null);
        $plain = fn(string $field): ?float => Amount::parse($this->input($field));
        $share = static fn(?float $typed, float $usual, ?float $kept): float => $typed === null
            ? $usual
            : ($kept !== null && abs(100.0 * $kept - $typed) < 0.5 && Show::plain(100.0 * $kept, 0) === Show::plain($typed, 4) ? $kept : $typed / 100.0);
        $animals = AnimalGroup::tryFrom((string) $this->string('animals')) ?? AnimalGroup::Community;
        [$usualShare, $usualDays, $usualHeight] = $animals->routine();
        $values = [];
        foreach (['outer_length', 'outer_depth', 'middle_depth', 'outer_height', 'measured_litres', 'measured_spread'] as $field) {
            $values[$field] = $number($field);
        }
        foreach (['substrate_back', 'substrate_front', 'stone_height', 'wood_height', 'glass', 'water_below_rim', 'stone_kg', 'wood_kg'] as $field) {
            $values[$field] = $number($field) ?? 0.0;
        }
        $values['fish_height'] = $number('fish_height') ?? ($was === null ? $usualHeight : 0.0);
        $stock = is_string($this->input('stock')) ? Tank::STOCKS[$this->input('stock')] ?? null : null;

        $tank->fill([
            ...$values,
            'outer_length' => $values['outer_length'] ?? 0.0,
            'name' => is_string($this->input('name')) ? trim($this->input('name')) : '',
            'shape' => Shape::tryFrom((string) $this->string('shape')) ?? Shape::Box,
            'marks' => $this->marks($was),
            'porosity' => $share($plain('porosity'), 0.42, $was?->porosity),
            'passive' => PassiveSource::tryFrom((string) $this->string('passive')) ?? $was->passive ?? PassiveSource::None,
            'started_on' => $this->has('started_on') ? ($this->filled('started_on') ? (string) $this->string('started_on') : null) : $was?->started_on,
            'animals' => $animals,
            'warmth' => $number('warmth') ?? $animals->warmth(),
            'ph_set_point' => $plain('ph_set_point'),
            // Most who begin know what lives in the tank, and not what it makes.
            'nitrate_per_day' => $number('nitrate_per_day') ?? $stock ?? $was->nitrate_per_day ?? 1.0,
            'routine_share' => $share($plain('routine_share'), $usualShare, $was?->routine_share),
            'routine_days' => (int) ($plain('routine_days') ?? $usualDays),
            'source_water_id' => $this->integer('source_water_id') ?: null,
            'second_source_water_id' => $this->integer('second_source_water_id') ?: null,
            'second_share' => $share($plain('second_share'), 0.0, $was?->second_share),
        ]);

        return $tank;
    }

    /** @return list<array{float, float}>|null mm below the rim and litres; a row that was left as it stood stays as it is kept */
    private function marks(?Tank $was): ?array
    {
        if (Shape::tryFrom((string) $this->string('shape'))?->needsTable() !== true) {
            return $was?->marks;
        }
        $marks = [];
        foreach (is_array($this->input('marks')) ? array_values($this->input('marks')) : [] as $i => $row) {
            $row = is_array($row) ? $row : [];
            $kept = ($was->marks ?? [])[$i] ?? null;
            $level = $this->keeper()->show()->levels()->keep($row['level'] ?? null, $kept === null ? null : (float) $kept[0]);
            $litres = $this->keeper()->show()->volumes()->keep($row['litres'] ?? null, $kept === null ? null : (float) $kept[1]);
            if ($level !== null && $litres !== null) {
                $marks[] = [$level, $litres];
            }
        }

        return $marks;
    }

    /** @return list<array{kind: DeviceKind, top: float|null, bottom: float|null, across: int}> */
    public function devices(): array
    {
        $levels = $this->keeper()->show()->levels();
        $was = $this->route('tank');
        $devices = [];
        foreach (DeviceKind::cases() as $kind) {
            $typed = $this->input('devices.'.$kind->value);
            if (!is_array($typed) || !filter_var($typed['on'] ?? false, FILTER_VALIDATE_BOOL)) {
                continue;
            }
            $kept = $was instanceof Tank ? $was->devices->firstWhere('kind', $kind) : null;
            $devices[] = [
                'kind' => $kind,
                'top' => $kind->hangsInWater() ? $levels->keep($typed['top'] ?? null, $kept?->top) : null,
                'bottom' => $kind->hangsInWater() ? $levels->keep($typed['bottom'] ?? null, $kept?->bottom) : null,
                'across' => (int) max(0.0, min(100.0, Amount::parse($typed['across'] ?? null) ?? 50.0)),
            ];
        }

        return $devices;
    }
}
