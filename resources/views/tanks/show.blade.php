@php([$tank, $strip, $base] = [$page->tank, $page->strip, '/tanks/'.$page->tank->id])
<x-layout :title="$tank->name" :loop="$loop" wide>
    <div class="sheet overview">
        <section class="board" aria-label="{{ $tank->name }}">
            <div class="lead">
                <h1 @class(['beyond' => $strip->urgency->isForToday()])>{{ $strip->head }}<span class="visually-hidden">: {{ $tank->name }}</span></h1>
                <p>{{ $strip->why }}</p>
                @if($strip->acts !== [])
                    <details class="acts-now" open><summary>{{ __('standing.ten_minutes') }}</summary><ol>
                        @foreach($strip->acts as $act)<li>{{ $act }}</li>@endforeach
                    </ol></details>
                @endif
                <div class="acts"><a @class(['act', 'large', 'quiet' => $strip->isCalm()]) href="{{ $strip->url }}">{{ $strip->act }}</a>
                @if($strip->beside !== [])<ul class="also">
                    @foreach($strip->beside as $line)<li><a href="{{ $line->url }}">{{ $line->head }}</a></li>@endforeach
                </ul>@endif</div>
            </div>
            @include('parts.section', ['drawing' => $page->drawing, 'show' => $page->show])
            <ul class="level-list">
                @foreach($page->drawing->leaders as $leader)<li><b>{{ $leader->first }}</b> {{ $leader->second }}</li>@endforeach
            </ul>
            <p class="lives">
                <a href="?working=volume" data-working="volume">{{ __('tank.litres', ['litres' => $page->show->volume($page->vessel->litres())]) }}</a>
                <a href="{{ $base }}/livestock">{{ label($tank->animals) }}</a>
                <a href="{{ $base }}/plants">{{ trans_choice('tank.stands', $tank->plantGroups()->count(), ['count' => $tank->plantGroups()->count()]) }}</a>
                <a href="{{ $base }}/light">{{ __('tank.show.light_and_co') }}</a></p>
        </section>
        <aside class="side right" aria-label="{{ __('tank.water.now') }}">
            <div class="page-head"><h2>{{ __('tank.water.now') }}</h2>
                <a href="{{ $base }}/charts">{{ __('tank.water.all') }}</a></div>
            @foreach($page->figures() as $figure)
                @if($figure->value)
                <div @class(['tested-row', 'beyond' => $figure->beyond()])>
                    <span class="name"><x-term :key="$figure->parameter->value" :tank="$tank">{{ label($figure->parameter) }}</x-term> <small>{{
                        $figure->when($page->show) }}</small></span>
                    <span class="num">@if($figure->isCarriedOn)<a href="?working={{ $figure->parameter->value }}"
                        data-working="{{ $figure->parameter->value }}"><span
                        id="now-{{ $figure->parameter->value }}">{{ $figure->number($page->show) }}</span></a>
                        @else<span id="now-{{ $figure->parameter->value }}">{{ $figure->number($page->show) }}</span>@endif
                        <small>{{ $page->show->unit($figure->parameter)->label }}</small>
                        @if($figure->beyond())<b>{{ $figure->beyond() }}</b>@endif</span>
                    @if($chart = $page->chart($figure->parameter))<x-chart :chart="$chart" :high="50" :dates="false"/>@endif
                </div>
                @endif
            @endforeach
            @if($page->untested() !== [])<p class="muted">{{ __('tank.water.untested', ['what' => implode(', ', $page->untested())]) }}
                <a href="{{ $base }}/test">{{ __('round.act.read') }}</a></p>@endif
        </aside>
        <section class="board more-places" aria-label="{{ __('tank.more') }}">
            <h2>{{ __('tank.more') }}</h2>
            <ul class="links">
                <li><a href="{{ $base }}/livestock">{{ __('tank.show.livestock_and_new') }}</a></li>
                <li><a href="{{ $base }}/targets">{{ __('tank.show.targets') }}</a></li>
                <li><a href="{{ $base }}/edit">{{ __('tank.show.tank_setup') }}</a></li>
                <li><a href="{{ $base }}/charts">{{ __('tank.show.charts') }}</a></li>
                <li><a href="{{ $base }}/fixed-spot">{{ __('tank.show.photos') }}</a></li>
                <li><a href="{{ $base }}/top-off">{{ __('tank.show.top_off') }}</a></li>
                <li><a href="{{ $base }}/gravel-vac">{{ __('tank.show.gravel_vac_zones') }}</a></li>
                <li><a href="{{ $base }}/dechlorinator">{{ __('tank.show.dechlorinator') }}</a></li>
                <li><a href="{{ $base }}/lower-kh">{{ __('tank.show.lower_kh') }}</a></li>
                <li><a href="{{ $base }}/hose">{{ __('tank.show.hose_and_heat') }}</a></li>
                <li><a href="{{ $base }}/cycling">{{ __('tank.show.cycling') }}</a></li>
                <li><a href="{{ $base }}/catch-up">{{ __('tank.show.catch_up_plan') }}</a></li>
            </ul>
            <details class="more" @sure><summary>{{ __('tank.measures') }}</summary>
                <dl class="facts">
                    @foreach($page->dimensions() as [$name, $text])<div><dt>{{ $name }}</dt><dd>{{ $text }}</dd></div>@endforeach
                </dl>
                @php($outline = $page->outline(150, 80))
                <figure class="plan">
                    <svg viewBox="-4 -4 158 92" width="158" height="92" role="img" aria-label="{{ __('tank.show.plan_from_above') }}">
                    <polygon points="@foreach($outline as [$x, $y]){{ $x }},{{ $y }} @endforeach"/></svg>
                    <figcaption>{{ __('tank.show.from_above_front') }}</figcaption>
                </figure>
                @if($page->levels() !== [])
                <table class="plain levels"><caption>{{ __('tank.show.levels_from_the') }}</caption><thead><tr><th>{{ __('tank.show.below_the_rim')
                    }}</th><th>{{ __('tank.show.what') }}</th><th>{{ __('tank.show.litres_drained_by') }}</th>
                </tr></thead><tbody>
                    @foreach($page->levels() as [$mm, $name, $litres])<tr><td class="num">{{ $mm }}</td><td>{{ $name }}</td><td class="num">{{ $litres }}</td>
                    </tr>@endforeach
                </tbody></table>
                @endif
                <p><a href="{{ $base }}/section.svg" download><x-icon name="download"/> {{ __('tank.show.save_the_drawing') }}</a></p>
            </details>
        </section>
    </div>
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
