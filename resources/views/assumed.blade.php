<x-layout title="What Cresco assumes">
    <h1>What Cresco assumes</h1>
    <p>Where nobody has measured, Cresco begins with a guess and says so. Your diary replaces what it can; what animals are kept at is changed at each tank,
        pen and kits under <a href="/settings">Settings</a>.</p>
    <h2>What your diary has replaced</h2>
    @if($page->replaced() === [])
    <p class="muted">Nothing yet. Two readings with a change between them are a beginning.</p>
    @else
    <div class="wide-table"><table class="plain"><thead><tr><th scope="col">What</th><th scope="col">Guess</th><th scope="col">Yours</th>
    <th scope="col">From</th></tr></thead><tbody>
    @foreach($page->replaced() as [$what, $guess, $yours, $from, $url])
        <tr><th scope="row"><a href="{{ $url }}">{{ $what }}</a></th><td class="num">{{ $guess }}</td><td class="num"><b>{{ $yours }}</b></td>
        <td>{{ $from }}</td></tr>
    @endforeach
    </tbody></table></div>
    @endif
    <h2>All figures</h2>
    <p class="muted">A guess is a house default; a limit keeps nonsense out; the rest is published or belongs to the reckoning.</p>
    @foreach($page->rooms() as $room => $entries)
    <details class="more ledger"><summary>{{ $room }} <small>{{ count($entries) }}</small></summary>
        <div class="wide-table"><table class="plain"><caption class="visually-hidden">{{ $room }}</caption><thead><tr><th scope="col">Figure</th>
        <th scope="col">What it is</th><th scope="col">Grade</th></tr></thead><tbody>
        @foreach($entries as $entry)
            <tr><td class="num">{{ $entry->value }}</td><td>{{ $entry->text }} <small class="muted">{{ $entry->name }}</small></td>
            <td>{{ __('ledger.grade.'.$entry->grade) }}</td></tr>
        @endforeach
        </tbody></table></div>
    </details>
    @endforeach
</x-layout>
