<?php

declare(strict_types=1);

namespace App\Problems;

use App\Models\Inquiry;
use App\Models\Stand;
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

    /** @return list<Inquiry> that are open */
    public function open(): array
    {
        return array_values($this->tank->inquiries()->open()->with(['stand.plantKind', 'treatments'])->get()->all());
    }

    /** @return list<Inquiry> that have ended, the last first */
    public function ended(): array
    {
        return array_values($this->tank->inquiries()->whereNotNull('ended_at')->reorder()->orderByDesc('ended_at')->limit(self::ENDED)->with('stand.plantKind')->get()->all());
    }

    /** @return list<string> courses that have moved to another level, in words */
    public function moved(): array
    {
        $water = TankWaterQuery::of($this->tank);

        return array_map(fn(ChangePoint $moved): string => ChangePointWords::line($moved, $this->show), ChangeDetectionQuery::ofMany([$this->tank->id => $water], $this->show)[$this->tank->id]);
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
    public function stands(): array
    {
        $stands = [];
        foreach ($this->tank->stands()->with('plantKind')->get() as $stand) {
            $stands[$stand->id] = self::name($stand);
        }

        return $stands;
    }

    /** What comes next in one of them. */
    public function state(Inquiry $inquiry): string
    {
        $next = $inquiry->treatments->whereNull('checked_at')->sortBy('check_on')->first();

        return $next === null ? __('inquiry.opened', ['day' => $this->show->day($inquiry->opened_at)])
            : __('inquiry.remedies.'.$next->remedy->value.'.name').', '.__('inquiry.now.on', ['day' => $this->show->date($next->check_on)]);
    }

    private static function name(Stand $stand): string
    {
        return $stand->toKind()->name.($stand->note === null ? '' : ', '.mb_substr($stand->note, 0, 40));
    }
}
