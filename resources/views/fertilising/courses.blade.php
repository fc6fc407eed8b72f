@php($show = $page->show)
{{-- What is not tried keeps its place where the page has it already. --}}
@foreach(['gas' => null, ...$page->places, 'missed' => null] as $name => $strip)
@if($page->isPart() && $strip === null)
<div id="found-{{ $name }}" hidden hx-preserve></div>
@else
<div id="found-{{ $name }}" class="course-found">
    @foreach($page->findings($name) as $finding)
    <x-finding :tone="$finding->tone"><b>{{ $finding->head }}</b> {{ $finding->text }}</x-finding>
    @endforeach
</div>
@endif
@endforeach
<input type="hidden" name="drawn" form="trial" value="{{ implode(' ', $page->moved) }}">
@if($page->trial->isOne())<p class="tried" role="status">{{ __('food.tried') }}</p>@endif
<div class="courses">
@foreach($page->places as $name => $strip)
    @if($strip === null)<div id="course-{{ $name }}" hidden hx-preserve></div>@else @include('fertilising.course')@endif
@endforeach
    @if($page->isPart())
    <div id="course-gas" hidden hx-preserve></div>
    @else
    @includeWhen($page->gas !== null, 'fertilising.gas')
    @endif
</div>
<p class="key">{{ __('food.key') }}</p>
@isset($faults)
    <div id="course-table" hx-swap-oob="innerHTML">@include('fertilising.table')</div>
    @foreach($page->goals() as $plan)
    <p class="fault" id="e-f-what-{{ $plan->id }}" hx-swap-oob="true">{{ $faults->first('what.'.$plan->id) }}</p>
    @endforeach
    <p class="fault" id="e-f-share" hx-swap-oob="true">{{ $faults->first('share') }}</p>
    @if($tank->food_grams)<p class="fault" id="e-f-meals" hx-swap-oob="true">{{ $faults->first('meals') }}</p>@endif
@endisset
