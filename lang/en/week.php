<?php

declare(strict_types=1);

return [
    'cut_short' => 'There are so many jobs that not every day was tried: some may lie better on another.',
    'found' => ['ask' => 'How much was there to do?', 'little' => 'little', 'expected' => 'as expected', 'much' => 'much'],
    'kind' => [
        'change' => 'Change :litres', 'way_back' => 'The way back, in steps', 'stand' => 'Cut :name', 'melt' => 'Melting leaves off :name', 'capsules' => 'Root capsules for :name', 'check' => 'Look whether it helped: :name', 'dose_look' => 'Look at the new leaves: did the doses help?', 'after' => 'After the session', 'next_day' => 'Read, to hold the change to its forecast', 'pen' => 'Set the pen again', 'concern' => 'See to the water', 'supply' => 'Order or make :name',
        'sheet' => 'The checklist that is written', 'arrival' => 'Let :name in', 'photo' => 'Photo from the fixed spot', 'cover_glass' => 'Cover glass and lamp lens', 'glass' => 'Panes',
        'hardscape' => 'Stones, wood and pipes', 'floaters' => 'Floating plants out and back', 'leaves' => 'Leaves rubbed clean', 'algae' => 'Algae out by hand', 'trim' => 'Trim the plants',
        'vacuum' => 'Vacuum the bed', 'spot' => 'Spot treatment at low water', 'media' => 'Rinse sponge, floss, pre-filter', 'planting' => 'Plant and replant', 'fertilise' => 'Liquid fertiliser', 'outside' => 'Outside of the glass',
        'floss' => 'New floss', 'prefilter' => 'Rinse the pre-filter', 'pipes' => 'Brush pipes and hoses', 'top_up' => 'Top up what evaporated', 'test' => 'Read the water', 'air_stone' => 'New air stone',
        'carbon' => 'New carbon', 'resin' => 'Renew or refresh the resin', 'impeller' => 'Clean the impeller', 'tubes' => 'New lamp tubes', 'gas_bottle' => 'CO₂ bottle', 'doser' => 'Fill the doser', 'litter' => 'Leaf litter', 'grading' => 'Sort the young by size',
        'count' => 'Count the animals', 'quarantine' => 'End of quarantine: :name', 'membrane' => 'New RO membrane', 'sediment' => 'New sediment stage', 'reagents' => 'New reagents', 'bottles' => 'Make up the bottles', 'own' => 'A job of your own',
    ],
    'at_home' => 'At home', 'days' => '{1} a day|[0,*] :count days',
    'lateness' => ['looks' => 'nothing suffers', 'harms' => 'plants or animals are worse for it', 'endangers' => 'animals may die of it'],
    'why' => [
        'due' => '', 'low' => 'with the change, while the water stands low', 'hand' => 'laid here by you', 'overdue' => '{1} overdue since yesterday|[2,*] overdue for :count days', 'no_time' => 'due :due, which has no time', 'full' => 'due :due, which is full',
        'full_instead' => 'due :due: it can wait, :instead cannot', 'together' => 'due :due; here all is set up already',
    ],
    'cost' => [
        'none' => 'nothing speaks against it', 'late' => '{1} a day late: :grade|[2,*] :count days late: :grade', 'early' => '{1} a day early|[2,*] :count days early', 'over' => ':count min more than the day has',
        'less' => ':count min less over', 'set_up' => 'the tank is set up once more', 'saves' => 'saves setting up once', 'here' => 'where it lies', 'free' => 'back to the day that Cresco finds',
    ],
    'nothing_today' => 'Nothing needs you today.',
    'day' => ['minutes' => ':taken of :free', 'none' => 'no time', 'empty' => 'nothing', 'away' => 'away', 'over' => ':count min over', 'doses' => '{1} Doses at :name, :minutes min|[2,*] Doses at :count tanks, :minutes min'],
    'ready' => [
        'more' => '{1} One more to be ready|[2,*] :count more to be ready',
        'run' => 'Start :unit by :time', 'run_why' => ':litres of :water for :tanks, :when; :level are there',
        'now' => 'Start :unit now: it is :short too slow for :when', 'prepare' => ':litres of :water at :warmth ready by :when', 'prepare_why' => 'for :tanks',
        'part' => ':litres of :water ready by :when', 'part_why' => 'for :tanks, mixed with :with',
        'order' => '{0} Order :name today|[1,*] Order :name by :day', 'order_why' => ':left left, :weekly a week, :lead to come', 'make' => '{0} Make up :name today|[1,*] Make up :name by :day', 'make_why' => ':left left, :weekly a week',
        'expires' => ':name expires :day',
    ],
    'every' => '{1} every day|[2,*] every :count days', 'learned' => '{1} (once, usual :usual)|[2,*] (:count times, usual :usual)',
    'chore' => ['kept' => 'Kept.', 'done' => 'Done; next in :days days.', 'gone' => 'Taken out.', 'most' => 'There are :most jobs already; take one out first.'],
    'moved' => 'Laid on :day.', 'unlaid' => 'It lies where Cresco finds a day again.',
    'field' => ['name' => 'Note or name', 'every' => 'Days; empty to learn', 'minutes' => 'Minutes', 'next_on' => 'Next on'],
    'in_order' => 'In which order, with the water',
    'no_job' => 'That job is not there any more.',
    'wears' => [
        'stands' => ':unit it stands',
        'readings' => 'readings', 'litres' => 'L of reverse osmosis', 'hours' => 'hours of the lamps', 'line' => ':done of :most :unit', 'help' => 'Reagents wear by readings, sediment stages by litres, tubes by hours. What the pack says, when it should count and not the days.',
        'of' => 'readings of', 'most' => 'An amount from 1 to 1,000,000, or nothing to go by days.', 'none' => 'This wears by days alone.', 'which' => 'Say which parameter they read.', 'membrane' => 'foreseen from what it holds back',
    ],
    'beside' => 'Also due at this tank: :jobs. They stand on the sheet, to be ticked there.', 'beside_head' => 'Also due here',
    'evening' => ':head; the week has it :day',
    'round' => 'Due: :jobs', 'act' => 'Open the week',
    'busy' => ['endless' => 'this event takes too long to work out: its rule may never come true. Take it out of the file, or export a shorter time.', 'much' => 'this event repeats too often: export a shorter time.', 
        'kept' => '{0} Nothing of it takes time that you have for your tanks.|{1} One day has less time now.|[2,*] :count days have less time now.',
        'big' => 'A calendar file of at most 1 MB.', 'none' => 'Choose a calendar file.',
    ],
    'feed' => ['made' => 'The address is shown once. Keep it as you keep a password.', 'gone' => 'The address does not work any more.'],
    'feed_event' => ['session' => ':tank: :jobs', 'minutes' => 'About :minutes.', 'ready' => 'Cresco: :what'],
];
