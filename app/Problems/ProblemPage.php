<?php

declare(strict_types=1);

namespace App\Problems;

use App\Models\Photo;
use App\Models\Problem;
use App\Models\ProblemAim;
use App\Models\Tank;
use App\Models\Treatment;
use App\Tanks\ConcernLine;
use App\Tanks\LightQuery;
use App\Tanks\TankWaterQuery;
use App\Tanks\TasksDoneQuery;
use App\Tanks\VesselQuery;
use App\Units\Show;
use App\Units\TimeDifference;
use App\View\Names;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\FilterStrain;
use Cresco\Core\Checklist\Peroxide;
use Cresco\Core\Checklist\Task;
use Cresco\Core\Diagnosis\AlgaeType;
use Cresco\Core\Diagnosis\AlgaeTypes;
use Cresco\Core\Diagnosis\Belief;
use Cresco\Core\Diagnosis\Causes;
use Cresco\Core\Diagnosis\DiagnosticSigns;
use Cresco\Core\Diagnosis\DieOff;
use Cresco\Core\Diagnosis\FindingKind;
use Cresco\Core\Diagnosis\Grazer;
use Cresco\Core\Diagnosis\KindDiagnosis;
use Cresco\Core\Diagnosis\LeafCauses;
use Cresco\Core\Diagnosis\LightStep;
use Cresco\Core\Diagnosis\Likelihood;
use Cresco\Core\Diagnosis\NextQuestion;
use Cresco\Core\Diagnosis\Observation;
use Cresco\Core\Diagnosis\Remedy;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Grade;
use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Measure\Parameter;

/** One finding: what it is, why it is here, what is done about it. */
final class ProblemPage
{
    /** Kinds and causes that are shown; the rest is counted. */
    private const SHOWN = 5;

    /** Share from which something is shown at all. */
    private const LEAST = 0.05;

    /** Share from which a cause is gone after. House default. */
    private const LIKELY = 0.5;

    /** Share from which what takes a cause away is offered. House default. */
    private const OFFERED = 0.2;

    /** Things that are ticked beside taking it out: one at its cause at a time shows what helped. House default. */
    private const AT_ONCE = 2;

    /** Fresh mass when nobody weighed it: a handful, g. House default. */
    public const HANDFUL = 30.0;

    /** dKH that is used where none was read. House default. */
    private const KH = 4.0;

    public readonly Problem $problem;

    public readonly Tank $tank;

    public readonly Show $show;

    private ?TankWaterQuery $water = null;

    public function __construct(public readonly DiagnosisQuery $of, public readonly string $part, public readonly float $grams = self::HANDFUL)
    {
        $this->problem = $of->problem;
        $this->tank = $of->problem->tank;
        $this->show = $this->tank->keeper->show();
    }

    public function title(): string
    {
        return ProblemWords::title($this->problem);
    }

    public function url(string $part = ''): string
    {
        return '/tanks/'.$this->tank->id.'/problems/'.$this->problem->id.($part === '' || $part === 'what' ? '' : '/'.$part);
    }

    /** @return array<string, string> its parts with their addresses */
    public function parts(): array
    {
        return array_map($this->url(...), $this->of->isAboutLeaves() ? ['what' => 'what', 'now' => 'now'] : ['what' => 'what', 'why' => 'why', 'now' => 'now']);
    }

    private function isWhat(): bool
    {
        return $this->part === 'what' && !$this->of->isAboutLeaves();
    }

    private function next(): ?NextQuestion
    {
        return $this->isWhat()
            ? $this->of->kinds()->next(KindDiagnosis::acts(), $this->of->given->skipped())
            : $this->of->causes()->next($this->of->given->skipped());
    }

    /** @return array{question: Question, danger: bool}|null what tells most for what it costs */
    public function asked(): ?array
    {
        $next = $this->problem->ended_at === null ? $this->next() : null;

        return $next === null ? null : ['question' => $this->question($next->sign), 'danger' => $next->danger];
    }

