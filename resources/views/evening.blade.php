<x-layout :title="__('tonight.page.tonight')">
    <div class="page-head"><h1>{{ __('tonight.page.tonight') }}</h1><a class="act quiet" href="/">{{ __('tonight.page.today') }}</a></div>
    @if($evening->stops === [])
        <div class="empty"><h2>{{ __('tonight.page.nothing_to_do') }}</h2><p>{{ __('tonight.page.you_need_a') }}</p>
        <p><a class="act" href="/tanks/new">{{ __('tonight.page.add_a_tank') }}</a> <a class="act quiet" href="/source-waters/new">{{
            __('tonight.page.add_a_source') }}</a></p></div>
    @else
    <form id="evening" class="evening" method="get" action="/tonight" novalidate>
        <input type="hidden" name="chosen" value="1">
        <p class="lead-line">{{ $evening->minutes() === 0 ? __('tonight.page.none_chosen') : __($evening->out() > 0.0 ? 'tonight.page.sum' :
            'tonight.page.sum_dry',
            ['out' => $show->volume($evening->out()), 'minutes' => $format::minutes($evening->minutes()), 'until' => $evening->until()]) }}</p>
        <table class="plain evening-order"><thead><tr><th>{{ __('tonight.page.in_this_order') }}</th><th>{{ __('tonight.page.why') }}</th><th>{{
            __('tonight.page.drain') }}</th><th>{{ __('tonight.page.takes') }}</th><th>{{ __('tonight.page.when') }}</th><th></th></tr></thead><tbody>
            @foreach($evening->lines() as $line)
                <tr @class(['left-out' => !$line['picked']])>
                    <th scope="row"><label class="tick"><input id="evening-{{ $line['stop']->tank->id }}" type="checkbox" name="tanks[]"
                        value="{{ $line['stop']->tank->id }}" @checked($line['picked']) data-recompose> <span>{{ $line['stop']->tank->name }}</span></label>
                    </th>
                    <td>{{ $line['stop']->head }}</td>
                    <td class="num">{{ $line['stop']->out > 0 ? $show->volume($line['stop']->out) : __('tonight.page.none') }}</td>
                    <td class="num">{{ $format::minutes($line['stop']->minutes) }}</td>
                    <td class="num">{{ $line['picked'] ? __('tonight.page.from_to', ['from' => $line['from'], 'to' => $line['to']]) : '' }}</td>
                    <td><a class="act quiet" href="{{ $line['stop']->url }}">{{ $line['stop']->act() }}<span
                        class="visually-hidden">: {{ $line['stop']->tank->name }}</span></a></td>
                </tr>
            @endforeach
        </tbody></table>
        <button class="act quiet no-script">{{ __('act.work_out') }}</button>
    </form>
    @if($evening->waters() !== [])
    <section aria-labelledby="water-title"><h2 id="water-title">{{ __('tonight.page.water_for_tonight') }}</h2>
        <table class="plain"><thead><tr><th>{{ __('tonight.page.water') }}</th><th>{{ __('tonight.page.needed') }}</th><th>{{ __('tonight.page.for')
            }}</th><th>{{ __('tonight.page.in_the_reservoir') }}</th></tr></thead><tbody>
            @foreach($evening->waters() as $line)
                <tr><th scope="row">{{ $line['name'] }}</th><td class="num">{{ $line['need'] }}</td><td>{{ $line['tanks'] }}</td>
                <td @class(['short' => $line['short']])>{{ $line['says'] }}@if($line['store']) <a
                    href="/ro-reservoirs/{{ $line['store']->id }}">{{ $line['store']->name
                    }}</a>@else<span class="muted">{{ __('tonight.page.no_reservoir') }}</span>@endif</td></tr>
            @endforeach
        </tbody></table>
    </section>
    @endif
    <p class="muted after-table">{{ __('tonight.page.the_most_urgent', ['what' => $evening->between]) }}</p>
    @endif
</x-layout>
