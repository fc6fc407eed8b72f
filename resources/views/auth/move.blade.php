<x-layout title="New address" bare>
    <div class="door">
        <h1>New address</h1>
        <p>From now on you sign in with {{ $email }}.</p>
        <form method="post" action="{{ $action }}">@csrf<button class="act">It is mine</button></form>
    </div>
</x-layout>
