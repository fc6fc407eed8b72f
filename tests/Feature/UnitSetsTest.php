<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Keeper;
use App\Models\Kit;
use App\Models\Product;
use App\Models\Reservoir;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use DOMDocument;
use DOMElement;
use DOMXPath;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Tests\Screens;

/** What a keeper reads in is a matter of showing: a form that is sent back as it stands moves nothing, whichever units are set. */
final class UnitSetsTest extends FeatureCase
{
    private const SETS = [
        'metric' => [
            'volume_unit' => 'litre', 'length_unit' => 'metric',
            'kits' => [
                'general_hardness' => 'degrees', 'carbonate_hardness' => 'degrees', 'temperature' => 'celsius', 'conductivity' => 'ec',
                'nitrate' => 'no3',
            ],
        ],
        'american' => [
            'volume_unit' => 'us_gallon', 'length_unit' => 'inches',
            'kits' => [
                'general_hardness' => 'caco3', 'carbonate_hardness' => 'caco3', 'temperature' => 'fahrenheit', 'conductivity' => 'tds',
                'nitrate' => 'no3_n',
            ],
        ],
        'imperial' => [
            'volume_unit' => 'imperial_gallon', 'length_unit' => 'inches',
            'kits' => ['general_hardness' => 'mmol', 'carbonate_hardness' => 'meq', 'temperature' => 'celsius', 'conductivity' => 'tds', 'nitrate' => 'no3'],
        ],
    ];

    /** Tables that keep what forms hold, and columns that only say how it is shown. */
    private const TABLES = ['tanks', 'devices', 'source_waters', 'products', 'reservoirs', 'kits', 'keepers'];

    private const SHOWN = ['updated_at', 'volume_unit', 'length_unit', 'unit', 'remember_token', 'data_version'];

    /** @return iterable<string, array{string, string}> */
    public static function switches(): iterable
    {
        foreach (array_keys(self::SETS) as $from) {
            foreach (array_keys(self::SETS) as $to) {
                yield "$from to $to" => [$from, $to];
            }
        }
    }

    #[DataProvider('switches')]
    public function testSavedSwitchedAndSavedAgainNothingHasMoved(string $from, string $to): void
    {
        [$keeper, $pages] = $this->furnished();
        $this->switchTo($keeper, $from);
        foreach ($pages as $page) {
            $this->sendBack($keeper, $page);
        }
        $before = self::kept();
        $this->switchTo($keeper, $to);
        self::assertSame($before, self::kept(), 'settings');
        foreach ($pages as $page) {
            $this->sendBack($keeper, $page);
            self::assertSame($before, self::kept(), $page);
        }
    }

    public function testADropIsWorthWhatItIsWorth(): void
    {
        [$keeper] = $this->furnished();
        $this->switchTo($keeper, 'metric');
        $drop = Kit::query()->where('parameter', 'general_hardness')->sole()->step;
        $this->switchTo($keeper, 'american');
        $kit = ($keeper->fresh() ?? $keeper)->coreKit(Parameter::GeneralHardness);

        // One degree is 17.85 mg/L as CaCO3.
        self::assertSame($drop, Kit::query()->where('parameter', 'general_hardness')->sole()->step);
        self::assertEqualsWithDelta(17.85, $kit->step, 0.01);
        self::assertEqualsWithDelta(12.0, ($keeper->fresh() ?? $keeper)->bucket_litres, 1e-12);
    }

    /** @return iterable<string, array{string, float}> typed; mm */
    public static function lengths(): iterable
    {
        yield 'inches' => ['48 in', 1219.2];
        yield 'inches, short' => ['48"', 1219.2];
        yield 'feet' => ['4 ft', 1219.2];
        yield 'feet and inches' => ['4 ft 2 in', 1270.0];
        yield 'feet and inches, short' => ["4' 2\"", 1270.0];
        yield 'millimetres' => ['610 mm', 610.0];
        yield 'metres with a comma' => ['1,2 m', 1200.0];
        yield 'the field\'s own' => ['90', 900.0];
    }

    #[DataProvider('lengths')]
    public function testAnyLengthFieldUnderstandsTheUnitThatIsWrittenInIt(string $typed, float $mm): void
    {
        $keeper = $this->keeper();
        $this->actingAs($keeper)->post('/tanks', $this->measures($typed))->assertSessionHasNoErrors();
        self::assertEqualsWithDelta($mm, Tank::query()->sole()->outer_length, 1e-6);
    }

