@php($old = fn (string $field, string $name, string $otherwise): string => is_string(old("$field.$name")) ? old("$field.$name") : $otherwise)
<x-layout :title="'Targets of '.$tank->name" :loop="$loop">
    <div class="page-head"><h1>Targets of {{ $tank->name }}</h1><p class="muted">{{ $tank->animals->label() }}</p></div>
    <p>Grey figures are the usual ones of the group, <a href="/estimates">guesses</a> until your diary knows better. What you write counts instead, for this
        tank, everywhere.</p>
    <form method="post" action="/tanks/{{ $tank->id }}/targets" novalidate>@csrf @method('put')
        <table class="plain needs"><thead><tr><th scope="col">Parameter</th><th scope="col">from</th><th scope="col">to</th>
        <th scope="col">at most in one change</th></tr></thead><tbody>
        @foreach($page->rows() as $row)
            @php($name = $row['parameter']->value)
            <tr><th scope="row">{{ $row['parameter']->label() }} <small>{{ $row['unit'] }}</small></th>
            @foreach(['low' => [$row['low'], $row['usualLow'], 'from'], 'high' => [$row['high'], $row['usualHigh'], 'to'], 'swing' => [$row['swing'],
                $row['usualSwing'], 'at most in one change']] as $field => [$value, $usual, $words])
                <td>@if($value !== null)<span class="entry"><input id="f-{{ $field }}-{{ $name }}" name="{{ $field }}[{{ $name }}]"
                    value="{{ $old($field, $name, $value) }}" placeholder="{{ $usual }}" inputmode="decimal" autocomplete="off" maxlength="20"
                    aria-label="{{ $row['parameter']->label() }}, {{ $words }}" aria-describedby="e-{{ $field }}-{{ $name }}" @error("$field.$name")
                    aria-invalid="true" @enderror>@if($field === 'swing')<span class="unit">{{ $row['swingUnit'] }}</span>@endif</span><p class="fault"
                    id="e-{{ $field }}-{{ $name }}">@error("$field.$name"){{ $message }}@enderror</p>@endif</td>
            @endforeach</tr>
        @endforeach
        </tbody></table>
        <div class="acts"><button class="act large">Keep</button></div>
    </form>
    <h2 id="made">The nitrate it makes</h2>
    <x-findings :findings="[$page->finding()]"/>
    @if($page->routine())<p>{{ $page->routine() }}</p>@endif
    @if($page->passive() !== [])
        <h2>What comes and goes by itself</h2>
        <x-findings :findings="$page->passive()"/>
    @endif
    <details class="more"><summary>How it is known</summary>
        <p>Between changes each of them rises or falls in a straight line, and each change takes its share and brings what the new water holds. Cresco asks
            with which rate all of your readings of the last half year, each with its own band, fit best, and weighs that against the guess. A top-up adds what
            its water holds. A reading that fits none of the others is left out and said. What comes of it counts at once, everywhere.</p>
    </details>
</x-layout>
