<x-layout :title="'A water change made in '.$tank->name" :loop="$loop">
    <div class="page-head"><h1>A water change already made</h1></div>
    <p class="muted">Without a sheet, today or days ago. From what was known then Cresco reckons what it led to, and the next one falls due from that day
        on.</p>
    @if($tank->keeper->waters->isEmpty())
        <p><a class="act" href="/source-waters/new">Name the water that went in first</a></p>
    @else
    <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/water-changes" novalidate>@csrf
        <x-field name="litres" label="Taken out" :value="$litres" :unit="$show->volumes()->label" mode="decimal"/>
        <x-field name="changed_at" label="When" type="datetime-local" :value="$now" :help="'your time, '.$tank->keeper->timezone"/>
        <x-choice name="water" label="Water that went in" :value="$tank->water_id" :options="$tank->keeper->waters->pluck('name', 'id')"/>
        <div class="row-fields two">
            <x-choice name="second_water" label="blended with" :value="$tank->second_water_id"
                :options="$tank->keeper->waters->pluck('name', 'id')->prepend('nothing', '')"/>
            <x-field small name="second_share" label="share" :value="App\Units\Show::plain(100 * $tank->second_share, 0)" unit="%" mode="decimal"/>
        </div>
        <x-field name="note" label="Note"/>
        <div class="acts"><button class="act large">Note the change</button> <a href="/tanks/{{ $tank->id }}/water-change">Plan one instead</a></div>
    </form>
    @endif
</x-layout>
