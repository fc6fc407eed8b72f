<?php

declare(strict_types=1);

return [
    'dry' => 'no water changed', 'change' => ':out out (:share), to :mark below the rim, with :source', 'new_water' => 'new water',
    'still' => 'The filter has stood still for :time; up to :until it is no worry.', 'stale' => 'The filter has stood still for :time: aerate now, and rinse the canister before it runs again.',
    'floating' => 'Floating plants are out for :time: keep them wet.', 'low' => 'At low water for :time: mist what stands dry.',
    'condition_more' => 'Dechlorinator for the :litres more: :dose.',
    'skipped_conditioner' => 'The dechlorinator was skipped: :dose for the whole tank before or with the water.',
    'to_fill' => ':litres still to go in.',
    'after_act' => ['evening' => 'All well', 'media' => 'Rinsed', 'conditioner' => 'It is in'],
    'skip_conditioner' => 'Untreated tap water harms gills and the filter. Skipped, it stays on your home page until the dose is in.',
    'reached' => 'Nothing more: the mark is reached.', 'refill' => ':litres of :source, onto a plate or through a strainer, hose end above the water.', 'more' => 'more',
    'down_while' => ':litres out while :in run in, at about :share of what runs out: down to :mark below the rim.', 'down' => ':litres out: down to :mark below the rim.',
    'lands' => 'At :stream in the stream the tank lands on :warmth.', 'own_warmth' => 'its own temperature',
    'progress' => 'step :step of :steps',
    'of' => ':amount of :name',
    'by_label' => 'As much as its label says',
    'goal' => ':parameter to :value',
    'batch' => ['written' => 'The batch is written but not made yet: :parts.', 'made' => 'The batch has :litres; it took: :parts.'],
    'entry' => [
        'more' => '{1} one more result|[2,*] :count more results','changed' => 'Changed :litres (:share)', 'made' => 'Made :litres of :name', 'with' => 'With :source, to :mark below the rim.', 'also' => 'Also: :work.', 'read' => 'Read :name', 'read_during' => 'Read :name during the change', 'no_sheet' => 'With :source, without a sheet.', 'none' => 'A session without work', 'read_new' => 'Read the new water for :tank', 'read_before' => 'Read :tank before the change', 'read_after' => 'Read :tank right after the change'],
];
