<?php

declare(strict_types=1);

namespace App\Problems;

use App\Data\GivenAnswers;
use App\Models\Keeper;
use App\Models\Problem;
use App\Models\ProblemSubject;
use App\Models\Tank;
use Cresco\Core\Diagnosis\AlgaeTypes;
use Cresco\Core\Diagnosis\Answers;
use Cresco\Core\Diagnosis\AppearanceSigns;
use Cresco\Core\Diagnosis\Belief;
use Cresco\Core\Diagnosis\Causes;
use Cresco\Core\Diagnosis\DiagnosticSigns;
use Cresco\Core\Diagnosis\ExclusiveDiagnosis;
use Cresco\Core\Diagnosis\IndependentCauses;
use Cresco\Core\Diagnosis\KindDiagnosis;
use Cresco\Core\Diagnosis\LeafCauses;
use Cresco\Core\Diagnosis\LeafSigns;
use Cresco\Core\Diagnosis\Observation;
use Illuminate\Database\Eloquent\Builder;

/** What a problem comes to: the keeper's answers weighed with what the log tells, and with the cases that this keeper confirmed. */
final class DiagnosisQuery
{
    /** Cases of the past that are learned from. House limit. */
    private const MOST = 500;

    /** A hint this near to certain is counted like an answer when a case is confirmed. House default. */
    private const CERTAIN = 0.9;

    /** @var array<string, KnownSign> */
    public readonly array $hints;

    public readonly GivenAnswers $given;

    private ?ExclusiveDiagnosis $kinds = null;

    private ?IndependentCauses $causes = null;

    /**
     * @param array<string, array<string, list<int>>> $confirmed by kind or cause and sign, over the answers
     * @param int                                     $cases     that were confirmed
     */
    private function __construct(public readonly Problem $problem, private readonly array $confirmed, public readonly int $cases)
    {
        $hints = SignsFromLogQuery::tank($problem->tank, $problem->ended_at);
        $dirty = SignsFromLogQuery::dirty($hints);
        $plantGroup = $problem->plant_group_id === null
            ? []
            : SignsFromLogQuery::plantGroup($problem->tank, $problem->plant_group_id, $problem->tank->keeper->show());
        $this->hints = [...$hints, ...$dirty === null ? [] : ['dirty' => $dirty], ...$plantGroup];
        $this->given = $problem->answers;
    }

    public static function of(Problem $problem, Tank $tank): self
    {
        $problem->setRelation('tank', $tank);

        return new self($problem, ...self::confirmed($tank->keeper, $problem));
    }

    public function isAboutLeaves(): bool
    {
        return $this->problem->about === ProblemSubject::Leaves;
    }

    /** @return non-empty-array<string, Observation> that are asked about what it is */
    public function signs(): array
    {
        return $this->isAboutLeaves() ? LeafSigns::all() : AppearanceSigns::all();
    }

    /** @return non-empty-array<string, Observation> that are asked about why it is here */
    public function causeSigns(): array
    {
        return $this->isAboutLeaves() ? LeafSigns::all() : DiagnosticSigns::all();
    }

    public function kinds(): ExclusiveDiagnosis
    {
        return $this->kinds ??= KindDiagnosis::of($this->answers(AppearanceSigns::all()), $this->confirmed);
    }

    public function causes(): IndependentCauses
    {
        return $this->causes ??= $this->isAboutLeaves()
            ? LeafCauses::of($this->answers(LeafSigns::all()), self::withCause($this->confirmed))
            : Causes::of($this->answers(DiagnosticSigns::all()), $this->kinds()->posterior(), self::withCause($this->confirmed));
    }

    /** The kind that is held for true: what the answers make likely, else what was held before; null where it is none of these. */
    public function held(): ?string
    {
        $ranked = $this->kinds()->ranked();
        $first = (string) array_key_first($ranked);
        $known = isset(AlgaeTypes::all()[$first]) ? $first : null;

        return $known !== null && $ranked[$known] >= Belief::Likely->least() ? $known : $this->problem->kind ?? $known;
    }

    /** Whether the log has a word on a sign, and the keeper none. */
    public function fromDiary(string $sign): ?KnownSign
    {
        return $this->given->option($sign) !== null ? null : $this->hints[$sign] ?? null;
    }

    /** @return array<string, string> the keeper's answers, and what the log was certain of: what a confirmed case is learned by */
    public function certain(): array
    {
        $found = [];
        foreach ($this->hints as $sign => $hint) {
            if ($hint->chance >= self::CERTAIN || $hint->chance <= 1.0 - self::CERTAIN) {
                $found[$sign] = $hint->chance > 0.5 ? Observation::YES : Observation::NO;
            }
        }

        return [...$found, ...array_diff($this->given->options, [GivenAnswers::UNKNOWN])];
    }

    /** @param array<string, Observation> $signs */
    private function answers(array $signs): Answers
    {
        $answers = Answers::none();
        foreach ($signs as $key => $sign) {
            $option = $this->given->option($key);
            $hint = $this->fromDiary($key);
            if ($option !== null && in_array($option, $sign->options, true)) {
                $answers = $answers->with($sign, $option);
            } elseif ($hint !== null && $sign->isYesNo()) {
                $answers = $answers->likely($sign, $hint->chance);
            }
        }

        return $answers;
    }

    /** @return array{array<string, array<string, list<int>>>, int} */
    private static function confirmed(Keeper $keeper, Problem $now): array
    {
        $signs = [...AppearanceSigns::all(), ...DiagnosticSigns::all(), ...LeafSigns::all()];
        $counts = [];
        $ended = Problem::query()->whereIn('tank_id', $keeper->tanks()->select('tanks.id'))->where('about', $now->about)->whereKeyNot($now->id)
            ->whereNotNull('ended_at')->where(static fn(Builder $cases) => $cases->whereNotNull('kind')->orWhereNotNull('cause'))
            ->orderByDesc('ended_at')->limit(self::MOST)->get(['id', 'answers', 'kind', 'cause']);
        foreach ($ended as $case) {
            foreach ($case->answers->options as $key => $option) {
                $at = isset($signs[$key]) ? array_search($option, $signs[$key]->options, true) : false;
                foreach ($at === false ? [] : array_filter([$case->kind, $case->cause]) as $of) {
                    $counts[$of][$key] ??= array_fill(0, count($signs[$key]->options), 0);
                    $counts[$of][$key] = self::counted($counts[$of][$key], (int) $at);
                }
            }
        }

        return [$counts, $ended->count()];
    }

    /**
     * @param list<int> $counts
     *
     * @return list<int>
     */
    private static function counted(array $counts, int $at): array
    {
        return array_map(static fn(int $count, int $i): int => $count + ($i === $at ? 1 : 0), $counts, array_keys($counts));
    }

    /**
     * Only cases that were confirmed as a cause count, for what it shows.
     *
     * @param array<string, array<string, list<int>>> $confirmed
     *
     * @return array<string, array<string, array{list<int>, list<int>}>>
     */
    private static function withCause(array $confirmed): array
    {
        return array_map(static fn(array $signs): array => array_map(static fn(array $seen): array => [$seen, []], $signs), $confirmed);
    }
}
