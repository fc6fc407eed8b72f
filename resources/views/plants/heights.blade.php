@php($levels = auth()->user()->show()->levels())
<x-layout :title="__('plants.heights.title', ['tank' => $tank->name])" :loop="$loop" act>
    <div class="page-head"><h1>{{ __('plants.heights.how_tall_are') }}</h1><a class="act quiet" href="/tanks/{{ $tank->id }}/plants">{{
        __('plants.heights.all_plants') }}</a></div>
    <p class="muted">{{ __('plants.heights.a_number_or') }}</p>
    <form class="heights" method="post" action="/tanks/{{ $tank->id }}/plants/measurements" novalidate>
        @csrf
        @error('heights')<x-finding tone="beyond" role="alert">{{ $message }}</x-finding>@enderror
        @unless(auth()->user()->hand_told)
        <x-field name="hand" :label="__('plants.heights.how_wide_is')" :value="$levels->show(auth()->user()->hand)"
            :unit="$levels->label" mode="decimal" :help="__('plants.heights.asked_once_you')"/>
        @endunless
        @foreach($page->rows() as $row)
        <fieldset class="height-row">
            <legend>{{ $row['number'] }}. {{ $row['name'] }}</legend>
            @if($row['floats'])
            <x-field :name="'cover['.$row['key'].']'" :label="__('plants.heights.cover_of_its')" unit="%" mode="decimal" :placeholder="$row['cover']"/>
            @else
            <div class="steps" role="group" aria-label="{{ __('plants.heights.in_hands') }}">
                @foreach($row['steps'] as $step)
                <button type="button" class="act quiet" data-step="{{ $row['key'] }}" value="{{ $step }}">{{ $step }}</button>
                @endforeach
            </div>
            <x-field :name="'height['.$row['key'].']'" :label="__('plants.heights.height')" :unit="$levels->label" mode="decimal"/>
            <label class="tick"><input type="checkbox" name="guessed[{{ $row['key'] }}]" value="1" data-guessed="{{ $row['key'] }}"
                @checked(old('guessed.'.$row['key']))> {{ __('plants.heights.by_eye') }}<span class="visually-hidden">: {{ $row['name'] }}</span></label>
            @endif
            <small>{{ __('plants.heights.forecast', ['what' => $row['forecast'], 'what_too' => $row['seen']]) }}</small>
        </fieldset>
        @endforeach
        <div class="acts"><button class="act large" id="do">{{ __('plants.heights.save_heights') }}</button></div>
    </form>
</x-layout>
