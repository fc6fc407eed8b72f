<x-layout :title="__('week.supplies.supplies')">
    <div class="page-head"><h1>{{ __('week.supplies.supplies') }}</h1></div>
    <x-supplies-nav/>
    <p class="muted">{{ __('week.supplies.products_with_an') }}</p>
    @if($lines !== [])
    <div class="table-wrap"><table class="plain chores"><thead><tr><th>{{ __('week.supplies.what') }}</th><th>{{ __('week.supplies.in_stock') }}</th><th>{{
        __('week.supplies.used_per_week') }}</th><th>{{ __('week.supplies.lasts') }}</th><th>{{ __('week.supplies.order_or_mix') }}</th>
        <th><span class="visually-hidden">{{ __('week.supplies.actions') }}</span></th></tr>
        </thead><tbody>
        @foreach($lines as $at => $line)
        @php($in = $line['stock']->orderIn())
        <tr><th scope="row">{{ $line['name'] }}</th><td class="num" data-of="{{ __('week.supplies.left') }}">{{
            $names::amount($line['stock']->left, $line['unit']) }}</td>
            <td class="num" data-of="{{ __('week.supplies.takes') }}">{{ $names::amount($line['stock']->weekly, $line['unit']) }}</td>
            <td data-of="{{ __('week.supplies.lasts_for') }}">{{ $line['stock']->lasts() === null ? __('week.supplies.unused') :
                $names::days($line['stock']->lasts()) }}</td>
            <td data-of="{{ __($line['home'] ? 'week.supplies.mix_by' : 'week.supplies.order_by') }}" @class(['short' => $in !== null && $in <= 0])>@if($in
                !== null)<a
                data-working="{{ $at }}"
                href="/supplies?working={{ $at }}">{{ $in <= 0 ? __('week.supplies.now') : $show->date($today->addDays($in)) }}</a>@endif
                @if($line['expires'] !== null) <small @class(['short' => $line['expires'] < 0])>{{ __($line['expires'] < 0 ? 'week.supplies.expired' :
                    'week.supplies.expires',
                ['day' => $show->date($today->addDays($line['expires']))]) }}</small>@endif</td>
            <td>@if($line['supply'])<details><summary>{{ __('week.supplies.count_again') }}<span class="visually-hidden">: {{ $line['name'] }}</span></summary>
                <form class="plain-form" method="post" action="/supplies/{{ $line['supply']->id }}">@csrf @method('put')<div class="row-fields">
                @foreach([['name', __('act.name'), $line['name'], 'text'], ['left', __('week.supplies.in_stock'),
                    $format::plain($line['stock']->left, 1), 'text'],
                    ['unit', __('week.supplies.unit'), $line['unit'], 'text'],
                    ['weekly', __('week.supplies.used_per_week'), $line['supply']->weekly, 'text'], ['lead_days', __('week.supplies.delivery_days'),
                        $line['supply']->lead_days, 'text'],
                    ['expires_on', __('week.supplies.expires_on'), $line['supply']->expires_on?->format('Y-m-d'), 'date']] as [$field, $label, $value, $type])
                    <div class="field small"><label for="s{{ $line['supply']->id }}-{{ $field }}">{{ $label }}</label><input
                        id="s{{ $line['supply']->id }}-{{ $field }}" name="{{ $field }}" type="{{ $type }}" value="{{ $value }}" autocomplete="off"></div>
                @endforeach</div><button class="act quiet">{{ __('act.save') }}</button></form>
                <form method="post" action="/supplies/{{ $line['supply']->id }}">@csrf @method('delete')<button
                    class="act quiet beyond">{{ __('act.delete') }}</button></form>
                </details>@else<a href="/products/{{ $line['jar'] }}/edit">{{ __('week.supplies.in_products') }}</a>@endif</td></tr>
        @endforeach
    </tbody></table></div>
    @else<p>{{ __('week.supplies.nothing_counted_yet') }}</p>
    @endif
    <section aria-labelledby="new-title"><h2 id="new-title">{{ __('week.supplies.add_a_supply') }}</h2>
    <form class="plain-form" method="post" action="/supplies" novalidate>@csrf
        <div class="row-fields"><x-field name="name" :label="__('week.supplies.what')"/><x-field name="left" :label="__('week.supplies.in_stock')"
            mode="decimal"/><x-field name="unit" :label="__('week.supplies.unit')"
            value="g" small/></div>
        <div class="row-fields"><x-field name="weekly" :label="__('week.supplies.used_per_week')" mode="decimal" value="0"/><x-field name="lead_days"
            :label="__('week.supplies.delivery_days')"
            mode="numeric" :value="$lead"/><x-field name="expires_on" :label="__('week.supplies.expires_on')" type="date"/></div>
        <button class="act">{{ __('act.save') }}</button>
    </form></section>
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
