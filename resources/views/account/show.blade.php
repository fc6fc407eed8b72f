<x-layout :title="__('account.show.account')">
    <div class="page-head"><h1>{{ __('account.show.account') }}</h1><span class="acts"><a href="/settings">{{ __('account.show.settings') }}</a></span></div>
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
            <label class="tick"><input type="checkbox" name="sure" value="1" aria-describedby="e-f-sure"> {{ __('account.show.delete_everything') }}</label>
            <p class="fault" id="e-f-sure">@error('sure'){{ $message }}@enderror</p>
            <button class="act beyond">{{ __('guest.delete_act') }}</button>
        </form>
    </details>
    @else
    <section class="plain-form" id="data" aria-labelledby="data-head"><h2 id="data-head">{{ __('account.show.all_your_data') }}</h2>
        <p><a class="act quiet" href="/account/data" download><x-icon name="download"/> {{ __('account.show.everything_as_one') }}</a></p>
        <p class="muted">{{ __('account.show.records_as_json') }}</p>
        <form method="post" action="/account/data" enctype="multipart/form-data" data-progress="/imports/status">@csrf
            <div class="field"><label for="f-archive">{{ __('account.show.import_an_archive') }}</label><input id="f-archive" type="file"
                name="archive" accept=".zip,application/zip" aria-describedby="e-f-archive">
            <p class="fault" id="e-f-archive" role="alert">@error('archive'){{ $message }}@enderror</p></div>
            <x-taking-in/>
            <button class="act quiet">{{ __('act.import') }}</button>
        </form>
    </section>
    <section class="plain-form" aria-labelledby="backup-head"><h2 id="backup-head">{{ __('account.show.backups_of_this') }}</h2>
        @foreach($backups as $line)<p>{{ $line }}</p>@endforeach
    </section>
    <section class="plain-form" aria-labelledby="address-head"><h2 id="address-head">{{ __('account.show.email') }}</h2>
        <p>{{ __('account.show.you_sign_in', ['email' => $keeper->email]) }}</p>
        <form method="post" action="/account/address" novalidate>@csrf @method('put')
            <div class="row-fields">
                <x-field name="email" :label="__('account.show.new_email')" type="email" autocomplete="email"/>
                <x-field name="address_password" :label="__('account.show.your_password')" type="password" autocomplete="current-password"/>
            </div>
            <button class="act quiet">{{ __('account.show.send_the_email') }}</button>
        </form>
    </section>
    <section class="plain-form" aria-labelledby="password-head"><h2 id="password-head">{{ __('account.show.password') }}</h2>
        <form method="post" action="/account/password" novalidate>@csrf @method('put')
            <div class="row-fields">
                <x-field name="current_password" :label="__('account.show.current_password')" type="password" autocomplete="current-password"/>
                <x-field name="password" :label="__('account.show.new_password')" type="password" autocomplete="new-password"
                    :help="__('account.show.at_least_ten')"/>
                <x-field name="password_confirmation" :label="__('account.show.new_password_again')" type="password" autocomplete="new-password"/>
            </div>
            <p class="muted">{{ __('account.show.signs_out_all') }}</p>
            <button class="act quiet">{{ __('account.show.change_password') }}</button>
        </form>
    </section>
    <section class="plain-form" aria-labelledby="end-head"><h2 id="end-head">{{ __('account.show.delete_account') }}</h2>
        <p>{{ __('account.show.this_deletes_everything') }}</p>
        <form method="post" action="/account" novalidate>@csrf @method('delete')
            <div class="row-fields"><x-field name="delete_password" :label="__('account.show.your_password')" type="password"
                autocomplete="current-password"/></div>
            <label class="tick"><input type="checkbox" name="sure" value="1" aria-describedby="e-f-sure"> {{ __('account.show.delete_all_of') }}</label>
            <p class="fault" id="e-f-sure">@error('sure'){{ $message }}@enderror</p>
            <button class="act quiet">{{ __('account.show.delete_the_account') }}</button>
        </form>
    </section>
    @endif
</x-layout>
