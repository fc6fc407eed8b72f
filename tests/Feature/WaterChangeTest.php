<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Checklist;
use App\Models\SwitchTick;
use App\Models\Tank;
use App\Tanks\UsualWaterQuery;
use App\WaterChange\AmountField;
use App\WaterChange\ChangeDraft;
use App\WaterChange\ChangeInput;
use App\WaterChange\ChangeReason;
use App\WaterChange\DraftChange;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;

final class WaterChangeTest extends FeatureCase
{
    private const PART = ['HX-Request' => 'true'];

    public function testAReasonBecomesLitresAndAForecast(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $page = $this->actingAs($keeper)->get("/tanks/$tank->id/water-change?reason=amount&way=litres&litres=30")->assertOk();

        // 100 L of conductivity 330 with 30 L of 390: 348.
        $page->assertSee('30')->assertSee('348')->assertSee('Start the checklist');
        $page->assertSee('Heater runs dry at this level.');
    }

    /** @return iterable<string, array{string, array<string, string>}> the same change in four ways */
    public static function ways(): iterable
    {
        yield 'litres' => ['litres', ['litres' => '25']];
        yield 'percent' => ['percent', ['percent' => '25']];
        // 25 L of a 500 x 500 mm plan are 100 mm; the water stands 20 mm under the rim.
        yield 'mark' => ['mark', ['mark' => '120']];
        yield 'buckets of twelve litres' => ['buckets', ['buckets' => '2,0833333']];
    }

