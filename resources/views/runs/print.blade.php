<x-layout :title="'Checklist of '.$run->tank->name" bare>
<article class="paper-sheet">
    <header><h1>{{ $run->tank->name }}</h1><p>{{ $run->planned_for ? $run->planned_for->format('j M Y') : $show->day($run->created_at) }} ·
        {{ $sheet->summary($show) }} · about {{ App\Units\Show::minutes($sheet->plannedMinutes()) }}</p></header>
    @if($drawing)<div class="paper-drawing">@include('parts.section', ['drawing' => $drawing, 'show' => $show])</div>@endif
    <ol class="paper-steps">
        @foreach($run->steps as $step)
            @php($content = $step->content)
            <li><span class="box"></span><div><b>{{ $content->title }}</b> <small>{{ $content->minutes }} min</small> {{ implode(' ', $content->lines) }}
                @foreach($content->stands as $cut)<span class="paper-stand"><span
                    class="box"></span> <b>{{ $cut->name }}:</b> {{ $cut->lines[0] ?? '' }} <span
                    class="blanks">found ______ left ______</span></span>@endforeach
                @if($content->reads !== [])<span class="blanks">@foreach($content->reads as $parameter){{ $parameter->label() }} ______
                    @endforeach</span>@endif
                @if($content->cautions !== [])<small
                    class="paper-caution">! {{ implode(' ! ', array_map(fn ($c) => App\View\RunSheet::short($c), $content->cautions)) }}</small>@endif</div>
                </li>
        @endforeach
    </ol>
    <p class="paper-switches">@foreach($run->switches as $tick)<span><span class="box"></span> {{ $tick->device->label() }} off <span
        class="box"></span> on</span> @endforeach</p>
    <p class="acts"><button class="act large" type="button" data-print><x-icon name="printer"/> Print</button> <a class="act quiet"
        href="/checklists/{{ $run->id }}">Back to the checklist</a>
        <a class="act quiet" href="/checklists/{{ $run->id }}/strip">Paper strip for the glass</a></p>
</article>
</x-layout>
