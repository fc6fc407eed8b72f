<?php

declare(strict_types=1);

namespace App\Testing;

use App\Data\Phrase;
use App\Models\ChecklistStep;
use App\Models\Entry;
use App\Models\EntryKind;
use App\Models\Keeper;
use App\Models\Reading as ReadingRecord;
use App\Models\SourceWater;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\ReadingPoint;
use Cresco\Core\Measure\MeasureFault;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\TestResult;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Keeps a set of readings of one water, taken together, as one entry of the log. */
final class RecordResults
{
    /**
     * Reads what was typed with the keeper's kits.
     *
     * @param array<mixed>         $typed by parameter value; empty ones are left out
     * @param CarbonImmutable|null $at    when it was read; now when not said
     *
     * @return array<string, TestResult>
     *
     * @throws ValidationException with a message at each field that is not a reading
     */
    public function parse(Keeper $keeper, array $typed, ?CarbonImmutable $at = null): array
    {
        $readings = [];
        $messages = [];
        foreach (Parameter::cases() as $parameter) {
            $text = $typed[$parameter->value] ?? '';
            if (!is_string($text)) {
                $messages['readings.'.$parameter->value] = say(MeasureFault::unreadable('…'));
                continue;
            }
            if (trim($text) === '') {
                continue;
            }
            try {
                $readings[$parameter->value] = $keeper->coreKit($parameter, $at)->read($text);
            } catch (MeasureFault $fault) {
                $messages['readings.'.$parameter->value] = say($fault);
            }
        }
        if ($messages !== []) {
            throw ValidationException::withMessages($messages);
        }

        return $readings;
    }

    /**
     * Keeps a set of readings of a tank or of a source.
     *
     * @param array<string, TestResult> $readings
     *
     * @return Entry|null null when there was nothing to keep
     */
    public function keep(Keeper $keeper, Tank|SourceWater $of, array $readings, CarbonImmutable $takenAt, ?string $note = null): ?Entry
    {
        $owner = $of instanceof Tank ? ['tank_id' => $of->id] : ['source_water_id' => $of->id];

        return $this->write($keeper, $owner, $owner, Phrase::of('run.entry.read', ['name' => $of->name]), $readings, $takenAt, $note, null);
    }

    /**
     * Keeps what was read in a step of a checklist; a reading that the step already holds stays as it was. What is read of
     * the new water is the source's own only if that source goes in alone and untempered: a blend, and the temperature of the
     * stream, belong to the session.
     *
     * @param array<string, TestResult> $readings
     */
    public function keepInStep(Keeper $keeper, Tank $tank, ?SourceWater $source, array $readings, CarbonImmutable $takenAt, ChecklistStep $step): void
    {
        $ofTank = $step->content->moment !== ReadingPoint::NewWater;
        DB::transaction(function () use ($keeper, $tank, $source, $readings, $takenAt, $step, $ofTank): void {
            $held = $step->readings()->get()->map(static fn(ReadingRecord $reading): string => $reading->parameter->value)->all();
            $readings = array_diff_key($readings, array_flip($held));
            if ($ofTank) {
                $title = Phrase::of($step->job === 'read_after' ? 'run.entry.read_after' : 'run.entry.read_before', ['tank' => $tank->name]);
                $this->write($keeper, ['tank_id' => $tank->id], ['tank_id' => $tank->id], $title, $readings, $takenAt, null, $step);

                return;
            }
            $stream = array_filter($readings, static fn(TestResult $reading): bool => $source === null || $reading->parameter === Parameter::Temperature);
            $this->write($keeper, ['tank_id' => $tank->id], [], Phrase::of('run.entry.read_new', ['tank' => $tank->name]), $stream, $takenAt, null, $step);
            if ($source !== null) {
                $owner = ['source_water_id' => $source->id];
                $this->write(
                    $keeper,
                    $owner,
                    $owner,
                    Phrase::of('run.entry.read_during', ['name' => $source->name]),
                    array_diff_key($readings, $stream),
                    $takenAt,
                    null,
                    $step,
                );
            }
        });
    }

    /**
     * @param array<string, int>        $entryOf   whose log it stands in
     * @param array<string, int>        $readingOf whose water it is; nothing for water that belongs to a session alone
     * @param array<string, TestResult> $readings
     */
    private function write(Keeper $keeper, array $entryOf, array $readingOf, Phrase $title, array $readings, CarbonImmutable $takenAt, ?string $note, ?ChecklistStep $step): ?Entry
    {
        if ($readings === []) {
            return null;
        }

        return DB::transaction(function () use ($keeper, $entryOf, $readingOf, $title, $readings, $takenAt, $note, $step): Entry {
            $entry = $keeper->entries()->create($entryOf + [
                'kind' => EntryKind::Reading, 'title' => $title, 'body' => $note, 'happened_at' => $takenAt, 'checklist_id' => $step?->checklist_id,
            ]);
            foreach ($readings as $reading) {
                $entry->readings()->create($readingOf + [
                    'checklist_step_id' => $step?->id,
                    'parameter' => $reading->parameter,
                    'method' => $reading->method,
                    'value' => $reading->value,
                    'low' => $reading->low,
                    'high' => $reading->high,
                    'taken_at' => $takenAt,
                ]);
            }

            return $entry;
        });
    }
}
