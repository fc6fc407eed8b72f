<?php

declare(strict_types=1);

namespace App\Account;

use Illuminate\Cache\RateLimiter;
use Illuminate\Validation\ValidationException;

/**
 * How often may be guessed: for one account from one place, for one account from anywhere, and from one place for any account. Counted
 * by the address that was typed, whether there is such an account or not.
 */
final class LoginThrottle
{
    /** Guesses, and the minutes they count for: of an account from a place, of an account, of a place. House limits. */
    private const GUESSES = ['pair' => [5, 1], 'account' => [30, 15], 'place' => [60, 15]];

    /** Letters, and the minutes they count for: to an address, from a place. House limits. */
    private const LETTERS = [[5, 60], [30, 15]];

    /** Guests from one place, and the minutes they count for. House limit. */
    private const GUESTS = [12, 1440];

    /** The cookie of a device from which an account came in. */
    public const KNOWN = 'cresco_known';

    public function __construct(private readonly RateLimiter $limiter) {}

    /**
     * Whoever has come in from this device before is not kept out by what others guess from the same place, such as a household or a school.
     *
     * @throws ValidationException with the time to wait, at the address
     */
    public function knock(string $address, string $place, bool $isKnown = false): void
    {
        $wait = 0;
        foreach ($this->keys($address, $place) as $door => $key) {
            if ($isKnown && $door === 'place') {
                continue;
            }
            if ($this->limiter->tooManyAttempts($key, self::GUESSES[$door][0])) {
                $wait = max($wait, $this->limiter->availableIn($key));
            }
        }
        if ($wait > 0) {
            throw ValidationException::withMessages(['email' => trans_choice('account.wait', $wait, ['seconds' => $wait])]);
        }
    }

    /** What a device keeps of an account that came in from it. */
    public static function sign(string $address): string
    {
        return hash_hmac('sha256', $address, config()->string('app.key'));
    }

    public static function knows(mixed $kept, string $address): bool
    {
        return is_string($kept) && hash_equals(self::sign($address), $kept);
    }

    /**
     * A letter is asked for: so many to an address, whoever asks, and so many from a place.
     *
     * @throws ValidationException with the time to wait, at the address
     */
    public function letter(string $address, string $place): void
    {
        foreach (['letter '.$address => self::LETTERS[0], 'letters from '.$place => self::LETTERS[1]] as $of => [$most, $minutes]) {
            $key = 'door.'.hash('sha256', $of);
            if ($this->limiter->tooManyAttempts($key, $most)) {
                $wait = $this->limiter->availableIn($key);
                throw ValidationException::withMessages(['email' => trans_choice('account.wait', $wait, ['seconds' => $wait])]);
            }
            $this->limiter->hit($key, 60 * $minutes);
        }
    }

    /** @throws ValidationException when enough guests came from a place already */
    public function guest(string $place): void
    {
        if ($this->limiter->tooManyAttempts(self::guestsFrom($place), self::GUESTS[0])) {
            throw ValidationException::withMessages(['outer_length' => __('guest.often')]);
        }
    }

    public function guestCame(string $place): void
    {
        $this->limiter->hit(self::guestsFrom($place), 60 * self::GUESTS[1]);
    }

    private static function guestsFrom(string $place): string
    {
        return 'door.'.hash('sha256', 'guests from '.$place);
    }

    public function missed(string $address, string $place): void
    {
        foreach ($this->keys($address, $place) as $door => $key) {
            $this->limiter->hit($key, 60 * self::GUESSES[$door][1]);
        }
    }

    /** Who came in may have mistyped before; the place goes on counting, since a guesser may have an account too. */
    public function opened(string $address, string $place): void
    {
        foreach (['pair', 'account'] as $door) {
            $this->limiter->clear($this->keys($address, $place)[$door]);
        }
    }

    /** @return array{pair: string, account: string, place: string} */
    private function keys(string $address, string $place): array
    {
        $hash = static fn(string $text): string => 'door.'.hash('sha256', $text);

        return ['pair' => $hash($address.' '.$place), 'account' => $hash($address), 'place' => $hash('from '.$place)];
    }
}
