<?php

declare(strict_types=1);

namespace App\Problems;

use App\Models\PlantGroup;
use App\Models\Problem;
use App\Models\Tank;
use App\Tanks\TankWaterQuery;
use App\Units\Show;
use Cresco\Core\Diagnosis\AppearanceSigns;

/** What is being looked into in a tank, and where something new is begun. */
final readonly class ProblemsPage
{
    /** Ended ones that are listed. */
    private const ENDED = 20;

    public Show $show;

    public function __construct(public Tank $tank)
    {
        $this->show = $tank->keeper->show();
    }

    /** @return list<Problem> that are open */
    public function open(): array
    {
        return array_values($this->tank->problems()->open()->with(['plantGroup.plantKind', 'treatments'])->get()->all());
    }

    /** @return list<Problem> that have ended, the last first */
    public function ended(): array
    {
        return array_values($this->tank->problems()->whereNotNull('ended_at')->reorder()->orderByDesc('ended_at')->limit(self::ENDED)
            ->with('plantGroup.plantKind')->get()->all());
    }

    /** @return list<string> courses that have moved to another level, in words */
    public function moved(): array
    {
        $water = TankWaterQuery::of($this->tank);

        return array_map(
            fn(ChangePoint $moved): string => ChangePointWords::line($moved, $this->show),
            ChangeDetectionQuery::ofMany([$this->tank->id => $water], $this->show)[$this->tank->id],
        );
    }

    /** @return array<string, string> places by key */
    public function places(): array
    {
        $places = [];
        foreach (AppearanceSigns::all()['where']->options as $place) {
            $places[$place] = __('inquiry.places.'.$place);
        }

        return $places;
    }

    /** @return array<int, string> stands by id */
    public function plantGroups(): array
    {
        $plantGroups = [];
        foreach ($this->tank->plantGroups()->with('plantKind')->get() as $plantGroup) {
            $plantGroups[$plantGroup->id] = self::name($plantGroup);
        }

        return $plantGroups;
    }

    /** What comes next in one of them. */
    public function state(Problem $problem): string
    {
        $next = $problem->treatments->whereNull('checked_at')->sortBy('check_on')->first();

        return $next === null ? __('inquiry.opened', ['day' => $this->show->day($problem->opened_at)])
            : __('inquiry.remedies.'.$next->remedy->value.'.name').', '.__('inquiry.now.on', ['day' => $this->show->date($next->check_on)]);
    }

    private static function name(PlantGroup $plantGroup): string
    {
        return $plantGroup->toKind()->name.($plantGroup->note === null ? '' : ', '.mb_substr($plantGroup->note, 0, 40));
    }
}
