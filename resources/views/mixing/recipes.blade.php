<x-layout :title="__('bench.recipes.recipes')">
    <div class="page-head"><h1>{{ __('bench.recipes.recipes') }}</h1><a class="act quiet" href="/mix-water">{{ __('bench.recipes.mix_water') }}</a></div>
    @forelse($recipes as $kept)
        <article class="water-row"><div><h2>{{ $kept->recipe->name }}</h2><p class="muted">{{ $kept->litres() }}</p></div>
        <p class="num">{{ $kept->parts() }}</p>
            <div class="acts"><a class="act" href="{{ $kept->link() }}">{{ __('bench.recipes.use_it') }}<span class="visually-hidden">: {{
                $kept->recipe->name }}</span></a><form
                method="post" action="/recipes/{{ $kept->recipe->id }}">@csrf @method('delete')<button class="quiet">{{ __('act.delete') }}<span
                class="visually-hidden"> {{ $kept->recipe->name }}</span></button></form></div></article>
    @empty
        <p>{{ __('bench.recipes.no_recipes_yet') }}</p>
    @endforelse
    @include('parts.exchange', ['what' => 'recipes', 'schema' => 'recipes'])
</x-layout>
