<?php

declare(strict_types=1);

namespace Cresco\Core\Formula;

/**
 * The operators of formulas, on single numbers and on lists of equal length.
 *
 * The loops run for every case of every figure while a keeper types. One loop for each operator is several times faster
 * than choosing the operator again for each number, and that is why they are written out.
 */
final class Arithmetic
{
    /**
     * @param float|list<float> $left
     * @param float|list<float> $right
     *
     * @return float|list<float>
     */
    public static function binary(string $operator, float|array $left, float|array $right): float|array
    {
        if (is_array($left)) {
            return is_array($right) ? self::lists($operator, $left, $right) : self::listAndNumber($operator, $left, $right);
        }

        return is_array($right) ? self::numberAndList($operator, $left, $right) : self::numbers($operator, $left, $right);
    }

    /**
     * @param float|list<float> $of
     *
     * @return float|list<float>
     */
    public static function unary(string $function, float|array $of): float|array
    {
        if (!is_array($of)) {
            return match ($function) {
                'negate' => -$of,
                'exp' => exp($of),
                'ln' => log($of),
                'log10' => log10($of),
                'sqrt' => sqrt($of),
                default => abs($of),
            };
        }
        if ($function !== 'negate') {
            return array_map(match ($function) {
                'exp' => exp(...),
                'ln' => log(...),
                'log10' => log10(...),
                'sqrt' => sqrt(...),
                default => static fn(float $x): float => abs($x),
            }, $of);
        }
        $result = [];
        foreach ($of as $x) {
            $result[] = -$x;
        }

        return $result;
    }

    private static function numbers(string $operator, float $x, float $y): float
    {
        return match ($operator) {
            '+' => $x + $y,
            '-' => $x - $y,
            '*' => $x * $y,
            '/' => $y == 0.0 ? NAN : $x / $y,
            '^' => $x ** $y,
            'min' => min($x, $y),
            default => max($x, $y),
        };
    }

    /**
     * @param list<float> $right
     *
     * @return list<float>
     */
    private static function numberAndList(string $operator, float $x, array $right): array
    {
        $result = [];
        switch ($operator) {
            case '+':
                foreach ($right as $y) {
                    $result[] = $x + $y;
                }
                break;
            case '-':
                foreach ($right as $y) {
                    $result[] = $x - $y;
                }
                break;
            case '*':
                foreach ($right as $y) {
                    $result[] = $x * $y;
                }
                break;
            case '/':
                foreach ($right as $y) {
                    $result[] = $y == 0.0 ? NAN : $x / $y;
                }
                break;
            case '^':
                foreach ($right as $y) {
                    $result[] = $x ** $y;
                }
                break;
            case 'min':
                foreach ($right as $y) {
                    $result[] = $x < $y ? $x : $y;
                }
                break;
            case 'max':
                foreach ($right as $y) {
                    $result[] = $x > $y ? $x : $y;
                }
                break;
        }

        return $result;
    }

    /**
     * @param list<float> $left
     *
     * @return list<float>
     */
    private static function listAndNumber(string $operator, array $left, float $y): array
    {
        $result = [];
        switch ($operator) {
            case '+':
                foreach ($left as $x) {
                    $result[] = $x + $y;
                }
                break;
            case '-':
                foreach ($left as $x) {
                    $result[] = $x - $y;
                }
                break;
            case '*':
                foreach ($left as $x) {
                    $result[] = $x * $y;
                }
                break;
            case '/':
                foreach ($left as $x) {
                    $result[] = $y == 0.0 ? NAN : $x / $y;
                }
                break;
            case '^':
                foreach ($left as $x) {
                    $result[] = $x ** $y;
                }
                break;
            case 'min':
                foreach ($left as $x) {
                    $result[] = $x < $y ? $x : $y;
                }
                break;
            case 'max':
                foreach ($left as $x) {
                    $result[] = $x > $y ? $x : $y;
                }
                break;
        }

        return $result;
    }

    /**
     * @param list<float> $left
     * @param list<float> $right
     *
     * @return list<float>
     */
    private static function lists(string $operator, array $left, array $right): array
    {
        $result = [];
        switch ($operator) {
            case '+':
                foreach ($left as $i => $x) {
                    $y = $right[$i];
                    $result[] = $x + $y;
                }
                break;
            case '-':
                foreach ($left as $i => $x) {
                    $y = $right[$i];
                    $result[] = $x - $y;
                }
                break;
            case '*':
                foreach ($left as $i => $x) {
                    $y = $right[$i];
                    $result[] = $x * $y;
                }
                break;
            case '/':
                foreach ($left as $i => $x) {
                    $y = $right[$i];
                    $result[] = $y == 0.0 ? NAN : $x / $y;
                }
                break;
            case '^':
                foreach ($left as $i => $x) {
                    $y = $right[$i];
                    $result[] = $x ** $y;
                }
                break;
            case 'min':
                foreach ($left as $i => $x) {
                    $y = $right[$i];
                    $result[] = $x < $y ? $x : $y;
                }
                break;
            case 'max':
                foreach ($left as $i => $x) {
                    $y = $right[$i];
                    $result[] = $x > $y ? $x : $y;
                }
                break;
        }

        return $result;
    }
}
