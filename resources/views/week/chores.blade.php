@php($show = $page->show)
<x-layout :title="__('week.chores.tasks')">
    <div class="page-head"><h1>{{ __('week.chores.tasks') }}</h1><a class="act quiet" href="/week">{{ __('week.chores.week') }}</a></div>
    <p class="muted">{{ __('week.chores.water_changes_trims') }}</p>
    @if($page->chores->isNotEmpty())
    <div class="table-wrap"><table class="plain chores"><thead><tr><th>{{ __('week.chores.task') }}</th><th>{{ __('week.chores.where') }}</th><th>{{
        __('week.chores.how_often') }}</th><th>{{ __('week.chores.due') }}</th><th><span
        class="visually-hidden">{{ __('week.chores.actions') }}</span></th></tr></thead><tbody>
        @foreach($page->chores as $chore)
        @php($interval = $page->interval($chore))
        <tr><th scope="row">{{ $page->name($chore) }} <small class="num">{{ $page->minutes($chore) }} min</small></th>
            <td>{{ $chore->tank->name ?? __('week.at_home') }}</td>
            <td>@if($page->wear($chore))<a data-working="{{ $chore->id }}" href="/tasks?working={{ $chore->id }}">{{ $page->wear($chore) }}</a>
                @elseif($interval->count() > 0)<a data-working="{{ $chore->id }}"
                href="/tasks?working={{ $chore->id }}">{{ $page::every($interval) }}</a>
                @else{{ $page::every($interval) }}@endif<br><small
                    class="muted">{{ __('week.chores.when_late', ['what' => __('week.lateness.'.$chore->toKind()->lateness->value)]) }}</small></td>
            <td data-of="due" @class(['short' => $page->isLate($chore)])>{{ $page->due($chore) }}</td>
            <td><form class="act-line" method="post" action="/tasks/{{ $chore->id }}/done">@csrf
                @if($chore->toKind()->comes->value === 'learned' && $chore->every === null)<span>{{ __('week.chores.done_there_was') }}</span>
                    @foreach($choices::all('found') as $found)<button class="act quiet" name="found"
                        value="{{ $found->value }}">{{ __('week.found.'.$found->value) }}<span class="visually-hidden">,
                        {{ $page->name($chore) }}</span></button> @endforeach
                @else<button class="act quiet">{{ __('act.done') }}<span class="visually-hidden">: {{ $page->name($chore) }}</span></button>@endif</form>
                <details><summary>{{ __('act.edit') }}<span class="visually-hidden">: {{ $page->name($chore) }}</span></summary>
                <form class="plain-form" method="post" action="/tasks/{{ $chore->id }}">@csrf @method('put')
                    <input type="hidden" name="kind" value="{{ $chore->kind }}"><input type="hidden" name="tank_id" value="{{ $chore->tank_id }}">
                    <input type="hidden" name="wears_of" value="{{ $chore->wears_of?->value }}">@if($chore->toKind()->wears === null)<input type="hidden"
                        name="wears_most" value="">@endif
                    <div class="row-fields">@foreach($page->fields($chore) as [$field, $label, $value, $type])
                        <div class="field small"><label for="c{{ $chore->id }}-{{ $field }}">{{ $label }}</label><input id="c{{ $chore->id }}-{{ $field }}"
                        name="{{ $field }}" type="{{ $type }}" value="{{ $value }}" autocomplete="off"></div>@endforeach</div>
                    <button class="act quiet">{{ __('act.save') }}</button></form>
                <form method="post" action="/tasks/{{ $chore->id }}">@csrf @method('delete')<button
                    class="act quiet beyond">{{ __('act.delete') }}</button></form></details></td></tr>
        @endforeach
    </tbody></table></div>
    @endif
    @if($page->sessions() !== [])
    <section aria-labelledby="learned-title"><h2 id="learned-title">{{ __('week.chores.maintenance_as_learned') }}</h2>
    <table class="plain"><thead><tr><th>{{ __('week.chores.tank') }}</th><th>{{ __('week.chores.task') }}</th><th>{{ __('week.chores.how_often')
        }}</th></tr></thead><tbody>
        @foreach($page->sessions() as $line)<tr><th scope="row">{{ $line['tank'] }}</th><td>{{ $line['task'] }}</td><td>{{ $line['every'] }}</td>
            </tr>@endforeach
    </tbody></table></section>
    @endif
    <section aria-labelledby="new-title"><h2 id="new-title">{{ __('week.chores.add_a_task') }}</h2>
    <form class="plain-form" method="post" action="/tasks" novalidate>@csrf
        <div class="row-fields">
        <x-choice name="kind" :label="__('week.chores.task')" :options="$page::kinds()" value="floss"/>
        <x-choice name="tank_id" :label="__('week.chores.where')" :options="['' => __('week.at_home')] + $page->keeper->tanks->pluck('name', 'id')->all()"
            :value="$page->keeper->tanks->first()?->id"/>
        <x-field name="name" :label="__('week.chores.name_or_note')"/>
        </div><div class="row-fields">
        <x-field name="every" :label="__('week.chores.every')" :unit="__('names.days')" mode="numeric" :help="__('week.chores.leave_it_empty')"/>
        <x-field name="minutes" :label="__('week.chores.takes')" unit="min" mode="numeric"/>
        <x-field name="next_on" :label="__('week.chores.first_on_or')" type="date"/>
        </div><div class="row-fields">
        <x-field name="wears_most" :label="__('week.chores.or_after')" mode="decimal" :help="__('week.wears.help')"/>
        <x-choice name="wears_of" :label="__('week.chores.tests_of')" :options="$page::parameters()" :value="''"/>
        </div><button class="act">{{ __('act.save') }}</button>
    </form></section>
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
