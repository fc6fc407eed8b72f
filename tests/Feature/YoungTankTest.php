<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Data\StepContent;
use App\Models\Tank;
use App\Problems\DiagnosisQuery;
use App\Problems\ProblemPage;
use Carbon\CarbonImmutable;
use PHPUnit\Framework\Attributes\DataProvider;

/** A young tank, and one whose age nobody knows, is not taken to be settled. */
final class YoungTankTest extends FeatureCase
{
    public function testTheFormAsksWhenATankWasFilledAndKeepsIt(): void
    {
        $this->travelTo('2026-03-20 12:00');
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->get("/tanks/$tank->id/edit")->assertOk()->assertSeeText('Filled with water on');
        $typed = [
            'name' => 'Brook', 'shape' => 'box', 'outer_length' => '51.2', 'outer_depth' => '51.2', 'outer_height' => '42.6', 'glass' => '6',
            'water_below_rim' => '20', 'animals' => 'community', 'warmth' => '25', 'routine_share' => '30', 'routine_days' => '7',
        ];
        $this->put("/tanks/$tank->id", ['started_on' => '2026-03-21'] + $typed)->assertSessionHasErrors('started_on');
        $this->put("/tanks/$tank->id", ['started_on' => '2026-03-14'] + $typed)->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(6.5, $tank->refresh()->age() ?? NAN, 0.6);
        $this->put("/tanks/$tank->id", ['started_on' => ''] + $typed)->assertSessionHasNoErrors();
        self::assertNull($tank->refresh()->age());
        // A start that was noted tells it too.
        $tank->cycling()->create(['way' => 'dark', 'source' => 'dosed', 'begun_on' => '2026-03-10']);
        self::assertEqualsWithDelta(10.5, ($tank->fresh() ?? $tank)->age() ?? NAN, 0.6);
    }

    /**
     * @return iterable<string, array{int|null, array<string, string>, list<string>, int|null, string|null}> days since it was filled, what
     *     was read, tasks, days since the filter was rinsed, and what is said
     */
    public static function lists(): iterable
    {
        $all = ['media', 'vacuum', 'trim'];
        yield 'all of it in a young tank' => [17, [], $all, null, 'Too much for a young tank in one day.'];
        yield 'one thing with a large change' => [17, [], ['vacuum'], null, 'Too much for a young tank in one day.'];
        yield 'an old tank' => [300, [], $all, null, null];
        yield 'one of which nobody said how old it is' => [null, [], $all, null, 'How old is this tank?'];
        yield 'panes alone' => [17, [], ['glass'], null, null];
        yield 'while nitrite is there' => [300, ['nitrite' => '0.5'], ['media'], null, 'Leave the filter alone for now.'];
        yield 'while ammonium is there' => [17, ['ammonium' => '2'], $all, null, 'Leave the filter alone for now.'];
        yield 'the filter was rinsed three days ago' => [300, [], ['vacuum'], 3, 'The filter was rinsed within the last week.'];
        yield 'it was rinsed nine days ago' => [300, [], ['vacuum'], 9, null];
    }

    /**
     * @param array<string, string> $read
     * @param list<string>          $tasks
     */
    #[DataProvider('lists')]
    public function testTheListOfWorkWarnsByAgeAndByWhatIsReadAndWasDone(?int $age, array $read, array $tasks, ?int $rinsed, ?string $says): void
    {
        $this->travelTo('2026-03-20 12:00');
        [$keeper, $tank] = $this->readyTank();
        $tank->update(['started_on' => $age === null ? null : CarbonImmutable::now()->subDays($age)->format('Y-m-d')]);
        if ($read !== []) {
            $this->read($keeper, $tank, $read);
        }
        if ($rinsed !== null) {
            $this->rinsed($tank, $rinsed);
        }
        $page = $this->actingAs($keeper)->get("/tanks/$tank->id/maintenance?".http_build_query(['reason' => 'routine', 'tasks' => $tasks]))->assertOk();
        foreach ([
            'Too much for a young tank in one day.', 'How old is this tank?', 'Leave the filter alone for now.',
            'The filter was rinsed within the last week.',
        ] as $line) {
            $line === $says ? $page->assertSeeText($line) : $page->assertDontSeeText($line);
        }
        if ($says !== null) {
            // Without what waits it is said no more.
            preg_match('#<a href="(\?[^"]*)">Take them off#', (string) $page->getContent(), $without);
            $this->get("/tanks/$tank->id/maintenance".html_entity_decode($without[1] ?? ''))->assertOk()->assertDontSeeText($says);
        }
    }

    public function testWhatDiesIsReckonedWithAFilterThatIsNotSettled(): void
    {
        $this->travelTo('2026-03-20 12:00');
        [$keeper, $tank] = $this->readyTank();
        $problem = $tank->problems()->create(['about' => 'growth', 'place' => 'glass', 'answers' => [], 'opened_at' => now()]);
        $settled = function (?int $age, ?int $rinsed = null) use ($tank, $problem): float {
            $tank->update(['started_on' => $age === null ? null : CarbonImmutable::now()->subDays($age)->format('Y-m-d')]);
            if ($rinsed !== null) {
                $this->rinsed($tank, $rinsed);
            }

            $fresh = $tank->fresh(['keeper']) ?? $tank;

            return (new ProblemPage(DiagnosisQuery::of($problem->setRelation('tank', $fresh), $fresh), 'now'))->dieOff()->ammonium()->value('NH4');
        };
        $old = $settled(300);
        foreach ([5, null] as $age) {
            self::assertGreaterThan($old, $settled($age));
        }
        self::assertGreaterThan($old, $settled(300, 3));
    }

    private function rinsed(Tank $tank, int $days): void
    {
        $checklist = $tank->checklists()->make([
            'state' => 'done', 'plan' => [], 'forecast' => [], 'changes_water' => false, 'started_at' => now()->subDays($days),
            'finished_at' => now()->subDays($days),
        ]);
        $checklist->keeper_id = $tank->keeper_id;
        $checklist->save();
        $checklist->steps()->forceCreate([
            'checklist_id' => $checklist->id, 'position' => 1, 'job' => 'media', 'content' => new StepContent(), 'done_at' => now()->subDays($days),
        ]);
    }
}
