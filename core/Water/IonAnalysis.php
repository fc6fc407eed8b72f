<?php

declare(strict_types=1);

namespace Cresco\Core\Water;

use Cresco\Core\Numeric\Bisection;
use Cresco\Core\Text;

/**
 * A water analysis, whole or in part, completed to all ions: what is missing is found from the hardness, from the balance
 * of charges and from the conductivity, and every assumption is said.
 */
final readonly class IonAnalysis
{
    /** Calcium's share of a hardness that is not split, by mole. House default: most taps lie between 0.7 and 0.9. */
    private const CALCIUM_SHARE = 0.8;

    /** mmol/L, meq/L and uS/cm: what is more is a slip of the meter. House limit. */
    private const MOST = 1e5;

    /** Charges may miss each other by this much in a good analysis. Common laboratory rule. */
    public const GOOD_BALANCE = 0.05;

    /**
     * @param Ions                 $ions        completed
     * @param array<string, float> $spreads     mmol/L by which an assumed ion may be off
     * @param list<Text>           $assumptions
     * @param float                $imbalance   of what was given, before anything was assumed to close it; share
     * @param float|null           $misfit      by which the model misses the conductivity that was read; share
     */
    private function __construct(
        public Ions $ions,
        public array $spreads,
        public array $assumptions,
        public float $imbalance,
        public ?float $misfit,
        public bool $isBad,
    ) {}

    /**
     * @param array<string, float> $milligrams mg/L by ion, those that are known
     * @param float|null           $hardness   mmol/L calcium and magnesium, when known
     * @param float|null           $alkalinity meq/L, when known and bicarbonate is not
     * @param float|null           $measured   conductivity, uS/cm at 25 degC
     *
     * @throws WaterFault when an amount is below nothing or the hardness is less than its calcium
     */
    public static function complete(array $milligrams, ?float $hardness, ?float $alkalinity, ?float $measured): self
    {
        foreach (['hardness' => $hardness, 'alkalinity' => $alkalinity, 'conductivity' => $measured] as $what => $figure) {
            if ($figure !== null && !($figure >= 0.0 && $figure <= self::MOST)) {
                throw WaterFault::amount(Text::of('water.'.$what));
            }
        }
        $ions = Ions::milligrams($milligrams);
        $isKnown = static fn(Ion $ion): bool => isset($milligrams[$ion->value]);
        $assumptions = $spreads = [];
        if ($alkalinity !== null && !$isKnown(Ion::Bicarbonate)) {
            $ions = $ions->with(Ion::Bicarbonate, $alkalinity);
            $milligrams[Ion::Bicarbonate->value] = $alkalinity * Ion::Bicarbonate->molarMass();
        }
        if ($hardness !== null && !($isKnown(Ion::Calcium) && $isKnown(Ion::Magnesium))) {
            [$ions, $said, $spread] = self::split($ions, $hardness, $isKnown(Ion::Calcium), $isKnown(Ion::Magnesium));
            $assumptions = [...$assumptions, ...$said];
            $spreads += $spread;
            $milligrams += [Ion::Calcium->value => 0.0, Ion::Magnesium->value => 0.0];
        }
        $given = $ions->imbalance();
        $gap = $ions->cations() - $ions->anions();
        $openAnions = array_values(array_filter([Ion::Chloride, Ion::Sulfate], static fn(Ion $ion): bool => !isset($milligrams[$ion->value])));
        $openCation = isset($milligrams[Ion::Sodium->value]) ? null : Ion::Sodium;
        $closed = false;
        if ($gap > 1e-9 && $openAnions !== []) {
            $ions = self::addAnions($ions, $openAnions, $gap);
            $assumptions[] = count($openAnions) === 2
                ? Text::of('two_close', one: $openAnions[0], other: $openAnions[1])
                : Text::of('closes', one: $openAnions[0]);
            foreach ($openAnions as $ion) {
                $spreads[$ion->value] = $ions->of($ion) * (count($openAnions) === 2 ? 0.6 : 0.2);
            }
            $closed = true;
        } elseif ($gap < -1e-9 && $openCation !== null) {
            $ions = $ions->with($openCation, $ions->of($openCation) - $gap);
            $assumptions[] = Text::of('closes', one: Ion::Sodium);
            $spreads[$openCation->value] = 0.2 * -$gap;
            $closed = true;
        }
        $model = Conductance::of($ions)->microsiemens;
        if ($measured !== null && $measured > $model * 1.01 && $openCation !== null && $openAnions !== []) {
            $salt = self::saltFor($ions, $openCation, $openAnions, $measured);
            $ions = self::addAnions($ions->with($openCation, $ions->of($openCation) + $salt), $openAnions, $salt);
            $assumptions[] = Text::of('sodium_salts');
            $spreads[$openCation->value] = ($spreads[$openCation->value] ?? 0.0) + 0.3 * $salt;
            $model = Conductance::of($ions)->microsiemens;
        }
        if (!isset($milligrams[Ion::Potassium->value])) {
            $assumptions[] = Text::of('no_potassium');
        }
        $misfit = $measured === null || $measured < 1.0 ? null : $model / $measured - 1.0;

        return new self(
            $ions,
            $spreads,
            $assumptions,
            $given,
            $misfit,
            (!$closed && abs($given) > self::GOOD_BALANCE && abs($gap) > 0.05)
                || ($misfit !== null && abs($misfit) > 0.1 && abs($model - (float) $measured) > 15.0),
        );
    }

    /** @return array{Ions, list<Text>, array<string, float>} */
    private static function split(Ions $ions, float $hardness, bool $hasCalcium, bool $hasMagnesium): array
    {
        if ($hasCalcium || $hasMagnesium) {
            [$known, $other] = $hasCalcium ? [Ion::Calcium, Ion::Magnesium] : [Ion::Magnesium, Ion::Calcium];
            if ($hardness < 0.95 * $ions->of($known)) {
                throw WaterFault::hardnessBelowCalcium();
            }

            return [$ions->with($other, $hardness - $ions->of($known)), [Text::of('rest_of_hardness', one: $other)], [$other->value => 0.05 * $hardness]];
        }
        $spread = 0.1 * $hardness;

        return [
            $ions->with(Ion::Calcium, self::CALCIUM_SHARE * $hardness)->with(Ion::Magnesium, (1.0 - self::CALCIUM_SHARE) * $hardness),
            $hardness <= 0.0 ? [] : [Text::of('four_fifths_calcium')],
            [Ion::Calcium->value => $spread, Ion::Magnesium->value => $spread],
        ];
    }

    /** @param non-empty-list<Ion> $open */
    private static function addAnions(Ions $ions, array $open, float $charges): Ions
    {
        foreach ($open as $ion) {
            $ions = $ions->with($ion, $ions->of($ion) + $charges / count($open) / abs($ion->charge()));
        }

        return $ions;
    }

    /**
     * meq/L of a sodium salt that brings the conductivity to what was read.
     *
     * @param non-empty-list<Ion> $open
     */
    private static function saltFor(Ions $ions, Ion $cation, array $open, float $measured): float
    {
        $with = static fn(float $salt): Ions => self::addAnions($ions->with($cation, $ions->of($cation) + $salt), $open, $salt);

        return Bisection::edge(0.0, max(1.0, $measured / 80.0), static fn(float $salt): bool => Conductance::of($with($salt))->microsiemens < $measured, 40);
    }
}
