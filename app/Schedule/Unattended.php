<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Models\Tank;
use App\Tanks\EvaporationQuery;
use App\Tanks\PlantModelQuery;
use App\Tanks\TankWaterQuery;
use App\Tanks\VesselQuery;
use App\View\Names;
use Carbon\CarbonImmutable;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Grade;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Plants\TrimDue;

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
        $water = TankWaterQuery::of($tank);
        $lines = [];
        $now = $water->state()->get(Parameter::Nitrate);
        $limit = $tank->needs()->range(Parameter::Nitrate)[1] ?? null;
        $made = $water->aDay();
        $this->nitrate = $now === null || $days === 0 ? null : self::onReturn($now, $made, $days, $show->unit(Parameter::Nitrate));
        if ($now !== null) {
            $unit = $show->unit(Parameter::Nitrate);
            $then = $this->nitrate === null ? $now : $this->nitrate->estimate()->scaled($unit->toBase(1.0) - $unit->toBase(0.0), $unit->toBase(0.0));
            $lines[] = [
                'opens' => $this->nitrate !== null, 'text' => (string) __(
                    'helper.nobody.nitrate',
                    ['value' => $show->band(Parameter::Nitrate, $then), 'limit' => $limit === null ? '' : (string) __(
                        'helper.nobody.limit',
                        ['limit' => $show->limit(Parameter::Nitrate, $limit)],
                    )],
                ),
                'beyond' => $limit !== null && $then->central() > $limit,
            ];
        }
        $lines[] = $this->level($days);
        $planting = PlantModelQuery::orNone($tank);
        $over = $planting === null ? [] : array_filter($planting->dues(), static fn(TrimDue $due): bool => $due->due->middle() <= $days);
        if ($over !== []) {
            $lines[] = ['text' => trans_choice('helper.nobody.stands', count($over), ['count' => count($over)]), 'beyond' => false];
        }
        $this->lines = $lines;
    }

    private static function onReturn(Distribution $now, NormalValue $made, int $days, Unit $unit): Computation
    {
        return Computation::of('unattended.title')
            ->given('now', 'unattended.now', $unit->distributionFromBase($now), $unit->label)
            ->constant(
                'made',
                'unattended.daily_rise',
                new NormalValue($unit->widthFromBase($made->central()), $unit->widthFromBase($made->spread())),
                $unit->label,
                'estimate_log_combined',
                Grade::Guess,
            )
            ->constant('d', 'unattended.days_until_then', $days, 'd', 'calendar', null)
            ->line('then = max(0, now + d * made)', 'unattended.as_it_should_then', $unit->label);
    }

    /** @return array{text: string, beyond: bool} where the water stands then, and what comes dry */
    private function level(int $days): array
    {
        $show = $this->tank->keeper->show();
        $vessel = VesselQuery::tank($this->tank);
        $litres = min(0.9 * $vessel->litres(), max(0.0, EvaporationQuery::of($this->tank)->value) * $days);
        $mark = $vessel->markFor($litres);
        $dry = [];
        foreach (VesselQuery::levels($this->tank) as $level) {
            if ($level->coverAt($mark) < 0.0) {
                $dry[] = mb_strtolower($level->name);
            }
        }

        return ['text' => (string) __(
            'helper.nobody.level',
            ['litres' => $show->volume($litres, 1), 'fallen' => $show->level(max(0.0, $mark - $this->tank->water_below_rim))],
        ).($dry === [] ? '' : ' '.__('helper.nobody.dry', ['what' => Names::list($dry)])), 'beyond' => $dry !== []];
    }
}
