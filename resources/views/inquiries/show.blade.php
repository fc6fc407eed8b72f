<x-layout :title="$page->title().', '.$tank->name" :loop="$loop" wide :act="true">
    <div class="page-head inquiry-head"><h1>{{ $page->title() }}</h1>
        <nav class="parts" aria-label="{{ __('inquiry.parts.label') }}">@foreach($page->parts() as $part => $url)<a href="{{ $url }}"
            @if($part === $page->part) aria-current="page" @endif>{{ __('inquiry.parts.'.$part) }}</a>@endforeach</nav>
    </div>
    @if($errors->has('ended') || $errors->has('sign'))<p class="fault" role="alert">{{ $errors->first('ended') ?: $errors->first('sign') }}</p>@endif
    @include('inquiries.alarms')
    @includeWhen($page->part === 'now', 'inquiries.plan')
    @includeWhen($page->part !== 'now', 'inquiries.asking')
    @if($page->part === 'what')
    <div class="inquiry-photo">
        @if($page->inquiry->photo_id)<img src="/photos/{{ $page->inquiry->photo_id }}" alt="{{ __('inquiry.photo.alt', ['what' => $page->title()]) }}"
            loading="lazy">@endif
        <form method="post" action="{{ $page->url() }}/photo" enctype="multipart/form-data">@csrf
            <label for="f-photo">{{ __('inquiry.photo.add') }}</label>
            <input id="f-photo" type="file" name="photo" accept="image/jpeg,image/png,image/webp" capture="environment" aria-describedby="e-f-photo"
                @error('photo') aria-invalid="true" @enderror>
            <button class="act quiet">Keep it</button>
            <p class="fault" id="e-f-photo">{{ $errors->first('photo') }}</p>
        </form>
        <form method="post" action="{{ $page->url() }}">@csrf @method('delete')<button class="act quiet">{{ __('inquiry.drop') }}</button></form>
    </div>
    @endif
    @includeWhen($isWorkingAsked, 'parts.open-working')
</x-layout>
