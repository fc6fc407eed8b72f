<x-layout title="Supplies">
    <div class="page-head"><h1>Supplies</h1></div>
    <x-supplies-nav/>
    <p class="muted">What is on the shelf with an amount is counted by itself, as doses and batches take it. Count the rest here now and then.</p>
    @if($lines !== [])
    <div class="table-wrap"><table class="plain chores"><thead><tr><th>What</th><th>Left</th><th>A week takes</th><th>Lasts</th><th>Order, or make up, by</th>
        <th><span class="visually-hidden">Acts</span></th></tr>
        </thead><tbody>
        @foreach($lines as $at => $line)
        @php($in = $line['stock']->orderIn())
        <tr><th scope="row">{{ $line['name'] }}</th><td class="num" data-of="left">{{ App\View\WeekPage::amount($line['stock']->left, $line['unit']) }}</td>
            <td class="num" data-of="a week takes">{{ App\View\WeekPage::amount($line['stock']->weekly, $line['unit']) }}</td>
            <td data-of="lasts">{{ $line['stock']->lasts() === null ? 'nothing is used' : App\View\WeekPage::daysWords($line['stock']->lasts()) }}</td>
            <td data-of="{{ $line['home'] ? 'make up by' : 'order by' }}" @class(['short' => $in !== null && $in <= 0])>@if($in !== null)<a
                data-working="{{ $at }}"
                href="/supplies?working={{ $at }}">{{ $in <= 0 ? 'now' : $show->date($today->addDays($in)) }}</a>@endif
                @if($line['expires'] !== null) <small @class(['short' => $line['expires'] < 0])>{{ $line['expires'] < 0 ? 'expired' : 'expires' }}
                {{ $show->date($today->addDays($line['expires'])) }}</small>@endif</td>
            <td>@if($line['supply'])<details><summary>Count again<span class="visually-hidden">: {{ $line['name'] }}</span></summary>
                <form class="plain-form" method="post" action="/supplies/{{ $line['supply']->id }}">@csrf @method('put')<div class="row-fields">
                @foreach([['name', 'Name', $line['name'], 'text'], ['left', 'Left now', App\Units\Show::plain($line['stock']->left, 1), 'text'],
                    ['unit', 'Unit', $line['unit'], 'text'],
                    ['weekly', 'A week takes', $line['supply']->weekly, 'text'], ['lead_days', 'Days to come', $line['supply']->lead_days, 'text'],
                    ['expires_on', 'Expires', $line['supply']->expires_on?->format('Y-m-d'), 'date']] as [$field, $label, $value, $type])
                    <div class="field small"><label for="s{{ $line['supply']->id }}-{{ $field }}">{{ $label }}</label><input
                        id="s{{ $line['supply']->id }}-{{ $field }}" name="{{ $field }}" type="{{ $type }}" value="{{ $value }}" autocomplete="off"></div>
                @endforeach</div><button class="act quiet">Keep</button></form>
                <form method="post" action="/supplies/{{ $line['supply']->id }}">@csrf @method('delete')<button
                    class="act quiet beyond">Take out</button></form>
                </details>@else<a href="/products/{{ $line['jar'] }}/edit">on the shelf</a>@endif</td></tr>
        @endforeach
    </tbody></table></div>
    @else<p>Nothing is counted yet.</p>
    @endif
    <section aria-labelledby="new-title"><h2 id="new-title">One more</h2>
    <form class="plain-form" method="post" action="/supplies" novalidate>@csrf
        <div class="row-fields"><x-field name="name" label="What"/><x-field name="left" label="Left" mode="decimal"/><x-field name="unit" label="in"
            value="g" small/></div>
        <div class="row-fields"><x-field name="weekly" label="A week takes" mode="decimal" value="0"/><x-field name="lead_days" label="Days until more comes"
            mode="numeric" :value="App\Known\SuppliesOf::LEAD"/><x-field name="expires_on" label="Expires on" type="date"/></div>
        <button class="act">Keep</button>
    </form></section>
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