    /** @return list<Question> all of them */
    public function questions(): array
    {
        return array_values(array_map($this->question(...), $this->isWhat() ? $this->of->signs() : $this->of->causeSigns()));
    }

    private function question(Observation $sign): Question
    {
        return new Question($sign, $this->of->given->option($sign->key), $this->of->fromDiary($sign->key), $this->show);
    }

    /** @return list<Suspect> what it may be, or what may be behind it, most likely first */
    public function suspects(): array
    {
        $found = [];
        foreach ($this->isWhat() ? $this->of->kinds()->ranked() : $this->of->causes()->ranked() as $key => $share) {
            if (count($found) < self::SHOWN && ($share >= self::LEAST || count($found) < 3)) {
                $found[] = $this->isWhat() ? $this->kind($key, $share) : $this->cause($key, $share);
            }
        }

        return $found;
    }

    /** How many are not shown. */
    public function rest(): int
    {
        return count(array_filter($this->isWhat() ? $this->of->kinds()->posterior() : $this->of->causes()->posterior())) - count($this->suspects());
    }

    private function kind(string $key, float $share): Suspect
    {
        $kind = AlgaeTypes::all()[$key] ?? null;
        $misfits = $kind === null ? [] : $this->of->kinds()->misfits($key);

        return new Suspect(
            $key,
            ProblemWords::kind($key),
            __($kind === null ? 'inquiry.none_looks' : 'inquiry.kinds.'.$key.'.looks'),
            $share,
            Belief::of($share)->value,
            $kind === null ? [] : $this->of->kinds()->weights($key),
            $kind?->drawing,
            $misfits === [] ? null : (string) __('inquiry.poor', ['signs' => Names::list(array_map(fn(string $sign): string => $this->said($sign), $misfits))]),
            self::grades($kind->shares ?? []),
        );
    }

    private function cause(string $key, float $share): Suspect
    {
        return new Suspect(
            $key,
            ProblemWords::cause($key, $this->problem->about),
            __(($this->of->isAboutLeaves() ? 'inquiry.leaf_causes.' : 'inquiry.causes.').$key.'.why'),
            $share,
            Belief::of(min(1.0, $share))->value,
            $this->of->causes()->weights($key),
            grades: self::grades(($this->of->isAboutLeaves() ? LeafCauses::all() : Causes::all())[$key]->shares),
        );
    }

    /**
     * @param array<string, Likelihood> $shares
     *
     * @return array<string, Grade>
     */
    private static function grades(array $shares): array
    {
        return array_map(static fn(Likelihood $share): Grade => $share->grade, $shares);
    }

    /** A sign as it was answered, for a sentence. */
    public function said(string $key): string
    {
        $sign = $this->of->signs()[$key] ?? $this->of->causeSigns()[$key] ?? null;
        if ($sign === null) {
            return $key;
        }
        $question = $this->question($sign);
        $short = __('inquiry.short.'.$key);

        return $sign->isYesNo() ? $short.': '.($question->held() ?? __('inquiry.unknown')) : ($question->held() ?? __('inquiry.unknown'));
    }

    /** Where a sign was read. */
    public function source(string $key): string
    {
        $hint = $this->of->fromDiary($key);

        return $hint === null ? __('inquiry.said') : Question::words($hint);
    }

    /** Where the window of a sign stands on the course; null for one without. */
    public function courseOf(string $key): ?string
    {
        return DiagnosticSigns::window($key) === null
            ? null
            : '/tanks/'.$this->tank->id.'/charts?'.http_build_query(['span' => DiagnosticSigns::window($key) > 60 ? 182 : 91, 'sign' => $key]);
    }

    /** @return list<Question> that are not answered and of which the answer would move the causes most */
    public function open(): array
    {
        $gains = [];
        foreach ($this->of->causeSigns() as $key => $sign) {
            $gain = $this->of->causes()->gain($sign);
            if ($gain > $sign->effort->bits() && !in_array($key, $this->of->given->skipped(), true)) {
                $gains[$key] = $gain - $sign->effort->bits();
            }
        }
        arsort($gains);

        return array_map(fn(string $key): Question => $this->question($this->of->causeSigns()[$key]), array_slice(array_keys($gains), 0, self::SHOWN));
    }

