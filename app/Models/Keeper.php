<?php

declare(strict_types=1);

namespace App\Models;

use App\Data\OwnEstimates;
use App\Data\WeekHabits;
use App\Notifications\AccountEmail;
use App\Units\Habits;
use App\Units\LengthUnit;
use App\Units\Show;
use App\Units\VolumeUnit;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\TestKit;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * A person with an account; everything recorded belongs to one.
 *
 * @property int                  $id
 * @property string               $name
 * @property string               $email
 * @property string               $password
 * @property bool                 $is_demo
 * @property VolumeUnit           $volume_unit
 * @property LengthUnit           $length_unit
 * @property string               $theme
 * @property bool                 $shows_all     whether tables and spreads are open that others see folded
 * @property string               $timezone
 * @property float                $bucket_litres
 * @property float                $hand          mm that a hand is broad
 * @property bool                 $hand_told     whether they said so
 * @property float                $pen_factor
 * @property float                $scale_step    g, smallest step of the scale
 * @property WeekHabits           $week
 * @property OwnEstimates         $figures
 * @property CarbonImmutable|null $guest_seen_on last day that a guest was here; null for whoever has an account
 * @property string|null          $feed_hash     of the secret address of the calendar
 * @property list<string>|null    $simulated     devices that are played by a simulation
 */
final class Keeper extends Authenticatable implements Habits
{
    use BootsByName;
    use RemembersCasts;

    protected $table = 'keepers';

    protected $fillable = [
        'name', 'email', 'password', 'volume_unit', 'length_unit', 'theme', 'timezone', 'bucket_litres', 'hand', 'hand_told', 'pen_factor',
        'scale_step', 'simulated', 'week', 'figures', 'shows_all',
    ];

    protected $hidden = ['password', 'remember_token', 'feed_hash'];

    protected $attributes = [
        'is_demo' => false, 'volume_unit' => 'litre', 'length_unit' => 'metric', 'theme' => 'auto', 'timezone' => 'UTC', 'bucket_litres' => 12, 'hand' => 90, 'hand_told' => false, 'shows_all' => false, 'pen_factor' => 0.5,
        'scale_step' => 0.1, 'simulated' => '[]',
        'remember_token' => null, 'week' => null, 'figures' => null, 'feed_hash' => null, 'guest_seen_on' => null,
    ];

    private ?Show $show = null;

    /** @var Collection<int, Kit>|null that the map below was made of */
    private ?Collection $kitsOf = null;

