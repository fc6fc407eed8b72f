<?php

declare(strict_types=1);

namespace App\Data;

use Cresco\Core\Checklist\ReadingPoint;
use Cresco\Core\Checklist\SwitchWork;
use Cresco\Core\Measure\Parameter;

/** A step of a checklist as it was written: what is done in it. Title, button and reason follow from its key; older checklists have them in words. */
final readonly class StepContent implements JsonRecord
{
    use CastsItself;

    private const VERSION = 1;

    /**
     * @param array<string, string> $wrote       title, act and why of an older checklist, in words
     * @param list<Phrase>          $lines       what to do
     * @param list<string>          $cautions    by value; in words where they are older
     * @param list<string>          $tools       by key; in words where they are older
     * @param list<string>          $meanwhile   steps that fit while this one runs by itself, by key
     * @param list<Parameter>       $reads
     * @param int                   $minutes     of hands
     * @param int                   $timer       minutes of the clock beside it; 0 without one
     * @param list<int>             $zones       of substrate that it is for
     * @param list<int>             $missed      zones that were not reached after all
     * @param list<DoseLine>        $doses       given in it
     * @param list<GroupTrim>       $plantGroups cut in it, in the order of the work
     * @param int|null              $batch       that goes in with it
     */
    public function __construct(
        private array $wrote = [],
        public array $lines = [],
        public array $cautions = [],
        public array $tools = [],
        public array $meanwhile = [],
        public ?ReadingPoint $moment = null,
        public array $reads = [],
        public SwitchWork $switches = SwitchWork::None,
        public int $minutes = 0,
        public int $timer = 0,
        public bool $drawing = false,
        public array $zones = [],
        public array $missed = [],
        public array $doses = [],
        public array $plantGroups = [],
        public ?int $batch = null,
    ) {}

    public static function read(mixed $kept): static
    {
        $kept = is_array($kept) ? $kept : [];
        $text = static fn(string $key): string => is_string($kept[$key] ?? null) ? $kept[$key] : '';
        $number = static fn(string $key): int => is_int($kept[$key] ?? null) ? $kept[$key] : 0;
        $list = static fn(string $key): array => is_array($kept[$key] ?? null) ? array_values($kept[$key]) : [];
        $texts = static fn(string $key): array => array_values(array_filter($list($key), is_string(...)));

        return new self(
            array_filter(['title' => $text('title'), 'act' => $text('act'), 'why' => $text('why')], static fn(string $words): bool => $words !== ''),
            Phrase::all($list('lines')),
            $texts('cautions'),
            $texts('tools'),
            $texts('meanwhile'),
            ReadingPoint::tryFrom($text('moment')),
            array_values(array_filter(array_map(Parameter::tryFrom(...), $texts('reads')))),
            SwitchWork::tryFrom($text('switches')) ?? SwitchWork::None,
            $number('minutes'),
            $number('timer'),
            ($kept['drawing'] ?? false) === true,
            array_values(array_filter($list('patches'), is_int(...))),
            array_values(array_filter($list('missed'), is_int(...))),
            array_values(array_filter(array_map(DoseLine::from(...), $list('doses')))),
            array_values(array_filter(array_map(GroupTrim::from(...), $list('stands')))),
            is_int($kept['batch'] ?? null) ? $kept['batch'] : null,
        );
    }

    /** Its title, the word on its button (act) or its reason (why), as an older checklist has them; null where they follow from the key of the step. */
    public function wrote(string $part): ?string
    {
        return $this->wrote[$part] ?? null;
    }

    /** @param list<Phrase> $lines */
    public function withLines(array $lines): self
    {
        return self::read(['lines' => self::kept($lines)] + $this->toKeep());
    }

    /** @param list<int> $missed zones */
    public function withMissed(array $missed): self
    {
        return self::read(['missed' => $missed] + $this->toKeep());
    }

    /** @return array<string, mixed> */
    public function toKeep(): array
    {
        return [
            'v' => self::VERSION, ...$this->wrote, 'lines' => self::kept($this->lines), 'cautions' => $this->cautions, 'tools' => $this->tools,
            'meanwhile' => $this->meanwhile, 'moment' => $this->moment?->value, 'reads' => array_map(
                static fn(Parameter $parameter): string => $parameter->value,
                $this->reads,
            ),
            'switches' => $this->switches->value, 'minutes' => $this->minutes, 'timer' => $this->timer, 'drawing' => $this->drawing, 'patches' => $this->zones,
            'missed' => $this->missed, 'doses' => array_map(static fn(DoseLine $dose): array => $dose->toKeep(), $this->doses),
            'stands' => array_map(static fn(GroupTrim $cut): array => $cut->toKeep(), $this->plantGroups), 'batch' => $this->batch,
        ];
    }

    /**
     * @param list<Phrase> $lines
     *
     * @return list<mixed> as they are kept, what stands within them too
     */
    private static function kept(array $lines): array
    {
        return array_values((array) json_decode(json_encode($lines, JSON_THROW_ON_ERROR), true));
    }
}
