<?php

declare(strict_types=1);

namespace App\Known;

use App\Models\Stand;
use App\Models\StandLook;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Plants\Canopy;
use Cresco\Core\Plants\Growth;
use Cresco\Core\Plants\Kind;
use Cresco\Core\Plants\LearnedRate;
use Cresco\Core\Plants\Planting;
use Cresco\Core\Plants\Stand as CoreStand;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** The stands of a tank as they are today, or were on a day: from where they were last looked at, grown on since. */
final class PlantingOf
{
    /** All that a planting is made of. */
    public const WITH = ['stands.plantKind', 'stands.latestLook', 'lamps', 'lightReadings', 'devices'];

    /** Days after planting in which nothing grows. House default. */
    private const SETTLES = 10.0;

    /** Days after a cut by more than half in which nothing grows. House default. */
    private const RECOVERS = 7.0;

    /** Height of a stand that nobody has measured, as a share of its ceiling, at most mm, and by which share it may be off. House defaults. */
    private const UNSEEN = [0.35, 100.0, 0.5];

    /** What a height that was guessed is off by, as a share of it, a standard deviation. House default. */
    private const GUESSED = 0.15;

    /** Changes with the way in which a rate is learned. */
    private const VERSION = 1;

    /** The planting of a tank that has plants; null for one without. */
    public static function orNone(Tank $tank): ?Planting
    {
        return $tank->loadMissing('stands')->stands->isEmpty() ? null : self::tank($tank);
    }

    public static function tank(Tank $tank, ?CarbonImmutable $at = null): Planting
    {
        $tank->loadMissing(self::WITH);
        $light = LightOf::tank($tank);
        $vessel = VesselOf::tank($tank);
        $bare = new Planting([], $light, $vessel->waterHeight(), $vessel->bed);
        $now = $at ?? CarbonImmutable::now();
        $stands = $tank->stands->filter(static fn(Stand $stand): bool => $at === null || $stand->planted_on === null || $stand->planted_on->lessThanOrEqualTo($at));
        $looks = $at === null ? [] : self::looksAt($stands, $at);
        $isGas = LightOf::carbonDioxide($tank) >= Growth::IS_GAS;
        $given = [];
        foreach ($stands as $stand) {
            $look = $at === null ? $stand->latestLook : $looks[$stand->id] ?? null;
            $given[$stand->id] = self::given($stand, $look, $bare, $now, $isGas);
        }
        $usual = self::usual($tank, $stands, $given, $bare);
        $core = [];
        foreach ($stands as $stand) {
            $core[] = self::grown($given[$stand->id], $usual[$stand->id]);
        }

        return new Planting($core, $light, $vessel->waterHeight(), $vessel->bed);
    }

    /** What a stand would be that is not kept yet. */
    public static function draft(Stand $stand, float $height, Tank $tank): CoreStand
    {
        $tank->loadMissing(self::WITH);
        $vessel = VesselOf::tank($tank);
        $bare = new Planting([], LightOf::tank($tank), $vessel->waterHeight(), $vessel->bed);
        $look = new StandLook(['height' => $height, 'cover' => 1.0, 'happened_at' => CarbonImmutable::now(), 'guessed' => false]);
        $given = self::given($stand, $look, $bare, CarbonImmutable::now(), false);

        return self::grown($given, LearnedRate::guess(max(0.3, $given['kind']->usualRate())));
    }

    /**
     * @param Collection<int, Stand> $stands
     *
     * @return array<int, StandLook> the last before a day, by stand
     */
    private static function looksAt(Collection $stands, CarbonImmutable $at): array
    {
        $last = StandLook::query()->selectRaw('max(happened_at) as at, stand_id')->whereIn('stand_id', $stands->modelKeys())->where('happened_at', '<=', $at->utc())->groupBy('stand_id');
        $looks = [];
        foreach (StandLook::query()->joinSub($last, 'last', static fn(JoinClause $join) => $join->on('last.stand_id', '=', 'stand_looks.stand_id')->on('last.at', '=', 'stand_looks.happened_at'))->orderBy('stand_looks.id')->get('stand_looks.*') as $look) {
            $looks[$look->stand_id] = $look;
        }

        return $looks;
    }

