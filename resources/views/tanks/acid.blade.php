<x-layout :title="'Lower KH in '.$tank->name" :loop="$loop">
    <h1>Lower KH in {{ $tank->name }}</h1>
    @if($page->working && $page->millilitres > 0)<p class="lead-line"><b class="num">{{ $page->amount() }}</b></p>@endif
    <x-findings :findings="$page->findings()"/>
    @if($page->rows() !== [])
    <table class="plain"><caption class="visually-hidden">What the acid does</caption><thead><tr><th scope="col">Figure</th><th scope="col">before</th>
    <th scope="col">{{ __('acid.alone') }}</th>@if($page->millilitres > 0)<th scope="col">{{ __('acid.with') }}</th>@endif</tr></thead><tbody>
    @foreach($page->rows() as [$what, $before, $alone, $after])<tr><th scope="row">{{ $what }}</th><td class="num">{{ $before }}</td>
    <td class="num">{{ $alone }}</td>@if($page->millilitres > 0)<td class="num"><b>{{ $after }}</b></td>@endif</tr>@endforeach
    </tbody></table>
    @endif
    @php($entry = fn (string $name) => $page->typed[$name])
    <form class="plain-form" method="get" action="/tanks/{{ $tank->id }}/lower-kh" novalidate>
        <fieldset><legend>The water it goes into</legend><div class="row-fields">
            <div class="field"><label for="f-water">water</label>
            <select id="f-water" name="water">@foreach(App\View\AcidPage::waters($tank) as $key => $name)<option value="{{ $key }}"
                @selected((string) $key === $entry('water'))>{{ $name }}</option>@endforeach</select>
            <p class="fault" id="e-f-water">{{ $errors->first('water') }}</p></div>
            <x-change-entry name="litres" label="so much of it" :value="$entry('litres')" :unit="$show->volumes()->label"/>
            <div class="field"><label for="f-way">it goes into the tank as</label><select id="f-way" name="way">
            <option value="change" @selected($entry('way') !== 'top_up')>a change</option>
            <option value="top_up" @selected($entry('way') === 'top_up')>top-up</option></select></div>
        </div></fieldset>
        <fieldset><legend>The acid</legend><div class="row-fields">
            <div class="field"><label for="f-kind">acid</label><select id="f-kind" name="kind">
                @foreach($page->kinds() as $kind => $word)<option value="{{ $kind }}" @selected($entry('kind') === $kind)>{{ $word }}</option>@endforeach
            </select><p class="fault" id="e-f-kind">{{ $errors->first('kind') }}</p></div>
            <x-change-entry name="percent" label="strength by weight" :value="$entry('percent')" unit="%"/>
            <x-change-entry name="acid" label="so much, or “20 drops”" :value="$entry('acid')" unit="mL"/>
            <x-change-entry name="to" label="or down to a KH of" :value="$entry('to')" :unit="$page->unit()->label"/>
        </div></fieldset>
        <button class="act">Work it out</button>
    </form>
    <p class="caution"><x-icon name="exclamation-triangle"/> {{ $caution }} Dilute a strong one first, measure with a syringe of its own, keep it away from
        chlorine bleach, and lock it up.</p>
    @if($page->working && $page->millilitres > 0)
    <form class="inline-form" method="post" action="/tanks/{{ $tank->id }}/lower-kh">@csrf
        @foreach($page->typed as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
        @if($page->batch)<label class="tick"><input type="checkbox" name="batch"
            value="1"> into all of the batch that {{ $page->water->name }} was made as</label>@endif
        <button class="act quiet">It is in: write it down</button>
    </form>
    <details class="more"><summary>How it is reckoned</summary>
    <div class="open-working">@include('parts.working', ['working' => $page->dose]) @include('parts.working', ['working' => $page->working])</div></details>
    @endif
</x-layout>
