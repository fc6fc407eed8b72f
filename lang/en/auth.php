<?php

declare(strict_types=1);

return ['failed' => 'That address and this password do not belong together.'];
