<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Keeper;
use App\Models\Tank;
use App\Support\EntryKind;
use App\View\NeedsPage;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Tank\Needs;
use Database\Seeders\DatabaseSeeder;
use PHPUnit\Framework\Attributes\DataProvider;

/** The keeper's own figures for the animals of a tank, and the nitrate that it makes. */
final class NeedsTest extends FeatureCase
{
    public function testOwnFiguresCountOnEverySheetAndTheOthersStayTheGroups(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->get('/')->assertDontSee('<b>high</b>', false);
        $this->put("/tanks/$tank->id/needs", ['high' => ['conductivity' => '300', 'ph' => ''], 'low' => ['temperature' => '20'], 'swing' => ['carbonate_hardness' => '0.5', 'conductivity' => '5']])->assertSessionHasNoErrors()->assertRedirect("/tanks/$tank->id/needs");
        $needs = ($tank->fresh() ?? $tank)->needs();

        self::assertSame([150.0, 300.0], $needs->range(Parameter::Conductivity));
        self::assertSame([20.0, 26.0], $needs->range(Parameter::Temperature));
        self::assertSame(AnimalGroup::Community->range(Parameter::Acidity), $needs->range(Parameter::Acidity));
        self::assertEqualsWithDelta(0.5, $needs->swingLimits()->kh, 1e-9);
        self::assertEqualsWithDelta(0.05, $needs->swingLimits()->ecShare, 1e-9);
        self::assertEqualsWithDelta(AnimalGroup::Community->swingLimits()->gh, $needs->swingLimits()->gh, 1e-9);
        // Read at 330: above the keeper's own 300, in the group's range.
        $this->get('/')->assertSee('<b>high</b>', false);
        $this->get("/tanks/$tank->id")->assertSee('kept at 150 to 300');
        // Nearly all of it at once: KH moves from 3.5 toward 5.5.
        $this->get("/tanks/$tank->id/change?reason=amount&way=percent&percent=60")->assertSee('KH moves too far at once.')->assertSee('± 0.5');
        $this->get("/bench?tank=$tank->id")->assertOk();
        $this->get("/tanks/$tank->id/needs")->assertSee('value="300"', false)->assertSee('placeholder="600"', false);
        $this->put("/tanks/$tank->id/needs", ['high' => ['conductivity' => '']]);
        self::assertSame([150.0, 600.0], ($tank->fresh() ?? $tank)->needs()->range(Parameter::Conductivity));
    }

    public function testTheBenchBeginsWithTheTanksOwnMiddle(): void
    {
        [$keeper, $tank] = $this->bench();
        $this->actingAs($keeper)->put("/tanks/$tank->id/needs", ['low' => ['general_hardness' => '8'], 'high' => ['general_hardness' => '10']])->assertSessionHasNoErrors();
        self::assertMatchesRegularExpression('/name="gh" value="9"/', (string) $this->get("/bench?tank=$tank->id")->assertOk()->getContent());
        self::assertMatchesRegularExpression('/name="gh" value="8"/', (string) $this->get("/bench?tank=$tank->id&animals=hardy_shrimp&tank_was=$tank->id&animals_was=community")->assertOk()->getContent());
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function nonsense(): array
    {
        return [
            'letters' => [['low' => ['ph' => 'acid']], 'low.ph'],
            'upside down' => [['low' => ['ph' => '8'], 'high' => ['ph' => '7']], 'high.ph'],
            'the lower end above the usual upper one' => [['low' => ['ph' => '9']], 'high.ph'],
            'no such pH' => [['high' => ['ph' => '15']], 'high.ph'],
            'no swing at all' => [['swing' => ['temperature' => '0']], 'swing.temperature'],
            'more than all of it' => [['swing' => ['conductivity' => '130']], 'swing.conductivity'],
            'a list' => [['low' => ['ph' => ['7']]], 'low.ph'],
        ];
    }

    /** @param array<string, mixed> $typed */
    #[DataProvider('nonsense')]
    public function testNonsenseIsSaidAtItsFieldAndNothingIsKept(array $typed, string $field): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->put("/tanks/$tank->id/needs", $typed + ['swing' => ['ph' => '0.3']])->assertSessionHasErrors($field);
        self::assertSame([], ($tank->fresh() ?? $tank)->limits);
    }

