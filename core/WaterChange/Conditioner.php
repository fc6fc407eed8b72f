<?php

declare(strict_types=1);

namespace Cresco\Core\WaterChange;

use Cresco\Core\Formula\Computation;

/** How much dechlorinator a change needs, by its label. */
final readonly class Conditioner
{
    /** mg of nitrogen that 1 mg of chlorine in chloramine leaves as ammonia: 14.007 to 70.90 by mole. */
    public const NITROGEN = 14.007 / 70.90;

    /** mg/L of chlorine in tap water with chloramine that nobody tested, and its standard deviation: at most 4 are allowed, 40 CFR 141.65. House default. */
    public const USUAL_CHLORAMINE = [2.0, 0.8];

    /** More than so many times the label's dose takes up oxygen and may harm. House default. */
    public const OVERDOSE = 5.0;

    /**
     * @param float      $amount   the label's dose, above 0, in its unit
     * @param float      $litres   that it treats, above 0
     * @param float|null $strength mg/L chlorine that the dose is for, above 0; null where the label does not say
     * @param string     $unit     that the dose is measured in
     */
    public function __construct(public float $amount, public float $litres, public ?float $strength, public string $unit = 'mL')
    {
        if (!(min($amount, $litres, $strength ?? 1.0) > 0.0 && max($amount, $litres, $strength ?? 1.0) < INF)) {
            throw WaterChangeFault::label();
        }
    }

    /**
     * @param float $water    litres to dose for: the new water, or the whole tank when poured straight in
     * @param float $chlorine mg/L total chlorine in the tap
     */
    public function dose(float $water, float $chlorine): Computation
    {
        if ($this->strength === null) {
            return Computation::of('conditioner.title')
                ->given('V', 'conditioner.litres_to_dose_for', $water, 'L')
                ->given('d', 'conditioner.dose_on_label', $this->amount, $this->unit)
                ->given('W', 'conditioner.litres_labels_dose_for', $this->litres, 'L')
                ->line('dose = d * V / W', 'conditioner.conditioner', $this->unit)
                ->note('conditioner.label_does_not_say_how_much');
        }

        return Computation::of('conditioner.title')
            ->given('V', 'conditioner.litres_to_dose_for', $water, 'L')
            ->given('Cl', 'conditioner.total_chlorine_in_tap', $chlorine, 'mg/L')
            ->given('d', 'conditioner.dose_on_label', $this->amount, $this->unit)
            ->given('W', 'conditioner.litres_labels_dose_for', $this->litres, 'L')
            ->given('s', 'conditioner.chlorine_labels_dose_takes', $this->strength, 'mg/L')
            ->line('dose = d * V / W * max(1, Cl / s)', 'conditioner.conditioner', $this->unit)
            ->note('conditioner.never_less_than_labels_dose_more');
    }

    /** mg/L ammonia nitrogen that chloramine leaves behind, in the new water. */
    public static function ammoniaFromChloramine(float $chlorine): float
    {
        return $chlorine * self::NITROGEN;
    }

    public function isOverdose(float $amount, float $water): bool
    {
        return $amount > self::OVERDOSE * $this->amount * $water / $this->litres;
    }
}
