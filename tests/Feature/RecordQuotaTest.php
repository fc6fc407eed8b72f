<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Exchange\FileFault;
use App\Exchange\ImportProgress;
use App\Models\Analysis;
use App\Models\LimitReached;
use App\Models\RecordQuota;
use App\Models\SourceWater;
use App\Models\Tank;
use App\Supplies\AnalysisFile;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use ReflectionClassConstant;

/** No keeper can make the others wait: files come in with few statements, one at a time, and there is an end to records. */
final class RecordQuotaTest extends FeatureCase
{
    private static function waters(int $rows, int $names): string
    {
        $csv = "water,sampled_on,Ca,Mg\n";
        for ($i = 0; $i < $rows; ++$i) {
            $csv .= sprintf("Spring %d,2026-01-02,%d,9\n", $i % $names, 40 + $i % 9);
        }

        return $csv;
    }

    public function testPlantGroupsAreCountedOverAllTanks(): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $other = $this->tank($keeper, $water);
        $row = ['kind' => 'rotala_rotundifolia', 'left_edge' => 0, 'right_edge' => 0.3, 'front_edge' => 0.5, 'back_edge' => 1, 'tank_id' => $other->id];
        DB::table('plant_groups')->insert(array_fill(0, 720, $row));
        $this->expectException(LimitReached::class);
        $tank->plantGroups()->create(array_diff_key($row, ['tank_id' => 0]));
    }

    public function testManyRowsComeInWithFewStatements(): void
    {
        $keeper = $this->keeper();
        $statements = [];
        $count = 0;
        DB::listen(static function () use (&$count): void {
            ++$count;
        });
        foreach ([400, 4000] as $rows) {
            $count = 0;
            self::assertSame(
                $rows,
                ImportProgress::of($keeper, static fn(ImportProgress $in): int => AnalysisFile::importCsv($keeper, self::waters($rows, 50), $in)),
            );
            $statements[] = $count;
        }
        self::assertLessThan(20, $statements[0]);
        // Each chunk draws one data version.
        self::assertLessThan(100, $statements[1]);
        self::assertSame(50, SourceWater::query()->count());
        self::assertSame(4400, Analysis::query()->count());
        self::assertEquals(
            ['Ca' => 48.0, 'Mg' => 9.0],
            Analysis::query()->where('source_water_id', SourceWater::query()->where('name', 'Spring 8')->valueOrFail('id'))->firstOrFail()->milligrams,
        );
    }

    public function testAFileThatWouldBeTooMuchIsRefusedWhole(): void
    {
        $keeper = $this->keeper();
        $this->expectException(FileFault::class);
        $this->expectExceptionMessage('300 source waters already');
        try {
            ImportProgress::of($keeper, static fn(ImportProgress $in): int => AnalysisFile::importCsv($keeper, self::waters(301, 301), $in));
        } finally {
            self::assertSame(0, SourceWater::query()->count() + Analysis::query()->count());
        }
    }

    public function testOnlyOneFileOfAKeeperIsTakenInAtATime(): void
    {
        $keeper = $this->keeper();
        $this->actingAs($keeper);
        $send = fn() => $this->post('/analyses/import', ['file' => UploadedFile::fake()->createWithContent('a.csv', self::waters(2, 1))]);
        $other = Cache::lock('taking-in.'.$keeper->id, 60);
        self::assertTrue($other->get());
        $send()->assertSessionHasErrors(['file' => 'Another file of yours is still being imported. Wait until that is done, then send this one.']);
        self::assertSame(0, Analysis::query()->count());
        $other->release();
        $send()->assertSessionHasNoErrors();
        self::assertSame(2, Analysis::query()->count());
        // And it lets the next one in.
        $send()->assertSessionHasNoErrors();
        self::assertSame(4, Analysis::query()->count());
    }

    public function testWhoWaitsIsToldHowFarItIs(): void
    {
        $keeper = $this->keeper();
        $this->actingAs($keeper)->get('/imports/status')->assertExactJson(['row' => 0, 'of' => 0]);
        ImportProgress::of($keeper, function (ImportProgress $in): void {
            $in->at(300, 1200);
            $this->get('/imports/status')->assertExactJson(['row' => 300, 'of' => 1200]);
            $this->actingAs($this->keeper('Lark'))->get('/imports/status')->assertExactJson(['row' => 0, 'of' => 0]);
        });
        $this->actingAs($keeper)->get('/imports/status')->assertExactJson(['row' => 0, 'of' => 0]);
    }

    public function testOneRecordTooManyIsToldAndWhatWasTypedComesBack(): void
    {
        [$keeper] = $this->bench();
        $tank = Tank::query()->firstOrFail();
        DB::table('animals')->insert(array_fill(0, 59, ['tank_id' => $tank->id, 'kind' => 'tetra']));
        $this->actingAs($keeper)->post("/tanks/$tank->id/livestock", ['kind' => 'danio', 'count' => '3'])->assertSessionHasNoErrors();
        $this->from("/tanks/$tank->id/livestock")->post("/tanks/$tank->id/livestock", ['kind' => 'bee_shrimp', 'count' => '7'])
            ->assertRedirect("/tanks/$tank->id/livestock")->assertSessionHas(
                'status',
                'You have 60 animal species already, which is the maximum: nothing was added. Delete what you no longer need first.',
            );
        self::assertSame('7', session()->getOldInput('count'));
        self::assertSame(60, $tank->animalKinds()->count());
        // Another keeper is not held by it.
        $lark = $this->keeper('Lark');
        $pond = $this->tank($lark);
        $this->actingAs($lark)->post("/tanks/$pond->id/livestock", ['kind' => 'danio', 'count' => '3'])->assertSessionHasNoErrors();
        self::assertSame(1, $pond->animalKinds()->count());
    }

    /** @return iterable<string, array{class-string, int}> */
    public static function limits(): iterable
    {
        foreach (['OF_KEEPER', 'OF_TANK'] as $list) {
            foreach ((array) (new ReflectionClassConstant(RecordQuota::class, $list))->getValue() as $kind => $most) {
                if (is_string($kind) && class_exists($kind) && is_int($most)) {
                    yield class_basename($kind) => [$kind, $most];
                }
            }
        }
    }

    /** @param class-string $kind */
    #[DataProvider('limits')]
    public function testEveryLimitHasItsWord(string $kind, int $most): void
    {
        self::assertStringNotContainsString('limits.', __('limits.kinds.'.class_basename($kind)));
        self::assertGreaterThan(11, $most);
    }
}
