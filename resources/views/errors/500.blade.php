<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>A fault · Cresco</title></head>
<body><h1>Something went wrong here</h1><p>It is Cresco’s fault, not yours, and it is in the log. What was kept before is kept; what you sent last
    may not be.</p><p><a href="/">To the round</a> · <a href="/account">To your account and its data</a></p></body></html>
