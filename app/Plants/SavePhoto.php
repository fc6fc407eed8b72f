<?php

declare(strict_types=1);

namespace App\Plants;

use App\Models\Checklist;
use App\Models\ChecklistStep;
use App\Models\Photo;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use GdImage;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Validation\ValidationException;

/** Keeps a photo of a step: turned upright, made small, written again, so that place and camera stay out of it. */
final class SavePhoto
{
    public const MOST_BYTES = 10 * 1024 * 1024;

    private const LONGEST_SIDE = 1600;

    /** A picture that would fill the memory is refused by its header, before it is opened: four bytes for each of these. */
    private const MOST_PIXELS = 24_000_000;

    private const KINDS = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    /** @throws ValidationException when it is no photo that can be kept */
    public function __invoke(Checklist $checklist, ChecklistStep $step, mixed $file): Photo
    {
        return $this->keep($checklist->keeper_id, $checklist->tank_id, $checklist->id, $step->id, $file);
    }

    /**
     * One that belongs to no session.
     *
     * @throws ValidationException when it is no photo that can be kept
     */
    public function outside(Tank $tank, mixed $file): Photo
    {
        return $this->keep($tank->keeper_id, $tank->id, null, null, $file);
    }

    /** Photos outside of sessions that a tank may have. House limit. */
    public const MOST = 200;

    /** The photo and its file. */
    public function drop(?Photo $photo): void
    {
        if ($photo !== null) {
            Storage::disk('local')->delete('photos/'.$photo->file);
            $photo->delete();
        }
    }

    /** The files of all photos of a tank; the rows go with it. */
    public function dropFilesOf(Tank $tank): void
    {
        Photo::query()->where('tank_id', $tank->id)->chunkById(
            200,
            static fn($photos) => Storage::disk('local')->delete($photos->map(static fn(Photo $photo): string => 'photos/'.$photo->file)->all()),
        );
    }

    private function keep(int $keeper, int $tank, ?int $checklist, ?int $step, mixed $file): Photo
    {
        if (!$file instanceof UploadedFile || !$file->isValid()) {
            $this->refuse($file instanceof UploadedFile && in_array(
                $file->getError(),
                [UPLOAD_ERR_INI_SIZE, UPLOAD_ERR_FORM_SIZE],
                true,
            ) ? __('said.photo.size') : __('said.choose.photo'));
        }
        if ($file->getSize() > self::MOST_BYTES) {
            $this->refuse(__('said.photo.size'));
        }
        $path = $file->getPathname();
        $size = @getimagesize($path);
        if ($size === false || !in_array($size[2], self::KINDS, true)) {
            $this->refuse(__('said.photo.kind'));
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS || $size[0] < 1 || $size[1] < 1) {
            $this->refuse(__('said.photo.pixels'));
        }
        if (!self::isWhole((string) file_get_contents($path), $size[2])) {
            $this->refuse(__('said.photo.cut_off'));
        }
        $image = match ($size[2]) {
            IMAGETYPE_JPEG => @imagecreatefromjpeg($path),
            IMAGETYPE_PNG => @imagecreatefrompng($path),
            default => @imagecreatefromwebp($path),
        };
        if ($image === false) {
            $this->refuse(__('said.photo.unreadable'));
        }
        $image = $this->small($this->upright($image, $size[2] === IMAGETYPE_JPEG ? $path : null));
        $name = $keeper.'/'.bin2hex(random_bytes(16)).'.jpg';
        ob_start();
        imagejpeg($image, null, 82);
        Storage::disk('local')->put('photos/'.$name, (string) ob_get_clean());
        $photo = new Photo([
            'tank_id' => $tank, 'checklist_id' => $checklist, 'checklist_step_id' => $step, 'file' => $name, 'width' => imagesx($image),
            'height' => imagesy($image), 'taken_at' => CarbonImmutable::now(),
        ]);
        $photo->keeper_id = $keeper;
        $photo->save();

        return $photo;
    }

    /** Whether a picture has come to its end: the library would fill up with grey what is missing. */
    private static function isWhole(string $bytes, int $kind): bool
    {
        if ($kind === IMAGETYPE_PNG) {
            return str_contains($bytes, 'IEND');
        }
        if ($kind === IMAGETYPE_WEBP) {
            $size = unpack('V', substr($bytes, 4, 4));

            return is_array($size) && is_int($size[1]) && $size[1] + 8 <= strlen($bytes);
        }
        // Past the headers, which may hold a small picture of their own; within the data no end can stand.
        for ($at = 2; $at + 4 <= strlen($bytes) && $bytes[$at] === "\xFF";) {
            $marker = ord($bytes[$at + 1]);
            if ($marker === 0xDA) {
                return strpos($bytes, "\xFF\xD9", $at) !== false;
            }
            // Ends of headers may be filled up.
            $at += $marker === 0xFF ? 1 : 2 + 256 * ord($bytes[$at + 2]) + ord($bytes[$at + 3]);
        }

        return false;
    }

    /** A camera held upright says so beside the picture; where that cannot be read the picture stays as it lies. */
    private function upright(GdImage $image, ?string $path): GdImage
    {
        $said = $path !== null && function_exists('exif_read_data') ? @exif_read_data($path) : false;
        $turn = match (is_array($said) ? $said['Orientation'] ?? 1 : 1) {
            3 => 180,
            6 => -90,
            8 => 90,
            default => 0,
        };
        $turned = $turn === 0 ? $image : imagerotate($image, $turn, 0);

        return $turned === false ? $image : $turned;
    }

    private function small(GdImage $image): GdImage
    {
        $scale = min(1.0, self::LONGEST_SIDE / max(imagesx($image), imagesy($image)));
        $width = max(1, (int) round(imagesx($image) * $scale));
        $height = max(1, (int) round(imagesy($image) * $scale));
        $canvas = imagecreatetruecolor($width, $height);
        if ($canvas === false) {
            $this->refuse(__('said.photo.smaller'));
        }
        imagefill($canvas, 0, 0, (int) imagecolorallocate($canvas, 255, 255, 255));
        imagecopyresampled($canvas, $image, 0, 0, 0, 0, $width, $height, imagesx($image), imagesy($image));

        return $canvas;
    }

    private function refuse(string $why): never
    {
        throw ValidationException::withMessages(['photo' => $why]);
    }
}
