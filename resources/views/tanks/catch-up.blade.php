<x-layout :title="__('catch_up.page.title', ['tank' => $tank->name])" :loop="$loop">
    <div class="page-head"><h1>{{ __('catch_up.page.catching_up') }}</h1></div>
    @foreach($page->urgent as $line)
    <div class="finding beyond" role="alert"><p><b>{{ $line->head }}</b> {{ $line->why }}</p><p>{{ __('standing.ten_minutes') }}</p>
        <ol>@foreach($line->acts as $act)<li>{{ $act }}</li>@endforeach</ol></div>
    @endforeach
    @if($page->since !== null)<p class="lead-line">{{ trans_choice('catch_up.head', $page->since, ['count' => $page->since,
        'every' => $names::days($tank->routine_days)]) }} @if(!$page->isNeglected){{ __('catch_up.fine') }}@endif</p>
    @else<p class="lead-line">{{ __('catch_up.none') }}</p>@endif
    @if(!$page->isNeglected)<p><a class="act" href="/tanks/{{ $tank->id }}/water-change">{{ __('catch_up.page.plan_a_water') }}</a></p>@endif
    <details class="all-the-way" @if($page->isNeglected) open @endif><summary>{{ __('catch_up.steps') }}</summary>
    <p>{{ __('catch_up.level', ['day' => $page->levelOn(),
        'sessions' => trans_choice('catch_up.sessions', count($page->way->sessions), ['count' => count($page->way->sessions)])]) }}</p>
    <ol class="plain-list way-back">
        @foreach($page->sessions() as $line)
        <li><h2>{{ ucfirst($line['day']) }}</h2><ul>@foreach($line['lines'] as $said)<li>{{ $said }}</li>@endforeach</ul>
            @if($line['working'])<p><a href="?working={{ $line['working'] }}" data-working="{{ $line['working'] }}">{{ __('act.working') }}<span
                class="visually-hidden"> {{ __('catch_up.page.of_the_water', ['what' => $line['day']]) }}</span></a></p>@endif
            @if($line['session']->day === 0)<a class="act" href="/tanks/{{ $tank->id }}/test">{{ __('catch_up.page.test_now') }}</a> @endif
            <a class="act quiet" href="{{ $line['url'] }}">{{ __('catch_up.page.plan_this_session') }}<span class="visually-hidden"> {{
                __('catch_up.page.of', ['what' => $line['day']]) }}</span></a></li>
        @endforeach
    </ol>
    <p>{{ __('catch_up.floss') }}</p>
    </details>
    <p class="caution"><x-icon name="exclamation-triangle"/> {{ __('catch_up.rules') }}</p>
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
