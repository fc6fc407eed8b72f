<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Capacity;
use App\Models\Reading;
use Cresco\Core\Measure\MeasureFault;
use Illuminate\Filesystem\Filesystem;
use JsonException;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use RuntimeException;
use stdClass;
use Throwable;
use ZipArchive;

/**
 * An archive of a keeper, read and checked: each record by the published schema and by what its class makes of it, each photo opened
 * once. Nothing is kept here.
 */
final class KeeperArchiveIn
{
    /** Bytes that an archive may have unpacked, and one file of records. House limits. */
    private const MOST_BYTES = [800 * 1024 * 1024, 60 * 1024 * 1024];

    /** Bytes of a photo, and of what one record keeps as JSON. House limits. */
    private const MOST_OF_ONE = [8 * 1024 * 1024, 400_000];

    /** Records in all. House limit. */
    private const MOST_RECORDS = 300_000;

    private const SCHEMA = 'https://cresco.test/schema/keeper.schema.json';

    /**
     * @param array<string, mixed>                      $keeper  what is set of the keeper
     * @param array<string, list<array<string, mixed>>> $records by table
     * @param array<int, string>                        $photos  paths by number of the photo
     */
    private function __construct(public readonly array $keeper, public readonly array $records, public readonly array $photos) {}

    /**
     * @param string $into a folder that photos are unpacked into
     *
     * @throws FileFault
     */
    public static function read(string $path, string $into, TakingIn $in): self
    {
        $zip = new ZipArchive();
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw new FileFault(__('account.archive.none'));
        }
        try {
            $bytes = 0;
            for ($i = 0; $i < $zip->numFiles; ++$i) {
                $stat = $zip->statIndex($i);
                $bytes += is_array($stat) ? $stat['size'] : 0;
            }
            if ($bytes > self::MOST_BYTES[0]) {
                throw new FileFault(__('account.archive.big'));
            }
            $head = self::json($zip, 'cresco.json');
            if (!$head instanceof stdClass || ($head->format ?? null) !== KeeperArchive::FORMAT) {
                throw new FileFault(__('account.archive.none'));
            }
            $version = $head->version ?? null;
            if (!in_array($version, [1, KeeperArchive::VERSION], true)) {
                throw new FileFault(__('account.archive.newer'));
            }
            $validator = self::validator();
            $keeper = self::json($zip, 'keeper.json');
            self::hold($validator, $keeper, '#/$defs/keepers', 'keeper');
            $records = [];
            $photos = [];
            $count = 0;
            foreach (KeeperTables::all() as $name => $table) {
                $rows = $zip->locateName("records/$name.json") === false ? [] : self::json($zip, "records/$name.json");
                if ($version === 1) {
                    $rows = self::upgraded($name, $rows, $photos);
                }
                $count += is_array($rows) ? count($rows) : 0;
                if (!is_array($rows) || $count > self::MOST_RECORDS) {
                    throw new FileFault(__('account.archive.big'));
                }
                $most = Capacity::ofKeeper($name);
                if ($most !== null && count($rows) > $most) {
                    throw new FileFault(__('account.archive.many', ['what' => $name, 'most' => number_format($most)]));
                }
                self::withinTanks($name, $rows);
                $records[$name] = [];
                foreach (array_values($rows) as $n => $row) {
                    $in->at($n, count($rows));
                    self::hold($validator, $row, '#/$defs/'.$name, "$name, record ".($n + 1));
                    $records[$name][] = $fields = self::fields($row);
                    self::opens($table, $fields, "$name, record ".($n + 1));
                }
            }

            return new self(self::fields($keeper), $records, self::photos($zip, $records['photos'] ?? [], $into));
        } finally {
            $zip->close();
        }
    }

    /**
     * Records of the first version as they are kept now: a problem had one photo, named in its own record.
     *
     * @param list<stdClass> $photos of problems, as they are found
     */
    private static function upgraded(string $name, mixed $rows, array &$photos): mixed
    {
        foreach ($name === 'inquiries' && is_array($rows) ? $rows : [] as $row) {
            if ($row instanceof stdClass && property_exists($row, 'photo_id')) {
                if (is_int($row->photo_id)) {
                    $photos[] = (object) ['id' => count($photos) + 1, 'inquiry_id' => $row->id ?? null, 'photo_id' => $row->photo_id];
                }
                unset($row->photo_id);
            }
        }

        return $name === 'inquiry_photos' ? $photos : $rows;
    }

    /**
     * The limits that a tank has, before anything is kept: pages were measured at them.
     *
     * @param array<mixed> $rows
     */
    private static function withinTanks(string $name, array $rows): void
    {
        $most = Capacity::ofTank($name);
        $tanks = $most === null ? [] : array_count_values(array_filter(array_map(static fn(mixed $row): ?int => $row instanceof stdClass && is_int($row->tank_id ?? null) ? $row->tank_id : null, array_values($rows)), is_int(...)));
        if ($tanks !== [] && max($tanks) > $most) {
            throw new FileFault(__('account.archive.many', ['what' => $name, 'most' => number_format($most)]));
        }
    }

    private static function json(ZipArchive $zip, string $name): mixed
    {
        $stat = $zip->statName($name);
        if ($stat === false || $stat['size'] > self::MOST_BYTES[1]) {
            throw new FileFault($stat === false ? __('account.archive.lacks', ['what' => $name]) : __('account.archive.big'));
        }
        try {
            return json_decode((string) $zip->getFromName($name), false, 48, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw new FileFault(__('account.archive.unread', ['what' => $name]));
        }
    }

    private static function validator(): Validator
    {
        $schema = file_get_contents(base_path('docs/schema/keeper.schema.json'));
        $validator = new Validator();
        $validator->setMaxErrors(1);
        $validator->resolver()?->registerRaw($schema === false ? throw new RuntimeException('The schema is missing.') : $schema, self::SCHEMA);

        return $validator;
    }

    private static function hold(Validator $validator, mixed $data, string $what, string $where): void
    {
        $error = $validator->validate($data, self::SCHEMA.$what)->error();
        if ($error !== null) {
            $inner = $error->subErrors()[0] ?? null;
            $inner = $inner instanceof ValidationError ? $inner : $error;
            $path = implode('/', array_filter($inner->data()->fullPath(), is_scalar(...)));
            throw new FileFault(__('account.archive.record', ['where' => trim("$where $path"), 'why' => lcfirst((new ErrorFormatter())->formatErrorMessage($inner))]));
        }
    }

    /** @return array<string, mixed> */
    private static function fields(mixed $row): array
    {
        $fields = [];
        foreach ($row instanceof stdClass ? get_object_vars($row) : [] as $name => $value) {
            $fields[(string) $name] = $value;
        }

        return $fields;
    }

    /**
     * Whether its class can make something of each column.
     *
     * @param array<string, mixed> $fields
     */
    private static function opens(KeeperTable $table, array $fields, string $where): void
    {
        $class = KeeperTables::records()[$table->name] ?? null;
        try {
            $raw = self::toKeep($table, $fields);
            foreach ($raw as $column => $value) {
                $why = is_string($value) ? match (true) {
                    strlen($value) > self::MOST_OF_ONE[1] => 'it is too long',
                    !self::isText($fields[$column]) => 'it holds signs that are no text',
                    default => null,
                } : null;
                if ($why !== null) {
                    throw new FileFault(__('account.archive.record', ['where' => "$where $column", 'why' => $why]));
                }
            }
            if ($class !== null) {
                $record = new $class();
                $record->setRawAttributes($raw);
                foreach (array_keys(array_intersect_key($record->getCasts(), $raw)) as $column) {
                    $record->getAttribute($column);
                }
                if ($record instanceof Reading) {
                    $record->toCore();
                }
            }
        } catch (FileFault $fault) {
            throw $fault;
        } catch (MeasureFault $fault) {
            throw new FileFault(__('account.archive.record', ['where' => $where, 'why' => rtrim($fault->getMessage(), '.')]));
        } catch (Throwable) {
            throw new FileFault(__('account.archive.record', ['where' => $where, 'why' => 'nothing can be made of it']));
        }
    }

    /** Whether no word of it holds a sign that is neither written nor pasted; new lines, tabs and page breaks may stand. */
    private static function isText(mixed $value): bool
    {
        if (is_string($value)) {
            return preg_match('/[\x00-\x08\x0E-\x1F]/', $value) === 0;
        }
        foreach (is_iterable($value) || $value instanceof stdClass ? (array) $value : [] as $inner) {
            if (!self::isText($inner)) {
                return false;
            }
        }

        return true;
    }

    /**
     * A record as the database keeps it, without numbers.
     *
     * @param array<string, mixed> $fields
     *
     * @return array<string, bool|float|int|string|null>
     */
    public static function toKeep(KeeperTable $table, array $fields): array
    {
        $kept = [];
        foreach ($table->columns as $column => $type) {
            if (!array_key_exists($column, $fields)) {
                continue;
            }
            $value = $fields[$column];
            $kept[$column] = match (true) {
                $value === null => null,
                $type === 'json' => json_encode($value, KeeperArchive::JSON),
                is_scalar($value) => $value,
                default => null,
            };
        }

        return $kept;
    }

    /**
     * @param list<array<string, mixed>> $records
     *
     * @return array<int, string> paths by number of the photo
     */
    private static function photos(ZipArchive $zip, array $records, string $into): array
    {
        (new Filesystem())->ensureDirectoryExists($into, 0o700);
        $found = [];
        foreach ($records as $record) {
            $id = is_int($record['id'] ?? null) ? $record['id'] : 0;
            $name = "photos/$id.jpg";
            $stat = $zip->statName($name);
            if ($stat === false) {
                continue;
            }
            $path = $into.'/'.$id.'.jpg';
            $bytes = $stat['size'] > self::MOST_OF_ONE[0] ? '' : (string) $zip->getFromName($name);
            file_put_contents($path, $bytes);
            $size = @getimagesize($path);
            // As Cresco writes them: no larger, and whole. Written anew, so that what hangs behind or beside the picture stays out.
            $isOurs = is_array($size) && $size[2] === IMAGETYPE_JPEG && $size[0] === ($record['width'] ?? null) && $size[1] === ($record['height'] ?? null) && max($size[0], $size[1]) <= 4000 && str_ends_with($bytes, "\xFF\xD9");
            $image = $isOurs ? @imagecreatefromjpeg($path) : false;
            if ($image === false || !imagejpeg($image, $path, 95)) {
                throw new FileFault(__('account.archive.photo', ['name' => $name]));
            }
            $found[$id] = $path;
        }

        return $found;
    }
}
