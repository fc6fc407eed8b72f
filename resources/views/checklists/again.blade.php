<x-layout :title="__('run.again.title', ['tank' => $checklist->tank->name])" bare>
<div class="run again">
    <header class="run-head"><a
        href="/checklists/{{ $checklist->id }}">{{ $checklist->tank->name }}</a><span>{{ __('run.again.plan_the_rest') }}</span></header>
    <div class="run-body">
    <h1>{{ __('run.again.from_here_on') }}</h1>
    <form method="get" action="/checklists/{{ $checklist->id }}/again" novalidate>
        <div class="row-fields">
            <x-change-entry name="level" :label="__('run.again.water_level_now')" :value="$typed['level']" :unit="$show->levels()->label"/>
            <x-change-entry name="litres" :label="__('run.again.drain_in_all')" :value="$typed['litres']" :unit="$volume->label()"/>
            <x-change-entry name="minutes" :label="__('run.again.minutes_left_if')" :value="$typed['minutes']" unit="min"/>
        </div>
        <button class="act quiet">{{ __('act.work_out') }}</button>
    </form>
    @if($new)
    @if($new->asksForAnother())<x-finding tone="heed"><b>{{ __('run.again.your_tests_call') }}</b> {{ __($new->isUnderWay ? 'run.again.needs_each' :
        'run.again.needs', ['goal' => $new->goalInWords(), 'litres' => $show->volume($new->advised)]) }} <a
        href="/checklists/{{ $checklist->id }}/again?{{ http_build_query(['litres' => $format::plain($volume->fromLitres($new->advised),
            1)] + $typed) }}">{{ __('run.again.use_it') }}</a></x-finding>@endif
    <x-findings :findings="$findings"/>
    <p class="line">@if($new->toFill !== null)<b class="num">{{ __('run.to_fill', ['litres' => $show->volume($new->toFill, 1)]) }}</b>
        @elseif($new->left < 0.1){{ __('run.again.nothing_more_to') }} @else<b class="num">{{ $show->volume($new->left, 1) }}</b> {{
            __('run.again.still_to_drain') }} <b
        class="num">{{ $show->level($new->mark) }}</b> {{ __('run.again.below_the_rim') }}
        @endif {{ __('run.again.new_water_in', ['share' => $show->percent($new->share), 'litres' => $show->volume($new->refill)]) }}</p>
    <p class="why">{{ __('run.again.the_rest_takes', ['minutes' => $format::minutes($new->minutes)]) }}
        @if($checklist->tank->fish_height > 0){{ __('run.again.fish_have_of', ['level' => $show->level($new->depth())]) }} @endif</p>
    <p class="why">{{ __('run.again.after_it') }} @foreach($new->after() as [$name, $value]){{ $name }} {{ $value }}@if(!$loop->last) · @endif @endforeach</p>
    @if($fallen = $new->fallen())<x-finding tone="heed"><b>{{ __('run.again.left_for_next') }}</b>
        {{ $names::list(array_map(fn ($s) => lcfirst($s->title()), $fallen)) }}.</x-finding>@endif
    <form method="post" action="/checklists/{{ $checklist->id }}/again">@csrf
        @foreach($typed as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
        <button class="act large">{{ __('run.again.continue_with_this') }}</button>
    </form>
    @endif
    </div>
</div>
</x-layout>
