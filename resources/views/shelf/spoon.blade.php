@php($spoon = $jar->spoon())
<x-layout :title="'A spoon of '.$jar->name">
    <div class="page-head"><h1>A level spoon of {{ $jar->name }}</h1><a class="act quiet" href="/supplies/products">To the shelf</a></div>
    <p class="lead-line">@if($spoon)<b class="num">{{ App\View\Words::figure($spoon->mean, 3) }} g</b> ± {{ App\View\Words::figure($spoon->spread, 2) }},
        from {{ $spoon->trials }} {{ $spoon->trials === 1 ? 'trial' : 'trials' }}{{ trans_choice('ledger.aside', $spoon->aside,
        ['count' => $spoon->aside]) }} @else Not known yet. @endif</p>
    <nav class="kinds" aria-label="How"><a href="?by=scale" @if($method === 'scale') aria-current="page" @endif>By scale</a> <a href="?by=pen"
        @if($method === 'pen') aria-current="page" @endif>By pen</a></nav>
    <form class="plain-form" method="post" action="/products/{{ $jar->id }}/trials" novalidate>@csrf<input type="hidden" name="by" value="{{ $method }}">
        <ol class="three">
        <li><h2>Spoon</h2><p>@if($method === 'scale')Zero the scale with an empty cup on it, and put level spoons into it. Strike each one off with a knife,
            never press. @else Read the pen in a known volume of RO or distilled water, then dissolve level spoons in it. @endif</p>
            <x-field small name="spoons" label="level spoons" :value="$method === 'scale' ? '10' : '1'" mode="numeric"/></li>
        @if($method === 'scale')
        <li><h2>Weigh</h2><x-field small name="grams" label="all together" unit="g" mode="decimal"/>@if($hasDevice)<button class="act quiet" name="from"
            value="device">Take it from the scale</button>@endif</li>
        @else
        <li><h2>Read</h2><div class="row-fields"><x-field small name="litres" label="water" :value="$show->volumes()->show(1.0)"
            :unit="$show->volumes()->label" mode="decimal"/><x-field small name="before" label="pen before" value="0"
            :unit="$show->unit(App\View\Choices::parameter('conductivity'))->label" mode="decimal"/><x-field small name="rise" label="pen after"
            :unit="$show->unit(App\View\Choices::parameter('conductivity'))->label" mode="decimal"/></div>
        <p class="muted">1 g in 1 L brings {{ $show->widths(App\View\Choices::parameter('conductivity'), 1)->text($perGram) }}.</p>@if($hasDevice)<button
            class="act quiet" name="from" value="device">Take it from the pen</button>@endif</li>
        @endif
        <li><h2>Keep</h2><p>Three trials on different days tell how even your hand is; the recipe then knows its own spread.</p><button
            class="act">Keep this trial</button></li>
        </ol>
    </form>
    @if($jar->trials->isNotEmpty())
    <table class="plain"><caption>Trials, newest first</caption><thead><tr><th>When</th><th>By</th><th>Spoons</th><th>One weighs</th>
    <th><span class="visually-hidden">Take out</span></th></tr></thead><tbody>
        @foreach($jar->trials->reverse() as $trial)<tr><td>{{ $show->when($trial->taken_at) }}</td><td>{{ $trial->method }}</td>
        <td class="num">{{ $trial->spoons }}</td><td class="num">{{ App\View\Words::figure($trial->grams_each, 3) }} g</td><td>
        <form method="post" action="/products/{{ $jar->id }}/trials/{{ $trial->id }}">@csrf @method('delete')<button class="quiet">Take out<span
            class="visually-hidden"> trial of {{ $show->when($trial->taken_at) }}</span></button></form></td></tr>@endforeach
    </tbody></table>
    @endif
</x-layout>
