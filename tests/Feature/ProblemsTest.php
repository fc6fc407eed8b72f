<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\ChecklistState;
use App\Models\Entry;
use App\Models\Keeper;
use App\Models\Photo;
use App\Models\Problem;
use App\Models\ProblemSubject;
use App\Models\Tank;
use App\Models\Treatment;
use App\Models\TreatmentResult;
use App\Problems\DiagnosisQuery;
use App\Problems\SignsFromLogQuery;
use App\Tanks\VesselQuery;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\TankSign;
use Cresco\Core\Diagnosis\AlgaeTypes;
use Cresco\Core\Diagnosis\AppearanceSigns;
use Cresco\Core\Diagnosis\Causes;
use Cresco\Core\Diagnosis\DiagnosticSigns;
use Cresco\Core\Diagnosis\Gauge;
use Cresco\Core\Diagnosis\Grazer;
use Cresco\Core\Diagnosis\LeafCauses;
use Cresco\Core\Diagnosis\LeafSigns;
use Cresco\Core\Diagnosis\Remedy;
use Cresco\Core\Diagnosis\Technique;
use Cresco\Core\Livestock\CountKind;
use Cresco\Core\Measure\Parameter;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\DataProvider;

/** From something that grows to what is done about it and how it ended. */
final class ProblemsTest extends FeatureCase
{
    private Keeper $keeper;

    private Tank $tank;

