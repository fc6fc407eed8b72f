<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Exchange\JsonLines;
use App\Models\Analysis;
use App\Models\Recipe;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\ViewErrorBag;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\HttpFoundation\Response;

/** Recipes and analyses out and in again, and what is refused with its line and reason. */
final class ExchangeTest extends FeatureCase
{
    public function testRecipesGoOutAndInUnchangedBothWays(): void
    {
        [$keeper, , $ro] = $this->bench();
        $this->actingAs($keeper)->post(
            '/recipes',
            [
                'recipe_name' => 'Soft, "six" & co', 'litres' => '40', 'gh' => '6', 'kh' => '3', 'ec' => '', 'ratio' => '3', 'cap' => ['Na' => '20'],
                'waters' => [$ro->id], 'jars' => $keeper->products()->pluck('id')->all(),
            ],
        )->assertRedirect('/recipes');
        $first = Recipe::query()->firstOrFail()->content;
        self::assertSame('Soft, "six" & co', $first['name']);
        foreach (['json', 'csv'] as $format) {
            $file = (string) $this->get('/recipes/export.'.$format)->assertOk()->getContent();
            Recipe::query()->delete();
            $this->import('/recipes/import', $file, 'recipes.'.$format)->assertSessionHasNoErrors()->assertRedirect('/recipes');
            $again = Recipe::query()->firstOrFail()->content;
            self::assertSame('Soft, "six" & co', $again['name']);
            self::assertEqualsWithDelta(40.0, $again['litres'], 1e-9);
            self::assertEquals(self::sorted($first['target']), self::sorted($again['target']));
            self::assertEquals(array_column((array) $first['jars'], 'amount', 'name'), array_column((array) $again['jars'], 'amount', 'name'));
        }
        $this->get('/recipes')->assertOk()->assertSee('Use it');
        self::assertSame(1, preg_match('/href="(\/mix-water\?[^"]+)"/', (string) $this->get('/recipes')->getContent(), $found));
        $this->get(html_entity_decode($found[1] ?? ''))->assertOk()->assertSee('name="gh" value="6"', false);
    }

    public function testAnalysesGoOutAndInUnchangedBothWays(): void
    {
        [$keeper, , , $tap] = $this->bench();
        $this->actingAs($keeper)->post(
            "/source-waters/$tap->id/analyses",
            [
                'sampled_on' => '2026-03-01', 'ions' => ['Ca' => '48', 'Na' => '14.5'], 'hardness' => '9', 'alkalinity' => '6', 'ph' => '7.6',
                'conductivity' => '388', 'note' => '=SUM(A1)',
            ],
        )->assertSessionHasNoErrors();
        $before = Analysis::query()->firstOrFail();
        foreach (['json', 'csv'] as $format) {
            $file = (string) $this->get('/analyses/export.'.$format)->assertOk()->getContent();
            Analysis::query()->delete();
            $this->import('/analyses/import', $file, 'analyses.'.$format)->assertSessionHasNoErrors()->assertRedirect('/source-waters');
            $after = Analysis::query()->firstOrFail();
            self::assertSame($tap->id, $after->source_water_id);
            self::assertEquals($before->milligrams, $after->milligrams);
            self::assertEqualsWithDelta((float) $before->hardness, (float) $after->hardness, 1e-9);
            self::assertSame('2026-03-01', $after->sampled_on->format('Y-m-d'));
        }
        // A formula is not let loose on a spreadsheet.
        self::assertStringNotContainsString(',=SUM', (string) $this->get('/analyses/export.csv')->getContent());
    }

    public function testANoteOfSeveralLinesComesBackFromOurOwnFile(): void
    {
        $keeper = $this->keeper();
        $water = $this->water($keeper, 'Well');
        $note = "first line, with a comma\nand \"quotes\"\n=SUM(1)";
        $analysis = new Analysis([
            'source_water_id' => $water->id, 'sampled_on' => '2026-02-03', 'milligrams' => ['Ca' => 60.0], 'alkalinity' => 3.0, 'ph' => null,
            'conductivity' => null, 'note' => $note,
        ]);
        $analysis->keeper_id = $keeper->id;
        $analysis->save();
        $file = (string) $this->actingAs($keeper)->get('/analyses/export.csv')->getContent();
        $analysis->delete();
        $this->import('/analyses/import', $file, 'own.csv')->assertSessionHasNoErrors();

        self::assertSame($note, Analysis::query()->sole()->note);
    }

    /** @return iterable<string, array{string}> */
    public static function formats(): iterable
    {
        yield 'CSV' => ['csv'];
        yield 'JSON' => ['json'];
    }