    /** The kind that is held for true; null for leaves, and while none is likely. */
    public function held(): ?AlgaeType
    {
        if ($this->of->isAboutLeaves()) {
            return null;
        }
        $key = $this->of->held();

        return $key !== null && ($this->problem->kind !== null || $this->of->kinds()->posterior()[$key] >= self::OFFERED) ? AlgaeTypes::all()[$key] : null;
    }

    /** @return list<Treatment> that are under way */
    public function underWay(): array
    {
        return $this->problem->ended_at !== null ? [] : array_values($this->problem->treatments->whereNull('checked_at')->all());
    }

    /** @return list<Treatment> that were looked at */
    public function looked(): array
    {
        return array_values($this->problem->treatments->whereNotNull('checked_at')->sortByDesc('checked_at')->all());
    }

    public function isDue(Treatment $treatment): bool
    {
        return $treatment->check_on->format('Y-m-d') <= $this->show->local(CarbonImmutable::now())->format('Y-m-d');
    }

    /** When something that is begun today is looked at. */
    public function checkDay(Remedy $remedy): string
    {
        return $this->show->day(CarbonImmutable::now()->addDays($remedy->days()));
    }

    /** A day of the keeper's calendar in words. */
    public function day(CarbonImmutable $day): string
    {
        return $this->show->day(CarbonImmutable::parse($day->format('Y-m-d').' 12:00', $this->tank->keeper->timezone)->utc());
    }

    /** @return list<Proposal> what can be done, the usual first */
    public function proposals(): array
    {
        $kind = $this->held();
        $wanted = [];
        if ($kind !== null) {
            $wanted[Remedy::Hand->value] = null;
        }
        foreach ($this->of->causes()->ranked() as $cause => $share) {
            foreach ($share < self::OFFERED ? [] : ($this->of->isAboutLeaves() ? LeafCauses::remedies($cause) : Causes::remedies($cause)) as $remedy) {
                $wanted[$remedy->value] ??= $cause;
            }
        }
        foreach ($kind->remedies ?? [] as $remedy) {
            $wanted[$remedy->value] ??= null;
        }
        if ($kind !== null && $kind->takesSpot) {
            $wanted[Remedy::Spot->value] ??= null;
        }
        if ($kind !== null && ($kind->takesSpot || $kind->takesDark)) {
            $wanted[Remedy::Changes->value] ??= null;
        }
        $planned = [];
        foreach ($this->underWay() as $treatment) {
            $planned[$treatment->remedy->value] = $treatment->check_on;
        }
        $proposals = [];
        $ticked = 0;
        foreach ($wanted as $name => $cause) {
            $remedy = Remedy::from($name);
            // What the likelier cause asks for is not undone by what a less likely one does.
            if (!$this->isOffered($remedy, $kind) || array_filter($proposals, static fn(Proposal $one): bool => $one->remedy->contradicts($remedy)) !== []) {
                continue;
            }
            $share = $cause === null ? 0.0 : $this->of->causes()->posterior()[$cause];
            $tick = $planned === []
                && $this->problem->aim !== ProblemAim::Wanted
                && (($remedy === Remedy::Hand && $this->problem->aim === ProblemAim::None) || ($share >= self::LIKELY && $ticked < self::AT_ONCE));
            $ticked += $tick && $remedy !== Remedy::Hand ? 1 : 0;
            $proposals[] = new Proposal($remedy, $this->how($remedy, $kind), $cause, $cause === null
                ? null
                : ProblemWords::cause($cause, $this->problem->about), $tick, self::cautions($remedy, $kind), $planned[$name] ?? null, match ($remedy) {
                    Remedy::Changes => ['ammonium', 'ammonia', 'oxygen'],
                    Remedy::Spot => ['peroxide'],
                    default => [],
                });
        }

        return $proposals;
    }

