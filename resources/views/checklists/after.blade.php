<x-layout :title="$stepWords::after($after->job).' · '.$checklist->tank->name" bare>
<div class="run">
    <header class="run-head"><a
        href="/">{{ __('run.after.today') }}</a><span>{{ $checklist->tank->name }}{{ $checklist->finished_at === null ? '' :
        ', after the session of '.$show->when($checklist->finished_at) }}</span></header>
    <form class="run-body" id="after" method="post" action="/checklists/{{ $checklist->id }}/after/{{ $after->job->value }}" novalidate>@csrf
        <h1>{{ $stepWords::after($after->job) }}</h1>
        @foreach($stepWords::afterLines($after->job) as $line)<p class="line">{{ $line }}</p>@endforeach
        @if($dose)<p class="line"><b>{{ $dose }}</b></p>@endif
        <x-cautions :cautions="array_map($stepWords::caution(...), $after->job->cautions())"/>
        <div class="captures">
        @foreach($reads as $parameter)
            <div class="capture"><label for="r-{{ $parameter->value }}">{{ label($parameter) }}
                <small>{{ $show->unit($parameter)->label }}</small></label><input id="r-{{ $parameter->value }}" name="readings[{{ $parameter->value }}]"
                value="{{ is_string(old('readings.'.$parameter->value)) ? old('readings.'.$parameter->value) : '' }}" inputmode="decimal" autocomplete="off"
                maxlength="60" placeholder="–" aria-describedby="e-r-{{ $parameter->value }}" @error('readings.'.$parameter->value) aria-invalid="true"
                @enderror><p class="fault" id="e-r-{{ $parameter->value }}">@error('readings.'.$parameter->value){{ $message }}@enderror</p></div>
        @endforeach
        </div>
        <div class="field"><label for="note">{{ __('run.after.what_is_wrong') }}</label><input id="note" name="note"
            value="{{ is_string(old('note')) ? old('note') : '' }}" maxlength="1000" autocomplete="off" aria-describedby="e-note"><p class="fault"
            id="e-note">{{ $errors->first('note') }}</p></div>
    </form>
    <footer class="run-foot"><p>{{ $checklist->changes_water ? 'Tomorrow: read again, and hold the forecast to it' : 'Then: nothing more' }}</p>
    <div class="run-acts"><a class="back" href="/" aria-label="{{ __('run.after.back_to_today') }}">‹</a><button form="after"
        class="go">{{ __('run.after_act.'.$after->job->value) }}</button></div></footer>
</div>
</x-layout>
