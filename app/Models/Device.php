<?php

declare(strict_types=1);

namespace App\Models;

use Cresco\Core\Tank\DeviceKind;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A device on a tank; ends in mm below the rim, across in percent of the length.
 *
 * @property DeviceKind $kind
 * @property float|null $top
 * @property float|null $bottom
 * @property int        $across
 */
final class Device extends Record
{
    protected $table = 'devices';

    protected $fillable = ['kind', 'top', 'bottom', 'across'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => DeviceKind::class, 'top' => 'float', 'bottom' => 'float', 'across' => 'integer'];
    }

    /** @return BelongsTo<Tank, $this> */
    public function tank(): BelongsTo
    {
        return $this->belongsTo(Tank::class);
    }
}
