<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Cresco\Core\Fertilising\DosingBottle;
use Cresco\Core\Formula\Computation;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a tank is to be given of a product, every so many days.
 *
 * @property      int                  $id
 * @property      int                  $tank_id
 * @property      int                  $product_id
 * @property      float                $amount      in the unit of the product
 * @property      int                  $every       days
 * @property      CarbonImmutable      $starts_on
 * @property      CarbonImmutable|null $ends_on
 * @property      bool                 $by_doser    whether a pump gives it
 * @property      float                $delivers    of what is set, as it was measured
 * @property      CarbonImmutable|null $measured_on
 * @property      float|null           $bottle      mL that stood in its bottle when it was filled
 * @property      CarbonImmutable|null $filled_on
 * @property      string|null          $at          hour of the day at which a doser gives it, as 07:30
 * @property-read Product              $product
 */
final class DosePlan extends Record
{
    public $timestamps = false;

    protected $table = 'dose_plans';

    protected $fillable = ['product_id', 'amount', 'every', 'starts_on', 'ends_on', 'by_doser', 'delivers', 'measured_on', 'bottle', 'filled_on', 'at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'tank_id' => 'integer', 'product_id' => 'integer', 'amount' => 'float', 'every' => 'integer', 'starts_on' => 'immutable_date:Y-m-d',
            'ends_on' => 'immutable_date:Y-m-d', 'by_doser' => 'boolean', 'delivers' => 'float', 'measured_on' => 'immutable_date:Y-m-d',
            'bottle' => 'float', 'filled_on' => 'immutable_date:Y-m-d',
        ];
    }

    /** What really goes in each time: of a doser what its tube gives. */
    public function given(): float
    {
        return $this->by_doser ? $this->amount * $this->delivers : $this->amount;
    }

    /** Days until the bottle of a doser is empty, from a day of the keeper; below 0 for days gone by; null for what nobody filled. */
    public function emptyIn(CarbonImmutable $day): ?int
    {
        $working = $this->emptyWorking($day);

        return $working === null ? null : (int) max(-9999.0, min(9999.0, floor($working->value('lasts')) - $working->value('lasts') + $working->value('left')));
    }

    /** How that is worked out. */
    public function emptyWorking(CarbonImmutable $day): ?Computation
    {
        return !$this->by_doser || $this->bottle === null || $this->filled_on === null || $this->given() <= 0.0 ? null
            : DosingBottle::empty(
                $this->bottle,
                $this->given(),
                max(1, $this->every),
                self::number($day) - self::number($this->filled_on),
                $this->product->unit,
            );
    }

    /** @return BelongsTo<Product, $this> */
    public function product(): BelongsTo
    {
        return $this->belongsTo(Product::class);
    }

    /** Whether a dose falls on this day of the keeper. */
    public function falls(CarbonImmutable $day): bool
    {
        return $this->next($day) === 0;
    }

    /** Days from a day of the keeper to the next dose, 0 for that day itself; null when none is to come. */
    public function next(CarbonImmutable $day): ?int
    {
        $at = self::number($day);
        $since = $at - self::number($this->starts_on);
        $days = $since <= 0 ? -$since : (int) fmod($this->every - $since % max(1, $this->every), max(1, $this->every));

        return $this->ends_on !== null && $at + $days > self::number($this->ends_on) ? null : $days;
    }

    /** Days from a day of the keeper to its last one; null for one that goes on. */
    public function endsIn(CarbonImmutable $day): ?int
    {
        return $this->ends_on === null ? null : self::number($this->ends_on) - self::number($day);
    }

    /** Days of the calendar since 1970. */
    private static function number(CarbonImmutable $day): int
    {
        return intdiv((int) gmmktime(12, 0, 0, $day->month, $day->day, $day->year), 86400);
    }
}
