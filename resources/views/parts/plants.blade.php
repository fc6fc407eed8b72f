{{-- Stands in a section, from the back to the front: one plant each, standing there again and again. --}}
@foreach($plants as $plant)
    @php($one = $uid.'-p'.$plant->key)
    <g @class(['plant', 'far' => $plant->deep > 0.6, 'near' => $plant->deep < 0.3, 'shaded' => $plant->shaded, 'dry' => $plant->dry])
        transform="translate({{ $plant->x }} {{ $plant->base }})" data-stand="{{ $plant->key }}" fill="#4f7a35" stroke="none">
        @if($plant->shape->places !== [])<defs>@endif<g id="{{ $one }}"><path class="stems" d="{{ $plant->shape->stems }}" fill="none" stroke="#3f6b2a"/>
        <path class="leaves" d="{{ $plant->shape->leaves }}"/>
        @if($plant->shaded)<path class="in-shade" d="{{ $plant->shape->leaves }}"
            fill="url(#{{ $uid }}-s)"/>@endif</g>@if($plant->shape->places !== [])</defs>@endif
        {!! $plant->shape->uses($one) !!}
    </g>
@endforeach
