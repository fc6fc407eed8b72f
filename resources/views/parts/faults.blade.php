{{-- What is wrong with each field, put under it without touching the field. --}}
@foreach($fields as $field)
@php($words = $field === 'name' && $faults->first($field) === 'This is needed.' ? '' : $faults->first($field))
<p class="fault" id="e-f-{{ str_replace('.', '-', $field) }}" hx-swap-oob="true">{{ $words }}</p>
@endforeach
