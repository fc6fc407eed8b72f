<x-layout :title="__('animals.arrival.title', ['tank' => $tank->name])" :loop="$loop">
    <div class="page-head"><h1>{{ __('animals.arrival.new_arrivals_for', ['tank' => $tank->name]) }} <x-term key="acclimation"/></h1><a class="act quiet"
        href="/tanks/{{ $tank->id }}/livestock">{{ __('animals.arrival.livestock') }}</a></div>
    <form class="plain-form" method="get" action="/tanks/{{ $tank->id }}/new-arrival" novalidate>
        <div class="row-fields">
        <x-choice name="sort" :label="__('animals.arrival.what_arrived')" :options="['fish' => __('animals.sort.fish'), 'shrimp' => __('animals.sort.shrimp'),
            'snail' => __('animals.sort.snail'), 'plant' => __('animals.sort.plant')]" :value="request()->query('sort', 'fish')"/>
        <x-field name="conductivity" :label="__('animals.arrival.tds_ec_in')" :unit="$show->unit($choices::parameter('conductivity'))->label"
            mode="decimal"
            :value="request()->query('conductivity')"/>
        <x-field name="hardness" :label="__('animals.arrival.or_its_gh')" :unit="$show->unit($choices::parameter('general_hardness'))->label"
            mode="decimal"
            :value="request()->query('hardness')"/>
        <x-field name="litres" :label="__('animals.arrival.water_in_the')" :unit="$show->volumes()->label" mode="decimal"
            :value="request()->query('litres', '1')"/>
        <x-field name="hours" :label="__('animals.arrival.time_in_transit')" unit="h" mode="decimal" :value="request()->query('hours', '1')"/>
        <x-field name="ammonium" :label="__('animals.arrival.ammonium_in_it')" :unit="$show->unit($choices::parameter('ammonium'))->label"
            mode="decimal"
            :value="request()->query('ammonium')"/>
        <x-field name="ph" :label="__('animals.arrival.ph_in_it')" mode="decimal" :value="request()->query('ph')"/>
        </div><button class="act">{{ __('animals.arrival.how_to_acclimate') }}</button>
    </form>
    @if($page->plan)
    <section class="arrive" aria-labelledby="way-title"><h2 id="way-title">{{ $page->title() }}</h2><p>{{ $page->why() }}</p>
        @if($page->ammonia())<x-finding :tone="$page->isDanger() ? 'beyond' : 'note'">{{ $page->ammonia() }} <a data-working="ammonia"
            href="/tanks/{{ $tank->id }}/new-arrival?{{ http_build_query(['working' => 'ammonia'] + request()->query()) }}">{{ __('act.working')
                }}</a></x-finding>@endif
        <ol class="way">@foreach($page->steps() as $step)<li><b>{{ $step['title'] }}</b>@if($step['minutes'] > 0), <span
            class="num">{{ $format::minutes($step['minutes']) }}</span>@endif<br>{{ $step['text'] }}</li>@endforeach</ol>
        @if($page->working('drip'))<p><a data-working="drip"
            href="/tanks/{{ $tank->id }}/new-arrival?{{ http_build_query(['working' => 'drip'] + request()->query()) }}">{{ __('act.working') }}</a></p>@endif
        @if($page->sort() === 'plant')<p class="caution"><x-icon name="exclamation-triangle"/> {{ __('animals.plants') }}</p>@endif
        <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/new-arrivals" novalidate>@csrf
            @foreach(['sort', 'conductivity', 'hardness', 'litres', 'hours', 'ammonium', 'ph'] as $field)<input type="hidden" name="{{ $field }}"
                value="{{ is_scalar(request()->query($field)) ? request()->query($field) : '' }}">@endforeach
            <x-field name="what" :label="__('act.name')"/><button class="act">{{ __('animals.course.act') }}</button></form>
    </section>
    @includeWhen($isWorkingAsked, 'parts.open-working')
    @endif
</x-layout>
