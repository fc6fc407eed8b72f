{{-- What is done about it, its check-ups, and how it ended. --}}
<div class="sheet asking" id="asking">
    <section class="board" id="do" aria-labelledby="plan-title">
        @foreach($page->underWay() as $treatment)
        <form @class(['check-up', 'due' => $page->isDue($treatment)]) method="post" action="{{ $page->url() }}/treatments/{{ $treatment->id }}">@csrf
            <h2>{{ __('inquiry.check.head', ['what' => mb_strtolower(__('inquiry.remedies.'.$treatment->remedy->value.'.name'))]) }}
                <small>{{ __('inquiry.check.due', ['day' => $page->day($treatment->check_on)]) }}</small></h2>
            <p>{{ $problemWords::expects($treatment) }}.</p>
            <label class="tick"><input type="checkbox" name="goes_on" value="1" checked> {{ __('inquiry.check.instead', ['remedy' =>
                mb_strtolower(__('inquiry.remedies.'.$treatment->remedy->instead($page->tank->needs())->value.'.name'))]) }}</label>
            <p class="pair">@foreach($choices::all('treatment_result') as $result)<button @class(['act', 'quiet' => !$page->isDue($treatment)]) name="result"
                value="{{ $result->value }}">{{ __('inquiry.check.'.$result->value) }}</button> @endforeach</p>
            <p class="fault" id="e-f-result-{{ $treatment->id }}">{{ $errors->first('result') }}</p>
        </form>
        @endforeach
        @if($page->problem->ended_at)
        <h2 id="plan-title">{{ __('inquiry.ended') }}</h2>
        <p class="does">{{ __('inquiry.end.ended', ['day' => $page->show->day($page->problem->ended_at)]) }}:
            {{ __('inquiry.end.outcomes.'.$page->problem->outcome?->value) }}.</p>
        @if($page->problem->cause)<p>{{ __('inquiry.end.cause') }}:
            {{ $problemWords::cause($page->problem->cause, $page->problem->about) }}.</p>@endif
        <form method="post" action="{{ $page->url() }}/again">@csrf<button class="act quiet">{{ __('inquiry.end.reopen') }}</button></form>
        @else
        <h2 id="plan-title">{{ __('inquiry.now.head') }}</h2>
        @if(!$page->of->isAboutLeaves())
        <form class="aim" method="post" action="{{ $page->url() }}">@csrf @method('put')
            <x-choice name="aim" :label="__('inquiry.aim.label')" :value="$page->problem->aim->value"
                :options="$choices::options('aim')"/>
            <button class="act quiet">{{ __('act.save') }}</button>
        </form>
        @if($page->problem->aim->value !== 'none')<p>{{ __('inquiry.aim.'.$page->problem->aim->value.'_word') }}</p>@endif
        @endif
        <form method="post" action="{{ $page->url() }}/treatments">@csrf
            <p class="hint">{{ __('inquiry.now.lead') }}</p>
            <p class="fault" id="e-f-remedies">{{ $errors->first('remedies') ?: $errors->first('remedies.*') }}</p>
            @foreach($page->proposals() as $proposal)
            <div class="remedy">
                <label class="tick"><input type="checkbox" name="remedies[]" value="{{ $proposal->remedy->value }}"
                    @checked($proposal->ticked) @disabled($proposal->planned)> <b>{{ $proposal->name() }}</b>
                    @if($proposal->because)<span>{{ __('inquiry.now.because', ['cause' => lcfirst($proposal->because)]) }}</span>@endif
                    @if($proposal->planned)<span>{{ __('inquiry.now.already', ['day' => $page->day($proposal->planned)]) }}</span>@endif</label>
                <p>{{ $proposal->how }} @foreach($proposal->workings as $name)<a
                    href="?{{ http_build_query(['working' => $name, 'grams' => $page->grams]) }}" data-working="{{ $name }}"
                    >{{ __('inquiry.working.'.$name) }}</a> @endforeach</p>
                @foreach($proposal->cautions as $caution)<p class="caution">{{ $caution }}</p>@endforeach
                <p class="hint">{{ __('inquiry.now.grade', ['grade' => label($proposal->remedy->grade())]) }} · {{ __('inquiry.now.on', ['day' =>
                    $page->checkDay($proposal->remedy)]) }}:
                    {{ __('inquiry.remedies.'.$proposal->remedy->value.'.expects') }}</p>
            </div>
            @endforeach
            <p class="stay"><button class="act">{{ __('inquiry.now.choose') }}</button></p>
        </form>
        @if(!$page->of->isAboutLeaves())
        <form class="mass" method="get" action="{{ $page->url('now') }}">
            <x-field name="grams" :label="__('inquiry.mass')" :value="request()->query('grams', $page->grams)"
                unit="g" mode="decimal" :help="__('inquiry.mass_help')"/>
            <button class="act quiet">{{ __('inquiry.reckon') }}</button>
        </form>
        @endif
        @endif
    </section>
    <aside class="side right" aria-label="{{ __('inquiry.now.checks') }}">
        @if($page->looked() !== [])
        <h2>{{ __('inquiry.now.checks') }}</h2>
        @foreach($page->looked() as $treatment)<p class="found">{{ __('inquiry.remedies.'.$treatment->remedy->value.'.name') }}:
            {{ __('inquiry.check.was.'.$treatment->result?->value) }}<br><small>{{ $page->show->day($treatment->checked_at) }}</small></p>@endforeach
        @endif
        @if(!$page->problem->ended_at)
        <h2 id="end-title">{{ __('inquiry.end.head') }}</h2>
        <form method="post" action="{{ $page->url() }}/end">@csrf
            @if(!$page->of->isAboutLeaves())<x-choice name="kind" :label="__('inquiry.end.kind')" :value="$page->held()?->key"
                :options="['' => __('inquiry.end.none')] + $page->kinds()"/>@endif
            <x-choice name="cause" :label="__('inquiry.end.cause')" :options="['' => __('inquiry.end.none')] + $page->causes()"/>
            <x-choice name="outcome" :label="__('inquiry.end.outcome')"
                :options="$choices::options('treatment_result')"/>
            <button class="act quiet">{{ __('inquiry.end.act') }}</button>
            <p class="hint">{{ __('inquiry.end.why') }}</p>
        </form>
        @endif
    </aside>
</div>
