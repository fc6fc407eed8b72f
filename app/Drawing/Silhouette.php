<?php

declare(strict_types=1);

namespace App\Drawing;

use Cresco\Core\Plants\GrowthForm;

/**
 * The outline of a stand in its form's own way of growing, from its width and height in the drawing. It stands on 0 and grows to where y is
 * below 0; the same stand is always drawn alike.
 */
final class Silhouette
{
    private int $state;

    /** @var list<string> */
    private array $parts = [];

    private readonly float $over;

    private readonly bool $isToLeft;

    /** Outline to be filled. */
    public readonly string $leaves;

    /** Lines to be drawn. */
    public readonly string $stems;

    /** @var list<string> */
    private array $lines = [];

    /** @var list<array{float, float}> where the plant stands again, and how tall against the first; none where the outline is that of all of it */
    public array $places = [];

    /**
     * @param float $width   in the drawing
     * @param float $height  in the drawing, up to where it ends or lies over
     * @param float $over    length that lies over at the surface, in the drawing; below 0 to the left
     * @param float $cover   of its area, 0 to 1
     * @param bool  $isSmall with few leaves, for small drawings
     */
    public function __construct(
        GrowthForm $form,
        private readonly float $width,
        private readonly float $height,
        float $over,
        private readonly float $cover,
        int $seed,
        private readonly bool $isSmall = false,
    ) {
        $this->over = abs($over);
        $this->isToLeft = $over < 0.0;
        $this->state = 40503 * ($seed + 7) % 65521;
        match ($form) {
            GrowthForm::Stem => $this->rows(9.0, $this->stem(...)),
            GrowthForm::Ribbon => $this->rows(7.0, $this->ribbon(...)),
            GrowthForm::Runner => $this->rows(5.0, $this->blade(...)),
            GrowthForm::Rosette, GrowthForm::Epiphyte, GrowthForm::Fern => $this->fans($form),
            GrowthForm::Carpet, GrowthForm::Moss => $this->mat($form === GrowthForm::Moss),
            GrowthForm::Floating => $this->pads(),
        };
        $this->leaves = implode('', $this->parts);
        $this->stems = implode('', $this->lines);
    }

    /** @param callable(float, float): void $draw given where it stands and how tall it is */
    private function rows(float $gap, callable $draw): void
    {
        $count = (int) max(2.0, min(24.0, round($this->width * max(0.3, $this->cover) / $gap)));
        $draw(0.0, $this->height);
        for ($i = 0; $i < $count; ++$i) {
            $this->places[] = [
                round($this->width * ($i + 0.5 + 0.5 * ($this->chance() - 0.5)) / $count, 1),
                $this->over > 0.0
                    ? round(($this->isToLeft ? -1.0 : 1.0) * (0.93 + 0.07 * $this->chance()), 2)
                    : round(($this->chance() < 0.5 ? -1.0 : 1.0) * (0.84 + 0.16 * $this->chance()), 2),
            ];
        }
    }

    /**
     * One plant and where it stands again, as markup.
     *
     * @param string $uid    of the drawing
     * @param bool   $shaded whether it is hatched
     */
    public function markup(string $uid, int $key, bool $shaded): string
    {
        $id = $uid.'-p'.$key;
        $one = sprintf('<g id="%s"><path class="stems" d="%s" fill="none" stroke="#3f6b2a"/><path class="leaves" d="%s"/>', $id, $this->stems, $this->leaves)
            .($shaded ? sprintf('<path class="in-shade" d="%s" fill="url(#%s-s)"/>', $this->leaves, $uid) : '').'</g>';
        $again = array_map(
            static fn(array $place): string => sprintf(
                '<use href="#%s" transform="matrix(%d 0 0 %s %s 0)"/>',
                $id,
                $place[1] < 0.0 ? -1 : 1,
                abs($place[1]),
                $place[0],
            ),
            $this->places,
        );

        return $again === [] ? $one : '<defs>'.$one.'</defs>'.implode('', $again);
    }

