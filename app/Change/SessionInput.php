<?php

declare(strict_types=1);

namespace App\Change;

use Carbon\CarbonImmutable;
use Cresco\Core\Work\Task;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\MessageBag;
use Illuminate\Validation\Rule;

/** What is asked of a session beside its change: tasks, the keeper's own order, the day. */
final readonly class SessionInput
{
    /**
     * @param list<Task>   $tasks
     * @param list<string> $own  order of steps by key; empty for that of the rules
     */
    private function __construct(public array $tasks, public array $own, public ?CarbonImmutable $day, public MessageBag $faults) {}

    public static function of(Request $request): self
    {
        $asked = ['tasks' => $request->input('tasks'), 'order' => $request->input('order'), 'day' => $request->input('day')];
        $faults = Validator::make($asked, [
            'tasks' => ['nullable', 'array', 'max:40'],
            'tasks.*' => [Rule::enum(Task::class)],
            'order' => ['nullable', 'string', 'max:1000', 'regex:/^[a-z_,]*$/'],
            'day' => ['nullable', 'date_format:Y-m-d', 'after:-2 days', 'before:+1 year'],
        ], ['tasks*' => 'Choose from the list.', 'order.*' => 'That is no order of steps.', 'day.*' => 'Choose a day from today on.'])->errors();
        $tasks = [];
        foreach (is_array($asked['tasks']) ? $asked['tasks'] : [] as $name) {
            $task = is_string($name) ? Task::tryFrom($name) : null;
            if ($task !== null && !in_array($task, $tasks, true)) {
                $tasks[] = $task;
            }
        }

        return new self(
            $tasks,
            is_string($asked['order']) && $asked['order'] !== '' && !$faults->has('order') ? explode(',', $asked['order']) : [],
            is_string($asked['day']) && $asked['day'] !== '' && !$faults->has('day') ? CarbonImmutable::createFromFormat('!Y-m-d', $asked['day']) : null,
            $faults,
        );
    }
}
