<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Devices\Devices;
use App\Models\Entry;
use App\Models\EntryKind;
use App\Models\Keeper;
use App\Models\Reading;
use App\Models\WaterChange;
use App\Tanks\TankWaterQuery;
use Carbon\CarbonImmutable;
use Cresco\Core\Diagnosis\Gauge;
use Cresco\Core\Measure\ExactValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\ReadingMethod;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

final class ReadingTest extends FeatureCase
{
    public function testASetIsKeptTogetherWithItsSpreads(): void
    {
        $keeper = $this->keeper();
        $tank = $this->tank($keeper);
        $this->actingAs($keeper)->post("/tanks/$tank->id/test", [
            'readings' => ['nitrate' => '20-40 nearer 20', 'carbonate_hardness' => '4', 'ph' => '6,82', 'temperature' => '', 'ammonium' => null],
            'taken_at' => '2026-03-01T18:30', 'note' => 'lamp on for two hours',
        ])->assertRedirect("/tanks/$tank->id/water-change");

        $entry = Entry::query()->with('readings')->sole();
        self::assertSame(EntryKind::Reading, $entry->kind);
        self::assertSame('lamp on for two hours', $entry->body);
        self::assertSame('2026-03-01 18:30', $entry->happened_at->format('Y-m-d H:i'));
        self::assertCount(3, $entry->readings);
        $nitrate = $entry->readings->firstWhere('parameter', Parameter::Nitrate);
        self::assertSame([ReadingMethod::Between, 25.0, 20.0, 40.0], [$nitrate?->method, $nitrate?->value, $nitrate?->low, $nitrate?->high]);
    }

    public function testOneBadReadingKeepsNothingAndLosesNothing(): void
    {
        $keeper = $this->keeper();
        $tank = $this->tank($keeper);
        $answer = $this->actingAs($keeper)->from("/tanks/$tank->id/test")->followingRedirects()
            ->post("/tanks/$tank->id/test", ['readings' => ['nitrate' => '20-40', 'ph' => 'sour', 'conductivity' => '-3']]);

        $answer->assertOk()->assertSee('“sour” is not a test result', false)->assertSee('value="20-40"', false)->assertSee('value="sour"', false);
        $this->assertDatabaseCount('entries', 0);
        $this->assertDatabaseCount('readings', 0);
    }

    public function testAnEmptyFormAsksForOne(): void
    {
        $keeper = $this->keeper();
        $tank = $this->tank($keeper);
        $this->actingAs($keeper)->post("/tanks/$tank->id/test", ['readings' => ['ph' => ' ']])->assertSessionHasErrors('readings.nitrate');
        $this->post("/tanks/$tank->id/test", [])->assertSessionHasErrors('readings');
        $this->post("/tanks/$tank->id/test", ['readings' => ['ph' => ['7']]])->assertSessionHasErrors('readings.ph');
    }

    public function testATimeToComeIsRefused(): void
    {
        $keeper = $this->keeper();
        $tank = $this->tank($keeper);
        $this->actingAs($keeper)->post("/tanks/$tank->id/test", ['readings' => ['ph' => '7'], 'taken_at' => '2999-01-01T10:00'])
            ->assertSessionHasErrors('taken_at');
        $this->post("/tanks/$tank->id/test", ['readings' => ['ph' => '7'], 'taken_at' => 'soon'])->assertSessionHasErrors('taken_at');
    }

    public function testTheHourIsTheKeepers(): void
    {
        $keeper = $this->keeper();
        $keeper->update(['timezone' => 'Pacific/Auckland']);
        $tank = $this->tank($keeper);
        $this->actingAs($keeper)->post("/tanks/$tank->id/test", ['readings' => ['ph' => '7'], 'taken_at' => '2026-07-01T09:00']);

        // New Zealand stands twelve hours ahead in July.
        self::assertSame('2026-06-30 21:00', Reading::query()->sole()->taken_at->format('Y-m-d H:i'));
        $this->get("/tanks/$tank->id/log")->assertSee('09:00');
    }

