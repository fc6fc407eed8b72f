<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Cresco\Core\Diagnosis\Remedy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something that is done about a finding, until the day on which it is looked at whether it helped.
 *
 * @property      int                  $id
 * @property      int                  $problem_id
 * @property      Remedy               $remedy
 * @property      string|null          $cause      that it is to take away
 * @property      CarbonImmutable      $begun_at
 * @property      CarbonImmutable      $check_on   in the keeper's calendar
 * @property      CarbonImmutable|null $checked_at
 * @property      TreatmentResult|null $result
 * @property-read Problem              $problem
 */
final class Treatment extends Record
{
    public $timestamps = false;

    protected $table = 'treatments';

    protected $fillable = ['remedy', 'cause', 'begun_at', 'check_on', 'checked_at', 'result'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'problem_id' => 'integer', 'remedy' => Remedy::class, 'begun_at' => 'immutable_datetime', 'check_on' => 'immutable_date:Y-m-d',
            'checked_at' => 'immutable_datetime', 'result' => TreatmentResult::class,
        ];
    }

    /** @return BelongsTo<Problem, $this> */
    public function problem(): BelongsTo
    {
        return $this->belongsTo(Problem::class);
    }
}
