<x-layout :title="__('error.nothing.title')" bare>
<div class="door"><h1>{{ __('error.nothing.head') }}</h1><p>{{ __('error.nothing.why') }}</p><p><a class="act large" href="/">{{ __('error.today')
    }}</a></p></div>
</x-layout>
