<?php

declare(strict_types=1);

namespace App\Plants;

use App\Drawing\PlantShapes;
use App\Drawing\SectionDrawing;
use App\Models\Lamp;
use App\Models\LightReading;
use App\Models\Tank;
use App\Tanks\LightQuery;
use App\Tanks\PlantModelQuery;
use App\Tanks\VesselQuery;
use App\Units\Show;
use Cresco\Core\Light\LightField;
use Cresco\Core\Plants\PlantModel;
use Cresco\Core\Tank\DeviceKind;

/** The light of a tank: what it comes to at some depths and places, its lamps and its readings. */
final readonly class LightPage
{
    public LightField $light;

    public Show $show;

    /** Fields of the picture, across and down. */
    private const COLUMNS = 20;

    private const ROWS = 12;

    private float $water;

    private SectionDrawing $drawing;

    private ?PlantModel $planting;

    public function __construct(public Tank $tank)
    {
        $this->light = LightQuery::tank($tank);
        $this->show = $tank->keeper->show();
        $this->water = VesselQuery::tank($tank)->waterHeight();
        $this->planting = PlantModelQuery::orNone($tank);
        $this->drawing = new SectionDrawing(
            $tank,
            VesselQuery::tank($tank),
            [],
            null,
            640.0,
            380.0,
            false,
            $tank->water_below_rim,
            false,
            PlantShapes::now($tank),
        );
    }

    /** The section that the light is drawn into. */
    public function drawing(): SectionDrawing
    {
        return $this->drawing;
    }

    /**
     * @return list<array{x: float, y: float, w: float, h: float, dark: float}> the water in fields: where they stand, and how dark they are
     *     against the brightest, 0 to 1
     */
    public function shades(): array
    {
        $fields = [];
        $brightest = max(1e-6, $this->light->atPlace(0.5, 0.5, 0.0));
        for ($row = 0; $row < self::ROWS; ++$row) {
            for ($column = 0; $column < self::COLUMNS; ++$column) {
                $depth = ($row + 0.5) / self::ROWS * $this->water;
                $x = $this->drawing->x(100.0 * $column / self::COLUMNS);
                $y = $this->drawing->y($this->tank->water_below_rim + $row / self::ROWS * $this->water);
                $fields[] = [
                    'x' => $x, 'y' => $y, 'w' => round(
                        $this->drawing->x(100.0 * ($column + 1) / self::COLUMNS) - $x,
                        1,
                    ), 'h' => round($this->drawing->length($this->water / self::ROWS) + 0.3, 1),
                    'dark' => round(1.0 - min(1.0, $this->light->atPlace(($column + 0.5) / self::COLUMNS, 0.5, $depth) / $brightest), 2),
                ];
            }
        }

        return $fields;
    }

    /** @return list<array{x: float, y: float, light: string}> the light at places of the picture, from the surface to the substrate */
    public function marks(): array
    {
        $marks = [];
        foreach ([0.06, 0.5, 0.97] as $down) {
            foreach ([0.04, 0.5, 0.96] as $across) {
                $marks[] = [
                    'x' => $this->drawing->x(100.0 * $across), 'y' => $this->drawing->y($this->tank->water_below_rim + $down * $this->water),
                    'light' => Show::rounded($this->light->atPlace($across, 0.5, $down * $this->water), 0),
                ];
            }
        }

        return $marks;
    }

    /** @return list<array{name: string, light: string, needs: string, state: string}> what each plant group gets at its top, and asks for */
    public function needs(): array
    {
        $planting = $this->planting;
        $needs = [];
        foreach ($planting->plantGroups ?? [] as $plantGroup) {
            if ($planting === null || $this->light->lamps === []) {
                break;
            }
            [$light, $least, $most] = [$planting->lightAt($plantGroup, 0.0), $planting->need($plantGroup), $planting->most($plantGroup)];
            $needs[] = [
                'name' => $plantGroup->name.', '.PlantGroupWords::place($plantGroup), 'light' => Show::rounded($light, 0),
                'needs' => $most === null
                    ? (string) __('light.needs.from', ['least' => Show::rounded($least, 0)])
                    : (string) __('light.needs.between', ['least' => Show::rounded($least, 0), 'most' => Show::rounded($most, 0)]),
                'state' => match (true) {
                    $light < $least => 'dark',
                    $most !== null && $light > $most => 'bright',
                    default => 'right',
                },
            ];
        }

        return $needs;
    }

    /** mm under the water, halfway down. */
    public function middle(): float
    {
        return round($this->water / 2.0, -1);
    }

    /** @return list<array{depth: string, mean: string, corner: string, middle: string, dose: string}> */
    public function rows(): array
    {
        $rows = [];
        foreach ([0.0, 0.25, 0.5, 0.75, 1.0] as $share) {
            $depth = $share * $this->water;
            $rows[] = [
                'depth' => $this->show
                    ->level($depth), 'mean' => Show::rounded($this->light->at($depth), 0), 'middle' => Show::rounded($this->light
                    ->atPlace(0.5, 0.5, $depth), 0),
                'corner' => Show::rounded($this->light->atPlace(0.03, 0.95, $depth), 0), 'dose' => Show::rounded($this->light
                    ->dose($this->light->at($depth)), 1),
            ];
        }

        return $rows;
    }

    /** What the computation may be off. */
    public function band(): string
    {
        return __('light.band', ['factor' => Show::rounded(1.0 + $this->light->band(), 1)]);
    }

    /** Hours that were really given, where they were not those that are set. */
    public function given(): ?string
    {
        [$hours, $noted] = LightQuery::given($this->tank, $this->light);

        return $noted === 0 ? null : trans_choice('light.given', $noted, [
            'hours' => Show::rounded($hours, 1), 'set' => Show::rounded($this->light->hours(), 1), 'count' => $noted, 'dose' => Show::rounded(
                $this->light->at($this->middle()) * $hours * 0.0036,
                1,
            ),
        ]);
    }

    /** What the readings made of it. */
    public function moved(): ?string
    {
        $count = $this->light->factor->count;

        return $count === 0 ? null : trans_choice('light.moved', $count, ['factor' => Show::rounded($this->light->moves(), 2), 'count' => $count]);
    }

    public function carbonHint(): string
    {
        $hasGas = $this->tank->devices->contains('kind', DeviceKind::CarbonDioxide);

        return __($hasGas ? 'light.with_gas' : 'light.without_gas', ['usual' => Show::rounded(LightQuery::carbonDioxide($this->tank), 1)]);
    }

    /** @return array<string, string|int> as the fields of a lamp show it; a usual one where there is none */
    public function fields(?Lamp $lamp): array
    {
        $levels = $this->show->levels();
        $plan = VesselQuery::tank($this->tank)->plan;
        $percent = static fn(float $share): string => Show::plain(100.0 * $share, 0);

        return [
            'kind' => $lamp->kind->value ?? 'panel', 'told_by' => $lamp->told_by->value ?? 'lumens', 'told' => $lamp === null
                ? ''
                : Show::plain($lamp->told, 1), 'colour' => $lamp->colour->value ?? 'white', 'type' => $lamp->type->value ?? 'led',
            'length' => $levels->show($lamp->length ?? round(0.9 * $plan->length(), -1)), 'width' => $levels
                ->show($lamp->width ?? 120.0), 'above' => $levels->show($lamp->above ?? 80.0),
            'angle' => Show::plain($lamp->angle ?? 120.0, 0), 'dimmer' => $percent($lamp->dimmer ?? 1.0), 'hours' => Show::plain($lamp
                ->hours ?? 8.0, 1), 'ramp' => Show::plain($lamp->ramp ?? 0.0, 0),
            'across' => $percent($lamp->across ?? 0.5), 'front' => $percent($lamp->front ?? 0.5), 'spots' => $lamp->spots ?? 1,
        ];
    }

    public function lampWords(Lamp $lamp): string
    {
        return __('light.lamp', [
            'kind' => ucfirst(label($lamp->kind)), 'flux' => Show::rounded($lamp->flux() * $lamp->dimmer, 0), 'share' => $this->show
                ->percent($this->light->share($this->light->lamps[(int) $this->tank->lamps->search($lamp)])),
            'hours' => Show::rounded($lamp->toCore()->fullHours(), 1),
        ]);
    }

    public function readingWords(LightReading $reading): string
    {
        return __('light.reading', [
            'light' => Show::rounded($reading->light, 0), 'day' => $this->show->day($reading->taken_at), 'depth' => $this->show
                ->level($reading->depth), 'across' => $this->show->percent($reading->across), 'front' => $this->show->percent($reading->front),
        ]);
    }
}
