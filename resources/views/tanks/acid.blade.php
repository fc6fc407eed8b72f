<x-layout :title="__('acid.page.title', ['tank' => $tank->name])" :loop="$loop">
    <h1>{{ __('acid.page.lower_kh_in', ['tank' => $tank->name]) }} <x-term key="carbonate_hardness"/></h1>
    @if($page->working && $page->millilitres > 0)<p class="lead-line"><b class="num">{{ $page->amount() }}</b></p>@endif
    <x-findings :findings="$page->findings()"/>
    @if($page->rows() !== [])
    <table class="plain"><caption class="visually-hidden">{{ __('acid.page.what_the_acid') }}</caption><thead><tr><th scope="col">{{ __('acid.page.value')
        }}</th><th scope="col">{{ __('acid.page.before') }}</th>
    <th scope="col">{{ __('acid.alone') }}</th>@if($page->millilitres > 0)<th scope="col">{{ __('acid.with') }}</th>@endif</tr></thead><tbody>
    @foreach($page->rows() as [$what, $before, $alone, $after])<tr><th scope="row">{{ $what }}</th><td class="num">{{ $before }}</td>
    <td class="num">{{ $alone }}</td>@if($page->millilitres > 0)<td class="num"><b>{{ $after }}</b></td>@endif</tr>@endforeach
    </tbody></table>
    @endif
    @php($entry = fn (string $name) => $page->typed[$name])
    <form class="plain-form" method="get" action="/tanks/{{ $tank->id }}/lower-kh" novalidate>
        <fieldset><legend>{{ __('acid.page.the_water_you') }}</legend><div class="row-fields">
            <div class="field"><label for="f-water">{{ __('acid.page.water') }}</label>
            <select id="f-water" name="water">@foreach($page::waters($tank) as $key => $name)<option value="{{ $key }}"
                @selected((string) $key === $entry('water'))>{{ $name }}</option>@endforeach</select>
            <p class="fault" id="e-f-water">{{ $errors->first('water') }}</p></div>
            <x-change-entry name="litres" :label="__('acid.page.how_much_of')" :value="$entry('litres')" :unit="$show->volumes()->label"/>
            <div class="field"><label for="f-way">{{ __('acid.page.it_goes_into') }}</label><select id="f-way" name="way">
            <option value="change" @selected($entry('way') !== 'top_up')>{{ __('acid.page.a_water_change') }}</option>
            <option value="top_up" @selected($entry('way') === 'top_up')>{{ __('acid.page.top_off') }}</option></select></div>
        </div></fieldset>
        <fieldset><legend>{{ __('acid.page.the_acid') }}</legend><div class="row-fields">
            <div class="field"><label for="f-kind">{{ __('acid.page.acid') }}</label><select id="f-kind" name="kind">
                @foreach($page->kinds() as $kind => $word)<option value="{{ $kind }}" @selected($entry('kind') === $kind)>{{ $word }}</option>@endforeach
            </select><p class="fault" id="e-f-kind">{{ $errors->first('kind') }}</p></div>
            <x-change-entry name="percent" :label="__('acid.page.strength_by_weight')" :value="$entry('percent')" unit="%"/>
            <x-change-entry name="acid" :label="__('acid.page.how_much_or')" :value="$entry('acid')" unit="mL"/>
            <x-change-entry name="to" :label="__('acid.page.or_down_to')" :value="$entry('to')" :unit="$page->unit()->label"/>
        </div></fieldset>
        <button class="act">{{ __('act.work_out') }}</button>
    </form>
    <p class="caution"><x-icon name="exclamation-triangle"/> {{ __('acid.page.dilute_a_strong', ['what' => $caution]) }}</p>
    @if($page->working && $page->millilitres > 0)
    <form class="inline-form" method="post" action="/tanks/{{ $tank->id }}/lower-kh">@csrf
        @foreach($page->typed as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
        @if($page->batch)<label class="tick"><input type="checkbox" name="batch"
            value="1"> {{ __('acid.page.into_the_whole', ['name' => $page->water->name]) }}</label>@endif
        <button class="act quiet">{{ __('acid.page.added_log_it') }}</button>
    </form>
    <details class="more" @sure><summary>{{ __('act.working') }}</summary>
    <div class="open-working">@include('parts.working', ['working' => $page->dose]) @include('parts.working', ['working' => $page->working])</div></details>
    @endif
</x-layout>
