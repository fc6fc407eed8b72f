{{-- Which stands are cut in the session, and down to where. --}}
<fieldset class="compose-stands"><legend>{{ __('change.stands.which_plant_groups') }}</legend>
    <input type="hidden" name="trim" value="1">
    @foreach($stands as $stand)
    <div class="compose-stand">
        <label class="tick">
            <input id="stand-{{ $stand['key'] }}" type="checkbox" name="stands[]" value="{{ $stand['key'] }}" @checked($stand['picked']) data-recompose>
            <span>{{ $stand['name'] }} <small>{{ $stand['when'] }}</small></span>
        </label>
        <span class="entry">
            <input id="f-cut-{{ $stand['key'] }}" name="cut[{{ $stand['key'] }}]"
                value="{{ is_string(request()->input('cut.'.$stand['key'])) ? request()->input('cut.'.$stand['key']) : $stand['to'] }}"
                aria-label="{{ __('change.stands.trim_down_to', ['what' => $stand['name']]) }}" inputmode="decimal" autocomplete="off" maxlength="20"
                    data-recompose
                    aria-describedby="e-f-cut-{{ $stand['key'] }}">
            <span class="unit">{{ $stand['unit'] }}</span>
        </span>
        <p class="fault" id="e-f-cut-{{ $stand['key'] }}">{{ $errors->first('cut.'.$stand['key']) }}</p>
    </div>
    @endforeach
    <p class="muted">{{ __('plants.order') }}</p>
</fieldset>
