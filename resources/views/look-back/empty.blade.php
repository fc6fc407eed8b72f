<x-layout :title="'Forecast check at '.$tank->name" :loop="$loop">
    <div class="empty"><h1>Nothing to look back at yet</h1><p>Once a change has been done by its checklist, its forecast stands here against what you
        measured.</p>
    <p><a class="act" href="/tanks/{{ $tank->id }}/water-change">Plan a change</a></p></div>
</x-layout>
