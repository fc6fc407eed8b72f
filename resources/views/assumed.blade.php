<x-layout :title="__('ledger.page.estimates')">
    <h1>{{ __('ledger.page.estimates') }}</h1>
    <p>{{ __('ledger.page.where_nobody_has') }} <a href="/settings">{{ __('ledger.page.settings') }}</a>.</p>
    <h2 id="replaced">{{ __('ledger.yours') }}</h2>
    @if($page->replaced() === [])
    <p class="muted">{{ __('ledger.page.nothing_yet_it') }}</p>
    @else
    <details class="more"><summary>{{ trans_choice('ledger.yours_count', count($page->replaced()), ['count' => count($page->replaced())]) }}</summary>
    <table class="plain replaced"><thead><tr><th scope="col">{{ __('ledger.page.what') }}</th><th scope="col">{{ __('ledger.page.estimate') }}</th><th
        scope="col">{{ __('ledger.page.yours') }}</th>
    <th scope="col">{{ __('ledger.page.learned_from') }}</th><th scope="col"><span class="visually-hidden">{{ __('ledger.page.start_over')
        }}</span></th></tr></thead><tbody>
    @foreach($page->replaced() as $row)
        <tr><th scope="row"><a href="{{ $row->url }}">{{ $row->what }}</a></th><td class="num" data-of="guess">{{ $row->guess }}</td>
        <td class="num" data-of="yours"><b>{{ $row->yours }}</b></td><td data-of="from">{{ $row->from }}</td>
        <td>@if($row->figure !== null)<form method="post" action="/learning-resets">@csrf<input type="hidden" name="what" value="{{ $row->figure }}"><input
            type="hidden" name="tank" value="{{ $row->tank }}"><input type="hidden" name="jar" value="{{ $row->product }}"><button
            class="act quiet">{{ __('ledger.page.start_over') }}<span class="visually-hidden">: {{ $row->what }}</span></button></form>@endif</td></tr>
    @endforeach
    </tbody></table>
    <p class="muted">{{ __('ledger.page.start_over_when') }}</p>
    </details>
    @endif
    @if($page->anew() !== [])
    <h3>{{ __('ledger.page.started_over') }}</h3>
    <ul class="plain-list">@foreach($page->anew() as [$number, $what, $since])<li>{{ $what }}, {{ $since }} <form class="in-line" method="post"
        action="/learning-resets/{{ $number }}">@csrf @method('delete')<button class="act quiet">{{ __('act.undo') }}<span
        class="visually-hidden">: {{ $what }}</span></button></form></li>@endforeach</ul>
    @endif
    <h2 id="own">{{ __('ledger.page.what_you_know') }}</h2>
    <p>{{ __('ledger.page.your_pace_and') }}</p>
    <form class="plain-form" method="post" action="/estimates" novalidate>@csrf @method('put')
        <div class="row-fields">@foreach($page->single() as $one)<x-field small :name="'figures['.$one['key'].']'" :label="$one['label']"
            :value="$one['value']" :unit="$one['unit']" mode="decimal" :help="$one['help']"/>@endforeach</div>
        <details class="more" @if($errors->hasAny(['figures.*'])) open @endif><summary>{{ __('ledger.page.maintenance_tasks_how') }}</summary>
        <table class="plain"><thead><tr><th scope="col">{{ __('ledger.page.task') }}</th><th scope="col">{{ __('ledger.page.every') }}</th><th
            scope="col">{{ __('ledger.page.takes') }}</th>
            <th scope="col">{{ __('ledger.page.default') }}</th></tr></thead><tbody>
        @foreach($page->own() as $row)
            <tr><th scope="row">{{ $row['label'] }}</th>
            @foreach(['days' => __('names.days'), 'minutes' => 'min'] as $part => $unit)
                @php($path = 'figures.'.$row['task'].'.'.$part)
                <td><span class="entry"><input id="f-{{ $row['task'] }}-{{ $part }}" class="short" name="figures[{{ $row['task'] }}][{{ $part }}]"
                    inputmode="numeric" autocomplete="off" aria-label="{{ $row['label'] }}: {{ $unit }}" @error($path) aria-invalid="true" @enderror
                    aria-describedby="e-{{ $row['task'] }}-{{ $part }}" value="{{ is_scalar(old($path, $row[$part])) ? old($path, $row[$part]) : '' }}"><span
                    class="unit">{{ $unit }}</span></span><p class="fault" id="e-{{ $row['task'] }}-{{ $part }}">@error($path){{ $message }}@enderror</p></td>
            @endforeach
            <td class="muted">{{ $row['usual'] }}</td></tr>
        @endforeach
        </tbody></table></details>
        <button class="act">{{ __('act.save') }}</button>
    </form>
    <h2>{{ __('ledger.page.all_values') }}</h2>
    <p class="muted">{{ __('ledger.page.an_estimate_is') }}</p>
    @foreach($page->rooms() as $room => $entries)
    <details class="more ledger" lang="en"><summary>{{ $room }} <small>{{ count($entries) }}</small></summary>
        <table class="plain"><caption class="visually-hidden">{{ $room }}</caption><thead><tr><th scope="col">{{ __('ledger.page.value') }}</th>
        <th scope="col">{{ __('ledger.page.what_it_is') }}</th><th scope="col">{{ __('ledger.page.evidence') }}</th></tr></thead><tbody>
        @foreach($entries as $entry)
            <tr><td class="num">{{ $entry->value }}</td><td>{{ $entry->text }} <small class="muted">{{ $entry->name }}</small></td>
            <td>{{ __('ledger.grade.'.$entry->grade) }}</td></tr>
        @endforeach
        </tbody></table>
    </details>
    @endforeach
</x-layout>
