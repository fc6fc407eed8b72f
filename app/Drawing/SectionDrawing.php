<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Models\Tank;
use App\Units\Show;
use Cresco\Core\Tank\DeviceKind;
use Cresco\Core\Tank\DeviceLevel;
use Cresco\Core\Tank\SwimmingDepth;
use Cresco\Core\Tank\Vessel;

/**
 * The tank seen from the front, to scale: every length of the drawing is a length of the tank times one scale. It places
 * what the core computed; it computes nothing about water.
 */
final readonly class SectionDrawing
{
    public float $scale;

    public float $left;

    public float $top;

    public float $right;

    public float $floor;

    public float $outerBottom;

    /** @var list<Leader> */
    public array $leaders;

    public float $height;

    private float $glass;

    /** @var list<PlantShape> from the back to the front */
    public array $plants;

    /** Room below the drawing for what its leaders say; small screens say it in a list instead. */
    public float $wordsHeight;

    /**
     * @param list<DeviceLevel> $levels
     * @param float|null        $mark        drain mark, mm below the rim; null when nothing is drained
     * @param PlantShapes|null  $plantGroups that are drawn behind the water
     * @param float             $beside      room to the right of a plain one
     * @param bool              $plain       without leaders, dimensions and words: for strips and small screens
     */
    public function __construct(
        public Tank $tank,
        public Vessel $vessel,
        public array $levels,
        public ?float $mark,
        public float $width,
        float $drawingHeight,
        public bool $plain,
        public float $waterline,
        public bool $draggable = false,
        ?PlantShapes $plantGroups = null,
        float $beside = 0.0,
    ) {
        $margins = $plain ? [4.0, 4.0, 4.0 + $beside, 4.0] : [40.0, 34.0, 92.0, 10.0];
        [$marginLeft, $marginTop, $marginRight, $marginBottom] = $margins;
        $this->glass = $tank->glass;
        $outerLength = $vessel->plan->length() + 2.0 * $this->glass;
        $outerHeight = $vessel->rim + $this->glass;
        $this->scale = min(
            ($width - $marginLeft - $marginRight) / $outerLength,
            ($drawingHeight - $marginTop - $marginBottom) / $outerHeight,
        );
        $this->left = round($marginLeft + ($width - $marginLeft - $marginRight - $outerLength * $this->scale) / 2.0, 1);
        $this->right = round($this->left + $outerLength * $this->scale, 1);
        $this->top = $marginTop;
        $this->floor = round($this->top + $vessel->rim * $this->scale, 1);
        $this->outerBottom = round($this->floor + max(1.5, $this->glass * $this->scale), 1);
        $this->plants = $plantGroups === null ? [] : $plantGroups->in($this);
        $this->leaders = $plain ? [] : $this->placeLeaders();
        $this->height = round($this->outerBottom + $marginBottom + ($plain || $mark !== null ? 0.0 : 30.0), 1);
        $this->wordsHeight = $this->leaders === [] ? 0.0 : round(38.0 * count($this->leaders) + 16.0, 1);
    }

    /** Where a level in mm below the rim lies. */
    public function y(float $belowRim): float
    {
        return round($this->top + $belowRim * $this->scale, 1);
    }

    /** Where a point so many percent of the inner length from the left lies. */
    public function x(float $percent): float
    {
        return round($this->left + ($this->glass + $this->vessel->plan->length() * $percent / 100.0) * $this->scale, 1);
    }

    public function length(float $mm): float
    {
        return round(max(0.0, $mm) * $this->scale, 1);
    }

    public function innerLeft(): float
    {
        return $this->x(0.0);
    }

    public function innerWidth(): float
    {
        return round($this->x(100.0) - $this->x(0.0), 1);
    }

    /** Top of a substrate depth above the floor. */
    public function bedY(float $depth): float
    {
        return round($this->floor - $depth * $this->scale, 1);
    }

    /** Stone: an outline of the stated height. */
    public function stone(): ?string
    {
        if ($this->tank->stone_kg <= 0.0) {
            return null;
        }
        $height = $this->length($this->tank->stone_height);
        $base = $this->bedY($this->vessel->bed->front);
        $foot = $this->floor;
        $wide = min(0.34 * $this->innerWidth(), 1.5 * $height);
        $x = $this->x(56.0);
        $peak = round($foot - $height, 1);

        return sprintf(
            '%s,%s %s,%s %s,%s %s,%s %s,%s',
            $x,
            $base,
            $x + 0.22 * $wide,
            $peak + 0.3 * ($base - $peak),
            $x + 0.52 * $wide,
            $peak,
            $x + 0.8 * $wide,
            $peak + 0.34 * ($base - $peak),
            $x + $wide,
            $base,
        );
    }

    /** Wood: a root of the stated height. */
    public function wood(): ?string
    {
        if ($this->tank->wood_kg <= 0.0) {
            return null;
        }
        $height = $this->length($this->tank->wood_height);
        $base = $this->bedY($this->vessel->bed->front);
        $rise = $base - round($this->floor - $height, 1);
        $x = $this->x(26.0);
        $reach = min(0.28 * $this->innerWidth(), 1.2 * $rise);

        return sprintf(
            'M%1$s %2$s C%3$s %4$s %5$s %6$s %7$s %8$s M%9$s %10$s C%11$s %12$s %13$s %14$s %15$s %16$s',
            $x,
            $base,
            $x + 0.1 * $reach,
            $base - 0.6 * $rise,
            $x + 0.5 * $reach,
            $base - 0.5 * $rise,
            $x + $reach,
            $base - $rise,
            $x + 0.3 * $reach,
            $base - 0.52 * $rise,
            $x + 0.2 * $reach,
            $base - 0.7 * $rise,
            $x + 0.05 * $reach,
            $base - 0.75 * $rise,
            $x - 0.25 * $reach,
            $base - 0.86 * $rise,
        );
    }

    /** @return array{float, float, float, float}|null x, y, length and body height of the largest fish, standing at the mark */
    public function fish(): ?array
    {
        if ($this->tank->fish_height < 8.0) {
            return null;
        }
        $body = $this->length($this->tank->fish_height);
        $deepest = $this->mark ?? $this->waterline;
        $bed = $this->bedY($this->vessel->bed->front);
        $y = max($this->y($deepest) + 0.75 * $body, ($this->y($deepest) + $bed) / 2.0);

        return [$this->x(46.0), round(min($y, $bed - 0.55 * $body), 1), round(2.4 * $body, 1), $body];
    }

    /** The drawing in one sentence, for those who do not see it. */
    public function description(Show $show): string
    {
        $parts = [(string) __(
            'tank.drawing.of',
            [
                'tank' => $this->tank->name, 'length' => $show->level($this->vessel->plan->length() + 2.0 * $this->tank->glass),
                'height' => $show->level($this->vessel->rim + $this->tank->glass), 'water' => $show->level($this->waterline),
            ],
        )];
        if ($this->mark !== null) {
            $parts[] = (string) __('tank.drawing.mark', ['mark' => $show->level($this->mark)]);
        }
        foreach ($this->leaders as $leader) {
            $parts[] = $leader->first.' '.$leader->second;
        }

        return implode('; ', $parts).'.';
    }

    /** Where a plant group stands: floating plants go down with the water. */
    public function plantBase(PlantShape $plant): float
    {
        return $plant->base ?? $this->y($this->mark ?? $this->waterline);
    }

    /** Whether more than half of a plant group is out of the water at the mark. */
    public function isDry(PlantShape $plant): bool
    {
        return !$plant->floats() && $plant->half > $this->vessel->rim - ($this->mark ?? $this->waterline);
    }

    /** @return list<Leader> what hangs in the water and how the mark stands to it, from left to right */
    private function placeLeaders(): array
    {
        $show = $this->tank->keeper->show();
        $mark = $this->mark ?? $this->waterline;
        $found = [];
        foreach ($this->levels as $level) {
            $cover = $level->coverAt($mark);
            $found[] = [$this->deviceX($level->device), $this->y($level->top), (string) __(
                'tank.drawing.from',
                ['device' => $level->name, 'top' => $show->level($level->top)],
            ), match (true) {
                $cover < 0.0 => (string) __('tank.drawing.bare', ['by' => $show->level(-$cover), 'then' => __('names.when_bare.'.$level->device->value)]),
                default => (string) __('tank.drawing.covered', ['by' => $show->level($cover)]),
            }, $cover < 0.0];
        }
        if ($this->tank->fish_height > 0.0) {
            $depth = SwimmingDepth::at($this->vessel, $mark);
            $needed = SwimmingDepth::needed($this->tank->fish_height);
            $fish = $this->fish();
            $found[] = [
                $fish === null ? $this->x(46.0) : $fish[0], $fish === null ? $this->bedY($this->vessel->bed->front) : $fish[1],
                (string) __('tank.drawing.fish', ['depth' => $show->level($depth)]),
                (string) __($depth < $needed ? 'tank.drawing.too_little' : 'tank.drawing.need', ['needed' => $show->level($needed)]),
                $depth < $needed,
            ];
        }
        usort($found, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $leaders = [];
        foreach ($found as $i => [$x, $y, $first, $second, $beyond]) {
            $toLeft = $x > $this->width * 0.55;
            $leaders[] = new Leader($x, $y, round($this->outerBottom + ($this->mark === null ? 58.0 : 30.0) + 38.0 * $i, 1), $first, $second, $beyond, $toLeft);
        }

        return $leaders;
    }

    public function deviceX(DeviceKind $kind): float
    {
        foreach ($this->tank->devices as $device) {
            if ($device->kind === $kind) {
                return $this->x((float) max(4, min(96, $device->across ?? 50)));
            }
        }

        return $this->x(50.0);
    }
}
