<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Drawing\Axis;
use App\Drawing\Plot;
use App\Units\Show;
use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;

/**
 * The map of hardness: GH to the right, KH up, in the keeper's units. What can be reached with this shelf, where the
 * animals live, the waters, the tank today and its way, what is wanted and what the batch makes.
 */
final class HardnessMap
{
    public const WIDTH = 600.0;

    public const HEIGHT = 380.0;

    private const LEFT = 44.0;

    private const RIGHT = 16.0;

    private const TOP = 12.0;

    private const BOTTOM = 40.0;

    /** Share of the map by which what lies further out stands outside. */
    private const BEYOND = 0.01;

    /** Right end, mmol/L. */
    private readonly float $mostGh;

    /** Upper end, meq/L. */
    private readonly float $mostKh;

    private readonly Plot $plot;

    private readonly Unit $ghUnit;

    private readonly Unit $khUnit;

    /** @var list<HardnessMapPoint> */
    public readonly array $places;

    public function __construct(private readonly MixingDraft $draft, Show $show)
    {
        $this->ghUnit = $show->unit(Parameter::GeneralHardness);
        $this->khUnit = $show->unit(Parameter::CarbonateHardness);
        $made = $draft->batch->water->ions;
        $input = $draft->input;
        $gh = [Hardness::fromDegrees(8.0)->millimolePerLitre, $input->target->gh ?? 0.0, $made->hardness(), $this->range(Parameter::GeneralHardness)[1]];
        $kh = [
            Alkalinity::fromDegrees(6.0)->milliequivalentPerLitre, $input->target->kh ?? 0.0, $made->alkalinity(),
            $this->range(Parameter::CarbonateHardness)[1],
        ];
        foreach ($this->tankStates() as [$x, $y]) {
            $gh[] = $x;
            $kh[] = $y;
        }
        foreach ($input->waters as $water) {
            $ions = $draft->waters[$water->id]->source->ions;
            $gh[] = $ions->hardness();
            $kh[] = $ions->alkalinity();
        }
        $this->mostGh = min(Hardness::fromDegrees(DraftBatch::MAP[0])->millimolePerLitre, 1.15 * max($gh));
        $this->mostKh = min(Alkalinity::fromDegrees(DraftBatch::MAP[1])->milliequivalentPerLitre, 1.15 * max($kh));
        $this->plot = new Plot(
            new Axis(0.0, $this->mostGh, self::LEFT, self::WIDTH - self::RIGHT, self::BEYOND),
            new Axis(0.0, $this->mostKh, self::HEIGHT - self::BOTTOM, self::TOP, self::BEYOND),
        );
        $this->places = $this->placed();
    }

    public function x(float $gh): float
    {
        return $this->plot->x->at($gh);
    }

    public function y(float $kh): float
    {
        return $this->plot->y->at($kh);
    }

    public function left(): float
    {
        return self::LEFT;
    }

    public function right(): float
    {
        return self::WIDTH - self::RIGHT;
    }

    public function top(): float
    {
        return self::TOP;
    }

    public function bottom(): float
    {
        return self::HEIGHT - self::BOTTOM;
    }

    /** @return list<array{float, string}> position and text */
    public function ghTicks(): array
    {
        return array_map(fn(float $v): array => [$this->x($this->ghUnit->toBase($v)), Show::plain($v, 2)], self::ticks($this->ghUnit->fromBase($this->mostGh)));
    }

    /** @return list<array{float, string}> */
    public function khTicks(): array
    {
        return array_map(fn(float $v): array => [$this->y($this->khUnit->toBase($v)), Show::plain($v, 2)], self::ticks($this->khUnit->fromBase($this->mostKh)));
    }

    /**
     * Shown units for each pixel, for a target that is dragged.
     *
     * @return array{float, float}
     */
    public function perPixel(): array
    {
        return [
            $this->ghUnit->fromBase($this->mostGh) / ($this->right() - $this->left()),
            $this->khUnit->fromBase($this->mostKh) / ($this->bottom() - $this->top()),
        ];
    }

    /** Corners of what can be reached, for a polygon. */
    public function region(): string
    {
        return $this->plot->line(array_map(static fn(array $corner): array => [$corner[0], $corner[1]], $this->draft->region));
    }

    public function hasArea(): bool
    {
        return count($this->draft->region) > 2;
    }

    /** @return array{float, float, float, float} x, y, width and height of where the animals live */
    public function home(): array
    {
        [$x1, $x2] = array_map($this->x(...), $this->range(Parameter::GeneralHardness));
        [$y1, $y2] = array_map($this->y(...), $this->range(Parameter::CarbonateHardness));

        return [$x1, $y2, round($x2 - $x1, 1), round($y1 - $y2, 1)];
    }

    /** The way of the tank, for a polyline; empty when it is not known. */
    public function way(): string
    {
        $states = $this->tankStates();

        return count($states) < 2 ? '' : $this->plot->line($states);
    }

