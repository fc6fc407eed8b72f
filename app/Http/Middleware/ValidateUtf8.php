<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;

/** Text that is no text, or has a null byte in it, comes no further: it would be kept, and break exports and sheets much later. */
final class ValidateUtf8
{
    /** Nested deeper than any form of ours. */
    private const DEEPEST = 8;

    public function handle(Request $request, Closure $next): Response
    {
        if (!$this->isReadable(rawurldecode($request->getPathInfo()))
            || !$this->isReadable($request->query->all())
            || !$this->isReadable($request->request->all())
            || !$this->isReadable($request->cookies->all())
                || !$this->isReadable($request->isJson() ? $request->json()->all() : [])
                || !$this->areNamed($request->files->all())) {
            throw new BadRequestHttpException(__('said.text.readable'));
        }
        // A page of elsewhere is nothing to go back to.
        if (parse_url((string) $request->headers->get('Referer'), PHP_URL_HOST) !== $request->getHost()) {
            $request->headers->remove('Referer');
        }
        /** @var Response $response */
        $response = $next($request);

        return $response;
    }

    private function isReadable(mixed $value, int $depth = 0): bool
    {
        if (is_string($value)) {
            return !str_contains($value, "\0") && mb_check_encoding($value, 'UTF-8');
        }
        foreach (is_array($value) ? $value : [] as $name => $part) {
            if ($depth > self::DEEPEST || !$this->isReadable((string) $name) || !$this->isReadable($part, $depth + 1)) {
                return false;
            }
        }

        return true;
    }

    private function areNamed(mixed $files): bool
    {
        foreach (is_array($files) ? $files : [$files] as $file) {
            if (is_array($file) ? !$this->areNamed($file) : $file instanceof UploadedFile && !$this->isReadable($file->getClientOriginalName())) {
                return false;
            }
        }

        return true;
    }
}
