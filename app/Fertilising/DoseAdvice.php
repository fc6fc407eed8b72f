<?php

declare(strict_types=1);

namespace App\Fertilising;

use App\Models\DosePlan;
use Cresco\Core\Fertilising\Fertiliser;
use Cresco\Core\Measure\Parameter;

/** What Cresco would give, and what held it back. */
final readonly class DoseAdvice
{
    /**
     * @param list<array{feed: Fertiliser, each: float, every: int}> $doses
     * @param list<Parameter>                                        $doubted nutrients whose last reading and estimate do not go together
     * @param list<Parameter>                                        $full    nutrients that stand at the top of their range, or would pass it
     * @param list<Fertiliser>                                       $labels  products that are held to what their label backs
     */
    public function __construct(public array $doses, public array $doubted = [], public array $full = [], public array $labels = []) {}

    /**
     * @param iterable<DosePlan> $plans of the tank
     *
     * @return list<DosePlan> those of products that the advice has no use for, one for each
     */
    public function ends(iterable $plans): array
    {
        $kept = array_map(static fn(array $one): string => $one['feed']->key, $this->doses);
        $ends = [];
        foreach ($plans as $plan) {
            if (!in_array((string) $plan->product_id, $kept, true)) {
                $ends[$plan->product_id] = $plan;
            }
        }

        return array_values($ends);
    }
}
