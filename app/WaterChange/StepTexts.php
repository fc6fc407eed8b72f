<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Data\BatchProduct;
use App\Data\Phrase;
use App\Tanks\BatchContent;
use App\Units\Show;
use Cresco\Core\Checklist\Buckets;
use Cresco\Core\Checklist\Peroxide;
use Cresco\Core\Measure\Parameter;

/** What follows from the litres of a change, for the placeholders in the steps of the catalogue: amounts, marks, doses. */
final class StepTexts
{
    /** @return array<string, string|Phrase> by placeholder */
    public static function of(ChangeDraft $draft): array
    {
        $show = $draft->tank->keeper->show();
        $keeper = $draft->tank->keeper;
        $plan = $draft->plan;
        $warm = $draft->forecast->outlook(Parameter::Temperature)->after();
        $stream = $plan->source->central(Parameter::Temperature, $draft->warmth->stream);
        $tap = SessionPlan::tapShare($draft);

        return [
            'refill' => $show->volume($plan->refill()),
            'each' => $show->volume($plan->refill() / $plan->drains),
            // What has run in meanwhile need not be filled up.
            'fill' => $show->volume($plan->isWhileFilling() ? $plan->drained + $plan->evaporated : $plan->refill() / $plan->drains),
            'outflow' => $show->volume($plan->outflow()),
            'beside' => $show->volume($plan->outflow() - $plan->drained),
            'ratio' => $show->percent($plan->inflow),
            'drained' => $show->volume($plan->drained),
            'mark' => $show->level($draft->mark),
            'waterline' => $show->level($draft->tank->water_below_rim),
            'low' => $show->volume($low = max(0.0, $plan->vessel->litres() - $plan->evaporated - $plan->drained)),
            'peroxide' => self::peroxide($low, $draft->tank->needs()->isHarmedByOxidisers()),
            'volume' => $show->volume($plan->vessel->litres()),
            'source' => $plan->source->name,
            'stream' => $show->value(Parameter::Temperature, $stream),
            'landing' => $warm === null ? Phrase::of('run.own_warmth') : $show->value(Parameter::Temperature, $warm->central()),
            'buckets' => self::buckets($plan->drained, $keeper->bucket_litres, $show),
            'tap' => $show->volume($tap * $plan->refill() / $plan->drains, 1),
            'conditioner_new' => DechlorinatorDose::words($draft, $tap * $plan->refill() / $plan->drains),
            'conditioner_tank' => DechlorinatorDose::words($draft, $plan->vessel->litres()),
            'minerals' => self::minerals($draft),
        ];
    }

    /** The most of it for so many litres, in words: less where it does harm. */
    private static function peroxide(float $litres, bool $isSensitive): string|Phrase
    {
        $most = static fn(bool $sensitive): string => Show::rounded(Peroxide::most(max(0.0, $litres), $sensitive), 0)."\u{A0}mL";

        return $isSensitive ? $most(true) : Phrase::of('water.peroxide', ['most' => $most(false), 'little' => $most(true)]);
    }

    /** What goes straight in with the refill, in its order and for the litres that are replaced each time. */
    private static function minerals(ChangeDraft $draft): Phrase
    {
        $batch = SessionPlan::directBatch($draft);
        if ($batch === null) {
            return Phrase::of('water.minerals');
        }
        $content = new BatchContent($batch);
        $share = $content->litres() <= 0.0 ? 0.0 : $draft->plan->refill() / $draft->plan->drains / $content->litres();

        $products = array_map(
            static fn(BatchProduct $product): Phrase => Phrase::of(
                'run.of',
                ['amount' => $content->amount($product, $share * $content->timesProducts()), 'name' => $product->name],
            ),
            $content->products(),
        );

        return $products === [] ? Phrase::of('water.minerals') : Phrase::of('run.one_after_another', ['what' => Phrase::joined('run.then', $products)]);
    }

    /** How many buckets, and what each weighs when it is three quarters full. */
    private static function buckets(float $litres, float $bucket, Show $show): Phrase
    {
        $bucket = max(0.1, $bucket);
        $carried = Buckets::of(max(0.0, $litres), $bucket);
        $weight = $show->weight($carried->kilogram);

        return Phrase::of('water.buckets', [
            'count' => $carried->count, 'bucket' => $show->volume($bucket), 'trips' => Phrase::counted(
                'water.trips',
                $carried->trips,
                ['count' => $carried->trips],
            ),
            'weight' => $carried->trips === 1 ? $weight : Phrase::of('water.each', ['weight' => $weight]),
        ]);
    }
}
