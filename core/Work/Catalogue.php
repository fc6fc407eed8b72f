<?php

declare(strict_types=1);

namespace Cresco\Core\Work;

use Cresco\Core\Measure\Parameter;
use Cresco\Core\Tank\Device;

/** The steps of a session. Rules sort them; where these leave it open, the order here stands. Adding a step is one entry. */
final class Catalogue
{
    /** Minutes a heater takes to cool under water. House default. */
    public const HEATER_COOLS = 15;

    /** Minutes that a spot treatment with peroxide is left before the refill: between five and ten. House default. */
    public const CONTACT = 8;

    /** For shrimp and fry. */
    private const GUARD = 'guard';

    /** @return list<Job> */
    public static function steps(): array
    {
        return [
            new Job(
                'look',
                ['count', 'spare_young'],
                minutes: 2,
            ),
            new Job(
                'photo',
                ['camera'],
                minutes: 1,
                of: Task::Photo,
                tools: ['camera'],
            ),
            new Job(
                'read',
                ['for_check'],
                moment: Moment::Before,
                reads: [Parameter::Nitrate, Parameter::Acidity, Parameter::Conductivity, Parameter::Temperature],
                minutes: 4,
                when: static fn(Session $s): bool => $s->changesWater(),
            ),
            new Job(
                'new_water',
                ['amount', 'stir'],
                moment: Moment::NewWater,
                reads: [Parameter::Conductivity, Parameter::Temperature, Parameter::CarbonateHardness, Parameter::GeneralHardness],
                minutes: 5,
                when: static fn(Session $s): bool => $s->changesWater() && $s->prepared,
            ),
            new Job(
                'hands',
                ['rinse_hands', 'lid_aside'],
                [Caution::Skin],
                when: static fn(Session $s): bool => $s->isWet() || $s->does(Task::CoverGlass),
            ),
            new Job(
                'off',
                ['tick_off', 'second_off'],
                [Caution::Mains, Caution::HotHeater, Caution::CarbonDioxide],
                minutes: 2,
                switches: SwitchWork::Off,
                when: static fn(Session $s): bool => $s->switchList() !== [],
                more: static fn(Session $s): array => [
                    ...self::herds($s) ? ['filter_stays'] : [],
                    ...$s->isWet() && $s->has(Device::Lamp) ? ['light_stays'] : [],
                ],
            ),
            new Job(
                'cool',
                ['leave_under'],
                [Caution::BareHeater],
                minutes: self::HEATER_COOLS,
                timerMinutes: self::HEATER_COOLS,
                lane: Lane::Water,
                when: static fn(Session $s): bool => $s->isBareAtMark(Device::Heater),
            ),
            new Job(
                'valves',
                ['close_valves'],
                [Caution::FilterStill],
                when: static fn(Session $s): bool => $s->has(Device::Canister) && ($s->isBareAtMark(Device::Canister) || self::rinses($s)),
            ),
            new Job(
                'floaters_out',
                ['keep_wet'],
                minutes: 3,
                of: Task::Floaters,
                tools: ['tub'],
            ),
            new Job(
                'cover_glass',
                ['unplug_light'],
                [Caution::Mains],
                minutes: 4,
                of: Task::CoverGlass,
                tools: ['cloth'],
            ),
            new Job(
                'glass',
                ['grain', 'seams'],
                [Caution::Blades],
                minutes: 6,
                of: Task::Glass,
                tools: ['magnet_or_pad', 'blade_for_hard_spots'],
            ),
            new Job(
                'hardscape',
                ['soft_brush'],
                minutes: 6,
                of: Task::Hardscape,
                tools: ['soft_brush'],
            ),
            new Job(
                'leaves',
                ['two_fingers'],
                minutes: 5,
                of: Task::Leaves,
            ),
            new Job(
                'algae',
                ['twist'],
                minutes: 8,
                of: Task::Algae,
                tools: ['brush', 'spare_bucket'],
            ),
            new Job(
                'trim',
                ['back_to_front', 'fine_carpets'],
                [Caution::Blades],
                minutes: 15,
                of: Task::Trim,
                tools: ['scissors', 'tweezers'],
                more: static fn(Session $s): array => $s->needs->hasSmall() ? ['rest_cuttings'] : [],
            ),
            new Job(
                'net',
                ['own_net'],
                minutes: 3,
                of: Task::Trim,
                tools: ['net'],
            ),
            new Job(
                'flow_off',
                ['tick_filter'],
                when: static fn(Session $s): bool => $s->changesWater() && self::herds($s),
            ),
            new Job(
                'vacuum',
                ['by_substrate', 'longest_zone'],
                [Caution::NoMouth, Caution::WatchHose],
                minutes: 8,
                of: Task::Vacuum,
                tools: ['gravel_tube'],
                more: static fn(Session $s): array => [
                    ...$s->school(School::Bed) === 'leave' ? ['only_top'] : [],
                    ...$s->needs->hasSmall() ? [self::GUARD] : [],
                ],
            ),
            new Job(
                'drain',
                [],
                [Caution::BareHeater, Caution::NoMouth, Caution::WatchHose, Caution::Lifting, Caution::Waste, Caution::BackSiphon, Caution::Scald],
                minutes: 10,
                atEachDrain: true,
                lane: Lane::Water,
                tools: ['hose', 'buckets'],
                when: static fn(Session $s): bool => $s->changesWater(),
                more: static fn(Session $s): array => $s->flows() ? ['drain_flowing', 'opposite_ends'] : ['drain', 'buckets', ...$s->needs->hasSmall() ? [self::GUARD, 'gentle'] : []],
            ),
            new Job(
                'spot',
                ['apply', 'peroxide'],
                [Caution::Peroxide, Caution::Medicine],
                minutes: 8,
                of: Task::Spot,
                tools: ['syringe', 'gloves', 'goggles'],
            ),
            new Job(
                'contact',
                ['contact'],
                minutes: self::CONTACT,
                timerMinutes: self::CONTACT,
                lane: Lane::Water,
                of: Task::Spot,
            ),
            new Job(
                'media',
                ['media_wet'],
                [Caution::Mains, Caution::FilterStill],
                minutes: 8,
                of: Task::Media,
                tools: ['bucket_of_tank_water'],
                when: static fn(Session $s): bool => self::rinses($s),
                more: static fn(Session $s): array => [match (true) {
                    $s->school(School::RinsingMedia) === 'conditioned' => 'rinse_treated',
                    $s->changesWater() => 'rinse_drained',
                    default => 'rinse_bucket',
                }],
            ),
            new Job(
                'planting',
                ['tabs_deep'],
                minutes: 10,
                of: Task::Planting,
                tools: ['tweezers'],
            ),
            new Job(
                'condition',
                [],
                [Caution::Conditioner],
                atEachDrain: true,
                when: static fn(Session $s): bool => $s->changesWater() && $s->usesTap,
                more: static fn(Session $s): array => $s->flows() || $s->school(School::Conditioner) === 'tank'
                    ? ['dose_tank']
                    : ['dose_new', 'dose_straight'],
            ),
            new Job(
                'minerals',
                ['minerals', 'dissolve'],
                [Caution::Osmotic],
                minutes: 4,
                atEachDrain: true,
                tools: ['jug', 'scale_or_spoon'],
                when: static fn(Session $s): bool => $s->changesWater() && $s->addsMinerals,
            ),
            new Job(
                'refill',
                ['onto_plate', 'lands'],
                [Caution::HotTap, Caution::Scald, Caution::BackSiphon, Caution::ColdJet, Caution::WatchHose, Caution::WetFloor],
                moment: Moment::NewWater,
                reads: [Parameter::Temperature, Parameter::Conductivity],
                minutes: 10,
                atEachDrain: true,
                lane: Lane::Water,
                tools: ['plate_or_strainer', 'thermometer'],
                when: static fn(Session $s): bool => $s->changesWater(),
                more: static fn(Session $s): array => [
                    ...$s->school(School::FilterOn) === 'covered' && $s->has(Device::Canister, Device::InternalFilter, Device::HangOnFilter)
                        ? ['filter_early'] : [],
                ],
            ),
            new Job(
                'check',
                ['firm'],
                minutes: 2,
                when: static fn(Session $s): bool => $s->isWet(),
                more: static fn(Session $s): array => $s->changesWater() ? ['waterline'] : [],
            ),
            new Job(
                'trim_high',
                ['net_again'],
                [Caution::Blades],
                minutes: 4,
                of: Task::Trim,
                tools: ['scissors', 'net'],
                when: static fn(Session $s): bool => $s->changesWater(),
            ),
            new Job(
                'floaters_back',
                ['flat'],
                minutes: 2,
                of: Task::Floaters,
            ),
            new Job(
                'on',
                ['filter_first', 'tick_on', 'second_on'],
                [Caution::Mains],
                minutes: 3,
                switches: SwitchWork::On,
                when: static fn(Session $s): bool => $s->switchList() !== [],
            ),
            new Job(
                'fertilise',
                ['by_plan'],
                minutes: 1,
                of: Task::Fertilise,
            ),
            new Job(
                'read_after',
                ['mixed'],
                moment: Moment::RightAfter,
                reads: [Parameter::Nitrate, Parameter::GeneralHardness, Parameter::CarbonateHardness, Parameter::Acidity, Parameter::Conductivity, Parameter::Temperature],
                minutes: 4,
                when: static fn(Session $s): bool => $s->changesWater(),
            ),
            new Job(
                'lid',
                ['close_lid'],
                when: static fn(Session $s): bool => $s->isWet() || $s->does(Task::CoverGlass),
            ),
            new Job(
                'outside',
                ['spray_cloth'],
                [Caution::WetFloor],
                minutes: 3,
                of: Task::Outside,
                tools: ['cloth'],
            ),
            new Job(
                'close',
                ['all_there'],
                [Caution::Skin],
                more: static fn(Session $s): array => $s->does(Task::Media) && $s->school(School::RinsingMedia) === 'next_day' ? ['media_tomorrow'] : [],
            ),
        ];
    }

    /** Whether media are rinsed in this session. */
    private static function rinses(Session $session): bool
    {
        return $session->does(Task::Media) && $session->school(School::RinsingMedia) !== 'next_day';
    }

    /** Whether the filter runs on while plants are trimmed. */
    private static function herds(Session $session): bool
    {
        return $session->does(Task::Trim) && $session->school(School::FlowWhileTrimming) === 'on' && $session->has(Device::Canister, Device::InternalFilter, Device::HangOnFilter);
    }
}
