<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Analysis;
use App\Models\Batch;
use App\Models\Checklist;
use App\Models\Entry;
use App\Models\Keeper;
use App\Models\MeterTrial;
use App\Models\Photo;
use App\Models\Product;
use App\Models\Recipe;
use App\Models\Reservoir;
use App\Models\SourceWater;
use App\Models\SpoonTrial;
use App\Models\SubstrateZone;
use App\Models\Tank;
use App\Models\TopOff;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;

/** One keeper can never see or change another's records: every route is walked. */
final class OwnershipTest extends FeatureCase
{
    /** Routes that anyone may enter. */
    private const OPEN = [
        'bare', 'up', 'start', 'sign-in', 'sign-in/demo', 'sign-up', 'sign-up/new', 'password/forgotten', 'password/new/{token}', 'password/new',
    ];

    /** Routes for whoever has the secret in their address. */
    private const SECRET = ['help/{secret}', 'help/{secret}/tasks/{ask}', 'help/{secret}/readings', 'help/{secret}/photo', 'calendar/{secret}.ics'];

    /** Routes whose parameter names no record, or one that is looked for only among one's own. */
    private const NO_RECORD = [
        'recipes/export.{format}', 'analyses/export.{format}', 'pen/{trial}', 'learning-resets/{fresh}', 'settings/pens/{parameter}',
        'glossary/{term}',
    ];

    public function testEveryRouteWithARecordHidesTheRecordsOfOthers(): void
    {
        [$owner, $tank, $water] = $this->readyTank();
        $checklist = $this->writeRun($owner, $tank);
        $entry = Entry::query()->firstOrFail();
        $records = ['entry' => $entry->id] + $this->oneOfEach($owner, $tank, $water, $checklist);
        $before = $this->everything();
        $stranger = $this->keeper('Stranger');
        $walked = 0;
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if ($route->parameterNames() === [] || in_array(
                $route->uri(),
                [...self::OPEN, ...self::NO_RECORD],
                true,
            ) || str_starts_with($route->uri(), 'storage/')) {
                continue;
            }
            $url = $this->fill($route, $records);
            foreach ($this->methods($route) as $method) {
                $this->actingAs($stranger)->call($method, $url, ['name' => 'mine now', 'to' => 'off', 'readings' => ['ph' => '7']])
                    ->assertNotFound();
                ++$walked;
            }
        }

        self::assertGreaterThan(20, $walked);
        self::assertSame($before, $this->everything());
    }

    public function testEveryRouteButTheDoorAsksForTheSignIn(): void
    {
        [$owner, $tank, $water] = $this->readyTank();
        $checklist = $this->writeRun($owner, $tank);
        $this->post('/sign-out');
        $records = $this->oneOfEach($owner, $tank, $water, $checklist);
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if (in_array($route->uri(), self::OPEN, true) || str_starts_with($route->uri(), 'storage/')) {
                continue;
            }
            foreach ($this->methods($route) as $method) {
                if (in_array($route->uri(), self::SECRET, true)) {
                    $this->call($method, $this->fill($route, $records))->assertNotFound();
                    continue;
                }
                $this->call($method, $this->fill($route, $records))->assertRedirect($route->uri() === '/' ? '/start' : '/sign-in');
            }
        }
    }

    public function testListsAndExportsHoldOnlyOnesOwn(): void
    {
        $this->readyTank();
        $stranger = $this->keeper('Stranger');
        foreach (['/', '/source-waters', '/log', '/mix-water', '/supplies/products', '/recipes', '/pen'] as $page) {
            $this->actingAs($stranger)->get($page)->assertOk()->assertDontSee('Brook')->assertDontSee('390');
        }
        self::assertStringNotContainsString('Brook', $this->get('/log/readings.csv')->streamedContent());
    }

    public function testThePairsOfAnothersPenStay(): void
    {
        $owner = $this->keeper();
        $pair = $owner->meterTrials()->create(['shown' => 200, 'known' => 400, 'taken_at' => now()]);
        $this->actingAs($this->keeper('Stranger'))->delete('/pen/'.$pair->id)->assertRedirect();

        self::assertTrue(MeterTrial::query()->whereKey($pair->id)->exists());
    }

    public function testTheBenchTakesNothingOfAnothers(): void
    {
        [, $tank, , $tap] = $this->bench();
        [$keeper] = $this->bench('Lark');
        $theirs = Product::query()->orderBy('id')->firstOrFail();
        foreach (['tank' => $tank->id, 'waters' => [$tap->id], 'jars' => [$theirs->id]] as $field => $value) {
            $this->actingAs($keeper)->post('/batches', [$field => $value])->assertSessionHasErrors($field);
        }
        self::assertSame(0, Batch::query()->count());
        $reservoir = $keeper->reservoirs()->create(['name' => 'Barrel', 'capacity' => 60, 'level' => 20, 'litres_per_day' => 100, 'waste' => 3]);
        $this->put(
            '/ro-reservoirs/'.$reservoir->id,
            ['name' => 'Barrel', 'capacity' => '60', 'level' => '1', 'litres_per_day' => '100', 'waste' => '3', 'source_water_id' => (string) $tap->id],
        )->assertSessionHasErrors('source_water_id');
    }

    public function testAnothersWaterCannotBeMixedIn(): void
    {
        [, , $theirs] = $this->readyTank();
        [$keeper, $tank] = $this->readyTank('Lark');
        $this->actingAs($keeper)->get("/tanks/$tank->id/water-change?water=$theirs->id")->assertOk()->assertSee('Choose one of your source waters.');
        $this->post('/tanks', ['source_water_id' => $theirs->id])->assertSessionHasErrors('source_water_id');
    }

    public function testAnEntryCannotBeWrittenIntoAnothersTank(): void
    {
        [, $theirs] = $this->readyTank();
        $this->actingAs($this->keeper('Stranger'))->post('/log', ['kind' => 'note', 'title' => 'hello', 'tank_id' => $theirs->id])
            ->assertSessionHasErrors('tank_id');
    }

    public function testTheOwnerCannotBeSetFromOutside(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $other = $this->keeper('Other');
        $this->actingAs($keeper)->put('/settings', ['is_demo' => '1', 'id' => $other->id])->assertSessionHasErrors();
        $this->post('/log', ['kind' => 'note', 'title' => 'x', 'keeper_id' => $other->id]);

        self::assertFalse($keeper->refresh()->is_demo);
        self::assertSame(0, $other->entries()->count());
        self::assertSame($keeper->id, $tank->refresh()->keeper_id);
    }

    /** @param array<string, int|string> $records */
    private function fill(Route $route, array $records): string
    {
        return '/'.preg_replace_callback('/\{(\w+)\}/', static fn(array $m): string => (string) ($records[$m[1]] ?? 1), $route->uri());
    }

    /** @return list<string> */
    private function methods(Route $route): array
    {
        return array_values(array_filter(
            array_map(static fn(mixed $m): string => is_string($m) ? $m : '', $route->methods()),
            static fn(string $m): bool => $m !== 'HEAD' && $m !== '',
        ));
    }

    private function everything(): string
    {
        return (string) json_encode([
            Keeper::query()->where('name', '!=', 'Stranger')->get(), Tank::all(), SourceWater::all(), Checklist::all(), Entry::all(), Product::all(),
            SpoonTrial::all(), Reservoir::all(), Analysis::all(), Batch::all(), Recipe::all(), TopOff::all(), SubstrateZone::all(), Photo::all(),
        ]);
    }
}
