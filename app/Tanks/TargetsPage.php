<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Models\Tank;
use App\Units\Scale;
use App\Units\Show;
use App\View\Finding;
use App\View\Names;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\State\Posterior;
use Cresco\Core\WaterChange\SteadyState;
use Illuminate\Support\MessageBag;

/** What a tank is kept at and what one change may move, with the keeper's own figures; and the nitrate that it makes. */
final class TargetsPage
{
    private const RANGES = [
        Parameter::GeneralHardness, Parameter::CarbonateHardness, Parameter::Conductivity, Parameter::Acidity, Parameter::Temperature,
        Parameter::Nitrate,
    ];

    private const SWINGS = [Parameter::GeneralHardness, Parameter::CarbonateHardness, Parameter::Conductivity, Parameter::Acidity, Parameter::Temperature];

    public readonly Posterior $learned;

    private readonly LevelsQuery $courses;

    private readonly ?float $source;

    public readonly Show $show;

    public function __construct(private readonly Tank $tank)
    {
        $this->show = $tank->keeper->show();
        $this->courses = LevelsQuery::of($tank);
        $this->courses->find(Parameter::balanced());
        $this->learned = $this->courses->made(Parameter::Nitrate);
        $water = $tank->water;
        $this->source = $water === null
            ? null
            : WatersQuery::around($tank, [$water->id])->blend($water, $tank->secondWater, $tank->second_share)->get(Parameter::Nitrate)?->central();
    }

    /**
     * One line for each parameter, in the keeper's units; fields are empty where the group's figure holds.
     *
     * @return list<array{
     *     parameter: Parameter, unit: string, low: string, high: string, swing: string|null,
     *     usualLow: string, usualHigh: string, usualSwing: string, swingUnit: string
     * }>
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
            $text = fn(mixed $base): string => is_numeric($base) ? $this->values($parameter)->show((float) $base) : '';
            $width = fn(float $base): string => $this->swings($parameter)->show($base);
            $most = $parameter === Parameter::Conductivity
                ? $this->tank->needs()->usualSwings()->ecShare
                : $this->tank->needs()->usualSwings()->allowed($parameter, 1.0);
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

    private function values(Parameter $parameter): Scale
    {
        return $this->show->values($parameter, 2);
    }

    /** A swing: of conductivity a share of what is in the tank. */
    private function swings(Parameter $parameter): Scale
    {
        return $parameter === Parameter::Conductivity ? new Scale('%', 0.01, 0) : $this->show->widths($parameter);
    }

    /**
     * What was typed, in base units; what was left as it stood moves nothing.
     *
     * @param array<mixed> $typed
     *
     * @return array{array{ranges: array<string, array{float, float}>, swings: array<string, float>}, MessageBag}
     */
    public function parse(array $typed): array
    {
        $faults = new MessageBag();
        $ranges = $swings = [];
        $kept = $this->tank->limits ?? [];
        $own = static fn(string $group, Parameter $parameter): mixed => is_array($kept[$group] ?? null) ? $kept[$group][$parameter->value] ?? null : null;
        foreach (self::RANGES as $parameter) {
            [$least, $most] = $parameter->range();
            $was = $own('ranges', $parameter);
            $was = is_array($was) ? $was : [];
            $low = $this->number($typed, 'low', $parameter, $this->values($parameter), $was[0] ?? null, $faults);
            $high = $this->number($typed, 'high', $parameter, $this->values($parameter), $was[1] ?? null, $faults);
            if ($low === null && $high === null) {
                continue;
            }
            // One end alone leaves the other as the group has it.
            $usual = $this->tank->animals->range($parameter) ?? [$least, $most];
            $range = [$low ?? $usual[0], $high ?? $usual[1]];
            if ($range[0] >= $range[1]) {
                $faults->add('high.'.$parameter->value, (string) __('needs.order'));
            } elseif ($range[0] < $least - 1e-9 || $range[1] > $most + 1e-9) {
                $faults->add(
                    'high.'.$parameter->value,
                    (string) __('needs.between', ['least' => $this->values($parameter)->show($least), 'most' => $this->values($parameter)->show($most)]),
                );
            } else {
                $ranges[$parameter->value] = $range;
            }
        }
        foreach (self::SWINGS as $parameter) {
            $was = $own('swings', $parameter);
            $swing = $this->number($typed, 'swing', $parameter, $this->swings($parameter), $was, $faults);
            [$least, $most] = $parameter->range();
            if ($swing !== null && ($swing <= 0.0 || $swing > ($parameter === Parameter::Conductivity ? 1.0 : $most - $least))) {
                $faults->add('swing.'.$parameter->value, (string) __('needs.swing'));
            } elseif ($swing !== null) {
                $swings[$parameter->value] = $swing;
            }
        }

        return [['ranges' => $ranges, 'swings' => $swings], $faults];
    }

