<?php

declare(strict_types=1);

namespace Cresco\Core\Formula;

use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\ExactValue;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Text;
use WeakMap;

/**
 * A figure and how it came about: numbers that go in, equations line by line, the result with its band, and what would
 * change it most. The same chain of formulas gives the value, its spread and the text of the working.
 *
 * Spread is found by running the chain over CASES sets of inputs, spread evenly over all of them by a lattice of rank one
 * (Korobov, 1959; component by component after Sloan and Reztsov, 2002), so that the same inputs always give the same band.
 */
final class Computation
{
    /** Number of cases; prime, so that every input runs through all of its quantiles once. */
    public const CASES = 257;

    /**
     * Multipliers of the inputs, in their order; after the last the first comes round again. Found by search, the first six among themselves
     * first: of 20 bells no band of a sum or a difference is off by more than 7.5 %, half of them by less than 2.3 %.
     */
    private const MULTIPLIERS = [
        1, 97, 111, 91, 45, 112, 22, 62, 24, 49, 50, 95, 101, 42, 30, 38, 23, 127, 36, 20, 74, 17, 27, 82, 99, 13, 58, 94, 7, 32, 43, 103,
    ];

    /** Rounds of solving all cases; most need six. */
    private const MOST_ROUNDS = 40;

    /** A case is solved when it moves by less than this share of the range: far less than its band is wide. */
    private const CLOSE = 2e-4;

    /** @var array<string, Given> */
    private array $givens = [];

    /** @var list<Line> */
    private array $lines = [];

    /** @var array<string, float> */
    private array $central = [];

    /** @var array<string, float|list<float>>|null figures in every case; worked out when a band is first asked for */
    private ?array $cases = null;

    /** @var list<string|Text> */
    private array $notes = [];

    private bool $certain = true;

    /** @var WeakMap<Distribution, list<float>>|null */
    private static ?WeakMap $quantiles = null;

    /** @var list<array{0: non-empty-list<Formula>, 1: string|null, 2: array{float, float}}> */
    private array $chain = [];

    private function __construct(public readonly string|Text $title) {}

    public static function of(string|Text $title): self
    {
        return new self($title);
    }

    /** A number of the keeper's: measured, typed or chosen. */
    public function given(string $symbol, string|Text $label, Distribution|float $value, string $unit, ?Grade $grade = null): self
    {
        return $this->add(new Given($symbol, $label, is_float($value) ? new ExactValue($value) : $value, $unit, grade: $grade));
    }

    /** A constant of nature or of the craft, with where it comes from. */
    public function constant(
        string $symbol,
        string|Text $label,
        Distribution|float $value,
        string $unit,
        string|Text $source,
        ?Grade $grade = Grade::Measured,
    ): self {
        return $this->add(new Given($symbol, $label, is_float($value) ? new ExactValue($value) : $value, $unit, $source, $grade));
    }

    /** One equation; its result can be used by the lines that follow. */
    public function line(string $formula, string|Text $label, string $unit, string|Text|null $source = null): self
    {
        $equation = Formula::of($formula);
        $this->chain[] = [[$equation], null, [0.0, 0.0]];
        $this->central[$equation->name] = $result = $equation->number($this->central);
        $this->cases = null;
        $this->lines[] = new Line($equation, $label, $unit, $result, null, $source);

        return $this;
    }

    /**
     * The value of $unknown for which the last of the equations gives what its named result already is.
     *
     * @param non-empty-list<string> $formulas each may use the results of those before it
     * @param array{float, float}    $range    where the value is looked for; the last equation must be monotone in it
     *
     * Where no value in the range fits, the unknown and all that follows from it is no number; isSolved() tells.
     */
    public function solve(array $formulas, string $unknown, string|Text $label, string $unit, array $range, string|Text|null $source = null): self
    {
        $equations = array_map(Formula::of(...), $formulas);
        $result = self::solveOne($equations, $unknown, $range, $this->central);
        $this->chain[] = [$equations, $unknown, $range];
        $this->central[$unknown] = $result;
        $this->cases = null;
        $values = $this->central;
        foreach ($equations as $i => $equation) {
            $isLast = $i === count($equations) - 1;
            $values[$equation->name] = $isLast ? $this->central[$equation->name] : $equation->number($values);
            $this->lines[] = $isLast
                ? new Line($equation, $label, $unit, $result, $unknown, $source)
                : new Line($equation, 'with', '', $values[$equation->name]);
        }

        return $this;
    }

