@php($show = $page->show)
<x-layout :title="'Plants of '.$tank->name" :loop="$loop" wide act>
    <h1 class="visually-hidden">Plants of {{ $tank->name }}</h1>
    <p id="said" class="visually-hidden" role="status"></p>
    @if($page->today->stands === [])
    <div class="first-stand">
        <h2>No plants are drawn yet</h2>
        <p>A stand is plants of one kind in one place. Set up, it is drawn at the height it should have today,
            and you read here who takes whose light, what is due and how deep to cut.</p>
        <p>
            <a class="act" id="do" href="/tanks/{{ $tank->id }}/plant-groups/new">Add plants</a>
            <a class="act quiet" href="/tanks/{{ $tank->id }}/light">Set up the lamp</a>
        </p>
    </div>
    @else
    @foreach($page->melting() as $stand)
    <form class="finding heed melt" method="post" action="/tanks/{{ $tank->id }}/plant-groups/{{ $stand->key }}/melt">
        @csrf
        <p><b>{{ __('plants.melt.head', ['name' => $page->words->name($stand)]) }}</b> {{ __('plants.melt.why') }}</p>
        <button class="act quiet">{{ __('plants.melt.done') }}<span class="visually-hidden">: {{ $page->words->name($stand) }}</span></button>
    </form>
    @endforeach
    <form id="plants" class="sheet plants" method="get" action="/tanks/{{ $tank->id }}/maintenance" novalidate
        hx-get="/tanks/{{ $tank->id }}/plants" hx-trigger="input delay:90ms, recompute delay:60ms" hx-target="#answer" hx-swap="innerHTML"
        hx-sync="this:replace" hx-replace-url="true">
        <input type="hidden" name="trim" value="1">
        <input type="hidden" name="tasks[]" value="trim">
        <section class="board" aria-label="The stands to scale">
            <div class="days">
                <label for="day">Look at</label>
                <input id="day" type="range" name="day" min="{{ -$page->back }}" max="{{ App\View\PlantsPage::AHEAD }}" step="1" value="{{ $page->day }}"
                    list="day-marks">
                <datalist id="day-marks"><option value="0" label="today"></option></datalist>
                <span class="day-ends" aria-hidden="true">
                    <span>{{ $page->back > 0 ? 'last cut' : 'today' }}</span><span>four weeks on</span>
                </span>
            </div>
            <div id="answer">@include('plants.answer', ['isPart' => false])</div>
        </section>
        <aside class="side right" aria-label="What is due">
            <div class="stand-acts">
                <button class="act" id="do">Cut in a session</button>
                <button class="act quiet no-script" formaction="/tanks/{{ $tank->id }}/plants">Work it out</button>
                <a class="act quiet" href="/tanks/{{ $tank->id }}/plants/measurements">Measure</a>
                <a class="act quiet" href="/tanks/{{ $tank->id }}/plant-groups/new">Add plants</a>
                <a class="act quiet" href="/tanks/{{ $tank->id }}/light">Light</a>
                <a class="act quiet" href="/tanks/{{ $tank->id }}/fixed-spot">Photos</a>
            </div>
            @if($page->today->light->lamps === [])
            <p class="finding heed"><b>No lamp is set up.</b> Without it nobody knows who stands in whose shade. <a
                href="/tanks/{{ $tank->id }}/light">Set up the lamp</a></p>
            @endif
            <ol class="stands">
                @foreach($page->rows() as $row)
                <li id="stand-{{ $row->stand->key }}" @class(['due' => $row->isDue])>
                    <span class="number" aria-hidden="true">{{ $row->number }}</span>
                    <div class="who">
                        <a href="/tanks/{{ $tank->id }}/plant-groups/{{ $row->stand->key }}"><span
                            class="visually-hidden">{{ $row->number }}. </span><i>{{ $row->stand->name }}</i></a>
                        <small>{{ App\View\StandWords::place($row->stand) }}</small>
                        @if($row->stand->floats())
                        <span class="num">{{ $row->height }}</span>
                        @else
                        <a class="num" href="?working=grown-{{ $row->stand->key }}" data-working="grown-{{ $row->stand->key }}">{{ $row->height }}</a>
                        @endif
                    </div>
                    <p class="when">
                        <b>{{ ucfirst($row->when) }}</b>@if($row->why !== ''): {{ $row->why }}@endif
                    </p>
                    @foreach($row->light as $i => $line)
                    <p @class(['light', 'short' => $i === 0 && $page->isShort($row->stand)])>
                        @if($i === 0 && $page->today->light->lamps !== [])
                        <a href="?working=light-{{ $row->stand->key }}" data-working="light-{{ $row->stand->key }}">{{ $line }}</a>
                        @else
                        {{ $line }}
                        @endif
                    </p>
                    @endforeach
                    @if($row->fails !== [])<p class="fails"><b>{{ $row->fails[0] }}</b> {{ implode(' Or: ', array_slice($row->fails, 1)) }}</p>@endif
                    <div class="cut">
                        <label class="tick">
                            <input type="checkbox" name="stands[]" value="{{ $row->stand->key }}" @checked($row->picked)> Cut
                            <span class="visually-hidden">{{ $row->stand->name }}, {{ App\View\StandWords::place($row->stand) }}</span>
                        </label>
                        <label for="f-cut-{{ $row->stand->key }}">to<span class="visually-hidden"> {{ $row->number }}</span></label>
                        <span class="entry">
                            <input id="f-cut-{{ $row->stand->key }}" name="cut[{{ $row->stand->key }}]" value="{{ $row->to }}" inputmode="decimal"
                                autocomplete="off" maxlength="20"
                                aria-describedby="e-f-cut-{{ $row->stand->key }}" @error('cut.'.$row->stand->key) aria-invalid="true" @enderror>
                            <span class="unit">{{ $row->unit }}</span>
                        </span>
                        <p class="fault" id="e-f-cut-{{ $row->stand->key }}">{{ $errors->first('cut.'.$row->stand->key) }}</p>
                        <p class="says" id="says-{{ $row->stand->key }}">{{ implode(' ', $row->says) }}</p>
                    </div>
                    <p class="learned">{{ ucfirst($row->seen) }}; {{ $row->rate }}.
                        @if(!$row->stand->floats())
                        <a href="?working=rate--{{ $row->stand->key }}" data-working="rate--{{ $row->stand->key }}">usual rate</a>
                        @endif
                    </p>
                </li>
                @endforeach
            </ol>
            @if($page->folded !== [])
            <p class="rest">{{ $page->foldedWords() }} <a href="/tanks/{{ $tank->id }}/plants?all=1">Show all</a></p>
            @endif
            <p class="muted"><a href="/spare-cuttings">What is left over of the cuts</a></p>
        </aside>
    </form>
    @endif
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
