<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Keeper;
use Cresco\Core\Mixing\Salts;
use Cresco\Core\Plants\PlantCatalogue;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use PHPUnit\Framework\Attributes\Group;
use Tests\PseudoLanguage;
use Tests\Screens;

/** In another language nothing is left in English but what a keeper typed, names of plants and signs of units. */
final class SecondLanguageTest extends FeatureCase
{
    /** Columns that hold what a keeper typed, and what was written down once for good. */
    private const TYPED = ['name', 'title', 'body', 'note', 'text', 'place', 'words', 'email', 'unit', 'caution', 'tasks', 'content', 'label', 'what'];

    private const SIGNS = '~\b(Cresco|UTC|mg/L|µS/cm|mm|cm|cm²|kg|mL|meq/L|meq|mmol/L|mol/L|mmol|mol|g/L|g/mol|µmol/m²s|min|mg|µmol|[GK]H|pH|RO|Na|Ca|Mg|Fe|NO[23]|PO4|NH[34]|CO₂|CaCO3|TDS|d[GK]H|rpm|jpe?g|csv|json|ics|https?\S*)\b~ui';

    private string $languages;

    protected function setUp(): void
    {
        parent::setUp();
        $this->languages = sys_get_temp_dir().'/cresco-languages-'.getmypid();
        PseudoLanguage::write($this->languages);
    }

    protected function tearDown(): void
    {
        (new Filesystem())->deleteDirectory($this->languages);
        parent::tearDown();
    }

    #[Group('long')]
    public function testNoPageOfTheDemoSpeaksEnglish(): void
    {
        $this->demo();
        app('translation.loader')->addPath($this->languages);
        app()->setLocale(PseudoLanguage::NAME);
        $typed = $this->typed();
        $this->actingAs(Keeper::query()->where('is_demo', true)->firstOrFail());
        $english = '';
        foreach (Screens::ALL as $page) {
            $html = (string) $this->get($page)->getContent();
            if (!str_contains($html, '<main')) {
                continue;
            }
            self::assertStringContainsString('⟦', $html, $page);
            foreach (explode("\n", PseudoLanguage::outside(self::said($html))) as $line) {
                $left = trim((string) preg_replace('/\s+/u', ' ', (string) preg_replace(self::SIGNS, ' ', self::withoutDates(strtr($line, $typed)))));
                if (preg_match('/\p{L}{2,}/u', $left) === 1) {
                    $english .= "$page: $left\n";
                }
            }
        }
        self::assertSame('', $english);
    }

    public function testWhatTheLogAndAChecklistSayIsReadInTheLanguageOfWhoeverLooks(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank);
        $this->read($keeper, $tank, ['nitrate' => '20-40']);
        $this->actingAs($keeper)->post('/log', ['kind' => 'note', 'title' => '{"say":"error.impossible.head"}', 'body' => 'Fed twice'])
            ->assertSessionHasNoErrors();
        $this->get('/log')->assertSee('Tested Brook')->assertSee('{"say":"error.impossible.head"}')->assertSee('Fed twice');

        app('translation.loader')->addPath($this->languages);
        app()->setLocale(PseudoLanguage::NAME);

        $this->get('/log')->assertSee('⟦Tested Brook')->assertSee('{"say":"error.impossible.head"}')->assertDontSee('That cannot be')->assertSee('Fed twice');
        $step = $checklist->steps()->where('job', 'drain')->firstOrFail();
        $this->get("/checklists/$checklist->id?step=$step->position")->assertSee('⟦Drain')->assertSee('below the rim. ');
    }

    /** What a page says: its text, and what is read out of it. Formulas are no language, and what is marked as English may be. */
    private static function said(string $html): string
    {
        $html = (string) preg_replace(['~<(script|style|code)\b.*?</\1>~s', '~<(\w+)\b[^>]* lang="en".*?</\1>~s', '~\b[A-Z]\w+(?:/[\w-]+)+~'], ' ', $html);
        preg_match_all('/ (?:aria-label|aria-valuetext|title|placeholder|alt|data-(?:up|down|ask|more|less|said|words|on|off))="([^"]*)"/', $html, $read);

        return html_entity_decode(preg_replace('/<[^>]*>/', "\n", $html)."\n".implode("\n", $read[1]), ENT_QUOTES | ENT_HTML5);
    }

    private static function withoutDates(string $line): string
    {
        return (string) preg_replace(
            '/\b(Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day\b|\b(Mon|Tue|Wed|Thu|Fri|Sat|Sun|Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)\b/',
            ' ',
            $line,
        );
    }

    /** @return array<string, string> texts of the keepers, by themselves, longest first */
    private function typed(): array
    {
        $typed = [];
        foreach (Schema::getTables() as $table) {
            foreach (DB::table($table['name'])->get() as $row) {
                foreach (array_intersect_key((array) $row, array_flip(self::TYPED)) as $value) {
                    $known = is_string($value) ? json_decode($value, true) : null;
                    $texts = is_array($known) ? $known : [$value];
                    array_walk_recursive($texts, static function (mixed $text) use (&$typed): void {
                        if (is_string($text) && preg_match('/\p{L}{4,}|\p{L} /u', $text) === 1) {
                            $typed[$text] = ' ';
                        }
                    });
                }
            }
        }
        foreach (PlantCatalogue::all() as $kind) {
            $typed[$kind->name] = ' ';
        }
        foreach (Salts::all() as $salt) {
            $typed[$salt->formula] = ' ';
        }
        uksort($typed, static fn(string $a, string $b): int => strlen($b) <=> strlen($a));

        return $typed;
    }
}
