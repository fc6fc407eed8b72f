<?php

declare(strict_types=1);

namespace App\View;

use App\Kept\Phrase;
use App\Known\Moved;
use App\Units\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Watch\Gauge;

/** What has quietly changed, in a line. */
final class WatchWords
{
    public static function line(Moved $moved, Show $show): string
    {
        $gauge = $moved->what === Moved::GAUGE ? Gauge::from($moved->name) : null;
        $value = static fn(float $amount): string => match (true) {
            $gauge !== null => GaugeLine::value($gauge, $amount),
            $moved->what === Moved::GROWTH => Show::joined(Show::rounded($show->levels()->fromBase($amount), 1), $show->levels()->label),
            $moved->what === Moved::WIPES => trans_choice('inquiry.watch.days', (int) round($amount), ['days' => Show::rounded($amount, 0)]),
            $moved->what === Moved::REJECTION => Show::joined(Show::rounded(100.0 * $amount, 1), '%'),
            $moved->what === Moved::OUTPUT => Show::joined(Show::rounded($amount, 0), 'mL'),
            $moved->what === Moved::LITRES => $show->volume(max(0.0, $amount), 2),
            $moved->parameter !== null => $moved->what === Moved::LEVEL ? $show->value($moved->parameter, $amount) : $show->rate($moved->parameter, $amount),
            default => Show::joined(Show::rounded($amount, 1), $moved->what === Moved::HOURS ? 'h' : 'min'),
        };

        return (string) __($moved->what === Moved::MADE || $moved->what === Moved::LITRES || $moved->what === Moved::HOURS || $moved->what === Moved::GROWTH ? 'inquiry.watch.line' : 'inquiry.watch.level_line', [
            'what' => $gauge !== null ? __('gauge.'.$gauge->value.'.moved') : __('inquiry.watch.'.$moved->what, ['stand' => $moved->name, 'parameter' => label($moved->parameter), 'litres' => $show->volume(10.0)]),
            'before' => $value($moved->before), 'now' => $value($moved->now), 'day' => $show->day(CarbonImmutable::createFromTimestamp($moved->began)),
        ]).($moved->entry === null ? '' : __('inquiry.watch.entry', ['entry' => (string) Phrase::kept($moved->entry)]));
    }
}
