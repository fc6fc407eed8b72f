<!doctype html>
<html lang="{{ app()->getLocale() }}"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>{{
    __('error.moment.title') }} ·
    Cresco</title></head>
<body><h1>{{ __('error.moment.head') }}</h1><p>{{ __('error.moment.why') }}</p><p><a href="/">{{ __('error.today') }}</a></p></body></html>
