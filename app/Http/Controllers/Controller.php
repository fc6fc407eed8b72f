<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\UnreadableInput;
use App\Models\Keeper;
use Closure;
use Cresco\Core\Formula\Computation;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Routing\Controller as BaseController;
use Illuminate\Support\Facades\View as Views;
use Illuminate\Support\MessageBag;
use Illuminate\Support\ViewErrorBag;

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
        UnreadableInput::dropLists($request, $rules);
        $checked = $request->validate($rules, $messages);
        $fields = [];
        foreach (is_array($checked) ? $checked : [] as $field => $value) {
            $fields[(string) $field] = $value;
        }

        return $fields;
    }

    /**
     * A page on which the working of any figure can be opened. With htmx only what was asked for is answered: the working, or the part of the
     * page that answers to typing; without it the page, with the working open on it.
     *
     * @param Closure(string): ?Computation $working by its key
     * @param Closure(): View               $page
     * @param (Closure(): View)|null        $part    where the page has one
     */
    protected function withWorking(Request $request, Closure $working, Closure $page, ?Closure $part = null): View
    {
        $key = $request->query('working');
        $found = is_string($key) ? $working($key) : null;
        if ($request->header('HX-Request') === 'true') {
            return $part === null || $key !== null ? view('parts.working', ['working' => $found]) : $part();
        }

        return $page()->with(['working' => $found, 'isWorkingAsked' => $key !== null]);
    }

    /** Puts what is wrong with the fields where every part of the page finds it. */
    protected function shareFaults(MessageBag $faults): void
    {
        $before = Views::shared('errors');
        // Beside what was wrong with a form that has just been sent back here.
        $all = $before instanceof ViewErrorBag ? clone $before->getBag('default') : new MessageBag();
        foreach ($faults->keys() as $field) {
            foreach ($faults->get($field) as $message) {
                $all->add($field, is_string($message) ? $message : '');
            }
        }
        Views::share('errors', (new ViewErrorBag())->put('default', $all));
    }

    /** The signed-in keeper; the routes that ask for it are behind the sign-in. */
    protected function keeper(Request $request): Keeper
    {
        $keeper = $request->user();

        return $keeper instanceof Keeper ? $keeper : throw new AuthenticationException();
    }
}
