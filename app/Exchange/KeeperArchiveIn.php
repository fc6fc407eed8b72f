<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Reading;
use App\Models\RecordQuota;
use Cresco\Core\Measure\MeasureFault;
use Generator;
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
 * An archive of a keeper: each record checked by the published schema and by what its class makes of it, each photo opened once. It is
 * read record by record, as often as it is asked. Nothing is kept here.
 */
final class KeeperArchiveIn
{
    /** Bytes that an archive may have unpacked, one file of records, and what is read whole. House limits. */
    private const MOST_BYTES = [800 * 1024 * 1024, 200 * 1024 * 1024, 1024 * 1024];

    /** Bytes of a photo, and of what one record keeps as JSON. House limits. */
    private const MOST_OF_ONE = [8 * 1024 * 1024, 400_000];

    /** Records in all. House limit. */
    private const MOST_RECORDS = 300_000;

    private const SCHEMA = 'https://cresco.test/schema/keeper.schema.json';

    /** @var array<string, mixed> what is set of the keeper */
    public readonly array $keeper;

    private readonly int $version;

    /** How many records it says that it holds. */
    private readonly int $said;

    /** @var list<stdClass> photos of problems of the first version, as they are found */
    private array $ofProblems = [];

    /** @throws FileFault */
    private function __construct(private readonly ZipArchive $zip)
    {
        $bytes = 0;
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $stat = $zip->statIndex($i);
            $bytes += is_array($stat) ? $stat['size'] : 0;
        }
        if ($bytes > self::MOST_BYTES[0]) {
            throw new FileFault(__('account.archive.big'));
        }
        $head = $this->json('cresco.json');
        if (!$head instanceof stdClass || ($head->format ?? null) !== KeeperArchive::FORMAT) {
            throw new FileFault(__('account.archive.none'));
        }
        if (!in_array($head->version ?? null, [1, 2, KeeperArchive::VERSION], true)) {
            throw new FileFault(__('account.archive.newer'));
        }
        $this->version = $head->version;
        $counts = ($head->records ?? null) instanceof stdClass ? get_object_vars($head->records) : [];
        $this->said = (int) array_sum(array_filter($counts, is_int(...)));
        $keeper = $this->json('keeper.json');
        self::hold(self::validator(), $keeper, '#/$defs/keepers', 'keeper');
        $this->keeper = self::fields($keeper);
    }

    /** @throws FileFault */
    public static function open(string $path): self
    {
        $zip = new ZipArchive();
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw new FileFault(__('account.archive.none'));
        }

        return new self($zip);
    }

    /**
     * Goes through all of it.
     *
     * @param string $into a folder that photos are unpacked into
     *
     * @return array<int, string> paths of photos by their numbers
     *
     * @throws FileFault
     */
    public function check(string $into, ImportProgress $in): array
    {
        $validator = self::validator();
        $photos = [];
        $count = 0;
        (new Filesystem())->ensureDirectoryExists($into, 0o700);
        foreach (KeeperTables::all() as $name => $table) {
            [$most, $mostOfTank, $tanks] = [RecordQuota::ofKeeper($name), RecordQuota::ofTank($name), []];
            foreach ($this->rows($name) as $n => $row) {
                $in->at(++$count, max($count, $this->said));
                // Counted before anything is made of it.
                if ($count > self::MOST_RECORDS) {
                    throw new FileFault(__('account.archive.big'));
                }
                $tank = $row instanceof stdClass && is_int($row->tank_id ?? null) ? $row->tank_id : 0;
                $tanks[$tank] = ($tanks[$tank] ?? 0) + 1;
                foreach ([[$n + 1, $most], [$tank === 0 ? 0 : $tanks[$tank], $mostOfTank]] as [$there, $limit]) {
                    if ($limit !== null && $there > $limit) {
                        throw new FileFault(__('account.archive.many', ['what' => $name, 'most' => number_format($limit)]));
                    }
                }
                $where = "$name, record ".($n + 1);
                self::hold($validator, $row, '#/$defs/'.$name, $where);
                $fields = self::fields($row);
                self::opens($table, $fields, $where);
                if ($name === 'photos' && is_int($fields['id'] ?? null) && ($photo = $this->photo($fields, $into)) !== null) {
                    $photos[$fields['id']] = $photo;
                }
            }
        }

        return $photos;
    }

    /**
     * @return Generator<int, array<string, mixed>> records of a table that was checked
     *
     * @throws FileFault
     */
    public function records(string $name): Generator
    {
        foreach ($this->rows($name) as $n => $row) {
            yield $n => self::fields($row);
        }
    }

    /** @return Generator<int, mixed> */
    private function rows(string $name): Generator
    {
        if ($this->version === 1 && $name === 'problem_photos') {
            yield from $this->ofProblems;

            return;
        }
        $this->ofProblems = $name === 'problems' ? [] : $this->ofProblems;
        $file = 'records/'.($this->version < 3 ? OlderNames::table($name) : $name).'.json';
        $stat = $this->zip->statName($file);
        if ($stat === false) {
            return;
        }
        $stream = $stat['size'] > self::MOST_BYTES[1] ? throw new FileFault(__('account.archive.big')) : $this->zip->getStream($file);
        if ($stream === false) {
            throw new FileFault(__('account.archive.unread', ['what' => $file]));
        }
        try {
            foreach (JsonRecords::of($stream, self::MOST_BYTES[2]) as $n => $text) {
                yield $n => $this->upgraded($name, json_decode($text, false, 48, JSON_THROW_ON_ERROR));
            }
        } catch (JsonException) {
            throw new FileFault(__('account.archive.unread', ['what' => $file]));
        } finally {
            fclose($stream);
        }
    }

    /** A record of an older version as it is kept now. In the first, a problem had one photo, named in its own record. */
    private function upgraded(string $name, mixed $row): mixed
    {
        $row = $this->version < 3 && $row instanceof stdClass ? OlderNames::renewed($row) : $row;
        if ($this->version === 1 && $name === 'problems' && $row instanceof stdClass && property_exists($row, 'photo_id')) {
            if (is_int($row->photo_id)) {
                $this->ofProblems[] = (object) ['id' => count($this->ofProblems) + 1, 'problem_id' => $row->id ?? null, 'photo_id' => $row->photo_id];
            }
            unset($row->photo_id);
        }

        return $row;
    }

    private function json(string $name): mixed
    {
        $stat = $this->zip->statName($name);
        if ($stat === false || $stat['size'] > self::MOST_BYTES[2]) {
            throw new FileFault($stat === false ? __('account.archive.lacks', ['what' => $name]) : __('account.archive.big'));
        }
        try {
            return json_decode((string) $this->zip->getFromName($name), false, 48, JSON_THROW_ON_ERROR);
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
            throw new FileFault(__(
                'account.archive.record',
                ['where' => trim("$where $path"), 'why' => lcfirst((new ErrorFormatter())->formatErrorMessage($inner))],
            ));
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
                    strlen($value) > self::MOST_OF_ONE[1] => (string) __('file.too_long'),
                    !self::isText($fields[$column]) => (string) __('file.no_text'),
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
            throw new FileFault(__('account.archive.record', ['where' => $where, 'why' => rtrim(say($fault), '.')]));
        } catch (Throwable) {
            throw new FileFault(__('account.archive.record', ['where' => $where, 'why' => __('file.unusable')]));
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
     * A photo unpacked, as Cresco writes them: no larger, and whole. It is written again, so that what hangs behind or beside the picture stays out.
     *
     * @param array<string, mixed> $record
     */
    private function photo(array $record, string $into): ?string
    {
        $id = is_int($record['id'] ?? null) ? $record['id'] : 0;
        $name = "photos/$id.jpg";
        $stat = $this->zip->statName($name);
        if ($stat === false) {
            return null;
        }
        $path = $into.'/'.$id.'.jpg';
        $bytes = $stat['size'] > self::MOST_OF_ONE[0] ? '' : (string) $this->zip->getFromName($name);
        file_put_contents($path, $bytes);
        $size = @getimagesize($path);
        $isOurs = is_array($size)
            && $size[2] === IMAGETYPE_JPEG
            && $size[0] === ($record['width'] ?? null)
            && $size[1] === ($record['height'] ?? null)
            && max($size[0], $size[1]) <= 4000
            && str_ends_with($bytes, "\xFF\xD9");
        $image = $isOurs ? @imagecreatefromjpeg($path) : false;
        if ($image === false || !imagejpeg($image, $path, 95)) {
            throw new FileFault(__('account.archive.photo', ['name' => $name]));
        }

        return $path;
    }
}
