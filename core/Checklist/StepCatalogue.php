<?php

declare(strict_types=1);

namespace Cresco\Core\Checklist;

use Cresco\Core\Measure\Parameter;
use Cresco\Core\Tank\DeviceKind;

/** The steps of a session. Rules sort them; where these leave it open, the order here stands. Adding a step is one entry. */
final class StepCatalogue
{
    /** Minutes a heater takes to cool under water. House default. */
    public const HEATER_COOLS = 15;

    /** Minutes that a spot treatment with peroxide is left before the refill: between five and ten. House default. */
    public const CONTACT = 8;

    /** For shrimp and fry. */
    private const GUARD = 'guard';

    /** @return list<StepDefinition> */
    public static function steps(): array
    {
        return [
            new StepDefinition(
                'look',
                ['count', 'spare_young'],
                minutes: 2,
            ),
            new StepDefinition(
                'photo',
                ['camera'],
                minutes: 1,
                of: Task::Photo,
                tools: ['camera'],
            ),
            new StepDefinition(
                'read',
                ['for_check'],
                moment: ReadingPoint::Before,
                reads: [Parameter::Nitrate, Parameter::Acidity, Parameter::Conductivity, Parameter::Temperature],
                minutes: 4,
                when: static fn(Session $s): bool => $s->changesWater(),
            ),
            new StepDefinition(
                'new_water',
                ['amount', 'stir'],
                moment: ReadingPoint::NewWater,
                reads: [Parameter::Conductivity, Parameter::Temperature, Parameter::CarbonateHardness, Parameter::GeneralHardness],
                minutes: 5,
                when: static fn(Session $s): bool => $s->changesWater() && $s->prepared,
            ),
            new StepDefinition(
                'hands',
                ['rinse_hands', 'lid_aside'],
                [Caution::Skin],
                when: static fn(Session $s): bool => $s->isWet() || $s->does(Task::CoverGlass),
            ),
            new StepDefinition(
                'off',
                ['tick_off', 'second_off'],
                [Caution::Mains, Caution::HotHeater, Caution::CarbonDioxide],
                minutes: 2,
                switches: SwitchWork::Off,
                when: static fn(Session $s): bool => $s->switchList() !== [],
                more: static fn(Session $s): array => [
                    ...self::herds($s) ? ['filter_stays'] : [],
                    ...$s->isWet() && $s->has(DeviceKind::Lamp) ? ['light_stays'] : [],
                ],
            ),
            new StepDefinition(
                'cool',
                ['leave_under'],
                [Caution::BareHeater],
                minutes: self::HEATER_COOLS,
                timerMinutes: self::HEATER_COOLS,
                lane: Lane::Water,
                when: static fn(Session $s): bool => $s->isBareAtMark(DeviceKind::Heater),
            ),
            new StepDefinition(
                'valves',
                ['close_valves'],
                [Caution::FilterStill],
                when: static fn(Session $s): bool => $s->has(DeviceKind::Canister) && ($s->isBareAtMark(DeviceKind::Canister) || self::rinses($s)),
            ),
            new StepDefinition(
                'floaters_out',
                ['keep_wet'],
                minutes: 3,
                of: Task::Floaters,
                tools: ['tub'],
            ),
            new StepDefinition(
                'cover_glass',
                ['unplug_light'],
                [Caution::Mains],
                minutes: 4,
                of: Task::CoverGlass,
                tools: ['cloth'],
            ),
            new StepDefinition(
                'glass',
                ['grain', 'seams'],
                [Caution::Blades],
                minutes: 6,
                of: Task::Glass,
                tools: ['magnet_or_pad', 'blade_for_hard_spots'],
            ),
            new StepDefinition(
                'hardscape',
                ['soft_brush'],
                minutes: 6,
                of: Task::Hardscape,
                tools: ['soft_brush'],
            ),
            new StepDefinition(
                'leaves',
                ['two_fingers'],
                minutes: 5,
                of: Task::Leaves,
            ),
            new StepDefinition(
                'algae',
                ['twist'],
                minutes: 8,
                of: Task::Algae,
                tools: ['brush', 'spare_bucket'],
            ),
            new StepDefinition(
                'trim',
                ['back_to_front', 'fine_carpets'],
                [Caution::Blades],
                minutes: 15,
                of: Task::Trim,
                tools: ['scissors', 'tweezers'],
                more: static fn(Session $s): array => $s->needs->hasSmall() ? ['rest_cuttings'] : [],
            ),
            new StepDefinition(
                'net',
                ['own_net'],
                minutes: 3,
                of: Task::Trim,
                tools: ['net'],
            ),
            new StepDefinition(
                'flow_off',
                ['tick_filter'],
                when: static fn(Session $s): bool => $s->changesWater() && self::herds($s),
            ),
            new StepDefinition(
                'vacuum',
                ['by_substrate', 'longest_zone'],
                [Caution::NoMouth, Caution::WatchHose],
                minutes: 8,
                of: Task::Vacuum,
                tools: ['gravel_tube'],
                more: static fn(Session $s): array => [
                    ...$s->school(PracticeChoice::Bed) === 'leave' ? ['only_top'] : [],
                    ...$s->needs->hasSmall() ? [self::GUARD] : [],
                ],
            ),
            new StepDefinition(
                'drain',
                [],
                [Caution::BareHeater, Caution::NoMouth, Caution::WatchHose, Caution::Lifting, Caution::Waste, Caution::BackSiphon, Caution::Scald],
                minutes: 10,
                atEachDrain: true,
                lane: Lane::Water,
                tools: ['hose', 'buckets'],
                when: static fn(Session $s): bool => $s->changesWater(),
                more: static fn(Session $s): array => $s->flows()
                    ? ['drain_flowing', 'opposite_ends']
                    : ['drain', 'buckets', ...$s->needs->hasSmall() ? [self::GUARD, 'gentle'] : []],
            ),
            new StepDefinition(
                'spot',
                ['apply', 'peroxide'],
                [Caution::Peroxide, Caution::Medicine],
                minutes: 8,
                of: Task::Spot,
                tools: ['syringe', 'gloves', 'goggles'],
            ),
            new StepDefinition(
                'contact',
                ['contact'],
                minutes: self::CONTACT,
                timerMinutes: self::CONTACT,
                lane: Lane::Water,
                of: Task::Spot,
            ),
            new StepDefinition(
                'media',
                ['media_wet'],
                [Caution::Mains, Caution::FilterStill],
                minutes: 8,
                of: Task::Media,
                tools: ['bucket_of_tank_water'],
                when: static fn(Session $s): bool => self::rinses($s),
                more: static fn(Session $s): array => [match (true) {
                    $s->school(PracticeChoice::RinsingMedia) === 'conditioned' => 'rinse_treated',
                    $s->changesWater() => 'rinse_drained',
                    default => 'rinse_bucket',
                }],
            ),
            new StepDefinition(
                'planting',
                ['tabs_deep'],
                minutes: 10,
                of: Task::Planting,
                tools: ['tweezers'],
            ),
            new StepDefinition(
                'condition',
                [],
                [Caution::Conditioner],
                atEachDrain: true,
                when: static fn(Session $s): bool => $s->changesWater() && $s->usesTap,
                more: static fn(Session $s): array => $s->flows() || $s->school(PracticeChoice::Conditioner) === 'tank'
                    ? ['dose_tank']
                    : ['dose_new', 'dose_straight'],
            ),
            new StepDefinition(
                'minerals',
                ['minerals', 'dissolve'],
                [Caution::Osmotic],
                minutes: 4,
                atEachDrain: true,
                tools: ['jug', 'scale_or_spoon'],
                when: static fn(Session $s): bool => $s->changesWater() && $s->addsMinerals,
            ),
            new StepDefinition(
                'refill',
                ['onto_plate', 'lands'],
                [Caution::HotTap, Caution::Scald, Caution::BackSiphon, Caution::ColdJet, Caution::WatchHose, Caution::WetFloor],
                moment: ReadingPoint::NewWater,
                reads: [Parameter::Temperature, Parameter::Conductivity],
                minutes: 10,
                atEachDrain: true,
                lane: Lane::Water,
                tools: ['plate_or_strainer', 'thermometer'],
                when: static fn(Session $s): bool => $s->changesWater(),
                more: static fn(Session $s): array => [
                    ...$s->school(PracticeChoice::FilterOn) === 'covered' && $s->has(DeviceKind::Canister, DeviceKind::InternalFilter, DeviceKind::HangOnFilter)
                        ? ['filter_early'] : [],
                ],
            ),
            new StepDefinition(
                'check',
                ['firm'],
                minutes: 2,
                when: static fn(Session $s): bool => $s->isWet(),
                more: static fn(Session $s): array => $s->changesWater() ? ['waterline'] : [],
            ),
            new StepDefinition(
                'trim_high',
                ['net_again'],
                [Caution::Blades],
                minutes: 4,
                of: Task::Trim,
                tools: ['scissors', 'net'],
                when: static fn(Session $s): bool => $s->changesWater(),
            ),
            new StepDefinition(
                'floaters_back',
                ['flat'],
                minutes: 2,
                of: Task::Floaters,
            ),
            new StepDefinition(
                'on',
                ['filter_first', 'tick_on', 'second_on'],
                [Caution::Mains],
                minutes: 3,
                switches: SwitchWork::On,
                when: static fn(Session $s): bool => $s->switchList() !== [],
            ),
            new StepDefinition(
                'fertilise',
                ['by_plan'],
                minutes: 1,
                of: Task::Fertilise,
            ),
            new StepDefinition(
                'read_after',
                ['mixed'],
                moment: ReadingPoint::RightAfter,
                reads: [
                    Parameter::Nitrate, Parameter::GeneralHardness, Parameter::CarbonateHardness, Parameter::Acidity, Parameter::Conductivity,
                    Parameter::Temperature,
                ],
                minutes: 4,
                when: static fn(Session $s): bool => $s->changesWater(),
            ),
            new StepDefinition(
                'lid',
                ['close_lid'],
                when: static fn(Session $s): bool => $s->isWet() || $s->does(Task::CoverGlass),
            ),
            new StepDefinition(
                'outside',
                ['spray_cloth'],
                [Caution::WetFloor],
                minutes: 3,
                of: Task::Outside,
                tools: ['cloth'],
            ),
            new StepDefinition(
                'close',
                ['all_there'],
                [Caution::Skin],
                more: static fn(Session $s): array => $s->does(Task::Media) && $s->school(PracticeChoice::RinsingMedia) === 'next_day'
                    ? ['media_tomorrow']
                    : [],
            ),
        ];
    }

    /** Whether media are rinsed in this session. */
    private static function rinses(Session $session): bool
    {
        return $session->does(Task::Media) && $session->school(PracticeChoice::RinsingMedia) !== 'next_day';
    }

    /** Whether the filter runs on while plants are trimmed. */
    private static function herds(Session $session): bool
    {
        return $session->does(Task::Trim)
            && $session->school(PracticeChoice::FlowWhileTrimming) === 'on'
            && $session->has(DeviceKind::Canister, DeviceKind::InternalFilter, DeviceKind::HangOnFilter);
    }
}