    private function stem(float $x, float $tall): void
    {
        $lean = 5.0 * ($this->chance() - 0.5);
        $over = $this->over > 0.0 ? $this->over * (0.6 + 0.4 * $this->chance()) : 0.0;
        $tall = $over > 0.0 ? $this->height : $tall;
        $this->lines[] = sprintf('M%.1f 0q%.1f %.1f %.1f %.1f', $x, -$lean, -$tall / 2.0, $lean, -$tall).($over > 0.0 ? sprintf('q2 -1 %.1f 0', $over) : '');
        $gap = max(6.0, $tall / ($this->isSmall ? 5.0 : 20.0)) * (0.9 + 0.2 * $this->chance());
        for ($y = $gap * (0.3 + 0.7 * $this->chance()); $y < $tall; $y += $gap) {
            // Leaves are smaller below, where the light does not reach.
            $size = (3.5 + 5.0 * $y / max(1.0, $tall)) * (0.75 + 0.5 * $this->chance());
            $at = $x + $lean * ($y / $tall) ** 2;
            $rise = -$size * (0.35 + 0.4 * $this->chance());
            $this->leaf($at, -$y, $size, $rise, 0.32 * $size);
            $this->leaf($at, -$y + 1.5, -$size, $rise, 0.32 * $size);
        }
        for ($along = 3.0; $along < $over; $along += 6.0) {
            $this->leaf($x + $lean + $along, -$tall, 4.0, 3.0, 2.0);
        }
        $this->leaf($x + $lean, -$tall + 1.0, 1.0, -5.0, 2.5);
    }

    private function ribbon(float $x, float $tall): void
    {
        $lean = 0.25 * $tall * ($this->chance() - 0.4);
        $over = $this->over > 0.0 ? $this->over * (0.5 + 0.5 * $this->chance()) : 0.0;
        $tall = $over > 0.0 ? $this->height : $tall;
        $this->parts[] = $over > 0.0
            ? sprintf(
                'M%.1f 0c0 %.1f %.1f %.1f %.1f %.1fq2 -2 %.1f 0q%.1f 1 %.1f 2c%.1f %.1f %.1f %.1f %.1f %.1fz',
                $x,
                -0.6 * $tall,
                $lean,
                -0.8 * $tall,
                $lean,
                -$tall,
                $over,
                -0.5 * $over,
                -$over,
                0.0,
                0.2 * $tall,
                -$lean + 3.0,
                0.4 * $tall,
                -$lean + 3.0,
                $tall - 2.0,
            )
            : sprintf(
                'M%.1f 0c0 %.1f %.1f %.1f %.1f %.1fc%.1f %.1f %.1f %.1f %.1f %.1fz',
                $x,
                -0.6 * $tall,
                $lean,
                -0.8 * $tall,
                $lean,
                -$tall,
                1.0,
                0.2 * $tall,
                -$lean + 3.0,
                0.5 * $tall,
                -$lean + 3.0,
                $tall,
            );
    }

    private function blade(float $x, float $tall): void
    {
        $lean = 0.5 * $tall * ($this->chance() - 0.5);
        $this->parts[] = sprintf(
            'M%.1f 0q%.1f %.1f %.1f %.1fq%.1f %.1f %.1f %.1fz',
            $x,
            0.1 * $lean,
            -0.6 * $tall,
            $lean,
            -$tall,
            -0.4 * $lean + 1.0,
            0.5 * $tall,
            -$lean + 2.0,
            $tall,
        );
    }

