<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Models\Analysis;
use App\Models\Reading;
use App\Models\SourceWater;
use App\Models\SourceWaterKind;
use App\Tanks\LatestResultsQuery;
use App\Tanks\SourceLevelsQuery;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Mixing\BatchSource;
use Cresco\Core\State\Level;
use Cresco\Core\Water\Ion;
use Cresco\Core\Water\IonAnalysis;
use Cresco\Core\Water\WaterFault;
use Illuminate\Support\Facades\Cache;

/** What is known of the ions of a water: its newest analysis, or else its readings, completed. */
final readonly class IonsQuery
{
    /** Ions that an analysis asks for, and that are shown as bars. */
    public const SHOWN = [Ion::Calcium, Ion::Magnesium, Ion::Sodium, Ion::Potassium, Ion::Bicarbonate, Ion::Chloride, Ion::Sulfate, Ion::Nitrate];

    private function __construct(
        public SourceWater $water,
        public BatchSource $source,
        public ?IonAnalysis $analysis,
        public bool $isAnalysed,
        public bool $isUnknown,
    ) {}

    /**
     * @param list<SourceWater> $waters
     *
     * @return array<int, self> by water id
     */
    public static function all(array $waters): array
    {
        $ids = array_map(static fn(SourceWater $water): int => $water->id, $waters);
        [$readings, $levels] = [LatestResultsQuery::ofWaters($ids), SourceLevelsQuery::ofMany($ids)];
        $analyses = [];
        foreach (Analysis::query()->whereIn('source_water_id', $ids)->orderBy('sampled_on')->orderBy('id')->get() as $analysis) {
            $analyses[$analysis->source_water_id] = $analysis;
        }
        $known = [];
        foreach ($waters as $water) {
            $known[$water->id] = self::of(
                $water,
                $readings[$water->id] ?? [],
                array_map(static fn(Level $level): float => $level->central(), $levels[$water->id] ?? []),
                $analyses[$water->id] ?? null,
            );
        }

        return $known;
    }

    /**
     * @param array<string, Reading> $readings
     * @param array<string, float>   $levels
     */
    private static function of(SourceWater $water, array $readings, array $levels, ?Analysis $analysis): self
    {
        $key = 'ions:'.hash('xxh128', (string) json_encode([
            $water->only('id', 'name', 'kind'), $analysis?->id, $analysis?->updated_at, $levels, array_map(
                static fn(Reading $reading): array => $reading->stamp(),
                array_values($readings),
            ),
        ]));
        /** @var array{IonAnalysis|null, float|null}|null $kept */
        $kept = Cache::get($key);
        if ($kept === null) {
            $kept = self::complete($water, $readings, $levels, $analysis);
            Cache::put($key, $kept, 3600);
        }
        [$completed, $measured] = $kept;
        $isPure = $water->kind === SourceWaterKind::ReverseOsmosis;
        $ions = $completed === null ? BatchSource::pure()->ions : $completed->ions;

        return new self(
            $water,
            new BatchSource((string) $water->id, $water->name, $ions, $completed === null ? null : $measured, null, $isPure),
            $completed,
            $analysis !== null,
            $completed === null,
        );
    }

    /**
     * @param array<string, Reading> $readings
     * @param array<string, float>   $levels   where what is conserved stands by all readings
     *
     * @return array{IonAnalysis|null, float|null} and the conductivity that was read
     */
    private static function complete(SourceWater $water, array $readings, array $levels, ?Analysis $analysis): array
    {
        $isSoft = in_array($water->kind, [SourceWaterKind::ReverseOsmosis, SourceWaterKind::Rain], true);
        // Where nothing is usual, a drop kit that shows nothing means nothing, and not the third of a drop that it may have missed.
        $value = static fn(Parameter $parameter): ?float => ($reading = ($readings[$parameter->value] ?? null)?->toCore()) === null ? null : ($isSoft && $reading->value <= 0.0 ? 0.0 : $levels[$parameter->value] ?? $reading->distribution()->central());
        $measured = $value(Parameter::Conductivity) ?? $analysis?->conductivity;
        try {
            if ($analysis !== null) {
                return [$analysis->toCore(), $measured];
            }
            $hardness = $value(Parameter::GeneralHardness) ?? ($isSoft ? 0.0 : null);
            $alkalinity = $value(Parameter::CarbonateHardness) ?? ($isSoft ? 0.0 : null);
            $measured ??= $isSoft ? 15.0 : null;
            if ($hardness === null || $alkalinity === null) {
                return [null, $measured];
            }
            $nitrate = $value(Parameter::Nitrate);

            return [IonAnalysis::complete($nitrate === null ? [] : [Ion::Nitrate->value => $nitrate], $hardness, $alkalinity, $measured), $measured];
        } catch (WaterFault) {
            return [null, $measured];
        }
    }
}
