<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Data\BandRecord;
use App\Data\BatchAcid;
use App\Data\BatchCheck;
use App\Data\BatchChecks;
use App\Data\BatchProduct;
use App\Data\BatchRecord;
use App\Data\BatchWater;
use App\Data\ChecklistPlan;
use App\Data\DoseLine;
use App\Data\ForecastRecord;
use App\Data\GivenAnswers;
use App\Data\GroupTrim;
use App\Data\JsonRecord;
use App\Data\OwnEstimates;
use App\Data\Phrase;
use App\Data\StepContent;
use App\Data\WeekHabits;
use App\Models\Batch;
use App\Models\Checklist;
use App\Models\ChecklistStep;
use App\Models\Keeper;
use App\Models\Problem;
use App\Models\WaterChange;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\ReadingPoint;
use Cresco\Core\Checklist\SwitchWork;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Water\Ion;
use Illuminate\Database\Eloquent\Model;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Records that rows keep as JSON. */
final class JsonRecordTest extends FeatureCase
{
    /** @return iterable<string, array{JsonRecord}> */
    public static function records(): iterable
    {
        yield 'step' => [new StepContent(
            ['title' => 'Drain', 'act' => 'Let it run', 'why' => 'The old goes'],
            [Phrase::of(
                'run.down',
                ['litres' => '30 L', 'mark' => Phrase::of('run.own_warmth')],
            ), Phrase::counted('water.trips', 3, ['count' => 3]), Phrase::written('30 L out')],
            ['Heater off first'],
            ['hose'],
            ['glass', 'trim'],
            ReadingPoint::NewWater,
            [Parameter::Nitrate, Parameter::Acidity],
            SwitchWork::cases()[1],
            12,
            8,
            true,
            [3, 4],
            [4],
            [new DoseLine(7, 2.5)],
            [new GroupTrim(9, 'Rotala', true, 0.8, 0.4, ['Take every second one'])],
            11,
        )];
        yield 'forecast' => [ForecastRecord::read(['nitrate' => [
            'now' => [20.0, 17.5, 22.5, 2.0], 'source' => [5.0, 4.0, 6.0, 0.5], 'after' => [15.0, 13.0, 17.0, 1.5], 'next' => null,
        ]])];
        yield 'card' => [new BatchRecord(
            'Soft',
            'hardy_shrimp',
            0.1,
            true,
            [new BatchWater('Rain', 30.5, 4), new BatchWater('Tap', 9.5, null)],
            [new BatchProduct(5, 'Bitter salt', 'MgSO4', 'g', 3.25, 1.1, 5, 'dissolves at once', ['Keep it dry'])],
            60.5,
            20.0,
            ['gh' => 6.0],
            310.25,
            9.0,
            1.5,
            [Ion::Calcium->value => 0.75, Ion::Bicarbonate->value => 1.0],
            [new BatchAcid(Ion::Chloride, 0.25, 1)],
        )];
        yield 'looks' => [new BatchChecks([new BatchCheck(
            301.5,
            0.05,
            0.0,
            false,
            6.8,
            21.5,
            true,
            false,
            CarbonImmutable::createFromTimestamp(1_700_000_000),
        )])];
        yield 'answers' => [GivenAnswers::none()->with('where', 'sand')->with('dirty', GivenAnswers::UNKNOWN)];
        yield 'own figures' => [OwnEstimates::read(null)->with(['between' => 12.0, 'glass.days' => 10.0])];
        yield 'week' => [new WeekHabits([1, 2, 3, 4, 5, 6, 7], ['06:00', '07:15', '08:30', '09:45', '10:00', '11:00', '23:59'], 25)];
        yield 'plan' => [new ChecklistPlan(30.5, 0.3, 140.0, 31.0, 33.0, 2, 0.25, 20.0)];
    }

    #[DataProvider('records')]
    public function testWhatIsKeptComesBackAsItWasAndSaysItsVersion(JsonRecord $record): void
    {
        $json = json_encode($record->toKeep(), JSON_THROW_ON_ERROR);
        $again = $record::read(json_decode($json, true));
        self::assertSame($json, json_encode($again->toKeep(), JSON_THROW_ON_ERROR));
        self::assertIsInt($record->toKeep()['v'] ?? $record->toKeep()['version'] ?? null);
        if (!$record instanceof ForecastRecord) {
            self::assertEquals($record, $again);
        }
    }