    public function testDegreesAreTheKeepersOwn(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $keeper->kits()->create(['parameter' => 'temperature', 'method' => 'pen', 'unit' => 'fahrenheit', 'step' => 0.1]);
        $this->actingAs($keeper->fresh() ?? $keeper)->put("/tanks/$tank->id/needs", ['low' => ['temperature' => '68'], 'swing' => ['temperature' => '1.8']])->assertSessionHasNoErrors();
        $needs = ($tank->fresh() ?? $tank)->needs();
        self::assertEqualsWithDelta(20.0, $needs->range(Parameter::Temperature)[0] ?? NAN, 1e-9);
        self::assertEqualsWithDelta(1.0, $needs->swingLimits()->celsius, 1e-9);
    }

    public function testNitrateIsLearnedBetweenChangesAndTakenWithOneTap(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-01 12:00'));
        [$keeper, $tank, $water] = $this->readyTank();
        $this->actingAs($keeper)->get("/tanks/$tank->id/needs")->assertSee('Three stretches between changes');
        $this->weeks($keeper, $tank);
        $tank->update(['water_id' => $water->id]);
        $page = $this->get("/tanks/$tank->id/needs")->assertOk()->assertSee('Your readings say otherwise.')->assertSee('by 8 stretches')->assertSee('settles at');
        $page->assertSee('Reckon with it');
        $this->post("/tanks/$tank->id/needs/nitrate")->assertRedirect("/tanks/$tank->id/needs");
        // The fields of 10 and 20, six days apart, every time; the colour of 20 reaches further up than down.
        self::assertEqualsWithDelta(10.0 / 6.0, ($tank->fresh() ?? $tank)->nitrate_per_day, 0.15);
        $this->get("/tanks/$tank->id/needs")->assertSee('Your readings agree.')->assertDontSee('Reckon with it');
    }

    /** Eight weeks: 10 mg/L the day after a change, 20 mg/L before the next one. */
    private function weeks(Keeper $keeper, Tank $tank): void
    {
        $tank->readings()->delete();
        for ($week = 0; $week < 8; ++$week) {
            $change = CarbonImmutable::parse('2026-01-02 18:00')->addDays(7 * $week);
            $keeper->entries()->create(['tank_id' => $tank->id, 'kind' => EntryKind::Change, 'title' => 'Changed', 'happened_at' => $change]);
            $this->read($keeper, $tank, ['nitrate' => '10'], $change->addHours(12));
            $this->read($keeper, $tank, ['nitrate' => '20'], $change->addHours(156));
        }
    }

    public function testWhatTheDemoTanksMakeIsFoundAgainWithinTheBand(): void
    {
        $this->travelTo('2026-03-01 12:00');
        $this->seed(DatabaseSeeder::class);
        $learned = 0;
        foreach (Tank::query()->with('keeper')->get() as $tank) {
            $found = (new NeedsPage($tank))->learned;
            if ($found !== null) {
                ++$learned;
                self::assertLessThan(3.0 * $found->spread, abs($found->perDay - $tank->nitrate_per_day), $tank->name);
            }
        }
        self::assertGreaterThan(0, $learned);
    }

    public function testSwingsGoRoundThroughTheirUnits(): void
    {
        $needs = new Needs(AnimalGroup::SoftWaterShrimp, [], ['carbonate_hardness' => Alkalinity::fromDegrees(0.7)->milliequivalentPerLitre]);
        self::assertEqualsWithDelta(0.7, $needs->swingLimits()->kh, 1e-9);
        self::assertTrue($needs->isOwn(Parameter::CarbonateHardness));
        self::assertFalse($needs->isOwn(Parameter::Acidity));
    }
}
