<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Data\GivenAnswers;
use App\Models\EntryKind;
use App\Models\Keeper;
use App\Models\Problem;
use App\Models\Tank;
use Carbon\CarbonImmutable;

/** What was found in the tanks of the demo: a skin on the sand that has ended, soft threads after more light, old leaves with holes, a check-up that is due. */
final class DemoTrouble
{
    private function __construct(private readonly Keeper $keeper, private readonly CarbonImmutable $today) {}

    public static function find(Keeper $keeper, CarbonImmutable $today): void
    {
        $trouble = new self($keeper, $today);
        $trouble->skin($trouble->tank('Long Meadow'));
        $trouble->holes($trouble->tank('Long Meadow'));
        $trouble->threads($trouble->tank('Lantern'));
    }

    /** It sat behind the stone, and went with the flow that came back. */
    private function skin(Tank $tank): void
    {
        $problem = $this->problem($tank, 41, [
            'about' => 'growth', 'place' => 'sand_line', 'kind' => 'cyanobacteria', 'cause' => 'flow_dead', 'outcome' => 'better',
            'ended_at' => $this->today->subDays(24)->utc(),
        ], [
            'where' => 'sand_line', 'shape' => 'sheets', 'colour' => 'blue_green', 'off' => 'peels', 'musty' => 'yes', 'corner' => 'yes', 'ammonium_seen' => 'no', 'bed_late' => 'no', 'young' => 'no',
        ]);
        foreach (['hand' => 33, 'flow' => 26] as $remedy => $ago) {
            $problem->treatments()->create([
                'remedy' => $remedy, 'cause' => $remedy === 'flow' ? 'flow_dead' : null, 'begun_at' => $this->today->subDays(40)->utc(),
                'check_on' => $this->today->subDays($ago)->format('Y-m-d'), 'checked_at' => $this->today->subDays($ago)->setTime(19, 0)->utc(),
                'result' => 'better',
            ]);
        }
    }

    private function holes(Tank $tank): void
    {
        $plantGroup = $tank->plantGroups()->where('kind', 'microsorum_pteropus')->sole();
        $this->problem($tank, 2, ['about' => 'leaves', 'plant_group_id' => $plantGroup->id], ['which' => 'old', 'pattern' => 'pinholes']);
    }

    /** A lamp that was turned up, in a young stand: by hand and shorter light, to be looked at today. */
    private function threads(Tank $tank): void
    {
        $this->keeper->entries()->create([
            'tank_id' => $tank->id, 'kind' => EntryKind::Work, 'happened_at' => $this->today->subDays(24)->setTime(20, 15)->utc(),
            'title' => 'Lamp turned up to full', 'body' => 'Nine hours, for the new plants.',
        ]);
        $problem = $this->problem($tank, 14, ['about' => 'growth', 'place' => 'edges', 'kind' => 'thread'], [
            'where' => 'edges', 'shape' => 'threads', 'feel' => 'soft', 'colour' => 'green', 'ammonium_seen' => 'no', 'lamp_new' => 'yes', 'corner' => 'no',
        ]);
        $problem->treatments()->create([
            'remedy' => 'hand', 'begun_at' => $this->today->subDays(14)->utc(), 'check_on' => $this->today->subDays(7)->format('Y-m-d'),
            'checked_at' => $this->today->subDays(7)->setTime(20, 0)->utc(), 'result' => 'better',
        ]);
        $problem->treatments()->create([
            'remedy' => 'light_hours', 'cause' => 'light_strong', 'begun_at' => $this->today->subDays(14)->utc(),
            'check_on' => $this->today->format('Y-m-d'),
        ]);
    }

    /**
     * @param array<string, mixed>  $fields
     * @param array<string, string> $answers
     */
    private function problem(Tank $tank, int $ago, array $fields, array $answers): Problem
    {
        $given = GivenAnswers::none();
        foreach ($answers as $sign => $option) {
            $given = $given->with($sign, $option);
        }
        /** @var Problem $problem */
        $problem = $tank->problems()->create($fields + ['answers' => $given, 'opened_at' => $this->today->subDays($ago)->setTime(18, 0)->utc()]);

        return $problem;
    }

    private function tank(string $name): Tank
    {
        return $this->keeper->tanks()->where('name', $name)->sole();
    }
}
