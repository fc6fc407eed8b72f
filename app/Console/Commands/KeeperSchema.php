<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Exchange\KeeperTables;
use Illuminate\Console\Command;

/** Writes docs/schema/keeper.schema.json again from the tables. */
final class KeeperSchema extends Command
{
    protected $signature = 'cresco:schema';

    protected $description = 'Write docs/schema/keeper.schema.json from the tables';

    public function handle(): int
    {
        file_put_contents(base_path('docs/schema/keeper.schema.json'), self::text());

        return self::SUCCESS;
    }

    public static function text(): string
    {
        return json_encode(KeeperTables::schema(), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
    }
}
