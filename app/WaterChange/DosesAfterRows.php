<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Models\Tank;
use App\Units\Show;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\Parameter;

/** What is given after a change, in the keeper's words. */
final readonly class DosesAfterRows
{
    public function __construct(private DosesAfterChange $of, private Tank $tank) {}

    /** @return list<array{amount: string, name: string, every: string}> */
    public function doses(): array
    {
        return array_map(fn(array $one): array => [
            'amount' => Show::joined(
                $one['feed']->unit === 'g'
                    ? Show::grams($one['each'], $this->tank->keeper->scale_step)
                    : Show::rounded($one['each'], $one['each'] < 10.0 ? 1 : 0),
                $one['feed']->unit,
            ),
            'name' => $one['feed']->name, 'every' => $one['every'] >= $this->tank->routine_days
                ? (string) __('food.after.once')
                : trans_choice('food.after.every', $one['every'], ['count' => $one['every']]),
        ], $this->of->doses);
    }

    /** @return list<array{key: string, name: string, after: string, aim: string, need: string}> each nutrient on its way */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->of->needs as $name => $need) {
            $nutrient = Parameter::from($name);
            $show = $this->tank->keeper->show();
            $rows[] = [
                'key' => $name, 'name' => label($nutrient), 'after' => $show->number($nutrient, $need->value('A')),
                'aim' => $show->number($nutrient, $need->value('L')),
                'need' => $need->value('D') <= 0.0 ? (string) __('food.after.nothing') : $show->value($nutrient, $need->value('D')),
            ];
        }

        return $rows;
    }

    public function says(): string
    {
        return (string) __('food.after.'.$this->of->reason());
    }

    public function working(string $nutrient): ?Computation
    {
        return $this->of->needs[$nutrient] ?? null;
    }
}
