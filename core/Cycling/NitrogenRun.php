<?php

declare(strict_types=1);

namespace Cresco\Core\Cycling;

/** Nitrogen of a tank that is being started as plain numbers by the day, mg/L N, and its peaks. */
final class NitrogenRun
{
    /** @var list<float> */
    public array $ammonia = [];

    /** @var list<float> */
    public array $nitrite = [];

    /** @var list<float> */
    public array $nitrate = [];

    /** @var list<float> what plants have taken since the beginning */
    public array $plants = [];

    /** @var list<float> meq/L; none where nobody said what there was */
    public array $alkalinity = [];

    /** @var list<float> what has come in, without what changes took out */
    public array $given = [];

    public readonly NitrogenPeak $ofAmmonia;

    public readonly NitrogenPeak $ofNitrite;

    public function __construct()
    {
        [$this->ofAmmonia, $this->ofNitrite] = [new NitrogenPeak(), new NitrogenPeak()];
    }

    public function note(float $ammonia, float $nitrite, float $nitrate, float $plants, ?float $alkalinity, float $given): void
    {
        $this->ammonia[] = $ammonia;
        $this->nitrite[] = $nitrite;
        $this->nitrate[] = $nitrate;
        $this->plants[] = $plants;
        $this->given[] = $given;
        if ($alkalinity !== null) {
            $this->alkalinity[] = $alkalinity;
        }
    }
}
