<x-layout :title="$water->exists ? 'Change '.$water->name : 'Add a source water'">
    <h1>{{ $water->exists ? $water->name : 'Add a source water' }}</h1>
    <form class="plain-form" method="post" action="{{ $water->exists ? '/source-waters/'.$water->id : '/source-waters' }}"
        novalidate>@csrf @if($water->exists) @method('put') @endif
        <x-field name="name" label="Name" :value="$water->name"/>
        <x-choice name="kind" label="Kind" :value="$water->kind->value"
            :options="collect(App\Models\WaterKind::cases())->mapWithKeys(fn ($k) => [$k->value => $k->label()])"/>
        <x-choice name="disinfectant" :label="__('waters.disinfectant.ask')" :value="$water->disinfectant?->value"
            :options="['' => __('waters.disinfectant.unknown')] + App\View\Choices::options('disinfectant')"/>
        <x-field name="note" label="Note" :value="$water->note"/>
        <button class="act">{{ $water->exists ? 'Keep' : 'Name it and read it' }}</button>
    </form>
    @if($water->exists)
    <details class="danger"><summary>Take this water out</summary>
    <form method="post" action="/source-waters/{{ $water->id }}">@csrf @method('delete')<p>Its readings go with it; what it did in past changes stays.</p>
        <button
        class="act beyond">Take {{ $water->name }} out</button></form></details>
    @endif
</x-layout>
