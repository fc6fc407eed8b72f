{{ __('account.letters.greeting') }}

{!! $text !!}
@if($address)

{!! $address !!}

{{ __('account.letters.until', ['hours' => $hours]) }}
@endif

Cresco
