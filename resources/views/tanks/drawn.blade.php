@if($drawing)
    <p class="lead-figure"><span class="figure"><b>{{ $show->volumeNumber($drawing->vessel->litres(), 1) }}</b> {{ auth()->user()->volume_unit->label() }}
        net</span>
    <span>± {{ $show->volume(($drawing->vessel->volumeDistribution()->quantile(.9) - $drawing->vessel->volumeDistribution()->quantile(.1)) / 2) }}
        @if(!$drawing->tank->shape->needsTable())· glass holds {{ $show->volume($drawing->vessel->plan->area() * $drawing->vessel->waterHeight() / 1e6) }} to
        the line @endif</span></p>
    @include('parts.section', ['drawing' => $drawing, 'show' => $show])
@else
    <p class="finding heed" data-keep><b>Not a tank yet.</b> {{ $faults->first() }}</p>
@endif
@if(request()->header('HX-Request'))
    @include('parts.faults', ['fields' => array_filter(['name', 'outer_length', 'outer_depth', 'middle_depth', 'outer_height', 'glass', 'water_below_rim',
        'bed_back', 'bed_front', 'porosity', 'stone_kg', 'stone_height', 'wood_kg', 'wood_height', 'measured_litres', 'measured_spread', 'marks',
        'fish_height', 'warmth', 'ph_set_point', 'nitrate_per_day', 'routine_share', 'routine_days'], request()->has(...))])
@endif
