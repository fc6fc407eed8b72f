<!doctype html>
<html lang="{{ app()->getLocale() }}"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>{{
    __('limits.unwritten.head') }} ·
    Cresco</title></head>
<body><h1>{{ __('limits.unwritten.head') }}</h1><p>{{ $message }}</p><p>{{ __('error.unwritten') }}</p><p><a
    href="/">{{ __('error.today') }}</a></p></body></html>
