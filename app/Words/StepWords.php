<?php

declare(strict_types=1);

namespace App\Words;

use App\Data\Phrase;
use Cresco\Core\Checklist\Caution;
use Cresco\Core\Checklist\FollowUpKind;
use Cresco\Core\Checklist\OrderRule;
use Cresco\Core\Checklist\PracticeChoice;
use Cresco\Core\Checklist\StepDefinition;
use Cresco\Core\Checklist\TankSign;
use Cresco\Core\Checklist\Task;
use Illuminate\Support\Facades\Lang;

/** What the steps of a checklist, their tasks and their cautions are called. */
final class StepWords
{
    public static function title(StepDefinition $job): string
    {
        return self::of($job->key, 'title');
    }

    /** Why it stands at its place. */
    public static function why(StepDefinition $job): string
    {
        return self::of($job->key, 'why');
    }

    /**
     * @param list<string>                 $lines what to do, by key
     * @param array<string, string|Phrase> $facts of the session, by name
     *
     * @return list<Phrase>
     */
    public static function lines(array $lines, array $facts): array
    {
        return array_map(static function (string $line) use ($facts): Phrase {
            $words = (string) __('steps.do.'.$line);

            // Of the facts those that it says.
            return Phrase::of(
                'steps.do.'.$line,
                array_filter($facts, static fn(string $name): bool => preg_match('/:'.$name.'\b/', $words) === 1, ARRAY_FILTER_USE_KEY),
            );
        }, $lines);
    }

    /**
     * @param list<string> $tools by key; of older checklists in words
     *
     * @return list<string>
     */
    public static function tools(array $tools): array
    {
        return array_map(static fn(string $tool): string => Lang::has('steps.tools.'.$tool) ? (string) __('steps.tools.'.$tool) : $tool, $tools);
    }

    public static function because(OrderRule $rule): string
    {
        return (string) __('steps.because.'.$rule->because);
    }

    public static function task(Task $task): string
    {
        return (string) __('steps.tasks.'.$task->value);
    }

    public static function sign(TankSign $sign): string
    {
        return (string) __('steps.signs.'.$sign->value);
    }

    /** Title, act or why of a step by its key. */
    public static function of(string $job, string $part): string
    {
        return (string) __('steps.'.$job.'.'.$part);
    }

    /**
     * @param list<string> $cautions by value; of older checklists and cards in words
     *
     * @return list<string>
     */
    public static function cautions(array $cautions): array
    {
        return array_map(static function (string $caution): string {
            $known = Caution::tryFrom($caution);

            return $known === null ? $caution : self::caution($known);
        }, $cautions);
    }

    public static function caution(Caution $caution): string
    {
        return (string) __('steps.cautions.'.$caution->value);
    }

    public static function method(PracticeChoice $method): string
    {
        return (string) __('steps.methods.'.$method->value);
    }

    /** @return array<string, string> choices of a method, by name */
    public static function choices(PracticeChoice $method): array
    {
        return array_combine(
            $method->choices(),
            array_map(static fn(string $choice): string => (string) __('steps.choices.'.$method->value.'.'.$choice), $method->choices()),
        );
    }

    public static function after(FollowUpKind $job): string
    {
        return (string) __('steps.after.'.$job->value);
    }

    /** @return list<string> what is looked at */
    public static function afterLines(FollowUpKind $job): array
    {
        return array_values(array_filter((array) __('steps.after_lines.'.$job->value), is_string(...)));
    }
}
