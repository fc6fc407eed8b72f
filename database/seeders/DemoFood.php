<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\EntryKind;
use App\Models\Keeper;
use App\Models\Product;
use App\Models\Tank;
use App\Tanks\VesselQuery;
use Carbon\CarbonImmutable;

/**
 * What plants and animals of the demo are fed with: a lean tank on a doser whose tube gave a fifth less, one with a bottle made at home,
 * one that needs nothing.
 */
final class DemoFood
{
    /** Days since the tube of the doser was measured. */
    private const MEASURED = 26;

    private function __construct(private readonly Keeper $keeper, private readonly CarbonImmutable $today) {}

    public static function give(Keeper $keeper, CarbonImmutable $today): void
    {
        $food = new self($keeper, $today);
        $mix = $food->bottle('Meadow mix', ['dose' => 10.0, 'litres' => 200.0, 'nitrate' => 1.0, 'phosphate' => 0.06, 'potassium' => 0.9, 'magnesium' => 0.15]);
        $iron = $food->bottle('Iron and traces', ['dose' => 5.0, 'litres' => 100.0, 'iron' => 0.1, 'potassium' => 0.2]);
        $food->meadow($food->tank('Long Meadow'), $mix, $iron);
        $food->harbour($food->tank('Stone Harbour'));
        $food->lantern($food->tank('Lantern'), $iron);
        $food->tank('Ember Shelf')->update(['dosing_method' => 'low_energy', 'food_grams' => 0.05, 'food_protein' => 35, 'fasting_day' => 3]);
    }

    private function meadow(Tank $tank, Product $mix, Product $iron): void
    {
        $tank->update(['dosing_method' => 'lean', 'food_grams' => 0.5, 'food_protein' => 45, 'fasting_day' => 0]);
        foreach ([[$mix, 10.0, 1, 60], [$iron, 2.5, 3, 60]] as [$product, $amount, $every, $since]) {
            $tank->dosePlans()->create([
                'product_id' => $product->id, 'amount' => $amount, 'every' => $every, 'starts_on' => $this->today->subDays($since)->format('Y-m-d'),
            ]);
            for ($ago = $since; $ago > 0; $ago -= $every) {
                // The tube was worn: what was set at ten gave eight, until a run into a cylinder found it.
                $given = $product === $mix && $ago > self::MEASURED ? 0.8 * $amount : $amount;
                $this->dose($tank, $product, $given, $ago, in_array($ago, [33, 15, 14], true));
            }
        }
        $tank->dosePlans()->where('product_id', $mix->id)->update([
            'by_doser' => true, 'delivers' => 0.99, 'measured_on' => $this->today->subDays(self::MEASURED)->format('Y-m-d'), 'bottle' => 500,
            'filled_on' => $this->today->subDays(32)->format('Y-m-d'),
        ]);
        foreach ($tank->plantGroups()->whereIn('kind', ['cryptocoryne_wendtii', 'vallisneria_nana'])->get() as $plantGroup) {
            $plantGroup->rootTabs()->create(['kind' => 'coated', 'number' => 3, 'placed_on' => $this->today->subDays(92)->format('Y-m-d')]);
        }
        $this->keeper->entries()->create([
            'tank_id' => $tank->id, 'kind' => EntryKind::Event, 'happened_at' => $this->today->subDays(self::MEASURED)->setTime(18, 40)->utc(),
            'title' => 'The doser gave a fifth less', 'body' => 'A run into the cylinder: 8.0 mL where 10 are set. The tube had gone flat; a new one is in, and the pale tips have their reason.',
        ]);
        foreach ([
            56 => ['0.1-0.25', '5'], 42 => ['0.1', '5'], 28 => ['0.1-0.25 nearer 0.1', '3'], 14 => ['0.25', '5-10 nearer 5'],
            4 => ['0.1-0.25', '5-10'],
        ] as $ago => [$phosphate, $potassium]) {
            DemoLife::keepReadings($this->keeper, $tank, ['phosphate' => $phosphate, 'potassium' => $potassium], $this->today->subDays($ago)->setTime(18, 20));
        }
        DemoLife::keepReadings($this->keeper, $tank, ['iron' => '0.02-0.05'], $this->today->subDays(14)->setTime(18, 30));
    }

    private function harbour(Tank $tank): void
    {
        $tank->update(['dosing_method' => 'low_energy', 'food_grams' => 1.8, 'food_protein' => 48, 'fasting_day' => 1]);
        $tank->feedingOverrides()->create([
            'from_day' => $this->today->subDays(78)->format('Y-m-d'), 'until_day' => $this->today->subDays(78)->format('Y-m-d'), 'grams' => 12.0,
            'note' => 'The feeder jammed open.',
        ]);
        $tank->feedingOverrides()->create([
            'from_day' => $this->today->subDays(77)->format('Y-m-d'), 'until_day' => $this->today->subDays(74)->format('Y-m-d'), 'grams' => 0.0,
            'note' => 'Nothing, until the ammonium was gone.',
        ]);
        $tank->feedingOverrides()->create([
            'from_day' => $this->today->addDays(20)->format('Y-m-d'), 'until_day' => $this->today->addDays(27)->format('Y-m-d'), 'grams' => 0.6,
            'note' => 'A week away: portions are packed.',
        ]);
    }

    private function lantern(Tank $tank, Product $iron): void
    {
        $tank->update(['dosing_method' => 'low_energy', 'food_grams' => 0.12, 'food_protein' => 50, 'fasting_day' => null]);
        $tank->dosePlans()->create(['product_id' => $iron->id, 'amount' => 0.5, 'every' => 7, 'starts_on' => $this->today->subDays(35)->format('Y-m-d')]);
    }

    /** @param array<string, float> $label */
    private function bottle(string $name, array $label): Product
    {
        /** @var Product $product */
        $product = $this->keeper->products()->create([
            'name' => $name, 'salt' => Product::FEED, 'unit' => 'mL', 'price' => 1.9, 'stock' => 420.0, 'label' => $label + ['days' => 1],
        ]);

        return $product;
    }

    private function dose(Tank $tank, Product $product, float $amount, int $ago, bool $isMissed): void
    {
        $at = $this->today->subDays($ago)->setTime(9, 30);
        $litres = VesselQuery::tank($tank)->litres();
        $tank->doses()->create([
            'product_id' => $product->id, 'name' => $product->name, 'amount' => $amount, 'unit' => 'mL', 'given_at' => $at->utc(), 'day' => $at
                ->format('Y-m-d'), 'missed' => $isMissed,
            'brings' => array_map(static fn(float $milligrams): float => $milligrams * $amount / $litres, $product->toFeed(0.1)->milligrams ?? []),
        ]);
    }

    private function tank(string $name): Tank
    {
        return $this->keeper->tanks()->where('name', $name)->sole();
    }
}
