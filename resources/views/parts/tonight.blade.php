@if($evening->minutes() > 0)
<p>{{ __('round.tonight_sum', ['minutes' => $format::minutes($evening->minutes()), 'until' => $evening->until()]) }}</p>
<ol class="tonight-order">
    @foreach(array_filter($evening->lines(), fn (array $line): bool => $line['picked']) as $line)
    @php($stop = $line['stop'])
    <li><span class="num">{{ $line['from'] }}</span> <span><a href="{{ $stop->url }}">{{ $stop->tank->name }}</a>
        <small>{{ $stop->head }}{{ $stop->out > 0 ? ', '.$show->volume($stop->out).' out' : '' }}</small></span></li>
    @endforeach
</ol>
@else
<p class="muted">{{ __('round.tonight_none') }}</p>
@endif
<p><a href="/tonight">{{ __('round.tonight_open') }}</a></p>
