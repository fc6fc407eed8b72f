<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Keeper;
use App\Models\PlantGroup;
use App\Models\RecordQuota;
use App\Models\Reservoir;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;

/** Every page stands for an account with two of everything, with nothing of anything, and with as much as it may have. */
#[Group('long')]
final class OddAccountsTest extends FeatureCase
{
    /** @return iterable<string, array{string}> */
    public static function accounts(): iterable
    {
        foreach (['nothing', 'two', 'full'] as $account) {
            yield $account => [$account];
        }
    }

    #[DataProvider('accounts')]
    public function testEveryPageStands(string $account): void
    {
        $this->travelTo('2026-03-02 12:00');
        self::countFromOne();
        $keeper = $this->keeper();
        $waiting = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (in_array('GET', $route->methods(), true) && !str_contains($route->uri(), '{')) {
                $waiting[] = '/'.ltrim($route->uri(), '/');
            }
        }
        if ($account !== 'nothing') {
            $waiting = [...$waiting, ...$this->two($keeper)];
        }
        if ($account === 'full') {
            $this->fill($keeper);
        }
        $known = array_fill_keys($waiting, true);
        $seen = 0;
        // A page of each kind: its like differ in numbers alone.
        $kinds = [];
        while ($waiting !== []) {
            $page = (string) array_shift($waiting);
            $kind = preg_replace('/\d+/', 'N', strtok($page, '?') ?: '/');
            $kinds[$kind] = ($kinds[$kind] ?? 0) + 1;
            if ($kinds[$kind] > 4 || preg_match('#/(export|account/data|demo|up)\b|\.(csv|json|zip|svg|ics)#', $page) === 1) {
                continue;
            }
            $answer = $this->actingAs($keeper->fresh() ?? $keeper)->get($page);
            self::assertLessThan(500, $answer->getStatusCode(), $account.' '.$page.': '.$answer->exception?->getMessage());
            ++$seen;
            preg_match_all(
                '/<a [^>]*href="(\/[^"#]*)/',
                str_starts_with((string) $answer->headers->get('Content-Type'), 'text/html') ? (string) $answer->getContent() : '',
                $found,
            );
            foreach (array_map(html_entity_decode(...), $found[1]) as $link) {
                if (!isset($known[$link]) && !str_contains($link, 'working=') && !str_contains($link, 'cursor=')) {
                    $known[$link] = true;
                    $waiting[] = $link;
                }
            }
        }
        self::assertGreaterThan($account === 'nothing' ? 20 : 80, $seen);
    }

    /** @return list<string> pages of what was made */
    private function two(Keeper $keeper): array
    {
        $pages = [];
        foreach (['Tap', 'Spring'] as $name) {
            $water = $this->water($keeper, $name);
            $tank = $this->tank($keeper, $water);
            $tank->update(['second_source_water_id' => $water->id]);
            $this->read($keeper, $tank, ['nitrate' => '20-40', 'ph' => '7', 'carbonate_hardness' => '4', 'ammonium' => '0.5']);
            $checklist = $this->writeRun($keeper, $tank, ['tasks' => ['glass', 'trim', 'vacuum', 'media']]);
            $of = $this->oneOfEach($keeper, $tank, $water, $checklist);
            foreach ([10, 300] as $conductivity) {
                Reservoir::query()->findOrFail((int) $of['reservoir'])->rejections()
                    ->create(['conductivity_in' => 300, 'conductivity_out' => 10, 'is_first' => false, 'taken_at' => now()]);
            }
            $pages = [
                ...$pages, "/tanks/$tank->id", "/ro-reservoirs/{$of['reservoir']}", "/source-waters/$water->id", "/batches/{$of['batch']}",
                "/products/{$of['product']}/edit", "/checklists/$checklist->id",
            ];
        }

        return $pages;
    }

    /** As many tanks and plant groups as an account may have, and animals in each. */
    private function fill(Keeper $keeper): void
    {
        $water = $keeper->waters()->firstOrFail();
        for ($i = $keeper->tanks()->count(); $i < 12; ++$i) {
            $this->tank($keeper, $water);
        }
        $tank = $keeper->tanks()->orderBy('id')->firstOrFail();
        for ($i = $tank->plantGroups()->count(); $i < RecordQuota::most(PlantGroup::class); ++$i) {
            $plantGroup = $tank->plantGroups()->create([
                'kind' => ['rotala_rotundifolia', 'taxiphyllum_barbieri', 'lemna_minor', 'vallisneria_nana'][$i % 4], 'left_edge' => ($i % 10) / 10,
                'right_edge' => ($i % 10) / 10 + 0.1, 'front_edge' => 0.5, 'back_edge' => 1,
            ]);
            $plantGroup->looks()->create(['happened_at' => now()->subDays(3), 'height' => 40 + $i, 'cover' => 0.5]);
        }
    }
}
