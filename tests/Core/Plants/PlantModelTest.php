<?php

declare(strict_types=1);

namespace Tests\Core\Plants;

use Cresco\Core\Light\LampKind;
use Cresco\Core\Light\LampModel;
use Cresco\Core\Light\LightField;
use Cresco\Core\Plants\FailingGroup;
use Cresco\Core\Plants\GrowingGroup;
use Cresco\Core\Plants\GrowthForm;
use Cresco\Core\Plants\LearnedRate;
use Cresco\Core\Plants\LightDemand;
use Cresco\Core\Plants\PlantCatalogue;
use Cresco\Core\Plants\PlantModel;
use Cresco\Core\Plants\PlantsFault;
use Cresco\Core\Plants\RemedyOption;
use Cresco\Core\Plants\TrimReason;
use Cresco\Core\Plants\WeighedOption;
use Cresco\Core\Tank\Rectangle;
use Cresco\Core\Tank\SubstrateLayer;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PlantModelTest extends TestCase
{
    /** @param array{float, float, float, float} $place left, right, front, back */
    private static function stand(
        int $key,
        GrowthForm $form,
        array $place,
        float $height,
        float $rate,
        ?float $wished = null,
        LightDemand $demand = LightDemand::Middling,
        float $cover = 1.0,
        float $doubling = 0.0,
        ?float $planted = null,
        float $off = 5.0,
    ): GrowingGroup {
        $ceiling = $form->entry()->ceiling ?? 450.0;

        return new GrowingGroup(
            $key,
            $form->value.' '.$key,
            $form,
            $demand,
            $place[0],
            $place[1],
            $place[2],
            $place[3],
            $height,
            $off,
            $cover,
            $ceiling,
            LearnedRate::guess(max(0.01, $rate)),
            $doubling,
            $wished,
            planted: $planted,
        );
    }

    private static function planting(GrowingGroup ...$plantGroups): PlantModel
    {
        return self::under(160.0, ...$plantGroups);
    }

    private static function under(float $flux, GrowingGroup ...$plantGroups): PlantModel
    {
        return new PlantModel(
            array_values($plantGroups),
            new LightField([new LampModel(LampKind::Panel, $flux, 800.0, 300.0, 60.0)], new Rectangle(900.0, 400.0)),
            360.0,
            new SubstrateLayer(60.0, 40.0, 0.4),
        );
    }

    public function testAStandIsDueOnTheDayOnWhichItsCurveMeetsTheNearestLimitAndTheBandIsThatOfItsRate(): void
    {
        // Wished 150: due at 165. From 100 at 40 mm a week towards 450: (450 / 160) (ln(165 / 285) - ln(100 / 350)) = 1.986 weeks.
        $due = self::planting(self::stand(1, GrowthForm::Stem, [0.0, 0.3, 0.6, 1.0], 100.0, 40.0, 150.0, off: 0.0))
            ->due(self::stand(1, GrowthForm::Stem, [0.0, 0.3, 0.6, 1.0], 100.0, 40.0, 150.0, off: 0.0));

        self::assertNotNull($due);
        self::assertSame(TrimReason::Wish, $due->reason);
        self::assertEqualsWithDelta(165.0, $due->limit, 1e-9);
        // The rate is off by a factor of 1.6 and the stretch by one of e to the 0.15: exp(1.2816 times the root of 0.4700 and 0.15 squared)
        // is 1.882, either way.
        self::assertSame((int) floor(7.0 * 1.986 / 1.882), $due->due->from);
        self::assertSame((int) ceil(7.0 * 1.986 * 1.882), $due->due->until);
    }

    public function testWithoutAWishStemsAreDueBelowTheSurface(): void
    {
        $stem = self::stand(1, GrowthForm::Stem, [0.0, 0.3, 0.9, 1.0], 200.0, 40.0);
        $planting = self::planting($stem);

        // The substrate is 59 mm deep there: 360 - 59 - 30.
        self::assertSame(TrimReason::Surface, $planting->due($stem)?->reason);
        self::assertEqualsWithDelta(271.0, $planting->due($stem)->limit, 1e-9);
    }

    public function testANewStandIsPinchedWhenItHasDoubledSoThatItBranches(): void
    {
        $stem = self::stand(1, GrowthForm::Stem, [0.0, 0.3, 0.6, 1.0], 130.0, 40.0, planted: 60.0);
        $planting = self::planting($stem);

        self::assertSame(TrimReason::Branch, $planting->due($stem)?->reason);
        self::assertTrue($planting->due($stem)->due->isNow());
        self::assertLessThanOrEqual(60.0, $planting->cut($stem)->to);
    }

    public function testOneThatTakesTheLightOfAnotherIsDueBeforeThatFallsBelowItsNeed(): void
    {
        $low = self::stand(1, GrowthForm::Carpet, [0.2, 0.5, 0.3, 0.7], 20.0, 1.0, demand: LightDemand::Much);
        $tall = self::stand(2, GrowthForm::Stem, [0.2, 0.5, 0.3, 0.7], 120.0, 40.0);
        $planting = self::planting($low, $tall);
        $due = $planting->due($tall);

        self::assertNotNull($due);
        self::assertSame(TrimReason::Shade, $due->reason);
        self::assertSame(1, $due->shaded);
        // At that very height it has what it needs; a hand taller, less.
        self::assertEqualsWithDelta(60.0, $planting->lightAt($low, 0.0, [1 => 20.0, 2 => $due->limit]), 0.1);
        self::assertLessThan(60.0, $planting->lightAt($low, 0.0, [1 => 20.0, 2 => $due->limit + 90.0]));
    }

    public function testACutComesBackToTheWishOnTheWishedDay(): void
    {
        $stem = self::stand(1, GrowthForm::Stem, [0.0, 0.3, 0.6, 1.0], 260.0, 40.0, 200.0);
        $cut = self::planting($stem)->cut($stem, 21);

        self::assertEqualsWithDelta(200.0, $stem->at($cut->to)->heightIn(21.0), 0.01);
        self::assertNotNull($cut->full);
        self::assertLessThanOrEqual(21, $cut->full[0]);
        self::assertGreaterThanOrEqual(21, $cut->full[1]);
    }

    public function testFloatingPlantsAreTakenDownToTheCoverFromWhichTheyAreBackAtTheirLimit(): void
    {
        $float = self::stand(1, GrowthForm::Floating, [0.0, 1.0, 0.0, 1.0], 20.0, 0.01, cover: 0.7, doubling: 8.0);
        $planting = self::planting($float);

        self::assertSame(TrimReason::Cover, $planting->due($float)?->reason);
        // 0.5 fourteen days later at a doubling of eight: 1 / (1 + 2^(14/8)) = 0.2292.
        self::assertEqualsWithDelta(0.2292, $planting->cut($float)->cover, 1e-4);
    }

    public function testFloatingPlantsThatDoNotSpreadAreDueOnlyWhereTheyCoverTooMuch(): void
    {
        $few = self::stand(1, GrowthForm::Floating, [0.0, 1.0, 0.0, 1.0], 20.0, 0.01, cover: 0.49);
        $many = self::stand(1, GrowthForm::Floating, [0.0, 1.0, 0.0, 1.0], 20.0, 0.01, cover: 0.7);

        self::assertNull(self::planting($few)->due($few));
        self::assertTrue(self::planting($many)->due($many)?->due->isNow());
        // And are taken down to the limit itself, from which they do not come back.
        self::assertSame(0.5, self::planting($many)->cut($many)->cover);
        self::assertNull(self::planting($many)->cut($many)->full);
    }

    public function testARibbonIsThinnedAtTheBaseAndNotDueForItsLength(): void
    {
        // It lies over at the surface, passes its wish, and takes nobody's light.
        $alone = self::stand(1, GrowthForm::Ribbon, [0.0, 0.1, 0.8, 1.0], 440.0, 40.0, 200.0, doubling: 45.0);
        self::assertNull(self::planting($alone)->due($alone));
        self::assertEqualsWithDelta(0.0, self::planting($alone)->cut($alone)->share, 1e-9);

        $low = self::stand(2, GrowthForm::Carpet, [0.2, 0.5, 0.3, 0.7], 20.0, 1.0, demand: LightDemand::Middling);
        $dense = self::stand(1, GrowthForm::Ribbon, [0.2, 0.5, 0.3, 0.7], 300.0, 40.0, doubling: 45.0);
        $planting = self::under(22.0, $low, $dense);
        $due = $planting->due($dense);
        self::assertSame(TrimReason::Dense, $due?->reason);
        self::assertSame(2, $due->shaded);
        // At just that cover the neighbour has what it asks for.
        self::assertEqualsWithDelta(30.0, self::under(22.0, $low, $dense->at(300.0, $due->limit))->lightAt($low, 0.0), 0.1);
        $cut = $planting->cut($dense);
        self::assertEqualsWithDelta(300.0, $cut->to, 1e-9);
        self::assertLessThan(1.0, $cut->cover);
        self::assertGreaterThanOrEqual(0.67 - 1e-9, $cut->cover);
        self::assertGreaterThan($planting->lightAt($low, 0.0), $planting->gained($low, $cut));
        // Thinned down to below its limit it is not due again on the same day.
        $thinned = $dense->at(300.0, 0.9 * $due->limit);
        self::assertGreaterThan(0, self::under(22.0, $low, $thinned)->due($thinned)?->due->from);
    }

    public function testLeavesOfARosetteGoByAThirdAtMostAndACarpetByHalf(): void
    {
        $rosette = self::stand(1, GrowthForm::Rosette, [0.0, 0.2, 0.3, 0.5], 240.0, 8.0, 100.0);
        $carpet = self::stand(2, GrowthForm::Carpet, [0.3, 0.8, 0.0, 0.3], 39.0, 5.0);
        $planting = self::planting($rosette, $carpet);

        self::assertEqualsWithDelta(0.33, $planting->cut($rosette)->share, 1e-9);
        self::assertLessThan(0.5, $planting->cut($carpet)->share);
        self::assertEqualsWithDelta(0.5, $planting->cut($carpet, 60)->share, 1e-9);
    }

    public function testTheMassThatIsCutIsThatOfItsPlanAndHeight(): void
    {
        // 0.3 x 0.4 of 900 x 400 mm is 0.0432 m2; 200 g/m2 at 302 mm of water; from 300 to 150 it is half of nearly all.
        $stem = self::stand(1, GrowthForm::Stem, [0.0, 0.3, 0.6, 1.0], 300.0, 40.0);
        $planting = self::planting($stem);
        $cut = $planting->cut($stem, 14, 150.0);

        $room = 360.0 - 56.0;
        self::assertEqualsWithDelta(200.0 * 0.0432 * 150.0 / $room / 0.07, $cut->fresh, 1e-6);
        // Tops at 20 mm on 0.0432 m2.
        self::assertSame(108, $cut->tops);
    }

    /** Stands at random over one tank, some of them taller, some floating. */
    private static function some(int $seed): PlantModel
    {
        mt_srand($seed);
        $plantGroups = [];
        for ($i = 1; $i <= 8; ++$i) {
            $left = mt_rand(0, 70) / 100.0;
            $front = mt_rand(0, 60) / 100.0;
            $form = GrowthForm::cases()[mt_rand(0, count(GrowthForm::cases()) - 1)];
            $plantGroups[] = self::stand(
                $i,
                $form,
                [$left, $left + 0.3, $front, $front + 0.4],
                (float) mt_rand(1, 300),
                (float) mt_rand(1, 80),
                mt_rand(0, 1) ? (float) mt_rand(60, 250) : null,
                LightDemand::cases()[mt_rand(0, 2)],
                mt_rand(1, 100) / 100.0,
                $form === GrowthForm::Floating ? 6.0 : 0.0,
            );
        }

        return self::planting(...$plantGroups);
    }

    public function testCuttingNeverRaisesTheShadeOnAnother(): void
    {
        for ($seed = 1; $seed <= 30; ++$seed) {
            $planting = self::some($seed);
            foreach ($planting->plantGroups as $plantGroup) {
                $cut = $planting->cut($plantGroup);
                foreach ($planting->plantGroups as $other) {
                    if ($other->key !== $plantGroup->key) {
                        self::assertGreaterThanOrEqual($planting->lightAt($other, 0.0) - 1e-9, $planting->gained($other, $cut));
                    }
                }
            }
        }
    }

    public function testNothingDependsOnTheOrderInWhichStandsAreTold(): void
    {
        for ($seed = 1; $seed <= 10; ++$seed) {
            $planting = self::some($seed);
            $turned = new PlantModel(array_reverse(array_values($planting->plantGroups)), $planting->light, $planting->water, $planting->bed);

            self::assertEquals($planting->dues(), $turned->dues());
            foreach ($planting->plantGroups as $plantGroup) {
                self::assertEqualsWithDelta($planting->lightAt($plantGroup, 10.0), $turned->lightAt($plantGroup, 10.0), 1e-9);
            }
        }
    }

    public function testACutLeavesSomethingAndNoMoreThanThereWas(): void
    {
        for ($seed = 1; $seed <= 30; ++$seed) {
            $planting = self::some($seed);
            foreach ($planting->plantGroups as $plantGroup) {
                $cut = $planting->cut($plantGroup, [1, 28, 400][$seed % 3]);
                self::assertGreaterThan(0.0, min($cut->to, $cut->cover));
                self::assertLessThanOrEqual($plantGroup->height, $cut->to);
                self::assertLessThanOrEqual($plantGroup->cover, $cut->cover);
                self::assertGreaterThanOrEqual(0.0, $cut->fresh);
            }
        }
    }

    public function testWhatPausesIsDueLaterByAsMuch(): void
    {
        $at = static fn(float $pause): GrowingGroup => new GrowingGroup(
            1,
            'stems',
            GrowthForm::Stem,
            LightDemand::Middling,
            0.0,
            0.3,
            0.6,
            1.0,
            100.0,
            0.0,
            1.0,
            450.0,
            LearnedRate::guess(40.0),
            wished: 150.0,
            pause: $pause,
        );

        self::assertSame((self::planting($at(0.0))->due($at(0.0))->due->from ?? 0) + 10, self::planting($at(10.0))->due($at(10.0))?->due->from);
        self::assertSame(100.0, $at(10.0)->heightIn(9.0));
    }

    public function testTheWorkingOfAHeightComesToTheHeightThatIsDrawnWithItsBand(): void
    {
        $plantGroup = self::stand(1, GrowthForm::Stem, [0.0, 0.3, 0.6, 1.0], 100.0, 40.0, off: 10.0);
        $height = $plantGroup->working(14.0)->endingAt('h')->estimate();

        self::assertEqualsWithDelta($plantGroup->heightIn(14.0), $plantGroup->working(14.0)->value('h'), 1e-6);
        // Two weeks at 40 mm a week, a factor of 1.826 either way: 450 / (1 + 3.5 exp(-0.389)) = 133 and 450 / (1 + 3.5 exp(-1.299)) = 230; the tape of 10 mm
        // widens that by a little.
        self::assertEqualsWithDelta(133.0, $height->low(), 10.0);
        self::assertLessThan(133.5, $height->low());
        self::assertEqualsWithDelta(230.0, $height->high(), 12.0);
    }

    public function testInTheDarkNoLightIsEnoughAndALongDayAsksForLess(): void
    {
        self::assertSame(INF, PlantModel::asks(LightDemand::Much, 0.0));
        self::assertEqualsWithDelta(60.0, PlantModel::asks(LightDemand::Much, 8.0), 1e-9);
        self::assertEqualsWithDelta(40.0, PlantModel::asks(LightDemand::Much, 12.0), 1e-9);
    }

    public function testSinceWhenItIsShortOfLightFollowsFromTheCurves(): void
    {
        $low = self::stand(1, GrowthForm::Rosette, [0.0, 0.2, 0.6, 1.0], 60.0, 0.02, demand: LightDemand::Much);
        $tall = self::stand(2, GrowthForm::Stem, [0.0, 0.3, 0.5, 1.0], 290.0, 60.0);
        $planting = self::under(80.0, $low, $tall);
        $days = $planting->shortFor($low);

        self::assertNotNull($days);
        self::assertGreaterThan(0, $days);
        self::assertLessThan(60.0, $planting->lightAt($low, (float) -($days - 3)));
        self::assertGreaterThanOrEqual(60.0, $planting->lightAt($low, (float) -$days));
        self::assertSame(0, $planting->shortFor($tall));
        self::assertNull($planting->shortFor($low, 3));
    }

    public function testOneThatStarvesUnderAnotherIsFreedMovedOrChangedAndOneThatDoesWellIsLeft(): void
    {
        $low = self::stand(1, GrowthForm::Rosette, [0.0, 0.2, 0.6, 1.0], 60.0, 5.0, demand: LightDemand::Much);
        $tall = self::stand(2, GrowthForm::Stem, [0.0, 0.3, 0.5, 1.0], 290.0, 40.0);
        $planting = self::under(80.0, $low, $tall);
        $failing = FailingGroup::of($planting, $low);

        self::assertNotNull($failing);
        self::assertTrue($failing->isDark);
        self::assertSame(RemedyOption::Uncover, $failing->options[0]->way);
        self::assertSame(2, $failing->options[0]->other);
        $moved = array_values(array_filter($failing->options, static fn(WeighedOption $option): bool => $option->way === RemedyOption::Move));
        // Elsewhere nothing stands over it, and it has what it asks for.
        self::assertCount(1, $moved);
        self::assertGreaterThan(60.0, $moved[0]->light);
        self::assertGreaterThan(0.3, $moved[0]->across ?? 0.0);
        self::assertSame(RemedyOption::Remove, $failing->options[count($failing->options) - 1]->way);
        self::assertNull(FailingGroup::of($planting, $tall));
    }

    public function testAnotherKindForADarkPlaceGrowsInTheSameFormAndAsksForLess(): void
    {
        $low = self::stand(1, GrowthForm::Rosette, [0.0, 0.2, 0.6, 1.0], 60.0, 5.0, demand: LightDemand::Much);
        $tall = self::stand(2, GrowthForm::Stem, [0.0, 0.3, 0.5, 1.0], 290.0, 40.0);
        $proposed = 0;
        foreach (range(20, 600, 20) as $light) {
            foreach (FailingGroup::of(self::under((float) $light, $low, $tall), $low)->options ?? [] as $option) {
                foreach ($option->kinds as $kind) {
                    self::assertSame([RemedyOption::Change, GrowthForm::Rosette], [$option->way, $kind->form]);
                    self::assertLessThan(LightDemand::Much->need(), $kind->demand->need());
                    // There is light enough for it there.
                    self::assertGreaterThanOrEqual($kind->demand->need() / LightDemand::Much->need(), $option->light / $low->demand->need() + 1e-9);
                    ++$proposed;
                }
            }
        }
        self::assertGreaterThan(3, $proposed);
    }

    public function testOneThatGrowsAtAThirdOfWhatItsLightAllowsIsSlow(): void
    {
        $slow = LearnedRate::of(60.0, 450.0, array_fill(0, 5, [100.0, 112.0, 2.0]));
        $plantGroup = self::stand(1, GrowthForm::Stem, [0.0, 0.3, 0.6, 1.0], 110.0, 40.0)->growing($slow);
        $failing = FailingGroup::of(self::planting($plantGroup), $plantGroup);

        self::assertTrue($failing?->isSlow);
        self::assertFalse($failing->isDark);
    }

    public function testStemsAtTheSurfaceLieOverTowardTheLampAndTakeMoreLight(): void
    {
        $low = self::stand(1, GrowthForm::Carpet, [0.32, 0.5, 0.5, 1.0], 20.0, 1.0);
        $stem = static fn(float $height): GrowingGroup => self::stand(2, GrowthForm::Stem, [0.0, 0.3, 0.5, 1.0], $height, 40.0);

        self::assertSame([], self::planting($low, $stem(280.0))->shades($low, 0.0));
        self::assertNotSame([], self::planting($low, $stem(400.0))->shades($low, 0.0));
    }

    public function testThirtyKindsAreKnownEachByItsOwnNameWithARateThatFitsItsForm(): void
    {
        $kinds = PlantCatalogue::all();

        self::assertGreaterThanOrEqual(30, count($kinds));
        self::assertCount(count($kinds), array_unique(array_map(static fn($kind): string => $kind->name, $kinds)));
        foreach ($kinds as $key => $kind) {
            self::assertSame($key, $kind->key);
            self::assertMatchesRegularExpression('/^[A-Z][a-z]+( [a-z]+( var\. [a-z]+| “[a-z]+”)?)?$/', $kind->name);
            self::assertTrue($kind->form->entry()->floats || $kind->usualRate() > 0.0, $kind->name);
        }
    }

    /** @return iterable<string, array{callable(): mixed}> */
    public static function wrong(): iterable
    {
        $stem = self::stand(1, GrowthForm::Stem, [0.0, 0.3, 0.6, 1.0], 100.0, 40.0);
        yield 'outside the glass' => [static fn() => self::stand(1, GrowthForm::Stem, [0.8, 1.1, 0.6, 1.0], 100.0, 40.0)];
        yield 'no area' => [static fn() => self::stand(1, GrowthForm::Stem, [0.3, 0.3, 0.6, 1.0], 100.0, 40.0)];
        yield 'a cut above the height' => [static fn() => self::planting($stem)->cut($stem, 14, 101.0)];
        yield 'a cut to nothing' => [static fn() => self::planting($stem)->cut($stem, 14, 0.0)];
        yield 'no water' => [static fn() => new PlantModel([$stem], self::planting($stem)->light, 1.0, self::planting($stem)->bed)];
        yield 'water as deep as a lake' => [static fn() => new PlantModel([$stem], self::planting($stem)->light, 1e5, self::planting($stem)->bed)];
        yield 'a cut that has to last no day' => [static fn() => self::planting($stem)->cut($stem, 0)];
        yield 'no height' => [static fn() => $stem->at(0.0)];
        yield 'a cover of nothing' => [static fn() => $stem->at(100.0, 0.0)];
    }

    /** @param callable(): mixed $make */
    #[DataProvider('wrong')]
    public function testWhatCannotBeIsAFault(callable $make): void
    {
        $this->expectException(PlantsFault::class);
        $make();
    }
}
