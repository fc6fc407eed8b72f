<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Account\EstimatesPage;
use App\Account\Ledger;
use App\Account\LedgerEntry;
use App\Account\ReplacedEstimate;
use App\Data\OwnEstimates;
use App\Exchange\KeeperTables;
use App\Models\ChecklistState;
use App\Models\LearningReset;
use App\Schedule\WeekQuery;
use App\Tanks\ChoresQuery;
use App\Tanks\EvaporationQuery;
use App\Tanks\LevelsQuery;
use App\Tanks\TasksDoneQuery;
use Carbon\CarbonImmutable;
use Cresco\Core\Diagnosis\AlgaeTypes;
use Cresco\Core\Diagnosis\AppearanceSigns;
use Cresco\Core\Diagnosis\Causes;
use Cresco\Core\Diagnosis\LeafCauses;
use Cresco\Core\Diagnosis\LeafSigns;
use Cresco\Core\Livestock\AnimalKinds;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Mixing\Salts;
use Cresco\Core\Planning\Interval;
use Cresco\Core\Planning\JobKinds;
use Cresco\Core\Plants\PlantCatalogue;

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

    public function testFiguresThatAreTinyOrHugeKeepTheirExponent(): void
    {
        self::assertSame('1e-100, 1e100', self::entries()['Average::BETWEEN']->value);
        self::assertSame('1.6e-5', self::entries()['Carbonate::STRENGTH_PER_MICROSIEMENS']->value);
    }

    public function testEveryFigureSaysWhatItIsAndHasItsGrade(): void
    {
        $entries = Ledger::entries();
        self::assertGreaterThan(200, count($entries));
        self::assertSame(
            [],
            array_map(
                static fn(LedgerEntry $entry): string => $entry->name,
                array_filter($entries, static fn(LedgerEntry $entry): bool => strlen($entry->text) < 8 || $entry->value === ''),
            ),
        );
        self::assertCount(count($entries), self::entries());
    }

    public function testFiguresComeFromWhereTheyStand(): void
    {
        $entries = self::entries();
        self::assertSame(['1.5', LedgerEntry::GUESS], [$entries['SwimmingDepth::BODY_HEIGHTS']->value, $entries['SwimmingDepth::BODY_HEIGHTS']->grade]);
        self::assertSame(['9.80665', LedgerEntry::PUBLISHED], [$entries['Siphon::GRAVITY']->value, $entries['Siphon::GRAVITY']->grade]);
        self::assertSame(LedgerEntry::LIMIT, $entries['Siphon::DEEPEST']->grade);
        self::assertSame('0.15', $entries['Cover::Sand.stirred']->value);
        // Shrimp on acidic soil are kept at 20 to 24 degrees, and nitrite suits none above 0.1.
        self::assertStringContainsString('T 20, 24', $entries['AnimalGroup::SoftWaterShrimp.range']->value);
        self::assertStringContainsString('EC 4 ± 9', $entries['PassiveSource::Shell.guess']->value);
        self::assertSame('0, 0.1', $entries['Parameter::Nitrite.fine']->value);
    }

    public function testEveryEntryOfEveryCatalogueIsInIt(): void
    {
        $entries = self::entries();
        // By the tables as they are written: danios are kept cooler than angelfish, and green dust lies on panes in nine of ten.
        self::assertStringContainsString('celsius 20, 25', $entries['AnimalKinds::all.danio']->value);
        self::assertStringContainsString('celsius: that it is kept at', $entries['AnimalKinds::all.danio']->text);
        self::assertStringContainsString('minutes 8; days 7', $entries['JobKinds::all.glass']->value);
        self::assertStringContainsString('form Stem; pace Fast; demand Middling; roots 0.3', $entries['PlantCatalogue::all.rotala_rotundifolia']->value);
        self::assertStringContainsString('where panes 9 of ten (consensus)', $entries['AlgaeTypes::all.green_dust']->value);
        self::assertStringContainsString('changes_late 8.5 against 2 of ten (consensus)', $entries['Causes::all.changes_skipped']->value);
        self::assertSame('window 14', $entries['DiagnosticSigns::all.lamp_long']->value);
        self::assertSame('usually 0.2, 0.8', $entries['LeafSigns::all.soft_water']->value);
        self::assertStringContainsString('molarMass 172.171; brings Ca 1, SO4 1', $entries['Salts::all.gypsum']->value);
        // CRC Handbook and IUPAC: what each ion has of its own.
        self::assertSame(
            ['44.5', LedgerEntry::PUBLISHED],
            [$entries['Ion::Bicarbonate.limitingConductivity']->value, $entries['Ion::Bicarbonate.limitingConductivity']->grade],
        );
        self::assertSame(['24.305', LedgerEntry::PUBLISHED], [$entries['Ion::Magnesium.molarMass']->value, $entries['Ion::Magnesium.molarMass']->grade]);
        foreach ([
            'AnimalKinds' => AnimalKinds::all(), 'JobKinds' => JobKinds::all(), 'PlantCatalogue' => PlantCatalogue::all(),
            'AlgaeTypes' => AlgaeTypes::all(), 'Causes' => Causes::all(), 'LeafCauses' => LeafCauses::all(), 'LeafSigns' => LeafSigns::all(),
            'AppearanceSigns' => AppearanceSigns::all(), 'Salts' => Salts::all(),
        ] as $name => $catalogue) {
            self::assertSame([], array_diff(array_map(static fn(string $key): string => $name.'::all.'.$key, array_keys($catalogue)), array_keys($entries)));
        }
    }

    public function testThePageSaysWhatTheDiaryHasReplaced(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-01 12:00'));
        [$keeper, $tank, $water] = $this->readyTank();
        $this->tank($keeper)->update(['name' => 'Another']);
        $this->actingAs($keeper)->get('/estimates')->assertOk()->assertSee('Nothing yet.')->assertSee('SwimmingDepth::BODY_HEIGHTS');
        $this->read($keeper, $tank, ['nitrate' => '20-40'], CarbonImmutable::parse('2026-02-20 12:00'));
        $product = $this->product($keeper, 'gypsum');
        $product->trials()->create(['method' => 'scale', 'spoons' => 10, 'grams_each' => 3.0, 'taken_at' => now()]);
        $keeper->meterTrials()->create(['shown' => 207, 'known' => 413, 'taken_at' => now()]);
        foreach ([10, 5, 0] as $ago) {
            $tank->topOffs()->create(['litres' => 4.0, 'taken_at' => CarbonImmutable::now()->subDays($ago), 'source_water_id' => $water->id]);
        }
        $page = $this->get('/estimates')->assertOk()->assertSee('Daily nitrate rise in Brook')->assertSee('2 tests')
            ->assertSee('A level spoon of Gypsum')->assertSee('3.00 ± ')->assertSee('Factor of the TDS meter')->assertSee('one pair');
        // 3 mm a day off 25 dm2 count as two weeks, and 8 L in ten days beside it: (14 * 0.75 + 8) / 24.
        $page->assertSee('Daily evaporation of Brook')->assertSee("0.75\u{A0}L")->assertSee("0.77\u{A0}L")->assertSee('2 top-offs');
    }

    public function testAFigureIsLearnedAnewAndThatIsTakenBack(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-01 12:00'));
        [$keeper, $tank, $water] = $this->readyTank();
        $this->read($keeper, $tank, ['nitrate' => '5'], CarbonImmutable::now()->subDays(20));
        $product = $this->product($keeper, 'gypsum');
        $product->trials()->create(['method' => 'scale', 'spoons' => 10, 'grams_each' => 3.0, 'taken_at' => now()->subDays(2)]);
        $keeper->meterTrials()->create(['shown' => 207, 'known' => 413, 'taken_at' => now()->subDays(2)]);
        foreach ([10, 5, 2] as $ago) {
            $tank->topOffs()->create(['litres' => 4.0, 'taken_at' => CarbonImmutable::now()->subDays($ago), 'source_water_id' => $water->id]);
        }
        $figures = static fn(): array => array_map(
            static fn(ReplacedEstimate $row): array => [$row->figure, $row->tank, $row->product],
            (new EstimatesPage($keeper->fresh() ?? $keeper))->replaced(),
        );
        $before = [['made.nitrate', $tank->id, null], ['evaporation', $tank->id, null], ['spoon', null, $product->id], ['pen', null, null]];
        self::assertSame($before, $figures());

        $this->actingAs($keeper);
        foreach ($before as [$what, $ofTank, $ofProduct]) {
            $this->post('/learning-resets', ['what' => $what, 'tank' => $ofTank, 'jar' => $ofProduct])->assertSessionHasNoErrors()
                ->assertRedirect('/estimates#replaced');
        }
        self::assertSame([], $figures());
        self::assertNull($product->refresh()->load('trials')->spoon());
        self::assertSame([0, 0], [LevelsQuery::of($tank->refresh())->made(Parameter::Nitrate)->count, EvaporationQuery::of($tank)->count]);
        $this->get('/estimates')->assertSee('Started over')->assertSee('Daily evaporation of Brook, today 12:00');
        // What is seen afterwards counts.
        $this->travel(3)->days();
        $product->trials()->create(['method' => 'scale', 'spoons' => 10, 'grams_each' => 4.0, 'taken_at' => now()]);
        self::assertSame(4.0, round((float) $product->refresh()->load('trials')->spoon()?->mean, 6));

        foreach ($keeper->learningResets()->pluck('id') as $id) {
            $this->delete('/learning-resets/'.(is_numeric($id) ? $id : ''))->assertRedirect();
        }
        self::assertSame($before, $figures());
        self::assertSame(2, $product->refresh()->load('trials')->spoon()?->trials);
    }

    public function testOnlyFiguresAndRecordsOfOnesOwnAreBegunAnew(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $other = $this->tank($this->keeper('Stranger'));
        $this->actingAs($keeper);
        foreach ([
            ['what' => 'made.unobtainium', 'tank' => $tank->id], ['what' => 'evaporation', 'tank' => $other->id], ['what' => 'evaporation'],
            ['what' => 'spoon', 'jar' => 7], ['what' => ['x']], [],
        ] as $typed) {
            $this->post('/learning-resets', $typed)->assertSessionHasErrors();
        }
        self::assertSame(0, LearningReset::query()->count());
    }

    public function testWhatAKeeperKnowsBetterIsWhereAllBegins(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-07 09:00'));
        [$keeper, $tank, $water] = $this->readyTank();
        $this->noteChange($keeper, $tank, $water, 20.0, CarbonImmutable::now()->subHours(2));
        $checklist = $this->writeRun($keeper, $tank, ['dry' => '1', 'tasks' => ['glass']]);
        $checklist->steps()->update(['opened_at' => now()->subDays(5), 'done_at' => now()->subDays(5)]);
        $checklist->update(['state' => ChecklistState::Done, 'finished_at' => now()->subDays(5)]);
        $due = static fn(): int => (new WeekQuery($keeper->fresh() ?? $keeper))->jobs[$tank->id.'.task.glass@0']->day();
        // Every seven days, done five days ago.
        self::assertSame(2, $due());
        $this->actingAs($keeper)->get('/estimates')->assertSee('every 7 days, 8 min');
        $this->put(
            '/estimates',
            ['figures' => ['glass' => ['days' => '10', 'minutes' => '20'], 'between' => '12', 'evaporation' => '6', 'before' => '']],
        )->assertSessionHasNoErrors();
        self::assertSame(5, $due());
        self::assertSame(
            ['glass.days' => 10.0, 'glass.minutes' => 20.0, 'between' => 12.0, 'evaporation' => 6.0],
            array_replace(['glass.days' => 0.0, 'glass.minutes' => 0.0, 'between' => 0.0, 'evaporation' => 0.0], $keeper->refresh()->figures->own),
        );
        // 6 mm off 25 dm2 are 1.5 L.
        self::assertEqualsWithDelta(1.5, EvaporationQuery::of($tank->refresh())->value, 1e-9);
        $this->get('/tonight')->assertSee('12 between two tanks');
        // Nothing, or what Cresco begins with, is no figure of one's own.
        $this->put('/estimates', ['figures' => ['glass' => ['days' => '7', 'minutes' => '']]])->assertSessionHasNoErrors();
        self::assertSame(['between' => 12.0, 'evaporation' => 6.0], array_replace(['between' => 0.0, 'evaporation' => 0.0], $keeper->refresh()->figures->own));
        $this->put('/estimates', ['figures' => ['between' => '5', 'evaporation' => '']])->assertSessionHasNoErrors();
        self::assertNull($keeper->refresh()->getRawOriginal('figures'));
        foreach (['soon', '0', '9999', '1e99', ['x']] as $nonsense) {
            $this->put('/estimates', ['figures' => ['glass' => ['days' => $nonsense], 'between' => '8']])->assertSessionHasErrors('figures.glass.days');
        }
        self::assertNull($keeper->refresh()->getRawOriginal('figures'));
    }

    public function testMinutesOfTheWeekFollowThoseThatWereTaken(): void
    {
        [$keeper, $tank] = $this->readyTank();
        foreach ([3, 2, 1] as $ago) {
            $checklist = $this->writeRun($keeper, $tank, ['dry' => '1', 'tasks' => ['glass']]);
            $begun = CarbonImmutable::now()->subDays(10 * $ago);
            $checklist->steps()->update(['opened_at' => $begun, 'done_at' => $begun]);
            $checklist->steps()->where('job', 'glass')->update(['opened_at' => $begun, 'done_at' => $begun->addMinutes(16)]);
            $checklist->update(['state' => ChecklistState::Done, 'finished_at' => $begun]);
        }
        $minutes = static fn(): int => (new WeekQuery($keeper->fresh() ?? $keeper))->jobs[$tank->id.'.task.glass@0']->minutes;
        // Two of 8 and three of 16, multiplied: (8² · 16³)^(1/5) = 12.1.
        self::assertSame(12, $minutes());
        $keeper->learningResets()->create(['tank_id' => $tank->id, 'what' => LearningReset::MINUTES, 'since' => now()]);
        self::assertSame(8, $minutes());
    }

    public function testOneKindOfWorkIsLearnedAnewAndNoOther(): void
    {
        [$keeper, $tank] = $this->readyTank();
        foreach ([20, 10, 0] as $ago) {
            $checklist = $this->writeRun($keeper, $tank, ['dry' => '1', 'tasks' => ['glass', 'algae']]);
            $at = CarbonImmutable::now()->subDays($ago);
            $checklist->steps()->whereIn('job', ['glass', 'algae'])->update(['done_at' => $at, 'found' => 'much', 'since' => 10.0]);
            $checklist->update(['state' => ChecklistState::Done, 'finished_at' => $at]);
        }
        $counts = static fn(): array => array_map(
            static fn(Interval $interval): int => $interval->count(),
            TasksDoneQuery::intervals([$tank->id], OwnEstimates::read(null))[$tank->id] ?? [],
        );
        self::assertEqualsCanonicalizing(['glass' => 3, 'algae' => 3], $counts());
        $this->travel(1)->minutes();
        $this->actingAs($keeper)->post('/learning-resets', ['what' => 'often.glass', 'tank' => $tank->id])->assertSessionHasNoErrors();
        self::assertSame(['algae' => 3], $counts());
        $this->get('/estimates')->assertSeeText('How often at Brook: Clean the glass, today');
        $this->post('/learning-resets', ['what' => 'often.nothing', 'tank' => $tank->id])->assertSessionHasErrors('what');
    }

    public function testAJobIsLearnedAnewByItselfAndComesAlongIntoAnotherAccount(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $chores = [];
        foreach (['floss', 'prefilter'] as $kind) {
            $chores[$kind] = $keeper->chores()->create(['tank_id' => $tank->id, 'kind' => $kind, 'last_at' => CarbonImmutable::now()->subDay()]);
            foreach ([40, 33, 26] as $ago) {
                $chores[$kind]->turns()->create(['done_at' => CarbonImmutable::now()->subDays($ago), 'since' => 7, 'found' => 'much']);
            }
        }
        $count = static fn(string $kind): int => ChoresQuery::interval(ChoresQuery::query()->findOrFail($chores[$kind]->id))->count();
        self::assertSame([3, 3], [$count('floss'), $count('prefilter')]);
        $this->actingAs($keeper)->get('/estimates')->assertSeeText('How often at Brook: New floss')->assertSee('turns.'.$chores['floss']->id, false);
        $this->post('/learning-resets', ['what' => 'turns.'.$chores['floss']->id])->assertSessionHasNoErrors();
        self::assertSame([0, 3], [$count('floss'), $count('prefilter')]);
        $this->get('/estimates')->assertSeeText('How often at Brook: New floss, today');
        // What is found from now on counts.
        $chores['floss']->turns()->create(['done_at' => CarbonImmutable::now()->addDay(), 'since' => 9, 'found' => 'little']);
        self::assertSame(1, $count('floss'));
        $this->post('/learning-resets', ['what' => 'turns.999999'])->assertSessionHasErrors('what');
        $stranger = $this->keeper('Other');
        $this->actingAs($stranger)->post('/learning-resets', ['what' => 'turns.'.$chores['prefilter']->id])->assertSessionHasErrors('what');
        self::assertSame(
            ['what' => 'turns.77'],
            array_intersect_key(
                KeeperTables::all()['learning_resets']->renumbered(
                    ['id' => 1, 'what' => 'turns.'.$chores['floss']->id, 'since' => '2026-01-01'],
                    ['chores' => [$chores['floss']->id => 77]],
                ) ?? [],
                ['what' => 1],
            ),
        );
    }
}
