<?php

declare(strict_types=1);

return ['sent' => 'That was sent twice; it was taken once.'];
