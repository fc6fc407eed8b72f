@include('parts.faults', ['fields' => ['nitrate_goal', 'conductivity_goal', 'treatment_out', 'litres', 'percent', 'mark', 'buckets', 'drains', 'water',
    'second_water', 'second_share', 'waterline', 'stream', 'landing', 'inflow']])