    private string $base;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-03-01 18:00');
        [$this->keeper, $this->tank] = $this->readyTank();
        $this->base = "/tanks/{$this->tank->id}/problems";
        $this->actingAs($this->keeper);
    }

    private function begin(string $place = 'edges', string $about = 'growth'): Problem
    {
        $this->post($this->base, ['about' => $about, 'place' => $place])->assertSessionHasNoErrors();

        return $this->tank->problems()->firstOrFail();
    }

    private function answer(Problem $problem, string $sign, string $option): void
    {
        $this->post("$this->base/$problem->id/answers", ['sign' => $sign, 'option' => $option])->assertSessionHasNoErrors();
    }

    private function weighed(Problem $problem): DiagnosisQuery
    {
        $tank = Tank::query()->findOrFail($this->tank->id)->setRelation('keeper', $this->keeper->fresh() ?? $this->keeper);

        return DiagnosisQuery::of($tank->problems()->findOrFail($problem->id), $tank);
    }

    public function testTheRankingMovesWithEachAnswerAndThePlaceCountsAsOne(): void
    {
        $problem = $this->begin();
        self::assertSame(['where' => 'edges'], $this->weighed($problem)->given->options);
        $before = $this->weighed($problem)->kinds()->posterior();
        $this->get("$this->base/$problem->id")->assertSee('What does it look like?')->assertSee('Black beard algae (BBA)');
        $this->answer($problem, 'shape', 'antlers');
        $page = $this->get("$this->base/$problem->id")->assertSeeInOrder(['Likely so far', 'Staghorn', 'likely']);
        self::assertStringContainsString('<svg class="share"', (string) $page->getContent());
        self::assertSame('staghorn', array_key_first($this->weighed($problem)->kinds()->ranked()));
        // Taken back, it counts no more.
        $this->answer($problem, 'shape', '');
        self::assertEqualsWithDelta($before, $this->weighed($problem)->kinds()->posterior(), 1e-12);
    }

    public function testWhatTheKeeperCannotTellIsNotAskedAgainAndCountsForNothing(): void
    {
        $problem = $this->begin();
        $before = $this->weighed($problem)->kinds()->posterior();
        $this->answer($problem, 'shape', 'unknown');
        self::assertEqualsWithDelta($before, $this->weighed($problem)->kinds()->posterior(), 1e-12);
        $this->get("$this->base/$problem->id")->assertSeeInOrder(['Next question', '<p class="ask">'], false)
            ->assertDontSee('<p class="ask">What does it look like?', false);
    }

    public function testAnAnswerComesBackAsThePartThatChanged(): void
    {
        $problem = $this->begin();
        $part = $this->withHeader('HX-Request', 'true')->post("$this->base/$problem->id/answers", ['sign' => 'shape', 'option' => 'tufts'])
            ->assertOk()->assertSee('Black beard algae (BBA)');
        self::assertStringNotContainsString('<html', (string) $part->getContent());
        self::assertStringContainsString('id="asking"', (string) $part->getContent());
    }

    public function testTheDiaryTellsWhatItKnowsAndNoEntryIsNeverANo(): void
    {
        $hints = SignsFromLogQuery::tank($this->tank);
        self::assertArrayNotHasKey('filter_late', $hints);
        self::assertArrayNotHasKey('doses_missed', $hints);
        self::assertLessThan(0.1, $hints['ammonium_seen']->chance);
        $this->read($this->keeper, $this->tank, ['ammonium' => '0.5-1']);
        $this->tank->update(['started_on' => '2026-02-01']);
        $this->tank->feedingOverrides()->create(['from_day' => '2026-02-20', 'until_day' => '2026-02-22', 'grams' => 5, 'note' => 'feeder jammed']);
        $tank = Tank::query()->findOrFail($this->tank->id)->setRelation('keeper', $this->keeper->fresh() ?? $this->keeper);
        $hints = SignsFromLogQuery::tank($tank);
        self::assertGreaterThan(0.9, $hints['ammonium_seen']->chance);
        self::assertGreaterThan(0.9, $hints['young']->chance);
        self::assertGreaterThan(0.9, $hints['extra_food']->chance);
        $problem = $this->begin();
        self::assertGreaterThan(0.8, $this->weighed($problem)->causes()->posterior()['ammonia']);
        $this->get("$this->base/$problem->id/why")->assertSeeInOrder(['Possible causes', 'Ammonia in the water', 'very likely'])
            ->assertSee('tank set up')->assertSee('· measured')->assertSee('feeder jammed');
    }

    /** @return iterable<string, array{string, float, float}> what was read of phosphate, and the chance of low between */
    public static function phosphates(): iterable
    {
        yield 'clearly low' => ['0.05', 0.9, 1.0];
        yield 'clearly not' => ['1', 0.0, 0.1];
        yield 'a field around the limit' => ['0.1-0.3', 0.3, 0.8];
    }

    #[DataProvider('phosphates')]
    public function testAReadingNearItsLimitIsOnlyLikely(string $typed, float $least, float $most): void
    {
        $this->read($this->keeper, $this->tank, ['phosphate' => $typed]);
        $chance = SignsFromLogQuery::tank(Tank::query()->findOrFail($this->tank->id)->setRelation(
            'keeper',
            $this->keeper->fresh() ?? $this->keeper,
        ))['phosphate_low']->chance;
        self::assertGreaterThanOrEqual($least, $chance);
        self::assertLessThanOrEqual($most, $chance);
    }

    public function testTheKeepersWordGoesBeforeTheDiary(): void
    {
        $this->tank->update(['started_on' => '2026-02-01']);
        $problem = $this->begin();
        self::assertNotNull($this->weighed($problem)->fromDiary('young'));
        $this->answer($problem, 'young', 'no');
        self::assertNull($this->weighed($problem)->fromDiary('young'));
        self::assertLessThan(0.1, $this->weighed($problem)->causes()->posterior()['just_young']);
    }

    public function testAPlanStandsOnTheRoundInTheSessionAndInTheDiaryUntilItsDay(): void
    {
        $problem = $this->begin('panes');
        $this->answer($problem, 'shape', 'dots');
        $this->post("$this->base/$problem->id/treatments", ['remedies' => ['hand', 'light_hours']])->assertSessionHasNoErrors();
        self::assertSame(
            ['hand' => '2026-03-08', 'light_hours' => '2026-03-15'],
            Treatment::query()->orderBy('check_on')->get()
                ->mapWithKeys(static fn(Treatment $t): array => [$t->remedy->value => $t->check_on->format('Y-m-d')])->all(),
        );
        self::assertSame('green_spot', $problem->fresh()?->kind);
        self::assertTrue(Entry::all()->contains(static fn(Entry $entry): bool => preg_match(
            '/^Against green spot algae \(GSA\) on the glass: remove by hand.*shorter photoperiod$/',
            $entry->title,
        ) === 1));
        // The blade is work on the panes, and the leaves that carry it are cut.
        $this->get("/tanks/{$this->tank->id}/maintenance")->assertSee('Clean the glass');
        $this->get('/')->assertDontSee('Check whether it helped');
        $this->travelTo('2026-03-08 09:00');
        $this->get('/')->assertSee('Check whether it helped: Green spot algae (GSA) on the glass');
        $this->get("$this->base/$problem->id/now")->assertSee('Check: remove by hand')->assertSee('You should see: less of it than a week ago');
        // Planned twice it stands once.
        $this->post("$this->base/$problem->id/treatments", ['remedies' => ['hand']])->assertSessionHasNoErrors();
        self::assertSame(2, $problem->treatments()->count());
    }

    public function testWhatDidNotHelpIsFollowedByItsNextStepAndWhatHelpedIsNot(): void
    {
        $problem = $this->begin('panes');
        $this->post("$this->base/$problem->id/treatments", ['remedies' => ['hand', 'flow']]);
        [$hand, $flow] = $problem->treatments()->get()->all();
        $this->travelTo('2026-03-16 09:00');
        $this->post("$this->base/$problem->id/treatments/$hand->id", ['result' => 'same', 'goes_on' => '1'])->assertSessionHasNoErrors();
        $this->post("$this->base/$problem->id/treatments/$flow->id", ['result' => 'better', 'goes_on' => '1'])->assertSessionHasNoErrors();
        $next = $problem->treatments()->whereNull('checked_at')->get();
        self::assertSame([Remedy::LightHours], $next->pluck('remedy')->all());
        self::assertSame('2026-03-30', $next[0]?->check_on->format('Y-m-d'));
        // A second tap changes nothing.
        $this->post("$this->base/$problem->id/treatments/$hand->id", ['result' => 'worse', 'goes_on' => '1'])->assertSessionHasNoErrors();
        self::assertSame(TreatmentResult::Same, $hand->fresh()?->result);
        self::assertTrue(Entry::all()->contains(static fn(Entry $entry): bool => preg_match('/^Checked.*no change \(remove by hand\)$/', $entry->title) === 1));
    }

    public function testAnEndedCaseIsLearnedFromAndCanComeBack(): void
    {
        $first = $this->begin('stones');
        $this->answer($first, 'colour', 'brown');
        $before = $this->weighed($first)->kinds()->posterior()['staghorn'];
        $this->post("$this->base/$first->id/end", ['kind' => 'staghorn', 'cause' => 'organic_dirt', 'outcome' => 'better'])->assertSessionHasNoErrors();
        self::assertSame(['staghorn', 'organic_dirt'], [$first->fresh()?->kind, $first->fresh()?->cause]);
        // What has ended is left as it was known then.
        $this->post("$this->base/$first->id/answers", ['sign' => 'colour', 'option' => 'green'])->assertSessionHasErrors('ended');
        $this->put("$this->base/$first->id", ['aim' => 'some'])->assertSessionHasErrors('ended');
        $this->get("$this->base/$first->id/now")->assertSee('It is back: open again')->assertDontSee('Plan it')->assertDontSee('name="aim"', false);
        $second = $this->begin('stones');
        $this->answer($second, 'colour', 'brown');
        self::assertGreaterThan(1.5 * $before, $this->weighed($second)->kinds()->posterior()['staghorn']);
        $this->get("$this->base/$second->id")->assertSee('Includes one case that you closed.');
        $this->post("$this->base/$first->id/again")->assertSessionHasNoErrors();
        self::assertNull($first->fresh()?->ended_at);
    }

    public function testTheTreatmentIsWithinItsCapAndWhatDiesIsReckonedWith(): void
    {
        $problem = $this->begin('edges');
        $this->answer($problem, 'shape', 'tufts');
        $this->answer($problem, 'colour', 'dark');
        $litres = VesselQuery::tank($this->tank)->litres() * (1.0 - $this->tank->routine_share);
        $most = $this->keeper->show()->liquid(0.25 * $litres * ($this->tank->needs()->isHarmedByOxidisers() ? 0.4 : 1.0));
        $this->get("$this->base/$problem->id/now")->assertSee("at most $most of 3 % peroxide")->assertSee('kill shrimp and snails')->assertSee('If 30 g dies');
        $this->get("$this->base/$problem->id/now?grams=2000")->assertSee('That much must not die in the tank: remove it first.');
        $this->get("$this->base/$problem->id/now?working=oxygen&grams=100")->assertSee('9.1');
        $this->get("$this->base/$problem->id/now?working=peroxide")->assertSee('water left at the mark')->assertSee('most = V');
        $this->get("$this->base/$problem->id/now?working=ammonia")->assertSee('Toxic ammonia at worst');
        $this->get("$this->base/$problem->id/now?grams=lots")->assertOk()->assertSee('such as 30');
    }

    public function testBlueGreenSlimeSaysGlovesAndIsNotTreatedWithPeroxide(): void
    {
        $problem = $this->begin('sand');
        $this->answer($problem, 'shape', 'sheets');
        $this->answer($problem, 'off', 'peels');
        $this->get("$this->base/$problem->id/now")->assertSee('Wear gloves: cyanobacteria can be toxic. Keep pets and children away')
            ->assertDontSee('Spot treatment')->assertSee('Three-day blackout');
    }

    /** @return iterable<string, array{string, string, bool}> */
    public static function whoMeetsTheDark(): iterable
    {
        yield 'grown fish' => ['animals', 'small_tetra', true];
        yield 'fry, that starve' => ['animals', 'fry', false];
        yield 'a carpet that asks for much light' => ['stands', 'hemianthus_callitrichoides', false];
        yield 'a carpet that does not' => ['stands', 'marsilea_hirsuta', true];
    }

    #[DataProvider('whoMeetsTheDark')]
    public function testDaysOfDarknessAreOfferedByWhatLivesAndGrowsThere(string $sort, string $kind, bool $isOffered): void
    {
        $sort === 'stands' ? $this->tank->plantGroups()->create(['kind' => $kind, 'left_edge' => 0, 'right_edge' => 0.3, 'front_edge' => 0.5, 'back_edge' => 1])
            : $this->tank->animalKinds()->create(['kind' => $kind])->events()->create(['kind' => CountKind::Came, 'count' => 8, 'day' => '2026-02-20']);
        $problem = $this->begin('sand');
        $this->answer($problem, 'shape', 'sheets');
        $this->answer($problem, 'off', 'peels');
        $page = $this->get("$this->base/$problem->id/now")->assertOk();
        $isOffered ? $page->assertSee('Three-day blackout') : $page->assertDontSee('Three-day blackout');
    }

    public function testShrimpAreNotOfferedAsGrazersToWhatEatsThem(): void
    {
        $this->tank->animalKinds()->create(['kind' => 'angelfish'])->events()->create(['kind' => CountKind::Came, 'count' => 5, 'day' => '2026-02-20']);
        self::assertContains('animals', Grazer::DwarfShrimp->against(200.0, 25.0, 8.0, ($this->tank->fresh() ?? $this->tank)->needs()));
    }

    public function testWhatIsWantedIsLeftAlone(): void
    {
        $problem = $this->begin('stones');
        $this->put("$this->base/$problem->id", ['aim' => 'wanted'])->assertSessionHasNoErrors();
        $page = $this->get("$this->base/$problem->id/now")->assertSee('You want it there: nothing to do. Keep the front glass clear, and');
        self::assertDoesNotMatchRegularExpression('/name="remedies\[\]"[^>]*checked/', (string) $page->getContent());
    }

    public function testLeavesAreAskedAfterWithTheirPlant(): void
    {
        $plantGroup = $this->tank->plantGroups()->create([
            'kind' => 'microsorum_pteropus', 'left_edge' => 0, 'right_edge' => 0.3, 'front_edge' => 0.4, 'back_edge' => 1,
            'planted_on' => '2026-02-20',
        ]);
        $this->post($this->base, ['about' => 'leaves', 'stand' => (string) $plantGroup->id])->assertSessionHasNoErrors();
        $problem = $this->tank->problems()->firstOrFail();
        $this->get("$this->base/$problem->id")->assertSee('Leaves of Microsorum pteropus')->assertSee('weak evidence');
        self::assertGreaterThan(0.9, $this->weighed($problem)->hints['planted_lately']->chance);
        $this->answer($problem, 'new_sound', 'yes');
        self::assertSame('transition', array_key_first($this->weighed($problem)->causes()->ranked()));
        $this->get("$this->base/$problem->id/now")->assertSee('Wait')->assertDontSee('Remove by hand');
    }

    public function testAnotherWaterThanInTheWeeksBeforeIsNewAndTheSameIsNot(): void
    {
        $tap = $this->tank->water ?? $this->water($this->keeper);
        $rain = $this->water($this->keeper, 'Rain');
        $this->read(
            $this->keeper,
            $rain,
            ['nitrate' => '1', 'general_hardness' => '1', 'carbonate_hardness' => '1', 'ph' => '6.5', 'conductivity' => '30', 'temperature' => '15'],
        );
        $hint = function (): ?float {
            $tank = Tank::query()->findOrFail($this->tank->id)->setRelation('keeper', $this->keeper->fresh() ?? $this->keeper);

            return (SignsFromLogQuery::tank($tank)['water_new'] ?? null)?->chance;
        };
        $end = CarbonImmutable::now();
        foreach ([12, 11, 3] as $weeks) {
            self::assertNull($hint());
            $this->noteChange($this->keeper, $this->tank, $tap, 30.0, $end->subWeeks($weeks));
        }
        self::assertLessThan(0.1, $hint());
        $this->noteChange($this->keeper, $this->tank, $rain, 30.0, $end->subWeek());
        self::assertGreaterThan(0.9, $hint());
    }

    public function testAStandInTheDarkIsShortOfLightAndOneUnderAStrongLampIsNot(): void
    {
        $plantGroup = $this->tank->plantGroups()->create([
            'kind' => 'rotala_macrandra', 'left_edge' => 0.3, 'right_edge' => 0.7, 'front_edge' => 0.3, 'back_edge' => 0.9,
        ]);
        $plantGroup->looks()->create(['happened_at' => now()->subDay(), 'height' => 100, 'cover' => 1]);
        $lamp = $this->tank->lamps()->create([
            'kind' => 'panel', 'told_by' => 'maker', 'told' => 4, 'length' => 400, 'width' => 120, 'above' => 80, 'dimmer' => 1, 'hours' => 8,
        ]);
        $short = function () use ($plantGroup): float {
            $tank = Tank::query()->findOrFail($this->tank->id)->setRelation('keeper', $this->keeper->fresh() ?? $this->keeper);

            return SignsFromLogQuery::plantGroup($tank, $plantGroup->id, $tank->keeper->show())['light_short']->chance;
        };
        self::assertGreaterThan(0.9, $short());
        $lamp->update(['told' => 400]);
        self::assertLessThan(0.1, $short());
    }

    public function testQuestionsAreAskedInTheUnitsOfTheKeeper(): void
    {
        $problem = $this->begin();
        $this->get("$this->base/$problem->id/why")->assertSee('Was it warmer than '.$this->keeper->show()->limit(Parameter::Temperature, 28.0))
            ->assertDontSee(':limit');
        $this->keeper->kits()->create(['parameter' => 'temperature', 'method' => 'pen', 'unit' => 'fahrenheit', 'step' => 1, 'fields' => []]);
        $this->actingAs($this->keeper = Keeper::query()->findOrFail($this->keeper->id));
        $this->get("$this->base/$problem->id/why")->assertSee('82')->assertDontSee('warmer than 28');
    }

    public function testASeriesThatWasWorkedOutWithNonsenseKeepsWhatWasTyped(): void
    {
        $problem = $this->begin('edges');
        $this->answer($problem, 'shape', 'tufts');
        $this->get("$this->base/$problem->id/now?grams=lots")->assertOk()->assertSee('value="lots"', false);
    }

    public function testWhatWasHeldBeforeStandsUntilTheAnswersMakeAnotherLikely(): void
    {
        $problem = $this->begin('stones');
        $problem->update(['kind' => 'staghorn']);
        self::assertSame('staghorn', $this->weighed($problem)->held());
        $this->answer($problem, 'shape', 'dots');
        $this->answer($problem, 'off', 'blade');
        self::assertSame('green_spot', $this->weighed($problem)->held());
        $this->post("$this->base/$problem->id/treatments", ['remedies' => ['hand']])->assertSessionHasNoErrors();
        self::assertSame('green_spot', $problem->fresh()?->kind);
    }

    public function testTheRunSheetSaysHowItComesOff(): void
    {
        $problem = $this->begin('edges');
        $this->answer($problem, 'shape', 'threads');
        $this->answer($problem, 'feel', 'soft');
        $this->post("$this->base/$problem->id/treatments", ['remedies' => ['hand']]);
        $checklist = $this->writeRun($this->keeper, $this->tank, ['tasks' => ['algae']]);
        self::assertStringContainsString(
            'Hair algae on leaf edges and tips: Twist it onto an old toothbrush',
            implode(' ', $checklist->steps()->where('job', 'algae')->firstOrFail()->content->lines),
        );
    }

    public function testPhotosStandBesideItByDayAndGoWithIt(): void
    {
        Storage::fake('local');
        $problem = $this->begin();
        $this->post("$this->base/$problem->id/photo", ['photo' => UploadedFile::fake()->image('tuft.jpg', 60, 40)])->assertSessionHasNoErrors();
        $this->travel(9)->days();
        // At the check-up the second stands beside the first.
        $this->post("$this->base/$problem->id/photo", ['photo' => UploadedFile::fake()->image('tuft.jpg', 60, 40), 'part' => 'now'])
            ->assertRedirect("$this->base/$problem->id/now");
        [$first, $second] = Photo::query()->orderBy('id')->get()->all();
        foreach (['', '/now'] as $part) {
            $page = (string) $this->get("$this->base/$problem->id$part")->assertOk()->getContent();
            self::assertLessThan(strpos($page, "/photos/$second->id\""), strpos($page, "/photos/$first->id\""));
            self::assertNotFalse(strpos($page, "/photos/$first->id\""));
        }
        // The fixed spot knows neither.
        $this->get("/tanks/{$this->tank->id}/fixed-spot")->assertDontSee('/photos/'.$first->id);
        $this->post("$this->base/$problem->id/photo", ['photo' => UploadedFile::fake()->create('tuft.txt', 3)])->assertSessionHasErrors('photo');
        $this->delete("/photos/$first->id")->assertSessionHasNoErrors();
        self::assertSame([$second->id], Photo::query()->pluck('id')->all());
        $this->delete("$this->base/$problem->id")->assertSessionHasNoErrors();
        self::assertSame(0, Photo::query()->count());
        self::assertSame([], Storage::disk('local')->allFiles('photos'));
    }

    public function testBadInputIsSaidAndKeepsNothing(): void
    {
        $problem = $this->begin();
        foreach ([
            ['answers', ['sign' => 'shape', 'option' => 'purple'], 'sign'], ['answers', ['sign' => 'nothing', 'option' => 'yes'], 'sign'],
            ['treatments', [], 'remedies'], ['treatments', ['remedies' => ['bleach']], 'remedies.0'], ['end', ['outcome' => 'maybe'], 'outcome'],
            ['end', ['outcome' => 'better', 'kind' => 'unicorn'], 'kind'],
        ] as [$path, $fields, $at]) {
            $this->post("$this->base/$problem->id/$path", $fields)->assertSessionHasErrors($at);
        }
        $this->post($this->base, ['about' => 'weather'])->assertSessionHasErrors('about');
        $this->post($this->base, ['about' => 'leaves', 'stand' => '999'])->assertSessionHasErrors('stand');
        self::assertSame([0, 1], [Treatment::query()->count(), Problem::query()->count()]);
        $this->post("$this->base/999/answers", ['sign' => 'shape', 'option' => 'dust'])->assertNotFound();
    }

    public function testEverythingOfTheCataloguesHasItsWords(): void
    {
        $missing = [];
        $need = static function (string ...$keys) use (&$missing): void {
            foreach ($keys as $key) {
                if (!trans()->has($key)) {
                    $missing[] = $key;
                }
            }
        };
        foreach (AlgaeTypes::all() as $kind) {
            $need("inquiry.kinds.$kind->key.name", "inquiry.kinds.$kind->key.looks", "inquiry.kinds.$kind->key.does");
            self::assertStringContainsString('<path', $drawing = view('problems.drawing', ['key' => $kind->drawing])->render().'<path', $kind->key);
            self::assertGreaterThan(200, strlen($drawing), $kind->drawing);
        }
        foreach ([...AppearanceSigns::all(), ...DiagnosticSigns::all(), ...LeafSigns::all()] as $sign) {
            $need("inquiry.signs.$sign->key.ask");
            foreach ($sign->isYesNo() ? [] : $sign->options as $option) {
                $need("inquiry.signs.$sign->key.$option");
            }
            if ($sign->isYesNo()) {
                $need("inquiry.short.$sign->key");
            }
        }
        foreach (array_keys(Causes::all()) as $cause) {
            $need("inquiry.causes.$cause.name", "inquiry.causes.$cause.why");
        }
        foreach (array_keys(LeafCauses::all()) as $cause) {
            $need("inquiry.leaf_causes.$cause.name", "inquiry.leaf_causes.$cause.why");
        }
        foreach (Remedy::cases() as $remedy) {
            $need("inquiry.remedies.$remedy->value.name", "inquiry.remedies.$remedy->value.how", "inquiry.remedies.$remedy->value.expects");
        }
        foreach (Technique::cases() as $technique) {
            $need("inquiry.techniques.$technique->value");
        }
        foreach (Grazer::cases() as $grazer) {
            $need("inquiry.grazers.$grazer->value");
        }
        foreach (AppearanceSigns::all()['where']->options as $place) {
            $need("inquiry.places.$place");
        }
        self::assertSame([], $missing);
    }

    public function testASignOfASessionIsWhereLookingIntoItBegins(): void
    {
        $tank = $this->tank;
        $before = $tank->problems()->count();
        $compose = "/tanks/$tank->id/maintenance";
        $this->get($compose)->assertDontSee('name="seen"', false);
        $this->get($compose.'?signs[]=dirt&signs[]=tall')->assertSee('form="look-into"', false)->assertSee('name="seen" value="dirt"', false)
            ->assertDontSee('name="seen" value="tall"', false);
        $this->post("/tanks/$tank->id/problems", ['seen' => 'dirt'])->assertSessionHasNoErrors()->assertRedirect();
        $problem = $tank->problems()->latest('id')->firstOrFail();
        self::assertSame([ProblemSubject::Growth, ['where' => 'sand', 'dirty' => 'yes']], [$problem->about, $problem->answers->options]);
        // It is answered there already, and may be taken back there.
        $this->get("/tanks/$tank->id/problems/$problem->id")->assertOk();
        foreach (['tall', 'nonsense', ['x']] as $nothing) {
            $this->post("/tanks/$tank->id/problems", ['seen' => $nothing])->assertSessionHasErrors();
        }
        self::assertSame($before + 1, $tank->problems()->count());
    }

    public function testWhatASessionSeesIsInTheOneListOfSigns(): void
    {
        $known = AppearanceSigns::all() + LeafSigns::all();
        foreach (TankSign::cases() as $sign) {
            foreach ($sign->answers() as $of => $option) {
                self::assertContains($option, $known[$of]->options ?? [], $sign->value);
            }
            self::assertTrue($sign->about() !== null || $sign->answers() === [], $sign->value);
            self::assertTrue($sign->speaksFor() === null || isset(DiagnosticSigns::all()[$sign->speaksFor()]), $sign->value);
        }
    }

    public function testWhatASessionSawSpeaksInTheCasesOfTheWeeksAfter(): void
    {
        self::assertArrayNotHasKey('flow_weak', SignsFromLogQuery::tank($this->tank, CarbonImmutable::now()));
        $checklist = $this->writeRun($this->keeper, $this->tank, ['signs' => ['weak_flow']]);
        self::assertArrayNotHasKey('flow_weak', SignsFromLogQuery::tank($this->tank, CarbonImmutable::now()), 'a sheet that was only written tells nothing');
        $checklist->update(['state' => ChecklistState::Done, 'finished_at' => CarbonImmutable::now()]);
        $hints = SignsFromLogQuery::tank($this->tank, CarbonImmutable::now()->addDay());
        self::assertSame(['sign' => 'weaker flow', 'day' => 'today'], $hints['flow_weak']->words);
        self::assertSame(0.85, $hints['flow_weak']->chance);
        self::assertArrayNotHasKey('leaves_dying', $hints);
        self::assertArrayNotHasKey('flow_weak', SignsFromLogQuery::tank($this->tank, CarbonImmutable::now()->addDays(29)));
    }

    /** @return iterable<string, array{Gauge, list<float>, string, float|null}> */
    public static function gauges(): iterable
    {
        yield 'bubbles that stay' => [Gauge::Bubbles, [90, 92, 89, 91], 'gas_unsteady', 0.1];
        yield 'bubbles that come and go' => [Gauge::Bubbles, [90, 20, 110, 60], 'gas_unsteady', 0.9];
        // Mean 100, deviation 15: half way between steady and unsteady.
        yield 'in between' => [
            Gauge::Bubbles, [85, 115, 85, 115, 85, 115, 85, 115, 85, 115, 85, 115, 85, 115, 85, 115, 85, 115, 85, 115], 'gas_unsteady', 0.53,
        ];
        yield 'too few counts' => [Gauge::Bubbles, [90, 20, 110], 'gas_unsteady', null];
        yield 'a filter as it was' => [Gauge::Flow, [400, 410, 390, 400], 'flow_weak', 0.1];
        yield 'a filter that clogs' => [Gauge::Flow, [400, 410, 390, 300], 'flow_weak', 0.9];
        yield 'half way to weak' => [Gauge::Flow, [400, 410, 390, 340], 'flow_weak', 0.5];
    }

    /** @param list<float> $values */
    #[DataProvider('gauges')]
    public function testWhatTheEquipmentDidIsASign(Gauge $gauge, array $values, string $sign, ?float $chance): void
    {
        $this->tank->devices()->firstOrCreate(['kind' => 'carbon_dioxide', 'across' => 50]);
        $this->tank->unsetRelation('devices');
        foreach ($values as $i => $value) {
            $this->tank->note($gauge, CarbonImmutable::now()->subDays(count($values) - 1 - $i), (float) $value);
        }
        $hint = SignsFromLogQuery::tank($this->tank, CarbonImmutable::now())[$sign] ?? null;
        $chance === null ? self::assertNull($hint) : self::assertEqualsWithDelta($chance, $hint->chance ?? NAN, 0.03);
    }
}
