<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Keeper;
use App\Models\LayoutIssue;
use App\Models\LayoutIssueState;
use App\Models\Photo;
use App\Models\Tank;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;

/** The tank from its fixed spot, and what is off against the picture that its keeper has in mind. */
final class PhotoSpotTest extends FeatureCase
{
    private Keeper $keeper;

    private Tank $tank;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->travelTo('2026-03-01 18:00');
        [$this->keeper, $this->tank] = $this->readyTank();
        $this->actingAs($this->keeper);
    }

    private function photo(): Photo
    {
        $this->post("/tanks/{$this->tank->id}/fixed-spot", ['photo' => UploadedFile::fake()->image('tank.jpg', 640, 360)])->assertSessionHasNoErrors()
            ->assertRedirect();

        return Photo::query()->latest('id')->firstOrFail();
    }

    public function testTwoDaysStandOverEachOtherOrSideBySideAndTheIntentIsPinned(): void
    {
        $this->get("/tanks/{$this->tank->id}/fixed-spot")->assertOk()->assertSee('A photo from the same spot shows how the layout changes. Add one');
        $first = $this->photo();
        $this->travelTo('2026-03-20 18:00');
        $second = $this->photo();

        $this->get("/tanks/{$this->tank->id}/fixed-spot")->assertOk()->assertSee('data-compare', false)->assertSee("/photos/$first->id", false)
            ->assertSee("/photos/$second->id", false);
        $this->get("/tanks/{$this->tank->id}/fixed-spot?way=beside")->assertDontSee('data-compare', false)->assertSee('Side by side');
        $this->post("/tanks/{$this->tank->id}/fixed-spot/photos/$first->id")->assertRedirect();
        self::assertTrue($first->refresh()->is_intent);
        $this->get("/tanks/{$this->tank->id}/fixed-spot")->assertSee('Goal photo');
        // Another pin takes the first one's place; the same once more takes it out.
        $this->post("/tanks/{$this->tank->id}/fixed-spot/photos/$second->id");
        self::assertSame([$second->id], Photo::query()->where('is_intent', true)->pluck('id')->all());
        $this->post("/tanks/{$this->tank->id}/fixed-spot/photos/$second->id");
        self::assertSame(0, Photo::query()->where('is_intent', true)->count());
    }

    public function testWhatIsNoPhotoAndWhatIsOfAnotherTankIsRefused(): void
    {
        $this->post("/tanks/{$this->tank->id}/fixed-spot", ['photo' => UploadedFile::fake()->create('tank.txt', 4)])->assertSessionHasErrors('photo');
        $this->post("/tanks/{$this->tank->id}/fixed-spot")->assertSessionHasErrors('photo');
        $photo = $this->photo();
        $other = $this->tank($this->keeper);

        $this->post("/tanks/$other->id/fixed-spot/photos/$photo->id")->assertNotFound();
        self::assertFalse($photo->refresh()->is_intent);
    }

    public function testWhatIsOffBecomesALineOfTheNextSessionAndIsRestoredByIt(): void
    {
        $this->post("/tanks/{$this->tank->id}/layout-issues", ['kinds' => ['odd_stone', 'lost_path'], 'place' => 'left of the root'])
            ->assertSessionHasNoErrors();
        $this->post("/tanks/{$this->tank->id}/layout-issues", ['kinds' => []])->assertSessionHasErrors('kinds');
        $this->post("/tanks/{$this->tank->id}/layout-issues", ['kinds' => ['ugly']])->assertSessionHasErrors();
        self::assertSame(2, LayoutIssue::query()->count());
        $this->get("/tanks/{$this->tank->id}/maintenance")->assertSee('a rock or a root is out of place: left of the root');

        $checklist = $this->writeRun($this->keeper, $this->tank, ['dry' => '1', 'tasks' => ['hardscape']]);
        $step = $checklist->steps()->where('job', 'hardscape')->firstOrFail();
        $this->get("/checklists/$checklist->id?step=$step->position")->assertSee('To restore: a rock or a root is out of place: left of the root.')
            ->assertDontSee('To restore: a path');
        $this->post("/checklists/$checklist->id/steps/$step->position")->assertRedirect();

        self::assertSame(LayoutIssueState::Restored, LayoutIssue::query()->where('kind', 'odd_stone')->sole()->state);
        self::assertSame(LayoutIssueState::Restore, LayoutIssue::query()->where('kind', 'lost_path')->sole()->state);
        $this->get("/tanks/{$this->tank->id}/fixed-spot")->assertSee('left of the root: restored');
    }

    public function testASkippedStepRestoresNothingAndAKeeperMayDecideAgainst(): void
    {
        $this->post("/tanks/{$this->tank->id}/layout-issues", ['kinds' => ['odd_stone']]);
        $spot = LayoutIssue::query()->sole();
        $checklist = $this->writeRun($this->keeper, $this->tank, ['dry' => '1', 'tasks' => ['hardscape']]);
        $step = $checklist->steps()->where('job', 'hardscape')->firstOrFail();
        $this->post("/checklists/$checklist->id/steps/$step->position", ['skip' => '1']);
        self::assertSame(LayoutIssueState::Restore, $spot->refresh()->state);

        $this->put("/tanks/{$this->tank->id}/layout-issues/$spot->id", ['state' => 'against'])->assertSessionHasNoErrors();
        self::assertSame(LayoutIssueState::Against, $spot->refresh()->state);
        $this->put("/tanks/{$this->tank->id}/layout-issues/$spot->id", ['state' => 'never'])->assertSessionHasErrors('state');
        $this->get("/tanks/{$this->tank->id}/maintenance")->assertDontSee('a rock or a root is out of place');
    }

    public function testNoMoreThanThirtyThingsAreOffAtOnce(): void
    {
        for ($i = 0; $i < 30; ++$i) {
            $this->tank->layoutIssues()->create(['kind' => 'too_tall', 'noted_at' => now()]);
        }

        $this->post("/tanks/{$this->tank->id}/layout-issues", ['kinds' => ['odd_stone']])->assertSessionHasErrors('kinds');
    }
}
