<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Grade;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Text;

/** Plants of one kind in one place, as they are today. Heights are mm above what they stand on. */
final readonly class GrowingGroup
{
    /** The tallest that one may be, mm. House limit. */
    public const TALLEST = 3000.0;

    /**
     * @param float       $left     share of the length of the plan
     * @param float       $right    the same, beyond the left
     * @param float       $front    share of its depth from the front pane
     * @param float       $back     the same, beyond the front
     * @param float       $height   mm today
     * @param float       $off      what that may be off by, mm, a standard deviation
     * @param float       $cover    of its area, above 0 to 1
     * @param float       $ceiling  mm
     * @param LearnedRate $rate     where it is fastest
     * @param float       $doubling days in which its cover doubles while sparse; 0 where it stays
     * @param float|null  $wished   height that it should have, mm
     * @param float       $perch    mm above the substrate that it sits at
     * @param float       $pause    days from now in which it does not grow
     * @param float|null  $planted  height at which it was planted, mm, while it has not been cut; a stem branches from its first cut
     * @param float       $roots    share of its food that it takes by the roots
     *
     * @throws PlantsFault
     */
    public function __construct(
        public int $key,
        public string $name,
        public GrowthForm $form,
        public LightDemand $demand,
        public float $left,
        public float $right,
        public float $front,
        public float $back,
        public float $height,
        public float $off,
        public float $cover,
        public float $ceiling,
        public LearnedRate $rate,
        public float $doubling = 0.0,
        public ?float $wished = null,
        public float $perch = 0.0,
        public float $pause = 0.0,
        public ?float $planted = null,
        public float $roots = 0.5,
    ) {
        if (!($left >= -1e-9 && $right <= 1.0 + 1e-9 && $front >= -1e-9 && $back <= 1.0 + 1e-9 && $right - $left >= 0.005 && $back - $front >= 0.005)) {
            throw PlantsFault::place();
        }
        if (!($height >= 1.0
            && max($height, $ceiling) <= self::TALLEST
            && $ceiling >= 1.0
            && $off >= 0.0
            && $off < self::TALLEST
            && $perch >= 0.0
            && $perch <= self::TALLEST)) {
            throw PlantsFault::stand();
        }
        if (!($cover > 0.0 && $cover <= 1.0 && $doubling >= 0.0 && $doubling < 1e5)) {
            throw PlantsFault::cover();
        }
        if (!($pause >= 0.0
            && $pause < 1e4
            && ($wished === null || ($wished > 0.0 && $wished <= self::TALLEST))
            && ($planted === null || ($planted > 0.0 && $planted <= self::TALLEST))
            && $roots >= 0.0
            && $roots <= 1.0)) {
            throw PlantsFault::stand();
        }
    }

    /** Share of the plan. */
    public function area(): float
    {
        return ($this->right - $this->left) * ($this->back - $this->front);
    }

    /** Middle of it from the left, 0 to 1. */
    public function across(): float
    {
        return ($this->left + $this->right) / 2.0;
    }

    /** Middle of it from the front, 0 to 1. */
    public function deep(): float
    {
        return ($this->front + $this->back) / 2.0;
    }

    public function floats(): bool
    {
        return $this->form->entry()->floats;
    }

    /** Whether a cut changes its cover and not its height. */
    public function isCutByCover(): bool
    {
        return $this->form->entry()->cutBy->isByCover();
    }

    /** Height after so many days, mm. */
    public function heightIn(float $days, ?float $from = null, ?float $rate = null): float
    {
        if (!(abs($days) < 1e5)) {
            throw PlantsFault::growth();
        }

        return $this->floats()
            ? $this->height
            : (new Regrowth($this->ceiling, $rate ?? $this->rate->median))->after(max(1.0, $from ?? $this->height), $this->growingDays($days) / 7.0);
    }

    /** Cover after so many days, 0 to 1. */
    public function coverIn(float $days, ?float $from = null, float $faster = 1.0): float
    {
        if (!(abs($days) < 1e5 && $faster > 0.0 && $faster < 1e3)) {
            throw PlantsFault::cover();
        }

        return $this->doubling <= 0.0
            ? ($from ?? $this->cover)
            : (new Spread(max(0.1, $this->doubling / $faster)))->after(max(1e-3, $from ?? $this->cover), $this->growingDays($days));
    }

    /**
     * Its height after so many days, as a working.
     *
     * @param float $days 0 or more
     */
    public function working(float $days): Computation
    {
        if (!($days >= 0.0 && $days < 1e5)) {
            throw PlantsFault::growth();
        }

        return Computation::of(Text::of('stand.title', name: $this->name))
            ->given('h0', 'stand.height_when_it_was_last_seen', new NormalValue($this->height, $this->off), 'mm')
            ->given('t', 'stand.weeks_of_growth_since', $this->growingDays($days) / 7.0, 'weeks')
            ->given(
                'ln_r',
                'stand.rate_where_it_fastest_ln_of',
                new NormalValue(log($this->rate->median), $this->rate->deviation()),
                '',
                $this->rate->count > 0 ? null : Grade::Guess,
            )
            ->constant('H', 'stand.height_at_which_it_stops', $this->ceiling, 'mm', 'house_default_by_form_water', Grade::Guess)
            ->line('h = H / (1 + (H / max(1, h0) - 1) * exp(-4 * exp(ln_r) * t / H))', 'stand.height', 'mm');
    }

    /** The same stand, cut or grown to another height or cover. */
    public function at(float $height, ?float $cover = null): self
    {
        return $this->with(height: $height, cover: $cover);
    }

    /** The same stand, growing at another rate. */
    public function growing(LearnedRate $rate): self
    {
        return $this->with(rate: $rate);
    }

    /**
     * The same stand, its height known otherwise.
     *
     * @param float $off   mm, a standard deviation
     * @param float $pause days in which it does not grow
     */
    public function off(float $off, float $pause): self
    {
        return $this->with(off: $off, pause: $pause);
    }

    /**
     * The same stand with its left front corner at another place.
     *
     * @param float $left  share of the length of the plan
     * @param float $front share of its depth from the front pane
     */
    public function to(float $left, float $front): self
    {
        return new self(
            $this->key,
            $this->name,
            $this->form,
            $this->demand,
            $left,
            $left + $this->right - $this->left,
            $front,
            $front + $this->back - $this->front,
            $this->height,
            $this->off,
            $this->cover,
            $this->ceiling,
            $this->rate,
            $this->doubling,
            $this->wished,
            $this->perch,
            $this->pause,
            $this->planted,
            $this->roots,
        );
    }

    private function with(?float $height = null, ?float $cover = null, ?LearnedRate $rate = null, ?float $off = null, ?float $pause = null): self
    {
        return new self(
            $this->key,
            $this->name,
            $this->form,
            $this->demand,
            $this->left,
            $this->right,
            $this->front,
            $this->back,
            $height ?? $this->height,
            $off ?? $this->off,
            $cover ?? $this->cover,
            $this->ceiling,
            $rate ?? $this->rate,
            $this->doubling,
            $this->wished,
            $this->perch,
            $pause ?? $this->pause,
            $this->planted,
            $this->roots,
        );
    }

    /** Of so many days, those in which it grows. */
    private function growingDays(float $days): float
    {
        return $days <= 0.0 ? $days : max(0.0, $days - $this->pause);
    }
}
