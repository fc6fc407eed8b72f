<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Photo;
use App\Models\Tank;
use App\Tanks\PlantModelQuery;
use App\Tanks\VesselQuery;
use Carbon\CarbonImmutable;
use Cresco\Core\Plants\GrowingGroup;
use Cresco\Core\Plants\GrowthForm;
use Cresco\Core\Plants\PlantModel;
use GdImage;
use Illuminate\Support\Facades\Storage;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Pictures of the demo from the fixed spot: painted from the heights of those days, since nobody stood there with a camera. */
final class DemoPhotos
{
    private const WIDE = 960;

    private readonly GdImage $image;

    private readonly Randomizer $chance;

    private readonly float $scale;

    private readonly int $high;

    private function __construct(private readonly Tank $tank, private readonly PlantModel $planting)
    {
        $vessel = VesselQuery::tank($tank);
        $this->chance = new Randomizer(new Mt19937(4711));
        $this->scale = self::WIDE / $vessel->plan->length();
        $this->high = max(1, (int) round($vessel->rim * $this->scale));
        $this->image = imagecreatetruecolor(self::WIDE, $this->high);
    }

    public static function take(Tank $tank, CarbonImmutable $today): void
    {
        foreach ([[82, false], [40, true], [2, false]] as $i => [$ago, $isMeant]) {
            $at = $today->subDays($ago)->setTime(19, 10)->utc();
            $image = (new self($tank, PlantModelQuery::tank($tank, $at)))->paint();
            $name = $tank->keeper_id.'/demo-'.$tank->id.'-'.$i.'.jpg';
            ob_start();
            imagejpeg($image, null, 85);
            Storage::disk('local')->put('photos/'.$name, (string) ob_get_clean());
            $photo = new Photo([
                'tank_id' => $tank->id, 'file' => $name, 'width' => imagesx($image), 'height' => imagesy($image), 'taken_at' => $at,
                'is_intent' => $isMeant,
            ]);
            $photo->keeper_id = $tank->keeper_id;
            $photo->save();
        }
    }

    private function paint(): GdImage
    {
        for ($y = 0; $y < $this->high; ++$y) {
            $dark = $y / $this->high;
            imageline($this->image, 0, $y, self::WIDE, $y, $this->colour(150 - 90 * $dark, 186 - 90 * $dark, 190 - 80 * $dark));
        }
        imagefilledrectangle($this->image, 0, $this->floor($this->planting->bed->back), self::WIDE, $this->high, $this->colour(112, 98, 76));
        $plantGroups = $this->planting->plantGroups;
        usort($plantGroups, static fn(GrowingGroup $a, GrowingGroup $b): int => $b->deep() <=> $a->deep());
        foreach (array_filter($plantGroups, static fn(GrowingGroup $plantGroup): bool => $plantGroup->deep() >= 0.5) as $plantGroup) {
            $this->stand($plantGroup);
        }
        $ground = $this->floor($this->planting->bed->front);
        imagefilledrectangle($this->image, 0, $ground, self::WIDE, $this->high, $this->colour(176, 152, 112));
        for ($i = 0; $i < 2600; ++$i) {
            imagesetpixel(
                $this->image,
                $this->chance->getInt(0, self::WIDE - 1),
                $this->chance->getInt($ground, $this->high - 1),
                $this->colour(...array_fill(0, 3, $this->chance->getInt(90, 200))),
            );
        }
        $this->stone($ground);
        foreach (array_filter($plantGroups, static fn(GrowingGroup $plantGroup): bool => $plantGroup->deep() < 0.5) as $plantGroup) {
            $this->stand($plantGroup);
        }

        return $this->image;
    }

    private function stand(GrowingGroup $plantGroup): void
    {
        $left = (int) round($plantGroup->left * self::WIDE);
        $right = (int) round($plantGroup->right * self::WIDE);
        $base = $this->floor($this->planting->base($plantGroup));
        $tall = min($plantGroup->height, $this->planting->room($plantGroup)) * $this->scale;
        $depth = 1.0 - 0.35 * $plantGroup->deep();
        [$red, $green, $blue] = match ($plantGroup->form) {
            GrowthForm::Stem => $plantGroup->key % 2 === 0 ? [150.0, 96.0, 62.0] : [92.0, 150.0, 58.0],
            GrowthForm::Ribbon => [70.0, 128.0, 52.0],
            GrowthForm::Rosette => [104.0, 100.0, 52.0],
            default => [62.0, 118.0, 50.0],
        };
        $count = (int) max(12, ($right - $left) * (0.5 + 0.5 * $plantGroup->cover) / 2.2);
        for ($i = 0; $i < $count; ++$i) {
            $x = $this->chance->getInt($left, max($left + 1, $right));
            $high = $tall * $this->chance->getInt(72, 100) / 100.0;
            $lean = $this->chance->getInt(-14, 14);
            for ($up = 0.0; $up < $high; $up += 4.0) {
                $lit = $depth * (0.55 + 0.45 * $up / max(1.0, $high)) * $this->chance->getInt(82, 108) / 100.0;
                $size = $plantGroup->form === GrowthForm::Ribbon ? 3 : $this->chance->getInt(4, 9);
                imagefilledellipse(
                    $this->image,
                    (int) ($x + $lean * ($up / max(1.0, $tall)) ** 2),
                    (int) ($base - $up),
                    $size,
                    max(3, intdiv($size, 2)),
                    $this->colour($red * $lit, $green * $lit, $blue * $lit),
                );
            }
        }
    }

    private function stone(int $ground): void
    {
        if ($this->tank->stone_kg <= 0.0) {
            return;
        }
        $tall = (int) ($this->tank->stone_height * $this->scale * 0.8);
        for ($i = 0; $i < $tall; ++$i) {
            $half = (int) (0.85 * $tall * sqrt(1.0 - ($i / $tall) ** 2) / 1.3);
            $grey = 96 + $this->chance->getInt(-7, 7) + (int) (40.0 * $i / $tall);
            imageline(
                $this->image,
                (int) (0.62 * self::WIDE) - $half,
                $ground + 8 - $i,
                (int) (0.62 * self::WIDE) + (int) (0.7 * $half),
                $ground + 8 - $i,
                $this->colour($grey, $grey, $grey + 4),
            );
        }
    }

    private function floor(float $mm): int
    {
        return (int) round($this->high - $mm * $this->scale);
    }

    private function colour(float $red, float $green, float $blue): int
    {
        $byte = static fn(float $part): int => max(0, min(255, (int) $part));

        return (int) imagecolorallocate($this->image, $byte($red), $byte($green), $byte($blue));
    }
}
