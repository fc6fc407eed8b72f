<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Data\ForecastRecord;
use App\Models\Checklist;
use App\Models\ChecklistStep;
use App\Models\EntryKind;
use App\Models\Keeper;
use App\Models\SourceWater;
use App\Models\Tank;
use App\Tanks\VesselQuery;
use App\Testing\RecordResults;
use App\WaterChange\AmountField;
use App\WaterChange\ChangeInput;
use App\WaterChange\ChangeReason;
use App\WaterChange\DraftChange;
use App\WaterChange\FinishStep;
use App\WaterChange\LogWaterChange;
use App\WaterChange\PastChange;
use App\WaterChange\SessionInput;
use App\WaterChange\WriteChecklist;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\ReadingPoint;
use Cresco\Core\Checklist\SwitchWork;
use Cresco\Core\Checklist\Task;
use Cresco\Core\Measure\Parameter;
use Illuminate\Support\Carbon;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Half a year of one demo tank: its true water goes from day to day, and what the keeper reads of it is written down. The
 * last changes go through checklists, as a keeper would do them.
 */
final class DemoLife
{
    /** Changes of each tank that are done by checklist. */
    private const SHEETS = 3;

    /** What is in the waters really, by parameter. */
    private const SOURCES = [
        'Mill Lane tap' => ['nitrate' => 7.5, 'general_hardness' => 8.8, 'carbonate_hardness' => 5.9, 'conductivity' => 388.0],
        'Rain barrel' => ['nitrate' => 1.5, 'general_hardness' => 0.5, 'carbonate_hardness' => 0.3, 'conductivity' => 24.0],
        'Shrimp store' => ['nitrate' => 0.0, 'general_hardness' => 4.9, 'carbonate_hardness' => 0.4, 'conductivity' => 212.0],
        'Harbour store' => ['nitrate' => 6.0, 'general_hardness' => 12.6, 'carbonate_hardness' => 9.8, 'conductivity' => 645.0],
    ];

    /** @var array<string, float> */
    private array $truth;

    private readonly Tank $tank;

    private readonly Randomizer $chance;

    /**
     * @param array{tank: array<string, mixed>, devices: array<string, list<int|null>>, start: array<string, float>, lastChange: int, events: list<array{int, string, string, string}>, jumps: array<int, array<string, float>>, drift: array<string, float>, readDays: list<int>, takenToday: bool, strongStore: array<string, float>} $life
     * @param array<string, SourceWater> $waters
     * @param CarbonImmutable      $now    while the demo is planted: its clock is turned back meanwhile
     */
    public function __construct(
        private readonly Keeper $keeper,
        private readonly array $life,
        private readonly array $waters,
        private readonly CarbonImmutable $today,
        private readonly int $days,
        private readonly CarbonImmutable $now,
    ) {
        $this->truth = $life['start'];
        $this->chance = new Randomizer(new Mt19937(crc32((string) json_encode($life['tank']['name'] ?? ''))));
        $tank = new Tank($life['tank'] + ['started_on' => $today->subDays($days + 60)]);
        $tank->keeper_id = $keeper->id;
        $tank->save();
        foreach ($life['devices'] as $kind => [$top, $bottom, $across]) {
            $tank->devices()->create(['kind' => $kind, 'top' => $top, 'bottom' => $bottom, 'across' => $across]);
        }
        $this->tank = $tank->fresh(['devices', 'keeper.kits', 'keeper.waters']) ?? $tank;
    }

