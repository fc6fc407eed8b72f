{{ __('account.letters.greeting') }}

{!! $text !!}
@if($address)

{!! $address !!}

{{ __('account.letters.until', ['hours' => App\Accounts\Letter::HOURS]) }}
@endif

Cresco