    #[DataProvider('formats')]
    public function testWhateverIsWrittenInANoteComesBack(string $format): void
    {
        $chance = new Randomizer(new Mt19937(3));
        $keeper = $this->keeper();
        $water = $this->water($keeper, 'Well "north", by the =wall');
        $signs = ['"', ',', "\n", "'", '=', '+', '-', '@', ';', ' ', "\t", 'a', 'ß', '水', '\\', '7', '|'];
        $notes = ["'=x", "''+1", '"', '""', "a\n\nb", "=1+1\n'=2", '\\"', "'"];
        while (count($notes) < 80) {
            $note = implode('', array_map(static fn(): string => $signs[$chance->getInt(0, count($signs) - 1)], range(1, $chance->getInt(1, 24))));
            // What a form would have trimmed is not kept in the first place.
            if (trim($note) === $note) {
                $notes[] = $note;
            }
        }
        foreach ($notes as $i => $note) {
            $analysis = new Analysis([
                'source_water_id' => $water->id, 'sampled_on' => CarbonImmutable::parse('2026-01-01')->addDays($i),
                'milligrams' => ['Ca' => 40.0 + $i], 'alkalinity' => 3.0, 'ph' => null, 'conductivity' => null, 'note' => $note,
            ]);
            $analysis->keeper_id = $keeper->id;
            $analysis->save();
        }
        $file = (string) $this->actingAs($keeper)->get('/analyses/export.'.$format)->getContent();
        Analysis::query()->delete();
        $this->import('/analyses/import', $file, 'own.'.$format)->assertSessionHasNoErrors();
        self::assertSame($notes, Analysis::query()->orderBy('sampled_on')->pluck('note')->all());
        self::assertSame([$water->id], Analysis::query()->pluck('source_water_id')->unique()->all());
    }

    public function testAWaterThatIsNotKnownIsNamedWithItsAnalysis(): void
    {
        $keeper = $this->keeper();
        $this->actingAs($keeper);
        $this->import('/analyses/import', "water,sampled_on,Ca,HCO3\nWell,2026-02-03,60,180\n", 'well.csv')->assertSessionHasNoErrors();

        self::assertSame('Well', $keeper->waters()->firstOrFail()->name);
    }

