<?php

declare(strict_types=1);

namespace App\View;

use App\Change\Waters;
use App\Known\Made;
use App\Models\Tank;
use App\Rules\Amount;
use App\Support\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Change\Steady;
use Cresco\Core\Learning\Posterior;
use Cresco\Core\Measure\Parameter;
use Illuminate\Support\MessageBag;

/** What a tank is kept at and what one change may move, with the keeper's own figures; and the nitrate that it makes. */
final class NeedsPage
{
    private const RANGES = [Parameter::GeneralHardness, Parameter::CarbonateHardness, Parameter::Conductivity, Parameter::Acidity, Parameter::Temperature, Parameter::Nitrate];

    private const SWINGS = [Parameter::GeneralHardness, Parameter::CarbonateHardness, Parameter::Conductivity, Parameter::Acidity, Parameter::Temperature];

    public readonly Posterior $learned;

    private readonly ?float $source;

    public readonly Show $show;

    public function __construct(private readonly Tank $tank)
    {
        $this->show = $tank->keeper->show();
        $this->learned = Made::of($tank);
        $water = $tank->water;
        $this->source = $water === null ? null : Waters::around($tank, [$water->id])->blend($water, $tank->secondWater, $tank->second_share)->get(Parameter::Nitrate)?->central();
    }

    /**
     * One line for each parameter, in the keeper's units; fields are empty where the group's figure holds.
     *
     * @return list<array{parameter: Parameter, unit: string, low: string, high: string, swing: string|null, usualLow: string, usualHigh: string, usualSwing: string, swingUnit: string}>
     */
    public function rows(): array
    {
        $rows = [];
        $kept = $this->tank->limits ?? [];
        $ranges = is_array($kept['ranges'] ?? null) ? $kept['ranges'] : [];
        $swings = is_array($kept['swings'] ?? null) ? $kept['swings'] : [];
        foreach (self::RANGES as $parameter) {
            $unit = $this->show->unit($parameter);
            $usual = $this->tank->animals->range($parameter) ?? [0.0, 0.0];
            $own = is_array($ranges[$parameter->value] ?? null) ? $ranges[$parameter->value] : [];
            $swing = $swings[$parameter->value] ?? null;
            $text = static fn(mixed $base): string => is_numeric($base) ? Show::plain($unit->fromBase((float) $base), 2) : '';
            $width = fn(float $base): string => $parameter === Parameter::Conductivity ? Show::plain(100.0 * $base, 0) : Show::plain($unit->widthFromBase($base), 2);
            $most = $parameter === Parameter::Conductivity ? $this->tank->animals->swingLimits()->ecShare : $this->tank->animals->swingLimits()->allowed($parameter, 1.0);
            $rows[] = [
                'parameter' => $parameter,
                'unit' => $unit->label,
                'low' => $text($own[0] ?? null),
                'high' => $text($own[1] ?? null),
                'swing' => in_array($parameter, self::SWINGS, true) ? (is_numeric($swing) ? $width((float) $swing) : '') : null,
                'usualLow' => $text($usual[0]),
                'usualHigh' => $text($usual[1]),
                'usualSwing' => $most === null ? '' : $width($most),
                'swingUnit' => $parameter === Parameter::Conductivity ? '%' : $unit->label,
            ];
        }

        return $rows;
    }

