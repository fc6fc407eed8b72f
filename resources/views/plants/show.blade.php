@php($show = $page->show)
<x-layout :title="__('plants.show.title', ['tank' => $tank->name])" :loop="$loop" wide act>
    <h1 class="visually-hidden">{{ __('plants.show.plants_of', ['tank' => $tank->name]) }}</h1>
    <p id="said" class="visually-hidden" role="status"></p>
    @if($page->today->plantGroups === [])
    <div class="first-stand">
        <h2>{{ __('plants.show.no_plants_yet') }}</h2>
        <p>{{ __('plants.show.a_group_is') }}</p>
        <p>
            <a class="act" id="do" href="/tanks/{{ $tank->id }}/plant-groups/new">{{ __('plants.show.add_plants') }}</a>
            <a class="act quiet" href="/tanks/{{ $tank->id }}/light">{{ __('plants.show.set_up_the') }}</a>
        </p>
    </div>
    @else
    @foreach($page->melting() as $plantGroup)
    <form class="finding heed melt" method="post" action="/tanks/{{ $tank->id }}/plant-groups/{{ $plantGroup->key }}/melt">
        @csrf
        <p><b>{{ __('plants.melt.head', ['name' => $page->words->name($plantGroup)]) }}</b> {{ __('plants.melt.why') }}</p>
        <button class="act quiet">{{ __('plants.melt.done') }}<span class="visually-hidden">: {{ $page->words->name($plantGroup) }}</span></button>
    </form>
    @endforeach
    <form id="plants" class="sheet plants" method="get" action="/tanks/{{ $tank->id }}/maintenance" novalidate
        hx-get="/tanks/{{ $tank->id }}/plants" hx-trigger="input delay:90ms, recompute delay:60ms" hx-target="#answer" hx-swap="innerHTML"
        hx-sync="this:replace" hx-replace-url="true">
        <input type="hidden" name="trim" value="1">
        <input type="hidden" name="tasks[]" value="trim">
        <section class="board" aria-label="{{ __('plants.show.the_plant_groups') }}">
            <div class="days">
                <label for="day">{{ __('plants.show.show') }}</label>
                <input id="day" type="range" name="day" min="{{ -$page->back }}" max="{{ $page::AHEAD }}" step="1" value="{{ $page->day }}"
                    list="day-marks">
                <datalist id="day-marks"><option value="0" label="{{ __('plants.show.today') }}"></option></datalist>
                <span class="day-ends" aria-hidden="true">
                    <span>{{ __($page->back > 0 ? 'plants.show.last_trim' : 'plants.show.today') }}</span><span>{{ __('plants.show.four_weeks_on') }}</span>
                </span>
            </div>
            <div id="answer">@include('plants.answer', ['isPart' => false])</div>
        </section>
        <aside class="side right" aria-label="{{ __('plants.show.what_is_due') }}">
            <div class="stand-acts">
                <button class="act" id="do">{{ __('plants.show.trim_in_a') }}</button>
                <button class="act quiet no-script" formaction="/tanks/{{ $tank->id }}/plants">{{ __('act.work_out') }}</button>
                <a class="act quiet" href="/tanks/{{ $tank->id }}/plants/measurements">{{ __('plants.show.measure') }}</a>
                <a class="act quiet" href="/tanks/{{ $tank->id }}/plant-groups/new">{{ __('plants.show.add_plants') }}</a>
                <a class="act quiet" href="/tanks/{{ $tank->id }}/light">{{ __('plants.show.light') }}</a>
                <a class="act quiet" href="/tanks/{{ $tank->id }}/fixed-spot">{{ __('plants.show.photos') }}</a>
            </div>
            @if($page->today->light->lamps === [])
            <x-finding tone="heed"><b>{{ __('plants.show.no_light_is') }}</b> {{ __('plants.show.without_it_nobody') }} <a
                href="/tanks/{{ $tank->id }}/light">{{ __('plants.show.set_up_the') }}</a></x-finding>
            @endif
            <ol class="stands">
                @foreach($page->rows() as $row)
                <li id="stand-{{ $row->plantGroup->key }}" @class(['due' => $row->isDue])>
                    <span class="number" aria-hidden="true">{{ $row->number }}</span>
                    <div class="who">
                        <a href="/tanks/{{ $tank->id }}/plant-groups/{{ $row->plantGroup->key }}"><span
                            class="visually-hidden">{{ $row->number }}. </span><i>{{ $row->plantGroup->name }}</i></a>
                        <small>{{ $plantWords::place($row->plantGroup) }}</small>
                        @if($row->plantGroup->floats())
                        <span class="num">{{ $row->height }}</span>
                        @else
                        <a class="num" href="?working=grown-{{ $row->plantGroup->key }}" data-working="grown-{{ $row->plantGroup->key }}">{{ $row->height }}</a>
                        @endif
                    </div>
                    <p class="when">
                        <b>{{ ucfirst($row->when) }}</b>@if($row->why !== ''): {{ $row->why }}@endif
                    </p>
                    @foreach($row->light as $i => $line)
                    <p @class(['light', 'short' => $i === 0 && $page->isShort($row->plantGroup)])>
                        @if($i === 0 && $page->today->light->lamps !== [])
                        <a href="?working=light-{{ $row->plantGroup->key }}" data-working="light-{{ $row->plantGroup->key }}">{{ $line }}</a>
                        @else
                        {{ $line }}
                        @endif
                    </p>
                    @endforeach
                    @if($row->fails !== [])<p class="fails"><b>{{ $row->fails[0] }}</b> {{ implode(' Or: ', array_slice($row->fails, 1)) }}</p>@endif
                    <div class="cut">
                        <label class="tick">
                            <input type="checkbox" name="stands[]" value="{{ $row->plantGroup->key }}" @checked($row->picked)> {{ __('plants.show.trim') }}
                            <span class="visually-hidden">{{ $row->plantGroup->name }}, {{ $plantWords::place($row->plantGroup) }}</span>
                        </label>
                        <label for="f-cut-{{ $row->plantGroup->key }}">{{ __('plants.show.to') }}<span
                            class="visually-hidden"> {{ $row->number }}</span></label>
                        <span class="entry">
                            <input id="f-cut-{{ $row->plantGroup->key }}" name="cut[{{ $row->plantGroup->key }}]" value="{{ $row->to }}" inputmode="decimal"
                                autocomplete="off" maxlength="20"
                                aria-describedby="e-f-cut-{{ $row->plantGroup->key }}" @error('cut.'.$row->plantGroup->key) aria-invalid="true" @enderror>
                            <span class="unit">{{ $row->unit }}</span>
                        </span>
                        <p class="fault" id="e-f-cut-{{ $row->plantGroup->key }}">{{ $errors->first('cut.'.$row->plantGroup->key) }}</p>
                        <p class="says" id="says-{{ $row->plantGroup->key }}">{{ implode(' ', $row->says) }}</p>
                    </div>
                    <p class="learned">{{ ucfirst($row->seen) }}; {{ $row->rate }}.
                        @if(!$row->plantGroup->floats())
                        <a href="?working=rate--{{ $row->plantGroup->key }}"
                            data-working="rate--{{ $row->plantGroup->key }}">{{ __('plants.show.usual_rate') }}</a>
                        @endif
                    </p>
                </li>
                @endforeach
            </ol>
            @if($page->folded !== [])
            <p class="rest">{{ $page->foldedWords() }} <a href="/tanks/{{ $tank->id }}/plants?all=1">{{ __('plants.show.show_all') }}</a></p>
            @endif
            <p class="muted"><a href="/spare-cuttings">{{ __('plants.show.spare_cuttings') }}</a></p>
        </aside>
    </form>
    @endif
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