    /**
     * What is known of a stand beside its rate.
     *
     * @return array{stand: Stand, kind: Kind, base: CoreStand, days: float, off: float}
     */
    private static function given(Stand $stand, ?StandLook $look, Planting $bare, CarbonImmutable $now, bool $isGas): array
    {
        $kind = $stand->toKind();
        $place = new CoreStand($stand->id ?? 0, $kind->name, $kind->form, $kind->demand, $stand->left_edge, $stand->right_edge, $stand->front_edge, $stand->back_edge, 1.0, 0.0, 1.0, CoreStand::TALLEST, LearnedRate::guess(1.0), perch: $stand->perch);
        $ceiling = $stand->ceiling ?? Planting::ceiling($kind, $bare->room($place));
        $height = $look->height ?? min(self::UNSEEN[1], self::UNSEEN[0] * $ceiling);
        $off = match (true) {
            $look === null => self::UNSEEN[2] * $height,
            $look->guessed && !$look->isCut() => max(LearnedRate::TAPE, self::GUESSED * $height),
            default => LearnedRate::TAPE,
        };
        $from = $look->happened_at ?? $now;
        $doubling = $kind->form->doublingDays($kind->pace) * ($isGas && !$kind->form->entry()->floats ? Growth::CLOSES : 1.0);

        return [
            'stand' => $stand,
            'kind' => $kind,
            'base' => new CoreStand(
                $stand->id ?? 0,
                $kind->name,
                $kind->form,
                $kind->demand,
                $stand->left_edge,
                $stand->right_edge,
                $stand->front_edge,
                $stand->back_edge,
                max(1.0, min($ceiling, $height)),
                $off,
                max(0.01, min(1.0, $look->cover ?? 1.0)),
                $ceiling,
                LearnedRate::guess(1.0),
                $doubling,
                $stand->wished,
                $stand->perch,
                self::pause($stand, $look, $from),
                $look === null || $look->isCut() || $stand->planted_on === null ? null : self::plantedHeight($stand, $look),
                $kind->roots,
            ),
            'days' => max(0.0, ($now->getTimestamp() - $from->getTimestamp()) / 86400.0),
            'off' => $off,
        ];
    }

    /** Height at which a stem stand was planted, while it has not been cut. */
    private static function plantedHeight(Stand $stand, StandLook $look): ?float
    {
        // A stand older than two months has branched by itself.
        return $stand->planted_on !== null && $stand->planted_on->diffInDays($look->happened_at) < 1.0 && $look->happened_at->diffInDays(CarbonImmutable::now()) < 60.0 ? max(1.0, $look->height) : null;
    }

    /** Days from a moment in which it does not grow. */
    private static function pause(Stand $stand, ?StandLook $look, CarbonImmutable $from): float
    {
        $settles = $stand->planted_on === null ? 0.0 : self::SETTLES - $stand->planted_on->diffInSeconds($from) / 86400.0;
        $recovers = $look?->before !== null && $look->height < $look->before / 2.0 ? self::RECOVERS : 0.0;

        return max(0.0, min(self::SETTLES, $settles), $recovers);
    }

