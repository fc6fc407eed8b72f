<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Models\Batch;
use App\Models\Product;
use App\Models\SourceWater;
use App\Models\Tank;
use App\Tanks\VesselQuery;
use App\Tanks\WatersQuery;
use App\Units\Amount;
use App\Units\Show;
use App\View\Finding;
use App\View\Names;
use Cresco\Core\Fault;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Water\AcidKind;
use Cresco\Core\Water\Carbonate;
use Cresco\Core\Water\WaterState;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\MessageBag;
use Illuminate\Validation\Rule;

/** Acid in a water for a tank, in a change or a top-off: what it takes away there, and what comes of it in the tank. */
final class LowerKhPage
{
    /** KH of a water, in degrees, below which its own pH says nothing. House default. */
    private const BARE = 0.3;

    /** mg/L of carbon dioxide that a water is to lose before animals meet it. House default. */
    private const GAS = 30.0;

    /** What stands for the blend that the usual change of a tank is made with. */
    private const BLEND = 'blend';

    /** mL up to which drops are counted. */
    private const COUNTED = 3.0;

    /** g of sodium bicarbonate for each meq. */
    private const SODA = 0.084007;

    public readonly Show $show;

    public readonly MessageBag $faults;

    /** @var array<string, string> */
    public readonly array $typed;

    public readonly ?SourceWater $water;

    public readonly ?Batch $batch;

    public readonly ?Computation $working;

    /** The same water without any acid. */
    public readonly ?Computation $without;

    /** How much of the acid, and what that is for each litre. */
    public readonly ?Computation $dose;

    /** mL of the solution. */
    public readonly float $millilitres;

    private readonly WaterState $now;

    private readonly WaterState $source;

    /** @param array<mixed> $query */
    public function __construct(private readonly Tank $tank, array $query)
    {
        $keeper = $tank->keeper;
        $this->show = $keeper->show();
        $product = self::product($tank);
        $litres = VesselQuery::tank($tank)->litres();
        $usual = [
            'water' => self::isBlended($tank)
                ? self::BLEND
                : (string) ($tank->source_water_id ?? $keeper->waters->first()?->id), 'litres' => Show::plain(
                    $this->show->volumes()->fromBase($litres * $tank->routine_share),
                    1,
                ),
            'kind' => is_string($product?->label['kind'] ?? null)
                ? $product->label['kind']
                : AcidKind::Hydrochloric->value, 'percent' => $product === null ? '10' : Show::plain((float) ($product->label['percent'] ?? 10.0), 2),
            'acid' => '', 'to' => '', 'way' => 'change',
        ];
        $typed = [];
        foreach ($usual as $field => $value) {
            $given = array_key_exists($field, $query) ? $query[$field] : $value;
            $typed[$field] = is_scalar($given) ? (string) $given : '';
        }
        $this->typed = $typed;
        $isBlend = $typed['water'] === self::BLEND && self::isBlended($tank);
        $this->water = $isBlend ? null : $keeper->waters->firstWhere('id', (int) $typed['water']);
        $kind = AcidKind::tryFrom($typed['kind']) ?? AcidKind::Hydrochloric;
        $hardness = $this->show->values(Parameter::CarbonateHardness);
        $validator = Validator::make($typed, [
            'water' => ['required', Rule::in(array_keys(self::waters($tank)))],
            'litres' => ['required', $this->show->volumes()->rule(0.1, $litres, 20.0)],
            'kind' => ['required', Rule::enum(AcidKind::class)],
            'percent' => ['required', new Amount(0.1, $kind->most(), '%', '10')],
            'acid' => ['nullable', $this->show->liquids()->rule(0.0, 1000.0, 5.0)],
            'to' => ['nullable', $hardness->rule(
                0.0,
                Alkalinity::fromDegrees(100.0)->milliequivalentPerLitre,
                Alkalinity::fromDegrees(1.0)->milliequivalentPerLitre,
            )],
            'way' => ['required', 'in:change,top_up'],
        ], ['required' => __('said.write.needed'), 'water' => __('said.choose.water'), 'kind' => __('said.choose.listed'), 'way' => __('said.choose.listed')]);
        $faults = $validator->errors();
        [$first, $second] = [$keeper->waters->firstWhere('id', $tank->source_water_id), $keeper->waters->firstWhere('id', $tank->second_source_water_id)];
        $known = WatersQuery::around($tank, array_values(array_filter($isBlend ? [$first?->id, $second?->id] : [$this->water?->id])));
        $this->now = $known->tank();
        $this->source = match (true) {
            $isBlend && $first !== null => $known->blend($first, $second, $tank->second_share),
            $this->water === null => new WaterState((string) __('names.the_water'), []),
            default => $known->source($this->water),
        };
        $this->batch = $this->water === null ? null : $known->batchOf($this->water);
        $working = $without = $dose = null;
        if ($faults->isEmpty() && $this->missing() === null) {
            $volume = $this->show->volumes()->parse($typed['litres']) ?? 0.0;
            $dose = $kind->dose(
                Amount::parse($typed['percent']) ?? 10.0,
                $volume,
                $this->source->central(Parameter::CarbonateHardness, 0.0),
                $hardness->parse($typed['to']),
                $this->show->liquids()->parse($typed['acid']) ?? 0.0,
                $this->unit(),
            );
            $share = $volume / $litres;
            try {
                $after = function (float $acid) use ($typed, $share): ?Computation {
                    $working = Carbonate::acidified($this->now, $this->source, $this->unit(), $acid, $typed['way'] === 'top_up' ? 1.0 : 1.0 - $share, $share);

                    return $working->isSolved('pH_a') && $working->isSolved('pH_air') && $working->isSolved('pH') && $working->isSolved('pH_next')
                        ? $working
                        : null;
                };
                $working = $after($dose->value('acid'));
                $without = $dose->value('acid') > 0.0 ? $after(0.0) : $working;
            } catch (Fault $fault) {
                $faults->add('acid', say($fault));
            }
        }
        $this->faults = $faults;
        $this->working = $working;
        $this->without = $without;
        $this->dose = $dose;
        $this->millilitres = $dose?->value('v') ?? 0.0;
    }

