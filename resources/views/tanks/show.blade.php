<x-layout :title="$page->tank->name" :loop="$loop" wide>
    <h1 class="visually-hidden">{{ $page->tank->name }}: section</h1>
    <div class="sheet look">
        <aside class="side" aria-label="Dimensions">
            <h2>Measures</h2>
            <dl class="facts">
                @foreach($page->dimensions() as [$name, $text])<div><dt>{{ $name }}</dt><dd>{{ $text }}</dd></div>@endforeach
            </dl>
            @php($outline = $page->outline(150, 80))
            <figure class="plan">
                <svg viewBox="-4 -4 158 92" width="158" height="92" role="img" aria-label="Plan from above, front pane below">
                <polygon points="@foreach($outline as [$x, $y]){{ $x }},{{ $y }} @endforeach"/></svg>
                <figcaption>from above, front below</figcaption>
            </figure>
            <p><a class="act quiet" href="/tanks/{{ $page->tank->id }}/edit"><x-icon name="pencil"/> Edit tank setup</a></p>
            <ul class="links"><li><a href="/tanks/{{ $page->tank->id }}/livestock">Livestock and new arrivals</a></li>
            <li><a href="/tanks/{{ $page->tank->id }}/cycling">Cycling</a></li><li><a href="/tanks/{{ $page->tank->id }}/catch-up">Catching up</a></li>
            <li><a href="/tanks/{{ $page->tank->id }}/charts">Charts</a></li>
            <li><a href="/tanks/{{ $page->tank->id }}/light">Light and CO₂</a></li>
            <li><a href="/tanks/{{ $page->tank->id }}/fixed-spot">Photos</a></li>
            <li><a href="/tanks/{{ $page->tank->id }}/targets">Targets</a></li>
            <li><a href="/mix-water?tank={{ $page->tank->id }}">Mix water for it</a></li>
            <li><a href="/tanks/{{ $page->tank->id }}/top-off">Top-off over a year</a></li>
            <li><a href="/tanks/{{ $page->tank->id }}/dechlorinator">Dechlorinator dose</a></li>
            <li><a href="/tanks/{{ $page->tank->id }}/lower-kh">Lower KH with acid</a></li>
            <li><a href="/tanks/{{ $page->tank->id }}/hose">Hose and heat</a></li>
            <li><a href="/tanks/{{ $page->tank->id }}/gravel-vac">Gravel-vac zones</a></li></ul>
            <p><a href="/tanks/{{ $page->tank->id }}/section.svg" download><x-icon name="download"/> Save the drawing</a></p>
        </aside>
        <section class="board" aria-label="Section to scale">
            <p class="lead-figure">
                <a class="figure" href="?working=volume" data-working="volume"><b>{{ $page->show->volumeNumber($page->vessel->litres()) }}</b>
                    {{ $page->tank->keeper->volume_unit->label() }} net</a>
                <span>± {{ $page->show->volume(($page->vessel->volumeDistribution()->quantile(.9) - $page->vessel->volumeDistribution()->quantile(.1)) / 2) }}
                    from your measurements</span>
            </p>
            @include('parts.section', ['drawing' => $page->drawing, 'show' => $page->show])
            <ul class="level-list">
                @foreach($page->drawing->leaders as $leader)<li><b>{{ $leader->first }}</b> {{ $leader->second }}</li>@endforeach
            </ul>
            @if($page->levels() !== [])
            <table class="plain levels"><caption>Levels, from the rim down</caption><thead><tr><th>Below the rim</th><th>What</th><th>Out until there</th>
            </tr></thead><tbody>
                @foreach($page->levels() as [$mm, $name, $litres])<tr><td class="num">{{ $mm }}</td><td>{{ $name }}</td><td class="num">{{ $litres }}</td>
                </tr>@endforeach
            </tbody></table>
            @endif
        </section>
        <aside class="side right" aria-label="State of the water">
            @foreach($page->concerns() as $line)
                <p class="finding {{ $line->finding()->tone }}"><b>{{ $line->finding()->head }}</b> {{ $line->why }}</p>
                @if($line->acts !== [])
                    <details class="acts-now" open><summary>{{ __('standing.ten_minutes') }}</summary><ol>
                        @foreach($line->acts as $act)<li>{{ $act }}</li>@endforeach
                    </ol></details>
                @endif
            @endforeach
            <h2>Water now</h2>
            <div class="bands">
            @foreach($page->figures() as $figure)
                <div @class(['band-row', 'beyond' => $figure->beyond()])>
                    <span class="name">{{ $figure->parameter->label() }}</span>
                    @if($figure->value)
                        <span class="num">@if($figure->isCarriedOn)<a href="?working={{ $figure->parameter->value }}"
                            data-working="{{ $figure->parameter->value }}">{{ $figure->text($page->show) }}</a>@else{{ $figure->text($page->show) }}
                            @endif @if($figure->beyond()) <b>{{ $figure->beyond() }}</b>@endif</span>
                        <svg class="band" viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden="true">
                            <path class="scale" d="M0 4h100"/>
                            @if($figure->range)<path class="range" d="M{{ $figure->at($figure->range[0]) }} 4H{{ $figure->at($figure->range[1]) }}"/>@endif
                            <path class="spread" d="M{{ $figure->at($figure->value->quantile(.1)) }} 4H{{ $figure->at($figure->value->quantile(.9)) + .6 }}"/>
                        </svg>
                        <small>{{ $figure->isCarried ? 'forecast, changed ' : ($figure->isCarriedOn ? 'as it should be now, read ' : '')
                            }}{{ $figure->at ? $page->show->day($figure->at) : '' }}
                            @if($read = $figure->readAs($page->show))
                            {{ $figure->isCarriedOn ? 'as' : '· read as' }} {{ $read }}
                            @endif
                            @if($figure->range)
                            @php($least = $page->show->limitNumber($figure->parameter, $figure->range[0]))
                            @php($most = $page->show->limit($figure->parameter, $figure->range[1]))
                            · kept at {{ $least }} to {{ $most }}
                            @endif</small>
                    @else
                        <span class="num muted">not read</span>
                    @endif
                </div>
            @endforeach
            </div>
            <p><a class="act" href="/tanks/{{ $page->tank->id }}/test">Read</a> <a class="act quiet"
                href="/tanks/{{ $page->tank->id }}/water-change">Plan a change</a></p>
            <h2>Last events</h2>
            <ul class="events">
                @forelse($page->lastEntries() as $entry)<li><span>{{ $page->show->day($entry->happened_at) }}</span> {{ $entry->title }}</li>@empty<li>Nothing
                    yet.</li>@endforelse
            </ul>
        </aside>
    </div>
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
