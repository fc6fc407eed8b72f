<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exchange\ImportProgress;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** How far a file is that is being taken in. */
final class ImportStatusController extends Controller
{
    public function __invoke(Request $request): JsonResponse
    {
        [$row, $of] = ImportProgress::progress($this->keeper($request)) ?? [0, 0];

        return response()->json(['row' => $row, 'of' => $of]);
    }
}