    /**
     * Ends with the figure of a line once more, in the unit that its reader reads it in: nitrate as nitrogen, for one. Nothing is added
     * where that is the base unit, which the line has.
     *
     * @param string $symbol of the line
     * @param string $as     symbol of the figure in the other unit; its factor is this with an f before it
     * @param string $per    written after the unit
     */
    public function alsoIn(string $symbol, string $as, string|Text $label, Unit $unit, string $per = ''): self
    {
        $factor = $unit->widthFromBase(1.0);

        return abs($factor - 1.0) < 1e-9
            ? $this
            : $this->constant('f'.$as, Text::of('in_your_unit', what: $label instanceof Text ? $label : Text::of($label)), $factor, '×', 'molar_masses_iupac')
            ->line("$as = $symbol * f$as", $label, $unit->label.$per);
    }

    /** A sentence on what the figure leaves out or assumes, by key. */
    public function note(string|Text $sentence): self
    {
        $this->notes[] = $sentence;

        return $this;
    }

    /** The same working, cut off after the line that gives the named figure. */
    public function endingAt(string $name): self
    {
        $short = clone $this;
        foreach ($this->chain as $i => [$equations, $unknown]) {
            if (($unknown ?? $equations[0]->name) === $name) {
                $short->chain = array_slice($this->chain, 0, $i + 1);
            }
        }
        $lines = array_sum(array_map(static fn(array $link): int => count($link[0]), $short->chain));
        $short->lines = array_slice($this->lines, 0, $lines);
        $used = array_merge(...array_map(static fn(Line $line): array => $line->formula->symbols, $short->lines));
        $short->givens = array_filter($this->givens, static fn(Given $given): bool => in_array($given->symbol, $used, true));

        return $short;
    }

    /** Whether the result, or the named figure, is a number: an equation may have no answer within its range. */
    public function isSolved(?string $name = null): bool
    {
        return is_finite($this->central[$name ?? $this->resultName()] ?? NAN);
    }

    /** The result of the last line, or of the named one. */
    public function estimate(?string $name = null): Estimate
    {
        $name ??= $this->resultName();
        $cases = $this->certain ? null : ($this->cases()[$name] ?? throw FormulaFault::missing($name, $this->key()));

        return is_array($cases) && $cases !== []
            ? Estimate::of($this->central[$name], $cases)
            : Estimate::certain($this->central[$name]);
    }

    /** @return list<Given> */
    public function givens(): array
    {
        return array_values(array_filter($this->givens, static fn(Given $given): bool => !$given->isConstant()));
    }

    /** @return list<Given> */
    public function constants(): array
    {
        return array_values(array_filter($this->givens, static fn(Given $given): bool => $given->isConstant()));
    }

    /** @return list<Line> */
    public function lines(): array
    {
        return $this->lines;
    }

    /** @return list<string|Text> */
    public function notes(): array
    {
        return $this->notes;
    }

    public function value(string $symbol): float
    {
        return $this->central[$symbol] ?? throw FormulaFault::missing($symbol, $this->key());
    }

    /**
     * The inputs in order of how far each moves the result when it moves by its spread; an exact input of the keeper's
     * is moved by one percent.
     *
     * @return list<Sensitivity>
     */
    public function sensitivities(): array
    {
        $found = [];
        foreach ($this->givens as $given) {
            $spread = $given->value->spread();
            if ($spread <= 0.0 && $given->isConstant()) {
                continue;
            }
            $step = $spread > 0.0 ? $spread : 0.01 * abs($given->value->central());
            if ($step <= 0.0) {
                continue;
            }
            $middle = $this->central[$given->symbol];
            $effect = ($this->at([$given->symbol => $middle + $step]) - $this->at([$given->symbol => $middle - $step])) / 2.0;
            $found[] = new Sensitivity($given, $step, $effect);
        }
        usort($found, static fn(Sensitivity $a, Sensitivity $b): int => abs($b->effect) <=> abs($a->effect));

        return $found;
    }

