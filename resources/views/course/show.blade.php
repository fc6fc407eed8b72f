<x-layout :title="__('course.title', ['tank' => $tank->name])" :loop="$loop" wide>
    <div class="page-head inquiry-head"><h1>{{ __('course.title', ['tank' => $tank->name]) }}</h1>
        @php($stretch = __('course.until', ['span' => trans_choice('course.span', $page->span), 'day' => $page->show->day($page->until)]))
        <nav class="course-moves" aria-label="{{ $stretch }}">
            @foreach($page->moves() as $move => $url)<a class="act quiet" href="{{ $url }}"
                data-move="{{ $move }}">{{ __('course.moves.'.$move) }}</a> @endforeach
        </nav>
    </div>
    <div class="sheet course-page">
        <section class="board">
            <p class="hint">{{ ucfirst($stretch) }}.
                @if($page->window()){{ __('course.window', ['sign' => __('inquiry.short.'.$page->sign)]) }}@endif {{ __('course.key') }}</p>
            @if($page->charts() === [])<p>{{ __('course.empty') }}</p>
            <p><a class="act" href="/tanks/{{ $tank->id }}/test">{{ __('round.act.read') }}</a></p>@else<div class="charts">
                @foreach($page->charts() as $chart)
                <section class="chart-row"><h2>{{ $chart->title }} <small>{{ $chart->unit }}</small></h2>
                    <x-chart :chart="$chart" :marks="$page->marks()" :window="$page->window()"/></section>
                @endforeach
            </div>@endif
            <p><a href="{{ $page->url([], '.svg') }}" download>{{ __('course.svg') }}</a> ·
                <a href="{{ $page->url([], '.csv') }}" download>{{ __('course.csv') }}</a></p>
        </section>
        <aside class="side right">
            <form method="get" action="/tanks/{{ $tank->id }}/charts">
                <input type="hidden" name="span" value="{{ $page->span }}">
                <input type="hidden" name="until" value="{{ $page->show->local($page->until)->format('Y-m-d') }}">
                <fieldset><legend>{{ __('course.pick') }}</legend>
                @foreach($page->series() as $key => $name)<label class="tick"><input type="checkbox" name="series[]" value="{{ $key }}"
                    @checked(in_array($key, $page->picked, true))> {{ $name }}</label>@endforeach</fieldset>
                <button class="act quiet">{{ __('course.show') }}</button>
            </form>
            <h2>{{ __('course.marks') }}</h2>
            <ul class="week" tabindex="0" aria-label="{{ __('course.marks') }}">
                @foreach($page->marks() as $mark)<li>{{ $page->show->day($mark['at']) }}: {{ $mark['title'] }}</li>@endforeach</ul>
        </aside>
    </div>
</x-layout>
