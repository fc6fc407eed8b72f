{{-- Stands in a section, from the back to the front. --}}
@foreach($plants as $plant)
    <g @class(['plant', 'far' => $plant->deep > 0.6, 'near' => $plant->deep < 0.3, 'shaded' => $plant->shaded, 'dry' => $plant->dry])
        transform="translate({{ $plant->x }} {{ $plant->base }})" data-stand="{{ $plant->key }}" fill="#4f7a35" stroke="none">
        <path class="stems" d="{{ $plant->shape->stems }}" fill="none" stroke="#3f6b2a"/>
        <path class="leaves" d="{{ $plant->shape->leaves }}"/>
        @if($plant->shaded)
        <path class="in-shade" d="{{ $plant->shape->leaves }}" fill="url(#{{ $uid }}-s)"/>
        @endif
    </g>
@endforeach
