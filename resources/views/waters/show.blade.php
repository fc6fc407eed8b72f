<x-layout :title="$water->name">
    <div class="page-head"><h1>{{ $water->name }}</h1><span class="acts"><a href="/source-waters/{{ $water->id }}/edit">Change</a> <a class="act"
        href="/source-waters/{{ $water->id }}/test">Read</a> <a class="act quiet" href="/source-waters">To the waters</a></span></div>
    <p class="muted">{{ $water->kind->label() }}@if($water->note) · {{ $water->note }}@endif</p>
    <div class="two-halves">
    <section aria-labelledby="ions-title"><h2 id="ions-title">What is in it</h2>
        <x-findings :findings="$page->findings()"/>
        @if($page->ions() !== [])
        <table class="plain"><thead><tr><th>Ion</th><th>mg/L</th><th>From</th></tr></thead><tbody>
            @foreach($page->ions() as $row)<tr><th scope="row">{{ $row['ion']->label() }}</th>
            <td class="num">{{ $row['milligrams'] }}@if($row['spread']) ± {{ $row['spread'] }}@endif</td>
            <td>{{ $row['given'] ? 'the analysis' : 'worked out' }}</td></tr>@endforeach
        </tbody></table>
        <p class="muted">These ions conduct <a href="?working=ec" data-working="ec">{{ $page->conductivity() }}</a>@if($page->read()); read were
            {{ $page->read() }}@endif.</p>
        @endif
        @foreach($page->analyses as $analysis)<form class="inline-form" method="post"
            action="/analyses/{{ $analysis->id }}">@csrf @method('delete')<span>Analysis of {{ $analysis->sampled_on->format('j M Y') }}@if($analysis->note),
            {{ $analysis->note }}@endif</span> <button class="quiet">Take out<span
            class="visually-hidden"> analysis of {{ $analysis->sampled_on->format('j M Y') }}</span></button></form>@endforeach
        @if($page->trends() !== [])
        <h2>How it goes</h2>
        @foreach($page->trends() as $trend)
            <div class="trend-row"><b>{{ $trend['label'] }}</b><svg class="trend" viewBox="0 0 220 36" role="img"
                aria-label="{{ $trend['label'] }} from {{ $trend['first'] }} to {{ $trend['last'] }}"><polyline class="trend-line"
                points="{{ $trend['points'] }}"/></svg><span class="num">{{ $trend['last'] }}</span><small>since {{ $trend['from'] }} between
                {{ $trend['low'] }} and {{ $trend['high'] }}</small></div>
        @endforeach
        @endif
    </section>
    <section aria-labelledby="analysis-title"><h2 id="analysis-title">Write an analysis down</h2>
        <form class="plain-form" method="post" action="/source-waters/{{ $water->id }}/analyses" novalidate>@csrf
            <p class="muted">As far as the report goes; what is left out is worked out from hardness, charges and conductivity, and said to be.</p>
            <div class="row-fields">
            @foreach(App\View\BenchSheet::BARS as $ion)<x-field small :name="'ions['.$ion->value.']'" :label="$ion->label()" unit="mg/L" mode="decimal"
                maxlength="20"/>@endforeach
                <x-field small name="hardness" label="Hardness" :unit="$show->unit(App\View\Choices::parameter('general_hardness'))->label" mode="decimal"/>
                <x-field small name="alkalinity" label="Alkalinity (KH)" :unit="$show->unit(App\View\Choices::parameter('carbonate_hardness'))->label"
                    mode="decimal"/>
                <x-field small name="ph" label="pH" mode="decimal"/>
                <x-field small name="conductivity" label="Conductivity" :unit="$show->unit(App\View\Choices::parameter('conductivity'))->label" mode="decimal"/>
                <x-field name="sampled_on" label="Day of the sample" type="date" :value="$now->format('Y-m-d')"/>
            </div>
            <x-field name="note" label="Note" maxlength="500"/>
            <button class="act">Keep analysis</button>
        </form>
    </section>
    </div>
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
