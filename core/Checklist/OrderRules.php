<?php

declare(strict_types=1);

namespace Cresco\Core\Checklist;

use Cresco\Core\Formula\Grade;

/** What comes before what in a session, each with its reason. Adding one is one entry here. */
final class OrderRules
{
    /** @var list<OrderRule>|null */
    private static ?array $all = null;

    /** @return list<OrderRule> */
    public static function all(): array
    {
        return self::$all ??= self::entries();
    }

    /** @return list<OrderRule> that hold in a session */
    public static function of(Session $session): array
    {
        return array_values(array_filter(self::all(), static fn(OrderRule $rule): bool => $rule->holdsIn($session)));
    }

    /** @return list<OrderRule> */
    private static function entries(): array
    {
        $glassAfter = static fn(Session $s): bool => $s->school(PracticeChoice::GlassBeforeOrAfter) === 'after';
        $glassBefore = static fn(Session $s): bool => $s->school(PracticeChoice::GlassBeforeOrAfter) !== 'after';
        $flows = static fn(Session $s): bool => $s->flows();
        $plantGroups = static fn(Session $s): bool => !$s->flows();
        $rules = [];
        // Before hands go in.
        foreach (['photo', 'read', 'new_water', 'hands'] as $then) {
            $rules[] = new OrderRule('look', $then, 'once_your_hands_are_in');
        }
        $rules[] = new OrderRule('photo', 'hands', 'take_photos_while_the_water');
        $rules[] = new OrderRule('read', 'hands', 'a_test_of_the_undisturbed');
        foreach (['off', 'cover_glass', 'glass', 'hardscape', 'floaters_out', 'leaves', 'algae', 'trim', 'vacuum', 'drain'] as $then) {
            $rules[] = new OrderRule('hands', $then, 'residue_on_your_skin_harms');
        }
        $rules[] = new OrderRule('new_water', 'drain', 'a_half_empty_tank_must');
        // Before the level drops.
        foreach (['cool', 'valves', 'vacuum', 'drain', 'media'] as $then) {
            $rules[] = new OrderRule('off', $then, 'hot_heater_glass_cracks_pumps');
        }
        $rules[] = new OrderRule('cool', 'vacuum', 'a_hot_heater_cracks_in');
        $rules[] = new OrderRule('cool', 'drain', 'a_hot_heater_cracks_in');
        $rules[] = new OrderRule('valves', 'vacuum', 'the_canister_keeps_its_prime');
        $rules[] = new OrderRule('valves', 'drain', 'the_canister_keeps_its_prime');
        $rules[] = new OrderRule('valves', 'media', 'open_valves_empty_the_tank');
        foreach (['cover_glass', 'glass', 'hardscape', 'floaters_out', 'leaves', 'algae', 'trim', 'planting'] as $then) {
            $rules[] = new OrderRule('off', $then, 'wet_hands_and_mains_power');
        }
        // The filter's flow, by practice.
        $rules[] = new OrderRule(
            'off',
            'trim',
            'in_the_flow_cuttings_drift',
            Grade::Contested,
            static fn(Session $s): bool => $s->school(PracticeChoice::FlowWhileTrimming) === 'off',
        );
        $rules[] = new OrderRule('trim', 'flow_off', 'the_flow_gathers_cuttings_in', Grade::Contested);
        $rules[] = new OrderRule('net', 'flow_off', 'the_flow_gathers_cuttings_in', Grade::Contested);
        foreach (['valves', 'vacuum', 'drain'] as $then) {
            $rules[] = new OrderRule('flow_off', $then, 'pumps_run_dry');
        }
        // Floating plants first, then from the top down.
        foreach (['glass', 'hardscape', 'leaves', 'algae', 'trim', 'vacuum'] as $then) {
            $rules[] = new OrderRule('floaters_out', $then, 'they_tangle_in_tools_and');
        }
        $rules[] = new OrderRule('cover_glass', 'glass', 'what_falls_off_still_leaves');
        foreach (['vacuum', 'drain'] as $then) {
            $rules[] = new OrderRule('glass', $then, 'what_comes_off_the_glass', when: $glassBefore);
            $rules[] = new OrderRule('hardscape', $then, 'what_comes_off_leaves_with');
            $rules[] = new OrderRule('leaves', $then, 'what_you_rub_off_leaves');
            $rules[] = new OrderRule('algae', $then, 'algae_leave_the_tank_instead');
            $rules[] = new OrderRule('trim', $then, 'loose_bits_leave_with_the');
            $rules[] = new OrderRule('net', $then, 'cuttings_block_the_hose');
        }
        $rules[] = new OrderRule('drain', 'glass', 'then_the_film_at_the', when: $glassAfter);
        $rules[] = new OrderRule('glass', 'refill', 'otherwise_the_film_dries_into', when: $glassAfter);
        $rules[] = new OrderRule('leaves', 'trim', 'clean_leaves_show_what_to');
        $rules[] = new OrderRule('algae', 'trim', 'twisting_off_algae_afterwards_would');
        $rules[] = new OrderRule('hardscape', 'net', 'you_net_everything_that_floats');
        $rules[] = new OrderRule('trim', 'net', 'cuttings_root_or_rot_wherever');
        $rules[] = new OrderRule('vacuum', 'drain', 'the_gravel_vac_drains_too');
        // At low water.
        foreach (['spot', 'media', 'planting'] as $then) {
            $rules[] = new OrderRule('drain', $then, match ($then) {
                'spot' => 'applied_directly_to_exposed_surfaces',
                'media' => 'tap_water_kills_the_filters',
                default => 'everything_is_within_reach_and',
            });
            $rules[] = new OrderRule($then, 'condition', 'dirty_work_comes_before_clean', when: $plantGroups);
            $rules[] = new OrderRule($then, 'refill', 'dirty_work_comes_before_clean');
        }
        $rules[] = new OrderRule('spot', 'contact', 'it_works_from_the_moment');
        $rules[] = new OrderRule('contact', 'condition', 'it_only_works_undiluted', when: $plantGroups);
        $rules[] = new OrderRule('contact', 'refill', 'it_only_works_undiluted');
        $rules[] = new OrderRule('trim', 'spot', 'treated_leaves_should_not_be');
        $rules[] = new OrderRule('spot', 'planting', 'new_roots_do_not_tolerate');
        $rules[] = new OrderRule('drain', 'condition', 'it_is_for_the_water', when: $plantGroups);
        foreach (['vacuum', 'drain'] as $then) {
            $rules[] = new OrderRule('condition', $then, 'tap_water_runs_in_from', when: $flows);
        }
        $rules[] = new OrderRule('drain', 'minerals', 'they_are_for_the_replaced');
        $rules[] = new OrderRule('condition', 'minerals', 'first_treat_the_water_then');
        $rules[] = new OrderRule('minerals', 'refill', 'they_go_in_with_the');
        $rules[] = new OrderRule('drain', 'refill', 'drain_before_you_refill');
        $rules[] = new OrderRule('condition', 'refill', 'chlorine_and_chloramine_must_not');
        // After the refill.
        foreach (['check', 'trim_high', 'on', 'floaters_back', 'fertilise', 'read_after'] as $then) {
            $rules[] = new OrderRule('refill', $then, match ($then) {
                'check' => 'tipped_rocks_and_slipped_suction',
                'trim_high' => 'you_see_what_is_too',
                'fertilise' => 'otherwise_it_goes_down_the',
                'floaters_back' => 'the_inflow_would_push_them',
                'read_after' => 'the_forecast_check_needs_a',
                default => 'so_that_nothing_runs_dry',
            });
        }
        $rules[] = new OrderRule('trim', 'trim_high', 'the_rough_shape_first');
        $rules[] = new OrderRule('trim_high', 'on', 'net_cuttings_before_the_filter');
        $rules[] = new OrderRule('floaters_back', 'on', 'they_settle_before_the_flow');
        $rules[] = new OrderRule('check', 'on', 'you_find_a_loose_hose');
        $rules[] = new OrderRule('media', 'on', 'the_filter_needs_all_its');
        $rules[] = new OrderRule('on', 'fertilise', 'the_flow_spreads_it');
        $rules[] = new OrderRule('on', 'read_after', 'the_filter_must_have_mixed');
        foreach (['on', 'check', 'read_after', 'floaters_back', 'fertilise', 'cover_glass'] as $first) {
            $rules[] = new OrderRule($first, 'lid', 'close_the_lid_when_you');
        }
        foreach (['outside', 'close'] as $then) {
            $rules[] = new OrderRule('lid', $then, 'spray_drifts_and_fish_jump');
        }
        // Last.
        foreach (['on', 'fertilise', 'check', 'read_after', 'floaters_back'] as $first) {
            $rules[] = new OrderRule($first, 'outside', 'spray_only_when_you_are');
            $rules[] = new OrderRule($first, 'close', 'soap_only_when_you_are');
        }
        $rules[] = new OrderRule('outside', 'close', 'the_last_look_is_the');

        return $rules;
    }
}