    public function testSourcesAreReadToo(): void
    {
        $keeper = $this->keeper();
        $water = $this->water($keeper, 'Rain barrel', 'rain');
        $this->actingAs($keeper)->get("/source-waters/$water->id/test")->assertOk()->assertSee('Test Rain barrel');
        $this->post("/source-waters/$water->id/test", ['readings' => ['conductivity' => '24']])->assertRedirect("/source-waters/$water->id");
        $this->get('/source-waters')->assertSee('24');

        self::assertSame($water->id, Reading::query()->sole()->source_water_id);
    }

    public function testATestedWaterLeadsOnToTheChangeThatItIsFor(): void
    {
        $keeper = $this->keeper();
        $water = $this->water($keeper);
        $tank = $this->tank($keeper, $water);
        $this->actingAs($keeper)->get("/tanks/$tank->id/water-change")->assertSee("/source-waters/$water->id/test?tank=$tank->id", false)
            ->assertSee('Test Tap');
        $this->get("/source-waters/$water->id/test?tank=$tank->id")->assertSee("action=\"/source-waters/$water->id/test?tank=$tank->id\"", false);
        $this->post("/source-waters/$water->id/test?tank=$tank->id", ['readings' => ['conductivity' => '24']])->assertRedirect("/tanks/$tank->id/water-change");
        // The only tank that it goes into; with a second one nobody knows which, and another keeper's is none.
        $this->post("/source-waters/$water->id/test", ['readings' => ['conductivity' => '24']])->assertRedirect("/tanks/$tank->id/water-change");
        $this->tank($keeper, $water);
        $this->post("/source-waters/$water->id/test", ['readings' => ['conductivity' => '24']])->assertRedirect("/source-waters/$water->id");
        $other = $this->tank($this->keeper('Lark'));
        $this->post("/source-waters/$water->id/test?tank=$other->id", ['readings' => ['conductivity' => '24']])->assertRedirect("/source-waters/$water->id");
    }

    public function testTheNewestReadingOfEachParameterStands(): void
    {
        $keeper = $this->keeper();
        $tank = $this->tank($keeper);
        $this->read($keeper, $tank, ['nitrate' => '10-20', 'ph' => '7.3'], CarbonImmutable::now()->subDays(2));
        $this->read($keeper, $tank, ['nitrate' => '40-80'], CarbonImmutable::now()->subDays(9));
        $this->read($keeper, $tank, ['ph' => '6.9'], CarbonImmutable::now()->subDay());

        $this->actingAs($keeper)->get("/tanks/$tank->id")->assertSee('id="now-nitrate">1', false)
            ->assertSee('tested '.$keeper->show()->day(CarbonImmutable::now()->subDays(2)))->assertSee('id="now-ph">6.9', false)->assertSee('tested yesterday');
    }

    public function testNitrateIsCarriedOnByWhatTheTankMakesAndAgreesOnEveryPage(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $tank->readings()->where('parameter', 'nitrate')->delete();
        $tank->update(['nitrate_per_day' => 2.0]);
        $this->read($keeper, $tank, ['nitrate' => '10'], CarbonImmutable::now()->subDays(6));
        $water = TankWaterQuery::of($tank->fresh()?->setRelation('keeper', $keeper) ?? $tank);
        // As read, and 6 d x 2 mg/L.
        self::assertEqualsWithDelta(
            12.0,
            $water->state()->central(Parameter::Nitrate, 0.0) - $water->readings['nitrate']->toCore()->distribution()->central(),
            1e-4,
        );
        self::assertTrue($water->isCarriedOn(Parameter::Nitrate));
        self::assertFalse($water->isCarried(Parameter::Nitrate));
        $now = $water->state()->get(Parameter::Nitrate) ?? new ExactValue(0.0);
        $figure = $keeper->show()->number(Parameter::Nitrate, $now->central(), ($now->quantile(0.9) - $now->quantile(0.1)) / 2.0);
        $this->actingAs($keeper)->get("/tanks/$tank->id")->assertSee('id="now-nitrate">'.$figure.'</span>', false);
        $this->get("/tanks/$tank->id?working=nitrate")->assertSee('made in a day beside what is in the log')->assertSee('tested 6 days ago');
        // The same figure on the water change page.
        $this->get("/tanks/$tank->id/water-change")->assertSee($keeper->show()->number(
            Parameter::Nitrate,
            $water->state()->central(Parameter::Nitrate, 0.0),
            4.0,
        ));
        // So far above it that it may be a slip, or something happened: both are said, and no amount is worked out upon it.
        $this->read($keeper, $tank, ['nitrate' => 'over 100'], CarbonImmutable::now()->subHour());
        self::assertTrue(TankWaterQuery::of($tank->fresh()?->setRelation('keeper', $keeper) ?? $tank)->isOpen(Parameter::Nitrate));
        $this->get('/')->assertSee('Nitrate does not fit your earlier tests')
            ->assertSee('if something happened that is not in the log. Test it again, or log')->assertDontSee('Nothing due');
        $this->get("/tanks/$tank->id/water-change?reason=nitrate&nitrate_goal=20")->assertOk()->assertSee('Test first.')->assertSee('test it again');
        $this->read($keeper, $tank, ['nitrate' => 'over 100']);
        self::assertFalse(TankWaterQuery::of($tank->fresh()?->setRelation('keeper', $keeper) ?? $tank)->isOpen(Parameter::Nitrate));
        $this->get('/')->assertDontSee('does not fit your earlier tests')->assertSee('Nitrate is far over its limit');
    }

