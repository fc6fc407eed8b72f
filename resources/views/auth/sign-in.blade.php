<x-layout title="Sign in" bare>
    <div class="door">
        <svg class="door-mark" viewBox="0 0 32 32" width="56" height="56" aria-hidden="true"><path class="mark-water" d="M4 13h24v14H4z"/>
        <path class="mark-glass" d="M4 5v22h24V5"/><path class="mark-plant" d="M16 27c0-6-1-9-5-12m5 7c0-5 1-8 5-11"/></svg>
        <h1>Cresco</h1>
        <p>Look, read, change, look again.</p>
        @if($demo)
        <form method="post" action="/sign-in/demo" class="demo-door">@csrf
            <button class="act large">Enter as the demo keeper</button>
            <small>Wren, with seven made-up tanks and half a year of diary.</small>
        </form>
        @endif
        <form method="post" action="/sign-in" novalidate>@csrf
            <x-field name="email" label="Mail address" type="email" autocomplete="username"/>
            <x-field name="password" label="Password" type="password" autocomplete="current-password"/>
            <label class="tick"><input type="checkbox" name="remember" value="1"> Keep me signed in on this device</label>
            <button @class(['act', 'quiet' => $demo])>Sign in</button>
        </form>
        <p><a href="/start">Try it without an account</a> · <a href="/sign-up">New account</a> · <a href="/password/forgotten">Forgotten the password?</a></p>
    </div>
</x-layout>
