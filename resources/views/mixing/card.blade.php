@php($link = fn (string $name): string => 'href="?working='.e($name).'" data-working="'.e($name).'"')
@php($last = $card->last())
@php($looks = count($batch->checks->all))
@php($ec = $choices::parameter('conductivity'))
<x-layout :title="__('bench.card_page.title', ['name' => $card->content->name()])">
<article class="card-sheet">
    <header><h1><span class="num">{{ $show->volume($batch->litres, 1) }}</span> {{ $card->content->name() }}</h1>
        <p class="muted">{{ $show->when($batch->created_at) }}@if($batch->tank), {{ __('bench.card.for', ['tank' => $batch->tank->name]) }}@endif
            @if($batch->made_at) ·
            <b>{{ __('bench.card.mixed', ['day' => $show->when($batch->made_at)]) }}</b>@endif</p></header>
    <ol class="card-steps">
        <li><h2>{{ __('bench.card.water') }}</h2><ul class="card-lines">@foreach($card->waters() as $line)<li><b
            class="num">{{ $line['litres'] }}</b> {{ $line['name'] }}</li>@endforeach</ul>
        <p class="muted">@if($card->content->isDirect()){{ $card->warmth() === null ? __('bench.card_page.direct') : __('bench.card_page.direct_at',
            ['warmth' => $card->warmth()]) }} @else {{ __('bench.card.into_a_clean') }} @endif</p></li>
        @foreach($card->products() as $line)
        <li><h2>{{ $line['jar']->name }} <small>{{ $line['jar']->what ?: __('names.by_label') }}</small></h2><ul class="card-lines">
        <li><b class="num">{{ $line['spoons'] ?? $line['amount'] }}</b> @if($line['spoons'])<span class="num">= {{ $line['amount'] }}</span>@endif</li></ul>
            <p>@if($card->content->isDirect()){{ __('bench.card.dissolve_it_in') }}
                @else {{ $line['jar']->minutes >= 60 ? __('bench.card_page.stir_long') : __('bench.card_page.stir_minutes', ['minutes' =>
                    $line['jar']->minutes]) }} @endif {{ $card->note($line['jar']) }}</p></li>
        @endforeach
        <li><h2>{{ __($card->content->isDirect() ? 'bench.card_page.let_mix' : 'bench.card_page.wait_stir') }}</h2>
        <p>@if($card->content->isDirect()){{ __('bench.card.run_the_filter') }} @else{{ __($card->products() === [] ? 'bench.card_page.stir_alone' :
            'bench.card_page.stir') }}
        {{ $card->warmth() === null ? __('bench.card_page.warm') : __('bench.card_page.warm_to', ['warmth' => $card->warmth()]) }} @endif</p></li>
    </ol>
    <x-cautions :cautions="$card->cautions()"/>
    <section id="pen" class="pen" aria-labelledby="pen-title">
    <h2 id="pen-title">{{ __($card->content->isDirect() ? 'bench.card_page.would_show' : 'bench.card_page.should_show') }}</h2>
        <p class="pen-figure"><b class="num">{{ $card->conductivity() }}</b> <span>@foreach($card->expected() as [$name, $value])@if($name !== 'Ca:Mg')<a
            {!! $link(strtolower($name)) !!}>{{ $name }} {{ $value }}</a>@else{{ $name }} {{ $value }}@endif @if(!$loop->last) · @endif @endforeach</span></p>
        @if($doubt = $card->doubt())<p class="muted">{{ $doubt }}</p>@endif
        @if($finding = $card->advice())
            <x-finding :tone="$finding->tone" role="status"><b>{{ $finding->head }}</b> {{ $finding->text }}
                @if($last && !$last->isGood() && !$last->odd && !$last->added)<a {!! $link('pen') !!}>{{ __('act.working') }}</a>@endif</x-finding>
            @if($last && ($last->ph !== null || $last->celsius !== null))<p
                class="muted">@if($last->celsius !== null){{ __('bench.card.reckoned_to_25', ['what' =>
                    $show->value($choices::parameter('temperature'), $last->celsius)]) }}
                @endif @if($last->ph !== null) pH {{ $format::rounded($last->ph, 2) }}@endif</p>@endif
            @if(!$batch->made_at && $last && !$last->isGood() && !$last->odd && !$last->added)<form method="post"
                action="/batches/{{ $batch->id }}/added">@csrf<button class="act">{{ __('bench.card.add') }}</button></form>@endif
        @endif
        @if(!$batch->made_at && !$card->content->isDirect())
        <form class="pen-form" method="post" action="/batches/{{ $batch->id }}/checks" novalidate>@csrf<input type="hidden" name="looks" value="{{ $looks }}">
            @if($instruments::has($keeper, $instruments::PEN))<button class="act large" name="from"
                value="pen">{{ __('bench.card.take_it_from') }}</button>@endif
            <div class="row-fields two"><x-field name="read" :label="__('bench.card_page.reads')" :unit="$show->unit($ec)->label" mode="decimal"
                maxlength="20"/><x-field
                name="ph" :label="__('bench.card.ph_if_tested')" mode="decimal" maxlength="20"/><x-field name="celsius"
                    :label="__('bench.card.water_temperature_if')"
                :unit="$show->unit($choices::parameter('temperature'))->label" mode="decimal" maxlength="20"/></div>
            <button class="act quiet" name="from" value="typed">{{ __('bench.card.what_now') }}</button>
        </form>
        @endif
        @if($looks > 1)<details class="more"><summary>{{ __('bench.card.looks', ['what' => $looks]) }}</summary>
        <ol>@foreach($card->content->checks() as $check)<li>{{ $show->time($check->at) }} · <span
            class="num">{{ $show->value($ec, $check->read) }}</span> @if($check->added) · {{ __('bench.card.then_added') }}
            @if($check->more > 0){{ __('bench.card.more_of_each', ['share' => $show->percent($check->more)]) }} @else {{ __('bench.card.of_ro_or',
                ['litres' => $show->volume($check->water, 1)]) }} @endif
            @endif</li>@endforeach</ol></details>@endif
        <table class="plain on-paper"><caption>{{ __('bench.card.if_you_read') }}</caption><thead><tr><th>{{ $show->unit($ec)->label }}</th><th>{{
            __('bench.card.then') }}</th></tr></thead>
        <tbody>@foreach($card->table() as [$reads, $do])<tr><td class="num">{{ $reads }}</td><td>{{ $do }}</td></tr>@endforeach</tbody></table>
    </section>
    <div class="acts card-acts">
        @if(!$batch->made_at)
            <form method="post" action="/batches/{{ $batch->id }}/made">@csrf<button class="act large">{{ __('bench.card.it_is_mixed') }}</button></form>
            <button class="act quiet" type="button" data-print><x-icon name="printer"/> {{ __('act.print') }}</button>
            <form method="post" action="/batches/{{ $batch->id }}">@csrf @method('delete')<button class="quiet">{{ __('bench.card.delete_this_card')
                }}</button></form>
        @else
            @if($batch->tank)<a class="act large" href="{{ $card->changeLink($keeper) }}">{{ __('bench.card.use_it_for') }}</a> <a
                href="/tanks/{{ $batch->tank_id }}/lower-kh?{{ http_build_query(['water' => $batch->source_water_id, 'litres'
                => $format::plain($keeper->volume_unit->fromLitres($batch->litres), 1)]) }}">{{ __('bench.card.add_acid') }}</a>@endif
            <button class="act quiet" type="button" data-print><x-icon name="printer"/> {{ __('act.print') }}</button>
        @endif
        <a class="act quiet" href="/mix-water">{{ __('bench.card.back_to_mix') }}</a>
    </div>
</article>
@includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
