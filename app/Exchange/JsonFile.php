<?php

declare(strict_types=1);

namespace App\Exchange;

use JsonException;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use RuntimeException;

/** A JSON file held against its published schema; what is wrong is said with the line it stands on. */
final class JsonFile
{
    /**
     * @param string $schema name of the schema in docs/schema
     *
     * @return array<mixed>
     *
     * @throws FileFault
     */
    public static function read(string $text, string $schema): array
    {
        $lines = JsonLines::of($text);
        try {
            $data = json_decode($text, false, 32, JSON_THROW_ON_ERROR);
        } catch (JsonException $fault) {
            throw FileFault::at(1, (string) __('file.not_json', ['why' => $fault->getMessage()]));
        }
        $fault = self::fault($data, $schema);
        if ($fault !== null) {
            throw FileFault::at($lines->lineOf($fault[0]), ($fault[0] === [] ? '' : '/'.implode('/', array_map(strval(...), $fault[0])).': ').$fault[1]);
        }
        $read = json_decode($text, true);

        return is_array($read) ? $read : [];
    }

    /**
     * The first that does not hold by a published schema.
     *
     * @return array{list<int|string>, string}|null where it stands, and why
     */
    public static function fault(mixed $data, string $schema): ?array
    {
        $published = file_get_contents(base_path('docs/schema/'.$schema.'.schema.json'));
        $validator = new Validator();
        $validator->setMaxErrors(1);
        $error = $validator->validate($data, $published === false ? throw new RuntimeException('The schema is missing.') : $published)->error();
        if ($error === null) {
            return null;
        }
        $error = self::deepest($error);

        return [array_values($error->data()->fullPath()), lcfirst((new ErrorFormatter())->formatErrorMessage($error))];
    }

    private static function deepest(ValidationError $error): ValidationError
    {
        $inner = $error->subErrors();

        $first = reset($inner);

        return $first instanceof ValidationError ? self::deepest($first) : $error;
    }
}
