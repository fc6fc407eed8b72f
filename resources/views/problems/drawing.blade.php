{{-- What something looks like, drawn on the edge of a leaf, a pane or in water. --}}
<svg class="look-drawing look-{{ $key }}" viewBox="0 0 72 54" width="72" height="54" aria-hidden="true" focusable="false">
@switch($key)
@case('dust')
    <rect class="ground" x="4" y="4" width="64" height="46"/>
    @foreach([[12, 14], [20, 10], [29, 16], [38, 11], [47, 15], [57, 12], [15, 24], [25, 27], [34, 23], [44, 28], [53, 23], [61, 27], [11, 36], [21, 40],
        [31, 35], [40, 41], [50, 36], [59, 40], [27, 45], [46, 46]] as [$x, $y])<circle class="grain" cx="{{ $x }}" cy="{{ $y }}" r="1.7"/>@endforeach
    @break
@case('dots')
    <rect class="ground" x="4" y="4" width="64" height="46"/>
    @foreach([[16, 16, 4], [34, 12, 3], [52, 20, 5], [24, 34, 5], [44, 38, 4], [58, 40, 3]] as [$x, $y, $r])<circle class="full" cx="{{ $x }}" cy="{{ $y }}"
        r="{{ $r }}"/>@endforeach
    @break
@case('crust')
    <path class="ground" d="M4 20h64v30H4z"/><path class="full" d="M4 20l6-6 7 3 6-7 8 5 7-6 8 6 7-4 8 6 7-2v5z"/>
    @break
@case('threads')
@case('silk')
    <path class="leaf" d="M4 46Q36 34 68 46"/>
    <path class="line" d="M12 43Q8 28 16 8M22 41Q30 24 22 6M33 40Q28 22 38 5M44 40Q52 26 46 7M56 42Q50 26 60 10"/>
    @if($key === 'silk')<path class="shine" d="M15 30q2-6 1-12M27 28q2-6 1-12M49 28q2-6 1-12"/>@endif
    @break
@case('wiry')
    <path class="leaf" d="M4 46Q36 34 68 46"/>
    <path class="line thick" d="M24 41V24M24 32l-8-9M24 27l9-10M16 23v-8M33 17l6-7M24 24l-4-12M48 41V26M48 34l8-8M48 28l-8-8M56 26V15M40 20l-3-9"/>
    @break
@case('antlers')
    <path class="leaf" d="M4 46Q36 34 68 46"/>
    <path class="line" d="M18 42Q20 26 12 12M18 30Q24 20 26 10M40 40Q38 24 48 8M41 28Q32 20 32 12M44 18Q54 18 60 10M58 43Q58 34 64 26"/>
    @break
@case('tufts')
    <path class="leaf" d="M4 46Q36 34 68 46"/>
    <path class="line thick" d="M16 42L8 26M16 42l-3-18M16 42l3-18M16 42l8-16M38 40l-9-16M38 40l-3-19M38 40l3-19M38 40l9-16M58 43l-6-14M58 43V27M58 43l6-14"/>
    @break
@case('fuzz')
    <path class="leaf" d="M4 42Q36 28 68 42"/>
    <path class="line" d="M8 40v-7M14 38v-8M20 36v-8M26 35v-9M32 34v-9M38 34v-9M44 34v-9M50 36v-9M56 37v-8M62 40v-8"/>
    @break
@case('wool')
    <path class="line" d="M12 34q-6-12 8-14q4-12 16-6q12-6 16 6q14 4 6 16q2 10-12 8q-8 8-18 2q-14 2-16-12zM20 32q6-8 14-2t16-6M24 24q10 6 22-2"/>
    @break
@case('net')
    <path class="line" d="M10 12l10 7-4 11 10 8M20 19l13-3 8 9-6 11-19-6M33 16l4-10M41 25l13-4 6-11M41 25l8 10-3 11M54 21l10 8-4 11-11-5M35 36l-3 10"/>
    @break
@case('sheets')
    <path class="ground" d="M4 34h64v16H4z"/><path class="full soft" d="M6 34q8-9 18-4t18-2 24 6q-4 8-16 6-8 6-18 2-16 4-26-8z"/>
    <path class="line" d="M44 30q10-14 18-8"/>
    @break
@case('cloud')
@case('haze')
@case('tint')
    <path class="glass" d="M10 6v42h52V6"/><path @class(['full', 'soft' => $key !== 'cloud']) d="M12 14h48v32H12z"/>
    @if($key !== 'tint')<path class="line" d="M18 24q6-4 12 0t12 0 12 0M18 34q6-4 12 0t12 0 12 0"/>@endif
    @break
@case('film')
    <path class="glass" d="M10 6v42h52V6"/><path class="full soft" d="M12 15h48v4H12z"/><path class="shine" d="M18 17h10M34 17h6M46 17h8"/>
    @break
@case('jelly')
    <path class="wood" d="M4 40Q22 30 40 38T68 32"/><path class="full soft" d="M14 36q0-14 12-12 4-10 14-4 12-2 10 12-4 8-14 5-10 6-22-1z"/>
    @break
