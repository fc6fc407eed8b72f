<?php

declare(strict_types=1);

namespace App\Data;

/** What a keeper answered to the questions of a problem; a sign that is asked after in two places is answered once. */
final readonly class GivenAnswers implements JsonRecord
{
    use CastsItself;

    private const VERSION = 1;

    /** The keeper cannot tell: it is not asked again, and counts for nothing. */
    public const UNKNOWN = 'unknown';

    /** Answers that one problem can have: there are not so many signs. */
    private const MOST = 120;

    /** @param array<string, string> $options by sign */
    private function __construct(public array $options) {}

    /** Reads what was kept, and leaves out what is no answer. */
    public static function read(mixed $kept): static
    {
        $options = [];
        foreach (is_array($kept) && is_array($kept['answers'] ?? null) ? $kept['answers'] : [] as $sign => $option) {
            if (is_string($sign) && is_string($option)) {
                $options[$sign] = $option;
            }
        }

        return new self($options);
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** What was really answered; null where it was not, or cannot be told. */
    public function option(string $sign): ?string
    {
        $option = $this->options[$sign] ?? null;

        return $option === self::UNKNOWN ? null : $option;
    }

    /** @return list<string> signs that cannot be told */
    public function skipped(): array
    {
        return array_keys($this->options, self::UNKNOWN, true);
    }

    public function with(string $sign, ?string $option): self
    {
        $others = array_diff_key($this->options, [$sign => '']);

        return new self($option === null ? $others : array_slice([...$others, $sign => $option], -self::MOST, null, true));
    }

    /** @return array<string, mixed> */
    public function toKeep(): array
    {
        return ['v' => self::VERSION, 'answers' => $this->options];
    }
}
