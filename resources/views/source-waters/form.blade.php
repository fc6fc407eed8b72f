<x-layout :title="$water->exists ? __('water.form.title', ['name' => $water->name]) : __('water.form.new')">
    <h1>{{ $water->exists ? $water->name : __('water.form.new') }}</h1>
    <form class="plain-form" method="post" action="{{ $water->exists ? '/source-waters/'.$water->id : '/source-waters' }}"
        novalidate>@csrf @if($water->exists) @method('put') @endif
        <x-field name="name" :label="__('act.name')" :value="$water->name"/>
        <x-choice name="kind" :label="__('water.form.kind')" :value="$water->kind->value"
            :options="$choices::options('source_water')"/>
        <x-choice name="disinfectant" :label="__('waters.disinfectant.ask')" :value="$water->disinfectant?->value"
            :options="['' => __('waters.disinfectant.unknown')] + $choices::options('disinfectant')"/>
        <x-field name="note" :label="__('act.note')" :value="$water->note"/>
        <button class="act">{{ __($water->exists ? 'act.save' : 'water.form.then_test') }}</button>
    </form>
    @if($water->exists)
    <details class="danger"><summary>{{ __('water.form.delete_this_source') }}</summary>
    <form method="post" action="/source-waters/{{ $water->id }}">@csrf @method('delete')<p>{{ __('water.form.its_tests_are') }}</p>
        <button
        class="act beyond">{{ __('water.form.delete', ['name' => $water->name]) }}</button></form></details>
    @endif
</x-layout>