    public function live(): void
    {
        $changes = [];
        for ($ago = $this->life['lastChange']; $ago <= $this->days; $ago += $this->tank->routine_days) {
            $changes[] = $ago;
        }
        $bySheet = array_slice($changes, 0, self::SHEETS);
        for ($ago = $this->days; $ago >= 0; --$ago) {
            $day = $this->today->subDays($ago);
            $this->passDay($ago);
            $isChange = in_array($ago, $changes, true);
            $sinceChange = $this->daysSince($changes, $ago);
            $isRead = in_array($sinceChange, $this->life['readDays'], true) || $isChange || ($ago === 0 && $this->life['takenToday']);
            if (in_array($ago, $bySheet, true)) {
                $this->changeBySheet($day, $ago);
            } else {
                if ($isRead) {
                    // Of a demo that is planted at night nothing lies ahead.
                    self::keepReadings(
                        $this->keeper,
                        $this->tank,
                        $this->typed($isChange),
                        $day->setTime($ago === 0 ? 7 : 17, $this->chance->getInt(0, 59))->min($this->now->subMinutes(5)),
                    );
                }
                if ($isChange) {
                    $this->changeByHabit($day);
                }
            }
            foreach ($this->life['events'] as [$when, $kind, $title, $body]) {
                if ($when === $ago) {
                    $this->write(EntryKind::from($kind), $title, $body, $day->setTime(20, $this->chance->getInt(0, 40)));
                }
            }
        }
    }

    /** @param array<string, string> $typed */
    public static function keepReadings(Keeper $keeper, Tank|SourceWater $of, array $typed, CarbonImmutable $at): void
    {
        $record = app(RecordResults::class);
        $record->keep($keeper, $of, $record->parse($keeper, $typed), $at->utc());
    }

    private function passDay(int $ago): void
    {
        $this->truth['nitrate'] += $this->tank->nitrate_per_day * (0.85 + 0.3 * $this->draw());
        foreach ($this->life['drift'] as $name => $rise) {
            $this->truth[$name] = max(0.2, $this->truth[$name] + $rise);
        }
        foreach ($this->life['jumps'][$ago] ?? [] as $name => $jump) {
            $this->truth[$name] = max(0.0, $this->truth[$name] + $jump);
        }
    }

    /** @param list<int> $changes */
    private function daysSince(array $changes, int $ago): int
    {
        $since = PHP_INT_MAX;
        foreach ($changes as $change) {
            if ($change >= $ago) {
                $since = min($since, $change - $ago);
            }
        }

        return $since;
    }

    private function changeByHabit(CarbonImmutable $day): void
    {
        $share = $this->tank->routine_share * (0.85 + 0.3 * $this->draw());
        $at = $day->setTime(18, $this->chance->getInt(10, 59));
        $this->at($at);
        $change = PastChange::of(
            $this->tank,
            $this->water(),
            $this->tank->second_source_water_id === null ? null : $this->waters['rain'],
            $this->tank->second_share,
            $share * VesselQuery::tank($this->tank)->litres(),
            $at->utc(),
        );
        $this->mix($share);
        app(LogWaterChange::class)(
            $this->keeper->id,
            $this->tank->id,
            null,
            $this->tank->second_source_water_id === null ? $this->tank->source_water_id : null,
            $change->source,
            $change->litres,
            $change->share,
            ForecastRecord::of($change->forecast),
            $at->utc(),
            sprintf('Changed about %d %%', round(100 * $share)),
            null,
        );
    }

    private function mix(float $share): void
    {
        foreach (array_keys($this->truth) as $name) {
            $source = $this->source($name);
            if ($source !== null) {
                $this->truth[$name] += $share * ($source - $this->truth[$name]);
            }
        }
    }

    private function source(string $name): ?float
    {
        $first = self::SOURCES[$this->water()->name][$name] ?? null;
        $second = $this->tank->second_source_water_id === null ? null : self::SOURCES['Rain barrel'][$name] ?? null;

        return $first === null || $second === null ? $first : $first + $this->tank->second_share * ($second - $first);
    }

    private function water(): SourceWater
    {
        return $this->keeper->waters->firstWhere('id', $this->tank->source_water_id) ?? $this->waters['tap'];
    }

