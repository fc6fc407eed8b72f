<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\PlantGroup;
use App\Models\PlantKind;
use App\Models\Tank;
use App\Tanks\VesselQuery;
use App\Units\Amount;
use Carbon\CarbonImmutable;
use Closure;
use Cresco\Core\Plants\GrowingGroup;
use Cresco\Core\Plants\GrowthForm;
use Cresco\Core\Plants\GrowthPace;
use Cresco\Core\Plants\LightDemand;
use Cresco\Core\Plants\PlantCatalogue;
use Cresco\Core\Plants\PlantSpecies;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A plant group as it is typed: kind, place, height; lengths in the keeper's unit, the place in percent of the plan. */
final class PlantGroupRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $tank = $this->tank();
        $levels = $tank->keeper->show()->levels();
        $kinds = [...array_keys(PlantCatalogue::all()), ...array_map(
            static fn(int $id): string => 'own-'.$id,
            array_map(intval(...), $tank->keeper->plantKinds->modelKeys()),
        )];
        $isNew = $this->filled('own_name');
        $percent = static fn(string $example): array => ['required', new Amount(0, 100, '%', $example)];
        $after = fn(string $field, string $words): Closure => function (string $attribute, mixed $value, Closure $fail) use ($field, $words): void {
            [$from, $to] = [Amount::parse($this->input($field)), Amount::parse($value)];
            if ($from !== null && $to !== null && $to - $from < 1.0) {
                $fail($words);
            }
        };
        $water = VesselQuery::tank($tank)->waterHeight();
        $kind = $this->kind();
        // A kind that stays low is not typed a metre tall; stems and ribbons may be longer than the water is deep.
        $tallest = $kind?->form->entry()->reachesSurface === true
            ? min(GrowingGroup::TALLEST, 2.0 * $water)
            : min($water, 1.5 * ($kind->ceiling ?? $kind?->form->entry()->ceiling ?? $water));

        return [
            'kind' => [$isNew ? 'nullable' : 'required', Rule::in($kinds)],
            'own_name' => ['nullable', 'string', 'max:80'],
            'form' => [$isNew ? 'required' : 'nullable', Rule::enum(GrowthForm::class)],
            'pace' => [$isNew ? 'required' : 'nullable', Rule::enum(GrowthPace::class)],
            'demand' => [$isNew ? 'required' : 'nullable', Rule::enum(LightDemand::class)],
            'roots' => ['nullable', new Amount(0, 100, '%', '50')],
            'left' => $percent('0'),
            'right' => [...$percent('30'), $after('left', __('said.cannot.right_edge'))],
            'front' => $percent('60'),
            'back' => [...$percent('100'), $after('front', __('said.cannot.back_edge'))],
            'height' => ['nullable', $levels->rule(1.0, $tallest, 80.0)],
            'cover' => ['nullable', new Amount(1, 100, '%', '100')],
            'wished' => ['nullable', $levels->rule(5.0, $water, 200.0)],
            'perch' => ['nullable', $levels->rule(0.0, max(1.0, $water - 20.0), 120.0)],
            'ceiling' => ['nullable', $levels->rule(10.0, GrowingGroup::TALLEST, 300.0)],
            'planted_on' => ['bail', 'nullable', 'string', 'date_format:Y-m-d', 'after:2000-01-01', 'before_or_equal:'
                .CarbonImmutable::now($tank->keeper->timezone)->format('Y-m-d'),
                fn(string $attribute, mixed $value, Closure $fail) => $tank->started_on !== null
                    && is_string($value)
                    && $value < $tank->started_on->format('Y-m-d')
                    ? $fail(__('said.day.set_up', ['day' => $tank->started_on->format('j M Y')]))
                    : null],
            'note' => ['nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => __('said.number.needed'), 'kind' => __('said.choose.kind_or_own'), 'form' => __('said.choose.form'), 'pace' => __('said.choose.pace'),
            'demand' => __('said.choose.demand'), 'planted_on.*' => __('said.day.planted'), 'note.max' => __('said.text.note'), 'own_name.max' => __('said.text.name'),
        ];
    }

    public function tank(): Tank
    {
        $tank = $this->route('tank');
        if (!$tank instanceof Tank) {
            abort(404);
        }

        return $tank;
    }

    private function kind(): ?PlantSpecies
    {
        if ($this->filled('own_name')) {
            $form = GrowthForm::tryFrom((string) $this->string('form'));

            return $form === null ? null : new PlantSpecies('own', $form, GrowthPace::Middling, LightDemand::Middling, 0.5);
        }
        $key = $this->input('kind');

        return is_string($key) ? PlantCatalogue::all()[$key] ?? $this->own($key)?->toCore() : null;
    }

    private function own(string $key): ?PlantKind
    {
        return preg_match('/^own-(\d{1,18})$/', $key, $match) ? $this->tank()->keeper->plantKinds->firstWhere('id', (int) $match[1]) : null;
    }

    /** @return array<string, mixed> of the record, without its kind */
    public function toFields(?PlantGroup $kept = null): array
    {
        $levels = $this->tank()->keeper->show()->levels();
        $share = fn(string $field): float => (Amount::parse($this->input($field)) ?? 0.0) / 100.0;
        $length = fn(string $field, ?float $was): ?float => $this->filled($field) ? $levels->keep($this->input($field), $was) : null;

        return [
            'left_edge' => $share('left'), 'right_edge' => $share('right'), 'front_edge' => $share('front'), 'back_edge' => $share('back'),
            'wished' => $length('wished', $kept?->wished), 'perch' => $length('perch', $kept?->perch) ?? 0.0, 'ceiling' => $length('ceiling', $kept?->ceiling),
            'planted_on' => $this->input('planted_on'), 'from_air' => $this->boolean('from_air'), 'note' => $this->input('note'),
        ];
    }

    /** @return array{kind: string|null, plant_kind_id: int|null} the chosen kind, a new one being kept first */
    public function toKind(): array
    {
        if ($this->filled('own_name')) {
            $own = $this->tank()->keeper->plantKinds()->updateOrCreate(['name' => trim((string) $this->string('own_name'))], [
                'form' => (string) $this->string('form'), 'pace' => (string) $this->string('pace'), 'demand' => (string) $this->string('demand'),
                'roots' => (Amount::parse($this->input('roots')) ?? 50.0) / 100.0, 'bicarbonate' => $this->boolean('bicarbonate'),
            ]);

            return ['kind' => null, 'plant_kind_id' => $own->id];
        }
        $key = (string) $this->string('kind');
        $own = $this->own($key);

        return $own === null ? ['kind' => $key, 'plant_kind_id' => null] : ['kind' => null, 'plant_kind_id' => $own->id];
    }

    /** mm; null where nobody measured. */
    public function height(): ?float
    {
        return $this->filled('height') ? $this->tank()->keeper->show()->levels()->parse($this->input('height')) : null;
    }

    /** 0 to 1. */
    public function cover(): float
    {
        return (Amount::parse($this->input('cover')) ?? 100.0) / 100.0;
    }
}
