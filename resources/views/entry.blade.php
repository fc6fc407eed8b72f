<x-layout :title="__('log.edit.title', ['what' => $entry->title])" :loop="$loop">
    <div class="page-head"><h1>{{ __('log.edit.edit_entry') }}</h1><a class="act quiet"
        href="{{ $entry->tank_id ? '/tanks/'.$entry->tank_id : '' }}/log">{{ __('log.edit.log') }}</a></div>
    <p class="lead-line">{{ $entry->title }}</p>
    <form class="plain-form" method="post" action="/entries/{{ $entry->id }}" novalidate>@csrf @method('put')
        @if($entry->kind->isWritten())<x-field name="title" :label="__('log.edit.what_happened')" :value="$entry->title"
            :maxlength="max(160, mb_strlen($entry->title))"/>@endif
        <x-field name="happened_at" :label="__('log.edit.when')" type="datetime-local" :value="$when" :help="__('layout.time.yours', ['zone'
            => auth()->user()->timezone])"/>
        @if($change)<x-field name="litres" :label="__('log.edit.drained_in_all')" :value="$show->volumes()->show($change->litres)"
            :unit="$show->volumes()->label"
            mode="decimal"/>@endif
        @foreach($entry->readings as $reading)
            <x-field :name="'readings['.$reading->parameter->value.']'" :label="label($reading->parameter)" :value="$show->typed($reading->toCore())"
                :unit="$show->unit($reading->parameter)->label" mode="text" maxlength="60"/>
        @endforeach
        @if($entry->readings->isNotEmpty())<p class="muted">{{ __('log.edit.empty_a_result') }}</p>@endif
        <x-field name="body" :label="__('act.note')" :value="$entry->body"/>
        <div class="acts"><button class="act large">{{ __('act.save') }}</button></div>
    </form>
    <details class="danger"><summary>{{ __('log.edit.delete_this_entry') }}</summary>
        <form method="post" action="/entries/{{ $entry->id }}">@csrf @method('delete')
            <p>{{ __($change ? 'said.entry.change_goes' : ($entry->checklist_id ? 'said.entry.work_goes' : 'said.entry.goes')) }}</p>
            <button class="act beyond">{{ __('act.delete') }}</button>
        </form>
    </details>
</x-layout>
