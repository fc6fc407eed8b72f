<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\ReadingMethod;
use Cresco\Core\Measure\TestResult;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One measured value with its spread, in the base unit of its parameter.
 *
 * @property int             $id
 * @property int             $entry_id
 * @property int|null        $tank_id
 * @property int|null        $source_water_id
 * @property int|null        $checklist_step_id
 * @property Parameter       $parameter
 * @property ReadingMethod   $method
 * @property float           $value
 * @property float           $low
 * @property float           $high
 * @property CarbonImmutable $taken_at
 */
final class Reading extends Record
{
    public $timestamps = false;

    protected $table = 'readings';

    private ?TestResult $core = null;

    protected $fillable = ['entry_id', 'tank_id', 'source_water_id', 'checklist_step_id', 'parameter', 'method', 'value', 'low', 'high', 'taken_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'parameter' => Parameter::class, 'method' => ReadingMethod::class, 'value' => 'float', 'low' => 'float', 'high' => 'float',
            'taken_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<Entry, $this> */
    public function entry(): BelongsTo
    {
        return $this->belongsTo(Entry::class);
    }

    /** @return list<mixed> what tells it from itself before it was put right */
    public function stamp(): array
    {
        return [$this->id, $this->method, $this->value, $this->low, $this->high];
    }

    public function toCore(): TestResult
    {
        // Asked for by every figure of a page; a reading that is put right is another one.
        return $this->core ??= TestResult::kept($this->parameter, $this->method, $this->value, $this->low, $this->high);
    }
}