    /** @return list<array{float, float}> states after the first, on the map */
    public function stops(): array
    {
        return array_map(fn(array $state): array => [$this->x($state[0]), $this->y($state[1])], array_slice($this->tankStates(), 1));
    }

    /** @return array{float, float}|null where the target lies, when both are named */
    public function target(): ?array
    {
        $target = $this->draft->input->target;

        return $target->gh === null || $target->kh === null ? null : [$this->x($target->gh), $this->y($target->kh)];
    }

    /** What the picture shows, for those who do not see it. */
    public function said(): string
    {
        $parts = array_map(static fn(HardnessMapPoint $place): string => $place->said, $this->places);

        return (string) __('bench.map_said', ['places' => implode('; ', $parts)]);
    }

    /** @return array{float, float} */
    private function range(Parameter $parameter): array
    {
        return $this->draft->input->needs()->range($parameter) ?? [0.0, 0.0];
    }

    /** @return list<array{float, float}> GH and KH of the tank, today first */
    private function tankStates(): array
    {
        $gh = Parameter::GeneralHardness->value;
        $kh = Parameter::CarbonateHardness->value;
        $states = [];
        foreach ($this->draft->passage->states ?? [] as $state) {
            if (isset($state[$gh], $state[$kh])) {
                $states[] = [$state[$gh], $state[$kh]];
            }
        }
        $tank = $this->draft->tank;
        if ($states === [] && $tank !== null && $tank->has(Parameter::GeneralHardness) && $tank->has(Parameter::CarbonateHardness)) {
            $states[] = [$tank->central(Parameter::GeneralHardness, 0.0), $tank->central(Parameter::CarbonateHardness, 0.0)];
        }

        return $states;
    }

    /** @return list<HardnessMapPoint> with their names where they do not cover each other */
    private function placed(): array
    {
        $points = [];
        $ions = $this->draft->batch->water->ions;
        $points[] = ['made', $ions->hardness(), $ions->alkalinity(), (string) __('bench.this_batch')];
        $tank = $this->tankStates()[0] ?? null;
        if ($tank !== null && $this->draft->input->tank !== null) {
            $points[] = ['tank', $tank[0], $tank[1], (string) __('bench.today', ['tank' => $this->draft->input->tank->name])];
        }
        foreach ($this->draft->input->waters as $water) {
            $source = $this->draft->waters[$water->id]->source;
            $points[] = ['source', $source->ions->hardness(), $source->ions->alkalinity(), $water->name];
        }
        $places = [];
        /** @var list<array{float, float, float}> $taken x from, x to, y */
        $taken = [];
        foreach ([$this->target(), ...array_map(fn(array $point): array => [$this->x($point[1]), $this->y($point[2])], $points)] as $spot) {
            if ($spot !== null) {
                $taken[] = [$spot[0] - 9.0, $spot[0] + 9.0, $spot[1] + 4.0];
            }
        }
        foreach ($points as [$kind, $gh, $kh, $name]) {
            $x = $this->x($gh);
            $y = $this->y($kh);
            $width = 7.2 * mb_strlen($name);
            $toLeft = $x + 12.0 + $width > $this->right();
            $from = $toLeft ? $x - 12.0 - $width : $x + 12.0;
            $at = $y - 14.0;
            foreach ([$y + 4.0, $y - 14.0, $y + 22.0, $y - 30.0, $y + 40.0, $y - 46.0] as $try) {
                $clashes = array_filter(
                    $taken,
                    static fn(array $other): bool => abs($other[2] - $try) < 15.0 && $from < $other[1] && $other[0] < $from + $width,
                );
                if ($clashes === [] && $try > $this->top() + 8.0 && $try < $this->bottom() - 2.0) {
                    $at = $try;
                    break;
                }
            }
            $taken[] = [$from, $from + $width, $at];
            $places[] = new HardnessMapPoint(
                $kind,
                $x,
                $y,
                $name,
                $toLeft ? $x - 12.0 : $x + 12.0,
                round($at, 1),
                $toLeft,
                (string) __(
                    'bench.at',
                    ['name' => $name, 'gh' => Show::plain($this->ghUnit->fromBase($gh), 1), 'kh' => Show::plain($this->khUnit->fromBase($kh), 1)],
                ),
            );
        }

        return $places;
    }

    /** @return list<float> five to ten round values from 0 */
    public static function ticks(float $most): array
    {
        $rough = $most / 7.0;
        $ten = 10.0 ** floor(log10(max(1e-6, $rough)));
        $step = 10.0 * $ten;
        foreach ([1.0, 2.0, 5.0] as $round) {
            if ($round * $ten >= $rough) {
                $step = $round * $ten;
                break;
            }
        }
        $ticks = [];
        for ($value = 0.0; $value <= $most + 1e-9; $value += $step) {
            $ticks[] = $value;
        }

        return $ticks;
    }
}
