<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Units\Amount;
use App\Units\Show;
use Cresco\Core\Mixing\Concentrate;

/** A recipe as bottles of stock solution, in words. */
final readonly class StockSolutions
{
    /**
     * @param list<list<string>>    $bottles what goes into each
     * @param list<string>          $left    what cannot be made a stock solution of, and why
     * @param list<string>          $apart   why the bottles are not one
     * @param array<string, string> $faults  by field
     */
    private function __construct(
        public float $perLitre,
        public float $bottle,
        public float $treats,
        public array $bottles,
        public array $left,
        public array $apart,
        public array $faults,
    ) {}

    public static function of(MixingDraft $draft, mixed $perLitre, mixed $bottle): self
    {
        $faults = [];
        $size = self::read($bottle, 500.0, 10.0, 20000.0, 'bottle', $faults);
        $dose = self::read($perLitre, 5.0, 0.1, 100.0, 'per_litre', $faults);
        $concentrate = Concentrate::of($draft->batch->recipe, $dose, $size);
        $name = static fn(int $j): string => $draft->products[$j]->name;
        $weigh = static fn(int $j): string => sprintf(
            '%s %s %s',
            Show::grams($concentrate->grams[$j], $draft->input->step),
            $draft->products[$j]->unit,
            $name($j),
        );
        $apart = [];
        $used = array_keys($concentrate->grams);
        foreach ($used as $i => $a) {
            foreach (array_slice($used, $i + 1) as $b) {
                $why = Concentrate::clash($draft->batch->recipe->products[$a], $draft->batch->recipe->products[$b]);
                if ($why !== null) {
                    $apart[] = (string) __('bench.bottle.apart', ['one' => $name($a), 'other' => $name($b), 'why' => $why]);
                }
            }
        }

        return new self(
            $dose,
            $size,
            $size / $dose,
            array_map(static fn(array $bottle): array => array_map($weigh, $bottle[0]), $concentrate->bottles),
            array_map(
                static fn(int $j): string => (string) __(
                    'bench.bottle.least',
                    ['jar' => $name($j), 'amount' => $weigh($j), 'litres' => Show::plain($concentrate->least[$j], 1)],
                ),
                $concentrate->undissolved,
            ),
            $apart,
            $faults,
        );
    }

    /** @param array<string, string> $faults */
    private static function read(mixed $typed, float $usual, float $least, float $most, string $field, array &$faults): float
    {
        if ($typed === null) {
            return $usual;
        }
        $number = Amount::parse($typed);
        if ($number === null || $number < $least || $number > $most) {
            $faults[$field] = (string) __('bench.bottle.between', ['least' => Show::plain($least, 1), 'most' => Show::plain($most, 0)]);

            return $usual;
        }

        return $number;
    }
}
