<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Checklist;
use App\Models\Keeper;
use App\Models\Photo;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\DataProvider;

/** Photos in a step: made small, stripped, private; anything else is refused. */
final class PhotoTest extends FeatureCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
    }

    public function testAPhotoIsMadeSmallTurnedUprightAndStripped(): void
    {
        [$keeper, $checklist] = $this->sheet();
        // A wide picture whose camera was held upright: orientation 6 in its header, with a word that must not stay.
        $this->actingAs($keeper)->post("/checklists/$checklist->id/steps/1/photo", ['photo' => $this->file(self::jpeg(3000, 1000, 6))])
            ->assertSessionHasNoErrors();
        $photo = Photo::query()->firstOrFail();
        $kept = Storage::disk('local')->get('photos/'.$photo->file);
        self::assertIsString($kept);
        $size = getimagesizefromstring($kept);

        self::assertIsArray($size);
        self::assertSame([533, 1600], [$size[0], $size[1]]);
        self::assertStringNotContainsString('Exif', $kept);
        self::assertStringNotContainsString('SECRETPLACE', $kept);
        self::assertSame([533, 1600], [$photo->width, $photo->height]);
        $this->get("/photos/$photo->id")->assertOk()->assertHeader('Content-Type', 'image/jpeg')->assertHeader('Cache-Control', 'no-store, private');
        $this->get("/checklists/$checklist->id?step=1")->assertOk()->assertSee("/photos/$photo->id", false);
        $this->actingAs($this->keeper('Stranger'))->get("/photos/$photo->id")->assertNotFound();
        $this->delete("/photos/$photo->id")->assertNotFound();
        $this->actingAs($keeper)->delete("/photos/$photo->id")->assertRedirect();
        self::assertSame([], Storage::disk('local')->allFiles('photos'));
    }

    public function testTheFilesGoWithTheirTank(): void
    {
        [$keeper, $checklist] = $this->sheet();
        $this->actingAs($keeper)->post("/checklists/$checklist->id/steps/1/photo", ['photo' => $this->file(self::jpeg(300, 200, 1))])
            ->assertSessionHasNoErrors();
        self::assertCount(1, Storage::disk('local')->allFiles('photos'));
        $this->delete('/tanks/'.$checklist->tank_id)->assertRedirect('/');
        self::assertSame([], Storage::disk('local')->allFiles('photos'));
        self::assertSame(0, Photo::query()->count());
    }

    /** @return array<string, array{string, string}> content and what is said */
    public static function refused(): array
    {
        return [
            'a script that calls itself a photo' => ['<?php echo 1;', 'A photo as JPEG, PNG or WebP.'],
            'a drawing with a script' => ['<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>', 'A photo as JPEG, PNG or WebP.'],
            'a photo cut off' => [substr(self::jpeg(400, 300, 1), 0, 300), 'damaged'],
            'pixels without end' => [self::hugePng(), 'too many pixels'],
            'a photo that lacks its last quarter' => [substr(self::jpeg(400, 300, 1), 0, -(int) (strlen(self::jpeg(400, 300, 1)) / 4)), 'damaged'],
            'nothing in it' => ['', 'A photo as JPEG, PNG or WebP.'],
            'a moving picture' => [
                "GIF89a\x01\x00\x01\x00\x80\x00\x00\x00\x00\x00\xFF\xFF\xFF,\x00\x00\x00\x00\x01\x00\x01\x00\x00\x02\x02D\x01\x00;",
                'A photo as JPEG, PNG or WebP.',
            ],
        ];
    }

    #[DataProvider('refused')]
    public function testWhatIsNoPhotoIsRefused(string $content, string $said): void
    {
        [$keeper, $checklist] = $this->sheet();
        $this->actingAs($keeper)->from("/checklists/$checklist->id?step=1")
            ->post("/checklists/$checklist->id/steps/1/photo", ['photo' => $this->file($content)])->assertSessionHasErrors('photo');
        $this->get("/checklists/$checklist->id?step=1")->assertSee($said);
        self::assertSame(0, Photo::query()->count());
        self::assertSame([], Storage::disk('local')->allFiles('photos'));
    }

    public function testMoreThanTenMegabytesAndNoFileAreRefused(): void
    {
        [$keeper, $checklist] = $this->sheet();
        $this->actingAs($keeper)->post(
            "/checklists/$checklist->id/steps/1/photo",
            ['photo' => UploadedFile::fake()->create('big.jpg', 10 * 1024 + 1, 'image/jpeg')],
        )->assertSessionHasErrors(['photo' => 'A photo of at most 10 MB.']);
        $this->post("/checklists/$checklist->id/steps/1/photo")->assertSessionHasErrors(['photo' => 'Choose a photo first.']);
        $this->post("/checklists/$checklist->id/steps/99/photo", ['photo' => $this->file(self::jpeg(40, 30, 1))])->assertNotFound();
    }

    public function testTheLookBackSetsTheFixedSpotSideBySide(): void
    {
        [$keeper, $first] = $this->sheet();
        $this->actingAs($keeper)->post("/checklists/$first->id/steps/{$this->spot($first)}/photo", ['photo' => $this->file(self::jpeg(400, 300, 1))])
            ->assertSessionHasNoErrors();
        Checklist::query()->whereKey($first->id)->update([
            'state' => 'done', 'holds' => null, 'started_at' => now()->subDays(7), 'finished_at' => now()->subDays(7),
        ]);
        $second = $this->writeRun($keeper, $first->tank, ['tasks' => ['photo']]);
        $this->post("/checklists/$second->id/steps/{$this->spot($second)}/photo", ['photo' => $this->file(self::jpeg(400, 300, 1))]);
        Checklist::query()->whereKey($second->id)->update(['state' => 'done', 'holds' => null, 'started_at' => now(), 'finished_at' => now()]);
        $this->get("/checklists/$second->id/forecast-check")->assertOk()->assertSee('From the same spot');
        $this->get("/checklists/$first->id/forecast-check")->assertOk()->assertDontSee('From the same spot')->assertSee('Photos');
    }

    public function testASheetThatGivesWaySaysSoAndItsPhotosStayWithTheTank(): void
    {
        [$keeper, $first] = $this->sheet();
        $this->actingAs($keeper)->post("/checklists/$first->id/steps/1/photo", ['photo' => $this->file(self::jpeg(400, 300, 1))])->assertSessionHasNoErrors();
        $this->post("/tanks/$first->tank_id/checklists", ['tasks' => ['photo']])
            ->assertSessionHas('status', 'It replaces the checklist for no day, made today and not started. A photo taken for that stays with the tank.');
        self::assertNull(Checklist::query()->find($first->id));
        $photo = Photo::query()->sole();
        self::assertSame([null, $first->tank_id], [$photo->checklist_id, $photo->tank_id]);
        $this->get('/photos/'.$photo->id)->assertOk();
        // A checklist for another day stays.
        $this->post("/tanks/$first->tank_id/checklists", ['tasks' => ['photo'], 'day' => now()->addDays(3)->format('Y-m-d')])->assertSessionMissing('status');
        self::assertSame(2, Checklist::query()->where('state', 'planned')->count());
    }

    private function spot(Checklist $checklist): int
    {
        return $checklist->steps()->where('job', 'photo')->firstOrFail()->position;
    }

    /** @return array{Keeper, Checklist} */
    private function sheet(): array
    {
        [$keeper, $tank] = $this->readyTank();

        return [$keeper, $this->writeRun($keeper, $tank, ['tasks' => ['photo']])];
    }

    private function file(string $content): UploadedFile
    {
        return UploadedFile::fake()->createWithContent('photo.jpg', $content);
    }

    /** A JPEG with a header as cameras write it: orientation, and a place. */
    private static function jpeg(int $width, int $height, int $orientation): string
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        self::assertNotFalse($image);
        imagefilledrectangle($image, 0, 0, intdiv($width, 2), $height, 0x3366AA);
        ob_start();
        imagejpeg($image);
        $jpeg = (string) ob_get_clean();
        $place = "SECRETPLACE\0";
        // TIFF, big-endian: two entries, 0x0112 orientation and 0x010F maker, then the text.
        $tiff = "MM\0*".pack('N', 8).pack('n', 2).pack('nnNnn', 0x0112, 3, 1, $orientation, 0).pack('nnNN', 0x010F, 2, strlen($place), 38).pack('N', 0).$place;
        $app = "Exif\0\0".$tiff;

        return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($app) + 2).$app.substr($jpeg, 2);
    }

    /** The header of a PNG that claims 50,000 by 50,000 pixels. */
    private static function hugePng(): string
    {
        $header = 'IHDR'.pack('NN', 50000, 50000)."\x08\x02\0\0\0";

        return "\x89PNG\r\n\x1A\n".pack('N', 13).$header.pack('N', crc32($header)).pack('N', 0).'IEND'.pack('N', crc32('IEND'));
    }
}
