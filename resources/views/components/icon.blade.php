@props(['name'])
<svg class="icon" aria-hidden="true" width="16" height="16"><use href="{{ Vite::asset('icons.svg') }}#{{ $name }}"></use></svg>
