@php($old = fn (string $field, string $name, string $otherwise): string => is_string(old("$field.$name")) ? old("$field.$name") : $otherwise)
<x-layout :title="__('needs.page.title', ['tank' => $tank->name])" :loop="$loop">
    <div class="page-head"><h1>{{ __('needs.page.targets_of', ['tank' => $tank->name]) }} <x-term key="target_range"/></h1><p class="muted">{{
        label($tank->animals) }}</p></div>
    <p>{{ __('needs.page.grey_values_are') }} <a href="/estimates">{{ __('needs.page.estimates') }}</a> {{ __('needs.page.until_your_log') }}</p>
    <form method="post" action="/tanks/{{ $tank->id }}/targets" novalidate>@csrf @method('put')
        <table class="plain needs"><thead><tr><th scope="col">{{ __('needs.page.parameter') }}</th><th scope="col">{{ __('needs.page.from') }}</th><th
            scope="col">{{ __('needs.page.to') }}</th>
        <th scope="col">{{ __('needs.page.max_change_per') }}</th></tr></thead><tbody>
        @foreach($page->rows() as $row)
            @php($name = $row['parameter']->value)
            <tr><th scope="row"><x-term :key="$row['parameter']->value" :tank="$tank">{{ label($row['parameter']) }}</x-term> <small>{{ $row['unit']
                }}</small></th>
            @foreach(['low' => [$row['low'], $row['usualLow'], __('needs.page.from')], 'high' => [$row['high'], $row['usualHigh'], __('needs.page.to')],
                'swing' =>
                [$row['swing'], $row['usualSwing'], __('needs.page.max_change_per')]] as $field => [$value, $usual, $words])
                <td>@if($value !== null)<span class="entry"><input id="f-{{ $field }}-{{ $name }}" name="{{ $field }}[{{ $name }}]"
                    value="{{ $old($field, $name, $value) }}" placeholder="{{ $usual }}" inputmode="decimal" autocomplete="off" maxlength="20"
                    aria-label="{{ label($row['parameter']) }}, {{ $words }}" aria-describedby="e-{{ $field }}-{{ $name }}" @error("$field.$name")
                    aria-invalid="true" @enderror>@if($field === 'swing')<span class="unit">{{ $row['swingUnit'] }}</span>@endif</span><p class="fault"
                    id="e-{{ $field }}-{{ $name }}">@error("$field.$name"){{ $message }}@enderror</p>@endif</td>
            @endforeach</tr>
        @endforeach
        </tbody></table>
        <div class="acts"><button class="act large">{{ __('act.save') }}</button></div>
    </form>
    <h2 id="made">{{ __('needs.page.daily_nitrate_rise') }}</h2>
    <x-findings :findings="[$page->finding()]"/>
    @if($page->routine())<p>{{ $page->routine() }}</p>@endif
    @if($page->passive() !== [])
        <h2>{{ __('needs.page.daily_drift_of') }}</h2>
        <x-findings :findings="$page->passive()"/>
    @endif
    <details class="more" @sure><summary>{{ __('needs.page.how_is_this') }}</summary>
        <p>{{ __('needs.page.between_water_changes') }}</p>
    </details>
</x-layout>
