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
            throw FileFault::at(1, 'this is not JSON: '.$fault->getMessage());
        }
        $published = file_get_contents(base_path('docs/schema/'.$schema.'.schema.json'));
        $validator = new Validator();
        $validator->setMaxErrors(1);
        $error = $validator->validate($data, $published === false ? throw new RuntimeException('The schema is missing.') : $published)->error();
        if ($error !== null) {
            $error = self::deepest($error);
            $path = $error->data()->fullPath();
            $at = '/'.implode('/', array_map(strval(...), $path));
            throw FileFault::at($lines->lineOf($path), ($path === [] ? '' : $at.': ').lcfirst((new ErrorFormatter())->formatErrorMessage($error)));
        }
        $read = json_decode($text, true);

        return is_array($read) ? $read : [];
    }

    private static function deepest(ValidationError $error): ValidationError
    {
        $inner = $error->subErrors();

        $first = reset($inner);

        return $first instanceof ValidationError ? self::deepest($first) : $error;
    }
}
