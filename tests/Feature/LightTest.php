<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Keeper;
use App\Models\Tank;
use App\Plants\LightPage;
use App\Tanks\LightQuery;
use PHPUnit\Framework\Attributes\DataProvider;

/** Lamps as their labels say, what lies in their way, and what a sensor or a phone showed under them. */
final class LightTest extends FeatureCase
{
    private const LAMP = [
        'kind' => 'bar', 'told_by' => 'maker', 'told' => '90', 'colour' => 'white', 'type' => 'led', 'length' => '400', 'width' => '100', 'above' => '80',
        'angle' => '120', 'dimmer' => '80', 'hours' => '8', 'ramp' => '30', 'across' => '50', 'front' => '50', 'spots' => '8',
    ];

    /** @return array{Keeper, Tank, string} */
    private function lit(): array
    {
        $this->travelTo('2026-03-01 18:00');
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper);
        $light = "/tanks/$tank->id/light";
        $this->post("/tanks/$tank->id/lights", self::LAMP)->assertSessionHasNoErrors()->assertRedirect($light);

        return [$keeper, $tank, $light];
    }

    private static function middle(Tank $tank): float
    {
        $fresh = Tank::query()->findOrFail($tank->id)->setRelation('keeper', $tank->keeper);

        return LightQuery::tank($fresh)->at(300.0);
    }

    /** @return iterable<string, array{string, string, float, float}> by what, shown, µmol/m²s and doubt */
    public static function shown(): iterable
    {
        yield 'a sensor under water' => ['sensor', '40', 40.0, 0.1];
        // Made for air it shows a fifth too little under water.
        yield 'a sensor for air' => ['air_sensor', '40', 50.0, 0.1];
        // White LED give 70 lm s/µmol.
        yield 'a phone' => ['phone', '3500', 50.0, 0.25];
    }

    #[DataProvider('shown')]
    public function testWhatIsReadUnderTheLampsScalesTheirField(string $by, string $typed, float $light, float $doubt): void
    {
        [, $tank, $url] = $this->lit();
        $before = self::middle($tank);
        $this->post("/tanks/$tank->id/light-readings", ['by' => $by, 'value' => $typed, 'across' => '50', 'front' => '40', 'depth' => '200'])
            ->assertSessionHasNoErrors()->assertRedirect($url);
        $reading = $tank->lightReadings()->sole();
        self::assertEqualsWithDelta(
            [$light, $doubt, 0.5, 0.4, 200.0],
            [$reading->light, $reading->band, $reading->across, $reading->front, $reading->depth],
            1e-9,
        );
        $after = self::middle($tank);
        self::assertNotEqualsWithDelta($before, $after, 0.01 * $before);
        // Twice as much shown is more light everywhere.
        $this->delete("/tanks/$tank->id/light-readings/$reading->id")->assertRedirect($url);
        self::assertEqualsWithDelta($before, self::middle($tank), 1e-9);
        $this->post(
            "/tanks/$tank->id/light-readings",
            ['by' => $by, 'value' => (string) (2 * (int) $typed), 'across' => '50', 'front' => '40', 'depth' => '200'],
        )->assertSessionHasNoErrors();
        self::assertGreaterThan($after, self::middle($tank));
    }

    /** @return iterable<string, array{string, string, string}> species, maker's figure, and what is said of its light */
    public static function needs(): iterable
    {
        // Over eight hours a fern needs 15 and gathers algae above 60; stems and carpets need 30, and gather them above 120.
        yield 'a fern under a strong light' => ['microsorum_pteropus', '400', 'too bright'];
        yield 'a fern under a little light' => ['microsorum_pteropus', '8', 'in range'];
        yield 'a stem under a strong light' => ['ludwigia_repens', '400', 'too bright'];
        yield 'a carpet under very little light' => ['micranthemum_tweediei', '4', 'too dark'];
    }

    #[DataProvider('needs')]
    public function testThePictureSaysWhichPlantGetsTooMuchLightAndWhichTooLittle(string $kind, string $told, string $state): void
    {
        [$keeper, $tank, $url] = $this->lit();
        $this->put("/tanks/$tank->id/lights/".$tank->lamps()->sole()->id, ['told' => $told, 'ramp' => '0', 'dimmer' => '100'] + self::LAMP)
            ->assertSessionHasNoErrors();
        $tank->plantGroups()->create(['kind' => $kind, 'left_edge' => 0.4, 'right_edge' => 0.6, 'front_edge' => 0.4, 'back_edge' => 0.6])->looks()
            ->create(['happened_at' => now(), 'height' => 60]);
        $page = $this->get($url)->assertOk()->assertSee('light-shades', false)->assertSee($state);
        $others = array_diff(['too bright', 'in range', 'too dark'], [$state]);
        array_map($page->assertDontSee(...), $others);
        // The corner of the picture is darker than its middle, and the substrate than the surface.
        $picture = new LightPage(Tank::query()->findOrFail($tank->id)->setRelation('keeper', $keeper));
        [$corner, $middle, , , , , , $below] = array_map(static fn(array $mark): float => (float) $mark['light'], $picture->marks());
        self::assertGreaterThan(max($corner, $below), $middle);
        $dark = array_column($picture->shades(), 'dark');
        self::assertGreaterThan($dark[10], $dark[0]);
        self::assertSame([], array_filter($dark, static fn(float $one): bool => $one < 0.0 || $one > 1.0));
    }

    public function testLampsCoverAndHoursAreKeptAndReckonedWith(): void
    {
        [, $tank, $url] = $this->lit();
        $bright = self::middle($tank);
        self::assertGreaterThan(5.0, $bright);
        $lamp = $tank->lamps()->sole();
        self::assertSame([0.8, 8.0, 0.5], [$lamp->dimmer, $lamp->hours, $lamp->across]);
        // Half as bright is half the light.
        $this->put("/tanks/$tank->id/lights/$lamp->id", ['dimmer' => '40'] + self::LAMP)->assertSessionHasNoErrors()->assertRedirect($url);
        self::assertEqualsWithDelta($bright / 2.0, self::middle($tank), 1e-6 * $bright);
        // Dirty glass and brown water take their part.
        $this->put($url, ['glass_cover' => 'dirty', 'water_tint' => 'tea', 'carbon_dioxide' => '20'])->assertSessionHasNoErrors()->assertRedirect($url);
        self::assertLessThan(0.9 * $bright / 2.0, self::middle($tank));
        self::assertSame(20.0, $tank->refresh()->carbon_dioxide);
        $this->post("/tanks/$tank->id/light-days", ['day' => '2026-02-27', 'day_hours' => '14'])->assertSessionHasNoErrors();
        self::assertSame(14.0, $tank->lightDays()->sole()->hours);
        $this->post("/tanks/$tank->id/light-days", ['day' => '2026-02-27', 'day_hours' => '3'])->assertSessionHasNoErrors();
        self::assertSame(3.0, $tank->lightDays()->sole()->hours);
        $this->delete("/tanks/$tank->id/light-days/".$tank->lightDays()->sole()->id)->assertRedirect($url);
        $this->delete("/tanks/$tank->id/lights/$lamp->id")->assertRedirect($url);
        self::assertSame([0, 0], [$tank->lamps()->count(), $tank->lightDays()->count()]);
    }

    /** @return iterable<string, array{string, array<string, string>, string}> address, what is typed, field */
    public static function nonsense(): iterable
    {
        yield 'a lamp on for longer than a day' => ['lights', ['hours' => '25'] + self::LAMP, 'hours'];
        yield 'a lamp that rises for longer than it is on' => ['lights', ['hours' => '1', 'ramp' => '60'] + self::LAMP, 'ramp'];
        yield 'a lamp without spots' => ['lights', ['spots' => '0'] + self::LAMP, 'spots'];
        yield 'light from nothing' => ['light-readings', ['by' => 'moon', 'value' => '40', 'across' => '50', 'front' => '50', 'depth' => '100'], 'by'];
        yield 'under the floor' => ['light-readings', ['by' => 'sensor', 'value' => '40', 'across' => '50', 'front' => '50', 'depth' => '900'], 'depth'];
        yield 'a day to come' => ['light-days', ['day' => '2026-03-05', 'day_hours' => '4'], 'day'];
    }

    /** @param array<string, string> $typed */
    #[DataProvider('nonsense')]
    public function testNonsenseIsToldAtItsFieldAndNotKept(string $to, array $typed, string $field): void
    {
        [, $tank] = $this->lit();
        $this->post("/tanks/$tank->id/$to", $typed)->assertSessionHasErrors($field);
        self::assertSame([1, 0, 0], [$tank->lamps()->count(), $tank->lightReadings()->count(), $tank->lightDays()->count()]);
    }
}
