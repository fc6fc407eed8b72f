@php($levels = auth()->user()->show()->levels())
<x-layout :title="'Heights of the plants of '.$tank->name" :loop="$loop" act>
    <div class="page-head"><h1>How tall do they stand?</h1><a class="act quiet" href="/tanks/{{ $tank->id }}/plants">All plants</a></div>
    <p class="muted">A number, or a breadth of the hand from the bed up. What you leave empty grows on as it is drawn.</p>
    <form class="heights" method="post" action="/tanks/{{ $tank->id }}/plants/measurements" novalidate>
        @csrf
        @error('heights')<p class="finding beyond" role="alert">{{ $message }}</p>@enderror
        @unless(auth()->user()->hand_told)
        <x-field name="hand" label="How broad is your hand, across the knuckles?" :value="$levels->show(auth()->user()->hand)"
            :unit="$levels->label" mode="decimal" help="Asked once. Heights are offered in hands, and checklists say them so."/>
        @endunless
        @foreach($page->rows() as $row)
        <fieldset class="height-row">
            <legend>{{ $row['number'] }}. {{ $row['name'] }}</legend>
            @if($row['floats'])
            <x-field :name="'cover['.$row['key'].']'" label="Covers of its place" unit="%" mode="decimal" :placeholder="$row['cover']"/>
            @else
            <div class="steps" role="group" aria-label="By the hand">
                @foreach($row['steps'] as $step)
                <button type="button" class="act quiet" data-step="{{ $row['key'] }}" value="{{ $step }}">{{ $step }}</button>
                @endforeach
            </div>
            <x-field :name="'height['.$row['key'].']'" label="Height" :unit="$levels->label" mode="decimal"/>
            <label class="tick"><input type="checkbox" name="guessed[{{ $row['key'] }}]" value="1" data-guessed="{{ $row['key'] }}"
                @checked(old('guessed.'.$row['key']))> by eye<span class="visually-hidden">: {{ $row['name'] }}</span></label>
            @endif
            <small>forecast {{ $row['forecast'] }}; {{ $row['seen'] }}</small>
        </fieldset>
        @endforeach
        <div class="acts"><button class="act large" id="do">Keep the heights</button></div>
    </form>
</x-layout>
