<?php

declare(strict_types=1);

namespace App\Account;

use App\Data\OwnEstimates;
use App\Models\Chore;
use App\Models\Keeper;
use App\Models\LearningReset;
use App\Models\MeterTrial;
use App\Models\Tank;
use App\Tanks\ChoresQuery;
use App\Tanks\EvaporationQuery;
use App\Tanks\LevelsQuery;
use App\Tanks\StepMinutesQuery;
use App\Tanks\TasksDoneQuery;
use App\Units\Show;
use App\View\JobWords;
use App\Words\StepWords;
use Cresco\Core\Checklist\Minutes;
use Cresco\Core\Checklist\StepCatalogue;
use Cresco\Core\Checklist\StepDefinition;
use Cresco\Core\Checklist\Task;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Mixing\MeterFactor;
use Cresco\Core\Mixing\MixingFault;
use Cresco\Core\State\Posterior;

/** What is assumed, and what of it this keeper's log has replaced. */
final readonly class EstimatesPage
{
    private Show $show;

    public function __construct(private Keeper $keeper)
    {
        $this->show = $keeper->show();
    }

    /** @return array<string, list<LedgerEntry>> by room */
    public function rooms(): array
    {
        $rooms = [];
        foreach (Ledger::entries() as $entry) {
            $rooms[$entry->room][] = $entry;
        }

        return $rooms;
    }

    /** @return list<ReplacedEstimate> */
    public function replaced(): array
    {
        return [...$this->tanks(), ...$this->work(), ...$this->spoons(), ...$this->membranes(), ...$this->pen()];
    }

    /** @return list<ReplacedEstimate> */
    private function tanks(): array
    {
        $rows = [];
        $tanks = $this->keeper->tanks()->with('topOffs')->orderBy('name')->get()->each(fn(Tank $tank): Tank => $tank->setRelation('keeper', $this->keeper));
        foreach (LevelsQuery::ofMany($tanks) as $id => $courses) {
            $tank = $tanks->firstWhere('id', $id);
            $courses->find(Parameter::balanced());
            foreach (Parameter::balanced() as $parameter) {
                $made = $courses->made($parameter);
                if ($tank === null || $made->count < 2 || !$courses->counts($parameter)) {
                    continue;
                }
                $rows[] = new ReplacedEstimate(
                    self::made($parameter, $tank->name),
                    $this->show->rate($parameter, $made->prior->central(), 1.2816 * $made->prior->spread()),
                    $this->show->rate($parameter, $made->value, $made->halfWidth()),
                    self::from('readings', $made),
                    '/tanks/'.$id.'/targets#made',
                    LearningReset::MADE.$parameter->value,
                    $id,
                );
            }
            $learned = $tank === null ? null : EvaporationQuery::of($tank);
            if ($tank !== null && $learned !== null && $learned->count > 0) {
                $rows[] = new ReplacedEstimate(
                    __('ledger.replaced.evaporation', ['tank' => $tank->name]),
                    $this->show->volume($learned->prior->central(), 2),
                    $this->show->volume($learned->value, 2).' ± '.$this->show->volume($learned->halfWidth(), 2),
                    self::from('top_offs', $learned),
                    '/tanks/'.$id.'/top-off',
                    LearningReset::EVAPORATION,
                    $id,
                );
            }
        }

        return $rows;
    }

    /** What went into a figure, and what was set aside. */
    private static function from(string $kind, Posterior $learned): string
    {
        return trans_choice('ledger.replaced.'.$kind, $learned->count, ['count' => $learned->count]).trans_choice(
            'ledger.aside_short',
            count($learned->aside),
            ['count' => count($learned->aside)],
        );
    }

    /** @return list<ReplacedEstimate> how often work comes again, and how long its steps take */
    private function work(): array
    {
        $rows = [];
        $names = $this->keeper->tanks()->orderBy('name')->pluck('name', 'id')->map(static fn(mixed $name): string => is_string($name) ? $name : '')->all();
        $ids = array_map(intval(...), array_keys($names));
        $own = $this->keeper->figures;
        $every = TasksDoneQuery::intervals($ids, $own);
        $taken = StepMinutesQuery::of($ids);
        $usual = array_column(
            array_map(
                static fn(StepDefinition $job): array => [$job->key, $job->minutes],
                array_filter(StepCatalogue::steps(), static fn(StepDefinition $job): bool => $job->timerMinutes === null),
            ),
            1,
            0,
        );
        foreach ($names as $id => $name) {
            foreach ($every[$id] ?? [] as $task => $interval) {
                $rows[] = new ReplacedEstimate(
                    __('ledger.replaced.often', ['task' => StepWords::task(Task::from($task)), 'tank' => $name]),
                    trans_choice('week.every', $interval->usual, ['count' => $interval->usual]),
                    trans_choice('week.every', $interval->days(), ['count' => $interval->days()]),
                    self::from('turns', $interval->log),
                    '/tasks',
                    LearningReset::OFTEN.$task,
                    $id,
                );
            }
            $steps = array_intersect_key($taken->at($id), $usual);
            if ($steps !== []) {
                $guess = array_sum(array_intersect_key($usual, $steps));
                $yours = array_sum(array_map(static fn(string $job, array $list): int => Minutes::learned($usual[$job], $list), array_keys($steps), $steps));
                $sessions = max(array_map(count(...), $steps));
                $rows[] = new ReplacedEstimate(
                    trans_choice('ledger.replaced.minutes', count($steps), ['tank' => $name, 'count' => count($steps)]),
                    Show::minutes($guess),
                    Show::minutes($yours),
                    trans_choice('ledger.replaced.sessions', $sessions, ['count' => $sessions]),
                    '/tanks/'.$id.'/maintenance',
                    LearningReset::MINUTES,
                    $id,
                );
            }
        }

        foreach (ChoresQuery::of($this->keeper) as $chore) {
            $interval = ChoresQuery::interval($chore);
            if ($interval->count() > 0) {
                $rows[] = new ReplacedEstimate(
                    $this->job($chore),
                    trans_choice('week.every', $interval->usual, ['count' => $interval->usual]),
                    trans_choice('week.every', $interval->days(), ['count' => $interval->days()]),
                    self::from('turns', $interval->log),
                    '/tasks',
                    LearningReset::TURNS.$chore->id,
                );
            }
        }

        return $rows;
    }

    private function job(Chore $chore): string
    {
        return (string) __(
            'ledger.replaced.often',
            ['task' => $chore->name ?? JobWords::kind($chore->kind), 'tank' => $chore->tank->name ?? __('week.at_home')],
        );
    }

    /** @return list<ReplacedEstimate> */
    private function spoons(): array
    {
        $rows = [];
        foreach ($this->keeper->products()->with('trials')->orderBy('name')->get() as $product) {
            $spoon = $product->spoon();
            if ($spoon !== null) {
                $rows[] = new ReplacedEstimate(
                    __('ledger.replaced.spoon', ['jar' => $product->name]),
                    __('ledger.replaced.nothing'),
                    sprintf('%.2f ± %.2f g', $spoon->mean, $spoon->spread),
                    trans_choice(
                        'ledger.replaced.trials',
                        $spoon->trials,
                        ['count' => $spoon->trials],
                    ).trans_choice('ledger.aside_short', $spoon->aside, ['count' => $spoon->aside]),
                    '/products/'.$product->id.'/spoon',
                    LearningReset::SPOON,
                    null,
                    $product->id,
                );
            }
        }

        return $rows;
    }

    /** @return list<ReplacedEstimate> rejection of membranes; a new one is noted at its reservoir, which begins again by itself */
    private function membranes(): array
    {
        $rows = [];
        foreach ($this->keeper->reservoirs()->with('rejections')->orderBy('name')->get() as $reservoir) {
            $membrane = $reservoir->membrane();
            if ($membrane !== null) {
                $rows[] = new ReplacedEstimate(
                    __('ledger.replaced.membrane', ['store' => $reservoir->name]),
                    sprintf('%.1f ± %.1f %%', 100.0 * $membrane->held->prior->central(), 128.16 * $membrane->held->prior->spread()),
                    sprintf('%.1f ± %.1f %%', 100.0 * $membrane->now, 100.0 * $membrane->held->halfWidth()),
                    self::from('readings', $membrane->held),
                    '/ro-reservoirs/'.$reservoir->id,
                    null,
                );
            }
        }

        return $rows;
    }

    /** @return list<ReplacedEstimate> */
    private function pen(): array
    {
        $pairs = array_values($this->keeper->meterTrials()->get()->map(static fn(MeterTrial $trial): array => [$trial->shown, $trial->known])->all());
        try {
            $learned = $pairs === [] ? null : MeterFactor::learned($pairs, $this->keeper->pen_factor);
        } catch (MixingFault) {
            $learned = null;
        }

        return $learned === null
            ? []
            : [new ReplacedEstimate(
                __('ledger.replaced.pen'),
                Show::plain($this->keeper->pen_factor, 3),
                sprintf('%.3f ± %.3f', $learned->factor, $learned->spread),
                trans_choice('ledger.replaced.pairs', $learned->pairs, ['count' => $learned->pairs]),
                '/pen',
                LearningReset::PEN,
            )];
    }

    /** @return list<array{int, string, string}> figures that are learned again: number, what, since when */
    public function anew(): array
    {
        return array_values($this->keeper->learningResets()->with(['tank', 'product'])->orderByDesc('since')->orderByDesc('id')->get()
            ->map(fn(LearningReset $start): array => [
                $start->id, $this->name($start), $this->show->when($start->since),
            ])->all());
    }

    private function name(LearningReset $start): string
    {
        $tank = $start->tank->name ?? '';

        return match (true) {
            str_starts_with($start->what, LearningReset::MADE) => self::made(Parameter::from(substr($start->what, strlen(LearningReset::MADE))), $tank),
            str_starts_with($start->what, LearningReset::OFTEN) => (string) __(
                'ledger.replaced.often',
                ['tank' => $tank, 'task' => ($task = Task::tryFrom(substr($start->what, strlen(LearningReset::OFTEN)))) === null ? '' : StepWords::task($task)],
            ),
            str_starts_with($start->what, LearningReset::TURNS) => ($chore = Chore::query()->where('keeper_id', $this->keeper->id)
                ->find((int) substr($start->what, strlen(LearningReset::TURNS)))) === null
                ? (string) __('ledger.anew.gone')
                : $this->job($chore),
            default => (string) __('ledger.anew.'.$start->what, ['tank' => $tank, 'jar' => $start->product->name ?? '']),
        };
    }

    private static function made(Parameter $parameter, string $tank): string
    {
        return $parameter === Parameter::Nitrate
            ? (string) __('ledger.replaced.nitrate', ['tank' => $tank])
            : (string) __('ledger.replaced.moves', ['what' => label($parameter), 'tank' => $tank]);
    }

    /** @return list<array{task: string, label: string, days: string, minutes: string, usual: string}> work of sessions, with what it begins with */
    public function own(): array
    {
        $own = $this->keeper->figures;
        $rows = [];
        foreach (OwnEstimates::kinds() as $kind) {
            $task = Task::from((string) $kind->task);
            $rows[] = [
                'task' => $task->value, 'label' => StepWords::task($task), 'days' => Show::plain($own->get($task->value.'.days'), 0),
                'minutes' => Show::plain($own->get($task->value.'.minutes'), 0),
                'usual' => __('ledger.own.usual', ['days' => $kind->days, 'minutes' => $kind->minutes]),
            ];
        }

        return $rows;
    }

    /** @return list<array{key: string, label: string, value: string, unit: string, help: string}> */
    public function single(): array
    {
        $own = $this->keeper->figures;

        return array_map(
            static fn(string $key, string $unit): array => ['key' => $key, 'label' => __('ledger.own.'
                .$key), 'value' => Show::plain($own->get($key), 1), 'unit' => $unit, 'help' => __(
                    'ledger.own.begins',
                    ['value' => Show::plain(OwnEstimates::usual()[$key], 1), 'unit' => $unit],
                )],
            ['between', 'before', 'evaporation'],
            ['min', 'h', 'mm'],
        );
    }
}
