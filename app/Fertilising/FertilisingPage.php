<?php

declare(strict_types=1);

namespace App\Fertilising;

use App\Devices\Devices;
use App\Models\Dose;
use App\Models\DosePlan;
use App\Models\FeedingOverride;
use App\Models\PinchTrial;
use App\Models\PlantGroup;
use App\Models\Product;
use App\Models\Reading;
use App\Models\RootTab;
use App\Models\Tank;
use App\Plants\PlantGroupWords;
use App\Tanks\UptakeQuery;
use App\Testing\TestedPoint;
use App\Units\Show;
use App\View\Finding;
use App\View\Names;
use Carbon\CarbonImmutable;
use Cresco\Core\Fertilising\DoseSchedule;
use Cresco\Core\Fertilising\DoseSteps;
use Cresco\Core\Fertilising\DosingMethod;
use Cresco\Core\Fertilising\Fertiliser;
use Cresco\Core\Fertilising\Meal;
use Cresco\Core\Fertilising\RootTabKind;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\State\CoursePoint;
use Cresco\Core\Text;

/** What the plants of a tank are fed with: the course of every nutrient, the doses of today and this week, and what to give instead. */
final readonly class FertilisingPage
{
    /** Days of doses that are listed one by one. */
    private const LISTED = 7;

    /** What the form of a product opens for. */
    public const FEED = Product::FEED;

    /** Begins the name of the working of a level. */
    public const LEVEL = 'level-';

    public Show $show;

    public DosingMethod $school;

    /**
     * @var array<string, NutrientChart|null> by parameter value: those that were read, are given, or that the dosing method steers; null for one
     *     that still stands in the page as it is
     */
    public array $places;

    /** @var list<NutrientChart> */
    public array $strips;

    public ?CarbonDioxideChart $gas;

    /** @var list<string> what is tried moves, by parameter value */
    public array $moved;

    private CarbonImmutable $today;

    /** @param list<string>|null $drawn what was tried last moved, by parameter value, where all else still stands in the page; null for a page of its own */
    public function __construct(public Tank $tank, public FertilisingQuery $food, public DoseTrial $trial, private ?array $drawn = null)
    {
        $this->show = $tank->keeper->show();
        $this->school = $food->school();
        $this->today = $this->show->local(CarbonImmutable::now())->startOfDay();
        $tried = $trial->doses($food);
        $this->moved = array_values(array_map(
            static fn(Parameter $nutrient): string => $nutrient->value,
            array_filter(Parameter::nutrients(), static fn(Parameter $nutrient): bool => $trial->moves($nutrient, $food, $tried)),
        ));
        $this->places = $this->places($tried);
        $this->strips = array_values(array_filter($this->places));
        $this->gas = $drawn === null ? CarbonDioxideChart::of($food, $this->show) : null;
    }

    /** Whether what is not tried stands in the page already. */
    public function isPart(): bool
    {
        return $this->drawn !== null;
    }

    /**
     * @param list<array{brings: array<string, float>, every: int, from: int, until?: int}> $tried
     *
     * @return array<string, NutrientChart|null>
     */
    private function places(array $tried): array
    {
        $places = [];
        foreach (Parameter::nutrients() as $nutrient) {
            $isGiven = array_filter($tried, static fn(array $dose): bool => ($dose['brings'][$nutrient->value] ?? 0.0) > 0.0) !== [];
            if ($isGiven || $this->school->corridor($nutrient) !== null || $this->food->isRead($nutrient)) {
                $places[$nutrient->value] = null;
            }
        }
        $asked = $this->drawn === null ? array_keys($places) : array_values(array_intersect(array_keys($places), [...$this->drawn, ...$this->moved]));
        $seen = $last = [];
        foreach (Reading::query()->where('tank_id', $this->tank->id)->whereIn('parameter', $asked)->where(
            'taken_at',
            '>=',
            CarbonImmutable::now()->subDays(FertilisingQuery::SHOWN),
        )->orderBy('taken_at')->get() as $reading) {
            $seen[$reading->parameter->value][] = TestedPoint::of($reading->toCore(), $reading->taken_at->getTimestamp(), $this->show);
            $last[$reading->parameter->value] = $reading;
        }
        foreach ($asked as $name) {
            $nutrient = Parameter::from($name);
            $course = $this->food->course($nutrient);
            $planned = $this->food->ahead($nutrient);
            $isMoved = in_array($name, $this->moved, true);
            $places[$name] = new NutrientChart(
                $nutrient,
                $course,
                $isMoved
                    ? $course->ahead(
                        $this->food->coming($nutrient, $tried, $this->trial->share, $this->trial->meals),
                        $course->day + UptakeQuery::AHEAD,
                        $this->food->turns($nutrient),
                    )->thinned()
                    : $planned,
                $isMoved ? $planned : null,
                $seen[$name] ?? [],
                $this->school->corridor($nutrient),
                $nutrient === Parameter::Nitrate ? $this->tank->needs()->range($nutrient)[1] ?? null : null,
                $this->show,
                fn(NutrientChart $strip): string => (string) __(
                    'food.course',
                    [
                        'nutrient' => label($nutrient), 'now' => $this->figure($nutrient, $strip->now()),
                        'four' => $this->figure($nutrient, $strip->in(28)), 'eight' => $this->figure($nutrient, $strip->in(56)),
                    ],
                ),
                $course->count === 0 ? (string) __('food.never') : $this->readWords($last[$name] ?? null),
            );
        }

        return $places;
    }

    /** The last reading alone, as it stands on other pages: "read 32 ± 8 today". */
    private function readWords(?Reading $reading): string
    {
        return $reading === null
            ? ''
            : (string) __(
                'food.read',
                ['value' => $this->show->band($reading->parameter, $reading->toCore()->distribution()), 'day' => $this->show->day($reading->taken_at)],
            );
    }

    /** "12" */
    public function short(Parameter $nutrient, CoursePoint $point): string
    {
        return $this->show->number($nutrient, $point->level, ($point->high - $point->low) / 2.0);
    }

    /** "12 (8 to 16)" */
    public function figure(Parameter $nutrient, CoursePoint $point): string
    {
        $half = ($point->high - $point->low) / 2.0;

        return __(
            'food.figure',
            [
                'value' => $this->show->number($nutrient, $point->level, $half), 'low' => $this->show->number($nutrient, $point->low, $half),
                'high' => $this->show->number($nutrient, $point->high, $half),
            ],
        );
    }

    /** @return list<Finding> of carbon dioxide ("gas"), of doses that were left out ("missed") or of a nutrient by its value */
    public function findings(string $of): array
    {
        $strip = $this->places[$of] ?? null;

        return match (true) {
            $of === 'gas' => $this->gas?->findings() ?? [],
            $of === 'missed' => $this->missed(),
            default => $strip === null ? [] : $this->findingsOf($strip),
        };
    }

    /** @return list<Finding> */
    private function findingsOf(NutrientChart $strip): array
    {
        $found = [];
        $name = ['nutrient' => label($strip->nutrient), 'word' => word($strip->nutrient)];
        $passes = $strip->passes();
        if ($strip->limit !== null && !$strip->isRead()) {
            // What nobody has read is no alarm.
            $found[] = new Finding(Finding::HEED, __('food.unread.head', $name), __('food.unread.why', $name));
        } elseif ($strip->limit !== null && $strip->now()->low > $strip->limit) {
            $found[] = new Finding(
                Finding::BEYOND,
                __('food.over.head', $name),
                __(
                    'food.over.why',
                    ['value' => $this->figure($strip->nutrient, $strip->now()), 'limit' => $this->show->limit($strip->nutrient, $strip->limit)],
                ),
            );
        } elseif ($passes !== null && $strip->limit !== null) {
            $found[] = new Finding(
                Finding::BEYOND,
                __('food.passes.head', $name),
                trans_choice('food.passes.why', $passes, $name + ['days' => $passes, 'limit' => $this->show->limit($strip->nutrient, $strip->limit)]),
            );
        }
        $falls = $strip->isRead() ? $strip->falls() : null;
        if ($falls !== null) {
            $found[] = new Finding(Finding::HEED, __('food.falls.head', $name), trans_choice('food.falls.why', $falls, $name + ['days' => $falls]));
        }

        return $found;
    }

    /** @return list<Finding> */
    private function missed(): array
    {
        $missed = $this->missedInARow();

        return $missed < 3
            ? []
            : [new Finding(
                Finding::HEED,
                __('food.missed.head', ['count' => $missed]),
                __('food.missed.'.($this->school === DosingMethod::Plenty ? 'plenty' : 'lean')),
            )];
    }

    /** Doses that were left out last, one after another. */
    private function missedInARow(): int
    {
        $count = 0;
        foreach ($this->food->doses()->reverse() as $dose) {
            if (!$dose->missed) {
                break;
            }
            ++$count;
        }

        return $count;
    }

    /** @return list<array{plan: DosePlan, amount: string, dose: Dose|null}> what falls on today, with what was noted of it */
    public function today(): array
    {
        return once($this->dueToday(...));
    }

    /** @return list<array{plan: DosePlan, amount: string, dose: Dose|null}> */
    private function dueToday(): array
    {
        $due = [];
        $day = $this->today->format('Y-m-d');
        foreach ($this->tank->dosePlans as $plan) {
            if ($plan->falls($this->today)) {
                $due[] = [
                    'plan' => $plan, 'amount' => $this->amount($plan),
                    'dose' => $this->food->doses()->first(fn(Dose $dose): bool => $dose->product_id === $plan->product_id
                        && $dose->day->format('Y-m-d') === $day),
                ];
            }
        }

        return $due;
    }

    /** Whether a dose of today waits to be noted. */
    public function asks(): bool
    {
        return $this->firstToNote() !== null;
    }

    /** The plan whose dose of today is given by hand and was not noted yet. */
    public function firstToNote(): ?int
    {
        foreach ($this->today() as $due) {
            if ($due['dose'] === null && !$due['plan']->by_doser) {
                return $due['plan']->id;
            }
        }

        return null;
    }

    /** @return list<array{day: string, words: string}> of the coming days */
    public function week(): array
    {
        $week = [];
        for ($i = 1; $i < self::LISTED; ++$i) {
            $day = $this->today->addDays($i);
            $words = [];
            foreach ($this->tank->dosePlans as $plan) {
                if ($plan->falls($day)) {
                    $words[] = $this->amount($plan).' '.$plan->product->name;
                }
            }
            if ($words !== []) {
                $week[] = ['day' => ucfirst($this->show->date($day)), 'words' => implode(', ', $words)];
            }
        }

        return $week;
    }

    /** "1.4 g", "6.0 mL" */
    public function amount(DosePlan $plan): string
    {
        return Names::dose($plan->amount, $plan->product);
    }

    /** "6.0 mL Meadow mix every day, from 3 Dec" */
    public function planWords(DosePlan $plan): string
    {
        $words = $this->amount($plan).' '.$plan->product->name.' '.Names::every($plan->every);
        $from = $plan->starts_on;

        $words .= $plan->by_doser && $plan->at !== null ? ' '.__('food.doser.at', ['time' => $plan->at]) : '';

        return $words.($this->show->daysSinceDate($from) < 0
            ? ', '.__('food.from', ['day' => $this->show->date($from)])
            : '').($plan->ends_on === null ? '' : ', '.__(
                'food.until',
                ['day' => $this->show->date($plan->ends_on)],
            ));
    }

    /** @return list<DosePlan> what is given in the end, one for each product */
    public function goals(): array
    {
        return array_values($this->tank->dosePlans->reverse()->unique('product_id')->reverse()->all());
    }

    public function isGoal(DosePlan $plan): bool
    {
        return in_array($plan->id, array_map(static fn(DosePlan $goal): int => $goal->id, $this->goals()), true);
    }

    /** Whether it is time to look what a changed dose did. */
    public function asksToLook(): bool
    {
        return $this->tank->doses_look_on !== null && $this->show->daysSinceDate($this->tank->doses_look_on) >= 0;
    }

    /** When a changed dose is where it should be, and when to look what it did; null when none changes. */
    public function steps(): ?string
    {
        $last = null;
        foreach ($this->tank->dosePlans as $plan) {
            $ahead = $plan->endsIn($this->today);
            $last = $ahead !== null && $ahead >= 0 ? max($last ?? 0, $ahead + 1) : $last;
        }

        return $last === null ? null : trans_choice('food.steps', 1, [
            'until' => $this->today->addDays($last)->translatedFormat('j F'), 'look' => $this->today->addDays($last + DoseSteps::WAITS)
                ->translatedFormat('j F'),
        ]);
    }

    public function of(float $amount, string $unit): string
    {
        return Show::joined($unit === 'g' ? Show::grams($amount, $this->tank->keeper->scale_step) : Show::rounded($amount, $amount < 10.0 ? 1 : 0), $unit);
    }

    /** @return list<Dose> noted in the last days, the newest first */
    public function noted(): array
    {
        return array_values($this->food->doses()->reverse()->filter(fn(Dose $dose): bool => $this->show->daysSince($dose->given_at) < self::LISTED)->all());
    }

    public function hasPlants(): bool
    {
        return $this->food->hasPlants();
    }

    private function advice(): DoseAdvice
    {
        return once(fn(): DoseAdvice => $this->trial->advised($this->food, $this->feeds()));
    }

    /** @return list<array{feed: Fertiliser, amount: string, each: float, every: int}> what would bring every nutrient to its aim */
    public function proposal(): array
    {
        return array_map(
            fn(array $one): array => [
                'feed' => $one['feed'], 'amount' => $this->of($one['each'], $one['feed']->unit), 'each' => $one['each'], 'every' => $one['every'],
            ],
            $this->advice()->doses,
        );
    }

    /** @return list<string> plans that end when what is proposed is planned, in words */
    public function ends(): array
    {
        return array_map($this->planWords(...), $this->advice()->ends($this->tank->dosePlans));
    }

    /** @return list<Finding> what held the proposal back */
    public function held(): array
    {
        $advice = $this->advice();
        $words = static fn(Parameter $nutrient): string => word($nutrient);

        return [
            ...($advice->doubted === [] ? [] : [new Finding(
                Finding::HEED,
                __('food.held.doubted.head', ['what' => Names::list(array_map($words, $advice->doubted))]),
                __('food.held.doubted.why'),
            )]),
            ...($advice->full === [] ? [] : [new Finding(
                Finding::HEED,
                __('food.held.full.head', ['what' => Names::list(array_map($words, $advice->full))]),
                __('food.held.full.why'),
            )]),
            ...($advice->labels === [] ? [] : [new Finding(
                Finding::HEED,
                __('food.held.label.head', ['what' => Names::list(array_map(static fn(Fertiliser $feed): string => $feed->name, $advice->labels))]),
                __($this->tank->needs()->hasShrimp() ? 'food.held.label.shrimp' : 'food.held.label.why'),
            )]),
        ];
    }

    /** Why nothing is proposed. */
    public function nothing(): string
    {
        return match (true) {
            !$this->food->hasPlants() => __('food.no_plants'),
            $this->feeds() === [] => __('food.no_feeds'),
            $this->held() !== [] => __('food.held_back'),
            default => __('food.nothing_wanted'),
        };
    }

    /** @return list<Fertiliser> in stock */
    public function feeds(): array
    {
        return array_values(array_filter($this->tank->keeper->products
            ->map(fn(Product $product): ?Fertiliser => $product->toFeed($this->tank->keeper->scale_step))->all()));
    }

    /**
     * @return list<array{stand: PlantGroup, name: string, last: string, when: string, isDue: bool, kind: RootTabKind, number: int}> stands
     *     that feed by their roots
     */
    public function atTheRoots(): array
    {
        return once($this->rooted(...));
    }

    /** @return list<RootTab> the last of each plant group */
    private function lastRootTabs(): array
    {
        return once(fn(): array => RootTabsQuery::last([$this->tank->id]));
    }

    /** @return list<array{stand: PlantGroup, name: string, last: string, when: string, isDue: bool, kind: RootTabKind, number: int}> */
    private function rooted(): array
    {
        $due = [];
        foreach (RootTabsQuery::due([$this->tank->id => $this->tank], $this->show, $this->lastRootTabs())[$this->tank->id] ?? [] as $plantGroup => [$one]) {
            $due[$plantGroup] = $one;
        }
        $last = $kinds = $numbers = [];
        foreach ($this->lastRootTabs() as $rootTab) {
            $numbers[$rootTab->plant_group_id] = $rootTab->number;
            $kinds[$rootTab->plant_group_id] = $rootTab->kind;
            $last[$rootTab->plant_group_id] = trans_choice(
                'food.capsules.last',
                $rootTab->number,
                ['count' => $rootTab->number, 'day' => $this->show->date($rootTab->placed_on)],
            );
        }
        $found = [];
        foreach ($this->tank->plantGroups()->with('plantKind')->get() as $plantGroup) {
            if (RootTabsQuery::isFor($plantGroup) || isset($last[$plantGroup->id])) {
                $when = $due[$plantGroup->id] ?? null;
                $day = fn(int $days): string => $this->today->addDays($days)->translatedFormat('j M');
                $found[] = ['stand' => $plantGroup, 'name' => $plantGroup->toKind()->name.', '
                    .PlantGroupWords::place($plantGroup), 'last' => $last[$plantGroup->id] ?? __('food.capsules.never'), 'when' => match (true) {
                        $when === null => '',
                        $when->until <= 0 => __('food.capsules.now'),
                        default => __('food.capsules.when', ['from' => $day(max(0, $when->from)), 'until' => $day($when->until)]),
                    }, 'isDue' => $when !== null
                    && $when->middle() <= 0.0, 'kind' => $kinds[$plantGroup->id] ?? RootTabKind::Clay, 'number' => $numbers[$plantGroup->id] ?? 1];
            }
        }

        return $found;
    }

    /** @return list<RootTabKind> */
    public function rootTabs(): array
    {
        return RootTabKind::cases();
    }

    public function hasDoser(): bool
    {
        return Devices::has($this->tank->keeper, Devices::DOSER);
    }

    /** What a pump does of a dose that nobody has said anything of. */
    public function byPump(DosePlan $plan): string
    {
        $empty = $plan->emptyIn($this->today);

        return (string) __($empty !== null && $empty <= 0 ? 'food.pump_empty' : 'food.by_pump');
    }

    /** @return list<array{words: string, working: string|null}> what is said of a doser */
    public function doserLines(DosePlan $plan): array
    {
        if (!$plan->by_doser) {
            return [];
        }
        $empty = $plan->emptyIn($this->today);
        $lines = [['working' => null, 'words' => $plan->measured_on === null
            ? (string) __('food.doser.never')
            : (string) __(
                'food.doser.gives',
                [
                    'share' => $this->show->percent($plan->delivers), 'amount' => $this->of($plan->given(), $plan->product->unit),
                    'day' => $this->show->date($plan->measured_on),
                ],
            )]];
        if ($empty !== null) {
            $lines[] = ['working' => 'bottle-'.$plan->id, 'words' => (string) __(
                $empty <= 0 ? 'food.doser.empty' : 'food.doser.until',
                ['day' => $this->show->date($this->today->addDays($empty))],
            )];
        }

        return $lines;
    }

    /** Two bottles that pumps give too close to each other, in words. */
    public function tooClose(): ?string
    {
        $given = [];
        foreach ($this->goals() as $plan) {
            if ($plan->by_doser && $plan->at !== null) {
                [$hour, $minute] = array_map(intval(...), explode(':', $plan->at));
                $given[] = [$plan->product->name, $hour + $minute / 60.0, $this->food->brings($plan, $plan->given())];
            }
        }
        $close = DoseSchedule::tooClose($given);

        return $close === null
            ? null
            : (string) __('food.doser.close', ['one' => $close[0], 'other' => $close[1], 'apart' => Show::plain(DoseSchedule::APART, 0)]);
    }

    /** @return array<string, string> products that can be planned, by id */
    public function products(): array
    {
        $names = [];
        foreach ($this->feeds() as $feed) {
            $names[$feed->key] = $feed->name.' ('.$feed->unit.')';
        }

        return $names;
    }

    /** "made 0.8 a day" or "taken up 0.4 a day", beside what is written down */
    public function rateWords(Parameter $nutrient): string
    {
        $rate = $this->food->course($nutrient)->rate();
        $words = $rate->central() < 0.0 ? 'food.rate.takes' : 'food.rate.makes';

        return __($words, ['rate' => $this->show->rateNumber($nutrient, abs($rate->central()), 1.2816 * $rate->spread())]);
    }

    /** @return list<array{words: string, working: string|null}> what comes with the food of the animals, from soil and root tabs, and what the plant groups take */
    public function sources(): array
    {
        $lines = [];
        if (($this->tank->food_grams ?? 0.0) > 0.0) {
            $lines[] = ['working' => 'meal', 'words' => (string) __('food.source.meals', [
                'grams' => Show::plain($this->tank->food_grams ?? 0.0, 2), 'nitrate' => $this->show
                    ->rate(Parameter::Nitrate, $this->meal()->value('nitrate')), 'phosphate' => $this->show->rate(
                        Parameter::Phosphate,
                        $this->meal()->value('phosphate'),
                    ),
            ])];
        }
        $now = $this->food->day(CarbonImmutable::now());
        $left = $this->food->slow->left($now);
        if ($left !== null) {
            $words = $this->food->slow->isYoung($now) ? 'food.source.young' : 'food.source.soil';
            $lines[] = ['working' => $this->food->slow->isYoung($now) ? 'soil' : null, 'words' => (string) __($words, [
                'nitrate' => $this->show->rate(
                    Parameter::Nitrate,
                    $this->food->slow->soilWorking($now)?->value('nitrate') ?? 0.0,
                ), 'left' => $this->show->percent($left),
            ])];
        }
        $rootTabs = $this->food->slow->rootTabWorking(Parameter::Nitrate, $now);
        if ($rootTabs !== null) {
            $lines[] = ['working' => 'capsules', 'words' => (string) __(
                'food.source.capsules',
                ['nitrate' => $this->show->rate(Parameter::Nitrate, $rootTabs->value('c'))],
            )];
        }
        $uptake = $this->food->uptake(Parameter::Nitrate);
        if ($uptake > 0.0) {
            $lines[] = ['working' => null, 'words' => (string) __(
                'food.source.uptake',
                [
                    'nitrate' => $this->show->rate(Parameter::Nitrate, $uptake),
                    'phosphate' => $this->show->rate(Parameter::Phosphate, $this->food->uptake(Parameter::Phosphate)),
                    'potassium' => $this->show->rate(Parameter::Potassium, $this->food->uptake(Parameter::Potassium)),
                ],
            )];
        }

        return $lines;
    }

    public function meal(): Computation
    {
        return Meal::of($this->tank->food_grams ?? 0.0, $this->tank->food_protein, $this->food->litres);
    }

    /** How long the root tabs last that were set at a plant group. */
    private function rootTabLife(int $plantGroup): ?Computation
    {
        foreach ($this->lastRootTabs() as $rootTab) {
            if ($rootTab->plant_group_id === $plantGroup) {
                return $rootTab->kind->working($this->tank->warmth, $rootTab->plantGroup->toKind()->roots);
            }
        }

        return null;
    }

    /** What a pinch weighs, in words. */
    public function pinchWords(): string
    {
        $pinch = $this->tank->pinch();

        return $pinch === null ? (string) __('food.pinch.none') : implode(' ', array_filter([
            trans_choice(
                'food.pinch.weighs',
                $pinch->trials,
                ['count' => $pinch->trials, 'grams' => Show::plain($pinch->mean, 3), 'spread' => Show::plain($pinch->spread, 3)],
            ),
            $pinch->aside === 0 ? '' : trans_choice('food.pinch.aside', $pinch->aside, ['count' => $pinch->aside]),
        ]));
    }

    /** @return array<int, string> weighings of pinches in words, by record */
    public function pinches(): array
    {
        return $this->tank->loadMissing('pinchTrials')->pinchTrials
            ->mapWithKeys(fn(PinchTrial $trial): array => [$trial->id => $this->show->date($trial->taken_at).': '.__(
                'food.pinch.trial',
                ['count' => $trial->pinches, 'grams' => Show::plain($trial->grams_each, 3)],
            )])->all();
    }

    public function spellWords(FeedingOverride $spell): string
    {
        return __(
            'food.spell',
            ['from' => $this->show->date($spell->from_day), 'until' => $this->show->date($spell->until_day), 'grams' => Show::plain($spell->grams, 2)],
        ).($spell->note === null ? '' : ' '.$spell->note);
    }

    public function working(string $name): ?Computation
    {
        $nutrient = Parameter::tryFrom($name);

        return match (true) {
            $name === 'meal' => $this->inKit($this->inKit($this->meal(), Parameter::Phosphate, 'phosphate', 'pr'), Parameter::Nitrate, 'nitrate', 'nr'),
            $name === 'gas' => $this->gas?->working(),
            $name === 'soil' => $this->inKit($this->food->slow->soilWorking($this->food->day(CarbonImmutable::now())), Parameter::Nitrate, 'nitrate', 'nr'),
            $name === 'capsules' => $this->inKit(
                $this->food->slow->rootTabWorking(Parameter::Nitrate, $this->food->day(CarbonImmutable::now())),
                Parameter::Nitrate,
                'c',
                'nr',
            ),
            preg_match('/^capsule-(\d{1,9})$/', $name, $found) === 1 => $this->rootTabLife((int) $found[1]),
            preg_match('/^bottle-(\d{1,9})$/', $name, $found) === 1 => $this->tank->dosePlans->find((int) $found[1])?->emptyWorking($this->today),
            str_starts_with($name, self::LEVEL) => $this->levelWorking(substr($name, strlen(self::LEVEL))),
            $nutrient !== null => $this->trial->wanted($this->food, $nutrient),
            default => null,
        };
    }

    /** What something brings in a day, in the end in the unit of the keeper's kit. */
    private function inKit(?Computation $working, Parameter $nutrient, string $symbol, string $as): ?Computation
    {
        return $working?->alsoIn($symbol, $as, Text::of('slow_food.nutrient', what: $nutrient), $this->show->unit($nutrient), '/d');
    }

    /** How the level of a nutrient that is drawn came about, to the digits of the page. */
    private function levelWorking(string $name): ?Computation
    {
        foreach ($this->strips as $strip) {
            if ($strip->nutrient->value === $name) {
                return $this->food->levelWorking($strip->nutrient);
            }
        }

        return null;
    }
}
