<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Account\DeleteAccount;
use App\Account\Guests;
use Illuminate\Console\Command;

/** Deletes guests who have not come for a month. */
final class ForgetGuests extends Command
{
    protected $signature = 'cresco:guests';

    protected $description = 'Delete guests who have not come for a month';

    public function handle(DeleteAccount $delete): int
    {
        $this->info(trans_choice('guest.forgotten', $count = Guests::forget($delete), ['count' => $count]));

        return self::SUCCESS;
    }
}
