@if($drawing)
    <p class="lead-figure"><span class="figure"><b>{{ $show->volumeNumber($drawing->vessel->litres(), 1) }}</b> {{ __('tank.drawn.net', ['litres' =>
        auth()->user()->volume_unit->label()]) }}</span>
    <span>± {{ $show->volume(($drawing->vessel->volumeDistribution()->quantile(.9) - $drawing->vessel->volumeDistribution()->quantile(.1)) / 2) }}
        @if(!$drawing->tank->shape->needsTable())· {{ __('tank.drawn.glass_holds_to', ['litres' => $show->volume($drawing->vessel->plan->area() *
            $drawing->vessel->waterHeight() / 1e6)]) }} @endif</span></p>
    @include('parts.section', ['drawing' => $drawing, 'show' => $show])
@else
    <x-finding tone="heed" data-keep><b>{{ __('tank.drawn.not_a_complete') }}</b> {{ $faults->first() }}</x-finding>
@endif
@if(request()->header('HX-Request'))
    @include('parts.faults', ['fields' => array_filter(['name', 'outer_length', 'outer_depth', 'middle_depth', 'outer_height', 'glass', 'water_below_rim',
        'substrate_back', 'substrate_front', 'porosity', 'stone_kg', 'stone_height', 'wood_kg', 'wood_height', 'measured_litres', 'measured_spread', 'marks',
        'fish_height', 'warmth', 'ph_set_point', 'nitrate_per_day', 'routine_share', 'routine_days'], request()->has(...))])
@endif
