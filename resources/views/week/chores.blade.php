@php($show = $page->show)
<x-layout title="Tasks">
    <div class="page-head"><h1>Tasks</h1><a class="act quiet" href="/week">To the week</a></div>
    <p class="muted">Changes, cuts and the work of sessions come by themselves. What else comes again is set up here, and gets its day.</p>
    @if($page->chores->isNotEmpty())
    <div class="table-wrap"><table class="plain chores"><thead><tr><th>Job</th><th>Where</th><th>How often</th><th>Due</th><th><span
        class="visually-hidden">Acts</span></th></tr></thead><tbody>
        @foreach($page->chores as $chore)
        @php($interval = App\Known\ChoresOf::interval($chore))
        <tr><th scope="row">{{ $page->name($chore) }} <small class="num">{{ App\Known\ChoresOf::minutes($chore) }} min</small></th>
            <td>{{ $chore->tank->name ?? __('week.at_home') }}</td>
            <td>@if($page->wear($chore))<a data-working="{{ $chore->id }}" href="/tasks?working={{ $chore->id }}">{{ $page->wear($chore) }}</a>
                @elseif($interval->count() > 0)<a data-working="{{ $chore->id }}"
                href="/tasks?working={{ $chore->id }}">{{ App\View\ChoresPage::every($interval) }}</a>
                @else{{ App\View\ChoresPage::every($interval) }}@endif<br><small
                    class="muted">{{ __('week.lateness.'.$chore->toKind()->lateness->value) }} when
                late</small></td>
            <td data-of="due" @class(['short' => $page->isLate($chore)])>{{ $page->due($chore) }}</td>
            <td><form class="act-line" method="post" action="/tasks/{{ $chore->id }}/done">@csrf
                @if($chore->toKind()->comes->value === 'learned' && $chore->every === null)<span>Done, found</span>
                    @foreach(App\View\Choices::all('found') as $found)<button class="act quiet" name="found"
                        value="{{ $found->value }}">{{ __('week.found.'.$found->value) }}<span class="visually-hidden">,
                        {{ $page->name($chore) }}</span></button> @endforeach
                @else<button class="act quiet">Done<span class="visually-hidden">: {{ $page->name($chore) }}</span></button>@endif</form>
                <details><summary>Change<span class="visually-hidden">: {{ $page->name($chore) }}</span></summary>
                <form class="plain-form" method="post" action="/tasks/{{ $chore->id }}">@csrf @method('put')
                    <input type="hidden" name="kind" value="{{ $chore->kind }}"><input type="hidden" name="tank_id" value="{{ $chore->tank_id }}">
                    <input type="hidden" name="wears_of" value="{{ $chore->wears_of?->value }}">@if($chore->toKind()->wears === null)<input type="hidden"
                        name="wears_most" value="">@endif
                    <div class="row-fields">@foreach($page->fields($chore) as [$field, $label, $value, $type])
                        <div class="field small"><label for="c{{ $chore->id }}-{{ $field }}">{{ $label }}</label><input id="c{{ $chore->id }}-{{ $field }}"
                        name="{{ $field }}" type="{{ $type }}" value="{{ $value }}" autocomplete="off"></div>@endforeach</div>
                    <button class="act quiet">Keep</button></form>
                <form method="post" action="/tasks/{{ $chore->id }}">@csrf @method('delete')<button
                    class="act quiet beyond">Take out</button></form></details></td></tr>
        @endforeach
    </tbody></table></div>
    @endif
    @if($page->sessions() !== [])
    <section aria-labelledby="learned-title"><h2 id="learned-title">Work of sessions, as what was found taught</h2>
    <table class="plain"><thead><tr><th>Tank</th><th>Work</th><th>How often</th></tr></thead><tbody>
        @foreach($page->sessions() as $line)<tr><th scope="row">{{ $line['tank'] }}</th><td>{{ $line['task'] }}</td><td>{{ $line['every'] }}</td>
            </tr>@endforeach
    </tbody></table></section>
    @endif
    <section aria-labelledby="new-title"><h2 id="new-title">One more</h2>
    <form class="plain-form" method="post" action="/tasks" novalidate>@csrf
        <div class="row-fields">
        <x-choice name="kind" label="What" :options="App\View\ChoresPage::kinds()" value="floss"/>
        <x-choice name="tank_id" label="At" :options="['' => 'home'] + $page->keeper->tanks->pluck('name', 'id')->all()"
            :value="$page->keeper->tanks->first()?->id"/>
        <x-field name="name" label="Note, or its name"/>
        </div><div class="row-fields">
        <x-field name="every" label="Every" unit="days" mode="numeric" help="Leave it empty and what you find each time teaches it."/>
        <x-field name="minutes" label="Takes" unit="min" mode="numeric"/>
        <x-field name="next_on" label="First on, or the date on the pack" type="date"/>
        </div><div class="row-fields">
        <x-field name="wears_most" label="Or after so many" mode="decimal" :help="__('week.wears.help')"/>
        <x-choice name="wears_of" label="of, where it is readings" :options="App\View\ChoresPage::parameters()" :value="''"/>
        </div><button class="act">Keep</button>
    </form></section>
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
