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
            'lead_days' => ['required', 'integer', 'min:0', 'max:365'], 'expires_on' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name' => __('said.give_it_a_name'), 'unit' => __('said.such_as_g_ml'), 'left' => __('said.write_a_number_here'), 'weekly' => __('said.write_a_number_here_0'), 'lead_days' => __('said.days_from_0_to_365'), 'expires_on' => __('said.a_day_such_as_2027')];
    }

    /** @return array<string, mixed> what is kept of it, counted today */
    public function fields(): array
    {
        return [
            'name' => (string) $this->string('name'), 'unit' => (string) $this->string('unit'), 'left' => Amount::parse($this->input('left')) ?? 0.0, 'weekly' => Amount::parse($this->input('weekly')) ?? 0.0,
            'lead_days' => $this->integer('lead_days'), 'expires_on' => $this->filled('expires_on') ? (string) $this->string('expires_on') : null, 'counted_on' => CarbonImmutable::now($this->keeper()->timezone)->format('Y-m-d'),
        ];
    }
}
