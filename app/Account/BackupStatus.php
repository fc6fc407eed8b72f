<?php

declare(strict_types=1);

namespace App\Account;

use App\Backup\Daily;
use App\Units\Show;
use Carbon\CarbonImmutable;

/** What a keeper is told of the backups that Cresco makes by itself. */
final class BackupStatus
{
    /** @return list<string> */
    public static function lines(Show $show): array
    {
        $all = array_values(Daily::all());
        $failure = Daily::failure();
        $newest = $all[0] ?? null;
        $hours = $newest === null ? 0 : max(0, intdiv(CarbonImmutable::now()->getTimestamp() - (int) filemtime($newest), 3600));

        $age = $hours < 48
            ? trans_choice('account.backups.hours', $hours, ['count' => $hours])
            : trans_choice('account.backups.days', intdiv($hours, 24), ['count' => intdiv($hours, 24)]);
        $lines = [$newest === null ? __('account.backups.none') : __(
            'account.backups.newest',
            ['age' => $age, 'size' => Show::plain((int) filesize($newest) / 1e6, 1), 'kept' => trans_choice(
                'account.backups.kept',
                count($all),
                ['count' => count($all)],
            )],
        )];
        if ($failure !== null) {
            $lines[] = __('account.backups.failed', ['at' => $show->day($failure[0]), 'why' => $failure[1]]);
        }

        return $lines;
    }
}
