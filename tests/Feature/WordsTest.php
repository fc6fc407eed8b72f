<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\EntryKind;
use App\Models\LampSource;
use App\Models\SourceWaterKind;
use App\Units\KitSet;
use App\Units\Show;
use App\View\Names;
use App\View\Term;
use App\Words\Texts;
use BackedEnum;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\Caution;
use Cresco\Core\Checklist\FollowUpKind;
use Cresco\Core\Checklist\OrderRule;
use Cresco\Core\Checklist\OrderRules;
use Cresco\Core\Checklist\PracticeChoice;
use Cresco\Core\Checklist\StepCatalogue;
use Cresco\Core\Checklist\TankSign;
use Cresco\Core\Checklist\Task;
use Cresco\Core\Formula\Grade;
use Cresco\Core\Hydraulics\Grain;
use Cresco\Core\Light\GlassCover;
use Cresco\Core\Light\LampKind;
use Cresco\Core\Light\LampType;
use Cresco\Core\Light\LightColour;
use Cresco\Core\Light\WaterTint;
use Cresco\Core\Measure\MeasureFault;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Mixing\Preference;
use Cresco\Core\Mixing\RecipeAim;
use Cresco\Core\Mixing\Salts;
use Cresco\Core\Plants\GrowthForm;
use Cresco\Core\Plants\GrowthPace;
use Cresco\Core\Plants\LightDemand;
use Cresco\Core\Plants\PlantCatalogue;
use Cresco\Core\Substrate\Cover;
use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Tank\DeviceKind;
use Cresco\Core\Tank\PassiveSource;
use Cresco\Core\Tank\Shape;
use Cresco\Core\Tank\TankFault;
use Cresco\Core\Text;
use Cresco\Core\Water\Ion;
use Cresco\Core\WaterChange\WaterChangeFault;
use FilesystemIterator;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Lang;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

final class WordsTest extends FeatureCase
{
    /** @return iterable<string, array{float, int, string}> */
    public static function figures(): iterable
    {
        yield 'four digits' => [32.3607, 4, '32.36'];
        yield 'no zeros at the end' => [13.0004, 3, '13'];
        yield 'large' => [1234.5, 4, '1235'];
        yield 'rounded before the point' => [6017.6, 2, '6000'];
        yield 'small' => [0.004466, 3, '0.00447'];
        yield 'tiny' => [4.4668e-7, 3, '4.47e-7'];
        yield 'negative' => [-2.456, 3, "\u{2212}2.46"];
        yield 'nothing' => [0.0, 4, '0'];
        yield 'not a number' => [NAN, 4, '–'];
    }

    #[DataProvider('figures')]
    public function testAFigureHasNoFalseDecimals(float $value, int $digits, string $shown): void
    {
        self::assertSame($shown, Names::figure($value, $digits));
    }

    /** @return iterable<string, array{string, string}> moment in UTC; said on the 10th of May at noon in Auckland */
    public static function days(): iterable
    {
        yield 'this morning' => ['2026-05-09 21:00', 'today'];
        yield 'last evening' => ['2026-05-09 08:00', 'yesterday'];
        yield 'just before midnight there' => ['2026-05-09 11:59', 'yesterday'];
        yield 'this week' => ['2026-05-06 00:00', 'Wednesday'];
        yield 'a week ago' => ['2026-05-02 23:00', '3 May'];
        yield 'last year' => ['2025-05-02 23:00', '3 May 2025'];
        yield 'tomorrow' => ['2026-05-10 20:00', 'tomorrow'];
    }

    #[DataProvider('days')]
    public function testADayIsCountedByTheKeepersClock(string $moment, string $said): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-05-10 00:00', 'UTC'));
        $keeper = $this->keeper();
        $keeper->timezone = 'Pacific/Auckland';

