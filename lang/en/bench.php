<?php

declare(strict_types=1);

return [
    'others' => ':count recipes that are as good',
    'ions' => 'Ions, with their limits',
    'mix' => 'Bench mix', 'mix_of' => ':tank mix', 'today' => ':tank today',
    'lands' => ['head' => 'It lands where it should.', 'why' => 'All that is wanted, and every limit, is met with this shelf.'],
    'alone' => ['head' => ':aim of :value cannot be had from this shelf.', 'softer' => 'Only a softer water brings it down.'],
    'pair' => ['head' => ':one and :other clash.', 'why' => 'With :aim at :value: :reach'],
    'rest' => ':aims cannot be had with all the rest.',
    'over' => ['head' => ':ion stays over its limit.', 'why' => ':least mg/L at the least; :most were allowed.'],
    'wanting' => ['head' => 'A jar that is not chosen would help.', 'or' => 'or', 'why' => ':jars brings what is short, without what is too much.'],
    'acid' => ['head' => 'Acid would bring KH down too.', 'why' => 'A softer water to begin with is the calmer way.'],
    'pure' => ['head' => 'Pure water would do it.', 'why' => 'The waters chosen bring too much; with at least :share of RO or distilled water all of it is met.'],
    'way' => ['allow' => 'allow :amount mg/L :ion', 'instead' => ':aim :value instead of :wanted'],
    'reach' => ['more' => ':aim can be :value or more.', 'fixed' => ':aim is :value then, whatever is done.', 'between' => ':aim can lie between :low and :high.'],
    'rounding' => ['head' => 'Too little for this scale or spoon.', 'why' => 'Measured so, the batch may miss :aims: make more at once, weigh finer, or make a stock solution.'],
    'stock' => ['head' => 'Not enough on the shelf.', 'one' => ':jar: :amount :unit needed, :left left'],
    'shock' => ['head' => 'Too far at once for shrimp.', 'why' => 'A change of :share would move conductivity from :now to :after; they stand :allowed.'],
    'sodium' => ['head' => ':amount mg/L sodium for plants.', 'why' => 'Potassium bicarbonate raises KH without it.'],
    'known' => [
        'odd' => 'The figures of :water do not agree.', 'odd_why' => 'Its charges or its conductivity do not balance; see its page among the waters.',
        'kits' => ':water is known by its kits.', 'kits_why' => 'An analysis of the utility would settle it.', 'label' => 'The label of :jar contradicts itself.',
        'silent' => 'GH and KH of this batch are not known.', 'silent_why' => 'The label of :jar names only conductivity: test GH and KH before it goes in.',
        'ions' => 'A label does not name every ion.', 'ions_why' => ':ions may be more than is shown; conductivity is as the label says.',
    ],
    'store' => [
        'head' => 'Start :water first.', 'why' => ':litres are needed and the store holds :level: the unit runs :time. Started now, it is there :there; :waste go down the drain.',
        'twice' => 'The store does not hold so much: make the batch in two goes.',
    ],
    'card' => [
        'doubt' => 'A label names no conductivity: it is worked out from GH and KH, give or take :width, and the pen is held to no less.', 'added' => 'Added.', 'wait' => 'Stir, wait, and read again.',
        'good' => ':read: good.', 'good_why' => 'As near as pens and spoons can tell.', 'odd' => ':read: too far off to mend.',
        'odd_why' => 'Has everything dissolved? Was it the right jar, the right spoon, the right mark? Does the pen read its calibration solution right? Find the mistake before any of this water is used.',
        'spoon' => 'So far off by spoon: is it still the same spoon, the same bag? Calibrate it again.', 'strong' => ':read: too strong. Add :litres of RO or rain.', 'stir' => 'Stir, and read again.',
        'weak' => ':read: too weak. Add this much more of each.', 'dissolve' => 'Stir until all is dissolved, and read again.',
    ],
    'bottle' => [
        'apart' => ':one and :other: :why.', 'least' => ':jar does not dissolve: :amount would need :litres L of water. Add it dry to the batch, or choose more mL for each litre.',
        'between' => 'Write a number between :least and :most.',
    ],
    'gas' => ['head' => 'At 30 mg/L CO₂ pH stands near :ph.', 'why' => 'By KH alone; wood, soil and other acids make a pH reading say more CO₂ than there is.'],
    'at' => ':name at GH :gh, KH :kh',
    'rounded' => [
        'scale' => 'Rounded to the scale’s :step g: :amount :unit. The recipe is the mix of waters and jars that comes closest to the target within its limits, and of those the one that is most sparing.',
        'spoons' => 'Rounded to half spoons: :amount :unit. The recipe is the mix of waters and jars that comes closest to the target within its limits, and of those the one that is most sparing.',
    ],
    'no_series' => 'No series of changes of this size leads there: take a larger share, or a nearer target.',
];