    /**
     * Rates of all stands: what their light, gas and warmth make usual, moved by what each did.
     *
     * @param Collection<int, Stand> $stands
     * @param array<int, array{stand: Stand, kind: Kind, base: CoreStand, days: float, off: float}> $given
     *
     * @return array<int, LearnedRate> by stand
     */
    private static function usual(Tank $tank, Collection $stands, array $given, Planting $bare): array
    {
        $carbon = LightOf::carbonDioxide($tank);
        $hours = $bare->light->hours() > 0.0 ? $bare->light->hours() : LightOf::HOURS;
        $floating = min(1.0, array_sum(array_map(static fn(array $one): float => $one['base']->floats() ? $one['base']->area() * $one['base']->cover : 0.0, $given)));
        $hard = array_filter($given, static fn(array $one): bool => $one['kind']->bicarbonate) !== [] && self::alkalinity($tank) > Growth::BICARBONATE_FROM;
        $keys = $asked = [];
        foreach ($given as $id => $one) {
            $light = self::light($one['base'], $one['kind'], $bare, $floating);
            $asked[$id] = [max(0.3, $one['kind']->usualRate()), $one['kind']->demand, round($light, 1), $carbon, round($hours, 2), $tank->warmth, $one['kind']->bicarbonate && $hard ? Growth::BICARBONATE : 0.0];
            $keys[$id] = 'rate.'.hash('xxh128', serialize([self::VERSION, $id, $asked[$id], $one['base']->ceiling, $one['stand']->looked_at?->getTimestamp(), $one['stand']->planted_on?->getTimestamp()]));
        }
        /** @var array<string, LearnedRate|null> $known */
        $known = $keys === [] ? [] : Cache::many(array_values($keys));
        $rates = [];
        $missing = array_keys(array_filter($keys, static fn(string $key): bool => !$known[$key] instanceof LearnedRate));
        if ($missing !== []) {
            $stands->whereIn('id', $missing)->load('looks');
        }
        foreach ($keys as $id => $key) {
            $rate = $known[$key] ?? null;
            if (!$rate instanceof LearnedRate) {
                [$usual, $demand, $light, $gas, $lit, $celsius, $least] = $asked[$id];
                $prior = max(0.3, Growth::rate($usual, $demand, $light, $gas, $lit, $celsius, 1.0, $least)->value('rate'));
                $rate = LearnedRate::of($prior, $given[$id]['base']->ceiling, self::pairs($given[$id]['stand']));
                Cache::put($key, $rate, 86400 * 30);
            }
            $rates[$id] = $rate;
        }

        return $rates;
    }

    /** Light at half the ceiling of a stand under what floats; without a lamp that is set up, just what it asks for. */
    private static function light(CoreStand $stand, Kind $kind, Planting $bare, float $floating): float
    {
        return $bare->light->lamps === [] ? $kind->demand->need() : $bare->open($stand, min($bare->room($stand), $stand->ceiling / 2.0)) * ($stand->floats() ? 1.0 : Canopy::under($floating));
    }

    private static function alkalinity(Tank $tank): float
    {
        $value = DB::table('readings')->where('tank_id', $tank->id)->where('parameter', Parameter::CarbonateHardness->value)->orderByDesc('taken_at')->value('value');

        return is_numeric($value) ? (float) $value : 0.0;
    }

    /** @return list<array{float, float, float}> heights of a look and of the next, mm, and the weeks of growth between */
    private static function pairs(Stand $stand): array
    {
        $pairs = [];
        $before = null;
        foreach ($stand->looks as $look) {
            if ($before !== null) {
                $days = ($look->happened_at->getTimestamp() - $before->happened_at->getTimestamp()) / 86400.0 - self::pause($stand, $before, $before->happened_at);
                // A cut notes what was found before it and what was left after.
                if ($days >= 2.0 && !$look->guessed) {
                    $pairs[] = [$before->height, $look->found(), $days / 7.0];
                }
            }
            $before = $look;
        }

        return $pairs;
    }

    /** @param array{stand: Stand, kind: Kind, base: CoreStand, days: float, off: float} $given */
    private static function grown(array $given, LearnedRate $rate): CoreStand
    {
        $base = $given['base'];
        $days = $given['days'];
        $height = $base->heightIn($days, null, $rate->median);
        $low = $base->heightIn($days, null, $rate->low);
        $high = $base->heightIn($days, null, $rate->high);
        // What the tape was off grows or shrinks with the curve, and the rate adds what it is not known by.
        $steep = $base->floats() ? 1.0 : ($base->heightIn($days, $base->height + 1.0, $rate->median) - $height);

        return new CoreStand(
            $base->key,
            $base->name,
            $base->form,
            $base->demand,
            $base->left,
            $base->right,
            $base->front,
            $base->back,
            $height,
            hypot($base->off * max(0.0, $steep), ($high - $low) / 2.5632),
            $base->coverIn($days),
            $base->ceiling,
            $rate,
            $base->doubling,
            $base->wished,
            $base->perch,
            max(0.0, $base->pause - $days),
            $base->planted,
            $base->roots,
        );
    }
}
