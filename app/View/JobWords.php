<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Chore;
use App\Units\Show;
use App\Words\StepWords;
use Cresco\Core\Checklist\FollowUpKind;
use Cresco\Core\Planning\JobKinds;
use Cresco\Core\Planning\UpcomingJob;

/** What jobs are called. */
final class JobWords
{
    public static function job(UpcomingJob $job, Show $show): string
    {
        if ($job->kind->key === 'own' && $job->name !== null) {
            return $job->name;
        }
        if ($job->kind->key === 'after' && $job->name !== null) {
            return StepWords::after(FollowUpKind::from($job->name));
        }
        $words = (string) __('week.kind.'.$job->kind->key);
        $isNamed = str_contains($words, ':name');
        if ($isNamed) {
            $name = $job->kind->key === JobKinds::CHECK ? Names::inside((string) __('inquiry.remedies.'.$job->name.'.name')) : (string) $job->name;
            // Names of plants and what the keeper wrote stay as they are.
            $words = str_replace(':name', $name, $words);
        }
        $words = str_contains($words, ':litres') ? str_replace(':litres', $show->volume($job->litres), $words) : $words;

        return $isNamed || $job->name === null ? $words : $words.' ('.$job->name.')';
    }

    /** A job that a keeper set up. */
    public static function chore(Chore $chore): string
    {
        return $chore->kind === 'own' ? (string) $chore->name : self::kind($chore->kind).($chore->name === null ? '' : ' ('.$chore->name.')');
    }

    /** @param array<string, string> $with */
    public static function kind(string $key, array $with = []): string
    {
        return (string) __('week.kind.'.$key, $with + ['litres' => '', 'name' => '']);
    }
}
