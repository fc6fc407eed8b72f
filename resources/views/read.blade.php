<x-layout :title="'Read '.$of->name" :loop="$loop">
    <form class="read" method="post" action="{{ $url }}" novalidate data-reading>
        @csrf
        <div class="page-head"><h1>Read {{ $of->name }}</h1></div>
        <p class="muted">Write it as you read it: <code>24</code>, a band <code>20-40</code>, <code>20-40 nearer 20</code>,
            <code>over 80</code>. Leave out what you do not measure. Enter goes on.</p>
        @error('readings')<p class="fault">{{ $message }}</p>@enderror
        @foreach($parameters as $parameter)
            @unless($parameter->entry()->isFoodAlone())@include('parts.read-row', ['isFirst' => $loop->first])@endunless
        @endforeach
        @php($foods = array_filter($parameters, fn ($parameter) => $parameter->entry()->isFoodAlone()))
        <details class="more"
            @if(array_filter($foods, fn ($parameter) => isset($latest[$parameter->value]) || $errors->has('readings.'.$parameter->value))) open @endif>
            <summary>What plants are fed with</summary>
            @foreach($foods as $parameter)@include('parts.read-row', ['isFirst' => false])@endforeach
        </details>
        <details class="more" @if($errors->has('taken_at') || $errors->has('note') || old('note')) open @endif>
        <summary>At another time, or with a note</summary>
            <x-field name="taken_at" label="Taken at" type="datetime-local" :value="$now->format('Y-m-d\TH:i')" :help="'your time, '.auth()->user()->timezone"/>
            <x-field name="note" label="Note" help="pH moves with lamp and CO₂: say the hour against both."/>
        </details>
        <div class="acts"><button class="act large">Keep the readings</button> <a href="/settings#kits">My kits and units</a></div>
    </form>
</x-layout>
