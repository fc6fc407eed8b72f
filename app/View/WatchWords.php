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
        $value = static fn(float $amount): string => $moved->parameter === null ? $show->volume(max(0.0, $amount), 2) : $show->rate($moved->parameter, $amount);

        return __('inquiry.watch.line', [
            'what' => $moved->parameter === null ? __('inquiry.watch.litres') : __('inquiry.watch.makes', ['parameter' => $moved->parameter->label()]),
            'before' => $value($moved->before), 'now' => $value($moved->now), 'day' => $show->day(CarbonImmutable::createFromTimestamp($moved->began)),
        ]).($moved->entry === null ? '' : __('inquiry.watch.entry', ['entry' => $moved->entry]));
    }
}
