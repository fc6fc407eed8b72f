@php($link = fn (string $name): string => 'href="?working='.e($name).'" data-working="'.e($name).'"')
@php($last = $card->last())
@php($looks = count($batch->checks->all))
@php($ec = App\View\Choices::parameter('conductivity'))
<x-layout :title="'Batch of '.$card->content->name()">
<article class="card-sheet">
    <header><h1><span class="num">{{ $show->volume($batch->litres, 1) }}</span> {{ $card->content->name() }}</h1>
        <p class="muted">{{ $show->when($batch->created_at) }}@if($batch->tank), for {{ $batch->tank->name }}@endif @if($batch->made_at) ·
            <b>made {{ $show->when($batch->made_at) }}</b>@endif</p></header>
    <ol class="card-steps">
        <li><h2>Water</h2><ul class="card-lines">@foreach($card->waters() as $line)<li><b
            class="num">{{ $line['litres'] }}</b> {{ $line['name'] }}</li>@endforeach</ul>
        <p class="muted">@if($card->content->isDirect())To go into the tank at its
            warmth{{ ($warmth = $card->warmth()) === null ? '' : ', '.$warmth.' as it stands' }}. The minerals below are for these litres alone, not for the
            whole tank. @else Into a clean vessel, with a pump or a spoon to stir. @endif</p></li>
        @foreach($card->jars() as $line)
        <li><h2>{{ $line['jar']->name }} <small>{{ $line['jar']->what }}</small></h2><ul class="card-lines">
        <li><b class="num">{{ $line['spoons'] ?? $line['amount'] }}</b> @if($line['spoons'])<span class="num">= {{ $line['amount'] }}</span>@endif</li></ul>
            <p>@if($card->content->isDirect())Dissolve it in a jug of tank water and pour it into the current in thirds, as the water comes in.
                @else Stir {{ $line['jar']->minutes >= 60 ? 'for an hour or overnight' : 'about '.$line['jar']->minutes.' min' }}, until nothing is left to
                see. @endif {{ $line['jar']->note }}</p></li>
        @endforeach
        <li><h2>{{ $card->content->isDirect() ? 'Let it mix' : 'Wait and stir' }}</h2>
        <p>@if($card->content->isDirect())Full flow for half an hour, then read the tank: the change sheet has the forecast. Salty water sinks, so pour where
            it moves. @else{{ $card->jars() === [] ? 'Stir for a minute.' :
            'Ten minutes with a pump or air stone, then the pen. pH settles over some hours, as carbon dioxide comes and goes.' }} Bring it to the tank’s
            warmth{{ ($warmth = $card->warmth()) === null ? '' : ', '.$warmth.' as it stands,' }} before it goes in. @endif</p></li>
    </ol>
    @foreach($card->cautions() as $caution)<p class="caution"><x-icon name="exclamation-triangle"/> {{ $caution }}</p>@endforeach
    <section id="pen" class="pen" aria-labelledby="pen-title">
    <h2 id="pen-title">{{ $card->content->isDirect() ? 'Mixed by itself it would read' : 'The pen should read' }}</h2>
        <p class="pen-figure"><b class="num">{{ $card->conductivity() }}</b> <span>@foreach($card->expected() as [$name, $value])@if($name !== 'Ca:Mg')<a
            {!! $link(strtolower($name)) !!}>{{ $name }} {{ $value }}</a>@else{{ $name }} {{ $value }}@endif @if(!$loop->last) · @endif @endforeach</span></p>
        @if($doubt = $card->doubt())<p class="muted">{{ $doubt }}</p>@endif
        @if($finding = $card->advice())
            <p class="finding {{ $finding->tone }}" role="status"><b>{{ $finding->head }}</b> {{ $finding->text }}
                @if($last && !$last->isGood() && !$last->odd && !$last->added)<a {!! $link('pen') !!}>working</a>@endif</p>
            @if($last && ($last->ph !== null || $last->celsius !== null))<p
                class="muted">@if($last->celsius !== null){{ $show->value(App\View\Choices::parameter('temperature'), $last->celsius) }}, reckoned to 25 °C
                @endif @if($last->ph !== null) pH {{ App\Units\Show::rounded($last->ph, 2) }}@endif</p>@endif
            @if(!$batch->made_at && $last && !$last->isGood() && !$last->odd && !$last->added)<form method="post"
                action="/batches/{{ $batch->id }}/added">@csrf<button class="act">Added</button></form>@endif
        @endif
        @if(!$batch->made_at && !$card->content->isDirect())
        <form class="pen-form" method="post" action="/batches/{{ $batch->id }}/checks" novalidate>@csrf<input type="hidden" name="looks" value="{{ $looks }}">
            @if(App\Devices\Devices::has($keeper, App\Devices\Devices::PEN))<button class="act large" name="from"
                value="pen">Take it from the pen</button>@endif
            <div class="row-fields two"><x-field name="read" :label="'it reads'" :unit="$show->unit($ec)->label" mode="decimal" maxlength="20"/><x-field
                name="ph" label="pH, if read" mode="decimal" maxlength="20"/><x-field name="celsius" label="water at, if your pen does not make up for it"
                :unit="$show->unit(App\View\Choices::parameter('temperature'))->label" mode="decimal" maxlength="20"/></div>
            <button class="act quiet" name="from" value="typed">What now?</button>
        </form>
        @endif
        @if($looks > 1)<details class="more"><summary>{{ $looks }} looks</summary>
        <ol>@foreach($card->content->checks() as $check)<li>{{ $show->time($check->at) }} · <span
            class="num">{{ $show->value($ec, $check->read) }}</span> @if($check->added) · then added
            @if($check->more > 0){{ $show->percent($check->more) }} more of each @else {{ $show->volume($check->water, 1) }} of RO or rain @endif
            @endif</li>@endforeach</ol></details>@endif
        <table class="plain on-paper"><caption>Read so much, do so much</caption><thead><tr><th>{{ $show->unit($ec)->label }}</th><th>then</th></tr></thead>
        <tbody>@foreach($card->table() as [$reads, $do])<tr><td class="num">{{ $reads }}</td><td>{{ $do }}</td></tr>@endforeach</tbody></table>
    </section>
    <div class="acts card-acts">
        @if(!$batch->made_at)
            <form method="post" action="/batches/{{ $batch->id }}/made">@csrf<button class="act large">It is made</button></form>
            <button class="act quiet" type="button" data-print><x-icon name="printer"/> Print</button>
            <form method="post" action="/batches/{{ $batch->id }}">@csrf @method('delete')<button class="quiet">Drop this card</button></form>
        @else
            @if($batch->tank)<a class="act large" href="{{ $card->changeLink($keeper) }}">Change water with it</a> <a
                href="/tanks/{{ $batch->tank_id }}/lower-kh?{{ http_build_query(['water' => $batch->water_id, 'litres'
                => App\Units\Show::plain($keeper->volume_unit->fromLitres($batch->litres), 1)]) }}">Acid in it</a>@endif
            <button class="act quiet" type="button" data-print><x-icon name="printer"/> Print</button>
        @endif
        <a class="act quiet" href="/mix-water">Back to the bench</a>
    </div>
</article>
@includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
