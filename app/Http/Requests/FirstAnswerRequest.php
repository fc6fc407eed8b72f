<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\UnreadableInput;
use App\Models\Keeper;
use App\Units\Scale;
use Cresco\Core\Tank\AnimalGroup;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Four answers of somebody without an account: the size of a tank, who lives in it, its last water change, a nitrate test. */
final class FirstAnswerRequest extends FormRequest
{
    /** Least, most and an example, mm. */
    private const SIZES = ['outer_length' => [50.0, 5000.0, 600.0], 'outer_depth' => [50.0, 3000.0, 300.0], 'outer_height' => [50.0, 2000.0, 360.0]];

    protected function prepareForValidation(): void
    {
        UnreadableInput::dropLists($this, $this->rules());
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            ...array_map(fn(array $limits): array => ['required', $this->scale()->rule(...$limits)], self::SIZES),
            'animals' => ['required', Rule::enum(AnimalGroup::class)],
            'changed' => ['nullable', Rule::in(array_map(strval(...), array_keys((array) trans('guest.when'))))],
            'nitrate' => ['nullable', 'string', 'max:40'],
            'timezone' => ['nullable', 'timezone:all'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => __('said.write.needed'), 'animals' => __('said.choose.group'), 'changed' => __('said.choose.listed'),
            'nitrate' => __('said.text.letters'),
        ];
    }

    /** @return array<string, float> mm */
    public function sizes(): array
    {
        return array_map(
            fn(string $field): float => $this->scale()->parse($this->input($field)) ?? 0.0,
            array_combine(array_keys(self::SIZES), array_keys(self::SIZES)),
        );
    }

    public function animals(): AnimalGroup
    {
        return AnimalGroup::from((string) $this->string('animals'));
    }

    /** Days since the last water change; null where there was none or nobody knows. */
    public function daysSinceChange(): ?int
    {
        $said = $this->input('changed');

        return is_numeric($said) ? (int) $said : null;
    }

    private function scale(): Scale
    {
        return (new Keeper())->show()->sizes();
    }
}
