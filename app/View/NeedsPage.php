<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Reading;
use App\Models\Tank;
use App\Rules\Amount;
use App\Support\EntryKind;
use App\Support\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Change\Production;
use Cresco\Core\Change\Steady;
use Cresco\Core\Measure\Parameter;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\MessageBag;

/** What a tank is kept at and what one change may move, with the keeper's own figures; and the nitrate that it makes. */
final class NeedsPage
{
    /** Days of readings that production is learned from. House default. */
    private const DAYS = 120;

    private const RANGES = [Parameter::GeneralHardness, Parameter::CarbonateHardness, Parameter::Conductivity, Parameter::Acidity, Parameter::Temperature, Parameter::Nitrate];

    private const SWINGS = [Parameter::GeneralHardness, Parameter::CarbonateHardness, Parameter::Conductivity, Parameter::Acidity, Parameter::Temperature];

    public readonly ?Production $learned;

    public readonly Show $show;

    public function __construct(private readonly Tank $tank)
    {
        $this->show = $tank->keeper->show();
        $this->learned = self::production($tank);
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

    /** What was learned against what is reckoned with, in words; null before there is enough. */
    public function finding(): ?Finding
    {
        $learned = $this->learned;
        if ($learned === null) {
            return null;
        }
        $unit = $this->show->unit(Parameter::Nitrate);
        $figure = fn(float $base): string => Show::rounded($unit->widthFromBase($base), 2);
        $band = sprintf('%s ± %s %s a day by %d stretches between changes', $figure($learned->perDay), $figure(1.2816 * $learned->spread), $unit->label, count($learned->stretches));

        return match (true) {
            $learned->perDay < 0.0 => new Finding(Finding::HEED, 'It uses more nitrate than it makes.', ucfirst($band).': plants take it up. Changes are then for what else gathers.'),
            abs($learned->perDay - $this->tank->nitrate_per_day) > 1.96 * $learned->spread => new Finding(Finding::HEED, 'Your readings say otherwise.', ucfirst($band).'; '.$figure($this->tank->nitrate_per_day).' is reckoned with.'),
            default => new Finding(Finding::GOOD, 'Your readings agree.', ucfirst($band).'; '.$figure($this->tank->nitrate_per_day).' is reckoned with.'),
        };
    }

    /** Where the routine settles by what was learned, in words; null while it is not known. */
    public function routine(): ?string
    {
        $source = $this->tank->water?->readings()->where('parameter', Parameter::Nitrate)->latest('taken_at')->first()?->toCore()->distribution()->central();
        if ($this->learned === null || $source === null || $this->tank->routine_share <= 0.0) {
            return null;
        }

        return sprintf('With %s every %d days it settles at %s before each change.', $this->show->percent($this->tank->routine_share), $this->tank->routine_days, $this->show->value(Parameter::Nitrate, max(0.0, Steady::peak($this->learned->perDay, $this->tank->routine_share, $this->tank->routine_days, $source))));
    }

    /** @return list<array{string, int, string}> stretches: from and to, readings, slope with its band */
    public function stretches(): array
    {
        $unit = $this->show->unit(Parameter::Nitrate);

        return array_map(fn(array $line): array => [
            $this->show->day(CarbonImmutable::createFromTimestamp((int) ($line['from'] * 86400))).' to '.$this->show->day(CarbonImmutable::createFromTimestamp((int) ($line['to'] * 86400))),
            $line['readings'],
            Show::rounded($unit->widthFromBase($line['slope']), 2).' ± '.Show::rounded($unit->widthFromBase(1.2816 * $line['spread']), 2),
        ], array_reverse($this->learned->stretches ?? []));
    }

    private static function production(Tank $tank): ?Production
    {
        $since = CarbonImmutable::now()->subDays(self::DAYS);
        $readings = [];
        foreach ($tank->readings()->where('parameter', Parameter::Nitrate)->where('taken_at', '>=', $since)->orderBy('taken_at')->get() as $reading) {
            /** @var Reading $reading */
            $readings[] = [$reading->taken_at->getTimestamp() / 86400.0, $reading->toCore()->distribution()];
        }
        // By a run sheet the water changed when it was let in, before the reading right after.
        $changes = [];
        $rows = DB::table('entries')->where('entries.tank_id', $tank->id)->where('entries.kind', EntryKind::Change->value)->where('entries.happened_at', '>=', $since)
            ->leftJoin('run_steps', static fn(JoinClause $join) => $join->on('run_steps.run_id', '=', 'entries.run_id')->where('run_steps.job', 'refill')->whereNotNull('run_steps.done_at'))
            ->groupBy('entries.id', 'entries.happened_at')->selectRaw('coalesce(max(run_steps.done_at), entries.happened_at) as at')->pluck('at');
        foreach ($rows as $at) {
            $changes[] = is_string($at) ? strtotime($at.' UTC') / 86400.0 : 0.0;
        }

        return Production::learned($readings, $changes);
    }
}
