<x-layout title="The pen">
    <div class="page-head"><h1>The factor of your TDS pen</h1><a class="act quiet" href="/supplies/products">To the shelf</a></div>
    <p class="lead-line">In use: <b class="num">{{ App\Units\Show::plain($keeper->pen_factor, 3) }}</b>@if($learned->pairs > 0). Your pairs say <b
        class="num">{{ App\Units\Show::rounded($learned->factor, 3) }}</b> ± {{ App\Units\Show::rounded($learned->spread, 3) }}. @endif</p>
    @if($learned->pairs > 0 && abs($learned->factor - $keeper->pen_factor) >= 0.001)<form method="post" action="/pen/factor">@csrf<button
        class="act">Use {{ App\Units\Show::rounded($learned->factor, 3) }} from now on</button></form>@endif
    <form class="plain-form" method="post" action="/pen" novalidate>@csrf
        <ol class="three">
            <li><h2>Dip</h2><p>The pen into a calibration solution, or into water that a conductivity meter has read. 25 °C, or a pen that makes up for the
                warmth.</p></li>
            <li><h2>Write both down</h2><div class="row-fields"><x-field small name="shown" label="the pen shows" unit="mg/L TDS" mode="decimal"/><x-field
                small name="known" label="it really is" unit="µS/cm" mode="decimal"/></div></li>
            <li><h2>Keep</h2><button class="act">Keep this pair</button></li>
        </ol>
    </form>
    @if($trials->isNotEmpty())
    <table class="plain"><caption>Pairs, newest first</caption><thead><tr><th>When</th><th>Shown</th><th>Known</th><th>Factor</th>
    <th><span class="visually-hidden">Take out</span></th></tr></thead><tbody>
        @foreach($trials as $trial)<tr><td>{{ $keeper->show()->when($trial->taken_at) }}</td>
        <td class="num">{{ App\Units\Show::plain($trial->shown, 1) }} mg/L</td><td class="num">{{ App\Units\Show::plain($trial->known, 1) }} µS/cm</td>
        <td class="num">{{ App\Units\Show::rounded($trial->shown / $trial->known, 3) }}</td><td>
        <form method="post" action="/pen/{{ $trial->id }}">@csrf @method('delete')<button class="quiet">Take out<span
            class="visually-hidden"> pair of {{ $keeper->show()->when($trial->taken_at) }}</span></button></form></td></tr>@endforeach
    </tbody></table>
    @endif
</x-layout>
