<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\SubstrateZone;
use App\Models\Tank;
use App\Schedule\TankTabs;
use App\Tanks\VesselQuery;
use App\WaterChange\VacuumZones;
use App\WaterChange\ZonesPage;
use Carbon\CarbonImmutable;
use Cresco\Core\Substrate\Cover;
use Cresco\Core\Substrate\Zone;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;

/** The substrate in zones: which are next, which were cleaned, and how they are cut. */
final class ZoneController extends Controller
{
    private const MOST_PATCHES = 60;

    public function show(Request $request, Tank $tank): View
    {
        $keeper = $this->keeper($request);
        $tank->setRelation('keeper', $keeper);
        $page = new ZonesPage($tank);

        return $this->withWorking(
            $request,
            $page->working(...),
            static fn(): View => view('tanks.bed', ['tank' => $tank, 'page' => $page, 'show' => $keeper->show(), 'loop' => TankTabs::of($tank, '')]),
        );
    }

    /** Cuts the whole bed into zones of about an arm's reach. */
    public function cut(Request $request, Tank $tank): RedirectResponse
    {
        $this->checked($request, ['cover' => ['required', Rule::enum(Cover::class)]], ['cover' => __('said.choose.bed')]);
        $plan = VesselQuery::tank($tank)->plan;
        [$across, $deep] = Zone::grid($plan->length(), $plan->depth());
        DB::transaction(static function () use ($tank, $across, $deep, $request): void {
            $tank->zones()->delete();
            for ($row = 0; $row < $deep; ++$row) {
                for ($column = 0; $column < $across; ++$column) {
                    $tank->zones()->create([
                        'left_edge' => $column / $across, 'right_edge' => ($column + 1) / $across, 'front_edge' => $row / $deep, 'back_edge' => ($row + 1) / $deep,
                        'cover' => (string) $request->string('cover'),
                    ]);
                }
            }
        });

        return redirect('/tanks/'.$tank->id.'/gravel-vac');
    }

    public function clean(Tank $tank, int $zone, VacuumZones $clean): RedirectResponse
    {
        $clean($tank, [$this->zone($tank, $zone)->id], CarbonImmutable::now());

        return redirect('/tanks/'.$tank->id.'/gravel-vac#patch-'.$zone)->with('status', __('said.done.cleaned'));
    }

    public function update(Request $request, Tank $tank, int $zone): RedirectResponse
    {
        $this->checked($request, ['cover' => ['required', Rule::enum(Cover::class)]], ['cover' => __('said.choose.patch')]);
        $this->zone($tank, $zone)->update(['cover' => (string) $request->string('cover')]);

        return redirect('/tanks/'.$tank->id.'/gravel-vac#patch-'.$zone);
    }

    public function split(Tank $tank, int $zone): RedirectResponse
    {
        $plan = VesselQuery::tank($tank)->plan;
        $done = DB::transaction(function () use ($tank, $zone, $plan): bool {
            // As it is by now: whoever was quicker may have split it.
            $record = $this->alone($tank, $zone);
            if ($tank->zones()->count() >= self::MOST_PATCHES || $record->toCore()->area() < 0.01) {
                return false;
            }
            [$first, $second] = $record->toCore()->halves($plan->length() / $plan->depth());
            $record->update(self::edges($first));
            $tank->zones()->create(self::edges($second) + ['cover' => $record->cover, 'cleaned_at' => $record->cleaned_at]);

            return true;
        });

        return $done
            ? redirect('/tanks/'.$tank->id.'/gravel-vac#patch-'.$zone)
            : redirect('/tanks/'.$tank->id.'/gravel-vac')->with('status', __('said.cannot.finer'));
    }

    /** Joins a zone with one that makes a rectangle with it; it counts as cleaned when the longer waiting one was. */
    public function merge(Tank $tank, int $zone, int $other): RedirectResponse
    {
        $done = DB::transaction(function () use ($tank, $zone, $other): bool {
            $record = $this->alone($tank, $zone);
            $second = $this->zone($tank, $other);
            $together = $record->toCore()->with($second->toCore());
            if ($together === null || $record->is($second)) {
                return false;
            }
            $older = $record->cleaned_at === null || $second->cleaned_at === null ? null : $record->cleaned_at->min($second->cleaned_at);
            $record->update(self::edges($together) + ['cleaned_at' => $older]);
            $second->delete();

            return true;
        });

        return $done
            ? redirect('/tanks/'.$tank->id.'/gravel-vac#patch-'.$zone)
            : redirect('/tanks/'.$tank->id.'/gravel-vac')->with('status', __('said.cannot.rectangle'));
    }

    /** A zone, while nobody else cuts the substrate of its tank. */
    private function alone(Tank $tank, int $zone): SubstrateZone
    {
        Tank::query()->whereKey($tank->id)->lockForUpdate()->first();

        return $this->zone($tank, $zone);
    }

    private function zone(Tank $tank, int $id): SubstrateZone
    {
        return $tank->zones()->whereKey($id)->firstOrFail();
    }

    /**
     * @param array{float, float, float, float} $edges
     *
     * @return array<string, float>
     */
    private static function edges(array $edges): array
    {
        return ['left_edge' => $edges[0], 'right_edge' => $edges[1], 'front_edge' => $edges[2], 'back_edge' => $edges[3]];
    }
}
