<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Keeper;
use App\Models\Tank;
use App\Tanks\LevelsQuery;
use App\Tanks\TankWaterQuery;
use Cresco\Core\Measure\Parameter;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\Group;

/** One figure of a tank, wherever it is asked and whenever it was found. */
#[Group('long')]
final class OneFigureTest extends FeatureCase
{
    public function testEveryPageOfTheDemoShowsOneFigureOfEachParameter(): void
    {
        $this->demo();
        $keeper = Keeper::query()->sole();
        $this->actingAs($keeper);
        $html = fn(string $page): string => (string) preg_replace('/\s+/u', ' ', (string) $this->get($page)->assertOk()->getContent());
        // Of today, all that stands from one tank to the next.
        preg_match_all('#<p class="strip-name"><a href="/tanks/(\d+)">.*?(?=<p class="strip-name">|</main>)#su', $html('/'), $parts);
        $today = array_combine($parts[1], array_map(strip_tags(...), $parts[0]));
        $compared = 0;
        foreach (Tank::query()->with('keeper')->get() as $tank) {
            $pages = [
                'tank' => $html("/tanks/$tank->id"), 'change' => strip_tags($html("/tanks/$tank->id/water-change")),
                'food' => $html("/tanks/$tank->id/fertilising"), 'today' => $today[$tank->id] ?? '',
            ];
            foreach (array_keys(TankWaterQuery::of($tank)->readings) as $name) {
                $parameter = Parameter::from($name);
                $label = preg_quote(label($parameter), '/');
                $shown = [];
                foreach ([
                    'tank' => '/id="now-'.$name.'">(\d[\d.]*)</', 'food' => '/data-working="level-'.$name.'">(\d[\d.]*)</',
                    'today' => '/'.$label.' (?:is (?:far )?over its limit )?(\d[\d.]*)°? (?:±|[^\d ]+ (?:high|low))/u',
                    // After its name, with its unit or "forecast" between: a number with its band behind it.
                    'change' => '/'.$label.'(?:, forecast)? ?(?:[^\d ]{1,5}(?: [^\d ]{1,6})?)? (\d[\d.]*)°? ?(?:±|forecast)/u',
                ] as $page => $figure) {
                    if (preg_match($figure, $pages[$page], $found) === 1) {
                        $shown[$page] = $found[1];
                    }
                }
                $compared += max(0, count($shown) - 1);
                // Alike but for digits that a page does not show.
                $digits = $shown === [] ? 0 : min(array_map(static fn(string $number): int => strlen(strrchr($number, '.') ?: '.') - 1, $shown));
                foreach ($shown as $number) {
                    self::assertEqualsWithDelta(
                        (float) (array_values($shown)[0] ?? NAN),
                        (float) $number,
                        0.5001 * 10 ** -$digits,
                        "$tank->name, $name: ".json_encode($shown),
                    );
                }
            }
        }
        self::assertGreaterThan(45, $compared);
    }

    public function testWhatWasKeptAndRunOnIsWhatIsFoundAnew(): void
    {
        $this->demo();
        $tell = static function (): array {
            $told = [];
            foreach (LevelsQuery::ofMany(Tank::query()->with('keeper')->get()) as $id => $courses) {
                foreach (Parameter::balanced() as $parameter) {
                    $level = $courses->level($parameter);
                    $told["$id $parameter->value"] = [
                        $level->quantile(0.1), $level->central(), $level->quantile(0.9), $courses->course($parameter)->rate()->central(),
                    ];
                }
            }

            return $told;
        };
        $tell();
        self::assertGreaterThan(20, DB::table('water_states')->count());
        // Nothing is written down for nine days and some hours; meals and planned doses go on.
        $this->travel(9)->days();
        $this->travel(7)->hours();
        Cache::flush();
        $onward = $tell();
        DB::table('water_states')->delete();
        Cache::flush();
        $unread = [];
        foreach (LevelsQuery::ofMany(Tank::query()->with('keeper')->get()) as $id => $courses) {
            foreach (Parameter::balanced() as $parameter) {
                $unread["$id $parameter->value"] = !$courses->isRead($parameter);
            }
        }
        DB::table('water_states')->delete();
        $planted = array_flip(DB::table('plant_groups')->distinct()->get(['tank_id'])
            ->map(static fn(object $row): int => is_numeric($row->tank_id ?? null) ? (int) $row->tank_id : 0)->all());
        $same = 0;
        foreach ($tell() as $what => $figures) {
            $isPlanted = isset($planted[(int) $what]) || $unread[$what];
            $same += $isPlanted ? 0 : 1;
            foreach ($figures as $i => $figure) {
                // What plants are guessed to take at first, and what was never read, is that of the day on which it was found.
                self::assertEqualsWithDelta(
                    $figure,
                    $onward[$what][$i],
                    $isPlanted ? 0.25 * ($figures[2] - $figures[0]) + 0.05 * abs($figure) : 1e-9 * max(1.0, abs($figure)),
                    $what,
                );
            }
        }
        self::assertGreaterThan(5, $same);
    }
}
