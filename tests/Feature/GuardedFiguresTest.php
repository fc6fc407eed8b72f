<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Known\FoodOf;
use App\Known\TankWater;
use App\Models\Entry;
use App\Models\EntryKind;
use App\Models\Jar;
use App\Models\WaterChange;
use Carbon\CarbonImmutable;
use Cresco\Core\Food\FoodEvent;
use Cresco\Core\Measure\Density;
use Cresco\Core\Measure\Exact;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Rhythm\Concern;
use Cresco\Core\Rhythm\Standing;
use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Tank\Needs;
use Cresco\Core\Water\DissolvedGas;
use Cresco\Core\Water\WaterState;

/** Figures on which animals hang, each with a case from the job. */
final class GuardedFiguresTest extends FeatureCase
{
    /** @return list<string> */
    private static function concerns(AnimalGroup $group, float|Density $ammonium, float $ph): array
    {
        $state = new WaterState('the tank', [
            Parameter::Ammonium->value => is_float($ammonium) ? new Exact($ammonium) : $ammonium, Parameter::Acidity->value => new Exact($ph), Parameter::Temperature->value => new Exact(25.0),
        ]);

        return array_map(static fn(Concern $concern): string => $concern->key, Standing::of($state, new Needs($group)));
    }

    public function testFreeAmmoniaIsAnAlarmForShrimpBeforeItIsOneForOthers(): void
    {
        // 5.4 % of total ammonia is free at pH 8.0 and 25 degC (Emerson and others, 1975): 0.6 mg/L NH4 are 0.466 of nitrogen and 0.0252 free.
        self::assertContains('free_ammonia', self::concerns(AnimalGroup::HardyShrimp, 0.6, 8.0));
        self::assertNotContains('free_ammonia', self::concerns(AnimalGroup::Community, 0.6, 8.0));
        // Twice as much and a little is an alarm for all.
        self::assertContains('free_ammonia', self::concerns(AnimalGroup::Community, 1.3, 8.0));
    }

    public function testTheAlarmGoesByWhatTheReadingMayBeAndNotByItsMiddle(): void
    {
        // From 0.6 to 1.4 mg/L: 1.0 in the middle is 0.042 free, the upper tenth from 1.32 on is 0.055.
        self::assertNotContains('free_ammonia', self::concerns(AnimalGroup::Community, 1.0, 8.0));
        self::assertContains('free_ammonia', self::concerns(AnimalGroup::Community, Density::flat(0.6, 1.4), 8.0));
    }

    public function testCarbonDioxideFollowsKhAndPhInEveryWaterThatIsNotSoft(): void
    {
        // About 3 * KH * 10^(7 - pH), within a fifth, from 3 to 9 degrees.
        foreach ([3.0, 5.0, 7.0, 9.0] as $degrees) {
            foreach ([6.4, 6.8, 7.2] as $ph) {
                $gas = DissolvedGas::of(new Exact($ph), new Exact(0.356648 * $degrees), 25.0, 300.0);
                self::assertNotNull($gas);
                self::assertEqualsWithDelta(1.0, $gas->level / (3.0 * $degrees * 10.0 ** (7.0 - $ph)), 0.2, "KH $degrees, pH $ph");
            }
        }
        self::assertNull(DissolvedGas::of(new Exact(6.5), new Exact(0.2), 25.0, 300.0));
    }

    public function testAReadingOfTheMinuteOfAChangeStandsForTheWaterAfterIt(): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $at = CarbonImmutable::now()->addHour()->startOfMinute();
        $this->travelTo($at);
        $this->noteChange($keeper, $tank, $water, 50.0, $at);
        $this->read($keeper, $tank, ['conductivity' => '371'], $at);
        $this->read($keeper, $tank, ['general_hardness' => '3'], $at->subMinute());
        $state = TankWater::of($tank->fresh(['keeper']) ?? $tank)->state();
        self::assertFalse($state->isAssumed(Parameter::Conductivity));
        self::assertEqualsWithDelta(371.0, $state->central(Parameter::Conductivity, 0.0), 1.0);
        // A minute before it is the water of before: the forecast counts.
        self::assertTrue($state->isAssumed(Parameter::GeneralHardness));
    }

    public function testTheShareOfAChangeOfTwoDrainsFollowsItsLitres(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $run = $this->writeRun($keeper, $tank, ['reason' => 'amount', 'way' => 'litres', 'litres' => '30', 'drains' => '2']);
        $run = $this->finishRun($run, CarbonImmutable::now()->subHour(), CarbonImmutable::now());
        $change = WaterChange::query()->sole();
        // Twice 30 of 100 L leave 0.7 * 0.7 of the old water.
        self::assertEqualsWithDelta(0.51, $change->share, 0.005);
        $entry = Entry::query()->where('kind', EntryKind::Change)->sole();
        $typed = ['happened_at' => $keeper->show()->local($entry->happened_at)->format('Y-m-d\TH:i'), 'litres' => '30'];
        $this->actingAs($keeper)->put("/entries/$entry->id", $typed)->assertSessionHasNoErrors();
        // Half of it in as many goes: 15 each, 0.85 * 0.85 nearly; by the power of one half 0.7.
        self::assertEqualsWithDelta(0.30, $change->refresh()->share, 0.03);
        self::assertSame($run->id, $change->run_id);
    }

    public function testADoseOfTodayThatWasNotedDoesNotComeOnceMore(): void
    {
        $this->travelTo('2026-03-01 18:00');
        [$keeper, $tank] = $this->readyTank();
        $jar = $keeper->jars()->create(['name' => 'Green daily', 'salt' => Jar::FEED, 'unit' => 'mL', 'stock' => 300, 'label' => ['dose' => 10.0, 'litres' => 100.0, 'days' => 1, 'potassium' => 2.0]]);
        $tank->dosePlans()->create(['jar_id' => $jar->id, 'amount' => 10.0, 'every' => 1, 'starts_on' => '2026-03-01']);
        $coming = static function () use ($tank): int {
            $food = FoodOf::tank($tank->fresh(['keeper', 'devices']) ?? $tank);
            $today = $food->day(CarbonImmutable::now());

            return count(array_filter($food->coming(Parameter::Potassium, $food->planned()), static fn(FoodEvent $event): bool => $event->day < $today + 0.9));
        };
        self::assertSame(1, $coming());
        $this->actingAs($keeper)->post("/tanks/$tank->id/doses", ['jar_id' => $jar->id, 'amount' => '10', 'state' => 'given'])->assertSessionHasNoErrors();
        self::assertSame(0, $coming());
    }
}