    /**
     * What was typed, in base units.
     *
     * @param array<mixed> $typed
     *
     * @return array{array{ranges: array<string, array{float, float}>, swings: array<string, float>}, MessageBag}
     */
    public function parse(array $typed): array
    {
        $faults = new MessageBag();
        $ranges = $swings = [];
        foreach (self::RANGES as $parameter) {
            $unit = $this->show->unit($parameter);
            [$least, $most] = $parameter->range();
            [$low, $high] = [$this->number($typed, 'low', $parameter, $faults), $this->number($typed, 'high', $parameter, $faults)];
            if ($low !== null || $high !== null) {
                // One end alone leaves the other as the group has it.
                $usual = $this->tank->animals->range($parameter) ?? [$least, $most];
                $range = [$low === null ? $usual[0] : $unit->toBase($low), $high === null ? $usual[1] : $unit->toBase($high)];
                if ($range[0] >= $range[1]) {
                    $faults->add('high.'.$parameter->value, 'The upper end must lie above the lower one.');
                } elseif ($range[0] < $least - 1e-9 || $range[1] > $most + 1e-9) {
                    $faults->add('high.'.$parameter->value, sprintf('It must lie between %s and %s.', Show::plain($unit->fromBase($least), 1), Show::plain($unit->fromBase($most), 1)));
                } else {
                    $ranges[$parameter->value] = $range;
                }
            }
        }
        foreach (self::SWINGS as $parameter) {
            $swing = $this->number($typed, 'swing', $parameter, $faults);
            if ($swing === null) {
                continue;
            }
            $base = $parameter === Parameter::Conductivity ? $swing / 100.0 : $this->show->unit($parameter)->widthToBase($swing);
            [$least, $most] = $parameter->range();
            if ($base <= 0.0 || $base > ($parameter === Parameter::Conductivity ? 1.0 : $most - $least)) {
                $faults->add('swing.'.$parameter->value, 'More than nothing, and no more than the whole range.');
            } else {
                $swings[$parameter->value] = $base;
            }
        }

        return [['ranges' => $ranges, 'swings' => $swings], $faults];
    }

    /** @param array<mixed> $typed */
    private function number(array $typed, string $field, Parameter $parameter, MessageBag $faults): ?float
    {
        $given = is_array($typed[$field] ?? null) ? $typed[$field][$parameter->value] ?? null : null;
        if ($given === null || $given === '') {
            return null;
        }
        $number = Amount::parse($given);
        if ($number === null) {
            $faults->add($field.'.'.$parameter->value, 'Write a number here, or leave it empty.');
        }

        return $number;
    }

    /** What the diary and the guess come to, in words. */
    public function finding(): Finding
    {
        $learned = $this->learned;
        $unit = $this->show->unit(Parameter::Nitrate);
        $figure = static fn(float $base): string => Show::rounded($unit->widthFromBase($base), 2);
        $guess = sprintf('your guess was %s', $figure($learned->prior->central()));
        if ($learned->count === 0) {
            return new Finding(Finding::GOOD, sprintf('Reckoned with %s ± %s %s a day.', $figure($learned->value), $figure($learned->halfWidth()), $unit->label), 'A guess so far. From the second reading on the diary is weighed in: one before each change is enough.');
        }
        $aside = count($learned->aside);
        $text = trans_choice('{1} From one reading|[2,*] From :count readings', $learned->count, ['count' => $learned->count]).' and the changes between them; '.$guess.'.'
            .($aside === 0 ? '' : ' '.trans_choice('{1} One reading fits none of the others and is left out: :days.|[2,*] :count readings fit none of the others and are left out: :days.', $aside, [
                'count' => $aside,
                'days' => implode(', ', array_map(fn(float $day): string => $this->show->day(CarbonImmutable::createFromTimestamp((int) ($day * 86400.0))), $learned->aside)),
            ]));

        return new Finding($learned->contradicts() ? Finding::HEED : Finding::GOOD, $learned->value < 0.0
            ? sprintf('It uses more nitrate than it makes: %s ± %s %s a day.', $figure($learned->value), $figure($learned->halfWidth()), $unit->label)
            : sprintf('It makes %s ± %s %s a day.', $figure($learned->value), $figure($learned->halfWidth()), $unit->label), $text);
    }

    /** Where the routine settles, in words; null while the new water is not known. */
    public function routine(): ?string
    {
        $source = $this->source;
        if ($source === null || $this->tank->routine_share <= 0.0) {
            return null;
        }

        return sprintf('With %s every %d days it settles at %s before each change.', $this->show->percent($this->tank->routine_share), $this->tank->routine_days, $this->show->value(Parameter::Nitrate, Steady::peak(max(0.0, $this->learned->value), $this->tank->routine_share, $this->tank->routine_days, $source)));
    }
}
