<?php

declare(strict_types=1);

namespace Cresco\Core\Fertilising;

/** What holds iron in solution, and for how long. */
enum Chelate: string
{
    case Gluconate = 'gluconate';
    case Edta = 'edta';
    case Dtpa = 'dtpa';

    /** Days in which half of the iron is lost where nobody knows what holds it: the middle of those that last. House default. */
    public const USUAL = 3.0;

    /** pH up to which EDTA holds as well as DTPA, and from which it holds least; days in which half is lost at both ends. House defaults. */
    private const EDTA = [6.5, 7.5, 4.0, 1.0];

    /**
     * Days in which half of the iron is lost. House default.
     *
     * @param float $ph 3 to 11
     *
     * @throws FertilisingFault out of that
     */
    public function halfLife(float $ph): float
    {
        if (!($ph >= 3.0 && $ph <= 11.0)) {
            throw FertilisingFault::loss();
        }
        [$from, $to, $long, $short] = self::EDTA;

        return match ($this) {
            self::Gluconate => 0.7,
            self::Dtpa => 7.0,
            self::Edta => $ph <= $from ? 7.0 : max($short, $long + ($short - $long) * ($ph - $from) / ($to - $from)),
        };
    }

    /**
     * Share that is lost in a day, as a rate, of iron from several bottles.
     *
     * @param list<array{self|null, float}> $brings what holds the iron of each, and mg/L a day that it brings, 0 or more
     */
    public static function loss(array $brings, float $ph): float
    {
        $sum = $lasts = 0.0;
        foreach ($brings as [$chelate, $each]) {
            $sum += max(0.0, $each);
            // What stays in the water from each is its dose times its life: the lives are weighed by what is brought.
            $lasts += max(0.0, $each) * ($chelate?->halfLife($ph) ?? self::USUAL);
        }

        return log(2.0) / ($sum > 0.0 ? $lasts / $sum : self::USUAL);
    }
}
