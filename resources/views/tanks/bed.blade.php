<x-layout :title="'Gravel vac in '.$tank->name" :loop="$loop">
    <div class="page-head"><h1>Gravel vac in {{ $tank->name }}</h1><a class="act quiet"
        href="/tanks/{{ $tank->id }}/maintenance?tasks[]=vacuum">Plan a session with it</a></div>
    @if($page->patches === [])
    <form class="plain-form" method="post" action="/tanks/{{ $tank->id }}/gravel-vac">@csrf
        <p>Cut into patches of about an arm’s reach, the bed is cleaned a part at a time, the longest waiting first.</p>
        <x-choice name="cover" label="The bed is mostly" :value="'sand'"
            :options="App\View\Choices::options('cover')"/>
        <button class="act">Cut it into patches</button>
    </form>
    @else
    @if($finding = $page->finding())<p class="finding {{ $finding->tone }}"><b>{{ $finding->head }}</b> {{ $finding->text }} @if($page->working('next'))<a
        href="?working=next" data-working="next">working</a>@endif</p>@endif
    <svg class="bed-plan" viewBox="-6 -6 {{ $page->wide() + 12 }} {{ $page->height() + 30 }}" role="img"
        aria-label="Plan of the bed, front pane below, {{ count($page->patches) }} patches; the list below has them all">
        <defs>
            <clipPath id="bed-outline"><polygon points="{{ $page->outline() }}"/></clipPath>
            @foreach([1 => 16, 2 => 9, 3 => 5] as $wear => $gap)<pattern id="wear-{{ $wear }}" width="{{ $gap }}" height="{{ $gap }}"
                patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path class="wear-line" d="M0 0V{{ $gap }}"/></pattern>@endforeach
        </defs>
        <g clip-path="url(#bed-outline)">
        @foreach($page->patches as $patch)
            @php([$x, $y, $w, $h] = $page->rectangle($patch))
            <g @class(['patch', 'next' => $page->isNext($patch)]) data-patch="{{ $patch->id }}">
                <rect class="ground" x="{{ $x }}" y="{{ $y }}" width="{{ $w }}" height="{{ $h }}"/>
                @if($page->wear($patch) > 0)<rect x="{{ $x }}" y="{{ $y }}" width="{{ $w }}" height="{{ $h }}"
                    fill="url(#wear-{{ $page->wear($patch) }})"/>@endif
                <rect class="edge" x="{{ $x + 1.5 }}" y="{{ $y + 1.5 }}" width="{{ max(1, $w - 3) }}" height="{{ max(1, $h - 3) }}"/>
                <text x="{{ $x + $w / 2 }}" y="{{ $y + $h / 2 }}" text-anchor="middle">{{ $page->number($patch) }}</text>
                <text class="say" x="{{ $x + $w / 2 }}" y="{{ $y + $h / 2 + 16 }}" text-anchor="middle">{{ $page->days($patch) }}</text>
            </g>
        @endforeach
        </g>
        <polygon class="glass" points="{{ $page->outline() }}"/>
        <text class="say" x="{{ $page->wide() / 2 }}" y="{{ $page->height() + 20 }}" text-anchor="middle">front pane</text>
    </svg>
    <p class="key">Number, and days since it was cleaned; the denser the lines, the longer; a heavy edge is next. Tap a patch when it is clean.</p>
    <ul class="patches">
        @foreach($page->patches as $patch)
        <li id="patch-{{ $patch->id }}" @class(['next' => $page->isNext($patch)])><b>{{ $page->number($patch) }}</b>
            <div><span>{{ $patch->cover->label() }}: {{ $patch->cover->technique() }}</span><small>cleaned
                {{ $page->age($patch) }}@if($patch->cleanings_count), {{ $patch->cleanings_count }} {{ $patch->cleanings_count === 1 ? 'time' : 'times' }} in
                all @endif @if($page->isNext($patch)) · next @endif</small></div>
            <form method="post" action="/tanks/{{ $tank->id }}/gravel-vac/{{ $patch->id }}/clean" data-clean="{{ $patch->id }}">@csrf<button
                @class(['act', 'quiet' => !$page->isNext($patch)])>Cleaned<span
                class="visually-hidden"> patch {{ $page->number($patch) }}</span></button></form>
            <details><summary>Change<span class="visually-hidden"> patch {{ $page->number($patch) }}</span></summary>
                <form class="inline-form" method="post" action="/tanks/{{ $tank->id }}/gravel-vac/{{ $patch->id }}">@csrf @method('put')<label
                    class="visually-hidden" for="f-cover-{{ $patch->id }}">Cover of patch {{ $page->number($patch) }}</label>
                <select id="f-cover-{{ $patch->id }}" name="cover">@foreach(App\View\Choices::all('cover') as $cover)<option value="{{ $cover->value }}"
                    @selected($cover === $patch->cover)>{{ $cover->label() }}</option>@endforeach</select><button class="act quiet">Keep</button></form>
                <form class="inline-form" method="post" action="/tanks/{{ $tank->id }}/gravel-vac/{{ $patch->id }}/split">@csrf<button
                    class="act quiet">Split in two</button></form>
                @foreach($page->partners($patch) as $other)<form class="inline-form" method="post"
                    action="/tanks/{{ $tank->id }}/gravel-vac/{{ $patch->id }}/merge/{{ $other->id }}">@csrf<button
                    class="act quiet">Join with {{ $page->number($other) }}</button></form>@endforeach
            </details></li>
        @endforeach
    </ul>
    <details class="danger"><summary>Cut the bed anew</summary>
    <form method="post" action="/tanks/{{ $tank->id }}/gravel-vac">@csrf<p>The patches and their history go.</p><x-choice name="cover" label="The bed is mostly"
        :value="'sand'" :options="App\View\Choices::options('cover')"/><button
        class="act beyond">Cut it anew</button></form></details>
    @endif
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
