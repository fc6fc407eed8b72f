@props(['title', 'loop' => null, 'bare' => false, 'wide' => false, 'act' => false])
@php($keeper = auth()->user())
<!doctype html>
<html lang="{{ app()->getLocale() }}" data-root="/" @if($keeper && $keeper->theme !== 'auto') data-theme="{{ $keeper->theme }}" @endif>
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
<a class="skip" href="#main">{{ __('layout.layout.skip_to_content') }}</a>
@if($act)<a class="skip" href="#do">{{ __('layout.layout.skip_to_the') }}</a>@endif
@if(!$bare)
<header class="top">
    <a class="mark" href="/" aria-label="{{ __('layout.layout.cresco_today') }}">
        <svg viewBox="0 0 32 32" width="32" height="32" aria-hidden="true"><path class="mark-water" d="M4 13h24v14H4z"/>
        <path class="mark-glass" d="M4 5v22h24V5"/><path class="mark-plant" d="M16 27c0-6-1-9-5-12m5 7c0-5 1-8 5-11"/></svg>
    </a>
    @if($loop)
        @php($here = $loop->tank->id)
        <div class="tank-name"><a href="/tanks/{{ $loop->tank->id }}">{{ $loop->tank->name }}</a><span>{{ $loop->size }}</span></div>
        <nav class="loop" aria-label="{{ __('layout.layout.pages_of', ['tank' => $loop->tank->name]) }}">
            @foreach($loop->stops as $stop)
                <a href="{{ $stop->url }}" @if($stop->letter) data-key="{{ $stop->letter }}" @endif @if($stop->isHere) aria-current="page"
                    @endif><b>{{ $stop->label }}</b><span>{{ $stop->state }}</span></a>
            @endforeach
        </nav>
        <nav class="aside" aria-label="{{ __('layout.layout.more') }}"><a class="act" href="/tanks/{{ $here }}/test" data-key="t">{{ __('act.test') }}</a>
            <a href="/mix-water?tank={{ $here
            }}">{{ __('layout.layout.mix_water_4') }}</a></nav>
    @else
        <nav class="places" aria-label="{{ __('layout.layout.places') }}">
            <a href="/" @if(request()->is('/', 'tonight')) aria-current="page" @endif>{{ __('layout.layout.today_4') }}</a>
            <a href="/week" @if(request()->is('week', 'tasks', 'helpers*')) aria-current="page" @endif>{{ __('layout.layout.week') }}</a>
            <a href="/mix-water" @if(request()->is('mix-water*', 'batches*', 'recipes*')) aria-current="page" @endif>{{ __('layout.layout.mix_water_4') }}</a>
            <a href="/supplies" @if(request()->is('supplies*', 'products*', 'source-waters*', 'ro-reservoirs*', 'pen', 'spare-cuttings')) aria-current="page"
                @endif>{{ __('layout.layout.supplies') }}</a>
            <a href="/log" @if(request()->is('log*', 'entries*')) aria-current="page" @endif>{{ __('layout.layout.log') }}</a>
            <a href="/settings" @if(request()->is('settings', 'account', 'estimates')) aria-current="page" @endif>{{ __('layout.layout.settings') }}</a>
        </nav>
        @if($keeper)
        @if($keeper->isGuest())<a class="leave" href="/account">{{ __('guest.account') }}</a>
        @else<form class="leave" method="post" action="/sign-out">@csrf<button class="quiet">{{ __('layout.layout.sign_out') }}</button></form>@endif
        @endif
    @endif
</header>
@endif
@if(session('status') && (!request()->is('checklists/*') || request()->is('checklists/*/forecast-check')))
<p class="status" role="status">{{ session('status') }}</p>@endif
<main id="main" @class(['wide' => $wide])>{{ $slot }}</main>
<dialog id="keys" aria-labelledby="keys-title">
    <h2 id="keys-title">{{ __('layout.layout.keyboard_shortcuts') }}</h2>
    <dl class="keys">
        <dt><kbd>?</kbd></dt><dd>{{ __('layout.layout.this_list') }}</dd>
        <dt><kbd>g</kbd> {{ __('layout.layout.then') }} <kbd>r</kbd></dt><dd>{{ __('layout.layout.today') }}</dd>
        <dt><kbd>g</kbd> {{ __('layout.layout.then') }} <kbd>k</kbd></dt><dd>{{ __('layout.layout.the_week') }}</dd>
        <dt><kbd>g</kbd> {{ __('layout.layout.then') }} <kbd>m</kbd></dt><dd>{{ __('layout.layout.mix_water') }}</dd>
        <dt><kbd>g</kbd> {{ __('layout.layout.then') }} <kbd>o</kbd> <kbd>c</kbd> <kbd>p</kbd> <kbd>f</kbd> <kbd>w</kbd> <kbd>l</kbd> <kbd>t</kbd></dt>
        <dd>{{ __('layout.layout.overview_water_change') }}</dd>
        <dt><kbd>↑</kbd> <kbd>↓</kbd></dt><dd>{{ __('layout.layout.on_the_drain') }}</dd>
        <dt><kbd>{{ __('layout.layout.space') }}</kbd> {{ __('layout.layout.or') }} <kbd>→</kbd>, <kbd>←</kbd></dt><dd>{{
            __('layout.layout.checklist_step_done') }}</dd>
        <dt><kbd>←</kbd> <kbd>→</kbd> <kbd>+</kbd> <kbd>−</kbd></dt><dd>{{ __('layout.layout.charts_earlier_later') }}</dd>
        <dt><kbd>{{ __('layout.layout.esc') }}</kbd></dt><dd>{{ __('layout.layout.close') }}</dd>
    </dl>
    <form method="dialog"><button class="act quiet">{{ __('act.close') }}</button></form>
</dialog>
<dialog id="working" aria-label="{{ __('act.working') }}"><form method="dialog"><button class="act quiet">{{ __('act.close') }}</button></form><div
    id="working-body"></div></dialog>
</body>
</html>