    public function testLengthsThatAreNoneAreSaidAtTheirField(): void
    {
        $this->actingAs($this->keeper());
        foreach (['4 furlongs', '4 ft ft', 'in 4', '12 in in', '-4 in', '99999 ft'] as $typed) {
            $this->post('/tanks', $this->measures($typed))->assertSessionHasErrors('outer_length');
        }
        self::assertSame(0, Tank::query()->count());
    }

    public function testEveryPageAndTheDrawingSpeakInInchesAndGallons(): void
    {
        [$keeper, $pages, $tank] = $this->furnished();
        $this->switchTo($keeper, 'american');
        $this->actingAs($keeper->fresh() ?? $keeper);
        foreach ([
            "/tanks/$tank->id", "/tanks/$tank->id/water-change", "/tanks/$tank->id/maintenance", "/tanks/$tank->id/hose", "/tanks/$tank->id/top-off",
            "/tanks/$tank->id/gravel-vac", "/tanks/$tank->id/edit", '/', '/supplies/products', '/mix-water',
        ] as $page) {
            $html = (string) $this->get($page)->assertOk()->getContent();
            $text = html_entity_decode(strip_tags((string) preg_replace('/<(script|style|option|dialog)\b.*?<\/\1>/s', '', $html)));
            self::assertDoesNotMatchRegularExpression('/\d\s(mm|cm|kg|L|°C|µS\/cm)(?![\w\/])/u', $text, $page);
        }
        $this->get("/tanks/$tank->id")->assertSee('US gal')->assertSee(' in')->assertSee('heater: from');
        self::assertNotSame([], $pages);
    }

    public function testASpoonfulForTenGallonsIsUnderstood(): void
    {
        $keeper = $this->keeper();
        $keeper->update(['volume_unit' => 'us_gallon']);
        $this->actingAs($keeper)->post(
            '/products',
            ['name' => 'Clear', 'salt' => Product::CONDITIONER, 'unit' => 'mL', 'label' => ['dose' => '1 tsp', 'litres' => '10', 'strength' => '1']],
        )->assertSessionHasNoErrors();
        $product = Product::query()->sole();
        self::assertEqualsWithDelta(4.92892, $product->label['dose'] ?? NAN, 1e-4);
        self::assertEqualsWithDelta(37.85412, $product->label['litres'] ?? NAN, 1e-4);
    }

    public function testThePensUnitCountsOnLabelsSpoonsAndUnits(): void
    {
        $keeper = $this->keeper();
        $keeper->kits()->create(['parameter' => 'conductivity', 'method' => 'pen', 'unit' => 'tds', 'step' => 2.0, 'fields' => []]);
        $this->actingAs($keeper)->post(
            '/products',
            ['name' => 'Grains', 'salt' => 'label', 'unit' => 'g', 'purity' => '100', 'label' => ['dose' => '3', 'litres' => '10', 'gh' => '6', 'ec' => '120']],
        )->assertSessionHasNoErrors();
        $product = Product::query()->sole();
        self::assertEqualsWithDelta(240.0, $product->label['ec'] ?? NAN, 1e-9);
        // 1 g in 1 L brings 800 uS/cm, 400 on this meter: a rise of 200 by one spoon in a litre is half a gram.
        $this->post("/products/$product->id/trials", ['by' => 'pen', 'spoons' => '1', 'litres' => '1', 'before' => '0', 'rise' => '200'])
            ->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(0.5, $product->trials()->sole()->grams_each, 1e-9);
    }

    /** @return array<string, mixed> */
    private function measures(string $length): array
    {
        return [
            'name' => 'Brook', 'shape' => 'box', 'outer_length' => $length, 'outer_depth' => '45', 'outer_height' => '45', 'glass' => '8',
            'water_below_rim' => '30', 'animals' => 'community', 'warmth' => '24', 'routine_share' => '30', 'routine_days' => '7',
        ];
    }

