<?php

declare(strict_types=1);

namespace App\Testing;

use App\Devices\Devices;
use App\Models\GaugeNote;
use App\Models\Keeper;
use App\Models\Tank;
use App\Units\Show;
use Cresco\Core\Diagnosis\Gauge;
use Cresco\Core\Tank\DeviceKind;

/** What is read of one piece of equipment of a tank: its field, and what was noted last. */
final readonly class GaugeLine
{
    /** Notes that the last of each gauge is looked for in. */
    private const LOOKED = 200;

    /**
     * @param GaugeNote|null $note    what was noted last
     * @param string         $last    the same in words
     * @param bool           $isHere  whether the tank has it, as far as its drawing says
     * @param bool           $isAsked whether a device can be asked
     */
    private function __construct(
        public Gauge $gauge,
        public string $label,
        public string $unit,
        public string $help,
        public ?GaugeNote $note,
        public string $last,
        public bool $isHere,
        public bool $isAsked,
    ) {}

    /** @return list<self> */
    public static function all(Tank $tank, Keeper $keeper): array
    {
        $show = $keeper->show();
        $notes = $tank->gaugeNotes()->limit(self::LOOKED)->get()->unique(static fn(GaugeNote $note): string => $note->gauge->value)
            ->keyBy(static fn(GaugeNote $note): string => $note->gauge->value);
        $devices = $tank->devices->map(static fn($device): DeviceKind => $device->kind)->all();

        return array_map(static fn(Gauge $gauge): self => new self(
            $gauge,
            (string) __('gauge.'.$gauge->value.'.label'),
            self::unit($gauge),
            (string) __('gauge.'.$gauge->value.'.help'),
            $note = $notes->get($gauge->value),
            $note === null ? '' : (string) __('gauge.last', ['value' => self::value($gauge, $note->value), 'day' => $show->date($note->day)]),
            match ($gauge) {
                Gauge::Heater => in_array(DeviceKind::Heater, $devices, true),
                Gauge::Bubbles => in_array(DeviceKind::CarbonDioxide, $devices, true),
                Gauge::Flow => true,
            },
            $gauge === Gauge::Heater && Devices::has($keeper, Devices::PLUG),
        ), Gauge::cases());
    }

    public static function unit(Gauge $gauge): string
    {
        return (string) __('gauge.'.$gauge->value.'.unit');
    }

    /** "240 min" */
    public static function value(Gauge $gauge, float $value): string
    {
        return Show::joined(Show::plain($value, 0), (string) __('gauge.'.$gauge->value.'.short'));
    }
}
