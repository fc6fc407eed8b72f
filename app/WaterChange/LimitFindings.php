<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Models\Tank;
use App\Units\Show;
use App\View\Finding;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Tank\SwimmingDepth;
use Cresco\Core\WaterChange\Forecast;

/** Where a change goes further than the animals stand: too wide a swing, too little depth. */
final class LimitFindings
{
    /**
     * @param float $mark    mm below the rim
     * @param float $allowed share of the water that keeps within the limits, 0 to 1
     *
     * @return list<Finding>
     */
    public static function of(Tank $tank, Forecast $forecast, float $mark, float $allowed, Show $show): array
    {
        $found = [];
        foreach (Parameter::ofTanks() as $parameter) {
            $outlook = $forecast->outlook($parameter);
            $most = $outlook->now === null ? null : $tank->needs()->swingLimits()->allowed($parameter, $outlook->now->central());
            $swing = (float) $outlook->swing();
            if ($most !== null && abs($swing) > $most * 1.001) {
                $found[] = new Finding(Finding::BEYOND, __(
                    'change.swing.head',
                    ['what' => label($parameter)],
                ), __($swing < 0 ? 'change.swing.down' : 'change.swing.up', [
                    'width' => $show->width($parameter, abs($swing)), 'most' => $show->width($parameter, $most), 'share' => $show->percent($allowed),
                ]));
            }
        }
        $depth = SwimmingDepth::at($forecast->plan->vessel, $mark);
        if ($tank->fish_height > 0.0 && $depth < SwimmingDepth::needed($tank->fish_height) - 0.5) {
            $found[] = new Finding(
                Finding::BEYOND,
                __('change.depth.head'),
                __('change.depth.why', ['depth' => $show->level($depth), 'needed' => $show->level(SwimmingDepth::needed($tank->fish_height))]),
            );
        }

        return $found;
    }
}