    #[DataProvider('records')]
    public function testWhateverLiesInTheRowIsReadAndCanBeKeptAgain(JsonRecord $record): void
    {
        $random = new Randomizer(new Xoshiro256StarStar(11));
        $keep = (array) $record->toKeep();
        if ($keep === []) {
            self::fail('Nothing is kept.');
        }
        $wrecks = [null, 7, 'x', [], [[]], ['v' => 99], ...array_map(static fn(string $key): array => array_diff_key($keep, [$key => 0]), array_keys($keep))];
        $junk = [null, -1, 1e300, NAN, 'many', true, [], [[]], ['a' => ['b' => [null]]], [1, 'x', [2]], (object) []];
        for ($i = 0; $i < 300; $i++) {
            $wreck = $keep;
            foreach ($random->pickArrayKeys($keep, $random->getInt(1, count($keep))) as $key) {
                $wreck[$key] = $junk[$random->getInt(0, count($junk) - 1)];
            }
            $wrecks[] = $wreck;
        }
        foreach ($wrecks as $wreck) {
            $read = $record::read($wreck)->toKeep();
            self::assertSame($read, $record::read($read)->toKeep());
        }
    }

    public function testAForecastOfAPartIsAsFarOnItsWayAsTheNewWaterReaches(): void
    {
        $whole = ForecastRecord::read([
            'nitrate' => ['now' => [20.0, 16.0, 24.0, 3.0], 'source' => [4.0, 4.0, 4.0, 0.0], 'after' => [12.0, 9.6, 14.4, 1.8], 'next' => null],
            'ph' => ['now' => [7.0, 6.9, 7.1, 0.1], 'source' => [8.0, 7.9, 8.1, 0.1], 'after' => [7.4, 7.3, 7.5, 0.1], 'next' => null],
        ]);
        $half = $whole->partly(0.25)->row(Parameter::Nitrate);
        self::assertEqualsWithDelta(16.0, $half->after?->central, 1e-12);
        self::assertEqualsWithDelta(2.25, $half->after?->spread, 1e-12);
        self::assertNull($whole->partly(0.25)->row(Parameter::Acidity)->after);
        // What was there before is what was read before, though the plan is a new one.
        $later = ForecastRecord::read(['nitrate' => ['now' => [13.0, 12.0, 14.0, 1.0], 'after' => [9.0, 8.0, 10.0, 1.0]]])->withNowOf($whole)
            ->row(Parameter::Nitrate);
        self::assertSame([20.0, 9.0], [$later->now?->central, $later->after?->central]);
        self::assertEqualsWithDelta((new NormalValue(0.0, 1.0))->quantile(0.9), (BandRecord::from(new NormalValue(5.0, 1.0))?->halfWidth()), 1e-12);
    }

    public function testLooksOfBeforeWereABareList(): void
    {
        $check = (new BatchCheck(301.5, 0.05, 0.0, false, null, null, true, false, CarbonImmutable::now()))->toKeep();
        self::assertSame(
            [301.5, 299.0],
            array_map(static fn(BatchCheck $look): float => $look->read, BatchChecks::read([$check, ['read' => 299.0] + $check])->all),
        );
    }

    /** @return iterable<string, array{class-string<Model>, string, class-string<JsonRecord>}> */
    public static function columns(): iterable
    {
        yield 'plan of a sheet' => [Checklist::class, 'plan', ChecklistPlan::class];
        yield 'forecast of a sheet' => [Checklist::class, 'forecast', ForecastRecord::class];
        yield 'forecast of a change' => [WaterChange::class, 'forecast', ForecastRecord::class];
        yield 'step' => [ChecklistStep::class, 'content', StepContent::class];
        yield 'card' => [Batch::class, 'card', BatchRecord::class];
        yield 'looks' => [Batch::class, 'checks', BatchChecks::class];
        yield 'answers' => [Problem::class, 'answers', GivenAnswers::class];
        yield 'week' => [Keeper::class, 'week', WeekHabits::class];
        yield 'figures' => [Keeper::class, 'figures', OwnEstimates::class];
    }

    /**
     * @param class-string<Model>      $model
     * @param class-string<JsonRecord> $record
     */
    #[DataProvider('columns')]
    public function testAColumnGivesItsRecordAlsoWhereNothingIsKept(string $model, string $column, string $record): void
    {
        $row = new $model();
        self::assertInstanceOf($record, $row->getAttribute($column));
        $row->setRawAttributes([$column => '{"spoiled":']);
        self::assertInstanceOf($record, $row->getAttribute($column));
        $row->setAttribute($column, ['spoiled' => 1]);
        $read = $row->getAttribute($column);
        self::assertSame($record::read(null)->toKeep(), $read->toKeep());
    }
}
