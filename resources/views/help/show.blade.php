@php($helper = $page->helper)
<x-layout :title="$helper->tank->name" bare>
<div class="help">
    <header><h1>{{ $helper->tank->name }}</h1><p>{{ $page->today->format('l j F') }}. Thank you, {{ $helper->name }}. The link works until
        {{ $helper->until_day->format('l j F') }}.</p></header>
    @if(session('status'))<p class="finding heed" role="status">{{ session('status') }}</p>@endif
    @foreach($page->alarms() as $line)<div class="finding beyond" role="alert"><p><b>{{ $line->head }}.</b> {{ $line->why }}</p>
        @if($line->acts !== [])<p>{{ __('standing.ten_minutes') }}</p><ol>@foreach($line->acts as $act)<li>{{ $act }}</li>@endforeach
        </ol>@endif</div>@endforeach
    @if($helper->note)<p class="line">{{ $helper->note }}</p>@endif
    <ul class="asks">
    @foreach($helper->jobs as $job)
        @php($open = $page->isOpen($job))
        @php($ticked = $page->isTicked($job, $page->today))
        @if($open || $ticked)
        <li @class(['ticked' => $ticked])><p class="line">{{ $job->text }}</p>@if($job->caution)<p class="caution"><x-icon
            name="exclamation-triangle"/> {{ $job->caution }}</p>@endif
            <form method="post" action="/help/{{ $secret }}/tasks/{{ $job->id }}">@csrf
            @if($ticked)<p class="did">Done today.</p><button class="act quiet" name="back" value="1">Take it back</button>
            @else<button class="act large">Done</button>@endif</form></li>
        @endif
    @endforeach
    </ul>
    @if(!$helper->jobs->contains(fn ($job) => $page->isOpen($job) || $page->isTicked($job, $page->today)))<p
        class="line">Nothing is asked for today.</p>@endif
    @php($later = $helper->jobs->filter(fn ($job) => !$page->isOpen($job) && !$page->isTicked($job, $page->today) && $page->next($job)))
    @if($later->isNotEmpty())<h2>Not today</h2><ul
        class="later">@foreach($later as $job)<li>{{ $job->text }} <b>{{ $page->next($job)->format('l j F') }}</b></li>
        @endforeach</ul>@endif
    <section aria-labelledby="send-title"><h2 id="send-title">{{ $page->reads() === [] ? 'A word' : 'Readings, and a word' }}</h2>
    <form method="post" action="/help/{{ $secret }}/readings" novalidate>@csrf
        @error('readings')<p class="fault">{{ $message }}</p>@enderror
        @foreach($page->reads() as $parameter)<x-field :name="'readings['.$parameter->value.']'" :label="$parameter->label()"
            :unit="$page->show->unit($parameter)->label"/>@endforeach
        <div class="field"><label for="f-note">What you saw</label><textarea id="f-note" name="note" rows="2" maxlength="500"></textarea></div>
        <button class="act">Send</button></form></section>
    <section aria-labelledby="photo-title"><h2 id="photo-title">A photo</h2>
    <form method="post" action="/help/{{ $secret }}/photo" enctype="multipart/form-data">@csrf<div class="field"><label
        for="f-photo">From the front, all of the
        tank</label><input id="f-photo" type="file" name="photo" accept="image/jpeg,image/png,image/webp" capture="environment"
            aria-describedby="e-f-photo"><p
        class="fault" id="e-f-photo">@error('photo'){{ $message }}@enderror</p></div><button class="act">Send the photo</button></form></section>
    <p class="caution"><x-icon name="exclamation-triangle"/> {{ __('helper.emergency') }}</p>
</div>
</x-layout>
