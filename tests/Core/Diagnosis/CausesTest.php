<?php

declare(strict_types=1);

namespace Tests\Core\Diagnosis;

use Cresco\Core\Diagnosis\Answers;
use Cresco\Core\Diagnosis\Cause;
use Cresco\Core\Diagnosis\Causes;
use Cresco\Core\Diagnosis\DiagnosticSigns;
use Cresco\Core\Diagnosis\IndependentCauses;
use Cresco\Core\Diagnosis\LeafCauses;
use Cresco\Core\Diagnosis\LeafSigns;
use Cresco\Core\Diagnosis\Observation;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class CausesTest extends TestCase
{
    public function testANewLampAndADugBedAreBothFoundLikely(): void
    {
        $hints = DiagnosticSigns::all();
        $answers = Answers::none()->with($hints['lamp_new'], Observation::YES)->with($hints['bed_dug'], Observation::YES)
            ->with($hints['ammonium_seen'], Observation::YES);
        $now = Causes::of($answers, ['thread' => 0.5, 'spirogyra' => 0.5])->posterior();
        self::assertGreaterThan(0.6, $now['light_strong']);
        self::assertGreaterThan(0.8, $now['ammonia']);
        self::assertLessThan(0.1, $now['heat']);
    }

    public function testAmmoniaIsAskedAfterBeforeAllElseUntilItIsRuledOut(): void
    {
        $hints = DiagnosticSigns::all();
        $next = Causes::of(Answers::none(), ['black_brush' => 1.0])->next();
        self::assertSame(['ammonium_seen', true], [$next?->sign->key, $next?->danger]);
        $next = Causes::of(Answers::none()->with($hints['ammonium_seen'], Observation::NO), ['black_brush' => 1.0])->next();
        self::assertNotSame('ammonium_seen', $next?->sign->key);
    }

    public function testTheKindMakesItsSuspectsLikelier(): void
    {
        $plain = Causes::of(Answers::none())->posterior();
        $brush = Causes::of(Answers::none(), ['black_brush' => 0.9])->posterior();
        self::assertEqualsWithDelta(0.1, $plain['gas_unsteady'], 1e-9);
        // 0.1 + 0.3 x 0.9 by hand.
        self::assertEqualsWithDelta(0.37, $brush['gas_unsteady'], 1e-9);
        self::assertEqualsWithDelta($plain['sun'], $brush['sun'], 1e-9);
    }

    public function testOneSignThatStandsForTwoCountsOnce(): void
    {
        $hints = DiagnosticSigns::all();
        $late = Causes::of(Answers::none()->with($hints['changes_late'], Observation::YES));
        $both = Causes::of(Answers::none()->with($hints['changes_late'], Observation::YES)->with($hints['away'], Observation::YES));
        self::assertCount(1, $both->counted());
        self::assertLessThan(0.95, $both->posterior()['changes_skipped']);
        self::assertGreaterThan(0.3, $late->posterior()['changes_skipped']);
    }

    public function testAnsweringNoToAllEndsAndLeavesNothingLikely(): void
    {
        $answers = Answers::none();
        for ($asked = 0; ($next = Causes::of($answers)->next()) !== null && $asked < 50; ++$asked) {
            $answers = $answers->with($next->sign, Observation::NO);
        }
        self::assertLessThan(30, $asked);
        self::assertLessThan(0.25, max(Causes::of($answers)->posterior()));
    }

    public function testOfTenCausesThatAreCalledLikelySevenToNineAre(): void
    {
        $chance = new Randomizer(new Mt19937(31));
        $said = $was = 0;
        foreach (Causes::all() as $key => $cause) {
            $shares = Cause::shares([$key => $cause], DiagnosticSigns::all());
            for ($case = 0; $case < 1500; ++$case) {
                $groups = [];
                $isAtWork = $chance->getInt(0, 9999) < 10_000 * $cause->prior;
                $answers = Answers::none();
                foreach ($cause->shares as $sign => $share) {
                    // Of those that tell the same thing one is asked.
                    $group = DiagnosticSigns::all()[$sign]->group;
                    if (($group === '' || !isset($groups[$group])) && $chance->getInt(0, 9) < 7) {
                        $answers = $answers->with(
                            DiagnosticSigns::all()[$sign],
                            $chance->getInt(0, 999) < 100.0 * ($isAtWork ? $share->with['yes'] : $share->without['yes']) ? Observation::YES : Observation::NO,
                        );
                        $groups[$group] = true;
                    }
                }
                $share = (new IndependentCauses(array_values(DiagnosticSigns::all()), [$key => $cause->prior], $shares, $answers))->posterior()[$key];
                if ($share >= 0.7 && $share < 0.9) {
                    ++$said;
                    $was += $isAtWork ? 1 : 0;
                }
            }
        }
        self::assertGreaterThan(100, $said);
        self::assertGreaterThan(0.7, $was / $said);
        self::assertLessThan(0.9, $was / $said);
    }

    public function testLeavesAreReadTogetherWithTheDiary(): void
    {
        $signs = LeafSigns::all();
        $pinholes = Answers::none()->with($signs['which'], 'old')->with($signs['pattern'], 'pinholes');
        self::assertSame('potassium', array_key_first(LeafCauses::of($pinholes)->ranked()));
        self::assertLessThan(0.6, LeafCauses::of($pinholes)->posterior()['potassium']);
        self::assertGreaterThan(0.7, LeafCauses::of($pinholes->with($signs['potassium_low'], Observation::YES))->posterior()['potassium']);
        $melting = Answers::none()->with($signs['planted_lately'], Observation::YES)->with($signs['new_sound'], Observation::YES)
            ->with($signs['pattern'], 'glassy');
        self::assertSame('transition', array_key_first(LeafCauses::of($melting)->ranked()));
        $pale = Answers::none()->with($signs['which'], 'new')->with($signs['leaf_colour'], 'pale');
        self::assertSame('iron', array_key_first(LeafCauses::of($pale)->ranked()));
        self::assertGreaterThanOrEqual(16, count(LeafCauses::all()));
        foreach (LeafCauses::all() as $cause) {
            self::assertSame([], array_diff(array_keys($cause->shares), array_keys($signs)), $cause->key);
        }
    }

    public function testConfirmedCasesMoveTheSharesOfACause(): void
    {
        $hints = DiagnosticSigns::all();
        $yes = Answers::none()->with($hints['sun'], Observation::YES);
        $default = Causes::of($yes)->posterior()['light_long'];
        // Ten confirmed cases of it without sun: 4 of 10 becomes 4 of 20 with it.
        $now = Causes::of($yes, [], ['light_long' => ['sun' => [[0, 10], [0, 0]]]]);
        self::assertLessThan($default, $now->posterior()['light_long']);
        self::assertEqualsWithDelta(0.0, $now->weights('light_long')['sun'], 1e-9);
        self::assertSame(['ammonia'], Cause::dangers(Causes::all()));
    }
}
