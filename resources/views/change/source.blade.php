<p>{{ implode(' · ', $sheet->sourceFacts()) }}</p>
<p><a href="{{ $sheet->benchLink() }}">Make this water on the bench</a>@if($batch = $sheet->draft->waters->batchOf($sheet->draft->input->first)) · <a
    href="/batches/{{ $batch->id }}">its batch card</a>@endif</p>
