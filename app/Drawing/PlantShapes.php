<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Models\Tank;
use App\Tanks\PlantModelQuery;
use Cresco\Core\Plants\PlantModel;
use Illuminate\Support\Facades\Cache;

/** The plant groups as a section draws them: on a day of a planting, or as they stand in this hour, which is kept for each size of drawing. */
final readonly class PlantShapes
{
    /** Changes with the way they are drawn. */
    private const VERSION = 1;

    private function __construct(private ?PlantModel $planting, private float $day, private ?Tank $tank) {}

    /** As they will stand so many days on. */
    public static function on(PlantModel $planting, float $day): self
    {
        return new self($planting, $day, null);
    }

    /** As they stand now. */
    public static function now(Tank $tank): self
    {
        return new self(null, 0.0, $tank);
    }

    /** @return list<PlantShape> from the back to the front */
    public function in(SectionDrawing $drawing): array
    {
        if ($this->tank === null) {
            return $this->planting === null ? [] : self::place($drawing, $this->planting, $this->day);
        }
        if (PlantModelQuery::isBare($this->tank)) {
            return [];
        }
        $name = sprintf('drawn.%d.%d', $this->tank->id, $drawing->width);
        $key = [self::VERSION, PlantModelQuery::hour($this->tank), $drawing->scale, $drawing->left, $drawing->top];
        $kept = Cache::get($name);
        if (is_array($kept) && ($kept[0] ?? null) === $key && is_array($kept[1] ?? null)) {
            return array_values(array_filter($kept[1], static fn(mixed $shape): bool => $shape instanceof PlantShape));
        }
        $shapes = self::place($drawing, PlantModelQuery::tank($this->tank), 0.0);
        Cache::put($name, [$key, $shapes], 7200);

        return $shapes;
    }

    /** @return list<PlantShape> from the back to the front */
    private static function place(SectionDrawing $drawing, PlantModel $planting, float $day): array
    {
        $heights = $planting->heights($day);
        $hasLamp = $planting->light->lamps !== [];
        $shapes = [];
        foreach ($planting->plantGroups as $key => $plantGroup) {
            $height = $heights[$key];
            $room = $planting->room($plantGroup);
            $base = $planting->base($plantGroup);
            $x = $drawing->x(100.0 * $plantGroup->left);
            $width = round($drawing->x(100.0 * $plantGroup->right) - $x, 1);
            $up = $plantGroup->floats() ? 6.0 : $drawing->length(min($height, $room));
            $over = $drawing->length(max(0.0, $height - $room)) * ($planting->leansLeft($plantGroup) ? -1.0 : 1.0);
            $shaded = $hasLamp && !$plantGroup->floats() && $planting->lightAt($plantGroup, $day) < $planting->need($plantGroup);
            $shapes[] = new PlantShape(
                $key,
                $plantGroup->name,
                $x,
                $plantGroup->floats() ? null : $drawing->bedY($base),
                $width,
                $up,
                $plantGroup->floats() ? 0.0 : $plantGroup->deep(),
                $base + min($height, $room) / 2.0,
                $shaded,
                !$plantGroup->floats() && !$plantGroup->form->entry()->reachesSurface,
                (new Silhouette($plantGroup->form, $width, $up, $over, $plantGroup->coverIn($day), $key, $drawing->width < 300.0))
                    ->markup(PlantShape::DRAWING, $key, $shaded),
            );
        }
        usort($shapes, static fn(PlantShape $a, PlantShape $b): int => [$b->deep, $a->key] <=> [$a->deep, $b->key]);

        return $shapes;
    }
}
