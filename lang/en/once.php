<?php

declare(strict_types=1);

return ['sent' => 'You sent that twice; it counts once.'];
