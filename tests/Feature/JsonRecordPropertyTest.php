<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\DataVersion;
use App\Models\Keeper;
use App\Models\Record;
use App\Models\Tank;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;

/** Whatever is changed of whatever record: pages show what they show when everything is found again. */
#[Group('long')]
final class JsonRecordPropertyTest extends FeatureCase
{
    /** Columns that say what a record is of, or how it is counted, and not what it holds. */
    private const LEFT = '/(^|_)id$|_version$|^(created|updated)_at$|^(position|shortcut|form_key)$/';

    /** Records by which others are of a tank. */
    private const THROUGH = [
        'plant_group_id' => 'plant_groups', 'checklist_id' => 'checklists', 'problem_id' => 'problems', 'animal_id' => 'animals',
        'chore_id' => 'chores',
    ];

    /** @return iterable<string, array{class-string<Model>}> */
    public static function records(): iterable
    {
        foreach (glob(__DIR__.'/../../app/Models/*.php') ?: [] as $file) {
            $class = 'App\Models\\'.basename($file, '.php');
            if (is_subclass_of($class, Record::class)) {
                yield basename($file, '.php') => [$class];
            }
        }
        yield 'Keeper' => [Keeper::class];
    }

    /** @param class-string<Model> $class */
    #[DataProvider('records')]
    public function testACorrectionOfAnyColumnShowsAtOnce(string $class): void
    {
        $this->demo();
        $keeper = Keeper::query()->sole();
        $this->actingAs($keeper);
        $record = $class::query()->orderByDesc('id')->first();
        if ($record === null) {
            self::assertSame([], DataVersion::ofTanks([]));

            return;
        }
        $of = $record->getAttributes();
        $tank = $of['tank_id'] ?? null;
        foreach (self::THROUGH as $column => $table) {
            $tank ??= isset($of[$column]) ? DB::table($table)->where('id', $of[$column])->value('tank_id') : null;
        }
        $tank ??= Tank::query()->min('id');
        self::assertIsInt($tank);
        // One tank tells as much as seven do.
        Tank::query()->whereKeyNot($tank)->delete();
        $record = $record instanceof Tank ? Tank::query()->sole() : $record;
        $pages = ['/', '/week', "/tanks/$tank", "/tanks/$tank/fertilising", "/tanks/$tank/plants"];
        $this->shown($pages);
        foreach (Schema::getColumns($record->getTable()) as ['name' => $column, 'type_name' => $type]) {
            $raw = $record->getRawOriginal($column);
            if (preg_match(self::LEFT, $column) === 1 || $raw === null || !is_numeric($raw)) {
                continue;
            }
            // What is counted goes on by one, what is measured by a tenth.
            $record->setRawAttributes([$column => is_int($raw) ? (in_array($type, ['boolean', 'tinyint'], true) ? 1 - min(1, $raw) : $raw + 1) : 1.1 * $raw + 0.01] + $record->getAttributes());
        }
        $record->exists = true;
        if (!$record->isDirty()) {
            self::assertTrue($record->exists);

            return;
        }
        $record->save();
        $this->actingAs($keeper->fresh() ?? $keeper);
        $kept = $this->shown($pages);
        Cache::flush();
        DB::table('water_states')->delete();

        self::assertSame($this->shown($pages), $kept, json_encode($record->getChanges(), JSON_THROW_ON_ERROR));
    }

    /**
     * @param list<string> $pages
     *
     * @return array<string, string> what each of them says
     */
    private function shown(array $pages): array
    {
        $said = [];
        foreach ($pages as $page) {
            // A record that no longer makes sense is said, and said the same.
            $html = (string) $this->get($page)->getContent();
            $said[$page] = (string) preg_replace(['#<(script|style|head)\b.*?</\1>#su', '/<[^>]*>/', '/\s+/u'], ['', ' ', ' '], $html);
        }

        return $said;
    }
}
