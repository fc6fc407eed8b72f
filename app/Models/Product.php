<?php

declare(strict_types=1);

namespace App\Models;

use App\Units\DoseUnit;
use Carbon\CarbonImmutable;
use Cresco\Core\Fertilising\Chelate;
use Cresco\Core\Fertilising\Fertiliser;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Mixing\Ingredient;
use Cresco\Core\Mixing\Label;
use Cresco\Core\Mixing\Salts;
use Cresco\Core\Mixing\Spoon;
use Cresco\Core\WaterChange\Conditioner;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A salt or a labelled product that the keeper has.
 *
 * @property int                                   $id
 * @property int                                   $keeper_id
 * @property string                                $name
 * @property string|null                           $salt       of the catalogue; null for a labelled product
 * @property string                                $unit       "g" or "mL"
 * @property array<string, float|string|null>|null $label
 * @property float                                 $purity     0 to 1
 * @property float                                 $price      for 100 units
 * @property float|null                            $stock      units at hand
 * @property CarbonImmutable|null                  $updated_at
 * @property CarbonImmutable|null                  $used_at    when a dechlorinator was last used
 */
final class Product extends Record
{
    protected $table = 'products';

    protected $fillable = ['name', 'salt', 'unit', 'label', 'purity', 'price', 'stock', 'used_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['keeper_id' => 'integer', 'label' => 'array', 'purity' => 'float', 'price' => 'float', 'stock' => 'float', 'used_at' => 'immutable_datetime'];
    }

    /** @return HasMany<SpoonTrial, $this> */
    public function trials(): HasMany
    {
        return $this->hasMany(SpoonTrial::class)->whereNotExists(LearningReset::after('spoon_trials', 'product_id', LearningReset::SPOON))
            ->orderBy('taken_at')->orderBy('id');
    }

    /** What is in the product when it is no salt and no mineral product. */
    public const CONDITIONER = 'conditioner';

    public function isConditioner(): bool
    {
        return $this->salt === self::CONDITIONER;
    }

    /** An acid of known strength. */
    public const ACID = 'acid';

    public function isAcid(): bool
    {
        return $this->salt === self::ACID;
    }

    /** A bottle that plants are fed from. */
    public const FEED = 'feed';

    /** What holds the iron in it, where its label says. */
    public function chelate(): ?Chelate
    {
        return is_string($this->label['chelate'] ?? null) ? Chelate::tryFrom($this->label['chelate']) : null;
    }

    public function isFeed(): bool
    {
        return $this->salt === self::FEED;
    }

    /** Whether it is something to make water of. */
    public function isForBench(): bool
    {
        return !$this->isConditioner() && !$this->isAcid() && !$this->isFeed();
    }

    /** What of it a plant can be fed with; null for what brings none. */
    public function toFeed(float $step): ?Fertiliser
    {
        $label = $this->label ?? [];
        if ($this->isFeed()) {
            $brings = [];
            foreach (Parameter::nutrients() as $nutrient) {
                if (is_numeric($label[$nutrient->value] ?? null) && (float) $label[$nutrient->value] > 0.0) {
                    $brings[$nutrient->value] = (float) $label[$nutrient->value];
                }
            }

            if ($brings === []) {
                return null;
            }
            $feed = Fertiliser::ofLabel(
                (string) $this->id,
                $this->name,
                max(1e-3, (float) ($label['dose'] ?? 1.0)),
                max(1e-3, (float) ($label['litres'] ?? 1.0)),
                $brings,
                self::DROP,
                is_numeric($label['days'] ?? null) ? (float) $label['days'] : null,
            );

            return $this->isHomeMade() ? $feed->withoutLabel() : $feed;
        }
        $salt = $this->salt === null ? null : Salts::find($this->salt);
        $feed = $salt === null || !Fertiliser::feedsPlants($salt) ? null : Fertiliser::ofSalt((string) $this->id, $this->name, $salt, $this->purity, $step);

        return $feed === null || $feed->milligrams === [] ? null : $feed;
    }

    /** Kept with the label of a bottle that was made up here, and so is made up again and not ordered. */
    public const HOME = 'home';

    public function isHomeMade(): bool
    {
        return is_numeric($this->label[self::HOME] ?? null) && (float) $this->label[self::HOME] > 0.0;
    }

    /** mL that can be measured: two drops at twenty to the millilitre. House default. */
    private const DROP = 0.1;

    /** What the dose of a dechlorinator is measured with. */
    public function doseUnit(): DoseUnit
    {
        return DoseUnit::of($this->label['measured'] ?? null);
    }

    public function coreConditioner(): Conditioner
    {
        $number = fn(string $field): float => (float) ($this->label[$field] ?? 0.0);

        return new Conditioner(
            $number('dose'),
            $number('litres'),
            is_numeric($this->label['strength'] ?? null) ? $number('strength') : null,
            $this->doseUnit()->label(),
        );
    }

    public function toCore(): Ingredient
    {
        $salt = $this->salt === null ? null : Salts::find($this->salt);

        return $salt === null
            ? Ingredient::ofLabel((string) $this->id, $this->name, $this->unit, $this->coreLabel(), $this->price / 100.0, $this->stock)
            : Ingredient::ofSalt($salt, (string) $this->id, $this->purity, $this->price / 100.0, $this->stock, (string) __('names.salt.'.$salt->key));
    }

    public function coreLabel(): Label
    {
        $number = fn(string $field): float => (float) ($this->label[$field] ?? 0.0);

        return new Label(
            $number('dose'),
            $number('litres'),
            $number('gh'),
            $number('kh'),
            $number('ec') > 0.0 ? $number('ec') : null,
            isset($this->label['ratio']) ? $number('ratio') : null,
        );
    }

    /** Whether it is put to a batch without being asked for: fertilisers, what is not weighed and labels that cannot be true are not. */
    public function isUsual(): bool
    {
        $salt = $this->salt === null ? null : Salts::find($this->salt);
        if (!$this->isForBench()) {
            return false;
        }

        return $salt === null ? $this->coreLabel()->contradiction() === null : !$salt->isFertiliser && $salt->weighed;
    }

    /** What a level spoon weighs, when trials say so. */
    public function spoon(): ?Spoon
    {
        $trials = $this->trials->map(static fn(SpoonTrial $trial): array => [$trial->grams_each, $trial->spoons])->values()->all();

        return $trials === [] ? null : Spoon::learned(array_values($trials));
    }
}
