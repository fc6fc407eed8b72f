<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Batch;
use App\Tanks\BatchContent;
use Cresco\Core\Measure\Alkalinity;

/**
 * What a batch would really be like: hands that spoon and weigh a little off, a mark on the vessel that is a little off,
 * and what was added after a check. House values; made to practise with, not to believe.
 */
final readonly class SimulatedVessel
{
    private const SPOON_ERROR = 0.06;

    private const SCALE_ERROR = 0.01;

    private const VOLUME_ERROR = 0.015;

    /** Carbon dioxide of water that stands and is stirred, mg/L. */
    private const CARBON_DIOXIDE = 2.5;

    /** @param float $conductivity uS/cm at 25 degC */
    private function __construct(public float $conductivity, public float $celsius, public float $ph) {}

    public static function of(Batch $batch): self
    {
        $content = new BatchContent($batch);
        $hand = new Noise('hand of batch '.$batch->id);
        $litres = $batch->litres * (1.0 + $hand->about(self::VOLUME_ERROR));
        $salt = ($content->expectedConductivity() - $content->start()) * (1.0 + $hand->about($content->usesSpoons() ? self::SPOON_ERROR : self::SCALE_ERROR)) * $batch->litres / $litres;
        $water = 0.0;
        foreach ($content->checks() as $check) {
            if ($check->added) {
                $salt *= 1.0 + $check->more;
                $water += $check->water;
            }
        }
        $thin = $litres / ($litres + $water);
        $alkalinity = max(0.07, $content->expectedAlkalinity());

        return new self(
            ($content->start() + $salt) * $thin + $batch->card->soft * (1.0 - $thin),
            round($hand->between(17.0, 23.0), 1),
            7.0 - log10(self::CARBON_DIOXIDE / (3.0 * $alkalinity / Alkalinity::MILLIEQUIVALENT_PER_DEGREE)),
        );
    }
}
