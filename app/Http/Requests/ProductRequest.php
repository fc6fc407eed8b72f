<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Product;
use App\Units\Amount;
use App\Units\DoseUnit;
use App\Units\Scale;
use Cresco\Core\Fertilising\Chelate;
use Cresco\Core\Fertilising\Fertiliser;
use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Mixing\Salts;
use Cresco\Core\Water\AcidKind;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A product as it is typed: salt, label, dechlorinator, acid or feed, in the keeper's units. */
final class ProductRequest extends KeeperRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $need = $this->isLabel() || $this->holds(Product::CONDITIONER) || ($this->holds(Product::FEED) && !$this->isByWeight()) ? 'required' : 'nullable';
        $scales = $this->scales();

        return [
            'name' => ['required', 'string', 'max:60'],
            'salt' => ['required', Rule::in([...array_keys(Salts::all()), 'label', Product::CONDITIONER, Product::ACID, Product::FEED])],
            'unit' => ['required', Rule::in(['g', 'mL'])],
            'purity' => [
                $this->holds(Product::CONDITIONER) || $this->holds(Product::ACID) || $this->holds(Product::FEED) ? 'nullable' : 'required',
                new Amount(1, 100, '%', '99'),
            ],
            'price' => ['nullable', new Amount(0, 100000, '', '1.20')],
            'stock' => ['nullable', new Amount(0, 1000000, '', '500')],
            'label.dose' => [$need, $scales['dose']->rule(0.01, 10000.0, 6.0)],
            'label.litres' => [$need, $scales['litres']->rule(0.1, 100000.0, 20.0)],
            'label.gh' => ['nullable', $scales['gh']->rule(
                0.0,
                Hardness::fromDegrees(100.0)->millimolePerLitre,
                Hardness::fromDegrees(6.0)->millimolePerLitre,
            )],
            'label.kh' => ['nullable', $scales['kh']->rule(0.0, Alkalinity::fromDegrees(100.0)->milliequivalentPerLitre, 0.0)],
            'label.ec' => ['nullable', $scales['ec']->rule(0.0, 20000.0, 300.0)],
            'label.ratio' => ['nullable', new Amount(0.05, 50, ': 1', '3')],
            'label.measured' => ['nullable', Rule::enum(DoseUnit::class)],
            'label.strength' => ['nullable', $scales['strength']->rule(0.05, 20.0, 1.0)],
            ...array_fill_keys(
                array_map(static fn(Parameter $nutrient): string => 'label.'.$nutrient->value, Parameter::nutrients()),
                ['nullable', $this->isByWeight() ? new Amount(0, 100, '%', '1.5') : new Amount(0, 100000, 'mg/L', '1.5')],
            ),
            'label.days' => ['nullable', 'integer', 'between:1,60'],
            'label.chelate' => ['nullable', Rule::enum(Chelate::class)],
            'label.density' => ['nullable', new Amount(0.5, 2.5, 'g/mL', '1.1')], 'label.declared' => ['nullable', 'boolean'],
            'label.kind' => [$this->holds(Product::ACID) ? 'required' : 'nullable', Rule::enum(AcidKind::class)],
            'label.percent' => [$this->holds(Product::ACID) ? 'required' : 'nullable', new Amount(0.1, $this->acid()?->most() ?? 85.0, '%', '10')],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'label.kind' => __('said.choose.acid'),
            'label.measured' => __('said.choose.listed'),
            'label.days.*' => __('said.whole.every'),
            'name.required' => __('said.text.jar'),
            'name.max' => __('said.text.name'),
            'name.string' => __('said.text.letters'),
            'salt' => __('said.choose.salt'),
            'unit' => __('said.choose.by'),
            'required' => __('said.number.needed'),
        ];
    }

    private function kind(): string
    {
        return is_string($this->input('salt')) ? $this->input('salt') : 'label';
    }

    private function holds(string $kind): bool
    {
        return $this->kind() === $kind;
    }

    private function isLabel(): bool
    {
        return $this->holds('label');
    }

    private function acid(): ?AcidKind
    {
        return AcidKind::tryFrom(is_string($this->input('label.kind')) ? $this->input('label.kind') : '');
    }

    private function doseUnit(): DoseUnit
    {
        return DoseUnit::of($this->input('label.measured'));
    }

    /** A label in percent by weight is worked out over to what a millilitre brings to a litre. */
    private function isByWeight(): bool
    {
        return $this->holds(Product::FEED) && $this->filled('label.density');
    }

    /** @return array{dose: Scale, litres: Scale, gh: Scale, kh: Scale, ec: Scale, strength: Scale} */
    private function scales(): array
    {
        $show = $this->keeper()->show();
        // A dose is weighed, or it is a liquid: then spoons and ounces are understood.
        $isLiquid = $this->holds(Product::FEED) || $this->input('unit') === 'mL';

        return [
            'dose' => $this->holds(Product::CONDITIONER)
                ? $this->doseUnit()->scale($show)
                : ($isLiquid ? $show->liquids() : new Scale('g', 1.0, 3, ['g' => 1.0, 'kg' => 1000.0])),
            'litres' => $show->volumes(),
            'gh' => $show->widths(Parameter::GeneralHardness),
            'kh' => $show->widths(Parameter::CarbonateHardness),
            'ec' => $show->widths(Parameter::Conductivity),
            'strength' => new Scale('mg/L', 1.0, 2),
        ];
    }

    /**
     * @return array<string, mixed> what is kept of it
     *
     * @throws ValidationException where it brings nothing
     */
    public function fields(): array
    {
        $product = $this->route('product');
        $was = $product instanceof Product ? $product : null;
        $scales = $this->scales();
        $plain = fn(string $field): ?float => Amount::parse($this->input($field));
        // Kept in degrees, microsiemens, litres, grams or millilitres; a field that was left as it stood moves nothing.
        $kept = static fn(string $field): ?float => isset($was->label[$field]) ? (float) $was->label[$field] : null;
        $base = function (string $field) use ($scales, $kept): ?float {
            $perDegree = match ($field) {
                'gh' => Hardness::MILLIMOLE_PER_DEGREE,
                'kh' => Alkalinity::MILLIEQUIVALENT_PER_DEGREE,
                default => 1.0,
            };
            $before = $kept($field);
            $typed = $scales[$field]->keep($this->input('label.'.$field), $before === null ? null : $before * $perDegree);

            return match (true) {
                $typed === null => null,
                $before !== null && abs($typed - $before * $perDegree) < 1e-12 => $before,
                default => $typed / $perDegree,
            };
        };
        $label = $this->holds(Product::ACID) ? ['kind' => $this->acid()?->value, 'percent' => $plain('label.percent')] : ($this->holds(Product::CONDITIONER)
            ? ['dose' => $base('dose'), 'litres' => $base('litres'), 'strength' => $base('strength'), 'measured' => $this->doseUnit()->value]
            : [
                'dose' => $base('dose'), 'litres' => $base('litres'), 'gh' => $base('gh') ?? 0.0, 'kh' => $base('kh') ?? 0.0,
                'ec' => $base('ec') > 0.0 ? $base('ec') : null, 'ratio' => $plain('label.ratio'),
            ]);
        if ($this->holds(Product::FEED)) {
            $brings = array_filter(array_combine(
                array_map(static fn(Parameter $nutrient): string => $nutrient->value, Parameter::nutrients()),
                array_map(static fn(Parameter $nutrient): float => $plain('label.'.$nutrient->value) ?? 0.0, Parameter::nutrients()),
            ));
            if ($brings === []) {
                throw ValidationException::withMessages(['label.nitrate' => __('said.write.brings')]);
            }
            $density = $plain('label.density') ?? 1.0;
            $declared = $this->boolean('label.declared');
            $label = $this->isByWeight()
                ? ['dose' => 1.0, 'litres' => 1.0] + array_combine(
                    array_keys($brings),
                    array_map(
                        static fn(string $name, float $percent): float => round(
                            Fertiliser::ofPercent(Parameter::from($name), $density, $percent, $declared),
                            3,
                        ),
                        array_keys($brings),
                        $brings,
                    ),
                )
                : [
                    'dose' => $base('dose'), 'litres' => $base('litres'),
                ] + ($this->filled('label.days') ? ['days' => $this->integer('label.days')] : []) + $brings;
            if (isset($brings[Parameter::Iron->value]) && $this->filled('label.chelate')) {
                $label['chelate'] = (string) $this->string('label.chelate');
            }
        }
        if ($this->isLabel() && ($base('gh') ?? 0.0) + ($base('kh') ?? 0.0) + ($base('ec') ?? 0.0) <= 0.0) {
            throw ValidationException::withMessages(['label.gh' => __('said.write.raises')]);
        }

        return [
            'name' => (string) $this->string('name'),
            'salt' => $this->isLabel() ? null : $this->kind(),
            'unit' => match (true) {
                $this->holds(Product::CONDITIONER), $this->holds(Product::ACID), $this->holds(Product::FEED) => 'mL',
                $this->isLabel() => (string) $this->string('unit'),
                default => 'g',
            },
            'purity' => ($plain('purity') ?? 100.0) / 100.0,
            'price' => $plain('price') ?? 0.0,
            'stock' => $plain('stock'),
            'label' => $this->isLabel() || $this->holds(Product::CONDITIONER) || $this->holds(Product::ACID) || $this->holds(Product::FEED) ? $label : null,
        ];
    }
}
