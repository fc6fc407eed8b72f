<?php

declare(strict_types=1);

namespace Cresco\Core;

use InvalidArgumentException;

/**
 * Something of the job that cannot be, or cannot be done. Each room names its own; whoever catches one of them, catches this.
 * The message can be shown to a keeper.
 */
abstract class Fault extends InvalidArgumentException {}
