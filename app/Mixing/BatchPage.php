<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Data\BatchCheck;
use App\Data\BatchProduct;
use App\Data\BatchWater;
use App\Models\Batch;
use App\Models\Keeper;
use App\Tanks\BatchContent;
use App\Tanks\TankWaterQuery;
use App\Tanks\VesselQuery;
use App\Units\Show;
use App\View\Finding;
use App\Words\StepWords;
use Cresco\Core\Checklist\Caution;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Illuminate\Support\Facades\Lang;

/** The card of a batch in the keeper's units and words. */
final readonly class BatchPage
{
    /** Share beyond which a spoon is doubted before the hand is. House default. */
    private const SPOON_OFF = 0.1;

    public BatchContent $content;

    public function __construct(public Batch $batch, private Show $show)
    {
        $this->content = new BatchContent($batch);
    }

    /** The water change page with this water: all of it when the tank takes so much at once, else the usual share. */
    public function changeLink(Keeper $keeper): string
    {
        $tank = $this->batch->tank;
        $isStore = $tank === null || $this->batch->litres > VesselQuery::tank($tank)->litres();

        return '/tanks/'.$this->batch->tank_id.'/water-change?'.http_build_query([
            ...($isStore ? ['reason' => 'routine'] : ['reason' => 'amount', 'way' => 'litres', 'litres' => Show::plain(
                $keeper->volume_unit->fromLitres($this->batch->litres),
                1,
            )]),
            'water' => $this->batch->source_water_id,
            'second_water' => '',
        ]);
    }

    /** @return list<array{name: string, litres: string}> */
    public function waters(): array
    {
        return array_map(
            fn(BatchWater $source): array => ['name' => $source->name, 'litres' => $this->show->volume($source->litres, $source->litres < 10.0 ? 2 : 1)],
            $this->content->sources(),
        );
    }

    /** @return list<array{jar: BatchProduct, amount: string, spoons: string|null}> in the order of dissolving */
    public function products(): array
    {
        return array_map(fn(BatchProduct $product): array => [
            'jar' => $product,
            'amount' => $this->content->amount($product, 1.0),
            'spoons' => $product->spoon === null ? null : MixingPage::spoons($product->amount / $product->spoon),
        ], $this->content->products());
    }

    /** @return list<array{string, string}> what the water should be: name and value */
    public function expected(): array
    {
        $ions = $this->content->ions();
        $ratio = $ions->calciumToMagnesium();

        $isKnown = $this->batch->card->isHardnessKnown;

        return [
            ['GH', $isKnown ? $this->show->value(Parameter::GeneralHardness, $ions->hardness()) : '–'],
            ['KH', $isKnown ? $this->show->value(Parameter::CarbonateHardness, $ions->alkalinity()) : '–'],
            ['Ca:Mg', $ratio === null ? 'no Mg' : Show::plain($ratio, 1).' : 1'],
        ];
    }

    public function conductivity(): string
    {
        return $this->show->value(Parameter::Conductivity, $this->content->expectedConductivity());
    }

    /** Why the meter may read something else, when a label names no conductivity. */
    public function doubt(): ?string
    {
        $doubt = $this->content->doubt();

        return $doubt <= 0.0
            ? null
            : (string) __('bench.card.doubt', ['width' => $this->show->width(Parameter::Conductivity, (new NormalValue(0.0, $doubt))->quantile(0.9))]);
    }

    /** How warm the tank is that it goes into; nothing when that is not known. */
    public function warmth(): ?string
    {
        $tank = $this->batch->tank;
        $celsius = $tank === null ? null : TankWaterQuery::of($tank)->state()->get(Parameter::Temperature)?->central();

        return $celsius === null ? null : $this->show->value(Parameter::Temperature, $celsius);
    }

    /** What to know of it when it is dissolved; of an older card as it was written. */
    public function note(BatchProduct $product): string
    {
        return Lang::has('names.salt_note.'.$product->note) ? (string) __('names.salt_note.'.$product->note) : $product->note;
    }

    /** @return list<string> each once, and the gravest first */
    public function cautions(): array
    {
        $cautions = [];
        foreach ($this->content->products() as $product) {
            $cautions = [...$cautions, ...StepWords::cautions($product->cautions)];
        }
        if (in_array($this->batch->card->animals, ['soft_water_shrimp', 'hardy_shrimp'], true)) {
            // What kills the shrimp is not to wait behind every product's caution.
            array_splice($cautions, 1, 0, [StepWords::caution(Caution::Osmotic)]);
        }

        return array_values(array_unique($cautions));
    }

    public function last(): ?BatchCheck
    {
        $checks = $this->content->checks();

        return $checks === [] ? null : $checks[count($checks) - 1];
    }

    /** What the last look asks for, in words. */
    public function advice(): ?Finding
    {
        $last = $this->last();
        if ($last === null) {
            return null;
        }
        $read = $this->show->value(Parameter::Conductivity, $last->read);
        if ($last->added) {
            return new Finding(Finding::HEED, __('bench.card.added'), __('bench.card.wait'));
        }
        if ($last->isGood()) {
            return new Finding(Finding::GOOD, __('bench.card.good', ['read' => $read]), __('bench.card.good_why'));
        }
        if ($last->odd) {
            return new Finding(Finding::BEYOND, __('bench.card.odd', ['read' => $read]), __('bench.card.odd_why'));
        }
        $spoon = $this->content->usesSpoons() && abs($last->read / max(1.0, $this->content->expectedConductivity()) - 1.0) > self::SPOON_OFF
            ? ' '.__('bench.card.spoon') : '';
        if ($last->water > 0.0) {
            return new Finding(
                Finding::HEED,
                __('bench.card.strong', ['read' => $read, 'litres' => $this->show->volume($last->water, 1)]),
                __('bench.card.stir').$spoon,
            );
        }

        return new Finding(Finding::HEED, __('bench.card.weak', ['read' => $read]), implode(', ', array_map(
            fn(BatchProduct $product): string => $this->content->amount($product, $last->more).' '.$product->name,
            $this->content->products(),
        )).'. '.__('bench.card.dissolve').$spoon);
    }

    /**
     * For the checklist on paper: what a reading would ask for, without a screen at hand.
     *
     * @return list<array{string, string}> reading, and what to do
     */
    public function table(): array
    {
        $expected = $this->content->expectedConductivity();
        $rows = [];
        foreach ([0.8, 0.9, 0.95, 1.0, 1.05, 1.1, 1.2] as $share) {
            $check = $this->content->check($share * $expected);
            $rows[] = [$this->show->number(Parameter::Conductivity, $share * $expected), match (true) {
                $check->isGood() => (string) __('bench.card_page.good'),
                $check->isOdd => (string) __('bench.card_page.look'),
                $check->water > 0.0 => (string) __('bench.card_page.dilute', ['litres' => $this->show->volume($check->water, 1)]),
                default => '+ '.implode(
                    ', ',
                    array_map(
                        fn(BatchProduct $product): string => $this->content->amount($product, $check->more).' '.$product->name,
                        $this->content->products(),
                    ),
                ),
            }];
        }

        return $rows;
    }

    /** The working of one figure; null for an unknown name. */
    public function working(string $name): ?Computation
    {
        $ions = $this->content->ions();
        $last = $this->last();

        return match ($name) {
            'pen' => $last === null ? null : $this->content->check($last->read, $last->at)->working,
            'gh' => Computation::of('batch_card.title')->given('Ca', 'batch_card.calcium_magnesium', $ions->hardness(), 'mmol/L')
                ->constant('d', 'batch_card.mmol_l_in_one_degree', Hardness::MILLIMOLE_PER_DEGREE, 'mmol/L', '10_mg_l_of_cao')
                ->line('gh = Ca / d', 'batch_card.gh', '°'),
            'kh' => Computation::of('batch_card.title_kh_of_batch')->given('A', 'batch_card.alkalinity', $ions->alkalinity(), 'meq/L')
                ->constant('d', 'batch_card.meq_l_in_one_degree', Alkalinity::MILLIEQUIVALENT_PER_DEGREE, 'meq/L', '10_mg_l_of_cao')
                ->line('kh = A / d', 'batch_card.kh', '°'),
            default => null,
        };
    }
}