    public function testAWaterThatWasReadOnlyAfterAChangeCountsWithWhatIsReadFirst(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-01 12:00'));
        [$keeper, $tank, $water] = $this->readyTank();
        $tank->readings()->where('parameter', 'nitrate')->delete();
        $water->readings()->where('parameter', 'nitrate')->delete();
        $tank->update(['nitrate_per_day' => 0.0]);
        $this->read($keeper, $tank, ['nitrate' => '10'], CarbonImmutable::now()->subDays(2));
        $this->noteChange($keeper, $tank, $water, 50.0, CarbonImmutable::now()->subDay());
        $level = static fn(): float => TankWaterQuery::of($tank->fresh()?->setRelation('keeper', $keeper) ?? $tank)->state()->central(Parameter::Nitrate, 0.0);
        $before = $level();
        // What taps hold is 5 until somebody reads it; the half that went in held 40 (30 to 60, its middle is 45).
        $this->read($keeper, $water, ['nitrate' => '40']);
        $share = WaterChange::query()->where('tank_id', $tank->id)->sole()->share;
        self::assertEqualsWithDelta($share * 40.0, $level() - $before, 0.5);
        // What is read of it later is the water of later changes.
        $this->travel(3)->days();
        $now = $level();
        $this->read($keeper, $water, ['nitrate' => '5']);
        self::assertEqualsWithDelta($now, $level(), 0.5);
    }

    public function testWhatIsLearnedAnewLeavesTheLevelWhereItWasRead(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-01 12:00'));
        [$keeper, $tank] = $this->readyTank();
        $tank->readings()->where('parameter', 'nitrate')->delete();
        $tank->update(['nitrate_per_day' => 1.0]);
        foreach ([40 => '5', 30 => '10', 20 => '20'] as $ago => $value) {
            $this->read($keeper, $tank, ['nitrate' => $value], CarbonImmutable::now()->subDays($ago));
        }
        $water = static fn(): TankWaterQuery => TankWaterQuery::of($tank->fresh()?->setRelation('keeper', $keeper) ?? $tank);
        self::assertSame(3, $water()->courses()->made(Parameter::Nitrate)->count);
        $this->actingAs($keeper)->post('/learning-resets', ['what' => 'made.nitrate', 'tank' => $tank->id])->assertSessionHasNoErrors();
        self::assertSame(0, $water()->courses()->made(Parameter::Nitrate)->count);
        // The field of 20 begins at 15 and ends at 30; the guess of one a day goes on from its middle.
        self::assertEqualsWithDelta(22.5 + 20.0, $water()->state()->central(Parameter::Nitrate, 0.0), 0.1);
    }

    public function testATankOfManyYearsThatWasNeverReadOpens(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $tank->forceFill(['created_at' => CarbonImmutable::now()->subYears(14), 'started_on' => CarbonImmutable::now()->subYears(20)->format('Y-m-d')])->save();
        $this->actingAs($keeper)->get("/tanks/$tank->id/fertilising")->assertOk();
    }