    private function isOffered(Remedy $remedy, ?AlgaeType $kind): bool
    {
        return match ($remedy) {
            Remedy::Hand => $kind !== null,
            Remedy::Spot => $kind === null || $kind->takesSpot,
            Remedy::Dark => ($kind === null || $kind->takesDark) && $remedy->suits($this->tank->needs()),
            default => true,
        };
    }

    /** @return list<string> */
    private static function cautions(Remedy $remedy, ?AlgaeType $kind): array
    {
        return match (true) {
            $remedy === Remedy::Spot => [__('inquiry.cautions.peroxide'), __('inquiry.cautions.copper')],
            $remedy === Remedy::Dark => [__('inquiry.cautions.oxygen')],
            $remedy === Remedy::Hand && $kind?->key === 'cyanobacteria' => [__('inquiry.cautions.gloves')],
            default => [],
        };
    }

    private function how(Remedy $remedy, ?AlgaeType $kind): string
    {
        $key = 'inquiry.remedies.'.$remedy->value;

        return match ($remedy) {
            Remedy::Hand => implode(' ', array_map(static fn($technique): string => __('inquiry.techniques.'.$technique->value), $kind->techniques ?? [])),
            Remedy::Spot => __(
                $key.'.how',
                [
                    'most' => $this->show->liquid(Peroxide::most($this->low(), $this->tank->needs()->isHarmedByOxidisers())),
                    'litres' => $this->show->volume($this->low()),
                ],
            ),
            Remedy::LightHours => $this->lightHours($key),
            Remedy::Changes => $this->series($key, $kind),
            Remedy::Grazers => $this->grazers($key, $kind),
            Remedy::Wait => __($key.'.how', ['day' => $this->show->day(CarbonImmutable::now()->addDays($remedy->days()))]),
            default => __($key.'.how'),
        };
    }

    /** Litres that are left at the mark of the usual change. */
    private function low(): float
    {
        return VesselQuery::tank($this->tank)->litres() * (1.0 - $this->tank->routine_share);
    }

    private function lightHours(string $key): string
    {
        $this->tank->loadMissing(['lamps', 'lightReadings', 'devices']);
        $hours = min(24.0, LightQuery::given($this->tank, LightQuery::tank($this->tank))[0]);
        $next = LightStep::hours($hours);

        return $next === null ? __($key.'.light_least') : __($key.'.how', ['hours' => Show::plain($hours, 1), 'next' => Show::plain($next, 1)]);
    }

    /** @return list<Photo> by day */
    public function photos(): array
    {
        return array_values($this->problem->photos()->get()->all());
    }

    private function water(): TankWaterQuery
    {
        return $this->water ??= TankWaterQuery::of($this->tank);
    }

    public function dieOff(?AlgaeType $kind = null): DieOff
    {
        // Whoever's age is not known, and a filter that was cleaned a short time ago, is not taken to be settled.
        $cleaned = TasksDoneQuery::last([$this->tank->id])[$this->tank->id][Task::Media->value] ?? null;
        $age = $this->tank->age();
        $isSettled = $age !== null
            && $age >= 7.0 * DiagnosticSigns::YOUNG_WEEKS
            && ($cleaned === null || TimeDifference::days($cleaned, CarbonImmutable::now()) >= FilterStrain::FILTER_RESTS);

        return new DieOff(
            ($kind ?? $this->held())->sort ?? FindingKind::Alga,
            $this->grams,
            VesselQuery::tank($this->tank)->litres(),
            max(0.0, $this->water()->aDay()->central()),
            $isSettled,
        );
    }

    /** @return array{float, float} alkalinity in meq/L, and degrees */
    private function buffer(): array
    {
        $state = $this->water()->state();

        return [max(
            0.05,
            $state->central(Parameter::CarbonateHardness, self::KH * Alkalinity::MILLIEQUIVALENT_PER_DEGREE),
        ), min(40.0, max(1.0, $state->central(Parameter::Temperature, $this->tank->warmth)))];
    }