    /** @var array<string, Kit> */
    private array $byParameter = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'password' => 'hashed',
            'is_demo' => 'boolean',
            'volume_unit' => VolumeUnit::class,
            'length_unit' => LengthUnit::class,
            'bucket_litres' => 'float',
            'hand' => 'float',
            'hand_told' => 'boolean',
            'shows_all' => 'boolean',
            'pen_factor' => 'float',
            'scale_step' => 'float',
            'simulated' => 'array',
            'week' => WeekHabits::class,
            'figures' => OwnEstimates::class,
            'guest_seen_on' => 'immutable_date:Y-m-d',
        ];
    }

    /** Whether nobody can sign in to it: it is kept on one device for a while. */
    public function isGuest(): bool
    {
        return $this->guest_seen_on !== null;
    }

    /** What a link that moves the address holds to: another one once address or password changed. */
    public function addressMark(): string
    {
        return substr(hash('sha256', $this->email.$this->password), 0, 32);
    }

    /** @return HasMany<Tank, $this> */
    public function tanks(): HasMany
    {
        return $this->hasMany(Tank::class);
    }

    /** @return HasMany<PlantKind, $this> */
    public function plantKinds(): HasMany
    {
        return $this->hasMany(PlantKind::class)->orderBy('name');
    }

    /** @return HasMany<SourceWater, $this> */
    public function waters(): HasMany
    {
        return $this->hasMany(SourceWater::class);
    }

    /** @return HasMany<Kit, $this> */
    public function kits(): HasMany
    {
        return $this->hasMany(Kit::class);
    }

    /** @return HasMany<Entry, $this> */
    public function entries(): HasMany
    {
        return $this->hasMany(Entry::class);
    }

    /** @return HasMany<Product, $this> */
    public function products(): HasMany
    {
        return $this->hasMany(Product::class);
    }

    /** @return Collection<int, Product> what may go into a batch */
    public function benchProducts(): Collection
    {
        return $this->products->filter(static fn(Product $product): bool => $product->isForBench())->values();
    }

    /** @return HasMany<Reservoir, $this> */
    public function reservoirs(): HasMany
    {
        return $this->hasMany(Reservoir::class);
    }

    /** @return HasMany<Batch, $this> */
    public function batches(): HasMany
    {
        return $this->hasMany(Batch::class);
    }

    /** @return HasMany<Recipe, $this> */
    public function recipes(): HasMany
    {
        return $this->hasMany(Recipe::class);
    }

    /** @return HasMany<MeterTrial, $this> */
    public function meterTrials(): HasMany
    {
        return $this->hasMany(MeterTrial::class)->whereNotExists(LearningReset::after('meter_trials', 'keeper_id', LearningReset::PEN));
    }

    /** @return HasMany<Chore, $this> */
    public function chores(): HasMany
    {
        return $this->hasMany(Chore::class)->orderBy('id');
    }

    /** @return HasMany<PinnedJob, $this> */
    public function pinnedJobs(): HasMany
    {
        return $this->hasMany(PinnedJob::class)->orderBy('day');
    }

    /** @return HasMany<CalendarBlock, $this> */
    public function calendarBlocks(): HasMany
    {
        return $this->hasMany(CalendarBlock::class)->orderBy('day')->orderBy('id');
    }

    /** @return HasMany<Absence, $this> */
    public function absences(): HasMany
    {
        return $this->hasMany(Absence::class)->orderBy('from_day')->orderBy('id');
    }

    /** @return HasMany<Supply, $this> */
    public function supplies(): HasMany
    {
        return $this->hasMany(Supply::class)->orderBy('name')->orderBy('id');
    }

    /** @return HasMany<Helper, $this> */
    public function helpers(): HasMany
    {
        return $this->hasMany(Helper::class)->orderByDesc('id');
    }

    public function coreKit(Parameter $parameter, ?CarbonImmutable $at = null): TestKit
    {
        $kits = $this->loadMissing('kits')->kits;
        if ($this->kitsOf !== $kits) {
            $this->kitsOf = $kits;
            $this->byParameter = [];
            foreach ($kits as $kit) {
                $this->byParameter[$kit->parameter->value] = $kit;
            }
        }
        $kit = $this->byParameter[$parameter->value] ?? null;

        return $kit instanceof Kit ? $kit->toCore($this->pen_factor, $at) : TestKit::usual($parameter, $this->pen_factor);
    }

    /** @param string $token */
    public function sendPasswordResetNotification($token): void
    {
        if ($this->isGuest()) {
            return;
        }
        // Letters lead to the address that Cresco was given, not to the one a request came by.
        AccountEmail::post(
            $this->email,
            'reset',
            rtrim(config()->string('app.url'), '/').'/password/new/'.rawurlencode($token).'?'.http_build_query(['email' => $this->email]),
        );
    }

    /** @return HasMany<LearningReset, $this> */
    public function learningResets(): HasMany
    {
        return $this->hasMany(LearningReset::class);
    }

    /** A meter was set against its standard. */
    public function setPen(Parameter $parameter, CarbonImmutable $at): void
    {
        $kit = $this->coreKit($parameter);
        // What is kept of the kit stays to its last digit.
        $this->kits()->where('parameter', $parameter)->exists()
            ? $this->kits()->where('parameter', $parameter)->update(['set_at' => $at])
            : $this->kits()->create(['parameter' => $parameter,
                'method' => $kit->method, 'unit' => $kit->unit->key, 'step' => $kit->unit
                    ->widthToBase($kit->step), 'fields' => array_map($kit->unit->toBase(...), $kit->fields), 'set_at' => $at,
            ]);
        $this->unsetRelation('kits');
        $this->show = null;
    }

    /** @return list<TestKit> meters that were set too long ago */
    public function pensToSet(): array
    {
        return array_values(array_filter(array_map($this->coreKit(...), Parameter::cases()), static fn(TestKit $kit): bool => $kit->isDue()));
    }

    public function volumeUnit(): VolumeUnit
    {
        return $this->volume_unit;
    }

    public function lengthUnit(): LengthUnit
    {
        return $this->length_unit;
    }

    public function timeZone(): string
    {
        return $this->timezone;
    }

    public function show(): Show
    {
        return $this->show ??= new Show($this);
    }
}
