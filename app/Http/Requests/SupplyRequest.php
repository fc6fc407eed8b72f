<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Units\Amount;
use Carbon\CarbonImmutable;

/** What is bought again and again. */
final class SupplyRequest extends KeeperRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'], 'unit' => ['required', 'string', 'max:20'], 'left' => ['required', new Amount(0, 1000000, '', '500')], 'weekly' => ['required', new Amount(0, 1000000, '', '20')],
            'lead_days' => ['required', 'integer', 'min:0', 'max:365'], 'expires_on' => [
                'bail', 'nullable', 'string', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01',
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name' => __('said.text.named'), 'unit' => __('said.text.unit'), 'left' => __('said.number.needed'),
            'weekly' => __('said.number.needed_or_zero'), 'lead_days' => __('said.days.lead'), 'expires_on' => __('said.day.such'),
        ];
    }

    /** @return array<string, mixed> what is kept of it, counted today */
    public function fields(): array
    {
        return [
            'name' => (string) $this->string('name'), 'unit' => (string) $this
                ->string('unit'), 'left' => Amount::parse($this->input('left')) ?? 0.0, 'weekly' => Amount::parse($this->input('weekly')) ?? 0.0,
            'lead_days' => $this->integer('lead_days'), 'expires_on' => $this->filled('expires_on')
                ? (string) $this->string('expires_on')
                : null, 'counted_on' => CarbonImmutable::now($this->keeper()->timezone)->format('Y-m-d'),
        ];
    }
}
