<x-layout title="Mix water">
    <div class="empty"><h1>What do you begin with?</h1>
        <p>The bench brings tap, rain or RO water to the hardness your animals want, to the gram. Name the water you have, and read its GH and KH once.</p>
        <p><a class="act" href="/source-waters/new">Name a water</a></p></div>
</x-layout>