    /** The acid on the keeper's products, if there is one. */
    private static function product(Tank $tank): ?Product
    {
        return $tank->keeper->products->first(static fn(Product $product): bool => $product->isAcid());
    }

    private static function isBlended(Tank $tank): bool
    {
        return $tank->source_water_id !== null && $tank->second_source_water_id !== null && $tank->second_share > 0.0;
    }

    /** @return array<int|string, string> that the acid may go into, the tank's own blend first */
    public static function waters(Tank $tank): array
    {
        $names = [];
        foreach ($tank->keeper->waters as $water) {
            $names[$water->id] = $water->name;
        }

        return self::isBlended($tank)
            ? [self::BLEND => (string) __(
                'acid.blend',
                ['first' => $names[$tank->source_water_id] ?? '', 'second' => $names[$tank->second_source_water_id] ?? ''],
            )] + $names
            : $names;
    }

    /** What has to be read before anything can be said; null when all is there. */
    public function missing(): ?string
    {
        $lacks = [];
        foreach ([[$this->now, $this->tank->name], [$this->source, $this->source->name]] as [$state, $name]) {
            if (!$state->has(Parameter::CarbonateHardness)) {
                $lacks[] = __('acid.lacks', ['what' => word(Parameter::CarbonateHardness), 'of' => $name]);
            }
        }
        if (!$this->now->has(Parameter::Acidity)) {
            $lacks[] = __('acid.lacks', ['what' => word(Parameter::Acidity), 'of' => $this->tank->name]);
        }

        return $lacks === [] ? null : (string) __('acid.read_first', ['list' => Names::list($lacks)]);
    }

    public function unit(): Unit
    {
        return $this->show->unit(Parameter::CarbonateHardness);
    }

    /** "4.2 mL, about 84 drops" */
    public function amount(): string
    {
        return __(
            $this->millilitres > self::COUNTED ? 'acid.amount_large' : 'acid.amount',
            ['amount' => $this->measured(), 'drops' => (string) round($this->millilitres / 0.05)],
        );
    }

