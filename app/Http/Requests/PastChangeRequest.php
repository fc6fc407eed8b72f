<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Tank;
use App\Tanks\VesselQuery;
use App\Units\Amount;
use App\Units\MomentRule;
use Carbon\CarbonImmutable;
use Illuminate\Validation\Rule;

/** A change of water that was made without a checklist. */
final class PastChangeRequest extends KeeperRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $keeper = $this->keeper()->loadMissing('waters');
        $show = $keeper->show();
        $tank = $this->route('tank');
        $net = $tank instanceof Tank ? VesselQuery::tank($tank)->litres() : 0.0;

        return [
            'litres' => ['required', $show->volumes()->rule(0.1, $net, 0.3 * $net)],
            'water' => ['required', 'integer', Rule::in($keeper->waters->modelKeys())],
            'second_water' => ['nullable', 'integer', Rule::in($keeper->waters->modelKeys())],
            'second_share' => ['nullable', new Amount(0, 100, '%', '40')],
            'changed_at' => ['required', new MomentRule($keeper->timezone, before: '+5 minutes')],
            'note' => ['nullable', 'string', 'max:1000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => __('said.write.needed'),
            'water.*' => __('said.choose.water'),
            'second_water.*' => __('said.choose.water'),
            'changed_at.*' => __('said.day.past_hour_such'),
            'note.max' => __('said.text.note'),
        ];
    }

    public function litres(): float
    {
        return $this->keeper()->show()->volumes()->parse($this->input('litres')) ?? 0.0;
    }

    /** Of the second water, 0 to 1. */
    public function secondShare(): float
    {
        return (Amount::parse($this->input('second_share')) ?? 0.0) / 100.0;
    }

    public function changedAt(): CarbonImmutable
    {
        return MomentRule::parse($this->input('changed_at'), $this->keeper()->timezone) ?? CarbonImmutable::now();
    }

    public function note(): string
    {
        return is_string($this->input('note')) ? $this->input('note') : '';
    }
}
