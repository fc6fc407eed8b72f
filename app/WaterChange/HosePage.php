<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Models\Tank;
use App\Tanks\DrainQuery;
use App\Tanks\TankWaterQuery;
use App\Tanks\VesselQuery;
use App\Units\Amount;
use App\Units\Show;
use App\View\Finding;
use App\View\Names;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Hydraulics\Drain;
use Cresco\Core\Hydraulics\Grain;
use Cresco\Core\Hydraulics\Heat;
use Cresco\Core\Hydraulics\Hose;
use Cresco\Core\Hydraulics\HydraulicsFault;
use Cresco\Core\Hydraulics\PickUp;
use Cresco\Core\Hydraulics\Pump;
use Cresco\Core\Measure\Parameter;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\MessageBag;
use Illuminate\Validation\Rule;

/** What a hose, a pump and the tap do for a change of this tank. */
final class HosePage
{
    /** The finest grain that is used, mm. House limit. */
    private const FINEST = 0.05;

    /** @var array<string, string> fields as typed or usual; litres and degrees in the keeper's units */
    public readonly array $typed;

    public readonly MessageBag $faults;

    private readonly Show $show;

    /** @param array<mixed> $asked */
    public function __construct(private readonly Tank $tank, array $asked)
    {
        $keeper = $tank->keeper;
        $this->show = $keeper->show();
        $volume = $keeper->volume_unit;
        $degrees = $this->show->unit(Parameter::Temperature);
        [$levels, $lengths] = [$this->show->levels(), $this->show->hoseLengths()];
        $usual = [
            'litres' => Show::plain($volume->fromLitres(VesselQuery::tank($tank)->litres() * $tank->routine_share), 0),
            'bore' => $levels->show($tank->hose_bore), 'length' => $lengths->show($tank->hose_length), 'drop' => $levels->show($tank->hose_drop),
            'bore2' => $levels->show($tank->hose_bore + 4.0), 'length2' => $lengths->show($tank->hose_length), 'drop2' => $levels->show($tank->hose_drop),
            'tube' => $levels->show(45.0), 'size' => $levels->show(2.0), 'grain' => Grain::Quartz->value,
            'pump' => Show::plain($volume->fromLitres(1200.0), 0), 'reach' => $levels->show(2000.0), 'rise' => $levels->show(1000.0),
            'cold' => Show::plain($degrees->fromBase(12.0), 1), 'hot' => Show::plain($degrees->fromBase(50.0), 1), 'goal' => Show::plain(
                $degrees->fromBase(TankWaterQuery::of($tank)->state()->central(Parameter::Temperature, $tank->warmth)),
                1,
            ),
            'watts' => '200', 'room' => Show::plain($degrees->fromBase(20.0), 1), 'below' => Show::plain($degrees->widthFromBase(2.0), 1),
        ];
        $typed = [];
        foreach ($usual as $field => $value) {
            $given = $asked[$field] ?? null;
            $typed[$field] = array_key_exists($field, $asked) ? (is_scalar($given) ? (string) $given : '') : $value;
        }
        $this->typed = $typed;
        $net = VesselQuery::tank($tank)->litres();
        $celsius = static fn(float $low, float $high, string $example): Amount => new Amount(
            round($degrees->fromBase($low), 1),
            round($degrees->fromBase($high), 1),
            $degrees->label,
            $example,
        );
        $rules = [
            'litres' => ['required', $this->show->volumes()->rule(0.1, $net, 40.0)],
            'tube' => ['required', $levels->rule(5.0, 200.0, 45.0)], 'size' => [
                'required', $levels->rule(self::FINEST, 30.0, 2.0),
            ], 'grain' => ['required', Rule::enum(Grain::class)],
            'pump' => [
                'required', $this->show->volumes()->rule(10.0, 50000.0, 1200.0),
            ], 'reach' => ['required', $levels->rule(100.0, 20000.0, 2000.0)], 'rise' => ['required', $levels->rule(0.0, 20000.0, 1000.0)],
            'cold' => ['required', $celsius(0.0, 45.0, $usual['cold'])], 'hot' => ['required', $celsius(0.0, 100.0, $usual['hot'])], 'goal' => ['required', $celsius(0.0, 45.0, $usual['goal'])],
            'watts' => ['required', new Amount(1, 5000, 'W', '200')], 'room' => ['required', $celsius(-10.0, 45.0, $usual['room'])], 'below' => [
                'required', new Amount(0.1, 30, $degrees->label, '2'),
            ],
        ];
        foreach (['', '2'] as $which) {
            $rules['bore'.$which] = ['required', $levels->rule(2.0, 60.0, 12.0)];
            $rules['length'.$which] = ['required', $lengths->rule(0.2, 50.0, 2.0)];
            $rules['drop'.$which] = ['required', $levels->rule(50.0, 5000.0, 900.0)];
        }
        $this->faults = Validator::make($typed, $rules, ['required' => __('said.number.needed'), 'grain.*' => __('said.choose.listed')])->errors();
    }

    /** What a field says, in mm, m, litres or as it stands. */
    private function number(string $field): float
    {
        $scale = match (rtrim($field, '2')) {
            'bore', 'drop', 'tube', 'size', 'reach', 'rise' => $this->show->levels(),
            'length' => $this->show->hoseLengths(),
            'litres', 'pump' => $this->show->volumes(),
            default => null,
        };

        return ($scale === null ? Amount::parse($this->typed[$field]) : $scale->parse($this->typed[$field])) ?? 0.0;
    }

    private function litres(): float
    {
        return $this->number('litres');
    }

    /** mm; one that was typed as finer than is shown counts as the finest. */
    private function size(): float
    {
        return max(self::FINEST, $this->number('size'));
    }

