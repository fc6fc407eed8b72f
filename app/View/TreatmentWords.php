<?php

declare(strict_types=1);

namespace App\View;

use App\Kept\Phrase;
use App\Known\TreatmentsOf;
use App\Models\Treatment;
use Cresco\Core\Algae\Remedy;
use Cresco\Core\Work\Task;

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
            if (!in_array($task, TreatmentsOf::tasksOf($treatment), true)) {
                continue;
            }
            $what = InquiryWords::title($treatment->inquiry);
            if ($treatment->remedy !== Remedy::Hand) {
                $lines[] = Phrase::of('inquiry.step', ['what' => $what, 'how' => Phrase::of('inquiry.remedies.'.$treatment->remedy->value.'.name')]);
                continue;
            }
            foreach (TreatmentsOf::techniques($treatment) as $technique) {
                if ($technique->task() === $task) {
                    $lines[] = Phrase::of('inquiry.step', ['what' => $what, 'how' => Phrase::of('inquiry.techniques.'.$technique->value)]);
                }
            }
            if ($treatment->inquiry->kind === 'cyanobacteria') {
                $lines[] = Phrase::of('inquiry.cautions.gloves');
            }
        }

        return array_values(array_unique($lines, SORT_REGULAR));
    }
}
