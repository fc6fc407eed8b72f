<x-layout title="Stock solutions">
    <h1>The recipe as stock solutions</h1>
    <form class="plain-form" method="get" action="/mix-water/bottles" novalidate>
        @foreach($query as $name => $value)
            @if(is_array($value))@foreach($value as $key => $one)@if(is_scalar($one))<input type="hidden"
                name="{{ $name }}[{{ $name === 'cap' ? $key : '' }}]" value="{{ $one }}">@endif @endforeach
            @elseif(is_scalar($value))<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endif
        @endforeach
        <div class="row-fields">
            <div class="field"><label for="f-per_litre">of each bottle, for a litre of water</label><span class="entry"><input id="f-per_litre"
                name="per_litre" value="{{ is_scalar(request('per_litre')) ? request('per_litre') : App\Units\Show::plain($bottles->perLitre, 2) }}"
                inputmode="decimal" aria-describedby="e-per_litre"><span class="unit">mL</span></span><p class="fault"
                id="e-per_litre">{{ $bottles->faults['per_litre'] ?? '' }}</p></div>
            <div class="field"><label for="f-bottle">a bottle holds</label><span class="entry"><input id="f-bottle" name="bottle"
                value="{{ is_scalar(request('bottle')) ? request('bottle') : App\Units\Show::plain($bottles->bottle, 0) }}" inputmode="decimal"
                aria-describedby="e-bottle"><span class="unit">mL</span></span><p class="fault" id="e-bottle">{{ $bottles->faults['bottle'] ?? '' }}</p></div>
        </div>
        <button class="act">Work it out</button>
    </form>
    <p class="lead-line">A full set treats <b class="num">{{ $show->volume($bottles->treats) }}</b> of the bench’s blend of waters.</p>
    @forelse($bottles->bottles as $i => $bottle)
        <section class="bottle"><h2>Bottle {{ chr(65 + $i % 26) }}</h2><ul>@foreach($bottle as $part)<li>{{ $part }}</li>@endforeach</ul>
        <p class="muted">Into about two thirds of the water; stir until clear, then fill up to {{ App\Units\Show::plain($bottles->bottle, 0) }} mL.</p>
        </section>
    @empty
        <p>Nothing of this recipe makes a stock solution.</p>
    @endforelse
    @foreach($bottles->left as $line)<p class="finding heed"><b>Not this one.</b> {{ $line }}</p>@endforeach
    @if($bottles->apart !== [])<h2>Kept apart, because in a strong solution</h2><ul>@foreach($bottles->apart as $line)<li>{{ $line }}</li>@endforeach</ul>
    <p class="muted">In the batch itself they are thin enough: one after the other, each stirred in first.</p>@endif
    <p class="muted">Label each bottle with what is in it and the day; out of children’s reach, cool and dark. Distilled or RO water only.</p>
    <p><a class="act quiet" href="/mix-water?{{ http_build_query($query) }}">Back to the bench</a></p>
</x-layout>