    /** @param array<string, string> $typed */
    #[DataProvider('ways')]
    public function testAnAmountCanBeSaidInFourWays(string $way, array $typed): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->get("/tanks/$tank->id/water-change?".http_build_query(['reason' => 'amount', 'way' => $way] + $typed), self::PART)
            ->assertOk()
            ->assertSee('data-litres="25"', false)
            ->assertSee('data-percent="25"', false)
            ->assertSee('data-mark="120"', false)
            ->assertSee('data-buckets="2.1"', false);
    }

    public function testTheMarkLiesUnderTheWaterlineOfToday(): void
    {
        [$keeper, $tank] = $this->readyTank();
        // 500 by 500 mm are 4 mm a litre. Filled to 20 mm under the rim, 25 L reach down to 120; with 10 mm gone by air, to 130, and 2.5 L more fill it up.
        foreach ([['20', '120', 25.0], ['30', '130', 27.5]] as [$waterline, $mark, $refill]) {
            $this->actingAs($keeper)->get("/tanks/$tank->id/water-change?reason=amount&way=litres&litres=25&waterline=$waterline", self::PART)
                ->assertOk()->assertSee('data-mark="'.$mark.'"', false)->assertSee('data-litres="25"', false);
            $checklist = $this->writeRun($keeper, $tank, ['reason' => 'amount', 'way' => 'litres', 'litres' => '25', 'waterline' => $waterline]);
            self::assertEqualsWithDelta([(float) $mark, $refill, 25.0], [$checklist->plan->mark, $checklist->plan->refill, $checklist->plan->out], 0.01);
        }
    }

    public function testNitrateUnderAGoalInNineOfTen(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->get("/tanks/$tank->id/water-change?reason=nitrate&nitrate_goal=25", self::PART)
            ->assertOk()->assertSee('certainty.')->assertSee('is enough; allowing for test error');
        $draft = app(DraftChange::class)(
            $tank->fresh(['devices', 'keeper']) ?? $tank,
            new ChangeInput(
                ChangeReason::Nitrate,
                25.0,
                null,
                ChangeInput::TREATMENT_OUT,
                AmountField::Litres,
                null,
                1,
                UsualWaterQuery::of($tank),
                null,
                0.0,
                $tank->water_below_rim,
                null,
            ),
        );
        $after = $draft->forecast->outlook(Parameter::Nitrate)->after();
        self::assertNotNull($after);
        self::assertEqualsWithDelta(25.0, $after->quantile(0.9), 0.3);
        self::assertLessThan(23.0, $after->central());
    }

    public function testATreatmentThatLowWaterBoundsIsDrainedTwice(): void
    {
        [$keeper, $tank] = $this->readyTank();
        // Tall fish leave little to drain: a treatment goes out in two drains of one session, nitrate has time for a series.
        $tank->update(['fish_height' => 250.0]);
        $twice = 'Two changes of 50 % in a row replace 75 %.';
        $this->actingAs($keeper)->get("/tanks/$tank->id/water-change?reason=treatment&treatment_out=75", self::PART)->assertOk()->assertSeeText($twice);
        $this->get("/tanks/$tank->id/water-change?reason=nitrate&nitrate_goal=8", self::PART)->assertOk()->assertDontSeeText($twice);
    }

    public function testAWaterThatLeadsAwayFromWhatTheAnimalsAreKeptAtIsNamed(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $head = (string) __('change.away.head');
        $sheet = fn(string $litres): TestResponse => $this->actingAs($keeper)
            ->get("/tanks/$tank->id/water-change?reason=amount&way=litres&litres=$litres", self::PART)->assertOk();
        // Nine drops and seven are a GH of 8.5 and 6.5, in mmol/L 1.52 of the tap and 1.16 of the tank.
        foreach ([[[1.0, 1.4], true], [[1.0, 1.6], false], [[1.7, 3.0], false], [[0.2, 0.9], true]] as [$range, $isNamed]) {
            $tank->update(['limits' => [
                'ranges' => ['general_hardness' => $range, 'carbonate_hardness' => [0.1, 5.0], 'conductivity' => [50.0, 900.0]], 'swings' => [],
            ]]);
            $isNamed ? $sheet('30')->assertSeeText($head) : $sheet('30')->assertDontSeeText($head);
        }
        // A cup of it leads nowhere.
        $sheet('1')->assertDontSeeText($head);
    }

    public function testAChangeIsCutToThePhThatTheAnimalsStandAtOnce(): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        // Soft and sour in the tank, hard and alkaline in the tap; KH and GH may jump as they like.
        $this->read($keeper, $tank, ['ph' => '6.0', 'carbonate_hardness' => '1', 'nitrate' => '60']);
        $this->read($keeper, $water, ['ph' => '8.0', 'carbonate_hardness' => '10']);
        $draft = fn(float $ph): ChangeDraft => app(DraftChange::class)(
            tap(
                $tank->fresh(['devices', 'keeper']) ?? $tank,
                static fn(Tank $fresh): bool => $fresh->update(['limits' => [
                    'ranges' => [], 'swings' => ['ph' => $ph, 'general_hardness' => 50.0, 'carbonate_hardness' => 50.0, 'conductivity' => 1.0],
                ]]),
            ),
            new ChangeInput(
                ChangeReason::Treatment,
                ChangeInput::NITRATE_GOAL,
                null,
                0.6,
                AmountField::Litres,
                null,
                1,
                UsualWaterQuery::of($tank),
                null,
                0.0,
                $tank->water_below_rim,
                null,
            ),
        );
        foreach ([0.3, 0.6] as $allowed) {
            $cut = $draft($allowed);
            self::assertSame(Parameter::Acidity, $cut->allowed->by);
            self::assertEqualsWithDelta($cut->allowed->share, $cut->share(), 1e-3);
            self::assertLessThan(0.6, $cut->share());
            $outlook = $cut->forecast->outlook(Parameter::Acidity);
            $moved = max(
                abs(($outlook->after()?->central() ?? 0.0) - ($outlook->now?->central() ?? 0.0)),
                abs(($outlook->nextDay()?->central() ?? 0.0) - ($outlook->now?->central() ?? 0.0)),
            );
            self::assertEqualsWithDelta($allowed, $moved, 0.03);
            self::assertGreaterThan(1, $cut->series);
        }
        self::assertNotSame(Parameter::Acidity, $draft(5.0)->allowed->by);
    }

    public function testAGoalOutOfReachIsNamed(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->get("/tanks/$tank->id/water-change?reason=nitrate&nitrate_goal=1", self::PART)
            ->assertOk()->assertSee('This water cannot reach that target.')->assertSee('is between the tank');
    }

    public function testMoreThanTheAnimalsStandBecomesASeries(): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $water->readings()->where('parameter', 'conductivity')->delete();
        $this->read($keeper, $water, ['conductivity' => '800']);
        $this->actingAs($keeper)->get("/tanks/$tank->id/water-change?reason=treatment&treatment_out=60", self::PART)
            ->assertOk()->assertSee('Not in one change.')->assertSee('conductivity allows')->assertSee('days apart');
    }

    public function testAMovePastALimitIsSaidInWords(): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $water->readings()->where('parameter', 'conductivity')->delete();
        $this->read($keeper, $water, ['conductivity' => '900']);
        $this->actingAs($keeper)->get("/tanks/$tank->id/water-change?reason=amount&way=percent&percent=60", self::PART)
            ->assertOk()->assertSee('Conductivity changes too much at once.')->assertSee("It would rise by 352.1\u{A0}µS/cm");
    }

    public function testAFigureBeyondTheUsualRangeIsMarked(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $url = "/tanks/$tank->id/water-change?reason=amount&way=percent&percent=20";
        $this->actingAs($keeper)->get($url, self::PART)->assertOk()->assertDontSee('for these animals');
        $tank->readings()->where('parameter', 'nitrate')->delete();
        $this->read($keeper, $tank, ['nitrate' => '80', 'temperature' => '19']);
        $this->get($url, self::PART)->assertOk()->assertSeeTextInOrder(['high for these animals', 'low for these animals']);
    }

    public function testFishThatCannotStandAreSeen(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->get("/tanks/$tank->id/water-change?reason=amount&way=percent&percent=95", self::PART)->assertOk()
            ->assertSee('Too shallow for the fish.');
    }

    public function testAmmoniumAndRisingPhRaiseTheAlarm(): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $this->read($keeper, $tank, ['ammonium' => '1-3', 'ph' => '7.9']);
        $this->read($keeper, $water, ['ph' => '8.6']);
        $this->actingAs($keeper)->get("/tanks/$tank->id/water-change?reason=amount&way=percent&percent=40", self::PART)->assertOk()
            ->assertSee('Free ammonia reaches the alarm level.');
    }

    public function testACensoredReadingSaysHowToReadIt(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->read($keeper, $tank, ['nitrate' => 'over 80']);
        $this->actingAs($keeper)->get("/tanks/$tank->id/water-change", self::PART)->assertOk()->assertSee('All we know is that')
            ->assertSee('The colour chart ends there. Mix the sample half and half with RO or');
    }

    public function testEveryFigureOpensToItsWorking(): void
    {
        [$keeper, $tank] = $this->readyTank();
        foreach ([
            'volume', 'share', 'nitrate.after', 'nitrate.next', 'ph.after', 'ph.next', 'conductivity.after', 'temperature.next', 'ammonia.after',
            'ammonia.next', 'stream', 'depth', 'routine',
        ] as $name) {
            $this->actingAs($keeper)->get("/tanks/$tank->id/water-change?working=$name", self::PART)->assertOk()->assertSee('What goes in')
                ->assertDontSee('Not worked out yet');
        }
        $this->get("/tanks/$tank->id/water-change?reason=nitrate&nitrate_goal=25&working=needed", self::PART)->assertSee('What would change it most');
        $this->get("/tanks/$tank->id/water-change?working=nothing.such", self::PART)->assertOk()->assertSee('Not worked out yet');
        $this->get("/tanks/$tank->id/water-change?working=nitrate.after")->assertOk()->assertSee('What goes in');
    }

    /** @return iterable<string, array{string, string, string}> field, typed, part of the message */
    public static function nonsense(): iterable
    {
        yield 'letters' => ['litres', 'lots', 'Enter a number in L'];
        yield 'empty' => ['litres', '', 'Enter a number.'];
        yield 'negative' => ['litres', '-5', 'Between 0 and 100 L'];
        yield 'more than the tank' => ['litres', '5000', 'Between 0 and 100 L'];
        yield 'over a hundred percent' => ['percent', '140', 'Between 0 and 100 %'];
        yield 'a mark above the water' => ['mark', '3', 'Between 20 and 420 mm'];
        yield 'a mark under the floor' => ['mark', '9000', 'Between 20 and 420 mm'];
        yield 'ten thousand digits' => ['litres', '9', ''];
        yield 'markup' => ['buckets', '<img src=x>', 'Enter a number in buckets'];
        yield 'half a drain' => ['drains', '1.5', 'A whole number'];
        yield 'a hundred drains' => ['drains', '100', 'Between 1 and 4 times.'];
        yield 'boiling water' => ['stream', '100', 'Between 0 and 40'];
        yield 'no such water' => ['water', '99999', 'Choose one of your source waters.'];
        yield 'a list for a number' => ['drains', 'array', 'A whole number'];
    }

    #[DataProvider('nonsense')]
    public function testNonsenseIsToldAtItsFieldAndTheLastFiguresStay(string $field, string $value, string $message): void
    {
        [$keeper, $tank] = $this->readyTank();
        $typed = match (true) {
            $value === 'array' => ['drains' => ['a' => 'b']],
            $message === '' => [$field => str_repeat($value, 10000)],
            default => [$field => $value],
        };
        $asked = ['reason' => 'amount', 'way' => in_array(
            $field,
            ['litres', 'percent', 'mark', 'buckets'],
            true,
        ) ? $field : 'litres'] + $typed + ['litres' => '20'];
        $query = http_build_query($asked);
        $part = $this->actingAs($keeper)->get("/tanks/$tank->id/water-change?$query", self::PART)->assertOk()->assertHeader('HX-Reswap', 'none');
        $part->assertSee('id="e-f-'.$field.'"', false)->assertDontSee('<svg', false);
        if ($message !== '') {
            $part->assertSee($message);
        }
        $this->get("/tanks/$tank->id/water-change?$query")->assertOk()->assertSee('<svg', false);
        $this->post("/tanks/$tank->id/checklists", $asked)->assertSessionHasErrors($field);
        self::assertSame(0, Checklist::query()->count());
    }

    public function testWithoutReadingsItStillDrawsAndSaysWhatIsMissing(): void
    {
        $keeper = $this->keeper();
        $tank = $this->tank($keeper, $this->water($keeper));
        $this->actingAs($keeper)->get("/tanks/$tank->id/water-change")->assertOk()->assertSee('until you test more.')->assertSee('KH, GH of Tap');
        $this->get("/tanks/$tank->id/water-change?reason=nitrate&nitrate_goal=20", self::PART)->assertOk()->assertSee('has not been tested yet');
    }

    public function testWithoutAWaterItAsksForOne(): void
    {
        $keeper = $this->keeper();
        $tank = $this->tank($keeper);
        $this->actingAs($keeper)->get("/tanks/$tank->id/water-change")->assertOk()->assertSee('Add a source water');
        $this->post("/tanks/$tank->id/checklists")->assertRedirect('/source-waters/new');
    }

    public function testABlendStandsBetweenItsParts(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $rain = $this->water($keeper, 'Rain barrel', 'rain');
        $this->read($keeper, $rain, ['conductivity' => '30', 'ph' => '6.2']);
        // Half of 390 and half of 30 is 216 by strength, halved to (210 straight); 40 L of it in 100 L of 330: 285.
        $this->actingAs($keeper)->get("/tanks/$tank->id/water-change?reason=amount&way=litres&litres=40&second_water=$rain->id&second_share=50", self::PART)
            ->assertOk()->assertSee('216')->assertSee('285');
    }

    public function testAReadingFromBeforeTheLastChangeGivesWayToItsForecast(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->travel(-3)->days();
        $checklist = $this->writeRun($keeper, $tank, ['reason' => 'amount', 'way' => 'litres', 'litres' => '50']);
        $this->finishRun($checklist, CarbonImmutable::now()->addHour(), CarbonImmutable::now()->addHours(2));
        $tank->readings()->update(['taken_at' => CarbonImmutable::now()->subHour()]);
        $this->travelBack();

        // Nitrate 30 with half of 5, and one day at 1 mg/L.
        $this->actingAs($keeper)->get("/tanks/$tank->id/water-change", self::PART)->assertOk()->assertSee('From the last forecast.');
    }

    public function testTheRunSheetIsWrittenFromWhatStandsThere(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank, ['reason' => 'amount', 'way' => 'litres', 'litres' => '30']);

        self::assertEqualsWithDelta(30.0, $checklist->plan->litres, 1e-6);
        self::assertEqualsWithDelta(140.0, $checklist->plan->mark, 0.01);
        self::assertSame(
            ['canister', 'heater'],
            $checklist->switches()->orderBy('device')->get()->map(fn(SwitchTick $tick): string => $tick->device->value)->all(),
        );
        $this->sheet($checklist)->assertSee('Look first');
    }

    public function testNothingToChangeWritesNothing(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->post("/tanks/$tank->id/checklists", ['reason' => 'amount', 'way' => 'litres', 'litres' => '0'])
            ->assertSessionHasErrors('litres');
        self::assertSame(0, Checklist::query()->count());
    }

    /** @return TestResponse<Response> */
    private function sheet(Checklist $checklist): TestResponse
    {
        return $this->get("/checklists/$checklist->id")->assertOk();
    }

    public function testWithoutAScriptTheFieldThatWasTypedIsTheOneThatCounts(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $page = (string) $this->actingAs($keeper)->get("/tanks/$tank->id/water-change")->assertOk()->getContent();
        // What the form sends by itself: the amounts as they stand, and what they stood at.
        preg_match_all('/<input type="hidden" name="(\w+_was)" value="([^"]*)"/', $page, $was);
        $sent = array_combine($was[1], $was[2]);
        self::assertSame(['litres_was', 'percent_was', 'mark_was', 'buckets_was'], array_keys($sent));
        foreach ($sent as $name => $value) {
            $sent[substr((string) $name, 0, -4)] = $value;
        }
        $sheet = (string) $this->get("/tanks/$tank->id/water-change?".http_build_query([
            'reason' => 'routine', 'way' => 'litres', 'percent' => '12',
        ] + $sent))->assertOk()->getContent();

        self::assertMatchesRegularExpression('/name="percent" value="12"/', $sheet);
        self::assertMatchesRegularExpression('/value="amount"\s+checked/', $sheet);
    }
}
