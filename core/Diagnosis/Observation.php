<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

/** A question with its answers, of which one is true. "Not known" is no answer and changes nothing. */
final readonly class Observation
{
    public const YES = 'yes';

    public const NO = 'no';

    /**
     * @param non-empty-list<string> $options its answers
     * @param string                 $group   signs that tell the same thing: of these one counts; empty for one that stands alone
     */
    public function __construct(public string $key, public array $options, public AnswerEffort $effort = AnswerEffort::Look, public string $group = '') {}

    public static function yesNo(string $key, AnswerEffort $effort = AnswerEffort::Look, string $group = ''): self
    {
        return new self($key, [self::YES, self::NO], $effort, $group);
    }

    public function isYesNo(): bool
    {
        return $this->options === [self::YES, self::NO];
    }
}
