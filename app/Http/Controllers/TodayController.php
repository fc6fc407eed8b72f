<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Schedule\JobsQuery;
use App\Today\TodayPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final class TodayController extends Controller
{
    public function __invoke(Request $request): View
    {
        $keeper = $this->keeper($request);

        $jobs = JobsQuery::of($keeper);

        return view('round', ['strips' => TodayPage::of($jobs), 'home' => TodayPage::home($jobs), 'pens' => $keeper->pensToSet()]);
    }
}