    private function changeBySheet(CarbonImmutable $day, int $ago): void
    {
        $start = $day->setTime(17, $this->chance->getInt(5, 40));
        $this->at($start->subMinutes(25));
        self::keepReadings($this->keeper, $this->tank, $this->typed(true), $start->subMinutes(25));
        $input = new ChangeInput(
            ChangeReason::Routine,
            20.0,
            null,
            0.75,
            AmountField::Litres,
            null,
            1,
            $this->water(),
            $this->tank->second_source_water_id === null ? null : $this->waters['rain'],
            $this->tank->second_share,
            $this->tank->water_below_rim,
            $this->tank->warmth - 1.0,
        );
        $this->at($start);
        [$checklist] = app(WriteChecklist::class)(
            (new DraftChange())($this->tank, $input),
            SessionInput::plain(...($ago === $this->life['lastChange'] ? [Task::Glass, Task::Photo] : [Task::Glass, Task::Vacuum, Task::Media])),
        );
        $checklist->setRelation('tank', $this->tank);
        // Wren thinks of the work, and not of the wet floor after it.
        $checklist->update(['guessed_minutes' => 40]);
        $this->mix($checklist->plan->share);
        // In the middle one of the three the new water was not what it was read as: a forecast check with something to explain.
        foreach ($ago === $this->life['lastChange'] + $this->tank->routine_days ? $this->life['strongStore'] : [] as $name => $more) {
            $this->truth[$name] += $more;
        }
        $this->work($checklist, $start);
    }

    private function work(Checklist $checklist, CarbonImmutable $now): void
    {
        $finish = app(FinishStep::class);
        foreach ($checklist->steps()->get() as $step) {
            $content = $step->content;
            ChecklistStep::query()->whereKey($step->id)->update(['opened_at' => $now->utc()]);
            $now = $now->addMinutes(max(1, (int) round($content->minutes * (0.8 + 0.6 * $this->draw()))));
            $this->at($now);
            if ($content->switches === SwitchWork::On) {
                $checklist->switches()->whereNotNull('off_at')->update(['on_at' => $now->utc()]);
            }
            $typed = $content->moment === ReadingPoint::RightAfter ? $this->typed(true) : [];
            $finish(
                $this->keeper,
                $checklist->refresh(),
                $step,
                app(RecordResults::class)->parse($this->keeper, $typed),
                null,
                in_array($step->job, ['read', 'read_after'], true) && $typed === [],
            );
        }
    }

    /** @return array<string, string> what the keeper would write down */
    private function typed(bool $isFull): array
    {
        $typed = ['nitrate' => $this->onChart($this->truth['nitrate']), 'temperature' => sprintf(
            '%.1f',
            $this->truth['temperature'] + 0.3 * ($this->draw() - 0.5),
        )];
        if ($isFull) {
            $typed += [
                'general_hardness' => (string) max(1, (int) ceil($this->truth['general_hardness'])),
                'carbonate_hardness' => (string) max(1, (int) ceil($this->truth['carbonate_hardness'])),
                'ph' => sprintf('%.2f', $this->truth['ph'] + 0.1 * ($this->draw() - 0.5)),
                'conductivity' => sprintf('%d', round($this->truth['conductivity'] * (0.99 + 0.02 * $this->draw()))),
                'ammonium' => '0',
            ];
        }

        return $typed;
    }

    /** A colour between the fields of the chart, as an honest eye sees it. */
    private function onChart(float $truth): string
    {
        $fields = $this->keeper->coreKit(Parameter::Nitrate)->fields;
        $seen = max(0.0, $truth * (0.93 + 0.14 * $this->draw()));
        foreach ($fields as $i => $field) {
            if ($i > 0 && $seen < $field) {
                $low = $fields[$i - 1];
                $share = ($seen - $low) / ($field - $low);

                return match (true) {
                    $share < 0.12 => (string) $low,
                    $share < 0.38 => "$low-$field nearer $low",
                    $share < 0.62 => "$low-$field",
                    $share < 0.88 => "$low-$field nearer $field",
                    default => (string) $field,
                };
            }
        }

        return 'over '.end($fields);
    }

    private function write(EntryKind $kind, string $title, string $body, CarbonImmutable $at): void
    {
        $this->keeper->entries()->create([
            'tank_id' => $this->tank->id, 'kind' => $kind, 'title' => $title, 'body' => $body === '' ? null : $body, 'happened_at' => $at->utc(),
        ]);
    }

    private function at(CarbonImmutable $moment): void
    {
        CarbonImmutable::setTestNow($moment->utc());
        Carbon::setTestNow($moment->utc());
    }

    private function draw(): float
    {
        return $this->chance->getInt(0, 1_000_000) / 1_000_000;
    }
}
