@php($calm = array_filter($strips, fn ($strip): bool => $strip->isCalm() && $strip->beside === [] && $strip->figures === []))
@php($busy = array_udiff($strips, $calm, fn ($a, $b): int => $a->tank->id <=> $b->tank->id))
<x-layout :title="__('round.page.today')" wide>
<div class="today">
    <section class="tanks" aria-labelledby="today-title">
    <h1 id="today-title" class="visually-hidden">{{ __('round.page.today') }}</h1>
    @foreach($busy as $strip)
        <article @class(['strip', 'calm' => $strip->isCalm(), 'alarm' => $strip->urgency->isForToday()])>
            <a class="strip-drawing"
                href="/tanks/{{ $strip->tank->id }}">@include('parts.section', ['drawing' => $strip->drawing, 'show' => $strip->tank->keeper->show()])</a>
            <div class="strip-need">
                <p class="strip-name"><a href="/tanks/{{ $strip->tank->id }}">{{ $strip->tank->name }}</a></p>
                <h2 class="head">{{ $strip->head }}</h2>
                <p class="why">{{ $strip->why }}</p>
                @if($strip->acts !== [])
                    <details class="acts-now" open><summary>{{ __('standing.ten_minutes') }}</summary><ol>
                        @foreach($strip->acts as $act)<li>{{ $act }}</li>@endforeach
                    </ol></details>
                @endif
                @foreach($strip->figures as $figure)
                @if(!str_contains($strip->head.$strip->why, $figure['name']))
                <p class="why beyond"><b>{{ $figure['name'] }} {{ $figure['value'] }}</b> {{ $figure['beyond'] }}</p>
                @endif
                @endforeach
                @if($strip->beside !== [])<ul class="also">
                    @foreach($strip->beside as $line)<li><a href="{{ $line->url }}">{{ $line->head }}</a></li>@endforeach
                </ul>@endif
            </div>
            <a @class(['act', 'quiet' => $strip->isCalm()]) href="{{ $strip->url }}">{{ $strip->act }}<span
                class="visually-hidden">: {{ $strip->tank->name }}</span></a>
        </article>
    @endforeach
    @if($calm !== [])
    <ul class="calm-tanks">
        @foreach($calm as $strip)<li><a href="/tanks/{{ $strip->tank->id }}">{{ $strip->tank->name }}</a> {{ $strip->head }}. {{ $strip->why }}</li>@endforeach
    </ul>
    @endif
    @if($strips === [])
        <div class="empty">
            <h2>{{ __('round.empty.head') }}</h2>
            <p>{{ __('round.empty.text') }}</p>
            <p><a class="act large" href="/tanks/new">{{ __('round.new_tank') }}</a></p>
        </div>
    @else
        <p><a class="act quiet" href="/tanks/new"><x-icon name="plus-lg"/> {{ __('round.new_tank') }}</a></p>
    @endif
    </section>
    <aside class="side right" aria-label="{{ __('round.tonight') }}">
    @if(count($strips) > 1)
        <h2>{{ __('round.tonight') }}</h2>
        <div hx-get="/tonight" hx-trigger="load" hx-swap="innerHTML"><p><a href="/tonight">{{ __('round.tonight_open') }}</a></p></div>
    @endif
    @if($home !== [] || $pens !== [])<h2>{{ __('round.at_home') }}</h2>@endif
    @foreach($home as $one)<p class="home-due"><a href="{{ $one['url'] }}">{{ $one['what'] }}</a></p>@endforeach
    @foreach($pens as $kit)
        <form class="pen-due" method="post" action="/settings/pens/{{ $kit->parameter->value }}">@csrf
            <p>{{ __('kits.due', ['pen' => label($kit->parameter), 'days' => (int) floor($kit->days)]) }}</p> <button class="act quiet">{{
                __('round.page.calibrated') }}<span
                class="visually-hidden">: {{ __('round.page.meter', ['what' => label($kit->parameter)]) }}</span></button>
        </form>
    @endforeach
    </aside>
</div>
</x-layout>
