<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Mixing\MixingInput;
use App\Models\Keeper;
use App\Models\Product;
use App\Models\SourceWater;
use App\Models\SourceWaterKind;
use App\Models\Tank;
use App\Tanks\VesselQuery;
use App\Units\Amount;
use App\Units\Show;
use Closure;
use Cresco\Core\Checklist\PracticeChoice;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Mixing\Preference;
use Cresco\Core\Mixing\Target;
use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Tank\Needs;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\MessageBag;
use Illuminate\Validation\Rule;

/**
 * What stands on the mixing page, as typed. A page can be made from it even when some of it is wrong. Fields that were not sent
 * have their usual value; a target that was sent empty is left open.
 */
final class MixingRequest extends FormRequest
{
    /** Fields of the target and the parameter each is read in. */
    public const AIMS = ['gh' => Parameter::GeneralHardness, 'kh' => Parameter::CarbonateHardness, 'ec' => Parameter::Conductivity];

    /** Most litres of one batch. House limit. */
    private const MOST_LITRES = 5000.0;

    /** Waters and products that one batch is worked out from. House limits: each more makes the map slower, and nobody mixes so many. */
    private const MOST_WATERS = 8;

    private const MOST_JARS = 20;

    private ?MessageBag $faults = null;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [];
    }

    public function authorize(): bool
    {
        return $this->user() instanceof Keeper;
    }

    public function keeper(): Keeper
    {
        $keeper = $this->user();

        return $keeper instanceof Keeper ? $keeper->loadMissing('waters', 'kits', 'tanks', 'products.trials') : throw new AuthenticationException();
    }

    public function faults(): MessageBag
    {
        if ($this->faults !== null) {
            return $this->faults;
        }
        $keeper = $this->keeper();
        $show = $keeper->show();
        $most = ['gh' => 25.0 * 0.178325, 'kh' => 18.0 * 0.35665, 'ec' => 3000.0];
        $usual = ['gh' => 6.0 * 0.178325, 'kh' => 3.0 * 0.35665, 'ec' => 250.0];
        $rules = [
            'tank' => ['nullable', 'integer', Rule::in($keeper->tanks->modelKeys())],
            'animals' => ['nullable', Rule::enum(AnimalGroup::class)],
            'prefer' => ['nullable', Rule::enum(Preference::class)],
            'litres' => ['sometimes', 'required', $show->volumes()->rule(0.1, self::MOST_LITRES, 20.0)],
            'ratio' => ['nullable', new Amount(0.1, 50, ': 1', '3')],
            'share' => ['sometimes', 'required', new Amount(1, 100, '%', '25')],
            'waters' => ['nullable', 'array'],
            'waters.*' => ['integer', Rule::in($keeper->waters->modelKeys())],
            'jars' => ['nullable', 'array'],
            'jars.*' => ['integer', Rule::in($keeper->benchProducts()->modelKeys())],
            'cap' => ['nullable', 'array', function (string $attribute, mixed $value, Closure $fail): void {
                foreach (is_array($value) ? $value : [] as $cap) {
                    $number = Amount::parse($cap);
                    if ($cap !== null && $cap !== '' && ($number === null || $number < 0.0 || $number > 2000.0)) {
                        $fail(__('said.write.limit'));

                        return;
                    }
                }
            }],
        ];
        foreach (self::AIMS as $field => $parameter) {
            $unit = $show->unit($parameter);
            $rules[$field] = ['nullable', new Amount(
                0,
                round($unit->fromBase($most[$field]), $unit->decimals),
                $unit->label,
                Show::plain($unit->fromBase($usual[$field]), $unit->decimals),
            )];
        }
        $faults = Validator::make($this->all(), $rules, [
            'required' => __('said.number.needed'),
            'tank.*' => __('said.choose.tank'),
            'animals.enum' => __('said.choose.group'),
            'prefer.enum' => __('said.choose.listed'),
            'waters.*' => __('said.choose.waters'),
            'jars.*' => __('said.choose.jars'),
        ])->errors();
        // One message for each list, where it stands.
        foreach (['waters', 'jars'] as $list) {
            if ($faults->has($list.'.*')) {
                $faults->add($list, (string) $faults->first($list.'.*'));
            }
        }
        foreach (['waters' => [self::MOST_WATERS, 'waters'], 'jars' => [self::MOST_JARS, 'jars']] as $list => [$most, $words]) {
            if (!$faults->has($list) && count($this->ids($list)) > $most) {
                $faults->add($list, (string) __('said.cannot.at_once', ['most' => $most, 'what' => $words]));
            }
        }
        if ($this->chosenWaters($faults) === []) {
            $faults->add('waters', __('said.choose.waters_to_begin'));
        }

        return $this->faults = $faults;
    }

    /** The input with every field that is wrong or not sent at its usual value. */
    public function toInput(): MixingInput
    {
        $keeper = $this->keeper();
        $tank = $this->tank();
        $animals = $this->animals();
        $litres = $this->faults()->has('litres') ? null : $keeper->show()->volumes()->parse($this->input('litres'));

        return new MixingInput(
            $tank,
            $animals,
            $litres === null ? self::usualLitres($tank) : $litres,
            $this->chosenWaters($this->faults()),
            $this->chosenProducts(),
            $this->target($animals),
            Preference::tryFrom($this->text('prefer')) ?? Preference::FewestJars,
            $keeper->scale_step,
            $this->boolean('spoons'),
            // Unless it is said here, as the tank's way is.
            ($this->has('minerals') && !$this->isOtherTank() ? $this->text('minerals') : PracticeChoice::Minerals->of($tank->schools ?? [])) === 'direct',
            ($this->number('share') ?? 100.0 * ($tank === null ? 0.25 : $tank->routine_share)) / 100.0,
        );
    }

    public function tank(): ?Tank
    {
        $id = $this->text('tank');

        return $id === '' ? null : $this->keeper()->tanks->firstWhere('id', (int) $id)?->setRelation('keeper', $this->keeper());
    }

    private function animals(): AnimalGroup
    {
        $tank = $this->tank();

        return ($this->isOtherTank() ? null : AnimalGroup::tryFrom($this->text('animals'))) ?? ($tank === null ? AnimalGroup::Community : $tank->animals);
    }

    /** Another tank or other animals begin with their own target. */
    private function isPreset(): bool
    {
        return ($this->has('animals_was') && $this->text('animals_was') !== $this->text('animals'))
            || $this->isOtherTank();
    }

    private function isFirst(): bool
    {
        return !$this->has('animals_was');
    }

    private function target(AnimalGroup $animals): Target
    {
        $usual = self::preset(MixingInput::needsOf($this->tank(), $animals));
        $caps = $animals->caps();
        $values = [];
        foreach (self::AIMS as $field => $parameter) {
            $typed = $this->number($field);
            $values[$field] = match (true) {
                $this->isPreset() || !$this->has($field) => $usual[$field],
                $typed === null => null,
                default => $this->keeper()->show()->unit($parameter)->toBase($typed),
            };
        }
        $typedCaps = $this->input('cap');
        if (is_array($typedCaps) && !$this->isPreset() && !$this->faults()->has('cap')) {
            foreach (array_keys($caps) as $ion) {
                $cap = Amount::parse($typedCaps[$ion] ?? null);
                if ($cap !== null) {
                    $caps[$ion] = $cap;
                } elseif (array_key_exists($ion, $typedCaps)) {
                    unset($caps[$ion]);
                }
            }
        }

        return new Target(
            $values['gh'],
            $values['kh'],
            $this->isPreset() || !$this->has('ratio') ? $usual['ratio'] : $this->number('ratio'),
            $values['ec'],
            $caps,
        );
    }

    /**
     * The middle of what a group is kept in; conductivity only for those that are kept by it.
     *
     * @return array{gh: float|null, kh: float|null, ec: float|null, ratio: float|null} base units
     */
    private static function preset(Needs $needs): array
    {
        $middle = static function (Parameter $parameter) use ($needs): ?float {
            $range = $needs->range($parameter);

            return $range === null ? null : ($range[0] + $range[1]) / 2.0;
        };

        return [
            'gh' => $middle(Parameter::GeneralHardness),
            'kh' => $middle(Parameter::CarbonateHardness),
            'ec' => $needs->group->steersByConductivity() ? $middle(Parameter::Conductivity) : null,
            'ratio' => 3.0,
        ];
    }

    private static function usualLitres(?Tank $tank): float
    {
        return $tank === null ? 20.0 : max(1.0, round(VesselQuery::tank($tank)->litres() * $tank->routine_share));
    }

    /** @return list<SourceWater> */
    private function chosenWaters(MessageBag $faults): array
    {
        $waters = $this->keeper()->waters;
        $chosen = $this->isFirst() && !$this->has('waters')
            ? $waters->filter(static fn(SourceWater $water): bool => in_array($water->kind, [SourceWaterKind::ReverseOsmosis, SourceWaterKind::Tap], true))
            : $waters->whereIn('id', $faults->has('waters') ? [] : $this->ids('waters'));

        return array_values(($chosen->isEmpty() && $this->isFirst() ? $waters : $chosen)->take(self::MOST_WATERS)->all());
    }

    /** @return list<Product> */
    private function chosenProducts(): array
    {
        $products = $this->keeper()->benchProducts();

        return array_values(($this->isFirst()
            && !$this->has('jars')
                ? $products->filter(static fn(Product $product): bool => $product->isUsual())
                : $products->whereIn('id', $this->ids('jars')))->take(self::MOST_JARS)->all());
    }

    /** @return list<int> */
    private function ids(string $field): array
    {
        $given = $this->input($field);

        return array_values(array_map(static fn(mixed $id): int => is_scalar($id) ? (int) $id : 0, is_array($given) ? $given : []));
    }

    private function number(string $field): ?float
    {
        return $this->faults()->has($field) ? null : Amount::parse($this->input($field));
    }

    /** Whether another tank was chosen than the one that the fields were filled in for. */
    private function isOtherTank(): bool
    {
        return $this->has('tank_was') && $this->text('tank_was') !== $this->text('tank');
    }

    private function text(string $field): string
    {
        $value = $this->input($field);

        return is_scalar($value) ? (string) $value : '';
    }
}
