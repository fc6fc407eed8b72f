<!doctype html>
<html lang="{{ app()->getLocale() }}"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>{{
    __('error.fault.title') }} ·
    Cresco</title></head>
<body><h1>{{ __('error.fault.head') }}</h1><p>{{ __('error.fault.why') }}</p><p><a href="/">{{ __('error.today') }}</a> · <a
    href="/account">{{ __('error.account') }}</a></p></body></html>
