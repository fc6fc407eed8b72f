<?php

declare(strict_types=1);

namespace App\Today;

use App\Drawing\Chart;
use App\Drawing\PlantShapes;
use App\Drawing\SectionDrawing;
use App\Models\Tank;
use App\Schedule\JobsQuery;
use App\Tanks\TankWaterQuery;
use App\Tanks\VesselQuery;
use App\Tanks\WaterFigure;
use App\Testing\ChartsPage;
use App\Units\Show;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Tank\DeviceLevel;
use Cresco\Core\Tank\Vessel;

/** The section of one tank: drawing, dimensions, state of the water, last events. */
final readonly class OverviewPage
{
    public Vessel $vessel;

    public SectionDrawing $drawing;

    public Show $show;

    /** What is to be done, as on the page of today. */
    public TankStrip $strip;

    /** @var array<string, Chart> what was tested, by parameter value */
    private array $charts;

    public function __construct(public Tank $tank, private TankWaterQuery $water)
    {
        $this->vessel = VesselQuery::tank($tank);
        $this->show = $tank->keeper->show();
        $this->strip = TodayPage::tank(JobsQuery::of($tank->keeper, $tank), $water);
        $this->charts = ChartsPage::small($tank);
        $this->drawing = new SectionDrawing(
            $tank,
            $this->vessel,
            VesselQuery::levels($tank),
            null,
            640.0,
            400.0,
            false,
            $tank->water_below_rim,
            false,
            PlantShapes::now($tank),
        );
    }

    /** How the volume, or a figure of the water, was worked out. */
    public function working(string $of): ?Computation
    {
        $parameter = Parameter::tryFrom($of);

        return $of === 'volume' ? $this->vessel->volume() : ($parameter === null ? null : $this->water->carriedOn($parameter));
    }

    /** @return list<array{string, string}> */
    public function dimensions(): array
    {
        $tank = $this->tank;
        $rows = [
            [label($tank->shape), (string) __('tank.fact.glass', ['size' => implode(' × ', array_map(
                $this->show->sizes()->show(...),
                array_filter(
                    [$tank->outer_length, $tank->outer_depth, $tank->middle_depth, $tank->outer_height],
                    static fn(?float $mm): bool => $mm !== null && $mm > 0.0,
                ),
            )).' '.$this->show->sizes()->label, 'glass' => $this->show->levels()->text($tank->glass)])],
            [(string) __('tank.fact.waterline'), (string) __('tank.fact.below', ['level' => $this->show->level($tank->water_below_rim)])],
            [(string) __('tank.fact.surface'), $this->show->area($this->vessel->freeArea($this->vessel->waterHeight() - 0.5))],
            [(string) __($this->show->sizes()->label === 'in' ? 'tank.fact.inch' : 'tank.fact.centimetre'), (string) __(
                'tank.fact.at_surface',
                ['litres' => $this->show->volume($this->vessel->litresDrainedAt($tank->water_below_rim + $this->show->sizes()->toBase(1.0)), 2)],
            )],
        ];
        if ($this->vessel->bed->highest() > 0.0) {
            $rows[] = [(string) __('tank.fact.bed'), (string) __(
                'tank.bed',
                [
                    'back' => $this->show->sizes()->text($tank->substrate_back), 'front' => $this->show->sizes()->text($tank->substrate_front),
                    'water' => $this->show->percent($tank->porosity),
                ],
            )];
        }
        if ($tank->stone_kg > 0.0 || $tank->wood_kg > 0.0) {
            $rows[] = [(string) __('tank.fact.hardscape'), implode(', ', array_filter([
                $tank->stone_kg > 0.0 ? (string) __('tank.fact.stone', ['weight' => $this->show->weights()->text($tank->stone_kg)]) : '',
                $tank->wood_kg > 0.0 ? (string) __('tank.fact.wood', ['weight' => $this->show->weights()->text($tank->wood_kg)]) : '',
            ]))];
        }

        return $rows;
    }

    /** @return list<array{string, string, string}> level in mm, what it is, litres above it */
    public function levels(): array
    {
        $rows = [];
        $levels = $this->drawing->levels;
        usort($levels, static fn(DeviceLevel $a, DeviceLevel $b): int => $a->top <=> $b->top);
        foreach ($levels as $level) {
            $rows[] = [
                $this->show->level($level->top),
                $level->name,
                $this->show->volume(max(0.0, $this->vessel->litresDrainedAt($level->top))),
            ];
        }

        return $rows;
    }

    /** @return list<WaterFigure> */
    public function figures(): array
    {
        $figures = [];
        foreach (Parameter::ofTanks() as $parameter) {
            $figure = new WaterFigure($parameter, $this->water);
            if ($figure->value !== null || !$parameter->entry()->isSideline) {
                $figures[] = $figure;
            }
        }

        return $figures;
    }

    public function chart(Parameter $parameter): ?Chart
    {
        return $this->charts[$parameter->value] ?? null;
    }

    /** @return list<string> names of what was never tested */
    public function untested(): array
    {
        return array_values(array_map(
            static fn(WaterFigure $figure): string => label($figure->parameter),
            array_filter($this->figures(), static fn(WaterFigure $figure): bool => $figure->value === null),
        ));
    }

    /** @return list<array{float, float}> the plan seen from above, scaled into a box so wide and high, front below */
    public function outline(float $wide, float $high): array
    {
        $scale = min($wide / $this->vessel->plan->length(), $high / $this->vessel->plan->depth());

        return array_map(static fn(array $p): array => [round($p[0] * $scale, 1), round($p[1] * $scale, 1)], $this->vessel->plan->outline());
    }
}
