<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** An old address leads to its new place. */
final class MovedAddress
{
    /** Parts of addresses as they were, and as they are. */
    private const PLACES = [
        'bench' => 'mix-water', 'shelf' => 'supplies/products', 'waters' => 'source-waters', 'stores' => 'ro-reservoirs', 'jars' => 'products', 'diary' => 'log', 'evening' => 'tonight',
        'assumed' => 'estimates', 'surplus' => 'spare-cuttings', 'runs' => 'checklists', 'taking-in' => 'imports/status', 'jobs' => 'tasks',
    ];

    /** The same within a tank, a source water or a checklist. */
    private const WITHIN = [
        'read' => 'test', 'change' => 'water-change', 'changed' => 'water-changes/create', 'compose' => 'maintenance', 'diary' => 'log', 'look-back' => 'forecast-check', 'top-up' => 'top-off',
        'conditioner' => 'dechlorinator', 'acid' => 'lower-kh', 'bed' => 'gravel-vac', 'food' => 'fertilising', 'inquiries' => 'problems', 'course' => 'charts', 'course.svg' => 'charts.svg',
        'course.csv' => 'charts.csv', 'stands' => 'plant-groups', 'heights' => 'plants/measurements', 'needs' => 'targets', 'animals' => 'livestock', 'start' => 'cycling', 'bottle' => 'own-fertiliser',
        'arrival' => 'new-arrival', 'arrivals' => 'new-arrivals', 'spot' => 'fixed-spot',
    ];

    /** Where what was asked is now; null where it never was. */
    public static function answer(Request $request): ?RedirectResponse
    {
        $parts = explode('/', $request->path());
        $new = $parts;
        $new[0] = self::PLACES[$parts[0]] ?? $parts[0];
        if (in_array($parts[0], ['tanks', 'waters', 'runs'], true) && isset($parts[2])) {
            $new[2] = self::WITHIN[$parts[2]] ?? $parts[2];
        }
        if ($new === $parts || !$request->isMethodSafe() || $request->expectsJson()) {
            return null;
        }
        $asked = $request->getQueryString();

        return redirect('/'.implode('/', $new).($asked === null ? '' : '?'.$asked), 301);
    }
}
