<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Units\Amount;
use BackedEnum;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\TankSign;
use Cresco\Core\Checklist\Task;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\MessageBag;
use Illuminate\Validation\Rule;

/** What is asked of a session beside its change: tasks, what was seen, the keeper's own order, the day and a guess. */
final readonly class SessionInput
{
    /**
     * @param list<Task>     $tasks
     * @param list<string>   $own   order of steps by key; empty for that of the rules
     * @param bool           $isDry whether no water is changed
     * @param list<TankSign> $signs what was seen on the tank
     * @param int|null       $guess minutes that the keeper thinks it takes
     */
    private function __construct(
        public array $tasks,
        public array $own,
        public ?CarbonImmutable $day,
        public bool $isDry,
        public array $signs,
        public ?int $guess,
        public MessageBag $faults,
    ) {}

    public static function plain(Task ...$tasks): self
    {
        return new self(array_values($tasks), [], null, false, [], null, new MessageBag());
    }

    public static function of(Request $request): self
    {
        $asked = [
            'tasks' => $request->input('tasks'), 'order' => $request->input('order'), 'day' => $request->input('day'),
            'signs' => $request->input('signs'), 'guess' => $request->input('guess'),
        ];
        $faults = Validator::make($asked, [
            'tasks' => ['nullable', 'array', 'max:40'],
            'tasks.*' => [Rule::enum(Task::class)],
            'signs' => ['nullable', 'array', 'max:40'],
            'signs.*' => [Rule::enum(TankSign::class)],
            'guess' => ['nullable', new Amount(1, 600, 'min', '45')],
            'order' => ['nullable', 'string', 'max:1000', 'regex:/^[a-z_,]*$/'],
            'day' => ['bail', 'nullable', 'string', 'date_format:Y-m-d', 'after:-2 days', 'before:+1 year'],
        ], [
            'tasks*' => __('said.choose.listed'), 'signs*' => __('said.choose.listed'), 'order.*' => __('said.choose.order'),
            'day.*' => __('said.day.ahead'),
        ])->errors();
        $signs = self::cases(TankSign::class, $asked['signs']);
        $tasks = self::cases(Task::class, $asked['tasks']);
        // What is newly seen picks what answers it; after that each pick stands for itself.
        $known = self::cases(TankSign::class, $request->input('signs_was'));
        foreach ($signs as $sign) {
            $tasks = in_array($sign, $known, true) ? $tasks : [...$tasks, ...$sign->tasks()];
        }
        $guess = $faults->has('guess') ? null : Amount::parse($asked['guess']);

        return new self(
            array_values(array_unique($tasks, SORT_REGULAR)),
            is_string($asked['order']) && $asked['order'] !== '' && !$faults->has('order') ? explode(',', $asked['order']) : [],
            is_string($asked['day']) && $asked['day'] !== '' && !$faults->has('day') ? CarbonImmutable::createFromFormat('!Y-m-d', $asked['day']) : null,
            $request->boolean('dry'),
            $signs,
            $guess === null ? null : (int) round($guess),
            $faults,
        );
    }

    /**
     * @template T of BackedEnum
     *
     * @param class-string<T> $of
     *
     * @return list<T> each once, without what is none
     */
    private static function cases(string $of, mixed $names): array
    {
        $found = [];
        foreach (is_array($names) ? $names : [] as $name) {
            $case = is_string($name) ? $of::tryFrom($name) : null;
            if ($case !== null && !in_array($case, $found, true)) {
                $found[] = $case;
            }
        }

        return $found;
    }
}
