@include('parts.faults', ['fields' => ['tank', 'animals', 'litres', 'gh', 'kh', 'ec', 'ratio', 'share', 'waters', 'jars', 'cap']])
