<?php

declare(strict_types=1);

namespace App\Plants;

use App\Models\PlantGroup;
use App\Units\Show;
use Cresco\Core\Planning\JobKey;
use Cresco\Core\Planning\JobKinds;
use Cresco\Core\Planning\JobType;
use Cresco\Core\Planning\UpcomingJob;
use Cresco\Core\Planning\Urgency;
use Cresco\Core\Plants\Emersed;

/** Leaves grown in air that die back under water. */
final class MeltingQuery
{
    /**
     * Plant groups whose leaves die back, and when they are to be looked through.
     *
     * @param list<int> $tanks
     *
     * @return list<UpcomingJob>
     */
    public static function tanks(array $tanks, Show $show): array
    {
        $jobs = [];
        foreach (PlantGroup::query()->settling()->whereIn('tank_id', $tanks)->with('plantKind')->orderBy('id')->get() as $plantGroup) {
            $planted = $plantGroup->planted_on === null ? 0 : max(0, $show->daysSinceDate($plantGroup->planted_on));
            $due = Emersed::due($planted, $plantGroup->melted_at === null ? $planted : max(0, $show->daysSince($plantGroup->melted_at)));
            if ($due !== null) {
                // They are looked after every other day for six weeks: the next time is said, the rest would fill the page.
                $jobs[] = new UpcomingJob(
                    new JobKey(JobType::Melt, $plantGroup->tank_id, (string) $plantGroup->id),
                    $due,
                    $due->isNow() ? Urgency::Due : Urgency::Ahead,
                    JobKinds::of('melt'),
                    name: $plantGroup->toKind()->name,
                    of: $plantGroup->id,
                );
            }
        }

        return $jobs;
    }
}
