<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Session\FileSessionHandler;

/** Sessions in files that are replaced whole: a server that dies while it writes one signs nobody out. */
final class AtomicFileSessionHandler extends FileSessionHandler
{
    public function write($sessionId, $data): bool
    {
        $this->files->replace($this->path.'/'.$sessionId, $data, 0o600);

        return true;
    }
}
