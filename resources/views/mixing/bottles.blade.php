<x-layout :title="__('bench.bottles.stock_solutions')">
    <h1>{{ __('bench.bottles.this_recipe_as') }}</h1>
    <form class="plain-form" method="get" action="/mix-water/bottles" novalidate>
        @foreach($query as $name => $value)
            @if(is_array($value))@foreach($value as $key => $one)@if(is_scalar($one))<input type="hidden"
                name="{{ $name }}[{{ $name === 'cap' ? $key : '' }}]" value="{{ $one }}">@endif @endforeach
            @elseif(is_scalar($value))<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endif
        @endforeach
        <div class="row-fields">
            <div class="field"><label for="f-per_litre">{{ __('bench.bottles.of_each_bottle') }}</label><span class="entry"><input id="f-per_litre"
                name="per_litre" value="{{ is_scalar(request('per_litre')) ? request('per_litre') : $format::plain($bottles->perLitre, 2) }}"
                inputmode="decimal" aria-describedby="e-per_litre"><span class="unit">mL</span></span><p class="fault"
                id="e-per_litre">{{ $bottles->faults['per_litre'] ?? '' }}</p></div>
            <div class="field"><label for="f-bottle">{{ __('bench.bottles.bottle_size') }}</label><span class="entry"><input id="f-bottle" name="bottle"
                value="{{ is_scalar(request('bottle')) ? request('bottle') : $format::plain($bottles->bottle, 0) }}" inputmode="decimal"
                aria-describedby="e-bottle"><span class="unit">mL</span></span><p class="fault" id="e-bottle">{{ $bottles->faults['bottle'] ?? '' }}</p></div>
        </div>
        <button class="act">{{ __('act.work_out') }}</button>
    </form>
    <p class="lead-line">{{ __('bench.bottles.a_full_set') }} <b class="num">{{ $show->volume($bottles->treats) }}</b> {{ __('bench.bottles.of_this_blend')
        }}</p>
    @forelse($bottles->bottles as $i => $bottle)
        <section class="bottle"><h2>{{ __('bench.bottles.bottle', ['what' => chr(65 + $i % 26)]) }}</h2><ul>@foreach($bottle as $part)<li>{{ $part
            }}</li>@endforeach</ul>
        <p class="muted">{{ __('bench.bottles.dissolve_in_about', ['what' => $format::plain($bottles->bottle, 0)]) }}</p>
        </section>
    @empty
        <p>{{ __('bench.bottles.nothing_in_this') }}</p>
    @endforelse
    @foreach($bottles->left as $line)<x-finding tone="heed"><b>{{ __('bench.bottles.not_as_a') }}</b> {{ $line }}</x-finding>@endforeach
    @if($bottles->apart !== [])<h2>{{ __('bench.bottles.keep_apart_in') }}</h2><ul>@foreach($bottles->apart as $line)<li>{{ $line }}</li>@endforeach</ul>
    <p class="muted">{{ __('bench.bottles.in_the_batch') }}</p>@endif
    <p class="muted">{{ __('bench.bottles.label_each_bottle') }}</p>
    <p><a class="act quiet" href="/mix-water?{{ http_build_query($query) }}">{{ __('bench.bottles.back_to_mix') }}</a></p>
</x-layout>
