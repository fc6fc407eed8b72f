<?php

declare(strict_types=1);

namespace Cresco\Core\Work;

use Cresco\Core\Working\Grade;

/** What comes before what in a session, each with its reason. Adding one is one entry here. */
final class Rules
{
    /** @var list<Rule>|null */
    private static ?array $all = null;

    /** @return list<Rule> */
    public static function all(): array
    {
        return self::$all ??= self::entries();
    }

    /** @return list<Rule> that hold in a session */
    public static function of(Session $session): array
    {
        return array_values(array_filter(self::all(), static fn(Rule $rule): bool => $rule->holdsIn($session)));
    }

    /** @return list<Rule> */
    private static function entries(): array
    {
        $glassAfter = static fn(Session $s): bool => $s->school(School::GlassBeforeOrAfter) === 'after';
        $glassBefore = static fn(Session $s): bool => $s->school(School::GlassBeforeOrAfter) !== 'after';
        $flows = static fn(Session $s): bool => $s->flows();
        $stands = static fn(Session $s): bool => !$s->flows();
        $rules = [];
        // Before hands go in.
        foreach (['photo', 'read', 'new_water', 'hands'] as $then) {
            $rules[] = new Rule('look', $then, 'Once hands are in, everything hides and the water clouds.');
        }
        $rules[] = new Rule('photo', 'hands', 'A photo of clear water is worth comparing.');
        $rules[] = new Rule('read', 'hands', 'A reading of an untouched tank decides how much to change.');
        foreach (['off', 'cover_glass', 'glass', 'hardscape', 'floaters_out', 'leaves', 'algae', 'trim', 'vacuum', 'drain'] as $then) {
            $rules[] = new Rule('hands', $then, 'Residues on the skin harm animals, and the lamp must be out of the way.');
        }
        $rules[] = new Rule('new_water', 'drain', 'A half-empty tank must not wait for water.');
        // Before the level drops.
        foreach (['cool', 'valves', 'vacuum', 'drain', 'media'] as $then) {
            $rules[] = new Rule('off', $then, 'Hot glass cracks, pumps run dry, and a top-up refills while you drain.');
        }
        $rules[] = new Rule('cool', 'vacuum', 'A hot heater cracks in the air.');
        $rules[] = new Rule('cool', 'drain', 'A hot heater cracks in the air.');
        $rules[] = new Rule('valves', 'vacuum', 'The canister keeps its prime.');
        $rules[] = new Rule('valves', 'drain', 'The canister keeps its prime.');
        $rules[] = new Rule('valves', 'media', 'Open valves empty the tank onto the floor when the canister is opened.');
        foreach (['cover_glass', 'glass', 'hardscape', 'floaters_out', 'leaves', 'algae', 'trim', 'planting'] as $then) {
            $rules[] = new Rule('off', $then, 'Hands and mains do not go together.');
        }
        // The filter's flow, by school.
        $rules[] = new Rule('off', 'trim', 'In a current cuttings blow everywhere.', Grade::Contested, static fn(Session $s): bool => $s->school(School::FlowWhileTrimming) === 'off');
        $rules[] = new Rule('trim', 'flow_off', 'The current herds cuttings to one corner.', Grade::Contested);
        $rules[] = new Rule('net', 'flow_off', 'The current herds cuttings to one corner.', Grade::Contested);
        foreach (['valves', 'vacuum', 'drain'] as $then) {
            $rules[] = new Rule('flow_off', $then, 'Pumps run dry.');
        }
        // Floating plants first, then from the top down.
        foreach (['glass', 'hardscape', 'leaves', 'algae', 'trim', 'vacuum'] as $then) {
            $rules[] = new Rule('floaters_out', $then, 'They tangle in tools and catch cuttings.');
        }
        $rules[] = new Rule('cover_glass', 'glass', 'What falls off it still leaves with the water.');
        foreach (['vacuum', 'drain'] as $then) {
            $rules[] = new Rule('glass', $then, 'What comes off the panes leaves with the water.', when: $glassBefore);
            $rules[] = new Rule('hardscape', $then, 'What comes off leaves with the water.');
            $rules[] = new Rule('leaves', $then, 'What is rubbed off leaves with the water.');
            $rules[] = new Rule('algae', $then, 'Algae go out, and are not stirred in.');
            $rules[] = new Rule('trim', $then, 'Loose bits leave with the water.');
            $rules[] = new Rule('net', $then, 'Cuttings block the hose.');
        }
        $rules[] = new Rule('drain', 'glass', 'The film at the waterline is within reach then.', when: $glassAfter);
        $rules[] = new Rule('glass', 'refill', 'The rim dries into a crust otherwise.', when: $glassAfter);
        $rules[] = new Rule('leaves', 'trim', 'What is cut need not be cleaned; what stays is seen.');
        $rules[] = new Rule('algae', 'trim', 'Algae twisted off take no fresh cuttings along.');
        $rules[] = new Rule('hardscape', 'net', 'What floats up is netted in one go.');
        $rules[] = new Rule('trim', 'net', 'Cuttings root or rot wherever they land.');
        $rules[] = new Rule('vacuum', 'drain', 'One outflow does both: what is left goes down to the mark.');
        // At low water.
        foreach (['spot', 'media', 'planting'] as $then) {
            $rules[] = new Rule('drain', $then, match ($then) {
                'spot' => 'Undiluted contact on bared surfaces needs a small dose.',
                'media' => 'Tap water harms the filter’s bacteria: a bucket of drained tank water is at hand now.',
                default => 'Within reach, and nothing floats up.',
            });
            $rules[] = new Rule($then, 'condition', 'All that makes dirt comes before clean water.', when: $stands);
            $rules[] = new Rule($then, 'refill', 'All that makes dirt comes before clean water.');
        }
        $rules[] = new Rule('spot', 'contact', 'It works from the moment it is on.');
        $rules[] = new Rule('contact', 'condition', 'It works undiluted.', when: $stands);
        $rules[] = new Rule('contact', 'refill', 'It works undiluted.');
        $rules[] = new Rule('trim', 'spot', 'Treated leaves are not handled, and cuts would take it up.');
        $rules[] = new Rule('spot', 'planting', 'Fresh roots and spot treatment do not go together.');
        $rules[] = new Rule('drain', 'condition', 'It is for the water that goes in.', when: $stands);
        foreach (['vacuum', 'drain'] as $then) {
            $rules[] = new Rule('condition', $then, 'Tap water runs in from the first minute.', when: $flows);
        }
        $rules[] = new Rule('drain', 'minerals', 'They are for the litres that are gone.');
        $rules[] = new Rule('condition', 'minerals', 'Clean water first, then what goes into it.');
        $rules[] = new Rule('minerals', 'refill', 'They go in with the stream, and must be at hand.');
        $rules[] = new Rule('drain', 'refill', 'Out before in.');
        $rules[] = new Rule('condition', 'refill', 'Chlorine and chloramine must not meet gills or filter.');
        // After the refill.
        foreach (['check', 'trim_high', 'on', 'floaters_back', 'fertilise', 'read_after'] as $then) {
            $rules[] = new Rule('refill', $then, match ($then) {
                'check' => 'Tipped stones and slipped cups show at full height.',
                'trim_high' => 'What is too tall shows with the tank full.',
                'fertilise' => 'Else it goes down the drain.',
                'floaters_back' => 'They would be blown under by the inflow.',
                'read_after' => 'The after-test is what the forecast is held to.',
                default => 'So that nothing runs dry.',
            });
        }
        $rules[] = new Rule('trim', 'trim_high', 'The rough shape first.');
        $rules[] = new Rule('trim_high', 'on', 'Cuttings are netted before the flow is back.');
        $rules[] = new Rule('floaters_back', 'on', 'Leaves flat and none stacked, before the current takes them.');
        $rules[] = new Rule('check', 'on', 'A loose hose or a bare plug is found before it runs.');
        $rules[] = new Rule('media', 'on', 'The filter runs with all of its media in.');
        $rules[] = new Rule('on', 'fertilise', 'The current spreads it.');
        $rules[] = new Rule('on', 'read_after', 'When the filter has turned the tank over.');
        foreach (['on', 'check', 'read_after', 'floaters_back', 'fertilise', 'cover_glass'] as $first) {
            $rules[] = new Rule($first, 'lid', 'The lid closes when hands are out for good.');
        }
        foreach (['outside', 'close'] as $then) {
            $rules[] = new Rule('lid', $then, 'Sprays drift, and fish jump: first the lid.');
        }
        // Last.
        foreach (['on', 'fertilise', 'check', 'read_after', 'floaters_back'] as $first) {
            $rules[] = new Rule($first, 'outside', 'Spray and soap only when hands are out for good.');
            $rules[] = new Rule($first, 'close', 'Soap only when hands are out for good.');
        }
        $rules[] = new Rule('outside', 'close', 'The last look is the last step.');

        return $rules;
    }
}
