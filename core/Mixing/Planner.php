<?php

declare(strict_types=1);

namespace Cresco\Core\Mixing;

use Cresco\Core\Numeric\LinearProgram;
use Cresco\Core\Numeric\NonNegativeLeastSquares;
use Cresco\Core\Numeric\NumericFault;
use Cresco\Core\Water\Conductance;
use Cresco\Core\Water\Ion;
use Cresco\Core\Water\Ions;

/**
 * Finds recipes: which sources and which products bring a batch to its target.
 *
 * First the closest water, by weighted least squares with priorities (sum of shares and caps before GH and KH, these
 * before Ca:Mg, that before conductivity); then, among all mixes that are as close, the one that is most sparing, by a
 * linear program. Conductivity is linear only about one water, so both are repeated about the water they lead to.
 */
final readonly class Planner
{
    /**
     * Weights of the rows by what they stand for, for each tolerance that they are missed by: ends and shares with GH and
     * KH as far as these can be had, Ca:Mg, conductivity. The square of their ratios is what a lower row moves a higher one.
     */
    private const FIRM = 1e4;

    /** Weights of the aims, the first ones highest. */
    private const WEIGHTS = [0 => 1e4, 1 => 1e2, 2 => 1.0];

    /** Rounds of linearising; the change of conductivity falls below 0.1 % in two or three. */
    private const ROUNDS = 4;

    public MixingSystem $system;

    /**
     * @param list<BatchSource> $sources  at least one
     * @param list<Ingredient>  $products
     * @param float             $litres   of the batch, above 0
     *
     * @throws MixingFault when there is no source, nothing to make, or less water than the batch needs
     */
    public function __construct(array $sources, array $products, public float $litres)
    {
        if ($sources === []) {
            throw MixingFault::noSource();
        }
        if (!($litres > 0.0 && $litres < INF)) {
            throw MixingFault::nothingToDo();
        }
        $have = 0.0;
        foreach ($sources as $source) {
            $have += $source->litres ?? INF;
        }
        if ($have < $litres - 1e-6) {
            throw MixingFault::notEnoughWater($have, $litres);
        }
        $products = array_values(array_filter($products, static fn(Ingredient $product): bool => $product->salt === null || $product->salt->weighed));
        $this->system = new MixingSystem($sources, $products, $litres);
    }

    /** The water closest to the target, first things first. */
    public function closest(Target $target): Mixture
    {
        $conductance = $this->firstGuess($target);
        [$target, $caps] = $this->attainable($target);
        $x = [];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            [$columns, $b] = $this->leastSquares(new Target($target->gh, $target->kh, $target->ratio, $target->conductivity, $caps), $conductance);
            $x = $this->nonNegative($columns, $b, $x);
            $mixture = $this->system->mixture($x);
            $linear = MixingSystem::dot($this->system->conductivity($conductance), $x);
            if ($target->conductivity === null || abs($mixture->conductivity - $linear) <= 0.001 * $mixture->conductivity) {
                return $mixture;
            }
            $conductance = $mixture->conductance;
        }

        return $this->system->mixture($x);
    }

    /**
     * The target with caps, GH and KH moved to where they can be had together: the caps first, then GH and KH as close as
     * the caps allow.
     *
     * @return array{Target, array<string, float>}
     */
    private function attainable(Target $target): array
    {
        $caps = $this->withinReach($target->caps);
        [$gh, $kh] = [$target->gh, $target->kh];
        if ($gh === null && $kh === null) {
            return [$target, $caps];
        }
        $program = $this->bounded($caps);
        foreach ([[$this->system->hardness(), $gh], [$this->system->ion(Ion::Bicarbonate), $kh]] as [$row, $value]) {
            if ($value !== null) {
                $program->equal($row, $value);
            }
        }
        if ($program->minimise(array_values(array_fill(0, $this->system->unknowns, 0.0))) !== null) {
            return [$target, $caps];
        }
        // As close as can be: GH and KH against firm ends, both by their tolerance.
        [$columns, $b] = $this->leastSquares(new Target($gh, $kh, null, null, $caps), $this->firstGuess($target), 1.0);
        $x = $this->nonNegative($columns, $b);

        return [new Target(
            $gh === null ? null : MixingSystem::dot($this->system->hardness(), $x),
            $kh === null ? null : MixingSystem::dot($this->system->ion(Ion::Bicarbonate), $x),
            $target->ratio,
            $target->conductivity,
        ), $caps];
    }

    /**
     * @param list<float> $row
     *
     * @return list<float> the same with an unknown more for each excess, less one of the one named
     */
    private static function padded(array $row, int $many, ?int $excess = null): array
    {
        for ($i = 0; $i < $many; ++$i) {
            $row[] = $i === $excess ? -1.0 : 0.0;
        }

        return $row;
    }

    /**
     * The caps, those raised that no mix of the water at hand keeps to: by as little as can be, each against its own width.
     *
     * @param array<string, float> $caps mg/L by ion
     *
     * @return array<string, float>
     */
    private function withinReach(array $caps): array
    {
        $keeps = static fn(BatchSource $source): bool => array_filter(
            $caps,
            static fn(float $cap, string $ion): bool => $source->ions->milligramsOf(Ion::from($ion)) > $cap,
            ARRAY_FILTER_USE_BOTH,
        ) === [];
        foreach ($this->system->sources as $source) {
            if (($source->litres === null || $source->litres >= $this->litres) && $keeps($source)) {
                return $caps;
            }
        }
        $rows = $this->capRows($caps);
        $program = new LinearProgram($this->system->unknowns + count($rows));
        $program->equal(self::padded($this->system->shares(), count($rows)), 1.0);
        foreach ($this->system->ends() as [$row, $end]) {
            $program->atMost(self::padded($row, count($rows)), $end);
        }
        $cost = array_fill(0, $this->system->unknowns, 0.0);
        foreach (array_values($rows) as $k => [$row, $end]) {
            $program->atMost(self::padded($row, count($rows), $k), $end);
            $cost[] = 1.0 / max(0.01, $end);
        }
        $x = $program->minimise(array_values($cost));
        foreach ($x === null ? [] : array_keys($rows) as $k => $name) {
            $excess = ($x[$this->system->unknowns + $k] ?? 0.0) * Ion::from($name)->molarMass();
            $caps[$name] += $excess > 1e-9 ? $excess * (1.0 + 1e-6) + 1e-6 : 0.0;
        }

        return $caps;
    }

    /**
     * @param list<list<float>> $columns
     * @param list<float>       $b
     * @param list<float>       $near    an answer to a problem much like this one
     *
     * @return list<float>
     */
    private function nonNegative(array $columns, array $b, array $near = []): array
    {
        $start = array_keys(array_filter($near, static fn(float $value): bool => $value > 0.0));

        return $this->shareOut(array_slice(NonNegativeLeastSquares::solve($columns, $b, $start), 0, $this->system->unknowns));
    }

    /** The mix that is as close as $closest and most sparing; null when rounding leaves no such mix. */
    public function sparing(Preference $preference, Target $target, Mixture $closest): ?Mixture
    {
        $cost = $this->cost($preference);
        $conductance = $closest->conductance;
        $mixture = null;
        for ($round = 0; $round < 4; ++$round) {
            $x = $this->program($target, $closest, $conductance)->minimise($cost);
            if ($x === null) {
                break;
            }
            $mixture = $this->system
                ->mixture($this->shareOut($preference === Preference::FewestJars ? $this->withFewest($x, $target, $closest, $conductance) : $x));
            $linear = MixingSystem::dot($this->system->conductivity($conductance), [...$mixture->shares, ...$mixture->amounts]);
            if ($target->conductivity === null || abs($mixture->conductivity - $linear) <= 0.001 * $mixture->conductivity) {
                return $mixture;
            }
            $conductance = $mixture->conductance;
        }
        $isAsClose = $mixture !== null && abs($mixture->conductivity - (float) $target->conductivity)
            <= max(RecipeAim::Conductivity->tolerance((float) $target->conductivity), 1.02 * abs($closest->conductivity - (float) $target->conductivity));

        return $isAsClose ? $mixture : null;
    }

    /**
     * The mixes with the least and the most of a figure among those as close to the target as $closest; null for an end
     * that is open, an empty list when there is no such mix.
     *
     * @return array{Mixture|null, Mixture|null}|array{}
     */
    public function ends(RecipeAim|Ion $figure, Target $target, Mixture $closest): array
    {
        $ends = [];
        foreach ([1.0, -1.0] as $sign) {
            $conductance = $closest->conductance;
            $end = null;
            for ($round = 0; $round < ($figure === RecipeAim::Conductivity ? 3 : 1); ++$round) {
                $row = $figure instanceof RecipeAim ? $this->system->row($figure, $target, $conductance) : $this->system->ion($figure);
                try {
                    $x = $this->program($target, $closest, $conductance)->minimise(array_map(static fn(float $v): float => $sign * $v, $row));
                } catch (NumericFault) {
                    $end = null;
                    break;
                }
                if ($x === null) {
                    return [];
                }
                $end = $this->system->mixture($x);
                $conductance = $end->conductance;
            }
            $ends[] = $end;
        }

        return [$ends[0], $ends[1]];
    }

    /**
     * Least and most conductivity that a batch can have with these GH and KH (mmol/L, meq/L; null leaves one open) and
     * these caps; INF where there is no upper end, null when the two cannot be had at all.
     *
     * @return array{float, float}|null
     */
    public function conductivityBetween(?float $gh, ?float $kh, Target $target): ?array
    {
        $ends = [];
        foreach ([1.0, -1.0] as $sign) {
            $conductance = $this->firstGuess(new Target($gh, $kh));
            $value = null;
            for ($round = 0; $round < 3; ++$round) {
                $program = $this->bounded($target->caps);
                foreach ([[$this->system->hardness(), $gh], [$this->system->ion(Ion::Bicarbonate), $kh]] as [$row, $fixed]) {
                    if ($fixed !== null) {
                        $program->equal($row, $fixed);
                    }
                }
                try {
                    $x = $program->minimise(array_map(static fn(float $v): float => $sign * $v, $this->system->conductivity($conductance)));
                } catch (NumericFault) {
                    $value = INF;
                    break;
                }
                if ($x === null) {
                    return null;
                }
                $mixture = $this->system->mixture($x);
                $moved = $value === null ? INF : abs($mixture->conductivity - $value);
                $value = $mixture->conductivity;
                if ($moved < 0.002 * $value) {
                    break;
                }
                $conductance = $mixture->conductance;
            }
            $ends[] = (float) $value;
        }

        return [min($ends), max($ends)];
    }

    /**
     * The corners of what can be reached of GH (mmol/L) and KH (meq/L) with these caps, counter-clockwise, within the
     * given ends. Found by asking for the farthest point in one direction after another until no edge gives way.
     *
     * @return list<array{float, float}>
     */
    public function region(Target $target, float $mostGh, float $mostKh): array
    {
        if (!(min($mostGh, $mostKh) > 0.0 && max($mostGh, $mostKh) < INF)) {
            return [];
        }

        $gh = $this->system->hardness();
        $kh = $this->system->ion(Ion::Bicarbonate);
        $farthest = function (float $a, float $b) use ($gh, $kh, $target, $mostGh, $mostKh): ?array {
            $program = $this->bounded($target->caps);
            $program->atMost($gh, $mostGh);
            $program->atMost($kh, $mostKh);
            $cost = [];
            foreach ($gh as $j => $v) {
                $cost[] = -$a * $v / $mostGh - $b * $kh[$j] / $mostKh;
            }
            $x = $program->minimise($cost);

            return $x === null ? null : [MixingSystem::dot($gh, $x), MixingSystem::dot($kh, $x)];
        };
        $corners = [];
        foreach ([[0.0, -1.0], [1.0, 0.0], [0.0, 1.0], [-1.0, 0.0]] as [$a, $b]) {
            $corner = $farthest($a, $b);
            if ($corner === null) {
                return [];
            }
            $corners[] = $corner;
        }
        for ($i = 0; $i < count($corners) && count($corners) < 24;) {
            [$x1, $y1] = $corners[$i];
            [$x2, $y2] = $corners[($i + 1) % count($corners)];
            // Outward from the edge, in the scale of the frame.
            $a = ($y2 - $y1) / $mostKh;
            $b = -($x2 - $x1) / $mostGh;
            $length = sqrt($a * $a + $b * $b);
            if ($length < 1e-6) {
                ++$i;
                continue;
            }
            $corner = $farthest($a / $length, $b / $length);
            $out = $corner === null ? 0.0 : ($a * ($corner[0] - $x1) / $mostGh + $b * ($corner[1] - $y1) / $mostKh) / $length;
            if ($corner === null || $out < 1e-4) {
                ++$i;
            } else {
                array_splice($corners, $i + 1, 0, [$corner]);
            }
        }

        return $corners;
    }

    /**
     * The least squares problem about one water, for the conditions that prove an answer.
     *
     * @param float|null $hardnessWeight of GH and KH, when they are not firm
     *
     * @return array{list<list<float>>, list<float>} columns and right-hand side, the heaviest rows first
     */
    public function leastSquares(Target $target, Conductance $conductance, ?float $hardnessWeight = null): array
    {
        if ($hardnessWeight !== null && !($hardnessWeight > 0.0 && $hardnessWeight < INF)) {
            throw MixingFault::notSolvable();
        }
        $rows = [[$this->system->shares(), 1.0, self::FIRM / 0.01, false]];
        foreach ($this->limits($target->caps) as [$row, $end]) {
            $rows[] = [$row, $end, self::FIRM / max(0.001, 0.02 * $end), true];
        }
        foreach ($target->aims() as $aim) {
            $value = (float) $target->value($aim);
            $row = $this->system->row($aim, $target, $conductance);
            $weight = match (true) {
                $aim->level() === 0 => $hardnessWeight ?? self::WEIGHTS[0],
                default => self::WEIGHTS[$aim->level()] ?? 1.0,
            };
            $rows[] = $aim === RecipeAim::Ratio
                ? [$row, 0.0, $weight / max(0.5, 0.1 * Ion::Calcium->molarMass() * ($target->gh ?? 1.0)), false]
                : [$row, $value, $weight / $aim->tolerance($value), false];
        }
        usort($rows, static fn(array $a, array $b): int => $b[2] <=> $a[2]);
        $slacks = count(array_filter($rows, static fn(array $row): bool => $row[3]));
        $columns = array_fill(0, $this->system->unknowns + $slacks, []);
        $b = [];
        $slack = $this->system->unknowns;
        foreach ($rows as [$row, $value, $weight, $hasSlack]) {
            foreach ($columns as $j => $column) {
                $columns[$j][] = $j < $this->system->unknowns ? $weight * $row[$j] : 0.0;
            }
            if ($hasSlack) {
                $columns[$slack][count($b)] = $weight;
                ++$slack;
            }
            $b[] = $weight * $value;
        }

        return [array_map(array_values(...), array_values($columns)), $b];
    }

    /** A water near the target, to linearise about at first. */
    public function firstGuess(Target $target): Conductance
    {
        $gh = $target->gh ?? 0.8;
        $kh = $target->kh ?? 0.8;
        $rest = 2.0 * $gh - $kh;

        return Conductance::of(Ions::millimoles([
            'Ca' => 0.7 * $gh, 'Mg' => 0.3 * $gh, 'HCO3' => $kh, 'Na' => max(0.0, -$rest), 'Cl' => max(0.0, 0.5 * $rest), 'SO4' => max(0.0, 0.25 * $rest),
        ]));
    }

    /**
     * @param list<float> $x
     *
     * @return list<float>
     */
    private function shareOut(array $x): array
    {
        $sum = MixingSystem::dot($this->system->shares(), $x);
        if (!($sum > 0.0)) {
            throw MixingFault::notSolvable();
        }
        $most = array_map(fn(BatchSource $source): float => min(1.0, ($source->litres ?? INF) / $this->litres), $this->system->sources);
        $over = 0.0;
        foreach ($most as $i => $end) {
            $x[$i] /= $sum;
            // Water at hand is what it is: what a rounding error takes beyond it comes from the others.
            $over += max(0.0, $x[$i] - $end);
            $x[$i] = min($end, $x[$i]);
        }
        $room = array_sum(array_map(static fn(float $end, float $share): float => $end - $share, $most, array_slice($x, 0, count($most))));
        foreach ($over > 0.0 && $room > 0.0 ? $most : [] as $i => $end) {
            $x[$i] += $over * ($end - $x[$i]) / $room;
        }

        return array_values($x);
    }

    /**
     * @param array<string, float> $caps mg/L by ion
     *
     * @return list<array{list<float>, float}>
     */
    private function limits(array $caps): array
    {
        return [...$this->system->ends(), ...array_values($this->capRows($caps))];
    }

    /**
     * @param array<string, float> $caps mg/L by ion
     *
     * @return array<string, array{list<float>, float}> mmol/L, of ions that something on the mixing page brings
     */
    private function capRows(array $caps): array
    {
        $rows = [];
        foreach ($caps as $name => $cap) {
            $ion = Ion::from($name);
            $row = $this->system->ion($ion);
            if (max([0.0, ...$row]) > 0.0) {
                $rows[$name] = [$row, $cap / $ion->molarMass()];
            }
        }

        return $rows;
    }

    /** @param array<string, float> $caps */
    private function bounded(array $caps, ?Mixture $atLeast = null): LinearProgram
    {
        $program = new LinearProgram($this->system->unknowns);
        $program->equal($this->system->shares(), 1.0);
        $x = $atLeast === null ? null : [...$atLeast->shares, ...$atLeast->amounts];
        foreach ($this->limits($caps) as [$row, $end]) {
            $program->atMost($row, $x === null ? $end : max($end, MixingSystem::dot($row, $x) * (1.0 + 1e-9)));
        }

        return $program;
    }

    /** Everything that is as close to the target as $closest. */
    private function program(Target $target, Mixture $closest, Conductance $conductance): LinearProgram
    {
        $x = [...$closest->shares, ...$closest->amounts];
        $program = $this->bounded($target->caps, $closest);
        foreach ($target->aims() as $aim) {
            if ($aim === RecipeAim::Ratio) {
                $missed = MixingSystem::dot($this->system->excessCalcium((float) $target->ratio), $x);
                $slack = 0.05 * (float) $target->ratio;
                foreach ([1.0, -1.0] as $sign) {
                    $row = $this->system->excessCalcium((float) $target->ratio + $sign * $slack);
                    $value = MixingSystem::dot($row, $x);
                    if ($sign > 0.0) {
                        $program->atMost($row, max(0.0, $value) + 1e-6 + abs($missed) * 1e-6);
                    } else {
                        $program->atLeast($row, min(0.0, $value) - 1e-6 - abs($missed) * 1e-6);
                    }
                }
                continue;
            }
            $row = $this->system->row($aim, $target, $conductance);
            $value = MixingSystem::dot($row, $x);
            if ($aim === RecipeAim::Conductivity) {
                $wanted = (float) $target->conductivity;
                $slack = max(abs($closest->conductivity - $wanted) + 0.001 * $wanted, 0.5 * $aim->tolerance($wanted));
                $program->atMost($row, $wanted + $slack);
                $program->atLeast($row, $wanted - $slack);
            } else {
                $program->equal($row, $value);
            }
        }

        return $program;
    }

    /** @return list<float> */
    private function cost(Preference $preference): array
    {
        $pure = $this->system->pure();
        $sodium = $this->system->ion(Ion::Sodium);
        $cost = [];
        for ($j = 0; $j < $this->system->unknowns; ++$j) {
            $isProduct = $j >= count($this->system->sources);
            $amount = $isProduct ? 1.0 : 0.0;
            $cost[] = match ($preference) {
                Preference::FewestJars => $amount + 0.02 * $pure[$j] + 0.001 * $sodium[$j],
                Preference::LeastSodium => $sodium[$j] + 0.02 * $amount + 0.001 * $pure[$j],
                Preference::LeastPure => $pure[$j] + 0.01 * $amount,
            };
        }

        return $cost;
    }

    /**
     * Takes product after product and water after water away, the smallest amount first, as long as the rest does as well.
     *
     * @param list<float> $x
     *
     * @return list<float>
     */
    private function withFewest(array $x, Target $target, Mixture $closest, Conductance $conductance): array
    {
        $sources = count($this->system->sources);
        $cost = $this->cost(Preference::FewestJars);
        $tried = [];
        while (true) {
            $left = [];
            foreach ($x as $j => $amount) {
                if ($amount > 1e-7 && !isset($tried[$j])) {
                    $left[$j] = $amount;
                }
            }
            if ($left === []) {
                return $x;
            }
            asort($left);
            $without = array_key_first($left);
            $tried[$without] = true;
            // What was not needed stays away, or one would only be swapped for another.
            $row = array_map(static fn(float $amount, int $j): float => $j === $without || $amount <= 1e-7 ? 1.0 : 0.0, $x, array_keys($x));
            if (array_sum(array_slice($row, 0, $sources)) > $sources - 1) {
                continue;
            }
            $program = $this->program($target, $closest, $conductance);
            $program->atMost($row, 0.0);
            $x = $program->minimise($cost) ?? $x;
        }
    }
}
