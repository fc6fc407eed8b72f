<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Data\GroupTrim;
use App\Models\Checklist;
use App\Models\ChecklistStep;
use App\Models\PlantGroup;
use App\Units\Amount;
use App\Units\Show;
use App\WaterChange\ChecklistPage;
use Cresco\Core\Plants\GrowingGroup;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\ValidationException;

/** How stands were found and left in a step of a checklist, as typed. What was not touched is what had been planned. */
final class TrimsFound
{
    /**
     * @return array<int, array{height: float, cover: float, before: float|null, coverBefore: float|null, guessed: bool, replanted: int}> by
     *     stand, as KeepLooks takes them
     *
     * @throws ValidationException with a message at each field that is wrong
     */
    public static function of(Request $request, Checklist $checklist, ChecklistStep $step, Show $show): array
    {
        if (!$request->boolean('stands_asked') || $request->boolean('skip')) {
            return [];
        }
        $cuts = $step->content->plantGroups;
        $last = [];
        foreach (PlantGroup::query()->standing()->where('tank_id', $checklist->tank_id)->whereKey(array_map(
            static fn(GroupTrim $cut): int => $cut->plantGroup,
            $cuts,
        ))->with('latestLook')->get() as $plantGroup) {
            $last[$plantGroup->id] = $plantGroup->latestLook;
        }
        $found = $faults = [];
        foreach ($cuts as $cut) {
            if (!array_key_exists($cut->plantGroup, $last) || !in_array(
                (string) $cut->plantGroup,
                array_map(strval(...), array_filter((array) $request->input('cut_stands', []), is_scalar(...))),
                true,
            )) {
                continue;
            }
            [$before, $isTyped] = self::read($request, $cut, 'before', $cut->before, $show, $faults);
            [$after] = self::read($request, $cut, 'after', $cut->to, $show, $faults);
            if ($after > $before + 1e-9 && !isset($faults["stand_after.$cut->plantGroup"])) {
                $faults["stand_after.$cut->plantGroup"] = __('plants.after_taller');
            }
            $was = $last[$cut->plantGroup];
            $found[$cut->plantGroup] = [
                'height' => $cut->byCover ? $was->height ?? 20.0 : $after, 'cover' => $cut->byCover ? $after : $was->cover ?? 1.0,
                'before' => $cut->byCover ? null : $before, 'coverBefore' => $cut->byCover ? $before : null,
                // What nobody measured is the forecast and says nothing about it.
                'guessed' => !$isTyped, 'replanted' => 0,
            ];
        }
        if ($faults !== []) {
            throw ValidationException::withMessages($faults);
        }

        return $found;
    }

    /**
     * @param array<string, string> $faults
     *
     * @return array{float, bool} what it says, and whether it was typed
     */
    private static function read(Request $request, GroupTrim $cut, string $which, float $planned, Show $show, array &$faults): array
    {
        $text = $request->input("stand_$which.$cut->plantGroup");
        if (!is_string($text) || trim($text) === '' || trim($text) === ChecklistPage::cut($cut, $planned, $show)) {
            return [$planned, false];
        }
        $field = "stand_$which.$cut->plantGroup";
        $rule = $cut->byCover ? new Amount(1, 100, '%', '40') : $show->levels()->rule(1.0, GrowingGroup::TALLEST, 140.0);
        foreach (Validator::make(['it' => $text], ['it' => [$rule]])->errors()->get('it') as $words) {
            $faults[$field] = is_string($words) ? $words : '';
        }
        $value = $cut->byCover ? (Amount::parse($text) ?? 1.0) / 100.0 : $show->levels()->parse($text) ?? 1.0;

        return [$value, true];
    }
}
