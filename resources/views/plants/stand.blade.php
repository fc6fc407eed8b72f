@php($record = $form->record)
@php($levels = auth()->user()->show()->levels())
<x-layout :title="$record ? $form->ofKind()->name.' in '.$tank->name : 'Add plants to '.$tank->name" :loop="$loop" act>
    <div class="page-head"><h1>{{ $record ? $form->ofKind()->name : 'Add plants' }}</h1><a class="act quiet"
        href="/tanks/{{ $tank->id }}/plants">All plants</a></div>
    <form class="stand-form" method="post" action="/tanks/{{ $tank->id }}/plant-groups{{ $record ? '/'.$record->id : '' }}" novalidate>
        @csrf
        @if($record) @method('put') @endif
        <section class="plain-form">
            <div class="field">
                <label for="f-kind">Kind</label>
                <select id="f-kind" name="kind" aria-describedby="e-f-kind" @error('kind') aria-invalid="true" @enderror>
                    <option value="">choose</option>
                    @foreach($form->kinds() as $group => $kinds)
                    <optgroup label="{{ $group }}">
                        @foreach($kinds as $key => $name)<option value="{{ $key }}"
                            @selected(old('kind', $form->kind()) === $key)>{{ $name }}</option>@endforeach
                    </optgroup>
                    @endforeach
                </select>
                <p class="fault" id="e-f-kind">{{ $errors->first('kind') }}</p>
            </div>
            <details @if(old('own_name')) open @endif><summary>Another kind</summary>
                <x-field name="own_name" label="Its name" maxlength="80"/>
                <div class="row-fields two">
                    <x-choice name="form" label="It grows as"
                        :options="App\View\Choices::options('form')"/>
                    <x-choice name="pace" label="How fast" value="middling"
                        :options="App\View\Choices::options('pace')"/>
                </div>
                <div class="row-fields two">
                    <x-choice name="demand" label="It asks for" value="middling"
                        :options="App\View\Choices::options('demand')"/>
                    <x-field name="roots" label="Food it takes by the roots" :value="50" unit="%" mode="decimal"/>
                </div>
                <label class="tick"><input type="checkbox" name="bicarbonate" value="1"
                    @checked(old('bicarbonate'))> It lives on bicarbonate where carbon dioxide is short</label>
            </details>
            @if(!$record)
            <x-field name="height" label="Height today" :unit="$levels->label" mode="decimal"
                help="Above what it stands on. Empty: a guess from its form, with a wide band."/>
            <x-field name="cover" label="How much of its place it covers" :value="100" unit="%" mode="decimal" help="For what floats and for carpets."/>
            @endif
            <x-field name="wished" label="Height you want it at" :value="$form->length($record?->wished)" :unit="$levels->label" mode="decimal"
                help="Low in front, high at the back. Empty: as tall as it grows."/>
            <details @if($record) open @endif><summary>More of it</summary>
                <x-field name="planted_on" label="Planted on" type="date" :value="$record?->planted_on?->format('Y-m-d')"/>
                <label class="tick"><input type="checkbox" name="from_air" value="1"
                    @checked(old('from_air', $record?->from_air))> Grown above the water: its leaves die back for two to four weeks</label>
                <x-field name="perch" label="Sits above the bed by" :value="$record && $record->perch > 0 ? $form->length($record->perch) : null"
                    :unit="$levels->label" mode="decimal" help="On wood or stone."/>
                <x-field name="ceiling" label="Stops at" :value="$form->length($record?->ceiling)" :unit="$levels->label" mode="decimal"
                    help="Where you know better than its kind."/>
                <x-field name="note" label="Note" :value="$record?->note" maxlength="500"/>
            </details>
        </section>
        <section class="place-side" aria-labelledby="place-title">
            <h2 id="place-title">Its place: drag over the plan, or tap it</h2>
            <svg class="stand-plan place" data-place viewBox="-4 -4 {{ $form->wide() + 8 }} {{ $form->high() + 8 }}" data-wide="{{ $form->wide() }}"
                data-high="{{ $form->high() }}"
                role="img" aria-label="Plan of the tank, front pane below; the fields below say the place in percent">
                <polygon class="ground" points="{{ $form->outline() }}"/>
                @foreach($form->others() as [$x, $y, $w, $h, $name])
                <g class="stand"><rect x="{{ $x }}" y="{{ $y }}" width="{{ $w }}" height="{{ $h }}"/><title>{{ $name }}</title></g>
                @endforeach
                <rect class="here" x="0" y="0" width="0" height="0"/>
                <polygon class="glass" points="{{ $form->outline() }}"/>
            </svg>
            <p class="key">front pane</p>
            <div class="row-fields four">
                @php($edges = $form->edges())
                <x-field name="left" label="From the left" :value="$edges['left']" unit="%" mode="decimal"/>
                <x-field name="right" label="to" :value="$edges['right']" unit="%" mode="decimal"/>
                <x-field name="front" label="From the front" :value="$edges['front']" unit="%" mode="decimal"/>
                <x-field name="back" label="to" :value="$edges['back']" unit="%" mode="decimal"/>
            </div>
            <p><button class="act large" id="do">{{ $record ? 'Keep' : 'Stand it there' }}</button></p>
        </section>
    </form>
    @if($record)
    @php($byCover = $form->stand->isCutByCover())
    <section class="plain-form"><h2>It was cut</h2>
        <form method="post" action="/tanks/{{ $tank->id }}/plant-groups/{{ $record->id }}/cut" class="row-fields four" novalidate>
            @csrf
            <x-field name="before" label="Found at" :value="$byCover ? round(100 * $form->stand->cover) : $form->length($form->stand->height)"
                :unit="$byCover ? '%' : $levels->label" mode="decimal"/>
            <x-field name="after" label="Left at" :unit="$byCover ? '%' : $levels->label" mode="decimal"/>
            <x-field name="replanted" label="Tops set again" :value="0" mode="numeric"/>
            <p><button class="act quiet">Keep the cut</button></p>
        </form>
    </section>
    <details class="more" id="records" @if($errors->hasAny(['look', 'happened_at', 'number', 'placed_on'])) open @endif><summary>{{
        __('plants.records.head') }}</summary>
        @error('look')<p class="fault" role="alert">{{ $message }}</p>@enderror
        @foreach($form->looks() as $look)
        <div class="record-line">
        <form method="post" action="/tanks/{{ $tank->id }}/plant-groups/{{ $record->id }}/looks/{{ $look['id'] }}" novalidate>
            @csrf @method('put')
            <label>{{ __('plants.records.when') }} <input type="datetime-local" name="happened_at" value="{{ $look['when'] }}"></label>
            <label>{{ __('plants.records.before') }} <input name="before" value="{{ $look['before'] }}" inputmode="decimal" size="6">
                {{ $look['unit'] }}</label>
            <label>{{ __('plants.records.after') }} <input name="after" value="{{ $look['after'] }}" inputmode="decimal" size="6">
                {{ $look['unit'] }}</label>
            <button class="act quiet">{{ __('plants.records.save') }}<span class="visually-hidden">: {{ $look['day'] }}</span></button>
        </form>
        <form method="post" action="/tanks/{{ $tank->id }}/plant-groups/{{ $record->id }}/looks/{{ $look['id'] }}">@csrf @method('delete')<button
            class="quiet">{{ __('plants.records.delete') }}<span class="visually-hidden">: {{ $look['day'] }}</span></button></form>
        </div>
        @endforeach
        @foreach($form->capsules() as $capsule)
        <div class="record-line">
        <form method="post" action="/tanks/{{ $tank->id }}/plant-groups/{{ $record->id }}/root-tabs/{{ $capsule->id }}" novalidate>
            @csrf @method('put')
            <label>{{ __('plants.records.capsules') }} <input name="number" value="{{ $capsule->number }}" inputmode="numeric" size="4"></label>
            <label>{{ __('plants.records.when') }} <input type="date" name="placed_on" value="{{ $capsule->placed_on->format('Y-m-d') }}"></label>
            <button class="act quiet">{{ __('plants.records.save') }}<span class="visually-hidden">: {{ __('plants.records.capsules') }}</span></button>
        </form>
        <form method="post" action="/tanks/{{ $tank->id }}/plant-groups/{{ $record->id }}/root-tabs/{{ $capsule->id }}">@csrf @method('delete')<button
            class="quiet">{{ __('plants.records.delete') }}<span class="visually-hidden">: {{ __('plants.records.capsules') }}</span></button></form>
        </div>
        @endforeach
    </details>
    <details class="danger"><summary>Take it out</summary>
        <form method="post" action="/tanks/{{ $tank->id }}/plant-groups/{{ $record->id }}">
            @csrf @method('delete')
            <p>It leaves the drawing; what was seen of it stays in the record.</p>
            <button class="act beyond">Take it out</button>
        </form>
    </details>
    @endif
</x-layout>
