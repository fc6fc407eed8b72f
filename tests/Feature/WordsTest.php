<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Units\Show;
use App\View\Term;
use App\View\Words;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Plants\Kinds;
use Cresco\Core\Work\After;
use Cresco\Core\Work\Catalogue;
use Cresco\Core\Work\Caution;
use Cresco\Core\Work\Rule;
use Cresco\Core\Work\Rules;
use Cresco\Core\Work\School;
use Cresco\Core\Work\Sign;
use Cresco\Core\Work\Task;
use FilesystemIterator;
use Illuminate\Support\Facades\Lang;
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
        self::assertSame($shown, Words::figure($value, $digits));
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
        self::assertGreaterThanOrEqual(60, count(Kinds::all()));
        self::assertSame([], array_values(array_filter(array_keys(Kinds::all()), static fn(string $key): bool => !Lang::has('plants.common.'.$key))));
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->get("/tanks/$tank->id/plant-groups/new")->assertOk()->assertSee('Microsorum pteropus (Java fern)')->assertSee('Echinodorus hybrids (sword plants)');
    }

    public function testEveryStepReasonTaskSignAndCautionHasItsWords(): void
    {
        $keys = [];
        foreach (Catalogue::steps() as $job) {
            array_push($keys, "$job->key.title", "$job->key.act", "$job->key.why", ...array_map(static fn(string $line): string => 'do.'.$line, $job->lines));
        }
        array_push($keys, ...array_map(static fn(Rule $rule): string => 'because.'.$rule->because, Rules::all()), ...array_map(static fn(Task $task): string => 'tasks.'.$task->value, Task::cases()), ...array_map(static fn(Sign $sign): string => 'signs.'.$sign->value, Sign::cases()), ...array_map(static fn(Caution $caution): string => 'cautions.'.$caution->value, Caution::cases()), ...array_map(static fn(After $job): string => 'after_lines.'.$job->value.'.0', After::cases()));
        foreach (School::cases() as $school) {
            array_push($keys, 'methods.'.$school->value, ...array_map(static fn(string $choice): string => 'choices.'.$school->value.'.'.$choice, $school->choices()));
        }
        self::assertSame([], array_values(array_filter($keys, static fn(string $key): bool => !Lang::has('steps.'.$key))));
        // No line is left that no step says, and none is said that has no words, whatever session brings it.
        $said = (string) file_get_contents(base_path('core/Work/Catalogue.php'));
        preg_match_all("~ [?:] \\[?((?:'[a-z_]+'(?:, )?)+)~", $said, $chosen);
        preg_match_all("~'([a-z_]+)'~", implode(' ', $chosen[1]), $lines);
        self::assertContains('opposite_ends', $lines[1]);
        self::assertSame([], array_values(array_filter($lines[1], static fn(string $line): bool => !Lang::has('steps.do.'.$line))));
        self::assertSame([], array_values(array_filter(array_keys((array) __('steps.do')), static fn(string|int $key): bool => !str_contains($said, "'$key'"))));
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
}
