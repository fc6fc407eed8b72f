<x-layout :title="'Read '.$of->name" :loop="$loop">
    <form class="read" method="post" action="{{ $url }}" novalidate data-reading>
        @csrf
        <div class="page-head"><h1>Read {{ $of->name }}</h1></div>
        <p class="muted">Write it as you read it: <code>24</code>, a band <code>20-40</code>, <code>20-40 nearer 20</code>,
            <code>over 80</code>. Leave out what you do not measure. Enter goes on.</p>
        @error('readings')<p class="fault">{{ $message }}</p>@enderror
        @foreach($parameters as $parameter)
            @php($kit = $show->kit($parameter))
            @php($name = $parameter->value)
            @php($last = $latest[$name] ?? null)
            <div class="read-row">
                <label for="r-{{ $name }}">{{ $parameter->label() }} <small>{{ $kit->unit->label }}</small></label>
                <div class="read-entry">
                    <input id="r-{{ $name }}" name="readings[{{ $name }}]" value="{{ is_string(old('readings.'.$name)) ? old('readings.'.$name) : '' }}"
                        autocomplete="off" inputmode="{{ $kit->isChart() ? 'text' : 'decimal' }}" maxlength="60"
                        placeholder="{{ $last ? $show->reading($last->toCore()) : '' }}" aria-describedby="e-r-{{ $name }} h-r-{{ $name }}"
                            @error('readings.'.$name) aria-invalid="true" @enderror @if($parameter === $parameters[0]) autofocus @endif>
                    @if($kit->isChart())
                    <div class="chart" data-chart="r-{{ $name }}" data-fields="{{ implode(' ', $kit->fields) }}">
                        <input type="range" min="-1" max="{{ 4 * (count($kit->fields) - 1) + 1 }}" value="-1" step="1"
                            aria-label="{{ $parameter->label() }} on the colour chart" aria-valuetext="not read">
                        <div class="chart-fields" aria-hidden="true"><span
                            class="none">–</span>@foreach($kit->fields as $field)<span>{{ App\Units\Show::plain($field, 3) }}</span>@endforeach</div>
                    </div>
                    @endif
                    <p class="fault" id="e-r-{{ $name }}">@error('readings.'.$name){{ $message }}@enderror</p>
                    @error('ask.readings.'.$name)<label class="tick"><input type="checkbox" name="sure[]" value="{{ $name }}"> it is so</label>@enderror
                </div>
                <small class="last" id="h-r-{{ $name }}">
                    @if($last)
                        last {{ $show->reading($last->toCore()) }}, {{ $show->day($last->taken_at) }} ·
                    @endif
                    {{ App\View\Words::kit($kit) }}
                    @if($kit->isSet())<span class="pen-age" id="pen-{{ $name }}">@include('parts.pen-age')</span>@endif
                </small>
            </div>
        @endforeach
        <details class="more" @if($errors->has('taken_at') || $errors->has('note') || old('note')) open @endif>
        <summary>At another time, or with a note</summary>
            <x-field name="taken_at" label="Taken at" type="datetime-local" :value="$now->format('Y-m-d\TH:i')" :help="'your time, '.auth()->user()->timezone"/>
            <x-field name="note" label="Note" help="pH moves with lamp and CO₂: say the hour against both."/>
        </details>
        <div class="acts"><button class="act large">Keep the readings</button> <a href="/settings#kits">My kits and units</a></div>
    </form>
</x-layout>
