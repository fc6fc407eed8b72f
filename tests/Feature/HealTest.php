<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Backup\Restoring;
use Illuminate\Filesystem\Filesystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A restore that is killed on its way leaves the data of before or the new ones, and never half of each. */
final class HealTest extends TestCase
{
    private string $folder;

    private string $photos;

    protected function setUp(): void
    {
        $name = 'cresco-heal-'.bin2hex(random_bytes(4));
        $this->folder = sys_get_temp_dir().'/'.$name;
        // Photos on another disk, where there is one.
        $this->photos = (is_writable('/dev/shm') ? '/dev/shm/' : sys_get_temp_dir().'/photos-').$name;
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        (new Filesystem())->deleteDirectory($this->folder);
        (new Filesystem())->deleteDirectory($this->photos);
    }

    /**
     * @return iterable<string, array{array<string, string>, array<string, string>, string}> what lies in the folder put aside, what lies in
     *     place, and whose data stand afterwards
     */
    public static function moments(): iterable
    {
        yield 'before anything was moved' => [['data.sqlite' => 'new', 'photos/1.jpg' => 'new'], ['data' => 'old', 'photos' => 'old'], 'old'];
        yield 'the data of before are aside' => [['data.sqlite' => 'new', 'photos/1.jpg' => 'new', 'was-cresco.sqlite' => 'old'], ['photos' => 'old'], 'old'];
        yield 'photos are on their way to another disk' => [
            ['data.sqlite' => 'new', 'photos/1.jpg' => 'new', 'was-cresco.sqlite' => 'old', 'was-photos.part/2.jpg' => 'half'], ['photos' => 'old'],
            'old',
        ];
        yield 'both are aside' => [['data.sqlite' => 'new', 'photos/1.jpg' => 'new', 'was-cresco.sqlite' => 'old', 'was-photos/1.jpg' => 'old'], [], 'old'];
        yield 'the new data are in place, their photos are not' => [
            ['photos/1.jpg' => 'new', 'was-cresco.sqlite' => 'old', 'was-photos/1.jpg' => 'old'], ['data' => 'new'], 'old',
        ];
        yield 'all is in place' => [['was-cresco.sqlite' => 'old', 'was-photos/1.jpg' => 'old'], ['data' => 'new', 'photos' => 'new'], 'new'];
    }

    /**
     * @param array<string, string> $aside
     * @param array<string, string> $there
     */
    #[DataProvider('moments')]
    public function testWhatAKilledRestoreLeftIsPutRight(array $aside, array $there, string $whose): void
    {
        $files = new Filesystem();
        // Kept under the name that the photos have.
        foreach ($aside as $name => $text) {
            $path = $this->folder.'/.restoring-x/'.str_replace('was-photos', 'was-'.basename($this->photos), $name);
            $files->ensureDirectoryExists(dirname($path));
            file_put_contents($path, $text);
        }
        if (isset($there['data'])) {
            file_put_contents($this->folder.'/cresco.sqlite', $there['data']);
        }
        if (isset($there['photos'])) {
            $files->ensureDirectoryExists($this->photos);
            file_put_contents($this->photos.'/1.jpg', $there['photos']);
        }
        self::assertTrue(Restoring::heal($this->folder.'/cresco.sqlite', $this->photos));
        self::assertSame([$whose, $whose], [file_get_contents($this->folder.'/cresco.sqlite'), file_get_contents($this->photos.'/1.jpg')]);
        self::assertDirectoryDoesNotExist($this->folder.'/.restoring-x');
        self::assertFalse(Restoring::heal($this->folder.'/cresco.sqlite', $this->photos));
    }
}
