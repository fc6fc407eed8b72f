<?php

declare(strict_types=1);

namespace App\View;

use App\Known\TankWater;
use App\Known\VesselOf;
use App\Models\Tank;
use App\Models\WaterChange;
use App\Units\Show;
use Carbon\CarbonImmutable;

/** The way through one tank: look, read, change, session, look back, each with its state in a line. */
final readonly class TankLoop
{
    /** @param list<LoopStop> $stops */
    private function __construct(public Tank $tank, public string $size, public array $stops) {}

    public static function of(Tank $tank, string $here, ?TankWater $water = null): self
    {
        $show = $tank->keeper->show();
        $vessel = VesselOf::tank($tank);
        $half = ($vessel->volumeDistribution()->quantile(0.9) - $vessel->volumeDistribution()->quantile(0.1)) / 2.0;
        $size = sprintf('%s ± %s net', $show->volumeNumber($vessel->litres()), $show->volume($half));
        $open = $tank->runs()->open()->first();
        $water ??= TankWater::of($tank);
        $last = $water->change;
        $newest = $water->newest();
        $base = '/tanks/'.$tank->id;

        return new self($tank, $size, [
            new LoopStop('look', 'Look', $base, 'section and levels', $here === 'look'),
            new LoopStop('read', 'Read', $base.'/read', $newest === null ? 'never read' : 'last '.$show->day($newest), $here === 'read'),
            new LoopStop('change', 'Change', $base.'/change', self::due($tank, $last, $show), $here === 'change'),
            new LoopStop('session', 'Session', $open === null ? $base.'/compose' : '/runs/'.$open->id, $open === null ? 'plan a session' : $open->progress(), $here === 'session'),
            new LoopStop('look-back', 'Look back', $base.'/look-back', $last === null ? 'nothing yet' : 'change of '.$show->day($last->changed_at), $here === 'look-back'),
            new LoopStop('diary', 'Diary', $base.'/diary', 'all that happened', $here === 'diary'),
        ]);
    }

    /** When the next change of the routine falls due, in words. */
    public static function due(Tank $tank, ?WaterChange $last, Show $show): string
    {
        if ($last === null) {
            return 'first change';
        }
        $days = self::daysUntilDue($tank, $last->changed_at, $show);

        return match (true) {
            $days < -1 => sprintf('change %d days late', -$days),
            $days === -1 => 'change due yesterday',
            $days === 0 => 'change due today',
            $days === 1 => 'change due tomorrow',
            default => sprintf('change in %d days', $days),
        };
    }

    /** Days of the keeper's calendar until the routine asks for the next change; negative when it is late. */
    public static function daysUntilDue(Tank $tank, CarbonImmutable $last, Show $show): int
    {
        return $tank->routine_days - $show->daysSince($last);
    }
}
