{{-- One stand in a step of the checklist: how to cut it, how it was found and left. --}}
@php($shown = fn (float $value): string => $sheet::cut($cut, $value, $show))
@php($unit = $cut->byCover ? '%' : $show->levels()->label)
<div class="run-stand">
    <label class="tick">
        <input type="checkbox" name="cut_stands[]" value="{{ $cut->plantGroup }}" @checked(!$done || $found) @disabled($done)> <b>{{ $cut->name }}</b>
    </label>
    <p class="line">{{ $cut->lines[0] ?? '' }}</p>
    @foreach(array_slice($cut->lines, 1) as $line)<p class="why">{{ $line }}</p>@endforeach
    <div class="captures">
        @foreach(['before' => [__('run.stand.before'), $cut->before], 'after' => [__('run.stand.after'), $cut->to]] as $which => [$label, $planned])
        @php($field = 'stand_'.$which.'.'.$cut->plantGroup)
        <div class="capture">
            <label for="f-stand_{{ $which }}-{{ $cut->plantGroup }}">{{ $label }} <small>{{ $unit }}</small></label>
            @if($done)
            <output id="f-stand_{{ $which }}-{{ $cut->plantGroup }}"
                class="num">{{ $found ? $shown($which === 'before' ? ($cut->byCover ? $found->cover_before : $found->before) ?? 0 : ($cut->byCover ?
                $found->cover : $found->height)) : '–' }}</output>
            @else
            <input id="f-stand_{{ $which }}-{{ $cut->plantGroup }}" name="stand_{{ $which }}[{{ $cut->plantGroup }}]" inputmode="decimal" autocomplete="off"
                maxlength="20"
                value="{{ is_string(old($field)) ? old($field) : $shown($planned) }}" aria-describedby="e-f-stand_{{ $which }}-{{ $cut->plantGroup }}"
                    @error($field) aria-invalid="true" @enderror>
            @endif
            <p class="fault" id="e-f-stand_{{ $which }}-{{ $cut->plantGroup }}">{{ $errors->first($field) }}</p>
        </div>
        @endforeach
    </div>
</div>
