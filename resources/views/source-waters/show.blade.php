<x-layout :title="$water->name">
    <div class="page-head"><h1>{{ $water->name }}</h1><span class="acts"><a class="act" href="/source-waters/{{ $water->id }}/test">{{ __('act.test') }}</a>
        <a href="/source-waters/{{ $water->id }}/edit">{{ __('act.edit') }}</a> <a href="/source-waters">{{ __('water.page.all') }}</a></span></div>
    <p class="muted">{{ label($water->kind) }}@if($water->note) · {{ $water->note }}@endif</p>
    <div class="two-halves">
    <section aria-labelledby="ions-title"><h2 id="ions-title">{{ __('water.page.ions') }}</h2>
        <x-findings :findings="$page->findings()"/>
        @if($page->ions() !== [])
        <table class="plain"><thead><tr><th>{{ __('water.page.ion') }}</th><th>mg/L</th><th>{{ __('water.page.from') }}</th></tr></thead><tbody>
            @foreach($page->ions() as $row)<tr><th scope="row">{{ label($row['ion']) }}</th>
            <td class="num">{{ $row['milligrams'] }}@if($row['spread']) ± {{ $row['spread'] }}@endif</td>
            <td>{{ __($row['given'] ? 'water.page.given' : 'water.page.estimated') }}</td></tr>@endforeach
        </tbody></table>
        <p class="muted">{{ $page->read() ? __('water.page.conduct_tested', ['ions' => $page->conductivity(), 'tested' => $page->read()])
            : __('water.page.conduct', ['ions' => $page->conductivity()]) }} <a href="?working=ec" data-working="ec">{{ __('act.working') }}</a></p>
        @endif
        @foreach($page->analyses as $analysis)<form class="inline-form" method="post"
            action="/analyses/{{ $analysis->id }}">@csrf @method('delete')<span>{{ __('water.page.analysis', ['day' =>
            $analysis->sampled_on->translatedFormat('j M Y')]) }} {{ $analysis->note }}</span> <button class="quiet">{{ __('act.delete') }}<span
            class="visually-hidden">: {{ __('water.page.analysis', ['day' => $analysis->sampled_on->translatedFormat('j M Y')])
                }}</span></button></form>@endforeach
        @foreach($page->charts() as $chart)
        <h2>{{ $chart->title }} <small>{{ $chart->unit }}</small></h2><x-chart :chart="$chart"/>
        @endforeach
    </section>
    <section aria-labelledby="analysis-title"><h2 id="analysis-title">{{ __('water.page.add') }}</h2>
        <form class="plain-form" method="post" action="/source-waters/{{ $water->id }}/analyses" novalidate>@csrf
            <p class="muted">{{ __('water.page.add_why') }}</p>
            <div class="row-fields">
            @foreach($page::IONS as $ion)<x-field small :name="'ions['.$ion->value.']'" :label="label($ion)" unit="mg/L" mode="decimal"
                maxlength="20"/>@endforeach
                <x-field small name="hardness" :label="__('water.page.hardness')"
                    :unit="$show->unit($choices::parameter('general_hardness'))->label" mode="decimal"/>
                <x-field small name="alkalinity" :label="__('water.page.alkalinity')"
                    :unit="$show->unit($choices::parameter('carbonate_hardness'))->label"
                    mode="decimal"/>
                <x-field small name="ph" :label="label($choices::parameter('ph'))" mode="decimal"/>
                <x-field small name="conductivity" :label="__('water.page.conductivity')"
                    :unit="$show->unit($choices::parameter('conductivity'))->label" mode="decimal"/>
                <x-field name="sampled_on" :label="__('water.page.sampled')" type="date" :value="$now->format('Y-m-d')"/>
            </div>
            <x-field name="note" :label="__('water.page.note')" maxlength="500"/>
            <button class="act">{{ __('water.page.save') }}</button>
        </form>
    </section>
    </div>
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
