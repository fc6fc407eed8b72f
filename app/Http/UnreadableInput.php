<?php

declare(strict_types=1);

namespace App\Http;

use ErrorException;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;

/** A list that was sent where a text is expected. */
final class UnreadableInput
{
    /** The refusal, where it was the request that was read as text; null for any other error. */
    public static function of(ErrorException $fault): ?BadRequestHttpException
    {
        $isOfRequest = array_filter(
            $fault->getTrace(),
            static fn(array $frame): bool => is_a($frame['class'] ?? '', Request::class, true) && in_array($frame['function'], ['string', 'str'], true),
        ) !== [];

        return $isOfRequest && str_contains($fault->getMessage(), 'Array to string conversion')
            ? new BadRequestHttpException((string) __('said.text.readable'), $fault)
            : null;
    }

    /**
     * A list in the place of a day or an hour is as if nothing had been typed: the framework compares days with each other before it has seen that
     * they are text.
     *
     * @param array<string, mixed> $rules by field
     */
    public static function dropLists(Request $request, array $rules): void
    {
        foreach ($rules as $field => $of) {
            $isDay = array_filter((array) $of, static fn(mixed $rule): bool => is_string($rule) && str_starts_with($rule, 'date_format')) !== [];
            if ($isDay && is_array($request->input($field))) {
                $request->merge([$field => '']);
            }
        }
    }
}
