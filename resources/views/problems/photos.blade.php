<section class="inquiry-photos" aria-label="{{ __('inquiry.photo.row') }}">
    @foreach($page->photos() as $photo)
    <figure><img src="/photos/{{ $photo->id }}" width="{{ $photo->width }}" height="{{ $photo->height }}" loading="lazy"
        alt="{{ __('inquiry.photo.alt', ['what' => $page->title(), 'day' => $page->show->day($photo->taken_at)]) }}"><figcaption>
        {{ $page->show->day($photo->taken_at) }}
        <form method="post" action="/photos/{{ $photo->id }}">@csrf @method('delete')<button class="quiet">{{ __('inquiry.photo.drop') }}<span
            class="visually-hidden">: {{ $page->show->day($photo->taken_at) }}</span></button></form></figcaption></figure>
    @endforeach
    <form method="post" action="{{ $page->url() }}/photo" enctype="multipart/form-data">@csrf
        <input type="hidden" name="part" value="{{ $page->part }}">
        <label for="f-photo">{{ __('inquiry.photo.add') }}</label>
        <input id="f-photo" type="file" name="photo" accept="image/jpeg,image/png,image/webp" capture="environment" aria-describedby="e-f-photo"
            @error('photo') aria-invalid="true" @enderror>
        <button class="act quiet">{{ __('inquiry.photo.keep') }}</button>
        <p class="fault" id="e-f-photo">{{ $errors->first('photo') }}</p>
    </form>
    @if($page->part === 'what')
    <form method="post" action="{{ $page->url() }}">@csrf @method('delete')<button class="act quiet">{{ __('inquiry.drop') }}</button></form>
    @endif
</section>
