<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\View\AssumedPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** What Cresco assumes. */
final class AssumedController extends Controller
{
    public function __invoke(Request $request): View
    {
        return view('assumed', ['page' => new AssumedPage($this->keeper($request))]);
    }
}
