<x-layout title="Estimates">
    <h1>Estimates</h1>
    <p>Where nobody has measured, Cresco begins with a guess and says so. Your diary replaces what it can; what animals are kept at is changed at each tank,
        pen and kits under <a href="/settings">Settings</a>.</p>
    <h2 id="replaced">{{ __('ledger.yours') }}</h2>
    @if($page->replaced() === [])
    <p class="muted">Nothing yet. Two readings with a change between them are a beginning.</p>
    @else
    <details class="more"><summary>{{ trans_choice('ledger.yours_count', count($page->replaced()), ['count' => count($page->replaced())]) }}</summary>
    <table class="plain replaced"><thead><tr><th scope="col">What</th><th scope="col">Guess</th><th scope="col">Yours</th>
    <th scope="col">From</th><th scope="col"><span class="visually-hidden">Begin anew</span></th></tr></thead><tbody>
    @foreach($page->replaced() as $row)
        <tr><th scope="row"><a href="{{ $row->url }}">{{ $row->what }}</a></th><td class="num" data-of="guess">{{ $row->guess }}</td>
        <td class="num" data-of="yours"><b>{{ $row->yours }}</b></td><td data-of="from">{{ $row->from }}</td>
        <td>@if($row->figure !== null)<form method="post" action="/learning-resets">@csrf<input type="hidden" name="what" value="{{ $row->figure }}"><input
            type="hidden" name="tank" value="{{ $row->tank }}"><input type="hidden" name="jar" value="{{ $row->jar }}"><button
            class="act quiet">Begin anew<span class="visually-hidden">: {{ $row->what }}</span></button></form>@endif</td></tr>
    @endforeach
    </tbody></table>
    <p class="muted">Begin anew when something has changed for good: other animals, a new lid, another spoon. What was seen before is kept, and counts
        again when you take that back.</p>
    </details>
    @endif
    @if($page->anew() !== [])
    <h3>Begun anew</h3>
    <ul class="plain-list">@foreach($page->anew() as [$number, $what, $since])<li>{{ $what }}, {{ $since }} <form class="in-line" method="post"
        action="/learning-resets/{{ $number }}">@csrf @method('delete')<button class="act quiet">Take back<span
        class="visually-hidden">: {{ $what }}</span></button></form></li>@endforeach</ul>
    @endif
    <h2 id="own">What you know better</h2>
    <p>How you work, and how your home dries a tank out. Cresco begins with these, and what you do goes on from there. An empty field goes back to what
        Cresco begins with.</p>
    <form class="plain-form" method="post" action="/estimates" novalidate>@csrf @method('put')
        <div class="row-fields">@foreach($page->single() as $one)<x-field small :name="'figures['.$one['key'].']'" :label="$one['label']"
            :value="$one['value']" :unit="$one['unit']" mode="decimal" :help="$one['help']"/>@endforeach</div>
        <details class="more" @if($errors->hasAny(['figures.*'])) open @endif><summary>Work of sessions, how often and how long</summary>
        <table class="plain"><thead><tr><th scope="col">Work</th><th scope="col">Every</th><th scope="col">Takes</th>
            <th scope="col">Cresco begins with</th></tr></thead><tbody>
        @foreach($page->own() as $row)
            <tr><th scope="row">{{ $row['label'] }}</th>
            @foreach(['days' => 'days', 'minutes' => 'min'] as $part => $unit)
                @php($path = 'figures.'.$row['task'].'.'.$part)
                <td><span class="entry"><input id="f-{{ $row['task'] }}-{{ $part }}" class="short" name="figures[{{ $row['task'] }}][{{ $part }}]"
                    inputmode="numeric" autocomplete="off" aria-label="{{ $row['label'] }}: {{ $part }}" @error($path) aria-invalid="true" @enderror
                    aria-describedby="e-{{ $row['task'] }}-{{ $part }}" value="{{ is_scalar(old($path, $row[$part])) ? old($path, $row[$part]) : '' }}"><span
                    class="unit">{{ $unit }}</span></span><p class="fault" id="e-{{ $row['task'] }}-{{ $part }}">@error($path){{ $message }}@enderror</p></td>
            @endforeach
            <td class="muted">{{ $row['usual'] }}</td></tr>
        @endforeach
        </tbody></table></details>
        <button class="act">Keep</button>
    </form>
    <h2>All figures</h2>
    <p class="muted">A guess is a house default; a limit keeps nonsense out; the rest is published or belongs to the reckoning.</p>
    @foreach($page->rooms() as $room => $entries)
    <details class="more ledger"><summary>{{ $room }} <small>{{ count($entries) }}</small></summary>
        <table class="plain"><caption class="visually-hidden">{{ $room }}</caption><thead><tr><th scope="col">Figure</th>
        <th scope="col">What it is</th><th scope="col">Grade</th></tr></thead><tbody>
        @foreach($entries as $entry)
            <tr><td class="num">{{ $entry->value }}</td><td>{{ $entry->text }} <small class="muted">{{ $entry->name }}</small></td>
            <td>{{ __('ledger.grade.'.$entry->grade) }}</td></tr>
        @endforeach
        </tbody></table>
    </details>
    @endforeach
</x-layout>