        self::assertSame($said, (new Show($keeper))->day(CarbonImmutable::parse($moment, 'UTC')));
    }

    public function testTheGlossaryHasTheWordsOfTheHobbyAndTheRangeOfATank(): void
    {
        self::assertGreaterThanOrEqual(60, count(Term::all()));
        foreach (Parameter::cases() as $parameter) {
            self::assertNotNull(Term::find($parameter->value), $parameter->value);
        }
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->get('/glossary')->assertOk()->assertSee('id="dechlorinator"', false)->assertSee('Mulm (debris)');
        // A community tank is kept up to 30 mg/L of nitrate; a word of work has no range.
        $this->get("/glossary/nitrate?tank=$tank->id", ['HX-Request' => 'true'])->assertOk()->assertSeeText("Target for Brook: up to 30\u{A0}mg/L");
        $this->get("/glossary/trim?tank=$tank->id", ['HX-Request' => 'true'])->assertOk()->assertDontSeeText('Target');
        $this->get('/glossary/nitrate')->assertRedirect('/glossary#nitrate');
        $this->get('/glossary/teapot', ['HX-Request' => 'true'])->assertNotFound();
        $this->get("/tanks/$tank->id/test")->assertSee("/glossary/nitrate?tank=$tank->id", false);
    }

    public function testPlantsAreOfferedByBothTheirNames(): void
    {
        self::assertGreaterThanOrEqual(60, count(PlantCatalogue::all()));
        self::assertSame([], array_values(array_filter(array_keys(PlantCatalogue::all()), static fn(string $key): bool => !Lang::has('plants.common.'.$key))));
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->get("/tanks/$tank->id/plant-groups/new")->assertOk()->assertSee('Microsorum pteropus (Java fern)')
            ->assertSee('Echinodorus hybrids (sword plants)');
    }

    public function testEveryStepReasonTaskSignAndCautionHasItsWords(): void
    {
        $keys = [];
        foreach (StepCatalogue::steps() as $job) {
            array_push($keys, "$job->key.title", "$job->key.act", "$job->key.why", ...array_map(static fn(string $line): string => 'do.'.$line, $job->lines));
        }
        array_push(
            $keys,
            ...array_map(static fn(OrderRule $rule): string => 'because.'.$rule->because, OrderRules::all()),
            ...array_map(static fn(Task $task): string => 'tasks.'.$task->value, Task::cases()),
            ...array_map(static fn(TankSign $sign): string => 'signs.'.$sign->value, TankSign::cases()),
            ...array_map(static fn(Caution $caution): string => 'cautions.'.$caution->value, Caution::cases()),
            ...array_map(static fn(FollowUpKind $job): string => 'after_lines.'.$job->value.'.0', FollowUpKind::cases()),
        );
        foreach (PracticeChoice::cases() as $school) {
            array_push(
                $keys,
                'methods.'.$school->value,
                ...array_map(static fn(string $choice): string => 'choices.'.$school->value.'.'.$choice, $school->choices()),
            );
        }
        self::assertSame([], array_values(array_filter($keys, static fn(string $key): bool => !Lang::has('steps.'.$key))));
        // No line is left that no step says, and none is said that has no words, whatever session brings it.
        $said = (string) file_get_contents(base_path('core/Checklist/StepCatalogue.php'));
        preg_match_all("~ [?:] \\[?((?:'[a-z_]+'(?:, )?)+)~", $said, $chosen);
        preg_match_all("~'([a-z_]+)'~", implode(' ', $chosen[1]), $lines);
        self::assertContains('opposite_ends', $lines[1]);
        self::assertSame([], array_values(array_filter($lines[1], static fn(string $line): bool => !Lang::has('steps.do.'.$line))));
        self::assertSame(
            [],
            array_values(array_filter(array_keys((array) __('steps.do')), static fn(string|int $key): bool => !str_contains($said, "'$key'"))),
        );
    }

    public function testEveryWordThatIsAskedForIsThere(): void
    {
        $asked = [];
        foreach (['app', 'resources/views'] as $room) {
            /** @var SplFileInfo $file */
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path($room), FilesystemIterator::SKIP_DOTS)) as $file) {
                preg_match_all("/(?:__|trans_choice|trans)\(\s*'([a-z_]+\.[\w.-]*\w)'\s*[,)]/", (string) file_get_contents($file->getPathname()), $found);
                $asked = [...$asked, ...$found[1]];
            }
        }
        self::assertSame([], array_values(array_filter(array_unique($asked), static fn(string $key): bool => !Lang::has($key))));
        self::assertGreaterThan(900, count(array_unique($asked)));
    }

    public function testWhatTheCoreSaysIsInTheLanguageOfItsKeeper(): void
    {
        self::assertSame('The source (20) is between the tank (30) and the target (15)', say(WaterChangeFault::sourceBetween('20', '30', '15')));
        self::assertSame('pH must be between 2 and 12.', say(MeasureFault::outOfRange(Parameter::Acidity, 2.0, 12.0, '')));
        self::assertSame('Nitrate must be between 0 and 1000 mg/L.', say(MeasureFault::outOfRange(Parameter::Nitrate, 0.0, 1000.0, 'mg/L')));
        self::assertSame('The length must be more than 0.', say(TankFault::notPositive('outer_length', 'length')));
        self::assertSame('Nitrate to add between two changes', say(Text::of('wanted.title', nutrient: Parameter::Nitrate)));
        self::assertSame('pH right after', say(Text::of('mixing.title', what: Parameter::Acidity)));
        self::assertSame(
            ['CO₂ valve', 'UV steriliser', 'canister filter'],
            array_map(word(...), [DeviceKind::CarbonDioxide, DeviceKind::Ultraviolet, DeviceKind::Canister]),
        );
    }

    public function testEveryKeyOfTheCoreHasItsWordsAndEveryWordItsKey(): void
    {
        $of = ['core' => '', 'app' => ''];
        foreach (array_keys($of) as $room) {
            /** @var SplFileInfo $file */
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path($room), FilesystemIterator::SKIP_DOTS)) as $file) {
                $of[$room] .= (string) file_get_contents($file->getPathname());
            }
        }
        $code = implode('', $of);
        preg_match_all("/'([a-z]\w*\.[a-z0-9]\w*)'/", $of['core'], $found);
        $asked = array_unique($found[1]);
        foreach (['working', 'fault'] as $group) {
            $words = Arr::dot((array) __($group));
            $rooms = array_keys(array_diff_key((array) __($group), ['page' => true, 'means' => true, 'source' => true]));
            $missing = array_filter(
                $asked,
                static fn(string $key): bool => in_array(Str::before($key, '.'), $rooms, true)
                    && !Lang::has("$group.$key")
                    && !Lang::has($key)
                    && !str_contains($key, '.php'),
            );
            self::assertSame(
                [],
                array_values(array_filter($missing, static fn(string $key): bool => !Lang::has(($group === 'fault' ? 'working' : 'fault').'.'.$key))),
                $group,
            );
            $unused = array_filter(
                array_keys($words),
                static fn(string $key): bool => !preg_match('/^(page|means|tank\.measure|water\.(hardness|alkalinity|conductivity)$)/', $key)
                    && !str_contains($code, "'".Str::after($key, 'source.')."'")
                    && !str_contains($code, "'".Str::beforeLast($key, '_left')."'"),
            );
            self::assertSame([], array_values($unused), $group);
        }
        // Each working says in a sentence what it means.
        preg_match_all("/(?:Computation::of\((?:Text::of\()?|Ammonia::free\(|Carbonate::mixed\(|self::mixed\(|self::free\(\s*)'(\w+\.\w+)'/", $code, $titles);
        self::assertGreaterThan(50, count(array_unique($titles[1])));
        self::assertSame([], array_values(array_filter(array_unique($titles[1]), static fn(string $title): bool => !Lang::has('working.means.'.$title))));
    }

    public function testEveryChoiceHasItsName(): void
    {
        $unnamed = [];
        foreach ([
            Grain::class, LightDemand::class, GrowthPace::class, Cover::class, Ion::class, PassiveSource::class, DeviceKind::class, Shape::class,
            AnimalGroup::class, LightColour::class, GlassCover::class, LampKind::class, LampType::class, WaterTint::class, RecipeAim::class,
            Preference::class, Parameter::class, GrowthForm::class, Grade::class, LampSource::class, SourceWaterKind::class, EntryKind::class,
            KitSet::class,
        ] as $choice) {
            $unnamed = [...$unnamed, ...array_filter($choice::cases(), static fn(BackedEnum $one): bool => !Texts::has($one))];
        }
        foreach (Parameter::cases() as $parameter) {
            foreach (Unit::for($parameter) as $unit) {
                self::assertTrue(Lang::has("names.unit.$parameter->value.$unit->key"), $unit->key);
            }
        }
        foreach (Salts::all() as $salt) {
            self::assertTrue(Lang::has("names.salt.$salt->key") && Lang::has("names.salt_note.$salt->key"), $salt->key);
        }
        self::assertSame([], $unnamed);
    }

    public function testHowSureAValueIsOpensForWhoeverWantsToSeeAll(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $page = "/tanks/$tank->id/water-change?reason=routine";
        $folded = static fn(string $html): bool => preg_match('/<details class="more"\s+id="all-values"\s*>/', $html) === 1;
        self::assertTrue($folded((string) $this->actingAs($keeper)->get($page)->assertOk()->getContent()));
        $keeper->update(['shows_all' => true]);
        $this->actingAs($keeper->fresh() ?? $keeper)->get($page)->assertSee('id="all-values" open', false);
        $this->get('/settings')->assertSee('Always show how sure a value is');
    }

    public function testAResultByDropsSaysWhatItMeans(): void
    {
        [$keeper, $tank] = $this->readyTank();
        // The colour turned within the last of three drops.
        $this->read($keeper, $tank, ['carbonate_hardness' => '3']);
        $this->actingAs($keeper)->get("/tanks/$tank->id")->assertOk()->assertSeeText('3 by drops is 2 to 3');
    }
}
