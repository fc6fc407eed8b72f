<?php

declare(strict_types=1);

return [
    'step' => ':amount :name',
    'round' => 'Give :doses',
    'act' => 'To the doses',
    'stop' => 'what plants get',
    'figure' => ':value (:low to :high)',
    'today' => 'today',
    'course' => ':nutrient: now :now, in four weeks :four, in eight :eight. The table below has it in figures.',
    'key' => 'Shaded: where it lies eight times out of ten. Green: where the school wants it before a change. Dashed: what the animals stand. Bars: what was read. Figures are as they should stand today, days after the last reading.',
    'tried' => 'Drawn with what is tried; the thin line is as planned.',
    'rate' => ['makes' => '+:rate a day by itself', 'takes' => "\u{2212}:rate a day by itself"],
    'passes' => [
        'head' => ':nutrient may pass what the animals stand.',
        'why' => '{0} One case in ten is above :limit today: change water, give less.|{1} From tomorrow on one case in ten is above :limit.|[2,*] In :days days one case in ten is above :limit. From all sources: food, tap and doses.',
    ],
    'falls' => [
        'head' => ':nutrient runs low.',
        'why' => '{0} It is likelier below than in what the school wants. Short is what a low reading and a sign in leaf or growth say together.|{1} From tomorrow on it is likelier below than in what the school wants.|[2,*] In :days days it is likelier below than in what the school wants.',
    ],
    'missed' => [
        'head' => ':count doses in a row were left out.',
        'lean' => 'Go on as planned: what was missed is not given at once.',
        'plenty' => 'Go on as planned; giving one of them late does no harm either.',
    ],
    'none_planned' => 'No doses are planned. What comes with tap and fish food stands in the courses.',
    'none_today' => 'Nothing is due today.',
    'was_given' => 'given at :time',
    'was_missed' => 'left out, noted at :time',
    'given' => 'Noted as given.',
    'left_out' => 'Noted as left out. The course shows what it does.',
    'adopted' => '{1} One dose is planned.|[2,*] :count doses are planned.',
    'propose' => 'To settle there, from what is on the shelf:',
    'slowly' => 'A changed dose goes in steps of a quarter to a half a week; then wait two weeks and look at new leaves. How it is found:',
    'no_plants' => 'No plants are drawn in this tank, so nothing is proposed.',
    'no_feeds' => 'Nothing on the shelf feeds plants.',
    'nothing_wanted' => 'Tap, food and soil bring enough: nothing needs to be given.',
    'source' => [
        'meals' => 'Food of the animals, :grams g a day, brings about :nitrate of nitrate and :phosphate of phosphate a day.',
        'uptake' => 'The stands take up about :nitrate of nitrate, :phosphate of phosphate and :potassium of potassium a day from the water, by how they grow.',
    ],
    'capsules' => [
        'head' => 'At the roots',
        'round' => '{1} Root capsules of a stand are to be renewed|[2,*] Root capsules of :count stands are to be renewed',
        'last' => '{1} one capsule :day|[2,*] :count capsules :day',
        'never' => 'none yet',
        'now' => 'Renew them now.',
        'when' => 'Renew them :from to :until.',
        'most' => '{1} One capsule at most goes in on one day here.|[2,*] 1 to :count capsules go in on one day here.',
        'kept' => 'Kept. Read ammonium in :days days.',
        'how' => 'One each at the root, 30 to 50 mm deep, apart from each other, not where the bed is vacuumed next.',
        'kind' => ['clay' => 'powder or clay, 1 to 3 months', 'coated' => 'coated, 3 to 4 months'],
    ],
    'doser' => [
        'head' => 'A pump gives it',
        'gives' => 'It gives :share of what is set, :amount each time, as measured :day.',
        'never' => 'Its tube was not measured yet: let it run into a cylinder.',
        'until' => 'The bottle is empty :day.',
        'empty' => 'The bottle is empty since :day: fill it.',
        'measured' => ':measured mL stood in the cylinder, :ran mL were set. What was given since the last measure may have been as much off.',
    ],
    'spell' => ':from to :until: :grams g a day.',
    'school' => [
        'plenty' => [
            'name' => 'Plenty and reset',
            'suits' => 'Much light, gas, fast plants; half of the water changed each week, so that nothing builds up beyond twice a week\'s dose. Not with animals that stand no large changes.',
            'why' => 'Nothing may run short; the weekly change takes away what is left.',
        ],
        'lean' => [
            'name' => 'Lean',
            'suits' => 'Gas and middling light; small doses daily, close to what is taken up. Asks for a steady hand: a missed week shows.',
            'why' => 'Small doses daily keep the water poor and the plants fed.',
        ],
        'roots' => [
            'name' => 'By the roots',
            'suits' => 'Rich soil and capsules, heavy root feeders; the water stays at or under lean.',
            'why' => 'Soil and capsules feed; the water only fills gaps.',
        ],
        'low_energy' => [
            'name' => 'Low energy',
            'suits' => 'No gas, little light, slow plants: the fish feed most; once a week a little potassium, iron and traces.',
            'why' => 'The animals give most of it; a little potassium and iron once a week.',
        ],
    ],
];
