<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

/** A device in the water: its upper and lower end in mm below the rim. */
final readonly class DeviceLevel
{
    public function __construct(public DeviceKind $device, public string $name, public float $top, public float $bottom) {}

    /** How far the water stands above its upper end when the mark is at $mark mm below the rim; negative when bare. */
    public function coverAt(float $mark): float
    {
        return $this->top - $mark;
    }
}
