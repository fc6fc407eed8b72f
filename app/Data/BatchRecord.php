<?php

declare(strict_types=1);

namespace App\Data;

use Cresco\Core\Water\Ion;

/** The card of a batch as it was written, and the acid that went into it since. */
final readonly class BatchRecord implements JsonRecord
{
    use CastsItself;

    private const VERSION = 1;

    /**
     * @param string               $animals         that it is for, by key
     * @param float                $step            g, of the scale
     * @param bool                 $direct          whether the minerals go straight into the tank, with the refill
     * @param list<BatchWater>     $sources
     * @param list<BatchProduct>   $products        in the order of dissolving
     * @param float                $start           uS/cm of the waters before any product
     * @param float                $soft            uS/cm of the softest water chosen
     * @param array<string, float> $target          what it was worked out for, by aim
     * @param float                $conductivity    uS/cm that is expected
     * @param float                $doubt           standard deviation of that because a label does not name its conductivity, uS/cm
     * @param float|null           $ratio           of the two hardnesses that is expected
     * @param array<string, float> $ions            mmol/L, by ion
     * @param list<BatchAcid>      $acids           that went into it
     * @param bool                 $isHardnessKnown whether all labels in it name GH or KH
     */
    public function __construct(
        public string $name = 'Batch',
        public string $animals = '',
        public float $step = 0.0,
        public bool $direct = false,
        public array $sources = [],
        public array $products = [],
        public float $start = 0.0,
        public float $soft = 0.0,
        public array $target = [],
        public float $conductivity = 0.0,
        public float $doubt = 0.0,
        public ?float $ratio = null,
        public array $ions = [],
        public array $acids = [],
        public bool $isHardnessKnown = true,
    ) {}

    public static function read(mixed $kept): static
    {
        $kept = is_array($kept) ? $kept : [];
        $expected = is_array($kept['expected'] ?? null) ? $kept['expected'] : [];
        $number = static fn(string $key, array $of): ?float => is_numeric($of[$key] ?? null) && is_finite((float) $of[$key]) ? (float) $of[$key] : null;
        $list = static fn(string $key): array => array_values(array_filter(is_array($kept[$key] ?? null) ? $kept[$key] : [], is_array(...)));
        $floats = static fn(mixed $of): array => array_map(
            static fn(mixed $x): float => (float) $x,
            array_filter(is_array($of) ? $of : [], static fn(mixed $x, int|string $key): bool => is_string($key) && is_numeric($x), ARRAY_FILTER_USE_BOTH),
        );

        return new self(
            is_string($kept['name'] ?? null) ? $kept['name'] : 'Batch',
            is_string($kept['animals'] ?? null) ? $kept['animals'] : '',
            $number('step', $kept) ?? 0.0,
            ($kept['direct'] ?? false) === true,
            array_map(BatchWater::kept(...), $list('sources')),
            array_map(BatchProduct::kept(...), $list('jars')),
            $number('start', $kept) ?? 0.0,
            $number('soft', $kept) ?? 0.0,
            $floats($kept['target'] ?? null),
            $number('conductivity', $expected) ?? 0.0,
            $number('doubt', $expected) ?? 0.0,
            $number('ratio', $expected),
            array_map(
                static fn(float $amount): float => max(0.0, $amount),
                array_filter($floats($expected['ions'] ?? null), static fn(string $ion): bool => Ion::tryFrom($ion) !== null, ARRAY_FILTER_USE_KEY),
            ),
            array_values(array_filter(array_map(BatchAcid::kept(...), $list('acid')))),
            ($expected['hardness_known'] ?? true) !== false,
        );
    }

    public function withAcid(BatchAcid $acid): self
    {
        return self::read(['acid' => [...$this->toKeep()['acid'], $acid->toKeep()]] + $this->toKeep());
    }

    /** The same without the last acid that took so many meq/L; unchanged where there is none. */
    public function withoutAcid(float $equivalents): self
    {
        $acids = $this->acids;
        foreach (array_reverse($acids, true) as $n => $acid) {
            if (abs($acid->equivalents - $equivalents) < 1e-9) {
                unset($acids[$n]);
                break;
            }
        }

        return self::read(['acid' => array_map(static fn(BatchAcid $acid): array => $acid->toKeep(), array_values($acids))] + $this->toKeep());
    }

    /** @return array{acid: list<array<string, mixed>>, ...<string, mixed>} */
    public function toKeep(): array
    {
        return [
            'v' => self::VERSION, 'name' => $this->name, 'animals' => $this->animals, 'step' => $this->step, 'direct' => $this->direct,
            'sources' => array_map(static fn(BatchWater $source): array => $source->toKeep(), $this->sources),
            'jars' => array_map(static fn(BatchProduct $product): array => $product->toKeep(), $this->products),
            'start' => $this->start, 'soft' => $this->soft, 'target' => $this->target,
            'expected' => [
                'conductivity' => $this->conductivity, 'doubt' => $this->doubt, 'ratio' => $this->ratio, 'ions' => $this->ions,
                'hardness_known' => $this->isHardnessKnown,
            ],
            'acid' => array_map(static fn(BatchAcid $acid): array => $acid->toKeep(), $this->acids),
        ];
    }
}
