<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Models\Helper;
use App\Models\Keeper;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Makes a link that works without an account; only the hash of its secret is kept. */
final class AskHelper
{
    /**
     * @param list<array{text: string, caution: string|null, every: int}> $jobs
     * @param list<string>                                                $reads parameters
     *
     * @return string the secret, which nobody can be told again
     */
    public function __invoke(Keeper $keeper, Tank $tank, string $name, string $from, string $until, ?string $note, array $reads, array $jobs): string
    {
        $secret = rtrim(strtr(base64_encode(random_bytes(32)), '+/', '-_'), '=');
        DB::transaction(static function () use ($keeper, $tank, $name, $from, $until, $note, $reads, $jobs, $secret): void {
            $helper = new Helper([
                'tank_id' => $tank->id, 'name' => $name, 'from_day' => $from, 'until_day' => $until, 'note' => $note, 'reads' => $reads,
                'made_at' => CarbonImmutable::now(),
            ]);
            $helper->keeper_id = $keeper->id;
            $helper->hash = self::hash($secret);
            $helper->save();
            foreach ($jobs as $job) {
                $helper->jobs()->create($job + ['first_on' => $from]);
            }
        });

        return $secret;
    }

    public static function hash(string $secret): string
    {
        return hash('sha256', $secret);
    }
}
