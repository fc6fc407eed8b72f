@props(['findings'])
<div class="findings">
    @foreach($findings as $finding)
        <x-finding :tone="$finding->tone"><b>{{ $finding->head }}</b> {{ $finding->text }}
            @foreach($finding->acts as $url => $act)<a class="act quiet" href="{{ $url }}">{{ $act }}</a> @endforeach</x-finding>
    @endforeach
</div>