    public function testADecimalThatSlippedIsAskedBackAndKeptWhenItIsSo(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->post("/tanks/$tank->id/test", ['readings' => ['conductivity' => '3300', 'temperature' => '25.1']])
            ->assertSessionHasErrors('readings.conductivity');
        // Nothing is half kept, and what was typed stands there again.
        self::assertSame(1, $tank->entries()->count());
        $this->get("/tanks/$tank->id/test")->assertSee('Your last result was')->assertSee('it is right')->assertSee('value="3300"', false)
            ->assertSee('value="25.1"', false);
        $this->post("/tanks/$tank->id/test", ['readings' => ['conductivity' => '3300', 'temperature' => '25.1'], 'sure' => ['conductivity']])
            ->assertSessionHasNoErrors();
        self::assertSame(2, $tank->entries()->count());
        // A danger is never asked back.
        $this->post("/tanks/$tank->id/test", ['readings' => ['ammonium' => '3', 'temperature' => '31']])->assertSessionHasNoErrors();
    }

    public function testAPenThatWasSetLongAgoReadsWithAWiderBandAndAsksToBeSetAgain(): void
    {
        $keeper = $this->keeper();
        $tank = $this->tank($keeper);
        $page = fn(): TestResponse => $this->actingAs(Keeper::query()->findOrFail($keeper->id))->get("/tanks/$tank->id/test");
        $spread = function (string $at) use ($keeper, $tank): float {
            $this->actingAs(Keeper::query()->findOrFail($keeper->id))
                ->post("/tanks/$tank->id/test", ['readings' => ['ph' => '6.80'], 'taken_at' => $at])->assertSessionHasNoErrors();

            return Reading::query()->latest('id')->firstOrFail()->toCore()->distribution()->spread();
        };
        $page()->assertSee('when did you last calibrate it?');
        $keeper->setPen(Parameter::Acidity, CarbonImmutable::now()->subDays(60));
        $page()->assertSee('calibrated 60 days ago: until you calibrate it its results get a wider margin');
        $this->get('/')->assertSee('pH meter: calibrate it. Last done 60 days ago');

        // Digit 0.01, well kept 0.05, strayed 0.05 in each of two months; at the time of the reading, not of the typing.
        self::assertEqualsWithDelta(sqrt(0.01 ** 2 / 12 + 0.05 ** 2 + 0.1 ** 2), $spread(CarbonImmutable::now()->format('Y-m-d\TH:i')), 1e-4);
        self::assertEqualsWithDelta(sqrt(0.01 ** 2 / 12 + 0.05 ** 2 + 0.05 ** 2), $spread(CarbonImmutable::now()->subDays(30)->format('Y-m-d\TH:i')), 1e-4);

        $this->post('/settings/pens/ph')->assertRedirect('/');
        $page()->assertSee('calibrated today');
        $this->get('/')->assertDontSee('days ago; until then its results get a wider margin.');
        self::assertEqualsWithDelta(sqrt(0.01 ** 2 / 12 + 0.05 ** 2), $spread(CarbonImmutable::now()->format('Y-m-d\TH:i')), 1e-4);
        // What was read before keeps the band it had.
        self::assertEqualsWithDelta(
            sqrt(0.01 ** 2 / 12 + 0.05 ** 2 + 0.1 ** 2),
            Reading::query()->oldest('id')->firstOrFail()->toCore()->distribution()->spread(),
            1e-4,
        );
    }

    public function testOnlyPensWithAStandardAreSet(): void
    {
        $keeper = $this->keeper();
        $this->actingAs($keeper)->post('/settings/pens/temperature')->assertNotFound();
        $this->post('/settings/pens/general_hardness')->assertNotFound();
        $this->post('/settings/pens/none')->assertNotFound();
        $this->assertDatabaseCount('kits', 0);
    }

    public function testAPairForThePenIsASetting(): void
    {
        $keeper = $this->keeper();
        $keeper->setPen(Parameter::Conductivity, CarbonImmutable::now()->subDays(200));
        $this->actingAs(Keeper::query()->findOrFail($keeper->id))->get('/')->assertSee('Conductivity meter: calibrate it');
        $this->post('/pen', ['shown' => '207', 'known' => '413'])->assertSessionHasNoErrors();

        self::assertSame([], Keeper::query()->findOrFail($keeper->id)->pensToSet());
    }

