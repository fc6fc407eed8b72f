<x-layout :title="'Water change in '.$tank->name" :loop="$loop">
    <div class="empty"><h1>What goes in?</h1>
        <p>A change is only as good as what is known about the new water. Name the tap, the rain barrel or the RO unit, and read it once.</p>
        <p><a class="act" href="/source-waters/new">Name a water</a></p></div>
</x-layout>
