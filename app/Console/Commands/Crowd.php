<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Account\ImportArchive;
use App\Exchange\ImportProgress;
use App\Exchange\KeeperArchive;
use App\Models\Keeper;
use Illuminate\Console\Command;

/** Makes many keepers who each have what the demo has, to measure with: only where nobody else has an account. */
final class Crowd extends Command
{
    protected $signature = 'cresco:crowd {count : how many there shall be}';

    protected $description = 'Make many keepers with the data of the demo, to measure with';

    /** Where they have their addresses. */
    public const HOST = '@crowd.cresco.test';

    public const PASSWORD = 'still water';

    public function handle(ImportArchive $takeIn): int
    {
        if (Keeper::query()->where('is_demo', false)->where('email', 'not like', '%'.self::HOST)->exists()) {
            $this->error('Others have accounts here: measure somewhere else.');

            return self::FAILURE;
        }
        $demo = Keeper::query()->where('is_demo', true)->firstOrFail();
        $path = storage_path('app/crowd.zip');
        KeeperArchive::write($demo, $path);
        for ($i = Keeper::query()->where('is_demo', false)->count(); $i < (int) $this->argument('count'); ++$i) {
            $keeper = Keeper::query()->create(['name' => 'Keeper '.($i + 1), 'email' => 'k'.($i + 1).self::HOST, 'password' => self::PASSWORD]);
            ImportProgress::of($keeper, static fn(ImportProgress $in): int => $takeIn($keeper, $path, $in));
        }
        unlink($path);

        return self::SUCCESS;
    }
}