    private function celsius(string $field): float
    {
        return $this->show->unit(Parameter::Temperature)->toBase($this->number($field));
    }

    /** @return list<array{title: string, time: string, flow: string, stops: string|null, working: string}> the two hoses */
    public function hoses(): array
    {
        if ($this->faults->isNotEmpty()) {
            return [];
        }
        $rows = [];
        foreach (['' => (string) __('hose.yours'), '2' => (string) __('hose.other')] as $which => $title) {
            $drain = $this->drain((string) $which);
            $rows[] = [
                'title' => $title,
                'time' => $drain->arrives ? self::time($drain->seconds) : (string) __('hose.never'),
                'flow' => (string) __('hose.flow', ['first' => $this->show->flow($drain->first), 'last' => $this->show->flow($drain->last)]),
                'stops' => $drain->arrives ? null : (string) __('hose.stops', ['litres' => $this->show->volume($drain->litres)]),
                'working' => 'hose'.$which,
            ];
        }

        return $rows;
    }

    private function drain(string $which): Drain
    {
        $tank = clone $this->tank;
        $tank->hose_drop = $this->number('drop'.$which);

        return DrainQuery::tank($tank, $this->litres(), $tank->water_below_rim, new Hose($this->number('bore'.$which), $this->number('length'.$which)));
    }

    public function grain(): Grain
    {
        return Grain::tryFrom($this->typed['grain'] ?? '') ?? Grain::Quartz;
    }

    private function pickUp(): PickUp
    {
        $siphon = DrainQuery::siphon($this->tank, new Hose($this->number('bore'), $this->number('length')));

        return new PickUp($siphon->litresPerMinute($this->number('drop') - $this->tank->water_below_rim), $this->number('tube'), $siphon->celsius);
    }

    /** What your hose lifts through the gravel tube; null while a field is wrong. */
    public function lift(): ?Finding
    {
        if ($this->faults->isNotEmpty()) {
            return null;
        }
        $pick = $this->pickUp();
        [$size, $grain] = [$this->size(), $this->grain()];
        if (!$pick->cleans()) {
            return new Finding(Finding::HEED, __('hose.slow.head'), __('hose.slow.why', ['rise' => Names::figure(100.0 * $pick->rise(), 2)]));
        }
        $most = (string) __(
            'hose.most',
            ['rise' => Names::figure(100.0 * $pick->rise(), 2), 'grain' => label($grain), 'size' => $this->show->levels()->text($pick->coarsest($grain))],
        );

        return $pick->lifts($size, $grain)
            ? new Finding(
                Finding::HEED,
                __('hose.lifts.head'),
                $most.' '.__(
                    'hose.lifts.why',
                    ['tube' => $this->show->level(ceil($pick->widthFor($size, $grain))), 'flow' => $this->show->flow($pick->flowFor($size, $grain))],
                ),
            )
            : new Finding(Finding::GOOD, __('hose.cleans'), $most);
    }

    /** Refill by pump, in words. */
    public function pump(): ?string
    {
        if ($this->faults->isNotEmpty()) {
            return null;
        }
        $minutes = (new Pump($this->number('pump'), $this->number('reach')))->minutes($this->litres(), $this->number('rise'));

        return is_infinite($minutes) ? (string) __('hose.too_high') : self::time(60.0 * $minutes);
    }

    /** Hot water for the refill, in words. */
    public function mix(): ?string
    {
        if ($this->faults->isNotEmpty()) {
            return null;
        }
        try {
            $hot = Heat::hot($this->litres(), $this->celsius('goal'), $this->celsius('cold'), $this->celsius('hot'))->value('hot');
        } catch (HydraulicsFault $fault) {
            return say($fault);
        }

        return (string) __('hose.mix', ['hot' => $this->show->volume($hot, 1), 'cold' => $this->show->volume($this->litres() - $hot, 1)]);
    }

    /** How long the heater takes to close a gap, in words. */
    public function heater(): ?string
    {
        if ($this->faults->isNotEmpty()) {
            return null;
        }
        $vessel = VesselQuery::tank($this->tank);
        $area = Heat::lossArea($vessel->area() / 1e6, $vessel->rim);
        $to = $this->tank->warmth;
        $hours = Heat::hours(
            $vessel->litres(),
            $to - $this->show->unit(Parameter::Temperature)->widthToBase($this->number('below')),
            $to,
            $this->number('watts'),
            $this->celsius('room'),
            $area,
        );

        return is_infinite($hours) ? (string) __('hose.never_warm') : Show::minutes((int) ceil(60.0 * $hours));
    }

    public function working(string $name): ?Computation
    {
        if ($this->faults->isNotEmpty()) {
            return null;
        }
        try {
            return match ($name) {
                'hose', 'hose2' => DrainQuery::siphon(
                    $this->tank,
                    new Hose($this->number('bore'.substr($name, 4)), $this->number('length'.substr($name, 4))),
                )->working($this->number('drop'.substr($name, 4)) - $this->tank->water_below_rim),
                'lift' => $this->pickUp()->working($this->size(), $this->grain()),
                'mix' => Heat::hot($this->litres(), $this->celsius('goal'), $this->celsius('cold'), $this->celsius('hot')),
                default => null,
            };
        } catch (HydraulicsFault) {
            return null;
        }
    }

    /** "3 min 20 s" under ten minutes, else minutes. */
    public static function time(float $seconds): string
    {
        return $seconds < 600.0
            ? sprintf('%d min %02d s', intdiv((int) round($seconds), 60), (int) round($seconds) % 60)
            : Show::minutes((int) round($seconds / 60.0));
    }
}
