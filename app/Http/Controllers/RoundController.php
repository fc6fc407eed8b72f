<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Known\Jobs;
use App\View\Round;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final class RoundController extends Controller
{
    public function __invoke(Request $request): View
    {
        $keeper = $this->keeper($request);

        $jobs = Jobs::of($keeper);

        return view('round', ['strips' => Round::of($jobs), 'home' => Round::home($jobs), 'pens' => $keeper->pensToSet()]);
    }
}
