<?php

declare(strict_types=1);

namespace App\Problems;

use Carbon\CarbonImmutable;
use Cresco\Core\Diagnosis\Remedy;

/** Something that can be done about a finding. */
final readonly class Proposal
{
    /**
     * @param string|null          $cause    that it is to take away
     * @param list<string>         $cautions
     * @param CarbonImmutable|null $planned  day of its check-up, where it is under way
     * @param list<string>         $workings names of the figures in it that open
     */
    public function __construct(
        public Remedy $remedy,
        public string $how,
        public ?string $cause,
        public ?string $because,
        public bool $ticked,
        public array $cautions = [],
        public ?CarbonImmutable $planned = null,
        public array $workings = [],
    ) {}

    public function name(): string
    {
        return __('inquiry.remedies.'.$this->remedy->value.'.name');
    }
}
