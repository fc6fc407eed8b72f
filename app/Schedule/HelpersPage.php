<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Models\DosePlan;
use App\Models\Helper;
use App\Models\Keeper;
use App\Models\Tank;
use App\Tanks\EvaporationQuery;
use App\Units\Show;
use App\View\Names;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Illuminate\Database\Eloquent\Collection;

/** Going away: what becomes of each tank if nobody does anything, and what a helper is asked for one of them. */
final readonly class HelpersPage
{
    /** Days away when nobody said. House default. */
    private const DAYS = 14;

    /** Days between two top-offs by a helper. House default. */
    private const TOP_UP = 3;

    /** Rows of jobs in the form. */
    private const ROWS = 6;

    public Show $show;

    public CarbonImmutable $from;

    public CarbonImmutable $until;

    public function __construct(public Keeper $keeper, public ?Tank $tank)
    {
        $this->show = $keeper->show();
        $today = CarbonImmutable::now($keeper->timezone)->startOfDay();
        $away = $keeper->absences()->whereDate('until_day', '>=', $today->format('Y-m-d'))->first();
        $this->from = $away === null ? $today : CarbonImmutable::parse($away->from_day->format('Y-m-d'), $keeper->timezone);
        $this->until = $away === null ? $today->addDays(self::DAYS) : CarbonImmutable::parse($away->until_day->format('Y-m-d'), $keeper->timezone);
    }

    /** @return list<Unattended> */
    public function nobody(): array
    {
        return array_values($this->keeper->tanks->map(fn(Tank $tank): Unattended => new Unattended(
            $tank->setRelation('keeper', $this->keeper),
            $this->until,
        ))->all());
    }

    /** @return Collection<int, Helper> */
    public function helpers(): Collection
    {
        return $this->keeper->helpers()->with('tank', 'jobs.ticks')->limit(50)->get()
            ->each(fn(Helper $helper) => $helper->setRelation('keeper', $this->keeper));
    }

    /** @return list<array{text: string, caution: string, every: int}> what is asked of whoever helps at this tank, with some empty rows */
    public function proposed(): array
    {
        $jobs = [];
        if ($this->tank !== null) {
            $jobs[] = ['text' => (string) __('helper.proposed.look'), 'caution' => (string) __('helper.proposed.look_caution'), 'every' => 1];
            if (($this->tank->food_grams ?? 0.0) > 0.0) {
                // Half as often as the keeper feeds: who has never fed gives too much.
                $jobs[] = ['text' => (string) __(
                    'helper.proposed.feed',
                    ['grams' => Show::joined(Show::plain((float) $this->tank->food_grams, 2), 'g')],
                ), 'caution' => (string) __('helper.proposed.feed_caution'), 'every' => 2];
            }
            $litres = max(0.0, EvaporationQuery::of($this->tank)->value) * self::TOP_UP;
            $jobs[] = ['text' => (string) __(
                'helper.proposed.top_up',
                ['litres' => $this->show->volume($litres, 1)],
            ), 'caution' => (string) __('helper.proposed.top_up_caution'), 'every' => self::TOP_UP];
            foreach ($this->tank->dosePlans()->where('by_doser', false)->with('product')->limit(2)->get() as $plan) {
                $jobs[] = ['text' => self::dose($plan), 'caution' => (string) __('helper.proposed.dose_caution'), 'every' => max(1, $plan->every)];
            }
        }
        while (count($jobs) < self::ROWS) {
            $jobs[] = ['text' => '', 'caution' => '', 'every' => 1];
        }

        return $jobs;
    }

    /** Rows that are proposed; those after them are empty. */
    public function filled(): int
    {
        return count(array_filter($this->proposed(), static fn(array $job): bool => $job['text'] !== ''));
    }

    /** Whether something was typed in a row that was empty. */
    public function isMoreTyped(): bool
    {
        foreach (range($this->filled(), self::ROWS) as $row) {
            if (is_string(old('jobs.'.$row.'.text')) && old('jobs.'.$row.'.text') !== '') {
                return true;
            }
        }

        return false;
    }

    private static function dose(DosePlan $plan): string
    {
        return (string) __('helper.proposed.dose', ['dose' => Names::dose($plan->amount, $plan->product), 'name' => $plan->product->name]);
    }

    /** @return list<Parameter> that may be asked for */
    public function reads(): array
    {
        return Parameter::ofAnimals();
    }

    public function asked(Helper $helper): HelperPage
    {
        return new HelperPage($helper);
    }
}
