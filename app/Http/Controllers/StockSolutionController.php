<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Fertilising\FertilisingQuery;
use App\Fertilising\StockSolution;
use App\Fertilising\StockSolutionPage;
use App\Models\Product;
use App\Models\Tank;
use App\Schedule\TankTabs;
use App\Units\Amount;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\ValidationException;

/** A stock bottle made at home that feeds the plants of a tank for some weeks. */
final class StockSolutionController extends Controller
{
    private const WEEKS = 8;

    private const EACH = 10.0;

    public function show(Request $request, Tank $tank): View
    {
        $this->shareFaults(Validator::make(
            $request->only('weeks', 'each'),
            array_map(static fn(array $rules): array => ['nullable', ...array_slice($rules, 1)], self::rules()),
            self::messages(),
        )->errors());

        return view(
            'fertilising.bottle',
            ['tank' => $tank, 'page' => new StockSolutionPage($tank, $this->bottle($request, $tank, false)), 'loop' => TankTabs::of($tank, 'food')],
        );
    }

    /** Made: its salts leave the shelf, the bottle stands there, and it is what the tank gets from now on. */
    public function store(Request $request, Tank $tank): RedirectResponse
    {
        $this->checked($request, self::rules(), self::messages());
        $bottle = $this->bottle($request, $tank, true);
        $page = new StockSolutionPage($tank, $bottle);
        if ($bottle->isEmpty()) {
            throw ValidationException::withMessages(['weeks' => __('said.cannot.no_salt')]);
        }
        DB::transaction(static function () use ($tank, $bottle, $page): void {
            $tank->dosePlans()->delete();
            foreach ($bottle->grams as $i => $grams) {
                $product = $bottle->products[$i];
                if ($product->stock !== null && !isset($bottle->apart[$i])) {
                    $product->update(['stock' => max(0.0, $product->stock - $grams)]);
                }
            }
            foreach ($page->bottles() as $one) {
                /** @var Product $made */
                $made = $tank->keeper->products()->create([
                    'name' => $one['name'], 'salt' => Product::FEED, 'unit' => 'mL', 'stock' => $one['millilitres'],
                    'label' => [Product::HOME => 1.0, 'dose' => $bottle->each, 'litres' => $page->litres] + $one['raises'],
                ]);
                $tank->dosePlans()->create([
                    'product_id' => $made->id, 'amount' => $bottle->each, 'every' => $bottle->every,
                    'starts_on' => CarbonImmutable::now($tank->keeper->timezone)->format('Y-m-d'),
                ]);
            }
        });

        return redirect('/tanks/'.$tank->id.'/fertilising')->with(
            'status',
            trans_choice('food.bottle.made', count($bottle->bottles), ['count' => count($bottle->bottles)]),
        );
    }

    /** @return array<string, list<mixed>> */
    private static function rules(): array
    {
        return ['weeks' => ['required', 'integer', 'between:1,'.StockSolution::KEEPS], 'each' => ['required', new Amount(0.5, 200, 'mL', '10')]];
    }

    /** @return array<string, string> */
    private static function messages(): array
    {
        return ['weeks.*' => __('food.weeks_between', ['most' => StockSolution::KEEPS]), 'each.required' => __('said.write.a_dose')];
    }

    private function bottle(Request $request, Tank $tank, bool $isChecked): StockSolution
    {
        $keeper = $this->keeper($request)->loadMissing('products');
        $tank->setRelation('keeper', $keeper);
        $weeks = Amount::parse($request->input('weeks')) ?? self::WEEKS;
        $each = Amount::parse($request->input('each')) ?? self::EACH;

        return StockSolution::of(
            FertilisingQuery::tank($tank),
            array_values($keeper->products->all()),
            $isChecked ? (int) $weeks : (int) max(1, min(StockSolution::KEEPS, $weeks)),
            max(0.5, min(200.0, $each)),
        );
    }
}
