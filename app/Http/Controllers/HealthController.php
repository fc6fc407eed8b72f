<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Whether Cresco can be used: its data are read, and there is a place to write to. For whoever watches over it; it tells nothing else. */
final class HealthController extends Controller
{
    public function __invoke(): Response
    {
        try {
            $path = DB::connection()->getDatabaseName();
            $isWell = DB::table('migrations')->exists()
                && is_writable(storage_path('framework'))
                && (DB::connection()->getDriverName() !== 'sqlite' || $path === ':memory:' || is_writable($path));
        } catch (Throwable) {
            $isWell = false;
        }

        return response($isWell ? "well\n" : "not well\n", $isWell ? 200 : 503, ['Content-Type' => 'text/plain']);
    }
}
