<section id="import" class="exchange"><h2>In and out</h2>
    <p><a class="act quiet" href="/{{ $what }}/export.json"><x-icon name="download"/> As JSON</a> <a class="act quiet" href="/{{ $what }}/export.csv"><x-icon
        name="download"/> As CSV</a></p>
    <form method="post" action="/{{ $what }}/import" enctype="multipart/form-data"
        data-progress="/imports/status">@csrf
        <div class="field"><label for="f-file">Take {{ $what }} in from a file</label><input id="f-file" type="file" name="file"
            accept=".json,.csv,application/json,text/csv" aria-describedby="e-f-file h-f-file"><small
            id="h-f-file">JSON by the schema in docs/schema/{{ $schema }}.schema.json, or CSV as it is given out. A file that does not hold is refused
            whole.</small>
        <p class="fault" id="e-f-file" role="alert">@error('file'){{ $message }}@enderror</p></div>
        <x-taking-in/>
        <button class="act">Take in</button>
    </form>
</section>
