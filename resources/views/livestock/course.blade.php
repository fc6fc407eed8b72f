<x-layout :title="__('animals.course_page.title', ['what' => $arrival->what, 'tank' => $tank->name])" :loop="$loop">
    <div class="page-head"><h1>{{ $arrival->what }}</h1><a class="act quiet" href="/tanks/{{ $tank->id }}/livestock">{{ __('animals.course.livestock')
        }}</a></div>
    @php($here = $page->here())
    @if($here)
    <section class="let-in" data-let-in aria-labelledby="step-title">
        <p class="muted">{{ $page->title() }}. {{ __('animals.course.place', ['now' => $arrival->step + 1, 'all' => count($page->steps())]) }}</p>
        <h2 id="step-title">{{ $here['title'] }}</h2>
        <p class="lead-line">{{ $here['text'] }}</p>
        @if($page->rings())<p class="timer" role="timer" data-rings="{{ $page->rings() }}"
            data-now="{{ now()->getTimestamp() }}" data-up="{{ __('run.show.time_up') }}"
            >{{ max(0, (int) ceil(($page->rings() - now()->getTimestamp()) / 60)) }} min</p>@endif
        @if($page->ammonia() && $arrival->step < 4)<x-finding :tone="$page->isDanger() ? 'beyond' : 'note'">{{ $page->ammonia() }}</x-finding>@endif
        @if($page->along() !== [])<table class="plain drip-course"><thead><tr><th scope="col">{{ __('animals.course.at') }}</th>
            <th scope="col">{{ __('animals.course.holds') }}</th><th scope="col">{{ __('animals.course.shows') }}</th></tr></thead><tbody>
            @foreach($page->along() as $row)<tr @class(['past' => $row['past']])><td class="num">{{ $row['at'] }}</td>
            <td class="num">{{ $row['litres'] }}</td><td class="num">{{ $row['conductivity'] }}</td></tr>@endforeach</tbody></table>@endif
        <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/new-arrivals/{{ $arrival->id }}/step" novalidate>@csrf
            <input type="hidden" name="step" value="{{ $arrival->step }}">
            @if($page->along() !== [])<x-field small name="pen" :label="__('animals.course.pen')" mode="decimal"
                :unit="$show->unit($choices::parameter('conductivity'))->label"/>@error('pen')<label class="tick"><input type="checkbox"
                name="anyway" value="1"> {{ __('animals.course.continue_anyway') }}</label>@enderror @endif
            @if($page->isLast())<x-field small name="days" :label="__('animals.course.days')" :unit="__('names.days')" mode="numeric"
                :value="$page->days()"/>@endif
            <button class="act go">{{ $page->isLast() ? __('animals.course.last') : __('animals.course.go') }}</button>
        </form>
    </section>
    @else
    <p class="lead-line">{{ $page->apart() }}</p>
    @if($arrival->quarantine_until !== null && $arrival->ended_at === null)
    <form class="act-line" method="post" action="/tanks/{{ $tank->id }}/new-arrivals/{{ $arrival->id }}">@csrf<a
        @class(['act', 'quiet' => $page->isOver()]) href="/tanks/{{ $tank->id }}/test">{{ __('animals.course.test_the_water') }}</a>
        <button @class(['act', 'quiet' => !$page->isOver()])>{{ __('animals.course.end_quarantine') }}</button></form>
    @endif
    @endif
    <ol class="way">@foreach($page->steps() as $step)<li class="{{ $step['state'] }}" @if($step['state'] === 'here') aria-current="step" @endif>
        <b>{{ $step['title'] }}</b>@if($step['minutes'] > 0), <span class="num">{{ $format::minutes($step['minutes']) }}</span>@endif
        @if($step['state'] === 'next' || $here === null)<br>{{ $step['text'] }}@endif</li>@endforeach</ol>
    @if($page->sort() === 'plant')<p class="caution"><x-icon name="exclamation-triangle"/> {{ __('animals.plants') }}</p>@endif
    @if($here)<form method="post" action="/tanks/{{ $tank->id }}/new-arrivals/{{ $arrival->id }}">@csrf @method('delete')<button
        class="act quiet">{{ __('animals.course.stop') }}</button></form>@endif
</x-layout>
