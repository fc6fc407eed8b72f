<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Device;
use App\Models\Tank;
use App\Tanks\VesselQuery;
use App\Units\VolumeUnit;
use PHPUnit\Framework\Attributes\DataProvider;

final class TankTest extends FeatureCase
{
    /** @return array<string, mixed> */
    private static function typed(): array
    {
        return [
            'name' => 'Long Meadow', 'shape' => 'box', 'outer_length' => '90', 'outer_depth' => '45', 'outer_height' => '45', 'glass' => '8',
            'water_below_rim' => '30', 'substrate_back' => '15', 'substrate_front' => '5', 'porosity' => '50', 'animals' => 'plants_first', 'warmth' => '24',
            'nitrate_per_day' => '1,5', 'routine_share' => '35', 'routine_days' => '7',
            'devices' => ['heater' => ['on' => '1', 'top' => '90', 'bottom' => '300', 'across' => '4'], 'lamp' => ['on' => '1'], 'feeder' => ['top' => '9']],
        ];
    }

    public function testATankIsKeptAsMeasured(): void
    {
        $this->actingAs($this->keeper())->post('/tanks', self::typed())->assertSessionHasNoErrors()->assertRedirect();
        $tank = Tank::query()->with('devices')->sole();

        // The published box with a sloped bed: 138.88 L.
        self::assertEqualsWithDelta(138.88, VesselQuery::tank($tank)->litres(), 0.3);
        self::assertSame(['heater', 'lamp'], $tank->devices->map(fn($device) => $device->kind->value)->sort()->values()->all());
        self::assertSame(1.5, $tank->nitrate_per_day);
        $this->get('/tanks/'.$tank->id)->assertOk()->assertSee('139')->assertSee("heater: from −90\u{A0}mm");
    }

    /** @return iterable<string, array{array<string, string>, float}> shape and sizes; litres by hand */
    public static function shapes(): iterable
    {
        // Inner edge 28.8 cm, water 24.9 cm high.
        yield 'cube' => [['shape' => 'cube', 'outer_length' => '30', 'outer_height' => ''], 28.8 * 28.8 * (30 - 0.6 - 3) / 1000];
        yield 'cylinder' => [['shape' => 'cylinder', 'outer_length' => '30', 'outer_height' => '40'], M_PI * 14.4 ** 2 * 36.4 / 1000];
        yield 'half circle' => [['shape' => 'half_circle', 'outer_length' => '60', 'outer_height' => '40'], M_PI * 29.4 ** 2 / 2 * 36.4 / 1000];
        yield 'quarter circle' => [['shape' => 'quarter_circle', 'outer_length' => '50', 'outer_height' => '40'], M_PI * 48.8 ** 2 / 4 * 36.4 / 1000];
    }

    /** @param array<string, string> $sizes */
    #[DataProvider('shapes')]
    public function testEveryShapeHasItsVolume(array $sizes, float $litres): void
    {
        $this->actingAs($this->keeper())->post(
            '/tanks',
            ['glass' => '6', 'substrate_back' => '', 'substrate_front' => '', 'outer_depth' => 'x', 'middle_depth' => ''] + $sizes + self::typed(),
        )->assertSessionHasNoErrors();

        self::assertEqualsWithDelta($litres, VesselQuery::tank(Tank::query()->sole())->litres(), 0.001 * $litres);
    }

    public function testATankIsKnownByALitreTableAlone(): void
    {
        $keeper = $this->keeper();
        $marks = [
            ['level' => '20', 'litres' => '36,8'], ['level' => '300', 'litres' => '2'], ['level' => '10 cm', 'litres' => '26'],
            ['level' => '', 'litres' => ''], ['level' => '220', 'litres' => '10.4'],
        ];
        $typed = [
            'shape' => 'counted', 'outer_length' => '40', 'outer_depth' => '40', 'outer_height' => '34.8', 'glass' => '8', 'water_below_rim' => '52',
            'substrate_back' => '4', 'substrate_front' => '3', 'stone_kg' => '9', 'measured_litres' => '900', 'marks' => $marks,
        ] + self::typed();
        $this->actingAs($keeper)->post('/tanks', $typed)->assertSessionHasNoErrors();
        $tank = Tank::query()->sole();

        // Rim 34 cm above the floor: by hand 26 + 10.8 * 4.8 / 8 = 32.48 L, and the first 8.12 L down to 60.62 mm below the line.
        self::assertEqualsWithDelta(32.48, VesselQuery::tank($tank)->litres(), 1e-9);
        self::assertEqualsWithDelta(112.62, VesselQuery::tank($tank)->markFor(8.12), 0.01);
        $this->get("/tanks/$tank->id")->assertOk()->assertSee('data-working="volume">32', false)->assertSee('Another shape, measured by litres');
        foreach (['water-change', 'hose', 'top-off', 'gravel-vac', 'section.svg'] as $page) {
            $this->get("/tanks/$tank->id/$page")->assertOk();
        }
        $this->get("/tanks/$tank->id?working=volume")->assertSee('net volume by the table');
        $this->get("/tanks/$tank->id/edit")->assertSee('name="marks[3][litres]"', false)->assertSee('value="10.4"', false);
    }

