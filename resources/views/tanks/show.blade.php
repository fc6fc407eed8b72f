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
                <a href="{{ $base }}/livestock">{{ $tank->animals->label() }}</a>
                <a href="{{ $base }}/plants">{{ trans_choice('tank.stands', $tank->stands()->count(), ['count' => $tank->stands()->count()]) }}</a>
                <a href="{{ $base }}/light">Light and CO₂</a></p>
        </section>
        <aside class="side right" aria-label="{{ __('tank.water.now') }}">
            <div class="page-head"><h2>{{ __('tank.water.now') }}</h2>
                <a href="{{ $base }}/charts">{{ __('tank.water.all') }}</a></div>
            @foreach($page->figures() as $figure)
                @if($figure->value)
                <div @class(['tested-row', 'beyond' => $figure->beyond()])>
                    <span class="name">{{ $figure->parameter->label() }} <small>{{ $figure->when($page->show) }}</small></span>
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
                <li><a href="{{ $base }}/livestock">Livestock and new arrivals</a></li>
                <li><a href="{{ $base }}/targets">Targets</a></li>
                <li><a href="{{ $base }}/edit">Tank setup</a></li>
                <li><a href="{{ $base }}/charts">Charts</a></li>
                <li><a href="{{ $base }}/fixed-spot">Photos</a></li>
                <li><a href="{{ $base }}/top-off">Top-off</a></li>
                <li><a href="{{ $base }}/gravel-vac">Gravel-vac zones</a></li>
                <li><a href="{{ $base }}/dechlorinator">Dechlorinator</a></li>
                <li><a href="{{ $base }}/lower-kh">Lower KH</a></li>
                <li><a href="{{ $base }}/hose">Hose and heat</a></li>
                <li><a href="{{ $base }}/cycling">Cycling</a></li>
                <li><a href="{{ $base }}/catch-up">Catching up</a></li>
            </ul>
            <details class="more"><summary>{{ __('tank.measures') }}</summary>
                <dl class="facts">
                    @foreach($page->dimensions() as [$name, $text])<div><dt>{{ $name }}</dt><dd>{{ $text }}</dd></div>@endforeach
                </dl>
                @php($outline = $page->outline(150, 80))
                <figure class="plan">
                    <svg viewBox="-4 -4 158 92" width="158" height="92" role="img" aria-label="Plan from above, front pane below">
                    <polygon points="@foreach($outline as [$x, $y]){{ $x }},{{ $y }} @endforeach"/></svg>
                    <figcaption>from above, front below</figcaption>
                </figure>
                @if($page->levels() !== [])
                <table class="plain levels"><caption>Levels, from the rim down</caption><thead><tr><th>Below the rim</th><th>What</th><th>Out until there</th>
                </tr></thead><tbody>
                    @foreach($page->levels() as [$mm, $name, $litres])<tr><td class="num">{{ $mm }}</td><td>{{ $name }}</td><td class="num">{{ $litres }}</td>
                    </tr>@endforeach
                </tbody></table>
                @endif
                <p><a href="{{ $base }}/section.svg" download><x-icon name="download"/> Save the drawing</a></p>
            </details>
        </section>
    </div>
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
