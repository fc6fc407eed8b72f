<?php

declare(strict_types=1);

namespace Tests;

/** Every screen of the demo, once in each of its ways. */
final class Screens
{
    public const ALL = [
        '/', '/tanks/1', '/tanks/3/read', '/tanks/1/change?reason=nitrate&nitrate_goal=20', '/tanks/1/change?working=ph.next', '/tanks/1/look-back', '/tanks/2/look-back', '/tanks/1/diary',
        '/diary', '/waters', '/waters/1/read', '/waters/new', '/tanks/new', '/tanks/4/edit', '/settings', '/account',
        '/bench?tank=2', '/bench?tank=3&gh=3&kh=12&ec=200&waters[]=1&jars[]=1&litres=40', '/bench/bottles?tank=1', '/batches/1', '/recipes', '/shelf', '/jars/new', '/jars/1/spoon', '/jars/1/spoon?by=pen',
        '/week', '/week?from=14', '/jobs', '/jobs?working=1', '/supplies', '/helpers?tank=2', '/helpers/1', '/helpers/1/print', '/tanks/4/animals', '/tanks/1/arrival?sort=shrimp&conductivity=620&litres=1.2&hours=3&ammonium=0.2', '/tanks/1/arrival?sort=plant&conductivity=620&litres=1', '/tanks/6/arrivals/1', '/tanks/1/change/dose?reason=routine', '/tanks/5/start', '/tanks/5/start?working=first', '/tanks/3/start', '/tanks/3/catch-up',
        '/pen', '/stores/1', '/stores/new', '/waters/1', '/tanks/1/top-up', '/tanks/1/conditioner?kind=chloramine&given=50', '/tanks/1/hose?drop2=100', '/tanks/1/needs', '/tanks/1/acid?litres=40&percent=10&to=2', '/assumed', '/tanks/1/plants', '/tanks/1/plants?day=14', '/tanks/3/plants', '/tanks/1/stands/new', '/tanks/1/stands/3', '/tanks/1/heights', '/tanks/1/light', '/tanks/3/light', '/tanks/1/food', '/tanks/3/food?working=meal', '/tanks/1/food?share=50', '/tanks/1/bottle?weeks=6', '/tanks/3/inquiries', '/tanks/1/inquiries/1/now', '/tanks/1/inquiries/2', '/tanks/4/inquiries/3/why', '/tanks/4/inquiries/3/now?grams=200', '/tanks/1/course?span=182&sign=doses_missed', '/surplus', '/tanks/1/spot', '/tanks/1/compose?dry=1&signs[]=tufts&tasks[]=trim&guess=x', '/tanks/1/change?reason=amount&way=litres&litres=60&inflow=50', '/tanks/1/bed', '/tanks/2/bed', '/tanks/1/compose?reason=amount&way=litres&litres=90&tasks[]=glass&tasks[]=trim&tasks[]=floaters&order=trim,look',
    ];
}
