<x-layout :title="__('run.print.title', ['tank' => $checklist->tank->name])" bare>
<article class="paper-sheet">
    <header><h1>{{ $checklist->tank->name }}</h1>
        <p>{{ __('run.print.about', ['day' => $checklist->planned_for ? $checklist->planned_for->translatedFormat('j M Y') :
        $show->day($checklist->created_at), 'what' => $sheet->summary($show), 'minutes' => $format::minutes($sheet->plannedMinutes())]) }}</p></header>
    @if($drawing)<div class="paper-drawing">@include('parts.section', ['drawing' => $drawing, 'show' => $show])</div>@endif
    <ol class="paper-steps">
        @foreach($checklist->steps as $step)
            @php($content = $step->content)
            <li><span class="box"></span><div><b>{{ $step->title() }}</b> <small>{{ $content->minutes }} min</small> {{ implode(' ', $content->lines) }}
                @foreach($content->plantGroups as $cut)<span class="paper-stand"><span
                    class="box"></span> <b>{{ $cut->name }}:</b> {{ $cut->lines[0] ?? '' }} <span
                    class="blanks">{{ __('run.print.found_trimmed_to') }}</span></span>@endforeach
                @if($content->reads !== [])<span class="blanks">@foreach($content->reads as $parameter){{ label($parameter) }} ______
                    @endforeach</span>@endif
                @if($content->cautions !== [])<small
                    class="paper-caution">! {{ implode(' ! ', array_map(
                        $sheet::short(...), $stepWords::cautions($content->cautions)))
                        }}</small>@endif</div>
                </li>
        @endforeach
    </ol>
    <p class="paper-switches">@foreach($checklist->switches as $tick)<span><span class="box"></span> {{ __('run.print.off', ['what' => label($tick->device)])
        }} <span
        class="box"></span> {{ __('run.print.on') }}</span> @endforeach</p>
    <p class="acts"><button class="act large" type="button" data-print><x-icon name="printer"/> {{ __('act.print') }}</button> <a class="act quiet"
        href="/checklists/{{ $checklist->id }}">{{ __('run.print.back_to_the') }}</a>
        <a class="act quiet" href="/checklists/{{ $checklist->id }}/strip">{{ __('run.print.paper_strip_for') }}</a></p>
</article>
</x-layout>
