<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Units\Amount;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Planning\JobKind;
use Cresco\Core\Planning\JobKinds;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A job of its own that comes again. */
final class ChoreRequest extends KeeperRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::in(array_map(static fn(JobKind $kind): string => $kind->key, JobKinds::offered()))],
            'tank_id' => ['nullable', 'integer', Rule::exists('tanks', 'id')->where('keeper_id', $this->keeper()->id)],
            'name' => [
                'nullable', 'string', 'max:80', 'required_if:kind,own',
            ], 'every' => ['nullable', 'integer', 'min:1', 'max:1500'], 'minutes' => ['nullable', 'integer', 'min:1', 'max:480'],
            'next_on' => ['bail', 'nullable', 'string', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
            'wears_most' => ['nullable', new Amount(1, 1_000_000, '', '50')], 'wears_of' => ['nullable', Rule::enum(Parameter::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'wears_of' => __('week.wears.which'),
            'kind' => __('said.choose.job'), 'tank_id' => __('said.choose.tank'), 'name.required_if' => __('said.text.named'), 'name' => __('said.text.most', ['max' => 80]), 'every' => __('said.days.interval'),
            'minutes' => __('said.minutes.job'), 'next_on' => __('said.day.such'),
        ];
    }

    /**
     * @return array{wears_most: float|null, wears_of: mixed, tank_id: mixed, kind: string, name: mixed, every: mixed, minutes: mixed, next_on: mixed}
     *     what is kept of it
     *
     * @throws ValidationException where its kind asks for something else
     */
    public function fields(): array
    {
        $checked = $this->safe()->all();
        $kind = JobKinds::of(is_string($checked['kind']) ? $checked['kind'] : 'own');
        if ($kind->atTank && $kind->key !== 'own' && ($checked['tank_id'] ?? null) === null) {
            throw ValidationException::withMessages(['tank_id' => __('said.write.tank')]);
        }

        $most = Amount::parse(is_scalar($checked['wears_most'] ?? null) ? (string) $checked['wears_most'] : null);
        if ($most !== null && $kind->wears === null) {
            throw ValidationException::withMessages(['wears_most' => __('week.wears.none')]);
        }
        if ($most !== null && $kind->wears === 'readings' && ($checked['wears_of'] ?? null) === null) {
            throw ValidationException::withMessages(['wears_of' => __('week.wears.which')]);
        }

        return [
            'wears_most' => $most, 'wears_of' => $most !== null && $kind->wears === 'readings' ? $checked['wears_of'] : null,
            'tank_id' => $kind->atTank ? ($checked['tank_id'] ?? null) : null, 'kind' => $kind->key, 'name' => $checked['name'] ?? null,
            'every' => $checked['every'] ?? null, 'minutes' => $checked['minutes'] ?? null, 'next_on' => $checked['next_on'] ?? null,
        ];
    }
}
