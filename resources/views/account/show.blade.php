<x-layout title="Account">
    <div class="page-head"><h1>Account</h1><span class="acts"><a href="/settings">Settings</a></span></div>
    @if($keeper->is_demo)<p class="muted">{{ __('account.demo') }}</p>@endif
    @if($keeper->isGuest())
    <section class="plain-form" aria-labelledby="keep-head"><h2 id="keep-head">{{ __('guest.keep') }}</h2>
        <p>{{ __('guest.keep_why') }}</p>
        <form method="post" action="/account/guest" novalidate>@csrf
            <x-field name="email" :label="__('guest.email')" type="email" autocomplete="username"/>
            <x-field name="password" :label="__('guest.password')" type="password" autocomplete="new-password" :help="__('guest.password_help')"/>
            <x-field name="password_confirmation" :label="__('guest.password_again')" type="password" autocomplete="new-password"/>
            <button class="act large">{{ __('guest.keep_act') }}</button>
        </form>
        @if(config('mail.default') === 'log')<p class="muted">{{ __('account.unsent') }}</p>@endif
    </section>
    <details class="danger"><summary>{{ __('guest.delete') }}</summary>
        <form method="post" action="/account/guest" novalidate>@csrf @method('delete')
            <label class="tick"><input type="checkbox" name="sure" value="1" aria-describedby="e-f-sure"> All of it goes</label>
            <p class="fault" id="e-f-sure">@error('sure'){{ $message }}@enderror</p>
            <button class="act beyond">{{ __('guest.delete_act') }}</button>
        </form>
    </details>
    @else
    <section class="plain-form" id="data" aria-labelledby="data-head"><h2 id="data-head">All your data</h2>
        <p><a class="act quiet" href="/account/data" download><x-icon name="download"/> Everything as one archive</a></p>
        <p class="muted">Records as JSON and CSV, and photos. A new account of any Cresco takes it in as it is; links of helpers and of the calendar stay
            behind.</p>
        <form method="post" action="/account/data" enctype="multipart/form-data" data-progress="/imports/status">@csrf
            <div class="field"><label for="f-archive">Take an archive in, while nothing is kept here yet</label><input id="f-archive" type="file"
                name="archive" accept=".zip,application/zip" aria-describedby="e-f-archive">
            <p class="fault" id="e-f-archive" role="alert">@error('archive'){{ $message }}@enderror</p></div>
            <x-taking-in/>
            <button class="act quiet">Take in</button>
        </form>
    </section>
    <section class="plain-form" aria-labelledby="backup-head"><h2 id="backup-head">Backups of all of this Cresco</h2>
        @foreach($backups as $line)<p>{{ $line }}</p>@endforeach
    </section>
    <section class="plain-form" aria-labelledby="address-head"><h2 id="address-head">Address</h2>
        <p>You sign in with {{ $keeper->email }}. A new one counts once the letter to it was answered.</p>
        <form method="post" action="/account/address" novalidate>@csrf @method('put')
            <div class="row-fields">
                <x-field name="email" label="New mail address" type="email" autocomplete="email"/>
                <x-field name="address_password" label="Your password" type="password" autocomplete="current-password"/>
            </div>
            <button class="act quiet">Send the letter</button>
        </form>
    </section>
    <section class="plain-form" aria-labelledby="password-head"><h2 id="password-head">Password</h2>
        <form method="post" action="/account/password" novalidate>@csrf @method('put')
            <div class="row-fields">
                <x-field name="current_password" label="Your password now" type="password" autocomplete="current-password"/>
                <x-field name="password" label="New password" type="password" autocomplete="new-password"
                    help="At least ten characters, and none that is guessed first."/>
                <x-field name="password_confirmation" label="New password again" type="password" autocomplete="new-password"/>
            </div>
            <p class="muted">All other devices are signed out.</p>
            <button class="act quiet">Set it</button>
        </form>
    </section>
    <section class="plain-form" aria-labelledby="end-head"><h2 id="end-head">The end of it</h2>
        <p>Everything goes: tanks, diary, photos, waters, shelf. Nobody can bring it back here. Take all your data with you first.</p>
        <form method="post" action="/account" novalidate>@csrf @method('delete')
            <div class="row-fields"><x-field name="delete_password" label="Your password" type="password" autocomplete="current-password"/></div>
            <label class="tick"><input type="checkbox" name="sure" value="1" aria-describedby="e-f-sure"> All of it goes</label>
            <p class="fault" id="e-f-sure">@error('sure'){{ $message }}@enderror</p>
            <button class="act quiet">Delete the account</button>
        </form>
    </section>
    @endif
</x-layout>
