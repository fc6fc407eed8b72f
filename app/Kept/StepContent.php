<?php

declare(strict_types=1);

namespace App\Kept;

use App\Models\RunStep;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Work\Moment;
use Cresco\Core\Work\SwitchWork;

/** The texts of a step as they were kept with the run sheet. */
final readonly class StepContent
{
    public function __construct(public RunStep $step) {}

    public function title(): string
    {
        return $this->text('title');
    }

    public function act(): string
    {
        return $this->text('act');
    }

    public function why(): string
    {
        return $this->text('why');
    }

    /** @return list<string> */
    public function lines(): array
    {
        return $this->texts('lines');
    }

    /** @return list<string> */
    public function cautions(): array
    {
        return $this->texts('cautions');
    }

    /** @return list<string> */
    public function tools(): array
    {
        return $this->texts('tools');
    }

    /** @return list<string> steps that fit while this one runs by itself, by key */
    public function meanwhile(): array
    {
        return $this->texts('meanwhile');
    }

    public function moment(): ?Moment
    {
        return Moment::tryFrom($this->text('moment'));
    }

    /** @return list<Parameter> */
    public function reads(): array
    {
        return array_values(array_filter(array_map(Parameter::tryFrom(...), $this->texts('reads'))));
    }

    public function switches(): SwitchWork
    {
        return SwitchWork::tryFrom($this->text('switches')) ?? SwitchWork::None;
    }

    public function minutes(): int
    {
        return $this->number('minutes');
    }

    public function timerMinutes(): int
    {
        return $this->number('timer');
    }

    public function hasDrawing(): bool
    {
        return ($this->step->content['drawing'] ?? false) === true;
    }

    /** @return list<int> patches of bed that this step is for */
    public function patches(): array
    {
        $value = $this->step->content['patches'] ?? null;

        return is_array($value) ? array_values(array_filter($value, is_int(...))) : [];
    }

    /** @return list<int> patches that were not reached after all */
    public function missed(): array
    {
        $value = $this->step->content['missed'] ?? null;

        return is_array($value) ? array_values(array_filter($value, is_int(...))) : [];
    }

    /** @return list<DoseLine> doses that are given in this step */
    public function doses(): array
    {
        $kept = $this->step->content['doses'] ?? null;

        return array_values(array_filter(array_map(DoseLine::from(...), is_array($kept) ? $kept : [])));
    }

    /** @return list<StandCut> stands that are cut in this step, in the order of the work */
    public function stands(): array
    {
        $kept = $this->step->content['stands'] ?? null;

        return array_values(array_filter(array_map(StandCut::from(...), is_array($kept) ? $kept : [])));
    }

    /** The batch that goes in with this step, when there is one. */
    public function batchId(): ?int
    {
        $value = $this->step->content['batch'] ?? null;

        return is_int($value) ? $value : null;
    }

    private function text(string $key): string
    {
        $value = $this->step->content[$key] ?? null;

        return is_string($value) ? $value : '';
    }

    private function number(string $key): int
    {
        $value = $this->step->content[$key] ?? null;

        return is_int($value) ? $value : 0;
    }

    /** @return list<string> */
    private function texts(string $key): array
    {
        $value = $this->step->content[$key] ?? null;

        return is_array($value) ? array_values(array_filter($value, is_string(...))) : [];
    }
}
