<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\ChecklistState;
use App\Models\Keeper;
use App\Models\Tank;
use App\Models\WaterChange;
use Carbon\CarbonImmutable;
use PHPUnit\Framework\Attributes\DataProvider;

/** The round says what weighs most, and an evening puts the tanks in order. */
final class TodayTest extends FeatureCase
{
    /** @return array<string, array{array<string, string>, string, bool}> read, head, whether it says what to do in ten minutes */
    public static function dangers(): array
    {
        return [
            'ammonium 2 at pH 8' => [['ammonium' => '2', 'ph' => '8'], 'Free ammonia is dangerous now', true],
            'nitrite 1' => [['nitrite' => '1'], 'Nitrite is dangerous now', true],
            '31 degrees' => [['temperature' => '31'], 'The tank is too hot', true],
            '15 degrees' => [['temperature' => '15'], 'The tank is too cold', true],
            'nitrate over 80' => [['nitrate' => 'over 80'], 'Nitrate is far over its limit', false],
        ];
    }

    /** @param array<string, string> $read */
    #[DataProvider('dangers')]
    public function testADangerIsNeverNothingDue(array $read, string $head, bool $acts): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $this->noteChange($keeper, $tank, $water, 20.0, CarbonImmutable::now()->subHours(3));
        $this->actingAs($keeper)->get('/')->assertSee('Nothing due');
        $tank->readings()->whereIn('parameter', array_keys($read))->delete();
        $this->read($keeper, $tank, $read);
        $page = $this->get('/')->assertSee($head)->assertDontSee('Nothing due');
        $acts ? $page->assertSee('In the next ten minutes') : $page->assertDontSee('In the next ten minutes');
        // The page of the tank and its change say the same.
        $this->get("/tanks/$tank->id")->assertSee($head);
    }

    public function testTheTankInDangerComesFirst(): void
    {
        [$keeper, $first, $water] = $this->readyTank();
        $second = $this->tank($keeper, $water);
        $second->update(['name' => 'Zander pond']);
        $this->read($keeper, $second, ['ammonium' => '3', 'ph' => '7.4', 'temperature' => '25']);
        $page = (string) $this->actingAs($keeper)->get('/')->getContent();

        self::assertLessThan((int) strpos($page, "strip-name\"><a href=\"/tanks/$first->id\">"), strpos($page, 'Zander pond'));
    }

    public function testAfterAChangeOverviewAndWaterChangeShowTheSameForecast(): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $this->travel(2)->hours();
        $this->noteChange($keeper, $tank, $water, 50.0, CarbonImmutable::now()->subMinutes(5));
        $share = WaterChange::query()->where('tank_id', $tank->id)->sole()->share;
        // KH is alkalinity and mixes; a drop kit read as 4 is 3.5 on average: 3.5 toward 5.5 by the share.
        $kh = number_format(3.5 + $share * 2.0, 1);
        foreach (["/tanks/$tank->id" => '[^A-Z]*', "/tanks/$tank->id/water-change" => '[^A-Za-z]*'] as $page => $between) {
            self::assertMatchesRegularExpression(
                '/KH'.$between.preg_quote($kh, '/').'/u',
                (string) preg_replace('/\s+/', ' ', strip_tags((string) $this->actingAs($keeper)->get($page)->assertOk()->getContent())),
                $page,
            );
        }
    }

    public function testAHotTankIsStillHotAfterItsWaterWasChanged(): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $this->read($keeper, $tank, ['temperature' => '31']);
        $this->travel(2)->hours();
        // Whatever the heater is set to, heater and room held it at 31.
        $this->noteChange($keeper, $tank, $water, 30.0, CarbonImmutable::now()->subMinutes(5));
        $this->actingAs($keeper)->get('/')->assertSee('The tank is too hot')->assertDontSee('Nothing due');
        $this->get("/tanks/$tank->id/water-change")->assertSee("New water at 31.0\u{A0}°C.");
    }

    public function testOverviewAndWaterChangeShowTheSameMiddleOfATest(): void
    {
        [$keeper, $tank] = $this->readyTank();
        // Evenly between 20 and 40, the eye and the kit off by 8 % each: 30, and 1.2816 times the root of 5.77 squared and twice 2.4 squared.
        $this->actingAs($keeper)->get("/tanks/$tank->id")->assertSee('id="now-nitrate">30</span>', false)->assertSee('tested today');
        self::assertMatchesRegularExpression(
            '/Nitrate\s*mg\/L\s*30\s*± 9/u',
            (string) preg_replace('/\s+/', ' ', strip_tags((string) $this->get("/tanks/$tank->id/water-change")->getContent())),
        );
    }

    public function testTodayNamesOnlyWhatIsOutOfItsTargetRange(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->read($keeper, $tank, ['temperature' => '24', 'general_hardness' => '8']);
        $today = fn(): string => (string) preg_replace('/\s+/', ' ', strip_tags((string) $this->actingAs($keeper)->get('/')->assertOk()->getContent()));
        self::assertDoesNotMatchRegularExpression('/GH|Temperature/', $today());
        $tank->readings()->where('parameter', 'general_hardness')->delete();
        $this->read($keeper, $tank, ['general_hardness' => '40']);
        self::assertStringContainsString('GH', $today());
        // A tank that cycles has nobody whom a figure could harm.
        $tank->cycling()->create(['way' => 'dark', 'source' => 'dosed', 'begun_on' => CarbonImmutable::now()->subDays(3)->format('Y-m-d')]);
        self::assertStringNotContainsString('GH 40', $today());
        $tank->cycling()->update(['way' => 'fish']);
        self::assertStringContainsString('GH', $today());
    }

    public function testWhatATankNeedsIsSaidInTheOrderOfItsWeight(): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $this->noteChange($keeper, $tank, $water, 20.0, CarbonImmutable::now()->subDays(4));
        $tank->readings()->where('parameter', 'nitrate')->delete();
        $this->read($keeper, $tank, ['nitrate' => '10']);
        $round = fn(): string => (string) preg_replace(
            '/\s+/',
            ' ',
            strip_tags((string) $this->actingAs($keeper->fresh() ?? $keeper)->get('/')->assertOk()->getContent()),
        );
        self::assertStringContainsString('Nothing due', $round());
        // The lightest first: each that comes to it weighs more than the ones before.
        $tank->update(['doses_look_on' => CarbonImmutable::now()->subDay()->format('Y-m-d')]);
        self::assertStringContainsString('Look at the new growth: did the doses help?', $round());
        $tank->plantGroups()->create([
            'kind' => 'cryptocoryne_wendtii', 'left_edge' => 0, 'right_edge' => 0.3, 'front_edge' => 0.5, 'back_edge' => 1,
            'planted_on' => CarbonImmutable::now()->subDays(12)->format('Y-m-d'), 'from_air' => true,
        ]);
        self::assertMatchesRegularExpression('/Remove melting leaves of a plant group .*Water change in/', $round());
        $tank->update(['limits' => ['ranges' => ['nitrate' => [0.0, 7.0]], 'swings' => []]]);
        $text = $round();
        self::assertMatchesRegularExpression('/Nitrate is over .*Water change in/', $text);
        self::assertLessThan(strpos($text, 'Remove melting leaves of'), strpos($text, 'Nitrate is over'));
    }

    /** @return array{Keeper, Tank} panes that were cleaned forty days ago, and water that was changed four days ago */
    private function panesAreDue(): array
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank, ['dry' => '1', 'tasks' => ['glass']]);
        $long = CarbonImmutable::now()->subDays(40);
        $checklist->steps()->update(['opened_at' => $long, 'done_at' => $long]);
        $checklist->update(['state' => ChecklistState::Done, 'finished_at' => $long]);
        $this->noteChange($keeper, $tank, $water, 20.0, CarbonImmutable::now()->subDays(4));

        return [$keeper, $tank];
    }

    public function testWorkAloneTakesNoWaterOfAnEvening(): void
    {
        [$keeper, $tank] = $this->panesAreDue();
        $this->read($keeper, $tank, ['nitrate' => '10']);
        $this->get('/')->assertSee('Due again: clean the glass');
        $evening = $this->get('/tonight')->assertSee('Plan maintenance')->assertDontSee('Plan a water change')->assertDontSee('Water for tonight');
        self::assertStringContainsString('none', strip_tags((string) $evening->getContent()));
    }

    public function testATankInNeedHasItsWaterWithItsWorkOfAnEvening(): void
    {
        [$keeper, $tank] = $this->panesAreDue();
        $tank->readings()->where('parameter', 'nitrate')->delete();
        $this->read($keeper, $tank, ['nitrate' => 'over 80']);
        $this->actingAs($keeper)->get('/')->assertSee('Nitrate is far over its limit');
        // The change is not due for three days, and nitrate cannot wait for it: the usual 30 % of 100 L goes along with the panes.
        $evening = (string) preg_replace('/\s+/', ' ', strip_tags((string) $this->get('/tonight')->assertOk()->assertSee('Water for tonight')->getContent()));
        self::assertMatchesRegularExpression('/Drain 30\x{A0}L in all/u', $evening);
    }

    public function testAnEveningTakesTheTanksThatAreDueInTheirOrder(): void
    {
        $this->travelTo('2026-03-07 18:00');
        [$keeper, $tank, $water] = $this->readyTank();
        $other = $this->tank($keeper, $water);
        $other->update(['name' => 'Hollow']);
        $this->noteChange($keeper, $tank, $water, 20.0, CarbonImmutable::now()->subDays(9));
        $this->noteChange($keeper, $other, $water, 20.0, CarbonImmutable::now()->subDays(3));
        $page = $this->actingAs($keeper)->get('/tonight')->assertOk();
        $text = (string) preg_replace('/\s+/', ' ', strip_tags((string) $page->getContent()));

        // Brook is two days late and picked; Hollow was changed three days ago and is not.
        self::assertMatchesRegularExpression('/value="'.$tank->id.'" checked/', (string) $page->getContent());
        self::assertDoesNotMatchRegularExpression('/value="'.$other->id.'" checked/', (string) $page->getContent());
        // 30 % of 100 L, 500 x 500 x 400 mm inside.
        self::assertMatchesRegularExpression('/Drain 30\x{A0}L in all/u', $text);
        $alone = self::minutes($text);
        $both = self::minutes((string) preg_replace(
            '/\s+/',
            ' ',
            strip_tags((string) $this->get("/tonight?chosen=1&tanks[]=$tank->id&tanks[]=$other->id")->assertOk()->assertSee('until')->getContent()),
        ));
        // Two like tanks with five minutes between.
        self::assertSame(2 * $alone + 5, $both);
        $this->get('/tonight?chosen=1')->assertSee('Choose a tank.');
        $this->get('/tonight?chosen=1&tanks=nonsense')->assertOk();
    }

    public function testAWrittenSheetTakesItsOwnWatersOfAnEveningAndOnlyWhatIsLeft(): void
    {
        $this->travelTo('2026-03-07 18:00');
        [$keeper, $tank, $water] = $this->readyTank();
        $rain = $this->water($keeper, 'Rain', 'rain');
        $this->read($keeper, $rain, ['conductivity' => '20', 'temperature' => '12']);
        $this->noteChange($keeper, $tank, $water, 20.0, CarbonImmutable::now()->subDays(7));
        $checklist = $this->writeRun(
            $keeper,
            $tank,
            ['reason' => 'amount', 'way' => 'litres', 'litres' => '40', 'second_water' => (string) $rain->id, 'second_share' => '25'],
        );
        $line = fn(string $name, float $share): string => $name.$keeper->show()->volume($share * $checklist->plan->refill, 1);
        $said = fn(): string => (string) preg_replace(
            '/\s+/',
            ' ',
            strip_tags((string) $this->actingAs($keeper->fresh() ?? $keeper)->get("/tonight?chosen=1&tanks[]=$tank->id")->assertOk()->getContent()),
        );
        $plain = static fn(string $text): string => str_replace("\u{A0}", ' ', $text);
        self::assertStringContainsString($plain($line('Rain', 0.25)), $plain($said()));
        self::assertStringContainsString($plain($line($water->name, 0.75)), $plain($said()));
        // One that is meant for another day is what is done when its tank is picked today, and is not picked by itself.
        $checklist->update(['planned_for' => CarbonImmutable::now()->addDay()->format('Y-m-d')]);
        self::assertStringContainsString($plain($line('Rain', 0.25)), $plain($said()));
        $this->get("/tonight?chosen=1&tanks[]=$tank->id")->assertSee("/checklists/$checklist->id");
        self::assertStringContainsString('Choose a tank.', strip_tags((string) $this->get('/tonight')->getContent()));
        $checklist->update(['planned_for' => null]);
        // Once the water is in, none is needed.
        $checklist->steps()->where('job', 'refill')->update(['opened_at' => now(), 'done_at' => now()]);
        self::assertStringNotContainsString('Water for tonight', $said());
    }

    public function testAnEveningSaysWhetherTheStoreSuffices(): void
    {
        $this->travelTo('2026-03-07 18:00');
        [$keeper, $tank] = $this->readyTank();
        $ro = $this->water($keeper, 'RO', 'reverse_osmosis');
        $tank->update(['source_water_id' => $ro->id, 'routine_share' => 0.2]);
        $reservoir = $keeper->reservoirs()->create([
            'source_water_id' => $ro->id, 'name' => 'Barrel', 'capacity' => 60.0, 'level' => 10.0, 'litres_per_day' => 48.0, 'waste' => 2.0,
        ]);
        $this->noteChange($keeper, $tank, $ro, 20.0, CarbonImmutable::now()->subDays(9));
        $page = (string) $this->actingAs($keeper)->get('/tonight')->assertOk()->getContent();
        self::assertMatchesRegularExpression('/10.0\x{A0}L in the reservoir, 10.0\x{A0}L short/u', $page);
        // Ten litres at 2 an hour, from six on.
        self::assertMatchesRegularExpression('/ready today 23:0[01]/', $page);
        $reservoir->update(['level' => 50.0]);
        $this->actingAs($keeper->fresh() ?? $keeper)->get('/tonight')->assertSee('enough')->assertDontSee('short:');
        // The page of the reservoir begins with the same litres.
        self::assertMatchesRegularExpression('/name="need\['.$tank->id.'\]"\s+value="20"/', (string) $this->get("/ro-reservoirs/$reservoir->id")->getContent());
    }

    private static function minutes(string $text): int
    {
        preg_match('/in all\. (?:(\d+) h )?(\d+)(?: min)?, until/', $text, $found);

        return 60 * (int) ($found[1] ?? 0) + (int) ($found[2] ?? throw new \LogicException($text));
    }
}