    /**
     * The result, or the named figure, if some of the inputs were other than they are.
     *
     * @param array<string, float> $inputs by symbol
     */
    public function at(array $inputs, ?string $name = null): float
    {
        $values = $inputs + array_map(static fn(Given $given): float => $given->value->central(), $this->givens);
        foreach ($this->chain as [$equations, $unknown, $range]) {
            if ($unknown !== null) {
                $values[$unknown] = self::solveOne($equations, $unknown, $range, $values);
            } else {
                $values[$equations[0]->name] = $equations[0]->number($values);
            }
        }
        $name ??= $this->resultName();

        return $values[$name] ?? throw FormulaFault::missing($name, $this->key());
    }

    private function add(Given $given): self
    {
        $this->givens[$given->symbol] = $given;
        $this->central[$given->symbol] = $given->value->central();
        $this->certain = $this->certain && $given->value->spread() <= 0.0;
        $this->cases = null;

        return $this;
    }

    /** @return array<string, float|list<float>> */
    private function cases(): array
    {
        if ($this->cases !== null) {
            return $this->cases;
        }
        $cases = [];
        $n = 0;
        foreach ($this->givens as $given) {
            $value = $given->value;
            if ($value->spread() <= 0.0) {
                $cases[$given->symbol] = $value->central();
                continue;
            }
            $quantiles = self::quantiles($value);
            $column = [];
            $multiplier = self::MULTIPLIERS[$n++ % count(self::MULTIPLIERS)];
            for ($i = 0; $i < self::CASES; ++$i) {
                $column[] = $quantiles[$i * $multiplier % self::CASES];
            }
            $cases[$given->symbol] = $column;
        }
        foreach ($this->chain as [$equations, $unknown, $range]) {
            if ($unknown !== null) {
                $cases[$unknown] = self::solveAll($equations, $unknown, $range, $this->central, $cases);
            } else {
                $cases[$equations[0]->name] = $equations[0]->evaluate($cases);
            }
        }

        return $this->cases = $cases;
    }

    /**
     * The middles of CASES equal shares; kept for as long as the distribution lives, since several figures are worked out
     * from one reading.
     *
     * @return list<float>
     */
    private static function quantiles(Distribution $value): array
    {
        self::$quantiles ??= new WeakMap();
        if (!isset(self::$quantiles[$value])) {
            $quantiles = [];
            for ($i = 0; $i < self::CASES; ++$i) {
                $quantiles[] = $value->quantile(($i + 0.5) / self::CASES);
            }
            self::$quantiles[$value] = $quantiles;
        }

        return self::$quantiles[$value];
    }

    /** Key of its title, without figures. */
    public function key(): string
    {
        return is_string($this->title) ? $this->title : $this->title->key;
    }

    private function resultName(): string
    {
        $last = end($this->chain);
        if ($last === false) {
            throw FormulaFault::missing('a line', $this->key());
        }

        return $last[1] ?? $last[0][0]->name;
    }

    /**
     * Bisection kept safe, sped up by the secant (the Illinois rule of Dowell and Jarratt, 1971), to 1e-9 of the range.
     *
     * @param non-empty-list<Formula> $equations
     * @param array{float, float}     $range
     * @param array<string, float>    $values
     */
    private static function solveOne(array $equations, string $unknown, array $range, array $values): float
    {
        $name = $equations[count($equations) - 1]->name;
        $target = $values[$name] ?? throw FormulaFault::missing($name, $equations[0]->text);
        [$low, $high] = $range;
        $atLow = self::run($equations, [$unknown => $low] + $values)[0] - $target;
        $atHigh = self::run($equations, [$unknown => $high] + $values)[0] - $target;
        if (is_nan($atLow * $atHigh) || $atLow * $atHigh > 0.0) {
            return NAN;
        }
        $tolerance = 1e-9 * ($range[1] - $range[0]);
        $scale = max(abs($target), 1e-300);
        for ($i = 0; $i < 80 && $high - $low > $tolerance; ++$i) {
            $secant = $i < 4 || $i % 3 === 2 ? 0.5 : $atLow / ($atLow - $atHigh);
            $x = $low + $secant * ($high - $low);
            $gap = self::run($equations, [$unknown => $x] + $values)[0] - $target;
            if (abs($gap) < 1e-13 * $scale) {
                return $x;
            }
            if ($gap * $atLow > 0.0) {
                $low = $x;
                $atLow = $gap;
                $atHigh /= 2.0;
            } else {
                $high = $x;
                $atHigh = $gap;
                $atLow /= 2.0;
            }
        }

        return ($low + $high) / 2.0;
    }

