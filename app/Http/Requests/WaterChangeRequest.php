<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Keeper;
use App\Models\SourceWater;
use App\Models\Tank;
use App\Tanks\UsualWaterQuery;
use App\Tanks\VesselQuery;
use App\Units\Amount;
use App\Units\Show;
use App\WaterChange\AmountField;
use App\WaterChange\ChangeInput;
use App\WaterChange\ChangeReason;
use Closure;
use Cresco\Core\Measure\Parameter;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\MessageBag;
use Illuminate\Validation\Rule;

/** What is asked of a change, as typed. A page can be made from it even when some of it is wrong. */
final class WaterChangeRequest extends FormRequest
{
    private ?MessageBag $faults = null;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [];
    }

    /** What is wrong, by field. */
    public function faults(Tank $tank): MessageBag
    {
        if ($this->faults !== null) {
            return $this->faults;
        }
        $show = $tank->keeper->show();
        $vessel = VesselQuery::tank($tank);
        $unit = $show->unit(...);
        $mine = Rule::in($tank->keeper->waters->modelKeys());
        $reason = $this->reason();
        $when = static fn(ChangeReason $asked): string => $reason === $asked ? 'required' : 'nullable';
        $way = $this->way();
        $amount = static fn(AmountField $asked): string => $reason === ChangeReason::Amount && $way === $asked ? 'required' : 'nullable';
        $nitrate = $unit(Parameter::Nitrate);
        $conductivity = $unit(Parameter::Conductivity);
        $celsius = $unit(Parameter::Temperature);

        return $this->faults = Validator::make($this->all(), [
            'reason' => ['nullable', Rule::enum(ChangeReason::class)],
            'way' => ['nullable', Rule::enum(AmountField::class)],
            'nitrate_goal' => [$when(ChangeReason::Nitrate), new Amount(
                0,
                round($nitrate->fromBase(500.0), 1),
                $nitrate->label,
                Show::plain($nitrate->fromBase(20.0), 1),
            )],
            'conductivity_goal' => [$when(ChangeReason::Conductivity), new Amount(
                0,
                round($conductivity->fromBase(5000.0)),
                $conductivity->label,
                Show::plain($conductivity->fromBase(250.0), 0),
            )],
            'treatment_out' => [$when(ChangeReason::Treatment), new Amount(1, 99, '%', '75')],
            'litres' => [$amount(AmountField::Litres), $show->volumes()->rule(0.0, $vessel->litres(), 40.0)],
            'percent' => [$amount(AmountField::Percent), new Amount(0, 100, '%', '30')],
            'mark' => [$amount(AmountField::Mark), $show->levels()->rule(floor($tank->water_below_rim), floor($vessel->rim), 180.0)],
            'buckets' => [$amount(AmountField::Buckets), new Amount(0, round($vessel->litres() / max(0.1, $tank->keeper->bucket_litres), 1), 'buckets', '4')],
            'drains' => [
                'nullable', 'integer', 'between:1,4',
                fn(string $field, mixed $value, Closure $fail) => $this->flows() && is_numeric($value) && (int) $value > 1
                    ? $fail(__('said.whole.once_running'))
                    : null,
            ],
            'inflow' => ['nullable', new Amount(0, 90, '%', '50')],
            'water' => ['nullable', 'integer', $mine],
            'second_water' => ['nullable', 'integer', $mine],
            'second_share' => ['nullable', new Amount(0, 100, '%', '40')],
            'waterline' => ['nullable', $show->levels()->rule(floor($tank->water_below_rim), floor($vessel->rim - 20.0), 40.0)],
            'landing' => ['nullable', new Amount(
                round($celsius->fromBase(5.0), 1),
                round($celsius->fromBase(38.0), 1),
                $celsius->label,
                Show::plain($celsius->fromBase(24.0), 1),
            )],
            'stream' => ['nullable', new Amount(
                round($celsius->fromBase(0.0), 1),
                round($celsius->fromBase(40.0), 1),
                $celsius->label,
                Show::plain($celsius->fromBase(23.0), 1),
            )],
        ], [
            'required' => __('said.number.needed'),
            'drains.integer' => __('said.whole.drains'),
            'drains.between' => __('said.whole.drains_between'),
            'reason.enum' => __('said.choose.reason'),
            'water.in' => __('said.choose.water'),
            'second_water.in' => __('said.choose.water'),
        ])->errors();
    }

    /** The input with every field that is wrong or empty at its usual value. */
    public function toInput(Tank $tank): ChangeInput
    {
        $show = $tank->keeper->show();
        $first = $this->chosen($tank, 'water', $tank->source_water_id) ?? UsualWaterQuery::of($tank);
        $second = $this->has('second_water') ? $this->chosen($tank, 'second_water', null) : $this->chosen($tank, 'second_water', $tank->second_source_water_id);
        $way = $this->way();
        $typed = $this->number($tank, $way->value);
        $amount = $typed === null ? null : match ($way) {
            AmountField::Percent => $typed / 100.0,
            default => $typed,
        };
        $inBase = fn(string $field, Parameter $parameter): ?float => ($n = $this->number($tank, $field)) === null ? null : $show->unit($parameter)->toBase($n);
        $reason = $this->reason();
        $conductivity = $inBase('conductivity_goal', Parameter::Conductivity);

        return new ChangeInput(
            match (true) {
                $reason === ChangeReason::Amount && $amount === null, $reason === ChangeReason::Conductivity && $conductivity === null => ChangeReason::Routine,
                default => $reason,
            },
            $inBase('nitrate_goal', Parameter::Nitrate) ?? ChangeInput::NITRATE_GOAL,
            $conductivity,
            ($this->number($tank, 'treatment_out') ?? 100.0 * ChangeInput::TREATMENT_OUT) / 100.0,
            $way,
            $amount,
            $this->faults($tank)->has('drains') ? 1 : max(1, $this->integer('drains', 1)),
            $first,
            $second,
            ($this->number($tank, 'second_share') ?? 100.0 * $tank->second_share) / 100.0,
            $this->faults($tank)->has('waterline')
                ? $tank->water_below_rim
                : ($show->levels()->keep($this->input('waterline'), $tank->water_below_rim) ?? $tank->water_below_rim),
            $inBase('stream', Parameter::Temperature),
            ($this->number($tank, 'inflow') ?? 0.0) / 100.0,
            $inBase('landing', Parameter::Temperature),
        );
    }

    public function reason(): ChangeReason
    {
        if ($this->typedWay() !== null) {
            return ChangeReason::Amount;
        }

        return ChangeReason::tryFrom(is_string($this->input('reason')) ? $this->input('reason') : '') ?? ChangeReason::Routine;
    }

    private function flows(): bool
    {
        return (Amount::parse($this->input('inflow')) ?? 0.0) > 0.0;
    }

    /** The amount that was typed on a page without scripts: the one that no longer says what it said. */
    private function typedWay(): ?AmountField
    {
        foreach (AmountField::cases() as $way) {
            if ($this->has($way->value.'_was') && $this->input($way->value) !== $this->input($way->value.'_was')) {
                return $way;
            }
        }

        return null;
    }

    private function way(): AmountField
    {
        return $this->typedWay() ?? AmountField::tryFrom(is_string($this->input('way')) ? $this->input('way') : '') ?? AmountField::Litres;
    }

    private function number(Tank $tank, string $field): ?float
    {
        $scale = match ($field) {
            'litres' => $tank->keeper->show()->volumes(),
            'mark' => $tank->keeper->show()->levels(),
            default => null,
        };

        return $this->faults($tank)->has($field) ? null : ($scale === null ? Amount::parse($this->input($field)) : $scale->parse($this->input($field)));
    }

    private function chosen(Tank $tank, string $field, ?int $usual): ?SourceWater
    {
        $id = $this->has($field) && !$this->faults($tank)->has($field) ? ($this->integer($field) ?: null) : $usual;

        return $id === null ? null : $tank->keeper->waters->firstWhere('id', $id);
    }

    public function authorize(): bool
    {
        return $this->user() instanceof Keeper;
    }
}
