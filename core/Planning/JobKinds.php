<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

/** The kinds of jobs. A kind more is one entry here and its words in the language files. */
final class JobKinds
{
    /** Of a look whose day was set by the plan that it belongs to. */
    public const CHECK = 'check';

    /** Of a plant group that is cut on the day that its growth calls for. */
    public const STAND = 'stand';

    /** Of a tank that went without a change for so long that it is led back in steps. */
    public const WAY_BACK = 'way_back';

    /** @var array<string, JobKind>|null */
    private static ?array $all = null;

    /**
     * Minutes, days, shares by which it may be early and late. House defaults.
     *
     * @return array<string, JobKind> by key
     */
    public static function all(): array
    {
        return self::$all ??= array_column(array_map(static fn(JobKind $kind): array => [$kind->key, $kind], [
            new JobKind('change', 30, 7, Recurrence::Forecast, Lateness::Harms, 0.3, 0.5, true, isOffered: false),
            // Of a tank that was left for so long that its change is one of several.
            new JobKind(self::WAY_BACK, 45, 3, Recurrence::Forecast, Lateness::Endangers, 0.0, 0.5, isOffered: false),
            new JobKind('stand', 8, 21, Recurrence::Forecast, Lateness::Harms, 0.2, 0.4, task: 'trim', isOffered: false),
            new JobKind('melt', 5, 7, Recurrence::Fixed, Lateness::Harms, 0.3, 0.6, task: 'planting', isOffered: false),
            new JobKind('capsules', 6, 90, Recurrence::Expiry, Lateness::Harms, 0.2, 0.2, isOffered: false),
            new JobKind('check', 3, 7, Recurrence::Fixed, Lateness::Harms, 0.0, 0.4, setsUp: false, isOffered: false),
            new JobKind('dose_look', 3, 14, Recurrence::Fixed, Lateness::Harms, 0.0, 0.4, setsUp: false, isOffered: false),
            new JobKind('after', 3, 1, Recurrence::Fixed, Lateness::Harms, 0.0, 1.0, setsUp: false, isOffered: false),
            new JobKind('concern', 10, 1, Recurrence::Forecast, Lateness::Endangers, 0.0, 0.1, setsUp: false, isOffered: false),
            new JobKind('supply', 5, 28, Recurrence::Expiry, Lateness::Harms, 0.0, 0.1, atTank: false, setsUp: false, isOffered: false),
            new JobKind('next_day', 10, 1, Recurrence::Fixed, Lateness::Looks, 0.0, 1.0, setsUp: false, isOffered: false),
            new JobKind('sheet', 40, 7, Recurrence::Fixed, Lateness::Harms, 0.0, 0.5, true, isOffered: false),
            new JobKind('arrival', 30, 28, Recurrence::Fixed, Lateness::Endangers, 0.0, 0.1, isOffered: false),
            // What sessions do.
            new JobKind('photo', 2, 7, Recurrence::Learned, Lateness::Looks, task: 'photo', setsUp: false, isOffered: false),
            new JobKind('cover_glass', 5, 14, Recurrence::Learned, Lateness::Looks, task: 'cover_glass', isOffered: false),
            new JobKind('glass', 8, 7, Recurrence::Learned, Lateness::Looks, task: 'glass', isOffered: false),
            new JobKind('hardscape', 10, 28, Recurrence::Learned, Lateness::Looks, lowWater: true, task: 'hardscape', isOffered: false),
            new JobKind('floaters', 5, 7, Recurrence::Learned, Lateness::Harms, task: 'floaters', isOffered: false),
            new JobKind('leaves', 6, 7, Recurrence::Learned, Lateness::Looks, task: 'leaves', isOffered: false),
            new JobKind('algae', 10, 14, Recurrence::Learned, Lateness::Looks, task: 'algae', isOffered: false),
            new JobKind('trim', 12, 14, Recurrence::Learned, Lateness::Harms, task: 'trim', isOffered: false),
            new JobKind('vacuum', 10, 14, Recurrence::Learned, Lateness::Harms, lowWater: true, task: 'vacuum', isOffered: false),
            new JobKind('spot', 12, 90, Recurrence::Learned, Lateness::Looks, lowWater: true, task: 'spot', isOffered: false),
            new JobKind('media', 12, 28, Recurrence::Learned, Lateness::Harms, lowWater: true, task: 'media', isOffered: false),
            new JobKind('planting', 15, 90, Recurrence::Learned, Lateness::Looks, task: 'planting', isOffered: false),
            new JobKind('fertilise', 2, 7, Recurrence::Learned, Lateness::Looks, task: 'fertilise', setsUp: false, isOffered: false),
            new JobKind('outside', 4, 14, Recurrence::Learned, Lateness::Looks, task: 'outside', setsUp: false, isOffered: false),
            // What a keeper sets up for a tank.
            new JobKind('floss', 5, 7, Recurrence::Learned, Lateness::Looks, 0.4, 0.8),
            new JobKind('prefilter', 5, 7, Recurrence::Learned, Lateness::Harms, 0.4, 0.6),
            new JobKind('pipes', 15, 60, Recurrence::Learned, Lateness::Looks),
            new JobKind('top_up', 5, 3, Recurrence::Learned, Lateness::Harms, 0.3, 0.7),
            new JobKind('test', 10, 7, Recurrence::Fixed, Lateness::Harms, 0.3, 0.5, setsUp: false),
            new JobKind('air_stone', 5, 120, Recurrence::Learned, Lateness::Harms, 0.3, 0.3),
            new JobKind('carbon', 5, 28, Recurrence::Expiry, Lateness::Looks, 0.2, 0.5),
            new JobKind('resin', 10, 60, Recurrence::Expiry, Lateness::Looks, 0.2, 0.5),
            new JobKind('impeller', 15, 120, Recurrence::Learned, Lateness::Endangers, 0.3, 0.3),
            new JobKind('tubes', 10, 365, Recurrence::Expiry, Lateness::Looks, 0.1, 0.2, wears: 'hours', most: 4000.0),
            new JobKind('gas_bottle', 10, 75, Recurrence::Learned, Lateness::Harms, 0.1, 0.1),
            new JobKind('doser', 5, 14, Recurrence::Learned, Lateness::Harms, 0.4, 0.2, setsUp: false),
            new JobKind('litter', 5, 28, Recurrence::Learned, Lateness::Looks, 0.3, 0.7, setsUp: false),
            new JobKind('grading', 20, 21, Recurrence::Fixed, Lateness::Harms, 0.2, 0.3),
            new JobKind('count', 5, 14, Recurrence::Fixed, Lateness::Looks, 0.3, 0.5, setsUp: false),
            new JobKind('quarantine', 20, 28, Recurrence::Fixed, Lateness::Harms, 0.0, 0.5, isOffered: false),
            // Of the household.
            new JobKind('membrane', 20, 730, Recurrence::Expiry, Lateness::Harms, 0.05, 0.1, atTank: false),
            new JobKind('sediment', 15, 180, Recurrence::Expiry, Lateness::Harms, 0.1, 0.2, atTank: false, wears: 'litres', most: 6000.0),
            new JobKind('reagents', 5, 365, Recurrence::Expiry, Lateness::Harms, 0.05, 0.1, atTank: false, wears: 'readings', most: 50.0),
            new JobKind('bottles', 15, 28, Recurrence::Learned, Lateness::Harms, 0.3, 0.2, atTank: false),
            new JobKind('pen', 10, 28, Recurrence::Expiry, Lateness::Harms, 0.3, 0.5, atTank: false, setsUp: false, isOffered: false),
            new JobKind('own', 10, 14, Recurrence::Fixed, Lateness::Looks),
        ]), 1, 0);
    }

    public static function of(string $key): JobKind
    {
        return self::all()[$key] ?? self::all()['own'];
    }

    /** @return list<JobKind> that a keeper may set up */
    public static function offered(): array
    {
        return array_values(array_filter(self::all(), static fn(JobKind $kind): bool => $kind->isOffered));
    }
}
