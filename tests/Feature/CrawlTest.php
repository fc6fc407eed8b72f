<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Keeper;
use App\Models\Product;
use App\Models\Tank;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\Group;

/** The demo walked through as a keeper would: every link leads somewhere, every figure opens, every form has its door. */
final class CrawlTest extends FeatureCase
{
    /** Pages that a walk visits at most: the log alone has hundreds. */
    private const MOST = 260;

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo();
    }

    #[Group('long')]
    public function testEveryLinkOfTheDemoLeadsSomewhereAndEveryFigureOpens(): void
    {
        $keeper = Keeper::query()->where('is_demo', true)->firstOrFail();
        $waiting = ['/', '/mix-water', '/supplies/products', '/source-waters', '/log', '/settings', '/recipes', '/pen'];
        foreach (Tank::all() as $tank) {
            $waiting = [
                ...$waiting, "/tanks/$tank->id", "/tanks/$tank->id/water-change", "/tanks/$tank->id/maintenance", "/tanks/$tank->id/gravel-vac",
                "/tanks/$tank->id/plants", "/tanks/$tank->id/light", "/mix-water?tank=$tank->id",
            ];
        }
        $known = array_fill_keys($waiting, true);
        $workings = 0;
        // Looking at a page keeps nobody from writing, and changes nothing.
        $page = '';
        DB::listen(static function (QueryExecuted $query) use (&$page): void {
            self::assertDoesNotMatchRegularExpression('/^\s*(insert|update|delete|replace)\b/i', $query->sql, $page);
        });
        for ($visited = 0; $waiting !== [] && $visited < self::MOST; ++$visited) {
            $page = (string) array_shift($waiting);
            $answer = $this->actingAs($keeper)->get($page);
            self::assertContains($answer->getStatusCode(), [200, 302], $page);
            if (!str_starts_with((string) $answer->headers->get('Content-Type'), 'text/html')) {
                continue;
            }
            $html = (string) $answer->getContent();
            if (str_contains($page, 'working=')) {
                ++$workings;
                self::assertStringNotContainsString('Not worked out yet', $html, $page);
                self::assertStringContainsString('What goes in', $html, $page);
            }
            // Words that are not in the language files show their key.
            self::assertDoesNotMatchRegularExpression('/\b('.self::words().')\.[a-z_]+\b(?!\.(php|js|css))/', strip_tags(str_replace('<', ' <', $html)), $page);
            preg_match_all('/<a [^>]*href="([^"#]*)/', $html, $found);
            foreach ($found[1] as $link) {
                $link = html_entity_decode($link);
                $link = str_starts_with($link, '?') ? strtok($page, '?').$link : $link;
                if ($link !== '' && str_starts_with($link, '/') && !isset($known[$link]) && !str_contains($link, 'cursor=')) {
                    $known[$link] = true;
                    $waiting[] = $link;
                }
            }
        }
        self::assertGreaterThan(50, $workings);
    }

    /** The language files by name. */
    private static function words(): string
    {
        return implode('|', array_map(static fn(string $file): string => basename($file, '.php'), glob(lang_path('en').'/*.php') ?: []));
    }

    #[Group('long')]
    public function testTheDemoHasWhatEachScreenShows(): void
    {
        $keeper = Keeper::query()->where('is_demo', true)->firstOrFail();
        $this->actingAs($keeper);
        $this->get('/supplies/products')->assertSee('The label contradicts itself.')->assertSee('Ember mineral salt');
        $this->get('/mix-water?tank=1')->assertSee('Mill Lane tap')->assertSee('On target.');
        $this->get('/ro-reservoirs/1')->assertSee('The membrane is due around')->assertSee('Resin until about');
        $this->get('/source-waters/1')->assertSee('These values fit together.')->assertSee('class="chart"', false);
        // Each plot names what it shows, from when to when, and the values of its tests.
        foreach ([
            '/source-waters/1' => 'Conductivity', '/ro-reservoirs/1' => 'Rejection', '/tanks/1/top-off' => 'Conductivity',
            '/tanks/4/livestock' => 'from 31 to 21', '/tanks/5/cycling' => 'Ammonium',
        ] as $page => $of) {
            $html = (string) $this->get($page)->assertOk()->getContent();
            self::assertSame(1, preg_match('~<svg class="chart"[^>]*aria-label="([^"]+)"~s', $html, $said), $page);
            self::assertStringContainsStringIgnoringCase($of, html_entity_decode($said[1] ?? '', ENT_QUOTES), $page);
            self::assertGreaterThanOrEqual(2, preg_match_all('~class="chart__tick~', $html), $page);
        }
        $this->get('/batches/1')->assertSee('good.')->assertSee('Use it for a water change');
        $this->get('/tanks/1/gravel-vac')->assertSee('Next: zone');
        $this->get('/tanks/1/top-off')->assertSee('Learned from 8 of your top-offs');
        $this->get('/tanks/1/maintenance')->assertSee('due, last');
        $this->get('/recipes')->assertSee('Shrimp, five degrees');
        $this->get('/tanks/1/plants')->assertSee('Limnophila sessiliflora, back right takes')->assertSee('from 8 pairs of heights');
        $this->get('/tanks/4/plants')->assertSee('Limnobium laevigatum');
        // A heater that does not hold its temperature any more is found by the readings, and the work just before it named.
        $this->get('/')->assertSeeTextInOrder(['Stone Harbour', 'Temperature 25.', 'just after “Heater set behind the rock”']);
        // Fed plenty from a bottle made at home, and nothing climbs beyond what its animals stand.
        $this->get('/tanks/7/fertilising')->assertSee('Own fertiliser for Bright Reach')->assertDontSee('may rise above the safe limit for your animals.');
        $this->get('/tanks/1/problems/2')->assertSee('Microsorum pteropus');
        // The shrimp salt is measured by spoon, and its stock went down by what the batch took.
        $product = Product::query()->where('name', 'Ember mineral salt')->firstOrFail();
        self::assertLessThan(180.0, $product->stock);
        self::assertGreaterThan(170.0, $product->stock);
    }

    #[Group('long')]
    public function testNothingOfTheDemoIsAnothers(): void
    {
        $stranger = $this->keeper('Stranger');
        foreach ([
            '/batches/1', '/ro-reservoirs/1', '/products/1/edit', '/source-waters/1', '/tanks/1/gravel-vac', '/tanks/1/maintenance',
            '/checklists/1/print',
        ] as $page) {
            $this->actingAs($stranger)->get($page)->assertNotFound();
        }
        $this->get('/mix-water')->assertOk()->assertDontSee('Mill Lane');
        $this->get('/recipes/export.json')->assertOk()->assertDontSee('Shrimp');
        $this->get('/analyses/export.csv')->assertOk()->assertDontSee('Mill Lane');
    }
}
