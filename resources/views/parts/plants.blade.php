{{-- Stands in a section, from the back to the front: one plant each, standing there again and again. --}}
@foreach($plants as $plant)
    <g @class(['plant', 'far' => $plant->deep > 0.6, 'near' => $plant->deep < 0.3, 'shaded' => $plant->shaded, 'dry' => $d->isDry($plant)])
        transform="translate({{ $plant->x }} {{ $d->plantBase($plant) }})" data-stand="{{ $plant->key }}" fill="#4f7a35" stroke="none">
        {!! $plant->markup($uid) !!}
    </g>
@endforeach