    /**
     * All cases at once, from the central solution: secants, each case kept between the ends that are known to lie on either side of its
     * solution, and halved where a secant would leave them or has crept for too long.
     *
     * @param non-empty-list<Formula>          $equations
     * @param array{float, float}              $range
     * @param array<string, float>             $central   the central case
     * @param array<string, float|list<float>> $values    all cases
     *
     * @return list<float>
     */
    private static function solveAll(array $equations, string $unknown, array $range, array $central, array $values): array
    {
        $start = $central[$unknown];
        if (!is_finite($start)) {
            return array_fill(0, self::CASES, NAN);
        }
        $target = $values[$equations[count($equations) - 1]->name];
        $width = $range[1] - $range[0];
        $rises = self::run($equations, [$unknown => $range[1]] + $central)[0] > self::run($equations, [$unknown => $range[0]] + $central)[0];
        $low = array_fill(0, self::CASES, $range[0]);
        $high = array_fill(0, self::CASES, $range[1]);
        $now = array_fill(0, self::CASES, $start);
        // The slope at the central case makes the first step; after that each case has its own secant.
        $nudge = 1e-3 * $width;
        $slope = (self::run($equations, [$unknown => $start + $nudge] + $central)[0] - self::run($equations, [$unknown => $start] + $central)[0]) / $nudge;
        $before = $gapBefore = null;
        for ($round = 1; $round <= self::MOST_ROUNDS; ++$round) {
            $gaps = self::run($equations, [$unknown => $now] + $values);
            $largest = 0.0;
            $next = [];
            foreach ($now as $i => $x) {
                $gap = ($gaps[$i] ?? $gaps[0]) - (is_array($target) ? $target[$i] : $target);
                if (($gap > 0.0) === $rises) {
                    $high[$i] = $x;
                } else {
                    $low[$i] = $x;
                }
                if ($before === null || $gapBefore === null) {
                    $move = $slope === 0.0 ? INF : $gap / $slope;
                } else {
                    $rise = $gap - $gapBefore[$i];
                    $move = $rise == 0.0 ? ($gap == 0.0 ? 0.0 : INF) : $gap * ($x - $before[$i]) / $rise;
                }
                $to = $x - $move;
                // Where the gap is closed the ends have met, or the secant stands still.
                if ($move !== 0.0 && (!($to > $low[$i] && $to < $high[$i]) || $round % 4 === 0)) {
                    $to = abs($move) < self::CLOSE * $width && is_finite($move) ? $x : ($low[$i] + $high[$i]) / 2.0;
                }
                $largest = max($largest, abs($to - $x));
                $next[] = $to;
                $gapBefore[$i] = $gap;
            }
            $before = $now;
            $now = $next;
            if ($largest < self::CLOSE * $width) {
                break;
            }
        }

        return $now;
    }

    /**
     * @param non-empty-list<Formula>          $equations
     * @param array<string, float|list<float>> $values
     *
     * @return non-empty-list<float> what the last equation gives
     */
    private static function run(array $equations, array $values): array
    {
        $result = 0.0;
        foreach ($equations as $equation) {
            $values[$equation->name] = $result = $equation->evaluate($values);
        }

        return is_array($result) ? ($result === [] ? [NAN] : $result) : [$result];
    }
}
