<?php

declare(strict_types=1);

namespace App\Problems;

use App\Units\Show;
use Cresco\Core\Diagnosis\DiagnosticSigns;
use Cresco\Core\Diagnosis\Observation;

/** A question of a problem with its answers, and what is known of it. */
final readonly class Question
{
    /** Questions whose answers are drawn. */
    private const DRAWN = ['shape', 'where', 'pattern'];

    public function __construct(public Observation $sign, public ?string $answer, private ?KnownSign $hint, private Show $show) {}

    public function text(): string
    {
        $limits = DiagnosticSigns::limits($this->sign->key);
        $words = [];
        foreach ($limits as $i => [$parameter, $limit]) {
            $words[$i === 0 ? 'limit' : 'other'] = $this->show->limit($parameter, $limit);
        }

        return __('inquiry.signs.'.$this->sign->key.'.ask', $words);
    }

    public function how(): ?string
    {
        $key = 'inquiry.signs.'.$this->sign->key.'.how';

        return trans()->has($key) ? (string) __($key) : null;
    }

    /** @return array<string, string> labels by answer */
    public function options(): array
    {
        $labels = [];
        foreach ($this->sign->options as $option) {
            $labels[$option] = $this->sign->isYesNo() ? __('inquiry.signs.'.$option) : __('inquiry.signs.'.$this->sign->key.'.'.$option);
        }

        return $labels;
    }

    public function isDrawn(): bool
    {
        return in_array($this->sign->key, self::DRAWN, true);
    }

    /** Where the log tells it; null where it does not, or the keeper answered. */
    public function source(): ?string
    {
        return $this->hint === null ? null : self::words($this->hint);
    }

    /** The answer that holds now, in words; null where it is not known. */
    public function held(): ?string
    {
        return match (true) {
            $this->answer !== null => $this->options()[$this->answer] ?? null,
            $this->hint === null => null,
            $this->hint->chance >= 0.9 => (string) __('inquiry.signs.yes'),
            $this->hint->chance <= 0.1 => (string) __('inquiry.signs.no'),
            default => (string) __('inquiry.chance', ['count' => (int) round(10.0 * $this->hint->chance)]),
        };
    }

    public static function words(KnownSign $hint): string
    {
        $count = $hint->words['count'] ?? null;

        return is_int($count) ? trans_choice('inquiry.from.'.$hint->from, $count, $hint->words) : __('inquiry.from.'.$hint->from, $hint->words);
    }
}
