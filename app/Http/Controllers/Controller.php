<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Keeper;
use Illuminate\Http\Request;
use Illuminate\Routing\Controller as BaseController;
use Illuminate\Support\Facades\View;
use Illuminate\Support\MessageBag;
use Illuminate\Support\ViewErrorBag;
use RuntimeException;

abstract class Controller extends BaseController
{
    /**
     * The input that passed the rules, by field; without it the keeper is sent back with a message at the field.
     *
     * @param array<string, mixed>  $rules
     * @param array<string, string> $messages
     *
     * @return array<string, mixed>
     */
    protected function checked(Request $request, array $rules, array $messages): array
    {
        $checked = $request->validate($rules, $messages);
        $fields = [];
        foreach (is_array($checked) ? $checked : [] as $field => $value) {
            $fields[(string) $field] = $value;
        }

        return $fields;
    }

    /** Puts what is wrong with the fields where every part of the page finds it. */
    protected function shareFaults(MessageBag $faults): void
    {
        View::share('errors', (new ViewErrorBag())->put('default', $faults));
    }

    /** The signed-in keeper; the routes that ask for it are behind the sign-in. */
    protected function keeper(Request $request): Keeper
    {
        $keeper = $request->user();

        return $keeper instanceof Keeper ? $keeper : throw new RuntimeException('No keeper is signed in.');
    }
}
