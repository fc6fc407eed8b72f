<x-layout :title="'New arrivals for '.$tank->name" :loop="$loop">
    <div class="page-head"><h1>New arrivals for {{ $tank->name }}</h1><a class="act quiet" href="/tanks/{{ $tank->id }}/livestock">Animals</a></div>
    <form class="plain-form" method="get" action="/tanks/{{ $tank->id }}/new-arrival" novalidate>
        <div class="row-fields">
        <x-choice name="sort" label="In the bag" :options="['fish' => __('animals.sort.fish'), 'shrimp' => __('animals.sort.shrimp'),
            'snail' => __('animals.sort.snail'), 'plant' => __('animals.sort.plant')]" :value="request()->query('sort', 'fish')"/>
        <x-field name="conductivity" label="Pen in the bag" :unit="$show->unit(App\View\Choices::parameter('conductivity'))->label" mode="decimal"
            :value="request()->query('conductivity')"/>
        <x-field name="hardness" label="or GH in it" :unit="$show->unit(App\View\Choices::parameter('general_hardness'))->label" mode="decimal"
            :value="request()->query('hardness')"/>
        <x-field name="litres" label="Water in the bag" :unit="$show->volumes()->label" mode="decimal" :value="request()->query('litres', '1')"/>
        <x-field name="hours" label="On the way" unit="h" mode="decimal" :value="request()->query('hours', '1')"/>
        <x-field name="ammonium" label="Ammonium in it" :unit="$show->unit(App\View\Choices::parameter('ammonium'))->label" mode="decimal"
            :value="request()->query('ammonium')"/>
        <x-field name="ph" label="pH in it" mode="decimal" :value="request()->query('ph')"/>
        </div><button class="act">How to let them in</button>
    </form>
    @if($page->plan)
    <section class="arrive" aria-labelledby="way-title"><h2 id="way-title">{{ $page->title() }}</h2><p>{{ $page->why() }}</p>
        @if($page->ammonia())<p @class(['finding', 'beyond' => $page->isDanger()])>{{ $page->ammonia() }} <a data-working="ammonia"
            href="/tanks/{{ $tank->id }}/new-arrival?{{ http_build_query(['working' => 'ammonia'] + request()->query()) }}">How that was reckoned</a></p>@endif
        <ol class="way">@foreach($page->steps() as $step)<li><b>{{ $step['title'] }}</b>@if($step['minutes'] > 0), <span
            class="num">{{ App\Units\Show::minutes($step['minutes']) }}</span>@endif<br>{{ $step['text'] }}</li>@endforeach</ol>
        @if($page->working('drip'))<p><a data-working="drip"
            href="/tanks/{{ $tank->id }}/new-arrival?{{ http_build_query(['working' => 'drip'] + request()->query()) }}">How that was reckoned</a></p>@endif
        @if($page->sort() === 'plant')<p class="caution"><x-icon name="exclamation-triangle"/> {{ __('animals.plants') }}</p>@endif
        <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/new-arrivals" novalidate>@csrf
            @foreach(['sort', 'conductivity', 'hardness', 'litres', 'hours', 'ammonium', 'ph'] as $field)<input type="hidden" name="{{ $field }}"
                value="{{ is_scalar(request()->query($field)) ? request()->query($field) : '' }}">@endforeach
            <x-field name="what" label="What came"/><button class="act">{{ __('animals.course.act') }}</button></form>
    </section>
    @includeWhen($isWorkingAsked, 'parts.open-working')
    @endif
</x-layout>
