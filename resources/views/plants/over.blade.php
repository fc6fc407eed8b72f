{{-- What lies over the section on the page of the plants: numbers, light beside the depth, lines to cut along. --}}
@foreach($page->drawing->plants as $plant)
    @php($number = $page->numbers()[$plant->key] ?? '')
    <g class="stand-number" aria-hidden="true"
        transform="translate({{ round($plant->x + $plant->width / 2, 1) }} {{ $page->drawing->plantBase($plant) + ($plant->floats() ? -12 : 13) }})">
        <circle r="9"/><text text-anchor="middle" y="4.5">{{ $number }}</text>
    </g>
@endforeach
@foreach($page->lightScale() as $i => $tick)
    <g class="light-tick">
        <path d="M{{ $d->right + 2 }} {{ $tick['y'] }}h6"/>
        <text class="num" x="{{ $d->right + 12 }}" y="{{ $tick['y'] + 5 }}">{{ $tick['light'] }}@if($i === 0)
            <tspan class="say" dx="4">µmol</tspan>@endif</text>
    </g>
@endforeach
@foreach($page->cutLines() as $line)
    <g id="cut-line-{{ $line['key'] }}" class="cut-line" tabindex="0" role="slider" data-cut-line="{{ $line['key'] }}" data-base="{{ $line['base'] }}"
        data-most="{{ $line['most'] }}"
        aria-label="{{ __('plants.over.trim_height_of', ['what' => $line['number'], 'name' => $page->words->name($line['cut']->plantGroup)]) }}"
            aria-orientation="vertical"
        aria-valuemin="1" aria-valuemax="{{ (int) ceil($line['most']) }}" aria-valuenow="{{ (int) round($line['cut']->to) }}"
            aria-valuetext="{{ __('names.above_base', ['height' => $line['text']]) }}">
        <rect class="grip" x="{{ $line['x'] - 4 }}" y="{{ $line['y'] - 14 }}" width="{{ $line['width'] + 8 }}" height="28" fill="transparent"/>
        <path d="M{{ $line['x'] - 4 }} {{ $line['y'] }}h{{ $line['width'] + 8 }}"/>
        <path class="blade" d="M{{ $line['x'] - 4 }} {{ $line['y'] }}l-9 -5v10z"/>
        <text class="num" x="{{ $line['x'] + $line['width'] / 2 }}" y="{{ $line['y'] - 5 }}" text-anchor="middle">{{ $line['text'] }}</text>
    </g>
@endforeach