    /** @return array{Keeper, list<string>, Tank} a keeper with one of everything, and the pages that hold forms */
    private function furnished(): array
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-01 12:00'));
        [$keeper, $tank, $ro] = $this->bench();
        $tank->update(['substrate_back' => 61.3, 'substrate_front' => 37.7, 'porosity' => 0.42, 'stone_kg' => 7.7, 'stone_height' => 213.0, 'measured_litres' => 93.3, 'measured_spread' => 1.7, 'hose_bore' => 12.7, 'hose_length' => 2.3, 'hose_drop' => 913.0, 'nitrate_per_day' => 1.37,
            'limits' => [
                'ranges' => ['temperature' => [21.3, 25.7], 'general_hardness' => [0.71, 1.93]],
                'swings' => ['temperature' => 1.3, 'conductivity' => 0.17, 'general_hardness' => 0.31],
            ]]);
        $label = $keeper->products()->create([
            'name' => 'Grains', 'salt' => null, 'unit' => 'g',
            'label' => ['dose' => 6.1, 'litres' => 20.3, 'gh' => 6.3, 'kh' => 2.1, 'ec' => 307.0, 'ratio' => 3.0], 'purity' => 1.0, 'price' => 1.0,
            'stock' => 310.5,
        ]);
        $clear = $keeper->products()->create([
            'name' => 'Clear', 'salt' => Product::CONDITIONER, 'unit' => 'mL', 'label' => ['dose' => 5.3, 'litres' => 201.0, 'strength' => 1.1],
            'purity' => 1.0, 'price' => 0.0, 'stock' => 240.0,
        ]);
        $reservoir = $keeper->reservoirs()->create([
            'name' => 'Barrel', 'source_water_id' => $ro->id, 'capacity' => 61.7, 'level' => 23.4, 'litres_per_day' => 151.3, 'waste' => 2.7,
        ]);
        self::assertInstanceOf(Reservoir::class, $reservoir);

        $counted = $this->tank($keeper);
        $counted->update(['name' => 'Crooked', 'shape' => 'counted', 'marks' => [[13.7, 71.3], [91.1, 55.55], [200.3, 30.1]]]);

