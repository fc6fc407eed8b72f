<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>Not kept · Cresco</title></head>
<body><h1>Nothing was kept</h1><p>{{ $message }}</p><p>Go back: what you typed is still there.</p><p><a href="/">To the round</a></p></body></html>
