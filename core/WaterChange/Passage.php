<?php

declare(strict_types=1);

namespace Cresco\Core\WaterChange;

use Cresco\Core\Measure\Parameter;
use Cresco\Core\Tank\SwingLimits;

/**
 * The way of a tank from its water to another: the fewest changes of one size that keep each step within what the animals
 * stand, and the water that each of them needs.
 */
final readonly class Passage
{
    /** More changes than this are no plan. */
    private const LONGEST = 60;

    /** Share by which a step may pass a limit because the water that can be made is not quite the one that is asked for. House limit. */
    private const SLACK = 0.05;

    /**
     * @param list<array<string, float>> $states in the tank before the first change and after each, by parameter
     * @param list<array<string, float>> $waters that go in, one for each change
     * @param Parameter|null             $by     what makes it as long as it is
     */
    private function __construct(public array $states, public array $waters, public ?Parameter $by) {}

    /**
     * @param array<string, float>                                        $tank     by parameter value, base units
     * @param array<string, float>                                        $aim      the same parameters
     * @param float                                                       $fraction of each change
     * @param array<string, float>                                        $most     what a water for the tank may hold at most, by parameter
     * @param array<string, float>                                        $least    what it must hold at least
     * @param (callable(array<string, float>): array<string, float>)|null $made     the nearest water that can be made; null where any can
     *
     * @throws WaterChangeFault when no series of this size gets there
     */
    public static function plan(
        array $tank,
        array $aim,
        float $fraction,
        SwingLimits $limits,
        array $most = [],
        array $least = [],
        ?callable $made = null,
    ): self {
        if (!($fraction > 0.0 && $fraction <= 1.0)) {
            throw WaterChangeFault::fraction($fraction);
        }
        foreach ([...$tank, ...$aim] as $figure) {
            if (!is_finite($figure)) {
                throw WaterChangeFault::amount();
            }
        }
        $tank = array_intersect_key($tank, $aim);
        $states = [$tank];
        $waters = [];
        $by = null;
        $now = $tank;
        while (count($waters) < self::LONGEST) {
            $water = $next = [];
            $arrived = true;
            foreach ($now as $name => $value) {
                $parameter = Parameter::from($name);
                $swing = $limits->allowed($parameter, $value) ?? INF;
                // Water as soft or as strong as can be had sets how far one change of this size reaches.
                $low = Dilution::landing($parameter, $value, $least[$name] ?? 0.0, $fraction);
                $high = isset($most[$name]) ? Dilution::landing($parameter, $value, $most[$name], $fraction) : INF;
                $landing = max(max($low, $value - $swing), min(min($high, $value + $swing), $aim[$name]));
                if (abs($landing - $aim[$name]) > 1e-6 + 1e-3 * abs($aim[$name])) {
                    $arrived = false;
                    $by ??= $parameter;
                }
                $next[$name] = $landing;
                $water[$name] = max($least[$name] ?? 0.0, Dilution::newWater($parameter, $value, $landing, $fraction));
            }
            if ($made !== null) {
                $water = array_intersect_key($made($water), $now);
                foreach ($water as $name => $value) {
                    $next[$name] = Dilution::landing(Parameter::from($name), $now[$name], $value, $fraction);
                    $swing = $limits->allowed(Parameter::from($name), $now[$name]) ?? INF;
                    if (abs($next[$name] - $now[$name]) > (1.0 + self::SLACK) * $swing) {
                        throw WaterChangeFault::fraction($fraction);
                    }
                }
            }
            $waters[] = $water;
            $states[] = $next;
            $moved = array_sum(array_map(static fn(float $a, float $b): float => abs($a - $b), $now, $next));
            $now = $next;
            if ($arrived) {
                return new self($states, $waters, $by);
            }
            if ($moved < 1e-9) {
                break;
            }
        }
        throw WaterChangeFault::fraction(1.0);
    }

    public function count(): int
    {
        return count($this->waters);
    }
}
