<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\Keeper;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Str;

/** People without an account: what they keep is theirs on one device, and goes when they have not come for a while. */
final class Guests
{
    /** Days after the last visit on which a guest's data goes. House limit. */
    public const DAYS = 30;

    /** Guests at a time on one server. House limit. */
    private const MOST = 2000;

    /** Domain of the addresses that stand in for their email: nobody has one in it, by RFC 2606. */
    private const DOMAIN = '@guest.invalid';

    public static function areFull(): bool
    {
        return Keeper::query()->whereNotNull('guest_seen_on')->count() >= self::MOST;
    }

    public static function begin(string $timezone): Keeper
    {
        $guest = new Keeper([
            'name' => (string) __('guest.name'), 'email' => Str::uuid()->toString().self::DOMAIN, 'password' => Str::random(60),
            'timezone' => $timezone,
        ]);
        $guest->guest_seen_on = self::today();
        $guest->save();

        return $guest;
    }

    /** A guest is here today; it is written down once a day. */
    public static function see(Keeper $keeper): void
    {
        if ($keeper->isGuest() && $keeper->guest_seen_on?->format('Y-m-d') !== self::today()->format('Y-m-d')) {
            // Where nothing can be written the page goes on.
            rescue(
                static fn(): int => Keeper::query()->whereKey($keeper->id)->toBase()->update(['guest_seen_on' => self::today()->format('Y-m-d')]),
                report: false,
            );
        }
    }

    /** The device remembers its guest as it remembers who ticked that they stay signed in. */
    public static function enter(Keeper $guest): void
    {
        Auth::login($guest, true);
    }

    /** @return int how many went that had not come for so long */
    public static function forget(DeleteAccount $delete): int
    {
        $gone = Keeper::query()->where('guest_seen_on', '<', self::today()->subDays(self::DAYS)->format('Y-m-d'))->get();
        $gone->each(static fn(Keeper $guest) => $delete($guest));

        return $gone->count();
    }

    private static function today(): CarbonImmutable
    {
        return CarbonImmutable::now('UTC')->startOfDay();
    }
}