    /** As fine as a syringe shows it. */
    private function measured(): string
    {
        return $this->show->liquids()->text(round($this->millilitres, $this->millilitres < 10.0 ? 2 : 1));
    }

    /** @return list<array{string, string, string, string}> what, before, with this water alone, and with the acid */
    public function rows(): array
    {
        [$working, $without] = [$this->working, $this->without];
        if ($working === null) {
            return [];
        }
        $ph = fn(string $symbol, ?Computation $of): string => $of === null ? '' : $this->show->band(Parameter::Acidity, $of->estimate($symbol));
        [$tank, $water] = $this->hardness($working);
        $alone = $this->kh($this->hardness($without)[0][1]);
        $own = $this->now->get(Parameter::Acidity);

        return [
            [__('acid.row.water_kh', ['water' => $this->source->name]), $this->kh($water[0]), '', $this->kh($water[1])],
            [__('acid.row.water_ph'), $this->show->band(
                Parameter::Acidity,
                $this->source->get(Parameter::Acidity) ?? Carbonate::assumedAcidity(),
            ), '', $ph('pH_a', $working)],
            [__('acid.row.water_tomorrow'), '', $ph('pH_air', $without), $ph('pH_air', $working)],
            [__('acid.row.tank_kh', ['tank' => $this->tank->name]), $this->kh($tank[0]), $alone, $this->kh($tank[1])],
            [__('acid.row.tank_ph'), $own === null ? '' : $this->show->band(Parameter::Acidity, $own), $ph('pH', $without), $ph('pH', $working)],
            [__('acid.row.tank_tomorrow'), '', $ph('pH_next', $without), $ph('pH_next', $working)],
        ];
    }

    /**
     * KH as it was read and with the acid, of the tank and of the water, meq/L: the figures that every other page has. Below nothing where
     * acid is left over.
     *
     * @return array{array{Distribution, NormalValue}, array{Distribution, NormalValue}}
     */
    private function hardness(?Computation $working): array
    {
        $tank = $this->now->get(Parameter::CarbonateHardness) ?? new NormalValue(0.0, 0.0);
        $water = $this->source->get(Parameter::CarbonateHardness) ?? new NormalValue(0.0, 0.0);
        [$keeps, $comes, $acid] = $working === null ? [1.0, 0.0, 0.0] : [$working->value('keeps'), $working->value('comes'), $working->value('acid')];

        return [
            [$tank, new NormalValue(
                $keeps * $tank->central() + $comes * ($water->central() - $acid),
                hypot($keeps * $tank->spread(), $comes * $water->spread()),
            )],
            [$water, new NormalValue($water->central() - $acid, $water->spread())],
        ];
    }

