<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Disinfectant;
use App\Models\Product;
use App\Models\SourceWater;
use App\Models\Tank;
use App\Schedule\TankTabs;
use App\Tanks\VesselQuery;
use App\Units\Amount;
use App\Units\DoseUnit;
use App\Units\Show;
use App\View\Finding;
use App\WaterChange\DechlorinatorDose;
use App\WaterChange\DraftChange;
use App\WaterChange\SessionPlan;
use App\WaterChange\UsualChange;
use App\Words\StepWords;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\Caution;
use Cresco\Core\WaterChange\Conditioner;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\MessageBag;

/** How much dechlorinator a change of this tank needs. */
final class DechlorinatorController extends Controller
{
    public function __invoke(Request $request, Tank $tank, DraftChange $draft): View
    {
        $keeper = $this->keeper($request);
        $tank->setRelation('keeper', $keeper);
        $volume = $keeper->volume_unit;
        $volumes = $keeper->show()->volumes();
        $usualProduct = DechlorinatorDose::product($keeper);
        $products = $keeper->products->filter(static fn(Product $product): bool => $product->isConditioner())->sortBy('name');
        $product = $products->firstWhere('id', $request->integer('product')) ?? $usualProduct;
        $unit = $product?->doseUnit() ?? DoseUnit::Millilitre;
        $doses = $unit->scale($keeper->show());
        $chlorine = DechlorinatorDose::chlorine($tank);
        $net = VesselQuery::tank($tank)->litres();
        $usual = [
            'litres' => Show::plain($volumes->fromBase(self::tapWater($tank, $draft)), 1), 'chlorine' => $chlorine > 0.0 ? Show::plain($chlorine, 2) : '',
            // Without a product in stock nobody knows its dose.
            'dose' => $product === null
                ? ''
                : $doses->show((float) ($product->label['dose'] ?? 0.0)), 'for' => $product === null
                    ? ''
                    : $volumes->show((float) ($product->label['litres'] ?? 0.0)),
            'strength' => $product !== null && is_numeric($product->label['strength'] ?? null)
                ? Show::plain((float) $product->label['strength'], 2)
                : '', 'given' => '',
            'way' => 'new', 'kind' => self::hasChloramine($tank) ? 'chloramine' : 'chlorine',
        ];
        $typed = [];
        foreach ($usual as $field => $value) {
            $given = $request->query($field);
            $typed[$field] = $request->has($field) ? (is_scalar($given) ? (string) $given : '') : $value;
        }
        $faults = Validator::make($typed, [
            'litres' => ['required', $volumes->rule(0.1, 5000.0, 40.0)],
            'chlorine' => ['nullable', new Amount(0, 10, 'mg/L', '0.3')],
            'dose' => ['required', $doses->rule(0.01, 1000.0, 5.0)],
            'for' => ['required', $volumes->rule(0.1, 5000.0, 200.0)],
            'strength' => ['nullable', new Amount(0.05, 20, 'mg/L', '1')],
            'given' => ['nullable', $doses->rule(0.0, 10000.0, 10.0)],
        ], ['required' => __('said.number.needed')])->errors();
        $working = null;
        $findings = [];
        if ($product === null && !$request->has('dose')) {
            $faults = new MessageBag();
            $findings[] = new Finding(Finding::HEED, __('said.conditioner.no_product'), __('said.conditioner.no_product_why'));
        } elseif ($faults->isEmpty()) {
            $number = static fn(string $field): float => Amount::parse($typed[$field]) ?? 0.0;
            $conditioner = new Conditioner(
                $doses->parse($typed['dose']) ?? 0.0,
                $volumes->parse($typed['for']) ?? 0.0,
                Amount::parse($typed['strength']),
                $unit->label(),
            );
            $water = $typed['way'] === 'tank' ? $net : ($volumes->parse($typed['litres']) ?? 0.0);
            $working = $conditioner->dose($water, $number('chlorine'));
            if ($typed['kind'] === 'chloramine') {
                $ammonia = Conditioner::ammoniaFromChloramine($number('chlorine'));
                $findings[] = new Finding(Finding::HEED, __('said.conditioner.ammonia', ['ammonia' => Show::plain($ammonia, 2)]), __('said.conditioner.binds'));
            } else {
                $findings[] = new Finding(Finding::GOOD, __('said.conditioner.alone'), __('said.conditioner.standing'));
            }
            $given = $doses->parse($typed['given']);
            if ($given !== null && $conditioner->isOverdose($given, $water)) {
                $findings[] = new Finding(
                    Finding::BEYOND,
                    __('said.conditioner.far', ['given' => $unit->text($given, $keeper->show())]),
                    __('said.conditioner.oxygen'),
                );
            }
            if ($working->value('dose') > Conditioner::OVERDOSE * $conditioner->amount * $water / $conditioner->litres) {
                $findings[] = new Finding(Finding::BEYOND, __('said.conditioner.unusual'), __('said.conditioner.ask'));
            }
        }
        $this->shareFaults($faults);

        return view('tanks.conditioner', [
            'tank' => $tank, 'typed' => $typed, 'volume' => $volume, 'result' => $working, 'unit' => $unit, 'product' => $product, 'products' => $products, 'isUsual' => $product?->id === $usualProduct?->id,
            'dose' => $working === null
                ? ''
                : ($unit === DoseUnit::Millilitre ? Show::rounded(
                    $working->value('dose'),
                    $working->value('dose') < 10 ? 2 : 1,
                ).' mL' : $unit->text($working->value('dose'), $keeper->show())),
            'findings' => $findings, 'net' => $keeper->show()->volume($net),
            'caution' => StepWords::caution(Caution::Conditioner), 'loop' => TankTabs::of($tank, ''),
        ]);
    }

    /** From now on the page, the change and the checklist take this product. */
    public function take(Product $product): RedirectResponse
    {
        abort_unless($product->isConditioner(), 404);
        $product->update(['used_at' => CarbonImmutable::now()]);

        return back()->with('status', __('said.done.kept'));
    }

    private static function hasChloramine(Tank $tank): bool
    {
        return $tank->keeper->waters->whereIn('id', [$tank->source_water_id, $tank->second_source_water_id])
            ->contains(static fn(SourceWater $water): bool => $water->disinfectant === Disinfectant::Chloramine);
    }

    /** Litres of tap water in the usual change of a tank, as its checklist has them; all of the change where no tap goes in. */
    private static function tapWater(Tank $tank, DraftChange $draft): float
    {
        if ($tank->keeper->waters->isEmpty()) {
            return VesselQuery::tank($tank)->litres() * $tank->routine_share;
        }
        $change = $draft($tank, UsualChange::of($tank));
        $tap = SessionPlan::tapShare($change);

        return ($tap > 0.0 ? $tap : 1.0) * $change->plan->refill();
    }
}
