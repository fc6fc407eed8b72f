<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Data\OwnEstimates;
use App\Units\Amount;
use App\Units\Show;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

/** Guesses that a keeper puts right. */
final class OwnFiguresRequest extends FormRequest
{
    /** @var array<string, float|null> */
    private array $figures = [];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['figures' => ['nullable', 'array', 'max:60']];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            foreach (array_keys(OwnEstimates::usual()) as $key) {
                // What was not sent stays as it is; what was sent empty goes back.
                if (!$this->has('figures.'.$key)) {
                    continue;
                }
                $typed = $this->input('figures.'.$key);
                if ($typed === null || $typed === '') {
                    $this->figures[$key] = null;
                    continue;
                }
                [$least, $most] = OwnEstimates::range($key);
                $value = is_string($typed) ? Amount::parse($typed) : null;
                if ($value === null || $value < $least || $value > $most) {
                    $validator->errors()->add(
                        'figures.'.$key,
                        (string) __('ledger.own.number', ['least' => Show::plain($least, 1), 'most' => Show::plain($most, 0)]),
                    );
                } else {
                    $this->figures[$key] = $value;
                }
            }
        }];
    }

    /** @return array<string, float|null> by key; null for what goes back to what Cresco begins with */
    public function figures(): array
    {
        return $this->figures;
    }
}