@case('specks')
    <path class="ground" d="M4 40h64v10H4z"/>
    <path class="line" d="M12 36h6M22 32h4M30 37h7M42 33h4M50 37h6M60 34h4M18 24l4-4M34 20l4-4M50 24l4-4"/>
    @break
@case('eggs')
    <path class="leaf" d="M4 44Q36 32 68 44"/>
    @foreach([[26, 26], [34, 22], [42, 26], [30, 32], [38, 32], [46, 32]] as [$x, $y])<circle class="ring" cx="{{ $x }}" cy="{{ $y }}" r="4"/>@endforeach
    @break
@case('hydra')
    <path class="ground" d="M4 44h64v6H4z"/><path class="line thick" d="M36 44V26"/>
    <path class="line" d="M36 26Q26 20 22 8M36 26Q33 16 34 6M36 26Q40 16 44 7M36 26Q46 22 54 14"/>
    @break
@case('worms')
@case('bodies')
    <path class="ground" d="M4 44h64v6H4z"/><path class="line thick" d="M12 38q6-8 12 0t12 0M40 22q6-8 12 0t10 0M18 16q5-6 10 0"/>
    @break
@case('panes')
    <path class="here" d="M8 6h6v42H8zM58 6h6v42h-6z"/><path class="glass" d="M8 6v42h56V6"/><path class="ground" d="M14 40h44v8H14z"/>
    @break
@case('sand')
    <path class="glass" d="M8 6v42h56V6"/><path class="here" d="M9 38h54v9H9z"/>
    @break
@case('sand_line')
    <path class="glass" d="M8 6v42h56V6"/><path class="ground" d="M9 38h54v9H9z"/><path class="here" d="M9 34h54v5H9z"/>
    @break
@case('old_leaves')
    <path class="line" d="M36 48V12"/><path class="leaf fill" d="M36 22q12-10 16-2-8 6-16 2zM36 20q-12-10-16-2 8 6 16 2z"/>
    <path class="here" d="M36 40q16-8 22 2-12 6-22-2zM36 38q-16-8-22 2 12 6 22-2z"/>
    @break
@case('edges')
    <path class="leaf fill" d="M8 30Q36 4 64 28 36 50 8 30z"/><path class="here-line" d="M8 30Q36 4 64 28 36 50 8 30z"/>
    @break
@case('wood')
    <path class="here" d="M6 42q14-4 20-14l6-14 6 2-4 14q10-2 20-12l6 4q-10 14-24 16-12 8-28 8z"/>
    @break
@case('stones')
    <path class="here" d="M10 46l8-20 14-6 10 12 8-6 12 20z"/>
    @break
@case('outlet')
    <path class="glass" d="M8 12v36h56V12"/><path class="here" d="M46 4h7v18H34v-7h12z"/><path class="line" d="M30 16q-6 3-10 0M30 21q-8 4-14 1"/>
    @break
@case('surface')
    <path class="glass" d="M8 6v42h56V6"/><path class="here" d="M9 14h54v5H9z"/>
    @break
@case('water')
    <path class="glass" d="M8 6v42h56V6"/><path class="here" d="M9 16h54v31H9z"/>
    @break
@case('even')
    <path class="here" d="M8 28Q36 2 64 28 36 52 8 28z"/><path class="line" d="M8 28h56"/>
    @break
@case('between_veins')
    <path class="here" d="M8 28Q36 2 64 28 36 52 8 28z"/><path class="line thick" d="M8 28h56M24 28l8-10M24 28l8 10M38 28l8-9M38 28l8 9"/>
    @break
@case('pinholes')
    <path class="leaf fill" d="M8 28Q36 2 64 28 36 52 8 28z"/>
    @foreach([[22, 24], [30, 33], [38, 20], [44, 32], [52, 26], [30, 21]] as [$x, $y])<circle class="hole" cx="{{ $x }}" cy="{{ $y }}" r="2"/>@endforeach
    @break
@case('twisted')
    <path class="leaf fill" d="M10 44q4-18 16-18 10 4 14-8 4-10 18-8-4 14-16 16-6 10-14 10-10-2-18 8z"/>
    @break
@case('glassy')
    <path class="leaf" d="M8 28Q36 2 64 28 36 52 8 28z"/><path class="shine" d="M20 26q8-8 18-6M26 34q10 2 22-4"/>
    @break
@case('holes')
    <path class="leaf fill" d="M8 28Q36 2 64 28 36 52 8 28z"/><path class="hole" d="M24 22q8-4 8 4-6 6-8-4zM42 30q8-4 9 3-7 6-9-3z"/>
    @break
@case('rows')
    <path class="leaf fill" d="M8 28Q36 2 64 28 36 52 8 28z"/>
    @foreach([22, 30, 38, 46, 54] as $x)<circle class="spot" cx="{{ $x }}" cy="22" r="1.8"/><circle class="spot" cx="{{ $x }}" cy="34" r="1.8"/>@endforeach
    @break
@endswitch
</svg>