    private function series(string $key, ?AlgaeType $kind): string
    {
        $dies = $this->dieOff($kind);
        [$alkalinity, $celsius] = $this->buffer();
        $changes = $dies->changes($this->tank->needs()->ammoniaAlarm(), $share = min(0.9, max(0.05, $this->tank->routine_share)), $alkalinity, $celsius);
        $oxygen = $dies->oxygen();
        $sizing = __($key.'.sizing', [
            'mass' => Show::plain($this->grams, 0).' g', 'ammonium' => $this->show
                ->value(Parameter::Ammonium, DieOff::OFF * $dies->ammonium()->value('NH4')), 'oxygen' => Show::plain($oxygen->value('O2'), 1),
            'held' => Show::plain($oxygen->value('held'), 1), 'ph' => Show::plain(DieOff::highestPh($alkalinity, $celsius), 1),
        ]);

        return $sizing.' '.match (true) {
            $changes === null => __($key.'.series_too_much'),
            $changes === 0 => __($key.'.series_none'),
            default => trans_choice($key.'.series', $changes, ['count' => $changes, 'share' => $this->show->percent($share)]),
        };
    }

    private function grazers(string $key, ?AlgaeType $kind): string
    {
        $takers = $kind === null ? [] : Grazer::takers($kind->key);
        if ($takers === []) {
            return __($key.'.no_taker');
        }
        $hardness = $this->water()->state()->get(Parameter::GeneralHardness)?->central();
        $fits = $not = [];
        foreach ($takers as $grazer) {
            $name = __('inquiry.grazers.'.$grazer->value, ['number' => $grazer->needs()[4]]);
            $against = $grazer->against(
                VesselQuery::tank($this->tank)->litres(),
                min(45.0, max(0.0, $this->tank->warmth)),
                $hardness === null ? null : min(100.0, max(0.0, $hardness / Hardness::MILLIMOLE_PER_DEGREE)),
                $this->tank->needs(),
            );
            if ($against === []) {
                $fits[] = $name;
            } else {
                $not[] = $name.' ('.Names::list(array_map(static fn(string $why): string => __('inquiry.grazers.against.'.$why), $against)).')';
            }
        }

        return ($fits === []
            ? __($key.'.none')
            : __($key.'.how', ['fits' => implode('; ', $fits)])).($not === [] ? '' : ' '.__($key.'.not', ['not' => implode('; ', $not)]));
    }

    /** @return list<ConcernLine> dangers that come before any diagnosis */
    public function alarms(): array
    {
        return $this->problem->ended_at !== null ? [] : ConcernLine::alarms($this->water(), $this->show);
    }

    /** The working of a figure; null for an unknown name. */
    public function working(string $name): ?Computation
    {
        return match ($name) {
            'ammonium' => $this->dieOff()->ammonium(),
            'oxygen' => $this->dieOff()->oxygen(),
            'ammonia' => $this->dieOff()->freeAmmonia(...$this->buffer()),
            'peroxide' => Peroxide::working($this->low(), $this->tank->needs()->isHarmedByOxidisers()),
            default => null,
        };
    }

    /** @return array<string, string> kinds by key, for saying what it turned out to be */
    public function kinds(): array
    {
        $names = array_map(ProblemWords::kind(...), array_combine(array_keys(AlgaeTypes::all()), array_keys(AlgaeTypes::all())));
        asort($names);

        return $names;
    }

    /** @return array<string, string> causes by key, most likely first */
    public function causes(): array
    {
        $names = [];
        foreach (array_keys($this->of->causes()->ranked()) as $key) {
            $names[$key] = ProblemWords::cause($key, $this->problem->about);
        }

        return $names;
    }

    /** How many ended cases of this keeper are weighed in. */
    public function learnedFrom(): int
    {
        return $this->of->cases;
    }

    public function isFresh(): bool
    {
        return $this->of->given->options === [];
    }
}
