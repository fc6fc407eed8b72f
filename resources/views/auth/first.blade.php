<x-layout :title="__('guest.head')" bare>
    <div class="door first-answer">
        <p class="door-top"><b>Cresco</b> <a href="/sign-in">{{ __('guest.sign_in') }}</a></p>
        <h1>{{ __('guest.head') }}</h1>
        <p class="muted">{{ __('guest.four') }}</p>
        <form method="post" action="/start" novalidate>@csrf
            <fieldset><legend>{{ __('guest.size') }}</legend>
                <div class="row-fields">
                    <x-field small name="outer_length" :label="__('guest.length')" :unit="$sizes->label" mode="decimal" autofocus/>
                    <x-field small name="outer_depth" :label="__('guest.depth')" :unit="$sizes->label" mode="decimal"/>
                    <x-field small name="outer_height" :label="__('guest.height')" :unit="$sizes->label" mode="decimal"/>
                </div>
            </fieldset>
            <x-choice name="animals" :label="__('guest.livestock')" value="community" :options="$choices::options('animals')"/>
            <x-choice name="changed" :label="__('guest.changed')" value="7" :options="trans('guest.when')"/>
            <x-field name="nitrate" :label="__('guest.nitrate')" unit="mg/L" :help="__('guest.nitrate_help')" maxlength="40"/>
            <input type="hidden" name="timezone" data-timezone>
            <button class="act large">{{ __('guest.tell') }}</button>
        </form>
        <p class="muted">{{ __('guest.kept', ['days' => $days]) }}</p>
        @if($demo)<form method="post" action="/sign-in/demo">@csrf<button class="act quiet">{{ __('guest.demo') }}</button></form>@endif
    </div>
</x-layout>
