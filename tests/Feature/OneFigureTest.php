<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Known\Courses;
use App\Known\TankWater;
use App\Models\Keeper;
use App\Models\Tank;
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
        $text = fn(string $page): string => (string) preg_replace('/\s+/u', ' ', strip_tags((string) $this->get($page)->assertOk()->getContent()));
        // Of the round, what stands beside each tank up to its button.
        preg_match_all('#<h2><a href="/tanks/(\d+)">.*?(?=<h2>|</main>)#su', (string) $this->get('/')->assertOk()->getContent(), $parts);
        $round = array_combine($parts[1], array_map(static fn(string $part): string => (string) preg_replace('/\s+/u', ' ', strip_tags($part)), $parts[0]));
        $compared = 0;
        foreach (Tank::query()->with('keeper')->get() as $tank) {
            $pages = ['round' => $round[$tank->id] ?? '', 'tank' => $text("/tanks/$tank->id"), 'change' => $text("/tanks/$tank->id/water-change"), 'food' => $text("/tanks/$tank->id/fertilising")];
            foreach (array_keys(TankWater::of($tank)->readings) as $name) {
                $parameter = Parameter::from($name);
                $shown = [];
                foreach ($pages as $page => $said) {
                    $label = preg_quote($parameter->label(), '/');
                    // After its name, with its unit or "forecast" between: a number with its band behind it.
                    if (preg_match('/'.$label.'(?:, forecast)? (?:[^\d ]{1,5}(?: [^\d ]{1,6})? )?(\d[\d.]*)°? ?(?:±|forecast|[^\d]{1,14} ±|'.($page === 'food' ? '\(' : '±').')/u', $said, $found) === 1) {
                        $shown[$page] = $found[1];
                    }
                }
                $compared += max(0, count($shown) - 1);
                // Alike but for digits that a page does not show.
                $digits = $shown === [] ? 0 : min(array_map(static fn(string $number): int => strlen(strrchr($number, '.') ?: '.') - 1, $shown));
                foreach ($shown as $number) {
                    self::assertEqualsWithDelta((float) (array_values($shown)[0] ?? NAN), (float) $number, 0.5001 * 10 ** -$digits, "$tank->name, $name: ".json_encode($shown));
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
            foreach (Courses::ofMany(Tank::query()->with('keeper')->get()) as $id => $courses) {
                foreach (Parameter::balanced() as $parameter) {
                    $level = $courses->level($parameter);
                    $told["$id $parameter->value"] = [$level->quantile(0.1), $level->central(), $level->quantile(0.9), $courses->course($parameter)->rate()->central()];
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
        foreach (Courses::ofMany(Tank::query()->with('keeper')->get()) as $id => $courses) {
            foreach (Parameter::balanced() as $parameter) {
                $unread["$id $parameter->value"] = !$courses->isRead($parameter);
            }
        }
        DB::table('water_states')->delete();
        $planted = array_flip(DB::table('stands')->distinct()->get(['tank_id'])->map(static fn(object $row): int => is_numeric($row->tank_id ?? null) ? (int) $row->tank_id : 0)->all());
        $same = 0;
        foreach ($tell() as $what => $figures) {
            $isPlanted = isset($planted[(int) $what]) || $unread[$what];
            $same += $isPlanted ? 0 : 1;
            foreach ($figures as $i => $figure) {
                // What plants are guessed to take at first, and what was never read, is that of the day on which it was found.
                self::assertEqualsWithDelta($figure, $onward[$what][$i], $isPlanted ? 0.25 * ($figures[2] - $figures[0]) + 0.05 * abs($figure) : 1e-9 * max(1.0, abs($figure)), $what);
            }
        }
        self::assertGreaterThan(5, $same);
    }
}
