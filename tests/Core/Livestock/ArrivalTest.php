<?php

declare(strict_types=1);

namespace Tests\Core\Livestock;

use Cresco\Core\Livestock\Acclimation;
use Cresco\Core\Livestock\AcclimationMethod;
use Cresco\Core\Livestock\AnimalKinds;
use Cresco\Core\Livestock\ArrivalStep;
use Cresco\Core\Livestock\Community;
use Cresco\Core\Livestock\CountKind;
use Cresco\Core\Livestock\LivestockFault;
use Cresco\Core\Livestock\Quarantine;
use Cresco\Core\Livestock\Stocking;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Tank\Needs;
use Cresco\Core\Tank\SwingLimits;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ArrivalTest extends TestCase
{
    /**
     * @return iterable<string, array{string, float, float, float, float|null, float|null, float|null, AcclimationMethod, string}> sort,
     *     bag, tank, hours, ammonium, pH of bag and tank
     */
    public static function bags(): iterable
    {
        yield 'close waters are poured together' => ['fish', 400.0, 420.0, 2.0, 0.0, 7.2, 7.3, AcclimationMethod::Pour, 'close'];
        yield 'shrimp stand less of a difference than fish' => ['shrimp', 470.0, 420.0, 2.0, 0.0, 7.2, 7.3, AcclimationMethod::Drip, 'conductivity'];
        yield 'that fish do not mind' => ['fish', 470.0, 420.0, 2.0, 0.0, 7.2, 7.3, AcclimationMethod::Pour, 'close'];
        yield 'plants are rinsed, however long they were on the way' => ['plant', 900.0, 300.0, 40.0, 3.0, 6.5, 7.3, AcclimationMethod::Rinse, 'plants'];
        yield 'far ones drip' => ['fish', 800.0, 300.0, 2.0, 0.0, 7.2, 7.3, AcclimationMethod::Drip, 'conductivity'];
        yield 'so do those whose pH differs' => ['fish', 400.0, 420.0, 2.0, 0.0, 6.5, 7.3, AcclimationMethod::Drip, 'acidity'];
        yield 'those of an old bag of far water go into clean water like it' => ['fish', 800.0, 300.0, 20.0, null, 7.2, 7.3, AcclimationMethod::Clean, 'old'];
        yield 'so do those of one with ammonium' => ['shrimp', 800.0, 300.0, 2.0, 1.5, 7.2, 7.3, AcclimationMethod::Clean, 'ammonium'];
        yield 'by post for a day, 480 against 324' => ['fish', 480.0, 324.0, 24.0, null, null, null, AcclimationMethod::Clean, 'old'];
        yield 'an old bag of like water goes over at once' => ['fish', 330.0, 300.0, 20.0, null, 7.2, 7.3, AcclimationMethod::Quick, 'old'];
        yield 'one that was read clean is as good as fresh' => ['fish', 800.0, 300.0, 24.0, 0.0, 7.2, 7.3, AcclimationMethod::Drip, 'conductivity'];
        yield 'a trace is not clean' => ['fish', 800.0, 300.0, 24.0, 0.3, 7.2, 7.3, AcclimationMethod::Clean, 'old'];
    }

    #[DataProvider('bags')]
    public function testHowTheyAreLetInFollowsFromTheBag(
        string $sort,
        float $bag,
        float $tank,
        float $hours,
        ?float $ammonium,
        ?float $bagPh,
        ?float $tankPh,
        AcclimationMethod $means,
        string $why,
    ): void {
        $plan = Acclimation::plan($sort, $bag, $tank, 1.5, $hours, $ammonium, $bagPh, $tankPh, 2.0, 24.0);
        self::assertSame([$means, $why], [$plan->means, $plan->why]);
        self::assertSame(in_array($means, [AcclimationMethod::Drip, AcclimationMethod::Clean], true), $plan->drip !== null);
    }

    public function testADripEndsWhereTheDifferenceIsWhatTheyStand(): void
    {
        // 900 against 300: twice the tank; to 15 % it takes 2 / 0.15 = 13.33 times the water of the bag.
        $drip = Acclimation::plan('fish', 900.0, 300.0, 0.6, 2.0, 0.0, 7.2, 7.2, 2.0, 24.0)->drip;
        self::assertNotNull($drip);
        self::assertEqualsWithDelta(8.0, $drip->value('V_end'), 1e-9);
        self::assertEqualsWithDelta(345.0, $drip->value('EC_end'), 1e-9);
        self::assertEqualsWithDelta(7.4, $drip->value('rate'), 1e-9);
        // Inflow into a growing volume, a millilitre at a time.
        [$litres, $held] = [0.6, 0.6 * 900.0];
        while ($litres < 8.0 - 1e-9) {
            $litres += 0.001;
            $held += 0.001 * 300.0;
        }
        self::assertEqualsWithDelta($held / $litres, $drip->value('EC_end'), 0.05);
        self::assertEqualsWithDelta($held / $litres, Acclimation::conductivityAfter(900.0, 300.0, 0.6, 7.4), 0.05);
    }

    public function testADripIsFollowedOnItsWay(): void
    {
        // Half a litre of 1,000 in 200: four times the tank, to 8 % of it is 50 times the water, 25 L, in stages of a bucket of 10 L.
        $plan = Acclimation::plan('shrimp', 1000.0, 200.0, 0.5, 2.0, 0.0, 7.2, 7.2, 2.0, 24.0);
        $along = $plan->along(2);
        $stages = (int) round((float) $plan->drip?->value('n'));
        self::assertCount(2 * $stages + 1, $along);
        self::assertSame([0.0, 1000.0], [$along[0]['minutes'], $along[0]['conductivity']]);
        self::assertEqualsWithDelta((float) $plan->drip?->value('minutes'), $along[2 * $stages]['minutes'], 1e-9);
        self::assertEqualsWithDelta((float) $plan->drip?->value('EC_end'), $along[2 * $stages]['conductivity'], 1e-9);
        // There is nothing left where it ends, and less and less on the way.
        self::assertSame(0, $plan->minutesLeft($along[2 * $stages]['conductivity'] - 0.01));
        $left = array_map(static fn(array $row): int => $plan->minutesLeft($row['conductivity']), $along);
        self::assertGreaterThan(0, $left[0]);
        self::assertSame($left, array_values(array_filter($left, static fn(int $minutes): bool => $minutes >= 0)));
    }

    public function testWhatLivesTogetherIsKeptWhereAllRangesMeet(): void
    {
        $of = static fn(string ...$keys): Community => new Community(array_values(array_map(AnimalKinds::of(...), $keys)));
        $degrees = static fn(?array $range): ?array => $range === null ? null : array_map(static fn(mixed $mmol): float => round(Hardness::fromMillimolePerLitre(is_float($mmol) ? $mmol : 0.0)->degrees(), 3), $range);
        // Catfish 22 to 26 and 2 to 12, danios 20 to 25 and 4 to 18.
        self::assertSame(
            [[22.0, 25.0], [4.0, 12.0]],
            [$of('small_catfish', 'danio')->range(Parameter::Temperature), $degrees($of('small_catfish', 'danio')->range(Parameter::GeneralHardness))],
        );
        self::assertNull($of('angelfish', 'danio')->range(Parameter::Temperature));
        self::assertSame(
            ['angelfish', 'danio', Parameter::Temperature],
            [
                $of('tetra', 'angelfish', 'danio')->apart()[0]->key ?? '', $of('tetra', 'angelfish', 'danio')->apart()[1]->key ?? '',
                $of('tetra', 'angelfish', 'danio')->apart()[2] ?? null,
            ],
        );
        self::assertNull($of('small_catfish', 'danio')->apart());
        // A community tank of 22 to 26 and 4 to 12 is narrowed for danios; shrimp ask for less nitrate and gentler changes as well.
        $community = new Needs(AnimalGroup::Community);
        self::assertSame(['temperature' => [22.0, 25.0]], $of('danio')->narrowed($community));
        self::assertSame(['temperature', 'general_hardness', 'nitrate'], array_keys($of('bee_shrimp')->narrowed($community)));
        self::assertNull($of('danio')->gentler($community));
        self::assertEquals(SwingLimits::ofSensitive(), $of('danio', 'bee_shrimp')->gentler($community));
        self::assertNull($of('bee_shrimp')->gentler(new Needs(AnimalGroup::SoftWaterShrimp)));
        // Who is offered to a tank must be able to live there.
        self::assertSame(
            [false, true, true, false],
            [
                $of('livebearer')->suits(new Needs(AnimalGroup::SoftWaterFish)), $of('small_tetra')->suits(new Needs(AnimalGroup::SoftWaterFish)),
                $of('livebearer')->suits(new Needs(AnimalGroup::HardWaterFish)), $of('bee_shrimp')->suits(new Needs(AnimalGroup::HardWaterFish)),
            ],
        );
        self::assertSame([[], null], [(new Community([]))->narrowed($community), (new Community([]))->range(Parameter::Temperature)]);
    }

    public function testWhatIsDoneInWhichOrder(): void
    {
        $keys = static fn(Acclimation $plan): array => array_map(static fn(ArrivalStep $step): string => $step->key, $plan->steps());
        self::assertSame(['dark', 'float', 'cups', 'over', 'after'], $keys(Acclimation::plan('fish', 400.0, 420.0, 1.0, 2.0, 0.0, null, null, 2.0, 24.0)));
        self::assertSame(
            ['dark', 'float', 'bucket', 'drip', 'over_bucket', 'after'],
            $keys(Acclimation::plan('fish', 900.0, 300.0, 0.6, 2.0, 0.0, null, null, 2.0, 24.0)),
        );
        self::assertSame(
            ['dark', 'float', 'clean_water', 'into_clean', 'from_clean', 'drip', 'over_bucket', 'after'],
            $keys(Acclimation::plan('fish', 900.0, 300.0, 0.6, 20.0, null, null, null, 2.0, 24.0)),
        );
        // Nobody knows how far the waters are apart: the longest way, and no figure for a meter.
        $blind = Acclimation::plan('fish', 900.0, 300.0, 0.6, 20.0, null, null, null, 2.0, 24.0, false);
        self::assertSame(['dark', 'float', 'bind', 'bucket', 'drip_unmeasured', 'over_bucket', 'after'], $keys($blind));
        self::assertSame([], $blind->along());
        // A bag is opened only once it is as warm as the tank, and never before the net is ready where it is old.
        self::assertSame(20, Acclimation::plan('fish', 900.0, 300.0, 0.6, 20.0, 0.0, null, null, 2.0, 24.0)->steps()[1]->minutes);
    }

    public function testADripLastsAnHourForFishAndNoMoreThanThreeForShrimp(): void
    {
        self::assertSame(60, Acclimation::MOST['fish']);
        self::assertGreaterThanOrEqual(120, Acclimation::MOST['shrimp']);
        self::assertLessThanOrEqual(180, Acclimation::MOST['shrimp']);
    }

    public function testOpeningAnOldBagFreesItsAmmonia(): void
    {
        $plan = Acclimation::plan('fish', 500.0, 400.0, 1.0, 30.0, 3.0, null, 7.5, 3.0, 25.0);
        // 3 meq/L with 40 mg/L of the gas stands at pH 6.87, with 0.8 at 8.57; pKa 9.25: 0.42 % and 17.4 % of 2.33 mg/L are free.
        self::assertEqualsWithDelta(0.0098, $plan->free[0], 0.0005);
        self::assertEqualsWithDelta(0.406, $plan->free[1], 0.01);
        self::assertGreaterThan($plan->free[2], $plan->free[1]);
    }

    public function testQuarantineIsFourWeeksForFishAndTwoToFourForShrimpAndPlants(): void
    {
        self::assertSame([28, 14, 42], Quarantine::days('fish'));
        self::assertSame([14, 28], array_slice(Quarantine::days('shrimp'), 1));
        self::assertSame([14, 28], array_slice(Quarantine::days('plant'), 1));
    }

    public function testACountFollowsWhatCameAndWentAndStartsAnewWhenAllAreCounted(): void
    {
        $count = 0;
        foreach ([
            [CountKind::Came, 12], [CountKind::Died, 2], [CountKind::Born, 30], [CountKind::Went, 5], [CountKind::Counted, 28], [CountKind::Died, 40],
        ] as [$kind, $many]) {
            $count = $kind->after($count, $many);
            $counts[] = $count;
        }
        self::assertSame([12, 10, 40, 35, 28, 0], $counts);
    }

    public function testTheFirstFishAreAsManyAsTheFilterHasShownToBear(): void
    {
        $tetra = AnimalKinds::of('tetra');
        // 0.012 * 4.5^3 = 1.0935 g; 2 % of it 21.9 mg of food; 42 % protein, 16 % nitrogen, 70 % given off: 1.029 mg N a day.
        self::assertEqualsWithDelta(1.0935, $tetra->grams(), 1e-6);
        self::assertEqualsWithDelta(21.87, $tetra->food(), 1e-6);
        // Half of 0.3 mg/L in 100 L: 15 mg, 14.6 fish.
        self::assertSame(14, Stocking::first($tetra, 0.3, 100.0));
        self::assertSame(0, Stocking::first($tetra, 0.0, 100.0));
        self::assertSame(10, Stocking::first(AnimalKinds::of('nerite'), 0.3, 100.0));
        self::assertSame(20, Stocking::first(AnimalKinds::of('hardy_shrimp'), 0.3, 100.0));
        self::assertSame(5, Stocking::first(AnimalKinds::of('hardy_shrimp'), 0.3, 10.0));
    }

    public function testKindsAreKeptWarmAndHardWithinWhatLives(): void
    {
        self::assertGreaterThanOrEqual(20, count(AnimalKinds::all()));
        foreach (AnimalKinds::all() as $kind) {
            self::assertContains($kind->sort, ['fish', 'shrimp', 'snail']);
            self::assertGreaterThan($kind->celsius[0], $kind->celsius[1]);
            self::assertGreaterThan($kind->hardness[0], $kind->hardness[1]);
            self::assertGreaterThan(0.0, $kind->food());
            self::assertGreaterThanOrEqual(1, $kind->least);
        }
    }

    public function testABagWithoutWaterIsAFault(): void
    {
        $this->expectException(LivestockFault::class);
        Acclimation::plan('fish', 400.0, 420.0, 0.0, 2.0, 0.0, 7.2, 7.3, 2.0, 24.0);
    }

    public function testABagWhoseAmmoniumNobodyReadIsTakenToHaveNone(): void
    {
        self::assertSame([0.0, 0.0], array_slice(Acclimation::plan('fish', 400.0, 300.0, 1.0, 20.0, null, null, null, 2.0, 24.0)->free, 0, 2));
        self::assertGreaterThan(0.0, Acclimation::plan('fish', 400.0, 300.0, 1.0, 20.0, 1.0, null, null, 2.0, 24.0)->free[1]);
    }
}