    /** @return array<string, array{string, string, string, string}> address, file name, content, what is said */
    public static function broken(): array
    {
        $recipe = '{"format": "cresco-recipes", "version": 1, "recipes": [';

        return [
            'a comma too many' => ['/recipes/import', 'a.json', "{\n  \"format\": \"cresco-recipes\",\n  \"version\": 1,,\n}", 'Line 3: this is not JSON'],
            'cut off' => ['/recipes/import', 'a.json', "{\n\"format\": \"cresco-recipes\",\n\"recipes\": [", 'Line 3: this is not JSON'],
            'another format' => ['/recipes/import', 'a.json', "{\n\"format\": \"else\",\n\"version\": 1, \"recipes\": []}", 'Line 2: /format'],
            'a field that is not in the schema' => [
                '/recipes/import', 'a.json', $recipe."\n{\"name\": \"x\", \"litres\": 2,\n\"target\": {\"salt\": 3}, \"waters\": [], \"jars\": []}]}",
                'Line 3: /recipes/0/target',
            ],
            'negative litres' => [
                '/recipes/import', 'a.json', $recipe."\n\n{\"name\": \"x\",\n\"litres\": -2, \"target\": {}, \"waters\": [], \"jars\": []}]}",
                'Line 4: /recipes/0/litres',
            ],
            'words for numbers' => [
                '/recipes/import', 'a.json', $recipe.'{"name": "x", "litres": "two", "target": {}, "waters": [], "jars": []}]}',
                'Line 1: /recipes/0/litres',
            ],
            'brackets without end' => ['/recipes/import', 'a.json', str_repeat('[', 5000), 'too many brackets'],
            'one good and one bad' => [
                '/recipes/import', 'a.json',
                $recipe."{\"name\": \"good\", \"litres\": 2, \"target\": {}, \"waters\": [], \"jars\": []},\n{\"name\": \"\"}]}", 'Line 2',
            ],
            'an unknown ion' => [
                '/analyses/import', 'a.json',
                "{\"format\": \"cresco-analyses\", \"version\": 1, \"analyses\": [\n{\"water\": \"W\", \"sampled_on\": \"2026-01-01\", \"mg_per_l\": {\"Fe\": 1}}]}",
                'Line 2: /analyses/0/mg_per_l',
            ],
            'a day that was never' => [
                '/analyses/import', 'a.json',
                "{\"format\": \"cresco-analyses\", \"version\": 1, \"analyses\": [\n{\"water\": \"W\", \"sampled_on\": \"2026-02-30\", \"mg_per_l\": {\"Ca\": 1}}]}",
                'Line 2: “2026-02-30” is not a day',
            ],
            'an analysis of nothing' => [
                '/analyses/import', 'a.json', '{"format": "cresco-analyses", "version": 1, "analyses": [{"water": "W", "sampled_on": "2026-02-03"}]}',
                'without a single figure',
            ],
            'a missing column' => ['/analyses/import', 'a.csv', "water,Ca\nW,4\n", 'Line 1: the column “sampled_on” is missing'],
            'a column too many' => ['/analyses/import', 'a.csv', "water,sampled_on,Gold\nW,2026-01-01,4\n", 'Line 1: there is no column “Gold”'],
            'a cell too few' => ['/analyses/import', 'a.csv', "water,sampled_on,Ca\nW,2026-01-01,4\nW,2026-01-02\n", 'Line 3: 2 cells where the heading has 3'],
            'letters in a cell' => ['/analyses/import', 'a.csv', "water,sampled_on,Ca\nW,2026-01-01,lots\n", 'Line 2: “lots” in Ca is not a number'],
            'below nothing' => ['/analyses/import', 'a.csv', "water,sampled_on,Ca\nW,2026-01-01,-4\n", 'Line 2: “-4” in Ca'],
            'a pH that no water has' => ['/analyses/import', 'a.csv', "water,sampled_on,Ca,ph\nW,2026-01-01,40,12.5\n", 'Line 2: “12.5” in ph'],
            'a hardness that no water has' => [
                '/analyses/import', 'a.csv', "water,sampled_on,Ca,hardness_mmol_per_l\nW,2026-01-01,40,51\n", 'Line 2: “51” in hardness_mmol_per_l',
            ],
            'a conductivity of the sea' => [
                '/analyses/import', 'a.csv', "water,sampled_on,Ca,ec_us_per_cm_25c\nW,2026-01-01,40,21000\n", 'Line 2: “21000” in ec_us_per_cm_25c',
            ],
            'not text' => ['/analyses/import', 'a.csv', "\xFF\xFE\x00\x01", 'not text in UTF-8'],
            'an unknown part' => ['/recipes/import', 'a.csv', "recipe,part,name,value,unit\nx,litres,,4,L\nx,magic,wand,1,\n", 'Line 3: a part is litres'],
            'a recipe without litres' => ['/recipes/import', 'a.csv', "recipe,part,name,value,unit\nx,jar,Epsom,4,g\n", 'Line 2: the recipe “x” does not hold'],
            'an empty file' => ['/recipes/import', 'a.json', ' ', 'Line 1'],
            'markup' => ['/recipes/import', 'a.csv', "recipe,part,name,value,<script>\n", 'the column “unit” is missing'],
        ];
    }

    #[DataProvider('broken')]
    public function testABrokenFileIsRefusedWholeWithLineAndReason(string $address, string $name, string $content, string $said): void
    {
        $keeper = $this->keeper();
        $this->actingAs($keeper);
        $response = $this->import($address, $content, $name)->assertSessionHasErrors('file');

        self::assertStringContainsString($said, $this->said());
        self::assertSame(0, Recipe::query()->count() + Analysis::query()->count() + $keeper->waters()->count());
        $response->assertRedirect();
    }

    public function testAFileThatIsTooLargeOrNoneIsRefused(): void
    {
        $this->actingAs($this->keeper())->post('/recipes/import')->assertSessionHasErrors('file');
        $this->import('/recipes/import', str_repeat(' ', 600 * 1024), 'big.json')->assertSessionHasErrors('file');
    }

    public function testLinesOfValuesAreThoseTheyStandOn(): void
    {
        $lines = JsonLines::of("{\n\"a\": [1,\n 2, {\"b\\n\": \"x\"}],\n\n\"c\": null}");

        self::assertSame(
            [2, 2, 3, 3, 5, 1],
            [
                $lines->lineOf(['a']), $lines->lineOf(['a', 0]), $lines->lineOf(['a', 1]), $lines->lineOf(['a', 2, "b\n"]), $lines->lineOf(['c']),
                $lines->lineOf(['nowhere']),
            ],
        );
    }

    /** @return TestResponse<Response> */
    private function import(string $address, string $content, string $name): TestResponse
    {
        return $this->post($address, ['file' => UploadedFile::fake()->createWithContent($name, $content)]);
    }

    private function said(): string
    {
        $errors = session('errors');

        return $errors instanceof ViewErrorBag ? (string) $errors->first('file') : '';
    }

    /** @return array<mixed> */
    private static function sorted(mixed $target): array
    {
        $target = is_array($target) ? $target : [];
        ksort($target);

        return $target;
    }
}
