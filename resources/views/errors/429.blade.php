<x-layout :title="__('error.often.title')" bare>
<div class="door"><h1>{{ __('error.often.head') }}</h1><p>{{ __('error.often.why') }}</p><p><a class="act large" href="/">{{ __('error.today') }}</a></p></div>
</x-layout>
