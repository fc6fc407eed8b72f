<x-layout :title="$page->title().', '.$tank->name" :loop="$loop" wide :act="true">
    <div class="page-head inquiry-head"><h1>{{ $page->title() }}</h1>
        <nav class="parts" aria-label="{{ __('inquiry.parts.label') }}">@foreach($page->parts() as $part => $url)<a href="{{ $url }}"
            @if($part === $page->part) aria-current="page" @endif>{{ __('inquiry.parts.'.$part) }}</a>@endforeach</nav>
    </div>
    @if($errors->has('ended') || $errors->has('sign'))<p class="fault" role="alert">{{ $errors->first('ended') ?: $errors->first('sign') }}</p>@endif
    @include('problems.alarms')
    @includeWhen($page->part === 'now', 'problems.plan')
    @includeWhen($page->part !== 'now', 'problems.asking')
    @includeWhen($page->part !== 'why', 'problems.photos')
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
