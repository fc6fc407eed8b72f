<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Grade;
use Cresco\Core\Measure\ExactValue;
use Cresco\Core\Measure\MassConcentration;
use Cresco\Core\Text;
use Cresco\Core\Water\Ammonia;
use Cresco\Core\Water\Carbonate;

/** What a mass that dies in a tank takes out of the water and gives to it: oxygen first, then ammonium. */
final readonly class DieOff
{
    /** Grams of oxygen that a gram of dry matter takes when it is broken down. House default after the Redfield ratio (1963). */
    public const OXYGEN = 1.3;

    /** mg/L of oxygen in water of 25 degrees in balance with air (Benson and Krause, 1984). */
    private const HELD = 8.26;

    /** Share of the nitrogen that comes free within the first two days. House default. */
    private const EARLY = 0.5;

    /** Days of the first part. House default. */
    private const DAYS = 2.0;

    /** Times and part by which the ammonium may be off. House default. */
    public const OFF = 2.5;

    /** What a settled filter takes beside today's load, as a share of that load. House default. */
    private const SPARE = 0.75;

    /** Changes in a series at most: more than that is not killed in the tank but taken out first. House default. */
    private const MOST_CHANGES = 6;

    /**
     * @param float $grams   fresh and drained, 0 to 100,000
     * @param float $litres  of the tank, above 0
     * @param float $made    mg/L of nitrate that the tank makes in a day, 0 and more: what its filter is used to
     * @param bool  $settled whether the filter has had weeks to grow and was not just cleaned
     *
     * @throws AlgaeFault when one of them is none
     */
    public function __construct(private FindingKind $sort, private float $grams, private float $litres, private float $made, private bool $settled)
    {
        if (!($grams >= 0.0 && $grams <= 1e5 && $litres >= 0.01 && $litres <= 1e6 && $made >= 0.0 && $made <= 1e3)) {
            throw AlgaeFault::mass();
        }
    }

    /** Oxygen that it takes, g; symbols O2 and held, the g in the whole tank. */
    public function oxygen(): Computation
    {
        return Computation::of('die_off.title')
            ->given('m', 'die_off.fresh_mass_that_dies_drained', $this->grams, 'g')
            ->given('V', 'die_off.water_in_tank', $this->litres, 'L')
            ->constant('d', 'die_off.dry_matter_in_it', $this->sort->dry(), '', 'house_default', Grade::Guess)
            ->constant('o', 'die_off.oxygen_for_each_gram_of_dry', self::OXYGEN, 'g/g', 'after_redfield_1963', Grade::Guess)
            ->constant('c', 'die_off.oxygen_in_water_of_25_degrees', self::HELD, 'mg/L', 'benson_krause_1984')
            ->line('held = c * V / 1000', 'die_off.what_whole_tank_holds', 'g')
            ->line('O2 = m * d * o', 'die_off.what_it_takes_until_it_gone', 'g');
    }

    /** Highest ammonium, as mg/L NH4, after two days without a change; the symbol is NH4. */
    public function ammonium(): Computation
    {
        return Computation::of('die_off.title_ammonium_from_what_dies')
            ->given('m', 'die_off.fresh_mass_that_dies_drained', $this->grams, 'g')
            ->given('V', 'die_off.water_in_tank', $this->litres, 'L')
            ->given('made', 'die_off.nitrate_that_tank_makes_in_day', $this->made, 'mg/L')
            ->constant('d', 'die_off.dry_matter_in_it', $this->sort->dry(), '', 'house_default', Grade::Guess)
            ->constant('n', 'die_off.nitrogen_in_dry_matter', $this->sort->nitrogen(), '', 'house_default', Grade::Guess)
            ->constant('e', 'die_off.share_that_comes_free_within_two', self::EARLY, '', 'house_default', Grade::Guess)
            ->constant('t', 'die_off.days_of_that', self::DAYS, 'd', 'house_default', Grade::Guess)
            ->constant('s', 'die_off.what_filter_takes_beside_today_load', $this->settled ? self::SPARE : 0.0, '', 'house_default', Grade::Guess)
            ->constant('p', 'die_off.nh4_for_each_gram_of_nitrogen', MassConcentration::AMMONIUM_PER_NITROGEN, 'g/g', 'molar_masses_iupac_2021')
            ->constant('q', 'die_off.nitrogen_in_gram_of_nitrate', 1.0 / MassConcentration::NITRATE_PER_NITROGEN, 'g/g', 'molar_masses_iupac_2021')
            ->line('N = 1000 * m * d * n * e', 'die_off.nitrogen_that_comes_free', 'mg')
            ->line('F = t * s * made * q * V', 'die_off.nitrogen_that_filter_takes_beside', 'mg')
            ->line('NH4 = max(0, N - F) * p / V', 'die_off.ammonium', 'mg/L')
            ->note(Text::of('die_off.it_may_off_times_more_or', off: self::OFF));
    }

    /**
     * The pH that the water comes to with the gas off and the night over: bicarbonate in balance with the air.
     *
     * @param float $alkalinity meq/L, above 0
     *
     * @throws AlgaeFault when it is none
     */
    public static function highestPh(float $alkalinity, float $celsius): float
    {
        if (!($alkalinity > 0.0 && $alkalinity <= 100.0 && $celsius >= 0.0 && $celsius <= 45.0)) {
            throw AlgaeFault::buffer();
        }

        return Carbonate::acidityWith(Carbonate::IN_AIR[0], $alkalinity, $celsius);
    }

    /**
     * Free ammonia at its worst, were nothing changed: from as much ammonium as it may be at most; the symbol is NH3_N, mg/L of nitrogen.
     *
     * @throws AlgaeFault
     */
    public function freeAmmonia(float $alkalinity, float $celsius): Computation
    {
        return Ammonia::free(
            'ammonia.title_at_its_worst',
            new ExactValue(self::OFF * $this->ammonium()->value('NH4')),
            new ExactValue(self::highestPh($alkalinity, $celsius)),
            new ExactValue($celsius),
        );
    }

    /**
     * Changes of a share each, a day apart, that keep the free ammonia under an alarm; null when so many are not reasonable: then it is
     * taken out first.
     *
     * @param float $alarm mg/L of nitrogen, above 0
     * @param float $share of one change, above 0 and below 1
     *
     * @throws AlgaeFault
     */
    public function changes(float $alarm, float $share, float $alkalinity, float $celsius): ?int
    {
        if (!($alarm > 0.0 && $alarm < INF && $share >= 0.01 && $share <= 0.99)) {
            throw AlgaeFault::change();
        }
        $worst = $this->freeAmmonia($alkalinity, $celsius)->value('NH3_N');
        $needed = $worst <= $alarm ? 0 : (int) ceil(log($alarm / $worst) / log(1.0 - $share));

        return $needed > self::MOST_CHANGES ? null : $needed;
    }
}
