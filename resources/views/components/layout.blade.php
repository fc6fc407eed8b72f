@props(['title', 'loop' => null, 'bare' => false, 'wide' => false, 'act' => false])
@php($keeper = auth()->user())
<!doctype html>
<html lang="en" data-root="/" @if($keeper && $keeper->theme !== 'auto') data-theme="{{ $keeper->theme }}" @endif>
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <meta name="htmx-config" content='{"includeIndicatorStyles":false,"allowEval":false,"selfRequestsOnly":true,"historyCacheSize":0}'>
    <title>{{ $title }} · Cresco</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss', 'resources/js/app.js'])
</head>
<body @class(['bare' => $bare])>
<a class="skip" href="#main">To the content</a>
@if($act)<a class="skip" href="#do">To the main act</a>@endif
@if(!$bare)
<header class="top">
    <a class="mark" href="/" aria-label="Cresco, the round of all tanks">
        <svg viewBox="0 0 32 32" width="32" height="32" aria-hidden="true"><path class="mark-water" d="M4 13h24v14H4z"/>
        <path class="mark-glass" d="M4 5v22h24V5"/><path class="mark-plant" d="M16 27c0-6-1-9-5-12m5 7c0-5 1-8 5-11"/></svg>
    </a>
    @if($loop)
        @php($here = $loop->tank->id)
        <div class="tank-name"><a href="/tanks/{{ $loop->tank->id }}">{{ $loop->tank->name }}</a><span>{{ $loop->size }}</span></div>
        <nav class="loop" aria-label="The way through {{ $loop->tank->name }}">
            @foreach($loop->stops as $stop)
                <a href="{{ $stop->url }}" @if($stop->letter) data-key="{{ $stop->letter }}" @endif @if($stop->isHere) aria-current="page"
                    @endif><b>{{ $stop->label }}</b><span>{{ $stop->state }}</span></a>
            @endforeach
        </nav>
        <nav class="aside" aria-label="Elsewhere"><a href="/bench?tank={{ $here }}">Bench</a> <a href="/settings">Settings</a></nav>
    @else
        <nav class="places" aria-label="Places">
            <a href="/" @if(request()->is('/')) aria-current="page" @endif>Round</a>
            <a href="/week" @if(request()->is('week', 'jobs', 'supplies', 'helpers*')) aria-current="page" @endif>Week</a>
            <a href="/bench" @if(request()->is('bench*', 'batches*', 'recipes*')) aria-current="page" @endif>Bench</a>
            <a href="/shelf" @if(request()->is('shelf', 'jars*', 'pen')) aria-current="page" @endif>Shelf</a>
            <a href="/waters" @if(request()->is('waters*', 'stores*')) aria-current="page" @endif>Waters</a>
            <a href="/diary" @if(request()->is('diary*')) aria-current="page" @endif>Diary</a>
            <a href="/settings" @if(request()->is('settings', 'account')) aria-current="page" @endif>Settings</a>
        </nav>
        @if($keeper)
        <form class="leave" method="post" action="/sign-out">@csrf<button class="quiet">Sign out</button></form>
        @endif
    @endif
</header>
@endif
@if(session('status') && (!request()->is('runs/*') || request()->is('runs/*/look-back')))<p class="status" role="status">{{ session('status') }}</p>@endif
<main id="main" @class(['wide' => $wide])>{{ $slot }}</main>
<dialog id="keys" aria-labelledby="keys-title">
    <h2 id="keys-title">Keys</h2>
    <dl class="keys">
        <dt><kbd>?</kbd></dt><dd>this list</dd>
        <dt><kbd>g</kbd> then <kbd>r</kbd></dt><dd>round of all tanks</dd>
        <dt><kbd>g</kbd> then <kbd>k</kbd></dt><dd>the week</dd>
        <dt><kbd>g</kbd> then <kbd>m</kbd></dt><dd>the bench, to make water</dd>
        <dt><kbd>g</kbd> then <kbd>l</kbd> <kbd>p</kbd> <kbd>f</kbd> <kbd>w</kbd> <kbd>e</kbd> <kbd>c</kbd> <kbd>s</kbd> <kbd>b</kbd> <kbd>d</kbd></dt>
        <dd>look, plants, food, what is wrong, read, change, session, look back, diary (in a tank)</dd>
        <dt><kbd>↑</kbd> <kbd>↓</kbd></dt><dd>on the drain line: one litre less, one more; on a cut line: five millimetres</dd>
        <dt><kbd>space</kbd> or <kbd>→</kbd>, <kbd>←</kbd></dt><dd>run sheet: step done, back</dd>
        <dt><kbd>←</kbd> <kbd>→</kbd> <kbd>+</kbd> <kbd>−</kbd></dt><dd>course: earlier, later, closer, wider</dd>
        <dt><kbd>Esc</kbd></dt><dd>close</dd>
    </dl>
    <form method="dialog"><button class="act quiet">Close</button></form>
</dialog>
<dialog id="working" aria-label="Working"><form method="dialog"><button class="act quiet">Close</button></form><div id="working-body"></div></dialog>
</body>
</html>
