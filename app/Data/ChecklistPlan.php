<?php

declare(strict_types=1);

namespace App\Data;

use Cresco\Core\Checklist\FollowUpKind;
use Cresco\Core\Checklist\TankSign;
use Cresco\Core\Measure\Parameter;

/**
 * What a session was planned as, in base units: kept with its run as JSON, with a version. A checklist that was written before some of it was
 * kept is read with what it has.
 */
final readonly class ChecklistPlan implements JsonRecord
{
    use CastsItself;

    private const VERSION = 2;

    /**
     * @param float                        $litres    by which the level falls at each drain; 0 where no water is changed
     * @param float                        $share     of the water that is new afterwards, 0 to 1
     * @param float                        $mark      mm below the rim
     * @param float                        $refill    litres that go in, over all drains
     * @param float                        $out       litres that leave, over all drains
     * @param float                        $inflow    new water that runs in while the level falls, as a share of what runs out
     * @param float|null                   $waterline mm below the rim at the beginning
     * @param float|null                   $stream    temperature of the new water, degC
     * @param string|null                  $source    name of the water as it stood
     * @param list<int>                    $waters    that go in, the first and what it is blended with
     * @param int|null                     $water     when one goes in alone
     * @param string|null                  $reason    why it is done
     * @param array{Parameter, float}|null $goal      what it is for, and where it shall land
     * @param list<TankSign>               $signs     what was seen
     * @param list<FollowUpKind>           $after     what is left for later
     * @param int|null                     $minutes   hands and water side by side
     */
    public function __construct(
        public float $litres = 0.0,
        public float $share = 0.0,
        public float $mark = 0.0,
        public float $refill = 0.0,
        public float $out = 0.0,
        public int $drains = 1,
        public float $inflow = 0.0,
        public ?float $waterline = null,
        public ?float $stream = null,
        public ?string $source = null,
        public array $waters = [],
        public float $secondShare = 0.0,
        public ?int $water = null,
        public ?string $reason = null,
        public ?array $goal = null,
        public array $signs = [],
        public array $after = [],
        public ?int $minutes = null,
    ) {}

    /** The same from the present level on. */
    public function again(float $litres, float $share, float $mark, float $refill, float $out): self
    {
        return self::read(['litres' => $litres, 'share' => $share, 'mark' => $mark, 'refill' => $refill, 'out' => $out] + $this->toKeep());
    }

    public static function read(mixed $kept): static
    {
        $kept = is_array($kept) ? $kept : [];
        $number = static fn(string $key): ?float => is_numeric($kept[$key] ?? null) && is_finite((float) $kept[$key]) ? (float) $kept[$key] : null;
        $text = static fn(string $key): ?string => is_string($kept[$key] ?? null) ? $kept[$key] : null;
        $list = static fn(string $key): array => is_array($kept[$key] ?? null) ? array_values($kept[$key]) : [];
        $goal = $list('goal');
        $parameter = is_string($goal[0] ?? null) ? Parameter::tryFrom($goal[0]) : null;

        return new self(
            $number('litres') ?? 0.0,
            $number('share') ?? 0.0,
            $number('mark') ?? 0.0,
            $number('refill') ?? 0.0,
            // What leaves was not kept at first: it was what the level fell by.
            $number('out') ?? $number('litres') ?? 0.0,
            max(1, (int) ($number('drains') ?? 1.0)),
            $number('inflow') ?? 0.0,
            $number('waterline'),
            $number('stream'),
            $text('source'),
            array_values(array_filter($list('waters'), is_int(...))),
            $number('second_share') ?? 0.0,
            is_int($kept['water_id'] ?? null) ? $kept['water_id'] : null,
            $text('reason'),
            $parameter !== null && is_numeric($goal[1] ?? null) ? [$parameter, (float) $goal[1]] : null,
            array_values(array_filter(array_map(static fn(mixed $name): ?TankSign => is_string($name) ? TankSign::tryFrom($name) : null, $list('signs')))),
            array_values(array_filter(array_map(
                static fn(mixed $name): ?FollowUpKind => is_string($name) ? FollowUpKind::tryFrom($name) : null,
                $list('after'),
            ))),
            $number('minutes') === null ? null : (int) round($number('minutes')),
        );
    }

    /** @return array<string, mixed> */
    public function toKeep(): array
    {
        return [
            'version' => self::VERSION, 'litres' => $this->litres, 'share' => $this->share, 'mark' => $this->mark, 'refill' => $this
                ->refill, 'out' => $this->out, 'drains' => $this->drains,
            'inflow' => $this->inflow, 'waterline' => $this->waterline, 'stream' => $this->stream, 'source' => $this->source, 'waters' => $this
                ->waters, 'second_share' => $this->secondShare,
            'water_id' => $this->water, 'reason' => $this->reason, 'goal' => $this->goal === null ? null : [$this->goal[0]->value, $this->goal[1]],
            'signs' => array_map(static fn(TankSign $sign): string => $sign->value, $this->signs), 'after' => array_map(
                static fn(FollowUpKind $job): string => $job->value,
                $this->after,
            ), 'minutes' => $this->minutes,
        ];
    }
}
