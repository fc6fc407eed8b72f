<x-layout :title="'Edit: '.$entry->title" :loop="$loop">
    <div class="page-head"><h1>Edit entry</h1><a class="act quiet"
        href="{{ $entry->tank_id ? '/tanks/'.$entry->tank_id : '' }}/log">To the diary</a></div>
    <p class="lead-line">{{ $entry->title }}</p>
    <form class="plain-form" method="post" action="/entries/{{ $entry->id }}" novalidate>@csrf @method('put')
        @if(in_array($entry->kind, App\Models\EntryKind::written(), true))<x-field name="title" label="What happened" :value="$entry->title"
            maxlength="160"/>@endif
        <x-field name="happened_at" label="When" type="datetime-local" :value="$when" :help="'your time, '.auth()->user()->timezone"/>
        @if($change)<x-field name="litres" label="Taken out in all" :value="$show->volumes()->show($change->litres)" :unit="$show->volumes()->label"
            mode="decimal"/>@endif
        @foreach($entry->readings as $reading)
            <x-field :name="'readings['.$reading->parameter->value.']'" :label="$reading->parameter->label()" :value="$show->typed($reading->toCore())"
                :unit="$show->unit($reading->parameter)->label" mode="text" maxlength="60"/>
        @endforeach
        @if($entry->readings->isNotEmpty())<p class="muted">Empty takes a reading out.</p>@endif
        <x-field name="body" label="Note" :value="$entry->body"/>
        <div class="acts"><button class="act large">Keep it so</button></div>
    </form>
    <details class="danger"><summary>Take it out of the diary</summary>
        <form method="post" action="/entries/{{ $entry->id }}">@csrf @method('delete')
            <p>{{ __($change ? 'said.entry.change_goes' : ($entry->run_id ? 'said.entry.work_goes' : 'said.entry.goes')) }}</p>
            <button class="act beyond">Take it out</button>
        </form>
    </details>
</x-layout>
