<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Lamp;
use App\Models\LampSource;
use App\Units\Amount;
use Cresco\Core\Light\Flux;
use Cresco\Core\Light\LampKind;
use Cresco\Core\Light\LampType;
use Cresco\Core\Light\LightColour;
use Cresco\Core\Light\LightFault;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A lamp as it is typed: what its label says, where it hangs, how long it is on. */
final class LampRequest extends KeeperRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $levels = $this->keeper()->show()->levels();
        $percent = ['required', new Amount(0, 100, '%', '50')];

        return [
            'kind' => ['required', Rule::enum(LampKind::class)], 'told_by' => ['required', Rule::enum(LampSource::class)],
            'told' => ['required', match ($this->source()) {
                LampSource::Maker => new Amount(0.5, 5000, 'µmol/s', '90'),
                LampSource::Lumens => new Amount(50, 300000, 'lm', '6000'),
                LampSource::Watts => new Amount(0.5, 3000, 'W', '50'),
            }],
            'colour' => ['required', Rule::enum(LightColour::class)], 'type' => ['required', Rule::enum(LampType::class)],
            'length' => ['required', $levels->rule(10.0, 5000.0, 600.0)], 'width' => ['required', $levels
                ->rule(5.0, 3000.0, 120.0)], 'above' => ['required', $levels->rule(0.0, 3000.0, 80.0)],
            'angle' => ['required', new Amount(10, 170, '°', '120')], 'dimmer' => ['required', new Amount(0, 100, '%', '80')], 'hours' => ['required', new Amount(0, 24, 'h', '8')],
            'ramp' => ['required', new Amount(0, 360, 'min', '30')], 'across' => $percent, 'front' => $percent, 'spots' => ['required', 'integer', 'between:1,40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => __('said.number.needed'), 'kind' => __('said.choose.one'), 'told_by' => __('said.choose.one'),
            'colour' => __('said.choose.one'), 'type' => __('said.choose.one'), 'spots.*' => __('said.whole.spots'),
        ];
    }

    private function source(): LampSource
    {
        return LampSource::tryFrom((string) $this->string('told_by')) ?? LampSource::Maker;
    }

    /**
     * @param Lamp|null $kept what stood there before: a length that was left as it stood moves nothing
     *
     * @return array<string, mixed> what is kept of it
     *
     * @throws ValidationException where it is no lamp
     */
    public function fields(?Lamp $kept): array
    {
        $levels = $this->keeper()->show()->levels();
        $told = $this->source();
        $number = fn(string $field): float => Amount::parse($this->input($field)) ?? 0.0;
        $fields = [
            'kind' => (string) $this->string('kind'), 'told_by' => $told->value, 'told' => $number('told'), 'colour' => (string) $this
                ->string('colour'), 'type' => (string) $this->string('type'),
            'length' => $levels->keep($this->input('length'), $kept?->length), 'width' => $levels
                ->keep($this->input('width'), $kept?->width), 'above' => $levels->keep($this->input('above'), $kept?->above),
            'angle' => $number('angle'), 'dimmer' => $number('dimmer') / 100.0, 'hours' => $number('hours'), 'ramp' => $number('ramp'),
            'across' => $number('across') / 100.0, 'front' => $number('front') / 100.0, 'spots' => $this->integer('spots'),
        ];
        if (2.0 * $number('ramp') > 60.0 * $number('hours')) {
            throw ValidationException::withMessages(['ramp' => __('said.cannot.ramp')]);
        }
        try {
            Flux::checked((new Lamp($fields))->flux());
        } catch (LightFault $fault) {
            throw ValidationException::withMessages(['told' => say($fault)]);
        }

        return $fields;
    }
}
