<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>A moment · Cresco</title></head>
<body><h1>A moment</h1><p>Cresco is being looked after and will be back at once. Nothing that was kept is lost; try again in a little while.</p>
    <p><a href="/">To the round</a></p></body></html>
