<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A link for someone who looks after a tank: for whom, from when until when, and what is asked. */
final class HelperRequest extends KeeperRequest
{
    /** Jobs of one link at most. House limit. */
    private const MOST = 12;

    /** Days that a link works at most. House limit. */
    private const LONGEST = 120;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $today = CarbonImmutable::now($this->keeper()->timezone)->startOfDay();

        return [
            'tank_id' => [
                'required', 'integer', Rule::exists('tanks', 'id')->where('keeper_id', $this->keeper()->id),
            ], 'name' => ['required', 'string', 'max:80'],
            'from_day' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'after_or_equal:'.$today->subYear()->format('Y-m-d')],
            'until_day' => [
                'bail', 'required', 'string', 'date_format:Y-m-d', 'after_or_equal:from_day', 'after_or_equal:'.$today->format('Y-m-d'),
                'before_or_equal:'.$today->addDays(self::LONGEST)->format('Y-m-d'),
            ],
            'note' => ['nullable', 'string', 'max:500'], 'reads' => ['nullable', 'array', 'max:10'], 'reads.*' => [Rule::in(array_map(
                static fn(Parameter $parameter): string => $parameter->value,
                Parameter::ofAnimals(),
            ))],
            'jobs' => ['required', 'array', 'max:'
                .self::MOST], 'jobs.*' => ['array'], 'jobs.*.text' => ['nullable', 'string', 'max:200'], 'jobs.*.caution' => ['nullable', 'string', 'max:200'], 'jobs.*.every' => ['nullable', 'integer', 'min:0', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'tank_id' => __('said.choose.tank'), 'name' => __('said.write.helper'), 'from_day' => __('said.day.such'), 'until_day' => __('helper.until', ['most' => self::LONGEST]), 'note' => __('said.text.most', ['max' => 500]),
            'jobs.*.text' => __('said.text.most', ['max' => 200]), 'jobs.*.caution' => __('said.text.most', ['max' => 200]), 'jobs.*.every' => __('said.days.every'),
        ];
    }

    /**
     * @return non-empty-list<array{text: string, caution: string|null, every: int}> what is asked
     *
     * @throws ValidationException where nothing is
     */
    public function jobs(): array
    {
        $checked = $this->safe()->all();
        $jobs = [];
        foreach (is_array($checked['jobs']) ? $checked['jobs'] : [] as $job) {
            if (is_array($job) && is_string($job['text'] ?? null) && trim($job['text']) !== '') {
                $jobs[] = [
                    'text' => trim($job['text']),
                    'caution' => is_string($job['caution'] ?? null) && trim($job['caution']) !== '' ? trim($job['caution']) : null,
                    'every' => is_numeric($job['every'] ?? null) ? (int) $job['every'] : 1,
                ];
            }
        }

        return $jobs === [] ? throw ValidationException::withMessages(['jobs' => __('said.choose.one_thing')]) : $jobs;
    }

    public function text(string $field): string
    {
        return is_string($this->input($field)) ? $this->input($field) : '';
    }

    /** @return list<string> parameters that are read */
    public function reads(): array
    {
        return array_values(array_filter((array) $this->input('reads'), is_string(...)));
    }
}
