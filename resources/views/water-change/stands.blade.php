{{-- Which stands are cut in the session, and down to where. --}}
<fieldset class="compose-stands"><legend>{{ __('change.stands.which_plant_groups') }}</legend>
    <input type="hidden" name="trim" value="1">
    @foreach($plantGroups as $plantGroup)
    <div class="compose-stand">
        <label class="tick">
            <input id="stand-{{ $plantGroup['key'] }}" type="checkbox" name="stands[]" value="{{ $plantGroup['key'] }}"
                @checked($plantGroup['picked']) data-recompose>
            <span>{{ $plantGroup['name'] }} <small>{{ $plantGroup['when'] }}</small></span>
        </label>
        <span class="entry">
            <input id="f-cut-{{ $plantGroup['key'] }}" name="cut[{{ $plantGroup['key'] }}]"
                value="{{ is_string(request()->input('cut.'.$plantGroup['key'])) ? request()->input('cut.'.$plantGroup['key']) : $plantGroup['to'] }}"
                aria-label="{{ __('change.stands.trim_down_to', ['what' => $plantGroup['name']]) }}" inputmode="decimal" autocomplete="off" maxlength="20"
                    data-recompose
                    aria-describedby="e-f-cut-{{ $plantGroup['key'] }}">
            <span class="unit">{{ $plantGroup['unit'] }}</span>
        </span>
        <p class="fault" id="e-f-cut-{{ $plantGroup['key'] }}">{{ $errors->first('cut.'.$plantGroup['key']) }}</p>
    </div>
    @endforeach
    <p class="muted">{{ __('plants.order') }}</p>
</fieldset>
