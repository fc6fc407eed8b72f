<x-layout title="Too often" bare>
<div class="door"><h1>That was too often</h1><p>Wait a minute, then try again. Nothing was lost.</p><p><a class="act large" href="/">To the round</a></p></div>
</x-layout>
