<?php

declare(strict_types=1);

namespace Cresco\Core\Livestock;

/** Kinds of animals: lengths when grown, groups, temperature and hardness. House defaults; a keeper may say another length. */
final class AnimalKinds
{
    /** Young fish of any kind. */
    public const FRY = 'fry';

    /** @var array<string, AnimalKind>|null */
    private static ?array $all = null;

    /** @return array<string, AnimalKind> by key */
    public static function all(): array
    {
        return self::$all ??= array_column(array_map(static fn(AnimalKind $kind): array => [$kind->key, $kind], [
            new AnimalKind('small_tetra', 'fish', 30.0, 8, [23.0, 28.0], [1.0, 10.0]),
            new AnimalKind('tetra', 'fish', 45.0, 8, [23.0, 27.0], [2.0, 12.0]),
            new AnimalKind('small_rasbora', 'fish', 22.0, 10, [23.0, 27.0], [1.0, 8.0]),
            new AnimalKind('rasbora', 'fish', 40.0, 8, [23.0, 27.0], [2.0, 12.0]),
            new AnimalKind('small_catfish', 'fish', 28.0, 6, [22.0, 26.0], [2.0, 12.0]),
            new AnimalKind('catfish', 'fish', 60.0, 6, [22.0, 26.0], [2.0, 15.0]),
            new AnimalKind('otocinclus', 'fish', 40.0, 6, [22.0, 26.0], [2.0, 12.0], 8.0, true, weeks: 8),
            new AnimalKind('bristlenose', 'fish', 120.0, 1, [23.0, 27.0], [2.0, 18.0], 200.0, true, weeks: 6),
            new AnimalKind('livebearer', 'fish', 40.0, 5, [22.0, 27.0], [8.0, 25.0]),
            new AnimalKind('fighting_fish', 'fish', 60.0, 1, [24.0, 28.0], [2.0, 15.0], eats: ['shrimp'], alone: true),
            new AnimalKind('labyrinth', 'fish', 55.0, 2, [24.0, 28.0], [2.0, 15.0], eats: ['shrimp']),
            new AnimalKind('dwarf_cichlid', 'fish', 70.0, 2, [24.0, 28.0], [1.0, 10.0], eats: ['shrimp']),
            new AnimalKind('lake_cichlid', 'fish', 120.0, 6, [24.0, 27.0], [8.0, 25.0], eats: ['shrimp', 'small_fish']),
            new AnimalKind('shell_cichlid', 'fish', 50.0, 4, [24.0, 27.0], [8.0, 25.0], eats: ['shrimp']),
            new AnimalKind('angelfish', 'fish', 130.0, 5, [25.0, 29.0], [1.0, 12.0], eats: ['shrimp', 'small_fish']),
            new AnimalKind('barb', 'fish', 60.0, 8, [22.0, 27.0], [2.0, 15.0], eats: ['shrimp']),
            new AnimalKind('danio', 'fish', 45.0, 8, [20.0, 25.0], [4.0, 18.0]),
            new AnimalKind('rainbowfish', 'fish', 65.0, 6, [23.0, 27.0], [6.0, 18.0]),
            new AnimalKind('killifish', 'fish', 50.0, 2, [21.0, 25.0], [2.0, 12.0], eats: ['shrimp']),
            new AnimalKind('bee_shrimp', 'shrimp', 25.0, 10, [20.0, 24.0], [3.0, 6.0], 3.0, true, weeks: 6),
            new AnimalKind('hardy_shrimp', 'shrimp', 30.0, 10, [18.0, 26.0], [4.0, 15.0], 3.0, true, weeks: 4),
            new AnimalKind('brush_shrimp', 'shrimp', 45.0, 6, [20.0, 26.0], [4.0, 15.0], 8.0, true, weeks: 4),
            new AnimalKind('nerite', 'snail', 25.0, 1, [20.0, 27.0], [4.0, 20.0], 5.0, true, weeks: 3),
            new AnimalKind('small_snail', 'snail', 15.0, 1, [16.0, 28.0], [4.0, 25.0], 3.0, true),
            new AnimalKind(self::FRY, 'fish', 10.0, 1, [22.0, 28.0], [2.0, 20.0], 2.0),
        ]), 1, 0);
    }

    public static function of(string $key): AnimalKind
    {
        return self::all()[$key] ?? self::all()['small_tetra'];
    }
}
