<x-layout title="Nothing here" bare>
<div class="door"><h1>Nothing is here</h1><p>It was taken out, or the address is mistyped.</p><p><a class="act large" href="/">To the round</a></p></div>
</x-layout>
