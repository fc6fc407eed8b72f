<x-layout :title="__('error.impossible.title')" :bare="!auth()->check()">
<div class="door"><h1>{{ __('error.impossible.head') }}</h1><x-finding tone="beyond" role="alert">{{ $message }}</x-finding>
<p>{{ __('error.impossible.why') }}</p>
<p><a class="act large" href="{{ $back }}">{{ __('error.back') }}</a> <a class="act quiet" href="/">{{ __('error.today') }}</a></p></div>
</x-layout>
