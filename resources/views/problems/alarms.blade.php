@foreach($page->alarms() as $line)
<div class="caution alarm-first"><p><b>{{ $line->head }}.</b> {{ $line->why }}</p>
    <ol>@foreach($line->acts as $act)<li>{{ $act }}</li>@endforeach</ol></div>
@endforeach
