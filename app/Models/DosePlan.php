<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a tank is to be given of a jar or bottle, every so many days.
 *
 * @property int                  $id
 * @property int                  $tank_id
 * @property int                  $jar_id
 * @property float                $amount in the unit of the jar
 * @property int                  $every  days
 * @property CarbonImmutable      $starts_on
 * @property CarbonImmutable|null $ends_on
 * @property-read Jar             $jar
 */
final class DosePlan extends Record
{
    public $timestamps = false;

    protected $fillable = ['jar_id', 'amount', 'every', 'starts_on', 'ends_on'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['tank_id' => 'integer', 'jar_id' => 'integer', 'amount' => 'float', 'every' => 'integer', 'starts_on' => 'immutable_date:Y-m-d', 'ends_on' => 'immutable_date:Y-m-d'];
    }

    /** @return BelongsTo<Jar, $this> */
    public function jar(): BelongsTo
    {
        return $this->belongsTo(Jar::class);
    }

    /** Whether a dose falls on this day of the keeper. */
    public function falls(CarbonImmutable $day): bool
    {
        $since = (int) round(($day->startOfDay()->getTimestamp() - CarbonImmutable::parse($this->starts_on->format('Y-m-d'), $day->getTimezone())->getTimestamp()) / 86400.0);

        return $since >= 0 && $since % max(1, $this->every) === 0 && ($this->ends_on === null || $day->format('Y-m-d') <= $this->ends_on->format('Y-m-d'));
    }
}