    /** @param array<mixed> $typed */
    private function number(array $typed, string $field, Parameter $parameter, Scale $scale, mixed $kept, MessageBag $faults): ?float
    {
        $given = is_array($typed[$field] ?? null) ? $typed[$field][$parameter->value] ?? null : null;
        if ($given === null || $given === '') {
            return null;
        }
        $number = $scale->keep($given, is_numeric($kept) ? (float) $kept : null);
        if ($number === null) {
            $faults->add($field.'.'.$parameter->value, (string) __('needs.number'));
        }

        return $number;
    }

    /** What the log and the guess come to, in words. */
    public function finding(): Finding
    {
        $learned = $this->learned;
        $unit = $this->show->unit(Parameter::Nitrate);
        $figure = static fn(float $base): string => Show::rounded($unit->widthFromBase($base), 2);
        $rate = ['rate' => $figure($learned->value), 'band' => $figure($learned->halfWidth()), 'unit' => $unit->label];
        if ($learned->count === 0) {
            return new Finding(Finding::GOOD, __('made.guessed', $rate), __('made.guess_so_far'));
        }
        $text = __(
            'made.from',
            ['readings' => trans_choice('made.readings', $learned->count, ['count' => $learned->count]), 'guess' => $figure($learned->prior->central())],
        ).$this->aside($learned);

        return new Finding($learned->contradicts() ? Finding::HEED : Finding::GOOD, __($learned->value < 0.0 ? 'made.uses' : 'made.makes', $rate), $text);
    }

    private function aside(Posterior $learned): string
    {
        return $learned->aside === [] ? '' : ' '.trans_choice('made.aside', count($learned->aside), [
            'count' => count($learned->aside),
            'days' => implode(
                ', ',
                array_map(fn(float $day): string => $this->show->day(CarbonImmutable::createFromTimestamp((int) ($day * 86400.0))), $learned->aside),
            ),
        ]);
    }

    /** @return list<Finding> what bed and stones give off or take up, one for each parameter that is followed */
    public function passive(): array
    {
        $found = [];
        foreach (Parameter::balanced() as $parameter) {
            if ($parameter->entry()->food !== null) {
                continue;
            }
            $made = $this->courses->made($parameter);
            $counts = $this->courses->counts($parameter);
            $amount = $this->show->rate($parameter, abs($made->value), $made->halfWidth());
            $head = match (true) {
                $made->count === 0 => $counts ? 'guess' : null,
                !$counts, abs($made->value) < $made->halfWidth() => 'still',
                default => $made->value < 0.0 ? 'takes' : 'gives',
            };
            if ($head === null) {
                continue;
            }
            $guess = $this->show->rate($parameter, $made->prior->central(), 1.2816 * $made->prior->spread());
            $found[] = new Finding($made->contradicts() ? Finding::HEED : Finding::GOOD, __(
                'made.head.'.$head,
                ['what' => label($parameter), 'amount' => $head === 'guess' ? $guess : $amount],
            ).'.', $made->count === 0
                ? __('made.guess')
                : trans_choice('made.readings', $made->count, ['count' => $made->count]).__('made.between', ['guess' => $guess]).$this
                    ->aside($made).__($counts ? 'made.counts' : 'made.not_counted'));
        }

        return $found;
    }

    /** Where the routine settles, in words; null while the new water is not known. */
    public function routine(): ?string
    {
        $source = $this->source;
        if ($source === null || $this->tank->routine_share <= 0.0) {
            return null;
        }

        return (string) __(
            'made.settles',
            ['share' => $this->show->percent($this->tank->routine_share), 'every' => Names::every($this->tank->routine_days), 'level' => $this->show->value(
                Parameter::Nitrate,
                SteadyState::peak(
                    max(0.0, $this->courses->aDay(Parameter::Nitrate)->central()),
                    $this->tank->routine_share,
                    $this->tank->routine_days,
                    $source,
                ),
            )],
        );
    }
}
