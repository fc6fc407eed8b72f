<?php

declare(strict_types=1);

namespace Cresco\Core\Checklist;

use Cresco\Core\Tank\DeviceKind;
use Cresco\Core\Tank\DeviceLevel;
use Cresco\Core\Tank\Needs;
use Cresco\Core\WaterChange\ChangePlan;

/** Work about to be done on one tank, with a water change or without: what decides which steps it has. */
final readonly class Session
{
    /** Steps that come again at each drain, in their order. */
    private const ROUND = ['drain', 'condition', 'minerals', 'refill'];

    /** @var list<Task> beside the change; without one, those that need none */
    public array $tasks;

    /**
     * @param ChangePlan            $plan         one that drains nothing stands for a session without a change
     * @param list<DeviceKind>      $devices      of the tank
     * @param list<DeviceLevel>     $levels       of those that hang in the water
     * @param float                 $mark         drain mark, mm below the rim
     * @param bool                  $usesTap      whether tap water goes in, alone, blended or in what was made up with it
     * @param bool                  $prepared     whether the new water is mixed from several or stands ready in a reservoir
     * @param list<Task>            $tasks
     * @param array<string, string> $schools      choices where practice differs
     * @param bool                  $addsMinerals whether minerals go straight into the tank with the refill
     */
    public function __construct(
        public ChangePlan $plan,
        public Needs $needs,
        public array $devices,
        public array $levels,
        public float $mark,
        public bool $usesTap,
        public bool $prepared,
        array $tasks = [],
        public array $schools = [],
        public bool $addsMinerals = false,
    ) {
        $this->tasks = array_values(array_filter($tasks, fn(Task $task): bool => $this->changesWater() || !$task->needsChange()));
    }

    public function changesWater(): bool
    {
        return $this->plan->drained > 0.0;
    }

    /** Whether new water runs in while the old runs out. */
    public function flows(): bool
    {
        return $this->changesWater() && $this->plan->isWhileFilling();
    }

    /** Whether hands or tools go into the water. */
    public function isWet(): bool
    {
        foreach ($this->tasks as $task) {
            if ($task->isWet()) {
                return true;
            }
        }

        return $this->changesWater();
    }

    /** @return list<FollowUpKind> small jobs that it leaves for later */
    public function after(): array
    {
        return array_values(array_filter(FollowUpKind::cases(), fn(FollowUpKind $job): bool => $job->isNeededAfter($this)));
    }

    public function has(DeviceKind ...$devices): bool
    {
        foreach ($this->devices as $device) {
            if (in_array($device, $devices, true)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<DeviceKind> that go off in it, and on again: all of them when hands go in, the lamp alone for its lens */
    public function switchList(): array
    {
        return array_values(array_filter(
            $this->devices,
            fn(DeviceKind $device): bool => $this->isWet() ? $device->goesOff() : $this->does(Task::CoverGlass) && $device === DeviceKind::Lamp,
        ));
    }

    public function isBareAtMark(DeviceKind $device): bool
    {
        foreach ($this->changesWater() ? $this->levels : [] as $level) {
            if ($level->device === $device && $level->coverAt($this->mark) < 0.0) {
                return true;
            }
        }

        return false;
    }

    public function keepsShrimp(): bool
    {
        return $this->needs->hasShrimp();
    }

    /** The keeper's choice where practice differs. */
    public function school(PracticeChoice $school): string
    {
        return $school->of($this->schools);
    }

    public function does(Task $task): bool
    {
        return in_array($task, $this->tasks, true);
    }

    /** The steps it needs, each once, sorted by the rules. */
    public function order(): StepOrder
    {
        return StepOrder::sorted(
            array_values(array_filter(StepCatalogue::steps(), fn(StepDefinition $job): bool => $job->isNeededIn($this))),
            OrderRules::of($this),
        );
    }

    /**
     * The steps as they are done: with several drains, water goes out and in again before the one that all work at low water
     * follows.
     *
     * @return list<StepDefinition>
     */
    public function jobs(?StepOrder $order = null): array
    {
        $jobs = [];
        $steps = ($order ?? $this->order())->jobs;
        $water = array_values(array_filter($steps, static fn(StepDefinition $job): bool => $job->atEachDrain));
        usort(
            $water,
            static fn(StepDefinition $a, StepDefinition $b): int => array_search($a->key, self::ROUND, true) <=> array_search($b->key, self::ROUND, true),
        );
        foreach ($steps as $job) {
            for ($round = 1; $job->key === 'drain' && $round < $this->plan->drains; ++$round) {
                $jobs = [...$jobs, ...$water];
            }
            $jobs[] = $job;
        }

        return $jobs;
    }

    /**
     * The cautions of a step, with those that only this session brings.
     *
     * @return list<Caution>
     */
    public function cautionsOf(StepDefinition $job): array
    {
        return array_values(array_filter($job->cautions, fn(Caution $caution): bool => match ($caution) {
            Caution::HotHeater => $this->has(DeviceKind::Heater),
            Caution::BareHeater => $this->isBareAtMark(DeviceKind::Heater),
            Caution::CarbonDioxide => $this->has(DeviceKind::CarbonDioxide),
            Caution::FilterStill => $this->has(DeviceKind::Canister),
            Caution::ColdJet => $this->usesTap && $this->plan->share() >= 0.3,
            Caution::HotTap => $this->usesTap && $this->keepsShrimp(),
            // At the drain they bite only when the tap runs meanwhile.
            Caution::Scald, Caution::BackSiphon => $this->usesTap && ($job->key !== 'drain' || $this->flows()),
            default => true,
        }));
    }
}
