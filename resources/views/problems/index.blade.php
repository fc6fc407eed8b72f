<x-layout :title="__('inquiry.title', ['tank' => $tank->name])" :loop="$loop" wide :act="true">
    <h1 class="visually-hidden">{{ __('inquiry.title', ['tank' => $tank->name]) }}</h1>
    <div class="sheet trouble">
        <section class="board" id="do" aria-labelledby="begin-title">
            <h2 id="begin-title">{{ __('inquiry.begin.growth') }}</h2>
            <p class="lead">{{ __('inquiry.lead') }}</p>
            <details class="acts-now"><summary>{{ __('inquiry.urgent.head') }} <small>{{ __('inquiry.urgent.why') }}</small></summary><ol>
                @foreach(trans('inquiry.urgent.acts') as $act)<li>{{ $act }}</li>@endforeach
            </ol></details>
            <form method="post" action="/tanks/{{ $tank->id }}/problems">@csrf
                <input type="hidden" name="about" value="growth">
                <fieldset class="aims"><legend>{{ __('inquiry.aim.label') }}</legend>@foreach($choices::all('aim') as $aim)<label class="tick"><input
                    type="radio" name="aim" value="{{ $aim->value }}" @checked($aim->value === 'none')> {{ __('inquiry.aim.'.$aim->value) }}</label>
                    @endforeach</fieldset>
                <p class="fault" id="e-f-about">{{ $errors->first('about') }}</p>
                <div class="tiles" role="group" aria-label="{{ __('inquiry.begin.where') }}">
                    @foreach($page->places() as $key => $label)<button class="tile" name="place" value="{{ $key }}"
                        >@include('problems.drawing', ['key' => $key])
                        <span>{{ ucfirst($label) }}</span></button>@endforeach
                </div>
                <p class="fault" id="e-f-place">{{ $errors->first('place') }}</p>
            </form>
            <h2>{{ __('inquiry.begin.leaves') }}</h2>
            <form method="post" action="/tanks/{{ $tank->id }}/problems" class="leaves-form">@csrf
                <input type="hidden" name="about" value="leaves">
                <x-choice name="stand" :label="__('inquiry.begin.which')" :options="['' => __('inquiry.begin.all_plants')] + $page->plantGroups()"/>
                <button class="act">{{ __('inquiry.begin.start_leaves') }}</button>
            </form>
        </section>
        <aside class="side right" aria-labelledby="open-title">
            <h2 id="open-title">{{ __('inquiry.looked_into') }}</h2>
            @forelse($page->open() as $problem)
                <p class="found"><a href="/tanks/{{ $tank->id }}/problems/{{ $problem->id }}{{ $problem->treatments->isEmpty() ? '' : '/now' }}"
                    >{{ $problemWords::title($problem) }}</a><br><small>{{ $page->state($problem) }}</small></p>
            @empty
                <p>{{ __('inquiry.none') }}</p>
            @endforelse
            <h2>{{ __('inquiry.watch.head') }}</h2>
            @forelse($page->moved() as $line)<p>{{ $line }}.</p>@empty<p>{{ __('inquiry.watch.none') }}</p>@endforelse
            <p class="hint">{{ __('inquiry.watch.why') }}</p>
            @if($page->ended() !== [])
                <h2>{{ __('inquiry.ended') }}</h2>
                @foreach($page->ended() as $problem)
                <p class="found"><a href="/tanks/{{ $tank->id }}/problems/{{ $problem->id }}/now">{{ $problemWords::title($problem) }}</a><br>
                    <small>{{ $page->show->day($problem->ended_at) }}, {{ __('inquiry.end.outcomes.'.$problem->outcome?->value) }}</small></p>
                @endforeach
            @endif
        </aside>
    </div>
</x-layout>
