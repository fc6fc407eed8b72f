@include('parts.faults', ['fields' => $tank->stands->map(fn ($stand) => 'cut.'.$stand->id)->all()])
