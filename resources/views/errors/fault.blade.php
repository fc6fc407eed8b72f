<x-layout title="That cannot be" :bare="!auth()->check()">
<div class="door"><h1>That cannot be</h1><p class="finding beyond" role="alert">{{ $message }}</p>
<p>Nothing was changed. Go back, and try it with other figures.</p>
<p><a class="act large" href="{{ $back }}">Back</a> <a class="act quiet" href="/">To the round</a></p></div>
</x-layout>
