<x-layout title="Not readable" bare>
<div class="door"><h1>This could not be read</h1><p>Some of what was sent is no text: a letter that got lost on its way, or a byte that stands for none.
    Nothing was kept of it.</p><p><a class="act large" href="/">To the round</a></p></div>
</x-layout>
