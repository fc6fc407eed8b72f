<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\View\Ledger;
use App\View\LedgerEntry;
use Carbon\CarbonImmutable;

final class LedgerTest extends FeatureCase
{
    /** @return array<string, LedgerEntry> by name */
    private static function entries(): array
    {
        $entries = Ledger::entries();

        return array_combine(array_map(static fn(LedgerEntry $entry): string => $entry->name, $entries), $entries);
    }

    public function testTheDocumentSaysWhatTheCodeReckonsWith(): void
    {
        // After a change of a figure: php artisan cresco:defaults, and look at what it changed.
        self::assertSame(Ledger::markdown(), file_get_contents(base_path('docs/defaults.md')));
    }

    public function testEveryFigureSaysWhatItIsAndHasItsGrade(): void
    {
        $entries = Ledger::entries();
        self::assertGreaterThan(200, count($entries));
        self::assertSame([], array_map(static fn(LedgerEntry $entry): string => $entry->name, array_filter($entries, static fn(LedgerEntry $entry): bool => strlen($entry->text) < 8 || $entry->value === '')));
        self::assertCount(count($entries), self::entries());
    }

    public function testFiguresComeFromWhereTheyStand(): void
    {
        $entries = self::entries();
        self::assertSame(['1.5', LedgerEntry::GUESS], [$entries['StandingDepth::BODY_HEIGHTS']->value, $entries['StandingDepth::BODY_HEIGHTS']->grade]);
        self::assertSame(['9.80665', LedgerEntry::PUBLISHED], [$entries['Siphon::GRAVITY']->value, $entries['Siphon::GRAVITY']->grade]);
        self::assertSame(LedgerEntry::LIMIT, $entries['Siphon::DEEPEST']->grade);
        self::assertSame('0.15', $entries['Cover::Sand.stirred']->value);
        // Shrimp on acidic soil are kept at 20 to 24 degrees, and nitrite suits none above 0.1.
        self::assertStringContainsString('T 20, 24', $entries['AnimalGroup::SoftWaterShrimp.range']->value);
        self::assertStringContainsString('EC 4 ± 4', $entries['PassiveSource::Shell.guess']->value);
        self::assertSame('0, 0.1', $entries['Parameter::Nitrite.fine']->value);
    }

    public function testThePageSaysWhatTheDiaryHasReplaced(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-01 12:00'));
        [$keeper, $tank, $water] = $this->readyTank();
        $this->tank($keeper)->update(['name' => 'Another']);
        $this->actingAs($keeper)->get('/assumed')->assertOk()->assertSee('Nothing yet.')->assertSee('StandingDepth::BODY_HEIGHTS');
        $this->read($keeper, $tank, ['nitrate' => '20-40'], CarbonImmutable::parse('2026-02-20 12:00'));
        $jar = $this->jar($keeper, 'gypsum');
        $jar->trials()->create(['method' => 'scale', 'spoons' => 10, 'grams_each' => 3.0, 'taken_at' => now()]);
        $keeper->penTrials()->create(['shown' => 207, 'known' => 413, 'taken_at' => now()]);
        foreach ([10, 5, 0] as $ago) {
            $tank->topUps()->create(['litres' => 4.0, 'taken_at' => CarbonImmutable::now()->subDays($ago), 'water_id' => $water->id]);
        }
        $page = $this->get('/assumed')->assertOk()->assertSee('Nitrate that Brook makes in a day')->assertSee('2 readings')->assertSee('A level spoon of Gypsum')->assertSee('3.00 ± ')->assertSee('Factor of the TDS pen')->assertSee('one pair');
        // 3 mm a day off 25 dm2 count as two weeks, and 8 L in ten days beside it: (14 * 0.75 + 8) / 24.
        $page->assertSee('What Brook loses in a day')->assertSee("0.75\u{A0}L")->assertSee("0.77\u{A0}L")->assertSee('2 top-ups');
    }
}
