<?php

declare(strict_types=1);

namespace App\Plants;

use App\Units\Amount;
use App\Units\Show;
use Cresco\Core\Plants\PlantModel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\MessageBag;

/** What is asked of a trim: which plant groups, and down to where. */
final readonly class TrimInput
{
    /** @param array<int, float|null>|null $asked as TrimPlan::of takes it */
    private function __construct(public ?array $asked, public MessageBag $faults) {}

    public static function of(Request $request, PlantModel $planting, Show $show): self
    {
        if (!$request->has('trim')) {
            return new self(null, new MessageBag());
        }
        $picked = array_map(intval(...), array_filter(is_array($request->input('stands')) ? $request->input('stands') : [], is_numeric(...)));
        $typed = is_array($request->input('cut')) ? $request->input('cut') : [];
        $asked = $rules = [];
        foreach ($planting->plantGroups as $key => $plantGroup) {
            if (!in_array($key, $picked, true)) {
                continue;
            }
            $byCover = $plantGroup->isCutByCover();
            $text = $typed[$key] ?? null;
            $asked[$key] = null;
            if (is_string($text) && $text !== '') {
                $rules['cut.'.$key] = [$byCover ? new Amount(
                    1,
                    max(1.0, ceil(100.0 * $plantGroup->cover)),
                    '%',
                    '30',
                ) : $show->levels()->rule(1.0, ceil($plantGroup->height), 140.0)];
                $value = $byCover ? Amount::parse($text) : $show->levels()->parse($text);
                $asked[$key] = $value === null ? null : ($byCover ? $value / 100.0 : $value);
            }
        }
        $faults = Validator::make($request->all(), $rules)->errors();
        foreach (array_keys($asked) as $key) {
            // What cannot be stays as it was proposed, and says so at its field.
            $asked[$key] = $faults->has('cut.'.$key) ? null : $asked[$key];
        }

        return new self($asked, $faults);
    }
}
