@include('parts.faults', ['fields' => array_map(fn ($key) => 'cut.'.$key, $plantGroups)])
