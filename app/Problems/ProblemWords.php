<?php

declare(strict_types=1);

namespace App\Problems;

use App\Models\Problem;
use App\Models\ProblemSubject;
use App\Models\Treatment;
use Cresco\Core\Diagnosis\AlgaeTypes;
use Cresco\Core\Diagnosis\AppearanceSigns;
use Cresco\Core\Diagnosis\ExclusiveDiagnosis;

/** What is found in a tank, in words. */
final class ProblemWords
{
    public static function title(Problem $problem): string
    {
        if ($problem->about === ProblemSubject::Leaves) {
            return $problem->plantGroup === null ? __('inquiry.leaves_all') : __('inquiry.leaves_of', ['plants' => $problem->plantGroup->toKind()->name]);
        }
        $what = $problem->kind === null ? __('inquiry.something') : self::kind($problem->kind);

        return self::place($problem->place) === null ? $what : __('inquiry.on', ['what' => $what, 'place' => self::place($problem->place)]);
    }

    public static function kind(string $key): string
    {
        return match (true) {
            $key === ExclusiveDiagnosis::NONE => __('inquiry.none_of_these'),
            isset(AlgaeTypes::all()[$key]) => __('inquiry.kinds.'.$key.'.name'),
            default => __('inquiry.something'),
        };
    }

    public static function cause(string $key, ProblemSubject $about): string
    {
        return __(($about === ProblemSubject::Leaves ? 'inquiry.leaf_causes.' : 'inquiry.causes.').$key.'.name');
    }

    /** What should be seen on the day of a check-up. */
    public static function expects(Treatment $treatment): string
    {
        return __('inquiry.check.see', ['expects' => __('inquiry.remedies.'.$treatment->remedy->value.'.expects')]);
    }

    public static function place(?string $place): ?string
    {
        return $place !== null && in_array($place, AppearanceSigns::all()['where']->options, true) ? (string) __('inquiry.places.'.$place) : $place;
    }
}
