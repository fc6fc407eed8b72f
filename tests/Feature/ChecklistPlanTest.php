<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Data\ChecklistPlan;
use App\Models\Checklist;
use Cresco\Core\Checklist\FollowUpKind;
use Cresco\Core\Checklist\TankSign;
use Cresco\Core\Measure\Parameter;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

final class ChecklistPlanTest extends FeatureCase
{
    public function testWhatIsKeptComesBackAsItWas(): void
    {
        $plan = new ChecklistPlan(
            30.5,
            0.3,
            140.0,
            31.0,
            33.0,
            2,
            0.25,
            20.0,
            24.5,
            'Tap + Rain',
            [3, 4],
            0.5,
            null,
            'nitrate',
            [Parameter::Nitrate, 20.0],
            [TankSign::cases()[0]],
            [FollowUpKind::Evening],
            81,
        );
        self::assertEquals($plan, ChecklistPlan::read((array) json_decode((string) json_encode($plan->toKeep()), true)));

        [$keeper, $tank] = $this->readyTank();
        $checklist = $this->writeRun(
            $keeper,
            $tank,
            ['reason' => 'nitrate', 'nitrate_goal' => '15', 'signs' => ['dirt'], 'signs_was' => ['dirt'], 'tasks' => ['vacuum']],
        );
        $again = Checklist::query()->findOrFail($checklist->id)->plan;
        self::assertEquals($checklist->plan, $again);
        self::assertEquals([Parameter::Nitrate, 15.0], $again->goal);
        self::assertGreaterThan(0, $again->minutes);
    }

    public function testASheetOfBeforeIsReadWithWhatItHas(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank);
        // As they were kept before versions, drains and what leaves beside the level.
        DB::table('checklists')->where('id', $checklist->id)
            ->update(['plan' => '{"litres":28.5,"share":0.28,"mark":131,"source":"Tap","after":["evening","gone"],"goal":["nitrate",20]}']);
        $old = Checklist::query()->findOrFail($checklist->id);
        self::assertSame(
            [28.5, 28.5, 1, 'Tap', null, []],
            [$old->plan->litres, $old->plan->out, $old->plan->drains, $old->plan->source, $old->plan->waterline, $old->plan->waters],
        );
        self::assertSame([FollowUpKind::Evening], $old->plan->after);
        self::assertEquals([Parameter::Nitrate, 20.0], $old->plan->goal);
        $this->get("/checklists/$checklist->id")->assertOk();
        $this->get("/checklists/$checklist->id/again")->assertOk();
        $this->get("/checklists/$checklist->id/print")->assertOk();
        self::assertSame(2, $old->plan->again(20.0, 0.2, 120.0, 20.0, 20.0)->toKeep()['version']);
        self::assertSame('Tap', $old->plan->again(20.0, 0.2, 120.0, 20.0, 20.0)->source);
    }

    /** @return iterable<string, array{string}> */
    public static function wrecks(): iterable
    {
        yield 'nothing' => ['[]'];
        yield 'no object' => ['7'];
        yield 'other kinds' => ['{"litres":"many","share":[1],"waters":"3","goal":"nitrate","after":7,"source":{},"minutes":"1e999","drains":-4}'];
        yield 'a goal that is none' => ['{"goal":["nitrat",20]}'];
    }

    #[DataProvider('wrecks')]
    public function testWhatCannotBeReadIsLeftOut(string $json): void
    {
        [$keeper, $tank] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank);
        DB::table('checklists')->where('id', $checklist->id)->update(['plan' => $json]);
        $plan = Checklist::query()->findOrFail($checklist->id)->plan;
        self::assertSame(
            [0.0, 0.0, 1, null, [], [], null, null],
            [$plan->litres, $plan->share, $plan->drains, $plan->goal, $plan->waters, $plan->after, $plan->source, $plan->minutes],
        );
        $this->get("/checklists/$checklist->id")->assertOk();
    }
}