    public function testWhatTheEquipmentDoesIsKeptWithTheReadingsOrAlone(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->travelTo('2026-03-02 20:00');
        $read = "/tanks/$tank->id/test";
        $this->actingAs($keeper)->get($read)->assertOk()->assertSeeText('Equipment')->assertSeeText('Heater on')->assertDontSeeText('CO₂ bubbles');
        $this->post($read, ['readings' => ['nitrate' => ''], 'gauges' => ['heater' => '240', 'flow' => '']])->assertSessionHasNoErrors()->assertRedirect();
        self::assertSame(
            [['heater', '2026-03-02', 240.0]],
            $tank->gaugeNotes->map(static fn($note): array => [$note->gauge->value, $note->day->format('Y-m-d'), $note->value])->all(),
        );
        // A note beside them is not lost, though nothing of the water was read.
        $this->post($read, ['readings' => ['nitrate' => ''], 'gauges' => ['heater' => '240'], 'note' => 'It hums.'])->assertSessionHasNoErrors();
        self::assertSame(
            [['Equipment', 'It hums.']],
            $tank->entries()->where('kind', EntryKind::Note)->get()->map(static fn($entry): array => [$entry->title, $entry->body])->all(),
        );
        // The last word of a day counts.
        $this->post($read, ['readings' => ['nitrate' => '10'], 'gauges' => ['heater' => '250,5'], 'taken_at' => '2026-03-02T10:00'])
            ->assertSessionHasNoErrors();
        self::assertSame([250.5], $tank->gaugeNotes()->pluck('value')->all());
        $this->get($read)->assertSeeText("251\u{A0}min");
        $this->get("/tanks/$tank->id/charts?span=28&series[]=heater")->assertOk()->assertSeeText('Heater on');
        self::assertStringContainsString(',heater,250.5,', $this->get("/tanks/$tank->id/charts.csv?span=28&series[]=heater")->streamedContent());
        $this->delete("/tanks/$tank->id/gauges/".$tank->gaugeNotes()->firstOrFail()->id)->assertRedirect($read);
        self::assertSame(0, $tank->gaugeNotes()->count());
    }

    /** @return iterable<string, array{mixed, string}> */
    public static function noGauges(): iterable
    {
        yield 'more minutes than a day has' => [['heater' => '1500'], 'gauges.heater'];
        yield 'below nothing' => [['bubbles' => '-1'], 'gauges.bubbles'];
        yield 'words' => [['flow' => 'plenty'], 'gauges.flow'];
        yield 'a list' => [['heater' => ['1']], 'gauges.heater'];
        yield 'no list' => ['240', 'gauges'];
    }

    #[DataProvider('noGauges')]
    public function testWhatNoEquipmentDoesIsSaidAtItsFieldAndNothingIsKept(mixed $gauges, string $field): void
    {
        [$keeper, $tank] = $this->readyTank();
        $had = $tank->entries()->count();
        $this->actingAs($keeper)->post("/tanks/$tank->id/test", ['readings' => ['nitrate' => '10'], 'gauges' => $gauges])->assertSessionHasErrors($field);
        self::assertSame([0, $had], [$tank->gaugeNotes()->count(), $tank->entries()->count()]);
    }

    public function testAPlugIsAskedForTheMinutesOfYesterday(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->travelTo('2026-03-02 20:00');
        $ask = "/tanks/$tank->id/gauges/ask";
        $this->actingAs($keeper)->post($ask)->assertSessionHas('status', 'No plug is connected. Choose it in Settings.');
        $keeper->update(['simulated' => [Devices::PLUG]]);
        foreach (range(8, 2) as $ago) {
            $tank->note(Gauge::Heater, CarbonImmutable::now()->subDays($ago), 500.0);
        }
        // What was typed meanwhile is not lost.
        $this->post($ask, ['readings' => ['nitrate' => '20-40'], 'gauges' => ['flow' => '390'], 'note' => 'half way'])->assertRedirect("/tanks/$tank->id/test");
        $this->get("/tanks/$tank->id/test")->assertSee('value="20-40"', false)->assertSee('value="390"', false)->assertSee('value="half way"', false);
        $this->post($ask);
        $note = $tank->gaugeNotes()->firstOrFail();
        self::assertSame([8, '2026-03-01'], [$tank->gaugeNotes()->count(), $note->day->format('Y-m-d')]);
        self::assertEqualsWithDelta(500.0, $note->value, 88.0, 'within 3.5 deviations of five percent');
    }
}
