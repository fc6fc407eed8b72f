<?php

declare(strict_types=1);

return [
    'kind' => [
        'small_tetra' => 'Small tetras', 'tetra' => 'Tetras', 'small_rasbora' => 'Dwarf rasboras', 'rasbora' => 'Rasboras', 'small_catfish' => 'Dwarf armoured catfish', 'catfish' => 'Armoured catfish', 'otocinclus' => 'Otocinclus',
        'bristlenose' => 'Bristlenose catfish', 'livebearer' => 'Livebearers', 'fighting_fish' => 'Fighting fish', 'labyrinth' => 'Labyrinth fish', 'dwarf_cichlid' => 'Dwarf cichlids', 'lake_cichlid' => 'Lake cichlids', 'shell_cichlid' => 'Shell-dwelling cichlids',
        'angelfish' => 'Angelfish', 'barb' => 'Barbs', 'danio' => 'Danios', 'rainbowfish' => 'Rainbowfish', 'killifish' => 'Killifish', 'bee_shrimp' => 'Soft-water shrimp', 'hardy_shrimp' => 'Hardy dwarf shrimp', 'brush_shrimp' => 'Algae shrimp',
        'nerite' => 'Nerite snails', 'small_snail' => 'Small snails', 'fry' => 'Fry',
    ],
    'event' => ['came' => 'came', 'born' => 'born', 'died' => 'died', 'went' => 'went', 'counted' => 'counted, all'],
    'sort' => ['fish' => 'Fish', 'shrimp' => 'Shrimp', 'snail' => 'Snails', 'plant' => 'Plants'],
    'asks' => ['lead' => 'What lives here asks for', 'range' => ':what from :from to :to', 'most' => ':what of :to at most', 'gentler' => 'gentler changes, as shrimp stand them', 'act' => 'Keep the tank at that', 'kept' => 'Kept: changes, water and alarms of this tank follow its animals.'],
    'heed' => [
        'apart' => 'No :what suits both: :one and :other.','alone' => 'Two of them fight: keep one to a tank.', 'prey' => ':one may eat :others.', 'few' => 'They live in groups of :least or more.', 'warm' => 'The water is not as warm as they are kept: :from to :to.', 'hard' => 'The water is not as hard as they are kept: :from to :to.'],
    'eats' => ':grams of dry food a day suits them all. In nitrate that comes to', 'eats_a_day' => 'a day, before plants take of it.', 'fed' => 'You give :grams.', 'none' => 'Nobody is written down yet.',
    'means' => ['pour' => 'Pour in', 'drip' => 'Drip', 'quick' => 'Quick transfer', 'rinse' => 'Rinse and keep apart'],
    'why' => [
        'plants' => 'Plants stand other water; what comes along with them is what matters.', 'close' => 'Both waters are close enough.', 'conductivity' => 'Conductivity differs by more than they stand at once.', 'acidity' => 'pH differs by more than they stand at once.',
        'old' => 'They were long on the way. Once the bag is open its carbon dioxide leaves, pH rises, and ammonium turns into free ammonia: no dripping.', 'ammonium' => 'There is ammonium in the bag. Once it is open pH rises, and ammonium turns into free ammonia: no dripping.',
    ],
    'free_title' => 'Free ammonia once the bag stands open', 'free' => 'Free ammonia: about :closed mg/L in the closed bag, :open once it stands open (:times times as much); alarm at :alarm.',
    'step' => [
        'dark' => ['Lamp off', 'Off now, and off for the day. Hands rinsed without soap.'],
        'float' => ['Float the bag, closed', 'It is to be as warm as the tank, :warmth.'],
        'between' => ['A water between', 'Their waters differ much. Have a water between the two ready, at :warmth: they go there first, and drip from there.'],
        'cups' => ['Cups of tank water', 'Open the bag. A cup of tank water in, again every five minutes, four times.'],
        'bucket' => ['Into a bucket', 'Bag and water into a bucket, with an air stone, kept warm. A hose with a knot or valve from the tank: :rate an hour, about :drops.'],
        'drip' => ['Let it drip', 'Stop at :end in the bucket, or as soon as the pen shows :conductivity.'],
        'drip_stages' => ['Let it drip, in :stages stages', 'At :end in the bucket pour all but :begin away and go on, :stages times in all. Stop as soon as the pen shows :conductivity.'],
        'over' => ['Net them over', 'Pour the bag water away, never into the tank.'],
        'over_bucket' => ['Net them over', 'Pour the bucket away, never into the tank.'],
        'ready' => ['Have the net ready', 'Open the bag only now.'],
        'at_once' => ['Net them over at once', 'Pour the bag water away, never into the tank.'],
        'after' => ['Apart, and watched', 'Apart for some days, with a net of its own, served last. Read ammonium daily. No medicine on suspicion; a vet for what is ill.'],
        'unpack' => ['Unpack', 'Out of pot, wool, lead and rubber; rotten roots and leaves off.'],
        'look' => ['Look them through', 'Under running water, leaf by leaf: snails, eggs in clear jelly, planarians, threads.'],
        'dip' => ['Dip, or not', 'Only what stands it, by the label of the dip, never two mixed, and rinse well. Mosses, Vallisneria and Egeria: none.'],
        'apart' => ['Apart in a bucket', 'In light, with changes, before they go to shrimp. For fish alone a rinse does.'],
    ],
    'course' => [
        'act' => 'Begin', 'go' => 'Done', 'last' => 'They are in', 'place' => 'Step :now of :all', 'until' => 'until :time', 'stop' => 'Stop here, nothing was let in', 'stopped' => 'Taken out: nothing was let in.',
        'pen' => 'Pen in the bucket, if you read it', 'more' => '{1} It still differs by more than they stand: about a minute more.|[2,*] It still differs by more than they stand: about :count minutes more.',
        'at' => 'When', 'holds' => 'In the bucket', 'shows' => 'The pen shows', 'round' => 'A bag is being let in', 'apart' => 'Apart, day :now of :days', 'over' => 'Over since :day', 'free' => 'With the others at once',
        'days' => 'Stays apart for',
    ],
    'plants' => 'Bought plants may carry insecticide that rinsing does not take off: before they go to shrimp, two to four weeks apart with changes. Dips by their label only, never two mixed (bleach with acid or ammonia gives off poison), and none for mosses, Vallisneria or Egeria.',
    'drops' => ':count drops a second', 'flow' => ':flow a minute', 'grown' => ':length when grown', 'now' => 'young',
    'kept' => 'Kept.', 'gone' => 'Taken out.', 'most' => 'There are :most already; take one out first.', 'less' => 'There are only :count.',
    'entry' => ['came' => ':count :name came', 'born' => ':count :name born', 'died' => ':count :name died', 'went' => ':count :name went', 'counted' => 'Counted :count :name'],
    'arrived' => ':what let in: :means', 'ended' => 'End of quarantine: :what', 'until' => 'day :now of :days, apart until :day', 'begin' => 'Cresco begins with :now of nitrate a day here, until the diary says better.', 'take' => 'Begin with :guess', 'no_pen' => 'Read the conductivity of this tank first: the way in follows from both waters.',
];
