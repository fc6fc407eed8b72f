<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Exchange\KeeperTables;
use App\Models\Reading;
use App\Models\Record;
use App\Models\Shortcut;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\Boot;
use Illuminate\Database\Eloquent\Attributes\Initialize;
use Illuminate\Database\Eloquent\Attributes\ObservedBy;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use PHPUnit\Framework\Attributes\DataProvider;
use ReflectionClass;
use ReflectionMethod;
use ReflectionProperty;

/** A record starts with less work than one of the framework, and is the same once it has started. */
final class RecordStartTest extends FeatureCase
{
    public function testNoRecordHasWhatStartingByNamePassesOver(): void
    {
        $found = [];
        foreach ([Record::class, ...array_values(KeeperTables::records())] as $class) {
            $own = new ReflectionClass($class);
            foreach ([$own, ...$own->getTraits(), ...$own->getMethods()] as $part) {
                foreach ([Boot::class, Initialize::class, ObservedBy::class, ScopedBy::class] as $attribute) {
                    $found = [...$found, ...array_map(static fn(): string => $class.' '.$part->getName(), $part->getAttributes($attribute))];
                }
            }
        }
        self::assertSame([], $found);
        self::assertGreaterThan(50, count(KeeperTables::records()));
    }

    /** A record of the framework's own start, and one of ours, initialise by the same methods. */
    public function testWhatTheFrameworkInitialisesIsInitialised(): void
    {
        $theirs = new class extends Model {};
        new Tank();
        $initialised = (new ReflectionProperty(Model::class, 'traitInitializers'))->getValue();
        self::assertIsArray($initialised);
        self::assertEqualsCanonicalizing($initialised[$theirs::class] ?? null, $initialised[Tank::class] ?? null);
        self::assertContains('initializeHasAttributes', (array) $initialised[Tank::class]);
    }

    public function testTheShortcutsNameTheFrameworkThatIsAskedFor(): void
    {
        $asked = json_decode((string) file_get_contents(base_path('composer.json')), true);
        self::assertIsArray($asked);
        $versions = [...(array) $asked['require'], ...(array) $asked['require-dev']];
        self::assertSame(Shortcut::WRITTEN_FOR, $versions['laravel/framework'] ?? null);
        self::assertTrue(Shortcut::$fits);
        // A lock file cannot be had: what is asked for is one version of each.
        foreach (array_diff_key($versions, ['php' => true]) as $name => $version) {
            self::assertIsString($version);
            self::assertMatchesRegularExpression(str_starts_with((string) $name, 'ext-') ? '/^\\*$/' : '/^\\d+\\.\\d+\\.\\d+$/', $version, (string) $name);
        }
    }

    public function testWithAnotherFrameworkARecordIsReadItsWay(): void
    {
        [, $tank] = $this->readyTank();
        $theirs = static fn(): array => [
            ($fresh = Tank::query()->findOrFail($tank->id))->animals, $fresh->routine_share, $fresh->started_on, $fresh->schools,
            $fresh->readings()->orderBy('id')->firstOrFail()->taken_at->getTimestamp(), $fresh->name,
        ];
        $ours = $theirs();
        Shortcut::$fits = false;
        try {
            self::assertEquals($ours, $theirs());
        } finally {
            Shortcut::$fits = true;
        }
    }

    public function testEachRecordNamesATableThatIsThere(): void
    {
        foreach (KeeperTables::records() as $table => $class) {
            self::assertSame($table, (new ReflectionProperty($class, 'table'))->getDefaultValue(), $class);
            self::assertTrue(Schema::hasTable($table), $table);
        }
    }

    public function testARecordThatIsReadIsTheOneThatTheFrameworkWouldMake(): void
    {
        $keeper = $this->keeper();
        $this->tank($keeper);
        /** @var array<string, mixed> $row */
        $row = (array) DB::table('tanks')->first();
        $make = new ReflectionMethod(Model::class, 'newFromBuilder');
        $ours = (new Tank())->newFromBuilder($row, 'sqlite');
        $theirs = $make->invoke(new Tank(), $row, 'sqlite');
        self::assertInstanceOf(Tank::class, $theirs);
        foreach (['attributes', 'original', 'casts', 'exists', 'connection', 'table', 'wasRecentlyCreated', 'changes', 'relations'] as $name) {
            $property = new ReflectionProperty(Model::class, $name);
            self::assertSame($property->getValue($theirs), $property->getValue($ours), $name);
        }
        // One does not hold what another was told.
        $ours->name = 'Other';
        self::assertNotSame('Other', (new Tank())->newFromBuilder($row)->name);
        self::assertNull((new Tank())->getAttribute('name'));
    }

    public function testCastsOfOneQueryHoldForItsRecordsOnly(): void
    {
        $keeper = $this->keeper();
        $this->tank($keeper);
        self::assertIsString(Tank::query()->withCasts(['routine_days' => 'string'])->firstOrFail()->getAttribute('routine_days'));
        self::assertIsInt(Tank::query()->firstOrFail()->getAttribute('routine_days'));
    }

    /** @return iterable<string, array{string, string}> cast and what a database holds */
    public static function moments(): iterable
    {
        foreach (['immutable_datetime', 'immutable_date', 'immutable_date:Y-m-d'] as $cast) {
            foreach (['2026-03-29 01:30:00', '2026-03-29', '2024-02-29 23:59:59', '1999-12-31 00:00:00', '2026-03-29 01:30:00.250000'] as $raw) {
                yield $cast.' '.$raw => [$cast, $raw];
            }
        }
    }

    #[DataProvider('moments')]
    public function testDaysAndMomentsAreReadAsTheFrameworkReadsThem(string $cast, string $raw): void
    {
        $read = static function (bool $theirs) use ($cast, $raw): mixed {
            $reading = (new Reading())->mergeCasts(['taken_at' => $cast]);
            $reading->setRawAttributes(['taken_at' => $raw]);

            return $theirs ? (new ReflectionMethod(Model::class, 'getAttribute'))->invoke($reading, 'taken_at') : $reading->getAttribute('taken_at');
        };
        try {
            $expected = $read(true);
        } catch (\Exception $refused) {
            $this->expectException($refused::class);
            $read(false);

            return;
        }
        self::assertInstanceOf(CarbonImmutable::class, $expected);
        self::assertInstanceOf(CarbonImmutable::class, $read(false));
        self::assertEquals($expected, $read(false));
        self::assertSame($expected->timezoneName, $read(false)->timezoneName);
    }
}
