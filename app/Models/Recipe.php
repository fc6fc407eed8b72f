<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A recipe that was kept: its target, its limits and what it took.
 *
 * @property int                  $id
 * @property int                  $keeper_id
 * @property string               $name
 * @property array<string, mixed> $content   as in the published schema
 */
final class Recipe extends Record
{
    protected $table = 'recipes';

    protected $fillable = ['name', 'content'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['keeper_id' => 'integer', 'content' => 'array'];
    }
}
