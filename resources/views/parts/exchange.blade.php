<section id="import" class="exchange"><h2>{{ __('layout.exchange.import_and_export') }}</h2>
    <p><a class="act quiet" href="/{{ $what }}/export.json"><x-icon name="download"/> {{ __('layout.exchange.as_json') }}</a> <a class="act quiet"
        href="/{{ $what }}/export.csv"><x-icon
        name="download"/> {{ __('layout.exchange.as_csv') }}</a></p>
    <form method="post" action="/{{ $what }}/import" enctype="multipart/form-data"
        data-progress="/imports/status">@csrf
        <div class="field"><label for="f-file">{{ __('layout.exchange.import_from_a', ['what' => $what]) }}</label><input id="f-file" type="file" name="file"
            accept=".json,.csv,application/json,text/csv" aria-describedby="e-f-file h-f-file"><small
            id="h-f-file">{{ __('layout.exchange.json_by_the', ['what' => $schema]) }}</small>
        <p class="fault" id="e-f-file" role="alert">@error('file'){{ $message }}@enderror</p></div>
        <x-taking-in/>
        <button class="act">{{ __('act.import') }}</button>
    </form>
</section>
