<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\BedPatch;
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

/** The bed in patches: which are next, which were cleaned, and how they are cut. */
final class BedController extends Controller
{
    private const MOST_PATCHES = 60;

    public function show(Request $request, Tank $tank): View
    {
        $keeper = $this->keeper($request);
        $tank->setRelation('keeper', $keeper);
        $page = new ZonesPage($tank);

        return $this->withWorking($request, $page->working(...), static fn(): View => view('tanks.bed', ['tank' => $tank, 'page' => $page, 'show' => $keeper->show(), 'loop' => TankTabs::of($tank, '')]));
    }

    /** Cuts the whole bed into patches of about an arm's reach. */
    public function cut(Request $request, Tank $tank): RedirectResponse
    {
        $this->checked($request, ['cover' => ['required', Rule::enum(Cover::class)]], ['cover' => __('said.choose.bed')]);
        $plan = VesselQuery::tank($tank)->plan;
        [$across, $deep] = Zone::grid($plan->length(), $plan->depth());
        DB::transaction(static function () use ($tank, $across, $deep, $request): void {
            $tank->patches()->delete();
            for ($row = 0; $row < $deep; ++$row) {
                for ($column = 0; $column < $across; ++$column) {
                    $tank->patches()->create([
                        'left_edge' => $column / $across, 'right_edge' => ($column + 1) / $across, 'front_edge' => $row / $deep, 'back_edge' => ($row + 1) / $deep,
                        'cover' => (string) $request->string('cover'),
                    ]);
                }
            }
        });

        return redirect('/tanks/'.$tank->id.'/gravel-vac');
    }

    public function clean(Tank $tank, int $patch, VacuumZones $clean): RedirectResponse
    {
        $clean($tank, [$this->patch($tank, $patch)->id], CarbonImmutable::now());

        return redirect('/tanks/'.$tank->id.'/gravel-vac#patch-'.$patch)->with('status', __('said.done.cleaned'));
    }

    public function update(Request $request, Tank $tank, int $patch): RedirectResponse
    {
        $this->checked($request, ['cover' => ['required', Rule::enum(Cover::class)]], ['cover' => __('said.choose.patch')]);
        $this->patch($tank, $patch)->update(['cover' => (string) $request->string('cover')]);

        return redirect('/tanks/'.$tank->id.'/gravel-vac#patch-'.$patch);
    }

    public function split(Tank $tank, int $patch): RedirectResponse
    {
        $plan = VesselQuery::tank($tank)->plan;
        $done = DB::transaction(function () use ($tank, $patch, $plan): bool {
            // As it is by now: whoever was quicker may have split it.
            $record = $this->alone($tank, $patch);
            if ($tank->patches()->count() >= self::MOST_PATCHES || $record->toCore()->area() < 0.01) {
                return false;
            }
            [$first, $second] = $record->toCore()->halves($plan->length() / $plan->depth());
            $record->update(self::edges($first));
            $tank->patches()->create(self::edges($second) + ['cover' => $record->cover, 'cleaned_at' => $record->cleaned_at]);

            return true;
        });

        return $done ? redirect('/tanks/'.$tank->id.'/gravel-vac#patch-'.$patch) : redirect('/tanks/'.$tank->id.'/gravel-vac')->with('status', __('said.cannot.finer'));
    }

    /** Joins a patch with one that makes a rectangle with it; it counts as cleaned when the longer waiting one was. */
    public function merge(Tank $tank, int $patch, int $other): RedirectResponse
    {
        $done = DB::transaction(function () use ($tank, $patch, $other): bool {
            $record = $this->alone($tank, $patch);
            $second = $this->patch($tank, $other);
            $together = $record->toCore()->with($second->toCore());
            if ($together === null || $record->is($second)) {
                return false;
            }
            $older = $record->cleaned_at === null || $second->cleaned_at === null ? null : $record->cleaned_at->min($second->cleaned_at);
            $record->update(self::edges($together) + ['cleaned_at' => $older]);
            $second->delete();

            return true;
        });

        return $done ? redirect('/tanks/'.$tank->id.'/gravel-vac#patch-'.$patch) : redirect('/tanks/'.$tank->id.'/gravel-vac')->with('status', __('said.cannot.rectangle'));
    }

    /** A patch, while nobody else cuts the bed of its tank. */
    private function alone(Tank $tank, int $patch): BedPatch
    {
        Tank::query()->whereKey($tank->id)->lockForUpdate()->first();

        return $this->patch($tank, $patch);
    }

    private function patch(Tank $tank, int $id): BedPatch
    {
        return $tank->patches()->whereKey($id)->firstOrFail();
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
