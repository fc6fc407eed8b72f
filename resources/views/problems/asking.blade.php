{{-- The question that tells most, what it comes to, and all other questions. --}}
<div class="sheet asking" id="asking">
    <section class="board" id="do" aria-live="polite" aria-labelledby="asked-title">
        @php($asked = $page->asked())
        @if($asked)
            @php($question = $asked['question'])
            <h2 id="asked-title">{{ __('inquiry.next.head') }}</h2>
            @if($asked['danger'])<p class="caution">{{ __('inquiry.next.danger') }}</p>@endif
            <form class="asked" method="post" action="{{ $page->url() }}/answers" hx-post="{{ $page->url() }}/answers"
                hx-target="#asking" hx-swap="outerHTML">@csrf
                <input type="hidden" name="sign" value="{{ $question->sign->key }}"><input type="hidden" name="part" value="{{ $page->part }}">
                <p class="ask">{{ $question->text() }} <small>{{ __('inquiry.effort.'.$question->sign->effort->value) }}</small></p>
                @if($question->how())<p class="how">{{ $question->how() }}</p>@endif
                <div @class(['tiles' => $question->isDrawn(), 'answers' => !$question->isDrawn()])>
                    @foreach($question->options() as $key => $label)
                    <button @if($loop->first) id="answer-first" @endif @class(['tile' => $question->isDrawn(), 'act' => !$question->isDrawn()]) name="option"
                        value="{{ $key }}">@if($question->isDrawn())@include('problems.drawing', ['key' => $key])@endif
                        <span>{{ $label }}</span></button>
                    @endforeach
                    @unless($question->isDrawn())<button class="act quiet" name="option" value="unknown">{{ __('inquiry.next.skip') }}</button>@endunless
                </div>
                @if($question->isDrawn())<button class="act quiet" name="option" value="unknown">{{ __('inquiry.next.skip') }}</button>@endif
            </form>
        @else
            <h2 id="asked-title">{{ __('inquiry.next.done') }}</h2>
            @if($page->part === 'what' && $page->held())<p class="does"><b>{{ $problemWords::kind($page->held()->key) }}.</b>
                {{ __('inquiry.kinds.'.$page->held()->key.'.does') }}</p>@endif
            @if(!$page->problem->ended_at)<p>{{ __('inquiry.next.done_why') }}</p>@endif
            <p><a class="act" id="answer-first" href="{{ $page->part === 'what' && !$page->of->isAboutLeaves() ? $page->url('why') : $page->url('now') }}"
                >{{ __($page->part === 'what' && !$page->of->isAboutLeaves() ? 'inquiry.parts.why' : 'inquiry.parts.now') }}</a></p>
        @endif
        <details class="all-questions" @if($page->part === 'why') open @endif><summary>{{ __('inquiry.all_questions') }}</summary>
            <div class="questions">
            @foreach($page->questions() as $row)
                <form method="post" action="{{ $page->url() }}/answers" hx-post="{{ $page->url() }}/answers" hx-target="#asking" hx-swap="outerHTML"
                    hx-trigger="change, submit">@csrf
                    <input type="hidden" name="sign" value="{{ $row->sign->key }}"><input type="hidden" name="part" value="{{ $page->part }}">
                    <label for="q-{{ $row->sign->key }}">{{ $row->text() }}@if($row->source()) <small>{{ __('inquiry.diary') }}: {{ $row->held() }}.
                        {{ ucfirst($row->source()) }}.</small>@endif</label>
                    <select id="q-{{ $row->sign->key }}" name="option" @disabled($page->problem->ended_at)>
                        <option value="">{{ $row->source() ? __('inquiry.as_diary') : __('inquiry.unknown') }}</option>
                        @foreach($row->options() as $key => $label)<option value="{{ $key }}" @selected($row->answer === $key)>{{ $label }}</option>@endforeach
                    </select>
                    <noscript><button class="act quiet">{{ __('inquiry.take') }}</button></noscript>
                </form>
            @endforeach
            </div>
        </details>
    </section>
    <aside class="side right" aria-labelledby="likely-title">
        <h2 id="likely-title">{{ __($page->part === 'what' && !$page->of->isAboutLeaves() ? 'inquiry.ranking' : 'inquiry.why.head') }}</h2>
        @if($page->isFresh() && $page->part === 'what')<p class="hint">{{ __('inquiry.fresh') }}</p>@endif
        @if($page->of->isAboutLeaves())<p class="hint">{{ __('inquiry.weak') }}</p>
        @elseif($page->part === 'why')<p class="hint">{{ __('inquiry.why.several') }}</p>@endif
        <ol class="suspects">
            @foreach($page->suspects() as $i => $suspect)
            <li>
                <p class="name">@if($suspect->drawing)@include('problems.drawing', ['key' => $suspect->drawing])@endif
                    <b>{{ $suspect->name }}</b> <span class="belief">{{ __('inquiry.belief.'.$suspect->belief) }}</span><br>
                    <svg class="share" viewBox="0 0 100 6" preserveAspectRatio="none" aria-hidden="true"><rect
                         width="{{ $suspect->width() }}" height="6"/></svg>
                    <small>{{ $suspect->tenths() }}</small></p>
                <p class="looks">{{ $suspect->text }}@if($suspect->aside) <b>{{ $suspect->aside }}</b>@endif</p>
                @if($suspect->bars() !== [])
                <details @if($i === 0 && $page->part === 'why') open @endif><summary>{{ __('inquiry.why.more') }}<span
                    class="visually-hidden">: {{ $suspect->name }}</span></summary>
                    <ul class="weights">
                    @foreach($suspect->bars() as $bar)
                        <li><span>{{ $page->said($bar['sign']) }} <small>{{ $page->source($bar['sign']) }} · {{ $bar['grade'] }}
                            @if($page->courseOf($bar['sign']))<a href="{{ $page->courseOf($bar['sign']) }}">{{ __('course.link') }}</a>@endif</small></span>
                            <svg class="bar" viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden="true">
                                <rect @class(['for' => $bar['for']]) x="{{ $bar['left'] }}" y="1"
                                width="{{ $bar['width'] }}" height="6"/><path d="M50 0v8"/></svg>
                            <span class="num">{{ __('inquiry.decibans', ['value' => $bar['decibans']]) }}<span
                                class="visually-hidden">, {{ __($bar['for'] ? 'inquiry.why.for' : 'inquiry.why.against') }}</span></span></li>
                    @endforeach
                    </ul>
                </details>
                @endif
            </li>
            @endforeach
        </ol>
        @if($page->part === 'why' && $page->open() !== [])
        <h2>{{ __('inquiry.why.unknown') }}</h2>
        <p class="hint">{{ __('inquiry.why.unknown_lead') }}</p>
        <ul class="week">@foreach($page->open() as $row)<li><a href="#q-{{ $row->sign->key }}">{{ $row->text() }}</a>
            <small>{{ __('inquiry.effort.'.$row->sign->effort->value) }}</small></li>@endforeach</ul>
        @endif
        @if($page->rest() > 0)<p class="hint">{{ trans_choice('inquiry.rest', $page->rest(), ['count' => $page->rest()]) }}</p>@endif
        <p class="hint">{{ __('inquiry.grades') }}@if($page->learnedFrom() > 0)
            {{ trans_choice('inquiry.learned', $page->learnedFrom(), ['count' => $page->learnedFrom()]) }}@endif</p>
    </aside>
</div>