    private function fans(GrowthForm $form): void
    {
        $count = (int) max(1.0, min(6.0, round($this->width / max(14.0, 1.1 * $this->height))));
        [$leaves, $broad] = match ($form) {
            GrowthForm::Fern => [6, 0.09],
            GrowthForm::Epiphyte => [7, 0.34],
            default => [9, 0.2],
        };
        $x = 0.0;
        for ($i = 0; $i < $count; ++$i) {
            $this->places[] = [round($this->width * ($i + 0.5) / $count, 1), round($i === 0 ? 1.0 : 0.85 + 0.15 * $this->chance(), 2)];
            if ($i > 0) {
                continue;
            }
            $reach = min($this->width / $count / 1.5, 0.9 * $this->height);
            for ($k = 0; $k < $leaves; ++$k) {
                $turn = ($k + 0.5) / $leaves * 2.0 - 1.0;
                $long = $this->height * (1.0 - 0.35 * $turn * $turn) * (0.85 + 0.15 * $this->chance());
                [$dx, $dy] = [$reach * $turn, -max(0.25 * $this->height, $long * (1.0 - 0.5 * abs($turn)))];
                if ($form === GrowthForm::Epiphyte) {
                    $this->lines[] = sprintf('M%.1f 0l%.1f %.1f', $x, 0.5 * $dx, 0.5 * $dy);
                    $this->leaf($x + 0.5 * $dx, 0.5 * $dy, 0.5 * $dx, 0.5 * $dy, $broad * $this->height * 0.6);
                } else {
                    $this->leaf($x, 0.0, $dx, $dy, $broad * $this->height);
                }
            }
        }
    }

    private function mat(bool $isShaggy): void
    {
        $gap = $isShaggy ? 5.0 : 7.0;
        $count = (int) max(3.0, min(60.0, round($this->width / $gap)));
        $step = $this->width / $count;
        $outline = 'M0 0';
        for ($i = 0; $i < $count; ++$i) {
            // Bare zones where it has not closed.
            $isBare = $this->chance() > $this->cover;
            $tall = $isBare
                ? min(1.5, $this->height)
                : $this->height * ($isShaggy
                    ? 0.6 + 0.4 * $this->chance()
                    : 0.85 + 0.15 * $this->chance()) * ($isShaggy ? sin(M_PI * ($i + 0.7) / ($count + 0.4)) ** 0.5 : 1.0);
            $outline .= sprintf('L%.1f %.1fQ%.1f %.1f %.1f %.1f', $i * $step, -0.7 * $tall, ($i + 0.5) * $step, -1.3 * $tall, ($i + 1) * $step, -0.7 * $tall);
        }
        $this->parts[] = $outline.sprintf('L%.1f 0z', $this->width);
    }

    private function pads(): void
    {
        $count = (int) max(2.0, min(60.0, round($this->width / 9.0)));
        for ($i = 0; $i < $count; ++$i) {
            if ($this->chance() > $this->cover) {
                continue;
            }
            $x = $this->width * ($i + 0.5) / $count;
            $this->parts[] = sprintf('M%.1f 0q4 -5 8 0q-4 2.5 -8 0z', $x - 4.0);
            $this->lines[] = sprintf('M%.1f 1q%.1f 4 0 %.1f', $x, 3.0 * ($this->chance() - 0.5), 5.0 + 6.0 * $this->chance());
        }
    }

    /** A leaf from a point to another, so broad in its middle. */
    private function leaf(float $x, float $y, float $dx, float $dy, float $broad): void
    {
        $long = max(0.1, hypot($dx, $dy));
        [$nx, $ny] = [-$dy / $long * $broad, $dx / $long * $broad];
        $this->parts[] = sprintf(
            'M%.1f %.1fq%.1f %.1f %.1f %.1fq%.1f %.1f %.1f %.1fz',
            $x,
            $y,
            0.5 * $dx + $nx,
            0.5 * $dy + $ny,
            $dx,
            $dy,
            -0.5 * $dx - $nx,
            -0.5 * $dy - $ny,
            -$dx,
            -$dy,
        );
    }

    /** 0 to 1, the same for the same stand. */
    private function chance(): float
    {
        $this->state = (17364 * $this->state + 11) % 65521;

        return $this->state / 65520.0;
    }
}
