<?php

declare(strict_types=1);

return [
    'page' => [
        'swimming_depth' => 'Swimming depth',
        'why' => 'Why change water?', 'reason' => ['routine' => 'Usual change', 'nitrate' => 'Nitrate below …', 'conductivity' => 'TDS / EC to …', 'treatment' => 'After a treatment', 'amount' => 'My own amount'],
        'goal' => ['nitrate' => 'Nitrate goal', 'conductivity' => 'Conductivity goal', 'treatment' => 'Share to remove'],
        'water_in' => 'Water that goes in', 'mix' => 'Mix this water', 'card' => 'Its batch card', 'limits' => 'Max. change per day', 'targets' => 'Edit targets',
        'done' => 'Already done? Log it', 'check' => 'Check the last change', 'does' => 'What it does', 'what' => 'Parameter', 'now' => 'now', 'after' => 'after', 'target' => 'target',
        'still' => '{1} :what hardly changes.|[2,*] :what hardly change.', 'untested' => 'No forecast: nothing was tested yet.', 'all' => 'All values, and how sure',
        'safety' => '{1} One more safety note|[2,*] :count more safety notes', 'share' => ':share new water.', 'drains' => ':share new water, drained :count times.', 'flowing' => ':share new water, while :litres run in.',
        'how' => 'New water at :warmth.', 'dechlorinated' => 'New water at :warmth, with dechlorinator.', 'same' => 'As warm as the tank.', 'same_dechlorinated' => 'As warm as the tank, with dechlorinator.',
    ],
    'impossible' => ['head' => 'This water cannot reach that target.', 'untested' => 'Test first.', 'why' => ':why. Until then: the usual share.'],
    'bare' => ['head' => ':what runs dry at this level.', 'why' => 'It starts :top below the rim, and you drain to :mark: :then. The checklist switches it off first.'],
    'swing' => [
        'head' => ':what changes too much at once.', 'down' => 'It would drop by :width; these animals tolerate :most per change. Change at most :share.',
        'up' => 'It would rise by :width; these animals tolerate :most per change. Change at most :share.',
    ],
    'depth' => ['head' => 'Too shallow for the fish.', 'why' => ':depth of water remain above the substrate; the largest fish needs :needed.'],
    'flowing' => ['head' => 'Some new water drains away again.', 'why' => 'The level drops only to :mark, but :out leave. If you drain first and refill afterwards, :litres do the same, down to :lower.'],
    'ammonia' => [
        'head' => 'Free ammonia reaches the alarm level.', 'after' => 'right after', 'next' => 'next day',
        'why' => 'Up to :high mg/L NH₃-N :when; the alarm level is :alarm. As pH rises, ammonium turns into ammonia: change less, or use water of lower pH, and find the source.',
    ],
    'source' => ['tested' => ':what :value', 'usual' => ':what :value (estimate: not tested)', 'assumed' => ':what :value (assumed)'],
    'unread' => [
        'head' => 'At most :share until you test more.', 'test' => 'Test :name', 'why' => 'Test :tests. Without it nobody knows how much a change shifts the water.',
        'tank' => ':what in the tank', 'source' => ':what of :water',
    ],
    'lately' => ['head' => 'You already changed :share on :day.', 'why' => '{1} These animals need a day between two changes: the next is due on :day.|[2,*] These animals need :count days between two changes: wait until :day.'],
    'series' => [
        'unread' => 'what was not tested', 'head' => 'Not in one change.', 'depth' => 'swimming depth for the fish', 'tank' => 'the tank', 'why' => 'All at once would take :share; :by allows :allowed.',
        'never' => 'Changes with this water never get there. Use softer water or a closer match.', 'many' => '{1} One change of this size gets there.|[2,*] :count changes of this size get there, :days days apart.',
        'twice' => 'Two changes of 50 % in a row replace 75 %.',
    ],
    'over' => [
        'head' => 'All we know is that :what is above :value.', 'dissolved' => 'The colour chart ends there. Mix the sample half and half with RO or distilled water, test again and double the result.',
        'other' => 'The colour chart ends there. A meter, or a kit with a higher range, shows how far above.',
    ],
    'missing' => ['head' => 'Not tested yet.', 'why' => '{1} :what of the tank: no forecast, and no safe limit, for it.|[2,*] :what of the tank: no forecast, and no safe limit, for them.'],
    'carried' => ['head' => 'From the last forecast.', 'why' => '{1} :what was not tested since the last change.|[2,*] :what were not tested since the last change.'],
    'stale' => ['head' => 'Tested a while ago.', 'why' => 'A new test would improve this forecast most: :what.'],
    'unknown' => ['head' => ':water is not fully known.', 'why' => 'Not tested: :what.'],
    'hinge' => [
        'head' => 'Below :goal with :chance certainty.', 'unlikely' => 'Only a :chance chance to end below :goal.', 'why' => 'If the test is exact, :even is enough; allowing for test error, :sure makes it 90 % sure.',
        'hinges' => 'A second test, or a finer kit, would narrow this.', 'sharp' => 'The test is precise enough.',
        'under' => 'Nitrate is already below the goal.', 'under_why' => 'That is 90 % certain even if your test reads low. You do not need a change because of nitrate.',
    ],
    'acidity' => [
        'band' => ':low to :high', 'open' => 'pH cannot be predicted.',
        'open_why' => 'KH is too low to predict pH: soil, humic acids and CO₂ decide. Expect :after right after and :next tomorrow, and 1 in 5 times more than that. Keep the change small and test.',
        'stays' => 'pH hardly changes.', 'back' => 'pH is back by tomorrow.', 'settles' => 'pH settles near :ph.', 'controlled' => 'The controller brings it back; CO₂ follows KH.',
        'why' => 'pH is :ph right after, because of the CO₂ in the new water; overnight it settles to what KH and CO₂ dictate.',
        'soft' => 'Below 1 degree of KH other buffers count as much, so the range is wide.',
    ],
    'chlorine' => ['head' => 'Use dechlorinator.', 'why' => 'Chlorine and chloramine harm gills and filter bacteria, and chloramine leaves ammonia. Add :new to the new water (for the :tap of it from the tap); if you fill straight from the tap, :tank for the whole tank.'],
    'routine' => ['over' => 'With this routine nitrate peaks at :peak, above the limit of :limit.', 'over_why' => 'This routine does not keep the limit: change more, or more often.', 'head' => 'With this routine nitrate peaks at :peak.', 'why' => 'Before each change, :every, once the routine has settled.'],
    'refill' => [
        'head' => 'New water at :warmth.', 'same' => 'Same temperature as the tank.', 'unread' => 'No tank temperature yet: this is your heater setting. Check with a thermometer first.',
        'lands' => 'That brings the tank to :warmth at once.',
        'changes' => '{0} So small a change does not bring it to :warmth.|[2,*] :warmth takes :count changes like this one: no more at once than these animals tolerate, and no shock at the inlet.',
    ],
    'away' => [
        'head' => 'This water leads away from your targets.', 'one' => ':what :value, target :low–:high',
        'why' => ':water: :what. Every change moves the tank towards this water: remineralise or blend it, or use another source.',
    ],
    'together' => [
        'head' => 'pH and KH do not fit together.',
        'why' => 'pH :ph at KH :kh would mean :gas mg/L of CO₂. One of the two tests is off, or the meter needs calibrating: until then the pH forecast is an estimate.',
    ],
    'effort' => [
        'filling' => 'about :minutes min by hose', 'filling_short' => 'the hose does not reach this level', 'each' => ' each time',
        'buckets' => '{1} 1 bucket or about :minutes min by hose:each|[2,*] :count buckets or about :minutes min by hose:each',
        'buckets_short' => '{1} 1 bucket; the hose does not reach this level:each|[2,*] :count buckets; the hose does not reach this level:each',
    ],
    'answer' => [
        'the_water_change' => 'The water change in the drawing', 'forecast_4' => 'Forecast', 'what_it_will' => 'What it will do', 'next_day' => 'next day',
        'for_these_animals' => 'for these animals', 'forecast' => 'forecast', 'free_ammonia' => 'Free ammonia', 'mg_l_nh' => 'mg/L NH₃-N', 'now' => 'now', 'after' => 'after',
        'target_range' => 'target range', 'net_volume' => 'net volume', 'litres_needed' => 'litres needed', 'new_water_temperature' => 'new water temperature',
        'swimming_depth' => 'swimming depth', 'nitrate_peak' => 'nitrate peak', 'out_new_water' => ':litres :litres_too out, :share new water. :what',
    ],
    'changed' => [
        'unblended' => 'nothing',
        'title' => 'Log a water change in :tank',
        'log_a_water' => 'Log a water change',
        'without_a_checklist' => 'Without a checklist, today or days ago. Cresco works out its effect from what was known then, and the next change is due from that day.',
        'add_the_source' => 'Add the source water first', 'drained' => 'Drained', 'when' => 'When', 'source_water' => 'Source water', 'blended_with' => 'blended with', 'share' => 'share',
        'log_it' => 'Log it', 'plan_one_instead' => 'Plan one instead',
    ],
    'compose' => [
        'last' => 'last :day',
        'as_before' => 'as before', 'water_runs' => 'water runs',
        'with_change' => 'only with a water change',
        'due' => 'due',
        'for_no_day' => 'checklist without a day',
        'for_day' => 'checklist for :day',
        'title' => 'Maintenance at :tank',
        'maintenance_at' => 'Maintenance at :tank', 'back_to_water' => 'Back to Water change', 'water' => 'Water', 'with_a_water' => 'With a water change', 'without' => 'Without',
        'what_do_you' => 'What do you see?', 'what_will_you' => 'What will you do?', 'on' => 'On', 'update' => 'Update', 'the_checklist' => 'The checklist',
        'already_planned' => 'Already planned:', 'if_you_start' => 'If you start now, it ends at :what.', 'start_the_checklist' => 'Start the checklist',
        'your_own_guess' => 'Your own guess', 'not_the_usual' => 'Not the usual order.', 'back_to_the' => 'Back to the usual order', 'earlier' => ':what earlier', 'later' => ':what later',
        'never_onto_garden' => ':litres Never onto garden beds when salty or medicated.', 'have_ready' => 'Have ready: :what.', 'how_you_do' => 'How you do it',
        'save_for_this' => 'Save for this tank',
    ],
    'dose_page' => [
        'title' => 'Fertiliser after the water change of :tank',
        'back_to_water' => 'Back to Water change',
    ],
    'dose' => [
        'fertilising' => 'Fertilising', 'how_far_each' => 'How far each is off',
    ],
    'no_water' => [
        'title' => 'Water change in :tank',
        'which_water_goes' => 'Which water goes in?', 'a_forecast_needs' => 'A forecast needs to know the new water. Add the tap, the rain barrel or the RO unit, and test it once.',
        'add_a_source' => 'Add a source water',
    ],
    'show' => [
        'ways' => ['litres' => 'Litres to drain', 'percent' => 'Percent', 'mark' => 'Drain to', 'buckets' => 'Buckets'],
        'title' => 'Water change in :tank',
        'water_change_in' => 'Water change in :tank', 'water_that_goes' => 'Water that goes in', 'source_water' => 'Source water', 'blended_with' => 'blended with', 'nothing' => 'nothing',
        'share' => 'share', 'tank_temperature_after' => 'tank temperature after the change', 'times_drained' => 'times drained', 'new_water_temperature' => 'new water temperature',
        'water_level_below' => 'water level below the rim, now', 'continuous_change_refill' => 'continuous change: refill rate, % of the drain rate', 'amount_typed' => 'Amount, typed',
        'or_type' => 'Or type', 'add_maintenance' => 'Add maintenance', 'start_the_checklist' => 'Start the checklist',
    ],
    'stands' => [
        'which_plant_groups' => 'Which plant groups, and down to what?', 'trim_down_to' => 'Trim :what down to',
    ],
];
