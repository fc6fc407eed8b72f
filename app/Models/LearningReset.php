<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * A moment from which a figure is learned again: what was seen before counts no more, and is kept.
 *
 * @property      int             $id
 * @property      int             $keeper_id
 * @property      int|null        $tank_id
 * @property      int|null        $product_id
 * @property      string          $what
 * @property      CarbonImmutable $since
 * @property-read Tank|null       $tank
 * @property-read Product|null    $product
 */
final class LearningReset extends Record
{
    protected $table = 'learning_resets';

    /** What a tank makes or takes up, with the parameter after it. */
    public const MADE = 'made.';

    public const EVAPORATION = 'evaporation';

    /** How often work comes again, with the task after it. */
    public const OFTEN = 'often.';

    /** How often a job that the keeper set up comes again, with its number after it. */
    public const TURNS = 'turns.';

    /** How long steps take. */
    public const MINUTES = 'minutes';

    /** Of a product. */
    public const SPOON = 'spoon';

    /** Of the keeper. */
    public const PEN = 'pen';

    public $timestamps = false;

    protected $fillable = ['tank_id', 'product_id', 'what', 'since'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['keeper_id' => 'integer', 'tank_id' => 'integer', 'product_id' => 'integer', 'since' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Tank, $this> */
    public function tank(): BelongsTo
    {
        return $this->belongsTo(Tank::class);
    }

    /** @return BelongsTo<Product, $this> */
    public function product(): BelongsTo
    {
        return $this->belongsTo(Product::class);
    }

    /**
     * The last of each figure.
     *
     * @param list<int> $tanks
     *
     * @return array<int, array<string, CarbonImmutable>> by tank and figure
     */
    public static function ofTanks(array $tanks): array
    {
        $found = [];
        foreach ($tanks === []
            ? []
            : DB::table('learning_resets')->whereIn('tank_id', $tanks)->groupBy('tank_id', 'what')->selectRaw('tank_id, what, max(since) as since')
                ->get() as $row) {
            if (is_numeric($row->tank_id) && is_string($row->what) && is_string($row->since)) {
                $found[(int) $row->tank_id][$row->what] = CarbonImmutable::parse($row->since, 'UTC');
            }
        }

        return $found;
    }

    public static function ofTank(int $tank, string $what): ?CarbonImmutable
    {
        return self::ofTanks([$tank])[$tank][$what] ?? null;
    }

    /** Leaves out turns of jobs before their days were to be learned again. */
    public static function afterTurns(): \Closure
    {
        return static fn(Builder $starts): Builder => $starts->from('learning_resets')
            ->whereRaw("learning_resets.what = '".self::TURNS."' || chore_turns.chore_id")->whereColumn('learning_resets.since', '>=', 'chore_turns.done_at');
    }

    /** Leaves out what was seen before such a moment: for a relation of trials, each with its time in "taken_at". */
    public static function after(string $table, string $owner, string $what): \Closure
    {
        return static fn(Builder $starts): Builder => $starts->from('learning_resets')->whereColumn('learning_resets.'.$owner, $table.'.'.$owner)
            ->where('learning_resets.what', $what)->whereColumn('learning_resets.since', '>=', $table.'.taken_at');
    }
}
