<?php

declare(strict_types=1);

namespace App\Problems;

use App\Data\Phrase;
use App\Testing\GaugeLine;
use App\Units\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Diagnosis\Gauge;

/** What has quietly changed, in a line. */
final class ChangePointWords
{
    public static function line(ChangePoint $moved, Show $show): string
    {
        $gauge = $moved->what === ChangePoint::GAUGE ? Gauge::from($moved->name) : null;
        $value = static fn(float $amount): string => match (true) {
            $gauge !== null => GaugeLine::value($gauge, $amount),
            $moved->what === ChangePoint::GROWTH => Show::joined(Show::rounded($show->levels()->fromBase($amount), 1), $show->levels()->label),
            $moved->what === ChangePoint::WIPES => trans_choice('inquiry.watch.days', (int) round($amount), ['days' => Show::rounded($amount, 0)]),
            $moved->what === ChangePoint::REJECTION => Show::joined(Show::rounded(100.0 * $amount, 1), '%'),
            $moved->what === ChangePoint::OUTPUT => Show::joined(Show::rounded($amount, 0), 'mL'),
            $moved->what === ChangePoint::LITRES => $show->volume(max(0.0, $amount), 2),
            $moved->parameter !== null => $moved->what === ChangePoint::LEVEL
                ? $show->value($moved->parameter, $amount)
                : $show->rate($moved->parameter, $amount),
            default => Show::joined(Show::rounded($amount, 1), $moved->what === ChangePoint::HOURS ? 'h' : 'min'),
        };

        return (string) __($moved->what === ChangePoint::MADE
            || $moved->what === ChangePoint::LITRES
            || $moved->what === ChangePoint::HOURS
            || $moved->what === ChangePoint::GROWTH
            ? 'inquiry.watch.line'
            : 'inquiry.watch.level_line', [
                'what' => $gauge !== null
                    ? __('gauge.'.$gauge->value.'.moved')
                    : __('inquiry.watch.'.$moved->what, ['stand' => $moved->name, 'parameter' => label($moved->parameter), 'litres' => $show->volume(10.0)]),
                'before' => $value($moved->before), 'now' => $value($moved->now), 'day' => $show->day(CarbonImmutable::createFromTimestamp($moved->began)),
            ]).($moved->entry === null ? '' : __('inquiry.watch.entry', ['entry' => (string) Phrase::kept($moved->entry)]));
    }
}