    public function testAMarkIsALevelAndItsLitres(): void
    {
        $typed = fn(mixed $marks): array => ['shape' => 'counted', 'substrate_back' => '', 'substrate_front' => '', 'marks' => $marks] + self::typed();
        $this->actingAs($this->keeper())->post('/tanks', $typed([['level' => '40', 'litres' => '']]))
            ->assertSessionHasErrors(['marks.0.litres' => 'A mark needs a level and the litres up to it.']);
        $this->post('/tanks', $typed([]))->assertSessionHasErrors('marks');
        $this->post('/tanks', $typed('x'))->assertSessionHasErrors('marks');
        $this->post('/tanks', $typed([['level' => '40', 'litres' => '12'], ['level' => 'low', 'litres' => '9']]))->assertSessionHasErrors('marks.1.level');
        $this->post('/tanks', $typed([['level' => '40', 'litres' => '12'], ['level' => '200', 'litres' => '19']]))->assertSessionHasErrors('marks');
        $this->get('/tanks/draw?'.http_build_query($typed([['level' => '20', 'litres' => '12']])))->assertOk()->assertSee('at least two marks');
        $this->assertDatabaseCount('tanks', 0);
    }

    /** @return iterable<string, array{string, string, string}> field, typed, part of the message */
    public static function nonsense(): iterable
    {
        yield 'no name' => ['name', '', 'Fill this in.'];
        yield 'a long name' => ['name', str_repeat('a', 10000), 'at most 60'];
        yield 'letters' => ['outer_length', 'long', 'Enter a number in cm'];
        yield 'negative' => ['outer_height', '-40', 'etween 5 and 200 cm'];
        yield 'huge' => ['outer_length', '99999999', 'etween 5 and 500 cm'];
        yield 'ten thousand digits' => ['outer_length', str_repeat('9', 10000), 'Enter a number in cm'];
        yield 'markup' => ['glass', '<b>8</b>', 'Enter a number in mm'];
        yield 'inches for millimetres' => ['glass', '0.3', 'etween 1 and 60 mm'];
        yield 'no such shape' => ['shape', 'teapot', ''];
        yield 'no such animals' => ['animals', 'dragons', ''];
        yield 'a bed above the water' => ['substrate_back', '44', 'above the waterline'];
        yield 'more stone than room' => ['stone_kg', '2000', 'more room than there is'];
        yield 'half a day' => ['routine_days', '3.5', 'whole days'];
        yield 'a whole tank' => ['routine_share', '100', 'etween 1 and 95 %'];
        yield 'boiling' => ['warmth', '80', 'etween 5 and 36'];
    }

    #[DataProvider('nonsense')]
    public function testNonsenseIsToldAtItsFieldAndKept(string $field, string $value, string $message): void
    {
        $answer = $this->actingAs($this->keeper())->from('/tanks/new')->followingRedirects()->post('/tanks', [$field => $value] + self::typed());

        $answer->assertOk()->assertSee($message);
        if ($value !== '' && strlen($value) < 100 && !in_array($field, ['shape', 'animals'], true)) {
            $answer->assertSee('value="'.e($value).'"', false);
        }
        self::assertSame(0, Tank::query()->count());
    }

    public function testTheDrawingAnswersWhileTyping(): void
    {
        $keeper = $this->keeper();
        $typed = http_build_query(['name' => ''] + self::typed());
        $this->actingAs($keeper)->get('/tanks/draw?'.$typed)->assertOk()->assertSee('Not a complete tank yet');
        $this->get('/tanks/draw?'.http_build_query(self::typed()))->assertOk()->assertSee('<svg', false)->assertSee('138.9');
        $this->get('/tanks/draw?'.http_build_query(['outer_length' => 'x'] + self::typed()), ['HX-Request' => 'true'])
            ->assertOk()->assertSee('id="e-f-outer_length" hx-swap-oob="true">Enter a number in cm', false);
    }

    public function testTheDrawingIsToScale(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $svg = $this->actingAs($keeper)->get("/tanks/$tank->id/section.svg")->assertOk()->getContent();
        $xml = simplexml_load_string((string) $svg);
        self::assertNotFalse($xml);
        $xml->registerXPathNamespace('s', 'http://www.w3.org/2000/svg');
        $number = static fn(string $path, string $name): float => (float) ($xml->xpath($path)[0][$name] ?? NAN);

        // 500 mm of inner length against 400 mm of water; the heater is 180 mm long.
        $scale = $number('//s:rect[@class="water"]', 'width') / 500;
        self::assertEqualsWithDelta(400 * $scale, $number('//s:rect[@class="water"]', 'height'), 0.3);
        self::assertEqualsWithDelta(180 * $scale, $number('//s:g[@class="device"]/s:rect[@rx]', 'height'), 0.3);
    }

    public function testMeasuresCanBeChangedAndDevicesTakenOff(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->get("/tanks/$tank->id/edit")->assertOk()->assertSee('51.2');
        $this->put("/tanks/$tank->id", ['devices' => ['canister' => ['on' => '1', 'top' => '300']]] + self::typed())->assertSessionHasNoErrors();

        self::assertSame('Long Meadow', $tank->refresh()->name);
        self::assertSame(['canister'], $tank->devices()->get()->map(fn(Device $device): string => $device->kind->value)->all());
    }

    public function testATankGoesWithAllItHas(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->writeRun($keeper, $tank);
        $this->actingAs($keeper)->delete("/tanks/$tank->id")->assertRedirect('/');

        $this->assertDatabaseCount('tanks', 0);
        $this->assertDatabaseCount('checklists', 0);
        $this->assertDatabaseMissing('readings', ['tank_id' => $tank->id]);
        $this->assertDatabaseCount('source_waters', 1);
    }

    public function testAKeeperInGallonsTypesGallons(): void
    {
        $keeper = $this->keeper();
        $keeper->update(['volume_unit' => VolumeUnit::UsGallon]);
        $this->actingAs($keeper)->post('/tanks', ['measured_litres' => '30', 'measured_spread' => '0.5'] + self::typed())->assertSessionHasNoErrors();

        self::assertEqualsWithDelta(113.562, Tank::query()->sole()->measured_litres ?? 0.0, 0.001);
        $this->get('/tanks/'.Tank::query()->sole()->id)->assertSee('US gal');
    }
}
