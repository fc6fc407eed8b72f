<?php

declare(strict_types=1);

namespace Cresco\Core\Livestock;

/** What moves a count of animals. */
enum CountKind: string
{
    /** They came: bought, or out of quarantine. */
    case Came = 'came';

    case Born = 'born';

    case Died = 'died';

    /** They went to another tank or another keeper. */
    case Went = 'went';

    /** All were counted: so many there are. */
    case Counted = 'counted';

    /** How a count stands after it. */
    public function after(int $before, int $count): int
    {
        return max(0, match ($this) {
            self::Came, self::Born => $before + $count,
            self::Died, self::Went => $before - $count,
            self::Counted => $count,
        });
    }
}
