<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Response;

final class BareController extends Controller
{
    public function __invoke(): Response
    {
        return new Response('ok', 200, ['Content-Type' => 'text/plain']);
    }
}
