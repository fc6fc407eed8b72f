<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Entry;
use App\Models\EntryKind;
use App\Models\Keeper;
use App\Models\Kit;
use App\Units\VolumeUnit;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;

final class LogTest extends FeatureCase
{
    public function testNewestFirstByKindAndPaged(): void
    {
        [$keeper, $tank] = $this->readyTank();
        for ($i = 1; $i <= 60; ++$i) {
            $keeper->entries()->create([
                'tank_id' => $tank->id, 'kind' => $i % 2 ? EntryKind::Note : EntryKind::Dose, 'title' => sprintf('entry %03d', $i),
                'happened_at' => CarbonImmutable::parse('2026-01-01')->addDays($i),
            ]);
        }
        $first = $this->actingAs($keeper)->get("/tanks/$tank->id/log?kind=note")->assertOk();
        $first->assertSeeInOrder(['entry 059', 'entry 057', 'entry 011'])->assertDontSee('entry 058')->assertDontSee('entry 009');
        preg_match('/href="([^"]+)" rel="next"/', (string) $first->getContent(), $next);
        $this->get(html_entity_decode($next[1] ?? ''))->assertOk()->assertSee('entry 009')->assertSee('entry 001')->assertDontSee('entry 011');
        $this->get('/log?kind=nonsense')->assertOk()->assertSee('entry 060');
    }

    public function testAnEntryIsWrittenAndTakenOut(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->post(
            '/log',
            ['kind' => 'event', 'title' => 'Outlet knocked aside', 'body' => 'left corner', 'tank_id' => $tank->id, 'happened_at' => '2026-02-03T07:30'],
        )->assertRedirect("/tanks/$tank->id/log");
        $entry = Entry::query()->where('kind', EntryKind::Event)->sole();
        $this->get('/log')->assertSee('Outlet knocked aside')->assertSee('left corner');
        $this->from('/log')->delete("/entries/$entry->id")->assertRedirect('/log');
        $this->get('/log')->assertDontSee('Outlet knocked aside');
    }

    public function testBadEntriesAreToldAtTheirFields(): void
    {
        $this->actingAs($this->keeper())->post('/log', ['kind' => 'change', 'title' => '', 'body' => str_repeat('x', 6000), 'happened_at' => 'tomorrow week'])
            ->assertSessionHasErrors(['kind', 'title', 'body', 'happened_at']);
    }

    public function testMarkupIsShownNotRun(): void
    {
        $keeper = $this->keeper();
        $water = $this->water($keeper, '<script>alert(1)</script>');
        $this->actingAs($keeper)->post('/log', ['kind' => 'note', 'title' => '<img src=x onerror=alert(2)>', 'body' => '"><svg onload=alert(3)>']);
        foreach (['/log', '/source-waters', "/source-waters/$water->id/edit", "/source-waters/$water->id/test"] as $page) {
            $html = (string) $this->get($page)->assertOk()->getContent();
            self::assertStringNotContainsString('<script>alert', $html);
            self::assertStringNotContainsString('<img src=x', $html);
            self::assertStringNotContainsString('<svg onload', $html);
        }
    }

    public function testReadingsLeaveAsCsvInTheKeepersUnits(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $tank->update(['name' => '=1+1']);
        $keeper->kits()->create(['parameter' => Parameter::Temperature, 'method' => 'pen', 'unit' => 'fahrenheit', 'step' => 0.1]);
        $csv = $this->actingAs($keeper->fresh() ?? $keeper)->get('/log/readings.csv')->assertOk()
            ->assertHeader('Content-Type', 'text/csv; charset=utf-8')->streamedContent();
        $lines = array_map(static fn(string $line): array => str_getcsv($line, ',', '"', ''), explode("\n", trim($csv)));

        self::assertSame(['taken_at', 'tank', 'water', 'parameter', 'method', 'value', 'low', 'high', 'unit'], $lines[0]);
        self::assertCount(14, $lines);
        $rows = array_map(static fn(array $line): string => implode('|', array_slice($line, 3)), $lines);
        self::assertContains('nitrate|between|30|20|40|mg/L', $rows);
        self::assertContains('temperature|pen|77|76.91|77.09|°F', $rows);
        // A spreadsheet must not run a name as a formula.
        self::assertStringNotContainsString(',=1+1', $csv);
    }

