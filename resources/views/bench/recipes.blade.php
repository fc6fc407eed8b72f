<x-layout title="Recipes">
    <div class="page-head"><h1>Recipes</h1><a class="act quiet" href="/mix-water">To the bench</a></div>
    @forelse($recipes as $kept)
        <article class="water-row"><div><h2>{{ $kept->recipe->name }}</h2><p class="muted">{{ $kept->litres() }}</p></div>
        <p class="num">{{ $kept->parts() }}</p>
            <div class="acts"><a class="act" href="{{ $kept->link() }}">On the bench<span class="visually-hidden">: {{ $kept->recipe->name }}</span></a><form
                method="post" action="/recipes/{{ $kept->recipe->id }}">@csrf @method('delete')<button class="quiet">Take out<span
                class="visually-hidden"> {{ $kept->recipe->name }}</span></button></form></div></article>
    @empty
        <p>None kept yet: the bench keeps what it shows under a name.</p>
    @endforelse
    @include('parts.exchange', ['what' => 'recipes', 'schema' => 'recipes'])
</x-layout>
