<?php

declare(strict_types=1);

namespace App\Problems;

use App\Data\Phrase;
use App\Models\Treatment;
use Cresco\Core\Checklist\Task;
use Cresco\Core\Diagnosis\Remedy;

/** What a checklist says of treatments that its steps serve. */
final class TreatmentWords
{
    /**
     * @param list<Treatment> $treatments that are under way
     *
     * @return list<Phrase> lines for the steps of a task
     */
    public static function lines(array $treatments, Task $task): array
    {
        $lines = [];
        foreach ($treatments as $treatment) {
            if (!in_array($task, TreatmentsQuery::tasksOf($treatment), true)) {
                continue;
            }
            $what = ProblemWords::title($treatment->problem);
            if ($treatment->remedy !== Remedy::Hand) {
                $lines[] = Phrase::of('inquiry.step', ['what' => $what, 'how' => Phrase::of('inquiry.remedies.'.$treatment->remedy->value.'.name')]);
                continue;
            }
            foreach (TreatmentsQuery::techniques($treatment) as $technique) {
                if ($technique->task() === $task) {
                    $lines[] = Phrase::of('inquiry.step', ['what' => $what, 'how' => Phrase::of('inquiry.techniques.'.$technique->value)]);
                }
            }
            if ($treatment->problem->kind === 'cyanobacteria') {
                $lines[] = Phrase::of('inquiry.cautions.gloves');
            }
        }

        return array_values(array_unique($lines, SORT_REGULAR));
    }
}
