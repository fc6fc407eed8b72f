<?php

declare(strict_types=1);

namespace App\View;

use App\Known\Evaporation;
use App\Known\Made;
use App\Known\PlantingOf;
use App\Known\TankWater;
use App\Known\VesselOf;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Cresco\Core\Change\CarriedOn;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Plants\StandDue;
use Cresco\Core\Working\Computation;

/** What becomes of a tank at which nobody does anything until a day. */
final readonly class Unattended
{
    /** @var list<array{text: string, beyond: bool, opens?: bool}> */
    public array $lines;

    public ?Computation $nitrate;

    public function __construct(public Tank $tank, public CarbonImmutable $until)
    {
        $show = $tank->keeper->show();
        $days = max(0, -$show->daysSinceDate($until));
        $water = TankWater::of($tank)->knowing(Made::of($tank));
        $lines = [];
        $now = $water->state()->get(Parameter::Nitrate);
        $limit = $tank->needs()->range(Parameter::Nitrate)[1] ?? null;
        $made = $water->made()->distribution();
        $this->nitrate = $now === null || $days === 0 ? null : CarriedOn::working('Nitrate on the day of return', $now, $made, (float) $days, $show->unit(Parameter::Nitrate));
        if ($now !== null) {
            $then = CarriedOn::now($now, $made, (float) $days);
            $lines[] = [
                'opens' => $this->nitrate !== null, 'text' => (string) __('helper.nobody.nitrate', ['value' => $show->band(Parameter::Nitrate, $then), 'limit' => $limit === null ? '' : (string) __('helper.nobody.limit', ['limit' => $show->limit(Parameter::Nitrate, $limit)])]),
                'beyond' => $limit !== null && $then->central() > $limit,
            ];
        }
        $lines[] = $this->level($days);
        $planting = PlantingOf::orNone($tank);
        $over = $planting === null ? [] : array_filter($planting->dues(), static fn(StandDue $due): bool => $due->due->middle() <= $days);
        if ($over !== []) {
            $lines[] = ['text' => trans_choice('helper.nobody.stands', count($over), ['count' => count($over)]), 'beyond' => false];
        }
        $this->lines = $lines;
    }

    /** @return array{text: string, beyond: bool} where the water stands then, and what comes dry */
    private function level(int $days): array
    {
        $show = $this->tank->keeper->show();
        $vessel = VesselOf::tank($this->tank);
        $litres = min(0.9 * $vessel->litres(), max(0.0, Evaporation::of($this->tank)->value) * $days);
        $mark = $vessel->markFor($litres);
        $dry = [];
        foreach (VesselOf::levels($this->tank) as $level) {
            if ($level->coverAt($mark) < 0.0) {
                $dry[] = mb_strtolower($level->name);
            }
        }

        return ['text' => (string) __('helper.nobody.level', ['litres' => $show->volume($litres, 1), 'fallen' => $show->level(max(0.0, $mark - $this->tank->water_below_rim))]).($dry === [] ? '' : ' '.__('helper.nobody.dry', ['what' => Words::list($dry)])), 'beyond' => $dry !== []];
    }
}
