<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A record is booted by the names of the methods of its traits alone. The framework looks for attributes as well, on the class and on
 * each of some four hundred methods, for each kind of record that a page touches; no record here has one. What is read from the
 * database begins as a copy of one that is empty. With another framework than it was written for (`Shortcut`) all of it goes the framework's own way.
 */
trait BootsByName
{
    /** @var array<class-string, static> an empty one of each kind */
    private static array $empty = [];

    /** @var array<class-string, array<string, string>> what the columns of each kind of record are cast to, as the record says */
    private static array $castsOfKinds = [];

    protected static function bootTraits(): void
    {
        if (!Shortcut::$fits) {
            parent::bootTraits();

            return;
        }
        self::$traitInitializers[static::class] = [];
        foreach (class_uses_recursive(static::class) as $trait) {
            [$boot, $initialize] = ['boot'.class_basename($trait), 'initialize'.class_basename($trait)];
            if (method_exists(static::class, $boot)) {
                static::{$boot}();
            }
            if (method_exists(static::class, $initialize)) {
                self::$traitInitializers[static::class][] = $initialize;
            }
        }
    }

    protected function initializeHasAttributes(): void
    {
        if (!Shortcut::$fits || !isset(self::$castsOfKinds[static::class])) {
            parent::initializeHasAttributes();
            self::$castsOfKinds[static::class] = $this->casts;
        }
        $this->casts = self::$castsOfKinds[static::class];
    }

    public static function bootHasGlobalScopes(): void
    {
        if (!Shortcut::$fits) {
            parent::bootHasGlobalScopes();
        }
    }

    public static function bootHasEvents(): void
    {
        if (!Shortcut::$fits) {
            parent::bootHasEvents();
        }
    }

    /**
     * @param array<string, mixed> $attributes
     * @param string|null          $connection
     */
    public function newFromBuilder($attributes = [], $connection = null): static
    {
        $empty = self::$empty[static::class] ??= $this->newInstance();
        if (!Shortcut::$fits || $this->casts !== $empty->casts) {
            return parent::newFromBuilder($attributes, $connection);
        }
        $record = clone $empty;
        $record->exists = true;
        $record->setRawAttributes((array) $attributes, true);
        $record->setConnection($connection ?? $this->getConnectionName());
        $record->fireModelEvent('retrieved', false);

        return $record;
    }
}
