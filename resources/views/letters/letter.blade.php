{{ __('account.letters.greeting') }}

{!! $text !!}
@if($address)

{!! $address !!}

{{ __('account.letters.until', ['hours' => App\Notifications\AccountEmail::HOURS]) }}
@endif

Cresco
