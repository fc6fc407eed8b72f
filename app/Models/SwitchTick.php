<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Cresco\Core\Tank\DeviceKind;

/**
 * A device on the switch list of a checklist: when it went off and when it came on again.
 *
 * @property DeviceKind           $device
 * @property CarbonImmutable|null $off_at
 * @property CarbonImmutable|null $on_at
 */
final class SwitchTick extends Record
{
    public $timestamps = false;

    protected $table = 'switches';

    protected $fillable = ['device', 'off_at', 'on_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['device' => DeviceKind::class, 'off_at' => 'immutable_datetime', 'on_at' => 'immutable_datetime'];
    }

    public function isOpen(): bool
    {
        return $this->off_at !== null && $this->on_at === null;
    }
}
