<?php

declare(strict_types=1);

return [
    'page' => [
        'why' => 'Why change water?', 'reason' => ['routine' => 'Usual change', 'nitrate' => 'Nitrate below …', 'conductivity' => 'TDS / EC to …', 'treatment' => 'After a treatment', 'amount' => 'My own amount'],
        'goal' => ['nitrate' => 'Nitrate goal', 'conductivity' => 'Conductivity goal', 'treatment' => 'Share that should leave'],
        'water_in' => 'Water that goes in', 'mix' => 'Mix this water', 'card' => 'Its batch card', 'limits' => 'Largest change per day', 'targets' => 'Edit targets',
        'done' => 'Already done? Note it', 'check' => 'Check the last change', 'does' => 'What it does', 'what' => 'Parameter', 'now' => 'now', 'after' => 'after', 'target' => 'target',
        'still' => '{1} :what hardly moves.|[2,*] :what hardly move.', 'untested' => 'No forecast: nothing was tested yet.', 'all' => 'All values, and how sure',
        'safety' => '{1} One more note on safety|[2,*] :count more notes on safety', 'share' => ':share new water.', 'drains' => ':share new water, in :count drains.', 'flowing' => ':share new water, while :litres run in.',
        'how' => 'Let it in at :warmth.', 'dechlorinated' => 'Let it in at :warmth, with dechlorinator.', 'same' => 'As warm as the tank.', 'same_dechlorinated' => 'As warm as the tank, with dechlorinator.',
    ],
    'impossible' => ['head' => 'It cannot be done with this water.', 'untested' => 'A test is missing.', 'why' => ':why. Shown instead: the usual share.'],
    'bare' => ['head' => ':what bare at this mark.', 'why' => 'It begins :top below the rim, the mark is at :mark: :then. The checklist has it off first.'],
    'swing' => [
        'head' => ':what moves too far at once.', 'down' => 'By :width down; these animals stand :most in one change. Up to :share of the water keeps within it.',
        'up' => 'By :width up; these animals stand :most in one change. Up to :share of the water keeps within it.',
    ],
    'depth' => ['head' => 'The fish cannot stand upright.', 'why' => ':depth of water are left over the bed; the largest needs :needed.'],
    'flowing' => ['head' => 'New water leaves with the old.', 'why' => 'The level falls to :mark only, but :out leave. Drained first and filled up after, :litres would do the same, down to :lower.'],
    'ammonia' => [
        'head' => 'Free ammonia reaches the alarm.', 'after' => 'right after', 'next' => 'next day',
        'why' => 'Up to :high mg/L NH₃-N :when, alarm at :alarm. Ammonium turns into ammonia as pH rises: change less, or water of lower pH, and find where it comes from.',
    ],
    'unread' => [
        'head' => 'At most :share until you test more.', 'why' => 'Test :tests: without that nobody knows how far a change moves the water.',
        'tank' => ':what in the tank', 'source' => ':what of :water',
    ],
    'lately' => ['head' => ':share was changed on :day already.', 'why' => '{1} These animals need a day between two changes: the next is due on :day.|[2,*] These animals need :count days between two changes: wait until :day.'],
    'series' => [
        'unread' => 'what was not tested', 'head' => 'Not in one change.', 'depth' => 'the depth the fish stand in', 'tank' => 'the tank', 'why' => 'All at once would take :share of the water; :by allows :allowed.',
        'never' => 'With this source that is no way to get there: a softer or closer-matched water is.', 'many' => '{1} One change of this size gets there.|[2,*] :count changes of this size get there, :days days apart.',
        'twice' => 'Draining twice or three times in one session gets further: two drains of one half leave a quarter.',
    ],
    'over' => [
        'head' => ':what is only known to be over :value.', 'dissolved' => 'The chart ends there. Mix the sample half and half with RO or distilled water, test again and double what you read.',
        'other' => 'The chart ends there. A pen, or a kit for a higher range, tells how far beyond it is.',
    ],
    'missing' => ['head' => 'Not read yet.', 'why' => '{1} :what of the tank: no forecast for it.|[2,*] :what of the tank: no forecast for them.'],
    'carried' => ['head' => 'Carried over from the last forecast.', 'why' => '{1} :what was not read since the last change.|[2,*] :what were not read since the last change.'],
    'stale' => ['head' => 'Read a while ago.', 'why' => 'A fresh reading would do more for this forecast than anything else: :what.'],
    'unknown' => ['head' => ':water is not fully known.', 'why' => 'Not read: :what.'],
    'hinge' => [
        'head' => 'Under :goal, :tenths times out of ten.', 'why' => ':even would do if the reading is right, :sure nine times out of ten, as far off as it may be.',
        'hinges' => 'The difference is the reading: a second test, or one with finer steps, settles it.', 'sharp' => 'The reading is sharp enough.',
        'under' => 'Nitrate is under the goal already.', 'under_why' => 'Even if the test reads low: nine times out of ten it is. A change is not needed for its sake.',
    ],
    'tenths' => '{0} none|{1} one|{2} two|{3} three|{4} four|{5} five|{6} six|{7} seven|{8} eight|[9,*] nine',
    'acidity' => [
        'band' => ':low to :high', 'open' => 'pH cannot be foretold.',
        'open_why' => 'So little KH holds it that humic acids, soil and CO₂ decide: anything from :after right after, :next tomorrow, and one time in five beyond even that. Change little, and read it.',
        'stays' => 'pH hardly moves.', 'back' => 'pH comes back by tomorrow.', 'settles' => 'pH settles near :ph.', 'controlled' => 'The controller brings it back; CO₂ follows KH.',
        'why' => 'Right after it is :ph, because the new water brings its own CO₂. Overnight CO₂ returns to its level, and KH alone decides.',
        'soft' => 'Under 1 degree of KH other buffers count as much, so the band is wide.',
    ],
    'chlorine' => ['head' => 'Treat the tap water.', 'why' => 'Chlorine and chloramine harm gills and filter, and chloramine leaves ammonia: :new into the new water, for the :tap of it from the tap; straight from the tap :tank, for the whole tank.'],
    'routine' => ['over' => 'Kept up, nitrate peaks at :peak, above its limit of :limit.', 'over_why' => 'This routine does not hold the limit: change more, or more often.', 'head' => 'Kept up, nitrate peaks at :peak.', 'why' => 'Before each change, :every, once the routine has settled.'],
    'refill' => [
        'head' => 'Let it in at :warmth.', 'same' => 'As warm as the tank is: its animals notice nothing.', 'unread' => 'The tank was not read; this is what its heater is to hold. Hold a thermometer in it first.',
        'lands' => 'Then the tank stands at :warmth at once.',
        'changes' => '{0} So small a change does not bring it to :warmth.|[2,*] For :warmth it takes :count changes like this one: no more at once than these animals stand, and no water that shocks those at the inlet.',
    ],
    'away' => [
        'head' => 'This water leads away from the range.', 'one' => ':what :value, kept at :low to :high',
        'why' => ':water: :what. Change after change the tank becomes what goes in: mix it on the bench, or choose another water.',
    ],
    'together' => [
        'head' => 'pH and KH do not go together.',
        'why' => 'pH :ph with KH :kh would mean :gas mg/L of CO₂. One of the two tests is off, or the pen wants calibrating: what pH will do is a guess until then.',
    ],
    'effort' => [
        'filling' => 'about :minutes min by hose', 'filling_short' => 'not to the mark by hose', 'each' => ' each time',
        'buckets' => '{1} 1 bucket or about :minutes min by hose:each|[2,*] :count buckets or about :minutes min by hose:each',
        'buckets_short' => '{1} 1 bucket or not to the mark by hose:each|[2,*] :count buckets or not to the mark by hose:each',
    ],
];
