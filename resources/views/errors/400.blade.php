<x-layout :title="__('error.unreadable.title')" bare>
<div class="door"><h1>{{ __('error.unreadable.head') }}</h1><p>{{ __('error.unreadable.why') }}</p><p><a class="act large" href="/">{{ __('error.today')
    }}</a></p></div>
</x-layout>
