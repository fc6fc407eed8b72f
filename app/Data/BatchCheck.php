<?php

declare(strict_types=1);

namespace App\Data;

use Carbon\CarbonImmutable;
use Cresco\Core\Mixing\BatchReading;

/** One look at a batch with the meter: what it read, and what was to be done about it. */
final readonly class BatchCheck
{
    /**
     * @param float      $read    uS/cm at 25 degC
     * @param float      $more    share of each product to add once more
     * @param float      $water   litres of soft water to add
     * @param bool       $odd     too far off to be mended
     * @param float|null $celsius of the water, when the meter said
     * @param bool       $added   whether that was done
     */
    public function __construct(
        public float $read,
        public float $more,
        public float $water,
        public bool $odd,
        public ?float $ph,
        public ?float $celsius,
        public bool $fromPen,
        public bool $added,
        public CarbonImmutable $at,
    ) {}

    public static function by(BatchReading $check, ?float $ph, ?float $celsius, bool $fromPen): self
    {
        return new self($check->read, $check->more, $check->water, $check->isOdd, $ph, $celsius, $fromPen, false, CarbonImmutable::now());
    }

    /** @param array<mixed> $kept */
    public static function kept(array $kept): self
    {
        $number = static fn(string $key): ?float => is_numeric($kept[$key] ?? null) ? (float) $kept[$key] : null;

        return new self(
            $number('read') ?? 0.0,
            $number('more') ?? 0.0,
            $number('water') ?? 0.0,
            ($kept['odd'] ?? false) === true,
            $number('ph'),
            $number('celsius'),
            ($kept['from_pen'] ?? false) === true,
            ($kept['added'] ?? false) === true,
            CarbonImmutable::createFromTimestamp((int) ($number('at') ?? 0)),
        );
    }

    /** @return array<string, mixed> */
    public function toKeep(): array
    {
        return [
            'read' => $this->read, 'more' => $this->more, 'water' => $this->water, 'odd' => $this->odd, 'ph' => $this->ph,
            'celsius' => $this->celsius, 'from_pen' => $this->fromPen, 'added' => $this->added, 'at' => $this->at->getTimestamp(),
        ];
    }

    public function withAdded(): self
    {
        return new self($this->read, $this->more, $this->water, $this->odd, $this->ph, $this->celsius, $this->fromPen, true, $this->at);
    }

    public function isGood(): bool
    {
        return $this->more <= 0.0 && $this->water <= 0.0 && !$this->odd;
    }
}
