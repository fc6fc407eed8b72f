@php($spoon = $product->spoon())
<x-layout :title="__('shelf.spoon.title', ['name' => $product->name])">
    <div class="page-head"><h1>{{ __('shelf.spoon.a_level_spoon', ['name' => $product->name]) }}</h1><a class="act quiet" href="/supplies/products">{{
        __('shelf.spoon.products') }}</a></div>
    <p class="lead-line">@if($spoon)<b class="num">{{ $names::figure($spoon->mean, 3) }} g</b> ± {{ $names::figure($spoon->spread, 2) }},
        {{ trans_choice('shelf.spoon.from_trials', $spoon->trials, ['count' => $spoon->trials]) }}{{ trans_choice('ledger.aside', $spoon->aside,
        ['count' => $spoon->aside]) }} @else {{ __('shelf.spoon.not_known_yet') }} @endif</p>
    <nav class="kinds" aria-label="{{ __('shelf.spoon.method') }}"><a href="?by=scale" @if($method === 'scale') aria-current="page" @endif>{{
        __('shelf.spoon.by_scale') }}</a> <a href="?by=pen"
        @if($method === 'pen') aria-current="page" @endif>{{ __('shelf.spoon.by_meter') }}</a></nav>
    <form class="plain-form" method="post" action="/products/{{ $product->id }}/trials" novalidate>@csrf<input type="hidden" name="by" value="{{ $method }}">
        <ol class="three">
        <li><h2>{{ __('shelf.spoon.spoon') }}</h2><p>@if($method === 'scale'){{ __('shelf.spoon.zero_the_scale') }} @else {{ __('shelf.spoon.test_a_known')
            }} @endif</p>
            <x-field small name="spoons" :label="__('shelf.spoon.level_spoons')" :value="$method === 'scale' ? '10' : '1'" mode="numeric"/></li>
        @if($method === 'scale')
        <li><h2>{{ __('shelf.spoon.weigh') }}</h2><x-field small name="grams" :label="__('shelf.spoon.all_together')" unit="g"
            mode="decimal"/>@if($hasDevice)<button class="act quiet" name="from"
            value="device">{{ __('shelf.spoon.take_it_from_the') }}</button>@endif</li>
        @else
        <li><h2>{{ __('act.test') }}</h2><div class="row-fields"><x-field small name="litres" :label="__('shelf.spoon.water')"
            :value="$show->volumes()->show(1.0)"
            :unit="$show->volumes()->label" mode="decimal"/><x-field small name="before" :label="__('shelf.spoon.meter_before')" value="0"
            :unit="$show->unit($choices::parameter('conductivity'))->label" mode="decimal"/><x-field small name="rise"
                :label="__('shelf.spoon.meter_after')"
            :unit="$show->unit($choices::parameter('conductivity'))->label" mode="decimal"/></div>
        <p class="muted">{{ __('shelf.spoon.n1_g_in', ['what' => $show->widths($choices::parameter('conductivity'), 1)->text($perGram)])
            }}</p>@if($hasDevice)<button
            class="act quiet" name="from" value="device">{{ __('shelf.spoon.take_it_from') }}</button>@endif</li>
        @endif
        <li><h2>{{ __('act.save') }}</h2><p>{{ __('shelf.spoon.three_trials_on') }}</p><button
            class="act">{{ __('shelf.spoon.save_this_trial') }}</button></li>
        </ol>
    </form>
    @if($product->trials->isNotEmpty())
    <table class="plain"><caption>{{ __('shelf.spoon.trials_newest_first') }}</caption><thead><tr><th>{{ __('shelf.spoon.when') }}</th><th>{{
        __('shelf.spoon.by') }}</th><th>{{ __('shelf.spoon.spoons') }}</th><th>{{ __('shelf.spoon.one_weighs') }}</th>
    <th><span class="visually-hidden">{{ __('act.delete') }}</span></th></tr></thead><tbody>
        @foreach($product->trials->reverse() as $trial)<tr><td>{{ $show->when($trial->taken_at) }}</td><td>{{ __($trial->method === 'pen' ? 'names.meter' :
            'names.scale') }}</td>
        <td class="num">{{ $trial->spoons }}</td><td class="num">{{ $names::figure($trial->grams_each, 3) }} g</td><td>
        <form method="post" action="/products/{{ $product->id }}/trials/{{ $trial->id }}">@csrf @method('delete')<button
            class="quiet">{{ __('act.delete') }}<span
            class="visually-hidden"> {{ __('shelf.spoon.trial_of', ['day' => $show->when($trial->taken_at)]) }}</span></button></form></td></tr>@endforeach
    </tbody></table>
    @endif
</x-layout>
