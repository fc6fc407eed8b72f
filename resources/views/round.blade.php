<x-layout title="Today" wide>
<div class="round">
    <div class="page-head"><h1>Today</h1><span class="acts">@if(count($strips) > 1)<a href="/tonight">Tonight</a>@endif <a class="act quiet"
        href="/tanks/new"><x-icon name="plus-lg"/> New tank</a></span></div>
    @forelse($strips as $strip)
        <article @class(['strip', 'calm' => $strip->isCalm(), 'off' => $strip->urgency->name === 'Waiting', 'alarm' => $strip->urgency->isForToday()])>
            <a class="strip-drawing"
                href="/tanks/{{ $strip->tank->id }}">@include('parts.section', ['drawing' => $strip->drawing, 'show' => $strip->tank->keeper->show()])</a>
            <div class="strip-name">
                <h2><a href="/tanks/{{ $strip->tank->id }}">{{ $strip->tank->name }}</a></h2>
                <p>{{ $strip->size }}<br>{{ $strip->tank->animals->label() }}</p>
            </div>
            <div class="strip-need">
                <p class="head">{{ $strip->head }}</p>
                <p class="why">{{ $strip->why }}</p>
                @if($strip->acts !== [])
                    <details class="acts-now" open><summary>{{ __('standing.ten_minutes') }}</summary><ol>
                        @foreach($strip->acts as $act)<li>{{ $act }}</li>@endforeach
                    </ol></details>
                @endif
                @foreach($strip->beside as $line)<p class="why also">{{ $line }}</p>@endforeach
            </div>
            <dl class="strip-figures">
                @foreach($strip->figures as $figure)
                    <div @class(['beyond' => $figure['beyond']])><dt>{{ $figure['name'] }}</dt>
                    <dd>{{ $figure['value'] }}@if($figure['beyond']) <b>{{ $figure['beyond'] }}</b>@endif</dd></div>
                @endforeach
                @if($strip->readWhen !== '')
                    <div class="when">
                        <dt>{{ __($strip->isCarried() ? 'round.as_it_should_be' : 'round.as_read', ['when' => $strip->readWhen]) }}</dt><dd></dd>
                    </div>
                @endif
            </dl>
            <a @class(['act', 'quiet' => $strip->isCalm()]) href="{{ $strip->url }}">{{ $strip->act }}<span
                class="visually-hidden">: {{ $strip->tank->name }}</span></a>
        </article>
    @empty
        <div class="empty">
            <h2>No tank yet</h2>
            <p>Cresco begins with a tape measure. From the outer sizes, the bed and the stones it computes what your tank really holds, and from then on every
                litre has a mark on the glass.</p>
            <p><a class="act" href="/tanks/new">Measure the first tank</a> <a class="act quiet" href="/source-waters/new">Name the water that goes in</a> <a
                class="act quiet" href="/settings#sets">Say what you measure with</a></p>
        </div>
    @endforelse
    @foreach($home as $one)<p class="home-due">{{ __('week.at_home') }}: <a href="{{ $one['url'] }}">{{ $one['what'] }}</a></p>@endforeach
    @foreach($pens as $kit)
        <form class="pen-due" method="post" action="/settings/pens/{{ $kit->parameter->value }}">@csrf
            <p>{{ __('kits.due', ['pen' => $kit->parameter->label(), 'days' => (int) floor($kit->days)]) }}</p> <button class="act quiet">Set today<span
                class="visually-hidden">: {{ $kit->parameter->label() }} pen</span></button>
        </form>
    @endforeach
</div>
</x-layout>
