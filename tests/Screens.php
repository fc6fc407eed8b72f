<?php

declare(strict_types=1);

namespace Tests;

/** Every screen of the demo, once in each of its ways. */
final class Screens
{
    public const ALL = [
        '/', '/tanks/1', '/tanks/3/test', '/tanks/1/water-change?reason=nitrate&nitrate_goal=20', '/tanks/1/water-change?working=ph.next', '/tanks/1/forecast-check', '/tanks/2/forecast-check', '/tanks/1/log',
        '/log', '/source-waters', '/source-waters/1/test', '/source-waters/new', '/tanks/new', '/tanks/4/edit', '/settings', '/account', '/tanks/1/charts',
        '/mix-water?tank=2', '/mix-water?tank=3&gh=3&kh=12&ec=200&waters[]=1&jars[]=1&litres=40', '/mix-water/bottles?tank=1', '/batches/1', '/recipes', '/supplies/products', '/products/new', '/products/1/spoon', '/products/1/spoon?by=pen',
        '/week', '/week?from=14', '/tasks', '/tasks?working=1', '/supplies', '/helpers?tank=2', '/helpers/1', '/helpers/1/print', '/tanks/4/livestock', '/tanks/1/new-arrival?sort=shrimp&conductivity=620&litres=1.2&hours=3&ammonium=0.2', '/tanks/1/new-arrival?sort=plant&conductivity=620&litres=1', '/tanks/6/new-arrivals/1', '/tanks/1/water-change/dose?reason=routine', '/tanks/5/cycling', '/tanks/5/cycling?working=first', '/tanks/3/cycling', '/tanks/3/catch-up',
        '/pen', '/ro-reservoirs/1', '/ro-reservoirs/new', '/source-waters/1', '/tanks/1/top-off', '/tanks/1/dechlorinator?kind=chloramine&given=50', '/tanks/1/hose?drop2=100', '/tanks/1/targets', '/tanks/1/lower-kh?litres=40&percent=10&to=2', '/estimates', '/tanks/1/plants', '/tanks/1/plants?day=14', '/tanks/3/plants', '/tanks/1/plant-groups/new', '/tanks/1/plant-groups/3', '/tanks/1/plants/measurements', '/tanks/1/light', '/tanks/3/light', '/tanks/1/fertilising', '/tanks/3/fertilising?working=meal', '/tanks/1/fertilising?share=50', '/tanks/1/own-fertiliser?weeks=6', '/tanks/3/problems', '/tanks/1/problems/1/now', '/tanks/1/problems/2', '/tanks/4/problems/3/why', '/tanks/4/problems/3/now?grams=200', '/tanks/1/charts?span=182&sign=doses_missed', '/spare-cuttings', '/tanks/1/fixed-spot', '/tanks/1/maintenance?dry=1&signs[]=tufts&tasks[]=trim&guess=x', '/tanks/1/water-change?reason=amount&way=litres&litres=60&inflow=50', '/tanks/1/gravel-vac', '/tanks/2/gravel-vac', '/tanks/1/maintenance?reason=amount&way=litres&litres=90&tasks[]=glass&tasks[]=trim&tasks[]=floaters&order=trim,look',
    ];
}
