@php($helper = $page->helper)
<x-layout :title="$helper->tank->name" bare>
<div class="help">
    <header><h1>{{ $helper->tank->name }}</h1><p>{{ __('helper.page.thank_you_the', ['day' => $page->today->translatedFormat('l j F'), 'name' => $helper->name,
        'until' => $helper->until_day->translatedFormat('l j F')]) }}</p></header>
    @if(session('status'))<x-finding role="status">{{ session('status') }}</x-finding>@endif
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
            @if($ticked)<p class="did">{{ __('helper.page.done_today') }}</p><button class="act quiet" name="back" value="1">{{ __('act.undo') }}</button>
            @else<button class="act large">{{ __('act.done') }}</button>@endif</form></li>
        @endif
    @endforeach
    </ul>
    @if(!$helper->jobs->contains(fn ($job) => $page->isOpen($job) || $page->isTicked($job, $page->today)))<p
        class="line">{{ __('helper.page.nothing_to_do') }}</p>@endif
    @php($later = $helper->jobs->filter(fn ($job) => !$page->isOpen($job) && !$page->isTicked($job, $page->today) && $page->next($job)))
    @if($later->isNotEmpty())<h2>{{ __('helper.page.not_today') }}</h2><ul
        class="later">@foreach($later as $job)<li>{{ $job->text }} <b>{{ $page->next($job)->translatedFormat('l j F') }}</b></li>
        @endforeach</ul>@endif
    <section aria-labelledby="send-title"><h2 id="send-title">{{ __($page->reads() === [] ? 'helper.page.note' : 'helper.page.tests_note') }}</h2>
    <form method="post" action="/help/{{ $secret }}/readings" novalidate>@csrf
        @error('readings')<p class="fault">{{ $message }}</p>@enderror
        @foreach($page->reads() as $parameter)<x-field :name="'readings['.$parameter->value.']'" :label="label($parameter)"
            :unit="$page->show->unit($parameter)->label"/>@endforeach
        <div class="field"><label for="f-note">{{ __('helper.page.what_you_saw') }}</label><textarea id="f-note" name="note" rows="2"
            maxlength="500"></textarea></div>
        <button class="act">{{ __('helper.page.send') }}</button></form></section>
    <section aria-labelledby="photo-title"><h2 id="photo-title">{{ __('helper.page.a_photo') }}</h2>
    <form method="post" action="/help/{{ $secret }}/photo" enctype="multipart/form-data">@csrf<div class="field"><label
        for="f-photo">{{ __('helper.page.from_the_front') }}</label><input id="f-photo" type="file" name="photo" accept="image/jpeg,image/png,image/webp"
            capture="environment"
            aria-describedby="e-f-photo"><p
        class="fault" id="e-f-photo">@error('photo'){{ $message }}@enderror</p></div><button class="act">{{ __('helper.page.send_the_photo')
            }}</button></form></section>
    <p class="caution"><x-icon name="exclamation-triangle"/> {{ __('helper.emergency') }}</p>
</div>
</x-layout>