    private function kh(Distribution $value): string
    {
        return $value->central() < -1e-7 ? __('acid.none_left') : $this->show->joinedBand(Parameter::CarbonateHardness, $value);
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        $missing = $this->missing();
        if ($missing !== null) {
            return [new Finding(Finding::HEED, __('acid.unknown'), $missing)];
        }
        $working = $this->working;
        if ($working === null) {
            return $this->faults->isEmpty() ? [new Finding(Finding::HEED, __('acid.unknown'), __('acid.unsolved'))] : [];
        }
        $found = [];
        $limits = $this->tank->needs()->swingLimits();
        $range = $this->tank->needs()->range(Parameter::CarbonateHardness);
        [$tank, $water] = $this->hardness($working);
        $left = $tank[1]->central();
        $before = $tank[0]->central();
        $fall = $before - $left;
        $allowed = $limits->allowed(Parameter::CarbonateHardness, $before) ?? INF;
        $value = fn(float $base): string => $this->show->value(Parameter::CarbonateHardness, $base);
        if ($left <= 0.0) {
            $found[] = new Finding(Finding::BEYOND, __('acid.tank_bare'), __('acid.tank_bare_why'));
        } elseif ($fall > $allowed) {
            $found[] = new Finding(Finding::BEYOND, __('acid.too_far', ['fall' => $value($fall), 'allowed' => $value($allowed)]), __('acid.too_far_why'));
        } elseif ($range !== null && $left < $range[0] - 1e-9) {
            $found[] = new Finding(Finding::HEED, __('acid.below', ['left' => $value($left), 'least' => $value($range[0])]), __('acid.below_why'));
        }
        foreach (['pH', 'pH_next'] as $symbol) {
            $move = abs($working->value($symbol) - ($this->now->central(Parameter::Acidity, 7.0)));
            if ($left > 0.0 && $move > $limits->ph) {
                $found[] = new Finding(
                    Finding::BEYOND,
                    __('acid.ph_moves.'.$symbol, ['move' => Show::rounded($move, 1), 'allowed' => Show::plain($limits->ph, 1)]),
                    __('acid.too_far_why'),
                );
                break;
            }
        }
        if ($working->value('gas') > self::GAS) {
            $found[] = new Finding(Finding::HEED, __('acid.gas', ['gas' => Show::rounded($working->value('gas'), 0)]), __('acid.gas_why'));
        }
        if ($water[1]->central() < Alkalinity::fromDegrees(self::BARE)->milliequivalentPerLitre) {
            $found[] = new Finding(Finding::HEED, __('acid.bare'), __('acid.bare_why', ['fall' => $value($fall)]));
        }
        if ($this->millilitres > 0.0) {
            $litres = $this->litres();
            $acid = $working->value('acid') / 1000.0;
            $kind = $this->kind();
            $milligrams = 1000.0 * $acid / $kind->protons() * $kind->leaves()->molarMass();
            $found[] = new Finding(
                Finding::HEED,
                __('acid.for_good'),
                __(
                    'acid.for_good_why',
                    [
                        'soda' => Show::rounded(1000.0 * $acid * $litres * self::SODA, 1), 'ion' => mb_strtolower(label($kind->leaves())),
                        'mg' => Show::rounded($milligrams, 0),
                    ],
                ).($kind === AcidKind::Phosphoric ? ' '.__('acid.phosphate') : ''),
            );
        }

        return $found;
    }

    /** What goes in, to be kept; nothing as long as it cannot be worked out. */
    public function acid(bool $isInBatch): ?AcidDose
    {
        if ($this->working === null || $this->millilitres <= 0.0) {
            return null;
        }
        $product = self::product($this->tank);

        return new AcidDose(
            $this->kind(),
            $product !== null && $this->isOf($product) ? $product : null,
            $this->millilitres,
            $this->litres(),
            $this->working->value('acid') * $this->litres(),
            $isInBatch ? $this->batch : null,
            $this->title(),
            $this->body(),
        );
    }

    /** Whether what is typed is what a bottle in stock holds. Another acid, or another strength, comes out of another bottle. */
    private function isOf(Product $product): bool
    {
        return ($product->label['kind'] ?? null) === $this->typed['kind']
            && abs((float) ($product->label['percent'] ?? 0.0) - (Amount::parse($this->typed['percent']) ?? 0.0)) < 0.005;
    }

    /** @return array<string, string> */
    public function kinds(): array
    {
        $kinds = [];
        foreach (AcidKind::cases() as $kind) {
            $kinds[$kind->value] = __('acid.kind.'.$kind->value);
        }

        return $kinds;
    }

    /** Of the water that the acid goes into. */
    private function litres(): float
    {
        return $this->show->volumes()->parse($this->typed['litres']) ?? 0.0;
    }

    private function kind(): AcidKind
    {
        return AcidKind::tryFrom($this->typed['kind']) ?? AcidKind::Hydrochloric;
    }

    /** What the log says of it. */
    private function title(): string
    {
        return __(
            'acid.title',
            [
                'amount' => $this->measured(), 'acid' => __('acid.kind.'.$this->kind()->value), 'percent' => $this->typed['percent'],
                'litres' => $this->show->volume($this->litres()), 'water' => $this->source->name,
            ],
        );
    }

    /** The figures below it. */
    private function body(): string
    {
        return implode(
            "\n",
            array_map(static fn(array $row): string => $row[1] === '' ? $row[0].': '.$row[3] : $row[0].': '.$row[1].' → '.$row[3], $this->rows()),
        );
    }
}
