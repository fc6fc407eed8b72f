@props(['findings'])
<div class="findings">
    @foreach($findings as $finding)
        <p class="finding {{ $finding->tone }}"><b>{{ $finding->head }}</b> {{ $finding->text }}</p>
    @endforeach
</div>
