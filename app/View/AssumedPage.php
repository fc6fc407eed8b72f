<?php

declare(strict_types=1);

namespace App\View;

use App\Known\Made;
use App\Known\VesselOf;
use App\Models\Keeper;
use App\Models\PenTrial;
use App\Units\Show;
use Cresco\Core\Change\Creep;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Recipe\PenFactor;
use Cresco\Core\Recipe\RecipeFault;

/** What is assumed, and what of it this keeper's diary has replaced. */
final readonly class AssumedPage
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

    /** @return list<array{string, string, string, string, string}> what, the guess, what it has become, from what, and where it stands */
    public function replaced(): array
    {
        return [...$this->tanks(), ...$this->spoons(), ...$this->pen()];
    }

    /** @return list<array{string, string, string, string, string}> */
    private function tanks(): array
    {
        $rows = [];
        $tanks = $this->keeper->tanks()->with('topUps')->orderBy('name')->get();
        foreach (Made::ofMany($tanks) as $id => $all) {
            $tank = $tanks->firstWhere('id', $id);
            foreach ($all as $name => $made) {
                $parameter = Parameter::from($name);
                if ($tank === null || $made->count === 0 || !Made::counts($tank, $parameter, $made)) {
                    continue;
                }
                $rows[] = [
                    $parameter === Parameter::Nitrate ? __('ledger.replaced.nitrate', ['tank' => $tank->name]) : __('ledger.replaced.moves', ['what' => $parameter->label(), 'tank' => $tank->name]),
                    $this->show->rate($parameter, $made->prior->central(), 1.2816 * $made->prior->spread()), $this->show->rate($parameter, $made->value, $made->halfWidth()),
                    trans_choice('ledger.replaced.readings', $made->count, ['count' => $made->count]), '/tanks/'.$id.'/needs#made',
                ];
            }
            if ($tank !== null && $tank->topUps->count() > 1) {
                $surface = VesselOf::tank($tank)->area() / 100.0;
                $learned = Creep::learned($surface, $tank->topUpsSeen());
                $rows[] = [
                    __('ledger.replaced.evaporation', ['tank' => $tank->name]), $this->show->volume($learned->prior->central(), 2), $this->show->volume($learned->value, 2).' ± '.$this->show->volume($learned->halfWidth(), 2),
                    trans_choice('ledger.replaced.top_ups', $learned->count, ['count' => $learned->count]), '/tanks/'.$id.'/top-up',
                ];
            }
        }

        return $rows;
    }

    /** @return list<array{string, string, string, string, string}> */
    private function spoons(): array
    {
        $rows = [];
        foreach ($this->keeper->jars()->with('trials')->orderBy('name')->get() as $jar) {
            $spoon = $jar->spoon();
            if ($spoon !== null) {
                $count = $jar->trials->count();
                $rows[] = [__('ledger.replaced.spoon', ['jar' => $jar->name]), __('ledger.replaced.nothing'), sprintf('%.2f ± %.2f g', $spoon->mean, $spoon->spread), trans_choice('ledger.replaced.trials', $count, ['count' => $count]), '/jars/'.$jar->id.'/spoon'];
            }
        }

        return $rows;
    }

    /** @return list<array{string, string, string, string, string}> */
    private function pen(): array
    {
        $pairs = array_values($this->keeper->penTrials()->get()->map(static fn(PenTrial $trial): array => [$trial->shown, $trial->known])->all());
        try {
            $learned = $pairs === [] ? null : PenFactor::learned($pairs, $this->keeper->pen_factor);
        } catch (RecipeFault) {
            $learned = null;
        }

        return $learned === null ? [] : [[__('ledger.replaced.pen'), Show::plain($this->keeper->pen_factor, 3), sprintf('%.3f ± %.3f', $learned->factor, $learned->spread), trans_choice('ledger.replaced.pairs', $learned->pairs, ['count' => $learned->pairs]), '/pen']];
    }
}
