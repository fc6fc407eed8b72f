<x-layout title="Tonight">
    <div class="page-head"><h1>Tonight</h1><a class="act quiet" href="/">Today</a></div>
    @if($evening->stops === [])
        <div class="empty"><h2>Nothing to put in order</h2><p>An evening needs a tank and a water that goes in.</p>
        <p><a class="act" href="/tanks/new">Measure a tank</a> <a class="act quiet" href="/source-waters/new">Name a water</a></p></div>
    @else
    <form id="evening" class="evening" method="get" action="/tonight" novalidate>
        <input type="hidden" name="chosen" value="1">
        <p class="lead-line">{{ $evening->minutes() === 0 ? 'Nothing is picked.' : sprintf('%s. %s, until %s if begun now.',
            $evening->out() > 0.0 ? $show->volume($evening->out()).' out in all' : 'No water is changed',
            App\Units\Show::minutes($evening->minutes()), $evening->until()) }}</p>
        <table class="plain evening-order"><thead><tr><th>In this order</th><th>Why</th><th>Out</th><th>Takes</th><th>When</th><th></th></tr></thead><tbody>
            @foreach($evening->lines() as $line)
                <tr @class(['left-out' => !$line['picked']])>
                    <th scope="row"><label class="tick"><input id="evening-{{ $line['stop']->tank->id }}" type="checkbox" name="tanks[]"
                        value="{{ $line['stop']->tank->id }}" @checked($line['picked']) data-recompose> <span>{{ $line['stop']->tank->name }}</span></label>
                    </th>
                    <td>{{ $line['stop']->head }}</td>
                    <td class="num">{{ $line['stop']->out > 0 ? $show->volume($line['stop']->out) : 'none' }}</td>
                    <td class="num">{{ App\Units\Show::minutes($line['stop']->minutes) }}</td>
                    <td class="num">{{ $line['picked'] ? $line['from'].' to '.$line['to'] : '' }}</td>
                    <td><a class="act quiet" href="{{ $line['stop']->url }}">{{ $line['stop']->act() }}<span
                        class="visually-hidden">: {{ $line['stop']->tank->name }}</span></a></td>
                </tr>
            @endforeach
        </tbody></table>
        <button class="act quiet no-script">Work it out</button>
    </form>
    @if($evening->waters() !== [])
    <section aria-labelledby="water-title"><h2 id="water-title">Water for it</h2>
        <table class="plain"><thead><tr><th>Water</th><th>Needed</th><th>For</th><th>At hand</th></tr></thead><tbody>
            @foreach($evening->waters() as $line)
                <tr><th scope="row">{{ $line['name'] }}</th><td class="num">{{ $line['need'] }}</td><td>{{ $line['tanks'] }}</td>
                <td @class(['short' => $line['short']])>{{ $line['says'] }}@if($line['store']) <a
                    href="/ro-reservoirs/{{ $line['store']->id }}">{{ $line['store']->name
                    }}</a>@else<span class="muted">no store of it is kept</span>@endif</td></tr>
            @endforeach
        </tbody></table>
    </section>
    @endif
    <p class="muted after-table">What weighs most on the round comes first. Minutes are those that the steps took at each tank, else the usual ones, and
        {{ $evening->between }} between two tanks: rinse hose, net and hands, so that nothing is carried over. A tank with sick animals goes last,
        with gear of its own.</p>
    @endif
</x-layout>
