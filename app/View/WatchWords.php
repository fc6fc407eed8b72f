<?php

declare(strict_types=1);

namespace App\View;

use App\Known\Moved;
use App\Units\Show;
use Carbon\CarbonImmutable;

/** What has quietly changed, in a line. */
final class WatchWords
{
    public static function line(Moved $moved, Show $show): string
    {
        $value = static fn(float $amount): string => match (true) {
            $moved->what === Moved::LITRES => $show->volume(max(0.0, $amount), 2),
            $moved->parameter !== null => $moved->what === Moved::LEVEL ? $show->value($moved->parameter, $amount) : $show->rate($moved->parameter, $amount),
            default => Show::joined(Show::rounded($amount, 1), $moved->what === Moved::HOURS ? 'h' : 'min'),
        };

        return (string) __($moved->what === Moved::MADE || $moved->what === Moved::LITRES || $moved->what === Moved::HOURS ? 'inquiry.watch.line' : 'inquiry.watch.level_line', [
            'what' => __('inquiry.watch.'.$moved->what, ['parameter' => $moved->parameter?->label() ?? '', 'litres' => $show->volume(10.0)]),
            'before' => $value($moved->before), 'now' => $value($moved->now), 'day' => $show->day(CarbonImmutable::createFromTimestamp($moved->began)),
        ]).($moved->entry === null ? '' : __('inquiry.watch.entry', ['entry' => $moved->entry]));
    }
}