        return [
            $keeper,
            [
                "/tanks/$tank->id/edit", "/tanks/$counted->id/edit", "/tanks/$tank->id/targets", "/tanks/$tank->id/hose", "/products/$label->id/edit",
                "/products/$clear->id/edit", "/ro-reservoirs/$reservoir->id/edit", "/source-waters/$ro->id/edit", '/settings',
            ],
            $tank,
        ];
    }

    /** Chooses units on the settings page, leaving all else as it stands there. */
    #[Group('long')]
    public function testAnAmericanAccountMeetsItsOwnUnitsOnEveryScreen(): void
    {
        $this->demo();
        $keeper = Keeper::query()->where('is_demo', true)->firstOrFail();
        $this->actingAs($keeper);
        $this->switchTo($keeper, 'american');
        $found = [];
        // What was written down stays as it was written, and the page of estimates names what stands in the code.
        $screens = array_values(array_filter(
            Screens::ALL,
            static fn(string $page): bool => preg_match('#^/(log|estimates|settings|tanks/\d/(log|charts|forecast-check))|working=#', $page) !== 1,
        ));
        foreach ($screens as $page) {
            $html = (string) preg_replace(
                '#<script.*?</script>|<option.*?</option>#s',
                '',
                (string) $this->actingAs($keeper->fresh() ?? $keeper)->get($page)->getContent(),
            );
            // A keeper's own notes, the reference of conductivity, and what one gram brings to one litre are no figures of a tank.
            $text = str_replace(
                ['salts, 80 L', 'salt, 40 L', '25 °C', '1 g in 1 L', 'from 1 mL in 1 L', 'mol/L'],
                '',
                (string) preg_replace('/\s+/u', ' ', strip_tags($html)),
            );
            $text = explode('What goes in SymbolMeaning', str_replace('What goes inSymbolMeaning', 'What goes in SymbolMeaning', $text))[0];
            preg_match_all('/.{0,40}(?<![\w\/])\d[\d.,]*[\s\x{A0}]?(?:L|cm|mm|kg|°C|°(?!F)|d[GK]H)(?![\w\/])/u', $text, $metric);
            preg_match_all('/value="\d+\.\d{4,}"/', $html, $long);
            $found = [...$found, ...array_map(static fn(string $one): string => $page.': '.$one, [...$metric[0], ...$long[0]])];
        }
        self::assertSame([], $found);
    }

    public function testStripsOfAnAmericanAccountHaveThePrintedFields(): void
    {
        $keeper = $this->keeper();
        $this->actingAs($keeper);
        $this->switchTo($keeper, 'american');
        $this->actingAs($keeper->fresh() ?? $keeper)->post('/settings/kits', ['set' => 'strips'])->assertSessionHasNoErrors();
        $page = $this->actingAs($keeper->fresh() ?? $keeper)->get('/settings')->assertOk();
        $page->assertSee('value="0 25 75 150 300"', false)->assertSee('value="0 40 80 120 180 300"', false);
        self::assertDoesNotMatchRegularExpression(
            '/value="[^"]*\d\.\d{3,}/',
            (string) preg_replace('/value="0 2\.26[^"]*"/', '', (string) $page->getContent()),
        );
    }

    private function switchTo(Keeper $keeper, string $set): void
    {
        [$action, $fields] = $this->form($keeper, '/settings');
        $fields['volume_unit'] = self::SETS[$set]['volume_unit'];
        $fields['length_unit'] = self::SETS[$set]['length_unit'];
        foreach (self::SETS[$set]['kits'] as $parameter => $unit) {
            $fields['kits['.$parameter.'][unit]'] = $unit;
        }
        $this->send($action, $fields);
    }

    private function sendBack(Keeper $keeper, string $page): void
    {
        [$action, $fields] = $this->form($keeper, $page);
        $this->send($action, $fields);
    }

    /** @param array<string, string> $fields */
    private function send(string $action, array $fields): void
    {
        parse_str(
            implode(
                '&',
                array_map(static fn(string $name, string $value): string => rawurlencode($name).'='.rawurlencode($value), array_keys($fields), $fields),
            ),
            $sent,
        );
        $this->post($action, array_diff_key($sent, ['_token' => true]))->assertSessionHasNoErrors()->assertRedirect();
    }

    /** @return array{string, array<string, string>} the form of a page that changes what is kept: where it goes, and its fields as they stand */
    private function form(Keeper $keeper, string $page): array
    {
        $html = (string) $this->actingAs($keeper->fresh() ?? $keeper)->get($page, ['HX-Request' => ''])->assertOk()->getContent();
        $document = new DOMDocument();
        @$document->loadHTML('<?xml encoding="utf-8"?>'.$html);
        $find = new DOMXPath($document);
        foreach ($find->query('//form[.//input[@name="_method"][@value="put"]]') ?: [] as $form) {
            if (!$form instanceof DOMElement) {
                continue;
            }
            $fields = [];
            foreach ($find->query('.//input|.//select|.//textarea', $form) ?: [] as $field) {
                if (!$field instanceof DOMElement || $field->getAttribute('name') === '') {
                    continue;
                }
                $type = $field->getAttribute('type');
                if (in_array($type, ['checkbox', 'radio'], true) && !$field->hasAttribute('checked')) {
                    continue;
                }
                $value = $field->getAttribute('value');
                if ($field->tagName === 'select') {
                    $chosen = ($find->query('.//option[@selected]', $field) ?: null)?->item(0) ?? ($find->query('.//option', $field) ?: null)?->item(0);
                    $value = $chosen instanceof DOMElement ? $chosen->getAttribute('value') : '';
                }
                $fields[$field->getAttribute('name')] = $value === '' && in_array($type, ['checkbox', 'radio'], true) ? '1' : $value;
            }

            return [$form->getAttribute('action'), $fields];
        }
        self::fail('No form on '.$page);
    }

    private static function kept(): string
    {
        $rows = [];
        foreach (self::TABLES as $table) {
            foreach (DB::table($table)->orderBy('id')->get() as $row) {
                $row = (array) $row;
                foreach (['products'] as $withUnit) {
                    $row['unit'] = $table === $withUnit ? $row['unit'] : null;
                }
                $shown = $table === 'products' ? array_diff(self::SHOWN, ['unit']) : self::SHOWN;
                $rows[$table][] = array_diff_key($row, array_flip($shown));
            }
        }

        return (string) json_encode($rows, JSON_PRETTY_PRINT);
    }
}
