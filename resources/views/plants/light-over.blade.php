{{-- The light over the section: the darker a field, the less of it; figures at nine places. --}}
<g class="light-shades" aria-hidden="true">
@foreach($page->shades() as $field)<rect x="{{ $field['x'] }}" y="{{ $field['y'] }}" width="{{ $field['w'] }}" height="{{ $field['h'] }}"
    opacity="{{ round(.75 * $field['dark'], 2) }}"/>@endforeach
</g>
<g class="light-marks">
@foreach($page->marks() as $mark)
    <text class="num" x="{{ $mark['x'] }}" y="{{ $mark['y'] + 4 }}" text-anchor="middle">{{ $mark['light'] }}</text>
@endforeach
</g>
