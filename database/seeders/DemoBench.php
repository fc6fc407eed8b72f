<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Data\BatchCheck;
use App\Mixing\DraftBatch;
use App\Mixing\MakeBatch;
use App\Mixing\MixingInput;
use App\Mixing\RecipeFile;
use App\Mixing\WriteBatch;
use App\Models\Analysis;
use App\Models\Batch;
use App\Models\Keeper;
use App\Models\Product;
use App\Models\SourceWater;
use App\Models\Tank;
use App\Tanks\BatchContent;
use Carbon\CarbonImmutable;
use Cresco\Core\Diagnosis\Gauge;
use Cresco\Core\Mixing\Preference;
use Cresco\Core\Mixing\Target;
use Illuminate\Support\Carbon;

/** Wren's bench: products with their spoons, what the utility says, the cellar barrel, a batch for the shrimp, what is topped up. */
final readonly class DemoBench
{
    /** @param array<string, SourceWater> $waters */
    public function __construct(private Keeper $keeper, private array $waters, private CarbonImmutable $today) {}

    public function plant(): void
    {
        $products = $this->products();
        $this->analyses();
        $this->store();
        $this->topOffs();
        $this->heater();
        $this->bed();
        $this->batch($products);
    }

    /** @return array<string, Product> */
    private function products(): array
    {
        $products = [];
        foreach ([
            ['Gypsum', 'gypsum', 0.9, 420.0, [3.4, 3.5, 3.3]],
            ['Calcium chloride', 'calcium_chloride', 1.4, 310.0, [4.6, 4.5]],
            ['Epsom salt', 'epsom', 0.6, 780.0, [4.9, 4.8, 5.1]],
            ['Potassium bicarbonate', 'potassium_bicarbonate', 2.2, 65.0, []],
            ['Baking soda', 'soda', 0.4, 900.0, [4.7]],
            ['Potassium sulfate', 'potassium_sulfate', 1.8, 240.0, []],
            ['Saltpetre', 'saltpetre', 2.5, 150.0, []],
        ] as [$name, $salt, $price, $stock, $spoons]) {
            $products[$salt] = $this->keeper->products()->create(['name' => $name, 'salt' => $salt, 'unit' => 'g', 'price' => $price, 'stock' => $stock]);
            $this->trials($products[$salt], $spoons, 90);
        }
        // The spoon of the shrimp salt was changed seven weeks ago; what is kept are the trials of the new one.
        $products['shrimp'] = $this->keeper->products()->create([
            'name' => 'Ember mineral salt', 'salt' => null, 'unit' => 'g', 'price' => 6.5, 'stock' => 180.0,
            'label' => ['dose' => 6.0, 'litres' => 20.0, 'gh' => 5.5, 'kh' => 0.0, 'ec' => 225.0, 'ratio' => 3.2],
        ]);
        $this->trials($products['shrimp'], [4.2, 4.35, 4.1], 48);
        $this->keeper->products()->create([
            'name' => 'Old tin of hardener', 'salt' => null, 'unit' => 'g', 'price' => 0.0, 'stock' => 90.0,
            'label' => ['dose' => 10.0, 'litres' => 50.0, 'gh' => 8.0, 'kh' => 4.0, 'ec' => 60.0, 'ratio' => null],
        ]);
        $this->keeper->products()->create([
            'name' => 'Still Ford conditioner', 'salt' => Product::CONDITIONER, 'unit' => 'mL', 'price' => 0.03, 'stock' => 310.0,
            'label' => ['dose' => 5.0, 'litres' => 100.0, 'strength' => 1.0],
        ]);

        return $products;
    }

    /** @param list<float> $grams */
    private function trials(Product $product, array $grams, int $ago): void
    {
        foreach ($grams as $i => $each) {
            $product->trials()->create([
                'method' => 'scale', 'spoons' => 10, 'grams_each' => $each,
                'taken_at' => $this->today->subDays($ago - 4 * $i)->setTime(19, 30)->utc(),
            ]);
        }
    }

    private function analyses(): void
    {
        foreach ([
            [520, ['Ca' => 44.0, 'Mg' => 9.1, 'Na' => 13.0, 'K' => 2.0, 'Cl' => 22.0, 'SO4' => 35.0, 'NO3' => 6.0], 2.0, 361.0, 'from the utility, spring'],
            [
                160, ['Ca' => 48.0, 'Mg' => 9.8, 'Na' => 14.0, 'K' => 2.1, 'Cl' => 24.0, 'SO4' => 38.0, 'NO3' => 7.5], 2.15, 388.0,
                'from the utility, early summer',
            ],
        ] as [$ago, $milligrams, $alkalinity, $conductivity, $note]) {
            $analysis = new Analysis([
                'source_water_id' => $this->waters['tap']->id, 'sampled_on' => $this->today->subDays($ago)->format('Y-m-d'), 'milligrams' => $milligrams,
                'alkalinity' => $alkalinity, 'ph' => 7.6, 'conductivity' => $conductivity, 'note' => $note,
            ]);
            $analysis->keeper_id = $this->keeper->id;
            $analysis->save();
        }
    }

    private function store(): void
    {
        $reservoir = $this->keeper->reservoirs()->create([
            'source_water_id' => $this->waters['ro']
                ->id, 'name' => 'Cellar barrel', 'capacity' => 60.0, 'level' => 34.0, 'litres_per_day' => 130.0, 'waste' => 2.5,
            'membrane_on' => $this->today->subDays(400)->format('Y-m-d'), 'resin_on' => $this->today->subDays(290)->format('Y-m-d'),
        ]);
        foreach ([360, 300, 240, 190, 150, 120, 90, 60, 30, 8] as $i => $ago) {
            $in = 380.0 + 4.0 * ($i % 4);
            $isFirst = $i === 5;
            $reservoir->rejections()->create([
                'conductivity_in' => $in, 'conductivity_out' => round(
                    $in * ($isFirst ? 0.11 : 0.024 + 0.00012 * (400 - $ago) + 0.002 * ($i % 3)),
                    1,
                ), 'is_first' => $isFirst,
                'millilitres_a_minute' => round(104.0 - 0.02 * (400 - $ago) - 2.0 * ($i % 3)),
                'taken_at' => $this->today->subDays($ago)->setTime(18, 0)->utc(),
            ]);
        }
    }

    private function topOffs(): void
    {
        $tank = Tank::query()->where('keeper_id', $this->keeper->id)->where('name', 'Long Meadow')->firstOrFail();
        foreach ([62, 55, 48, 41, 34, 27, 20, 13, 6] as $i => $ago) {
            $tank->topOffs()->create(['litres' => 7.5 + 0.5 * ($i % 3), 'taken_at' => $this->today->subDays($ago)->setTime(8, 10)->utc()]);
        }
        // Since its cover cracked Stone Harbour loses half as much again.
        $harbour = Tank::query()->where('keeper_id', $this->keeper->id)->where('name', 'Stone Harbour')->firstOrFail();
        for ($ago = 178; $ago > 0; $ago -= 5) {
            $harbour->topOffs()->create([
                'litres' => 3.0 + 0.25 * ($ago % 3) + ($ago < 27 ? 1.75 : 0.0), 'taken_at' => $this->today->subDays($ago)->setTime(19, 5)->utc(),
            ]);
        }
    }

    /** Since it was set behind the rock the heater of Stone Harbour needs longer, week by week; its plug was read every other day. */
    private function heater(): void
    {
        $harbour = Tank::query()->where('keeper_id', $this->keeper->id)->where('name', 'Stone Harbour')->firstOrFail();
        for ($ago = 119; $ago > 0; $ago -= 2) {
            $harbour->note(
                Gauge::Heater,
                $this->today->subDays($ago),
                round((290.0 + ($ago <= 37 ? 30.0 + 2.0 * (37 - $ago) : 0.0)) * (1.0 + 0.05 * sin(1.7 * $ago))),
            );
        }
    }

    /** Long Meadow's bed: carpet in front, sand at the left, roots behind. */
    private function bed(): void
    {
        $tank = Tank::query()->where('keeper_id', $this->keeper->id)->where('name', 'Long Meadow')->firstOrFail();
        foreach ([
            ['sand', 7], ['carpet', 14], ['carpet', 28], ['carpet', 21], ['rooted', 49], ['rooted', null], ['under_hardscape', 63], ['rooted', 35],
        ] as $i => [$cover, $ago]) {
            $column = $i % 4;
            $row = intdiv($i, 4);
            $zone = $tank->zones()->create([
                'left_edge' => $column / 4, 'right_edge' => ($column + 1) / 4, 'front_edge' => $row / 2, 'back_edge' => ($row + 1) / 2, 'cover' => $cover,
                'cleaned_at' => $ago === null ? null : $this->today->subDays($ago)->setTime(18, 0)->utc(),
            ]);
            if ($zone->cleaned_at !== null) {
                $zone->cleanings()->create(['cleaned_at' => $zone->cleaned_at]);
            }
        }
    }

    /** @param array<string, Product> $products */
    private function batch(array $products): void
    {
        $tank = Tank::query()->where('keeper_id', $this->keeper->id)->where('name', 'Ember Shelf')->with('keeper')->firstOrFail();
        $at = $this->today->subDays(2)->setTime(18, 20)->utc();
        CarbonImmutable::setTestNow($at);
        Carbon::setTestNow($at);
        $waters = $this->keeper->waters()->get();
        $input = new MixingInput(
            $tank,
            $tank->animals,
            23.0,
            array_values($waters->where('id', $this->waters['ro']->id)->all()),
            array_values($this->keeper->products()->with('trials')->whereIn(
                'id',
                [$products['shrimp']->id, $products['potassium_bicarbonate']->id],
            )->get()->all()),
            Target::degrees(5.0, 0.5, null, null, $tank->animals->caps()),
            Preference::FewestJars,
            $this->keeper->scale_step,
            true,
            false,
            $tank->routine_share,
        );
        $draft = (new DraftBatch())($input, $waters);
        $batch = (new WriteBatch())($this->keeper, $draft);
        foreach ([0.93, 1.005] as $i => $share) {
            $fresh = Batch::query()->whereKey($batch->id)->firstOrFail();
            $content = new BatchContent($fresh);
            $check = BatchCheck::by($content->check($share * $content->expectedConductivity()), $i === 1 ? 6.1 : null, 21.5, false);
            $fresh->update(['checks' => $fresh->checks->with($i === 0 ? $check->withAdded() : $check)]);
        }
        (new MakeBatch())($this->keeper, Batch::query()->whereKey($batch->id)->firstOrFail());
        $this->keeper->recipes()->create(['name' => 'Shrimp, five degrees', 'content' => RecipeFile::of('Shrimp, five degrees', $draft)]);
    }
}