    public function testAnEmptyDiaryStillHasItsColumns(): void
    {
        self::assertSame(
            "taken_at,tank,water,parameter,method,value,low,high,unit\n",
            $this->actingAs($this->keeper())->get('/log/readings.csv')->streamedContent(),
        );
    }

    public function testSettingsChangeWhatIsShownNotWhatIsKept(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $kept = $tank->readings()->orderBy('id')->get(['value', 'low', 'high'])->toJson();
        $typed = $this->settings(
            $keeper,
            ['general_hardness' => ['unit' => 'caco3'], 'conductivity' => ['unit' => 'tds'], 'nitrate' => ['fields' => '0 10 25 50']],
        );
        $this->actingAs($keeper)->put('/settings', ['volume_unit' => 'us_gallon', 'bucket_litres' => '3', 'pen_factor' => '0.5'] + $typed)
            ->assertSessionHasNoErrors();
        $keeper = Keeper::query()->whereKey($keeper->id)->sole();

        self::assertSame($kept, $tank->readings()->orderBy('id')->get(['value', 'low', 'high'])->toJson());
        self::assertSame(VolumeUnit::UsGallon, $keeper->volume_unit);
        // It was typed in litres, which stood beside it.
        self::assertEqualsWithDelta(3.0, $keeper->bucket_litres, 1e-9);
        // A drop kit read as GH 7 is 6.5 on average, 116 mg/L CaCO3; 330 uS/cm is 165 on a salt-scale meter.
        $this->actingAs($keeper)->get("/tanks/$tank->id")->assertSee('US gal')
            ->assertSeeInOrder(['general_hardness">116</span>', '<small>mg/L CaCO3</small>', 'conductivity">165</span>', '<small>mg/L TDS</small>'], false);
        self::assertSame([0.0, 10.0, 25.0, 50.0], $keeper->coreKit(Parameter::Nitrate)->fields);
        $this->get("/tanks/$tank->id/water-change")->assertOk()->assertSee('mg/L TDS');
    }

    public function testBadSettingsAreToldAtTheirFields(): void
    {
        $keeper = $this->keeper();
        $typed = $this->settings($keeper, ['nitrate' => ['fields' => '5 3 1', 'unit' => 'furlong'], 'ph' => ['step' => 'fine', 'method' => 'between']]);
        $this->actingAs($keeper)->put('/settings', ['timezone' => 'Moon', 'bucket_litres' => '0', 'pen_factor' => '7', 'theme' => 'pink'] + $typed)
            ->assertSessionHasErrors([
                'timezone', 'bucket_litres', 'pen_factor', 'theme', 'kits.nitrate.fields', 'kits.nitrate.unit', 'kits.ph.step', 'kits.ph.method',
            ]);
        self::assertSame(0, Kit::query()->count());
    }

    /**
     * @param array<string, array<string, string>> $kits
     *
     * @return array<string, mixed>
     */
    private function settings(Keeper $keeper, array $kits): array
    {
        $all = [];
        foreach (Parameter::cases() as $parameter) {
            $kit = $keeper->coreKit($parameter);
            $all[$parameter->value] = ($kits[$parameter->value] ?? []) + [
                'method' => $kit->method->value, 'unit' => $kit->unit->key, 'step' => (string) $kit->step, 'fields' => implode(' ', $kit->fields),
            ];
        }

        return [
            'name' => 'Wren', 'volume_unit' => 'litre', 'length_unit' => 'metric', 'theme' => 'auto', 'timezone' => 'UTC', 'bucket_litres' => '12',
            'pen_factor' => '0.5', 'scale_step' => '0.1', 'kits' => $all,
        ];
    }
}
