<?php

declare(strict_types=1);

namespace Cresco\Core\Formula;

/**
 * One equation, written once: the same text is computed with and shown to the keeper.
 *
 * Written as "after = (1 - f) * c_tank + f * c_source". Known operators are + - * / ^ and parentheses, known functions
 * exp, ln, log10, sqrt, abs, min and max. A symbol may hold one number or a list of numbers of equal length; a list
 * gives a list. What lies before the equals sign names the result.
 */
final class Formula
{
    private const PRECEDENCE = ['+' => 1, '-' => 1, '*' => 2, '/' => 2, '^' => 4];

    /** @var array<string, self> */
    private static array $read = [];

    /**
     * @param list<array{string, float|string}> $program postfix: [kind, operand]
     * @param list<string>                      $symbols
     */
    private function __construct(
        public readonly string $text,
        public readonly string $name,
        private readonly array $program,
        public readonly array $symbols,
    ) {}

    /**
     * Reads an equation; the same text is read only once.
     *
     * @throws FormulaFault when the text is not an equation in the known notation
     */
    public static function of(string $text): self
    {
        return self::$read[$text] ??= self::read($text);
    }

    /**
     * The value of the right-hand side.
     *
     * @param array<string, float|list<float>> $values by symbol
     *
     * @return float|list<float>
     *
     * @throws FormulaFault when a symbol has no value
     */
    public function evaluate(array $values): float|array
    {
        /** @var list<float|list<float>> $stack */
        $stack = [];
        foreach ($this->program as [$kind, $operand]) {
            if ($kind === 'number') {
                $stack[] = (float) $operand;
            } elseif ($kind === 'symbol') {
                $stack[] = $values[(string) $operand] ?? throw FormulaFault::missing((string) $operand, $this->text);
            } elseif ($kind === 'binary') {
                $right = array_pop($stack) ?? NAN;
                $left = array_pop($stack) ?? NAN;
                $stack[] = Arithmetic::binary((string) $operand, $left, $right);
            } else {
                $stack[] = Arithmetic::unary((string) $operand, array_pop($stack) ?? NAN);
            }
        }

        return $stack[0] ?? NAN;
    }

    /** @param array<string, float> $values */
    public function number(array $values): float
    {
        $result = $this->evaluate($values);

        return is_array($result) ? $result[0] : $result;
    }

    /**
     * The right-hand side with each symbol replaced by the text given for it.
     *
     * @param array<string, string> $texts by symbol
     */
    public function filledIn(array $texts): string
    {
        $right = trim(substr($this->text, (int) strpos($this->text, '=') + 1));

        return (string) preg_replace_callback(
            '/[A-Za-z_][A-Za-z0-9_]*(?!\w*\()/',
            static fn(array $match): string => $texts[$match[0]] ?? $match[0],
            $right,
        );
    }

    private static function read(string $text): self
    {
        $equals = strpos($text, '=');
        if ($equals === false || !preg_match('/^\s*([A-Za-z_]\w*)\s*$/', substr($text, 0, $equals), $name)) {
            throw FormulaFault::unreadable($text, 0);
        }
        $program = [];
        $operators = [];
        $symbols = [];
        // What stands in each group that is open, parted by commas.
        $parts = [];
        $position = $equals + 1;
        $expectsOperand = true;
        $length = strlen($text);
        while ($position < $length) {
            if (ctype_space($text[$position])) {
                ++$position;
                continue;
            }
            if ($expectsOperand && preg_match('/\G\d+(\.\d+)?([eE][+-]?\d+)?/', $text, $match, 0, $position)) {
                $program[] = ['number', (float) $match[0]];
                $expectsOperand = false;
            } elseif ($expectsOperand && preg_match('/\G(exp|ln|log10|sqrt|abs|min|max)\(/', $text, $match, 0, $position)) {
                $operators[] = $match[0];
                $parts[] = 1;
            } elseif ($expectsOperand && preg_match('/\G[A-Za-z_]\w*/', $text, $match, 0, $position)) {
                $program[] = ['symbol', $match[0]];
                $symbols[$match[0]] = true;
                $expectsOperand = false;
            } elseif ($expectsOperand && $text[$position] === '(') {
                $match = ['('];
                $operators[] = '(';
                $parts[] = 1;
            } elseif ($expectsOperand && $text[$position] === '-') {
                $match = ['-'];
                $operators[] = 'negate';
            } elseif (!$expectsOperand && $text[$position] === ')') {
                $match = [')'];
                self::closeGroup($operators, $program, array_pop($parts) ?? 0, $text, $position);
            } elseif (!$expectsOperand && $text[$position] === ',') {
                $match = [','];
                while ($operators !== [] && !str_ends_with((string) end($operators), '(')) {
                    $program[] = self::instruction((string) array_pop($operators));
                }
                $parts[] = (array_pop($parts) ?? throw FormulaFault::unreadable($text, $position)) + 1;
                $expectsOperand = true;
            } elseif (!$expectsOperand && isset(self::PRECEDENCE[$text[$position]])) {
                $match = [$text[$position]];
                self::pushOperator($text[$position], $operators, $program);
                $expectsOperand = true;
            } else {
                throw FormulaFault::unreadable($text, $position);
            }
            $position += strlen($match[0]);
        }
        while ($operators !== []) {
            $operator = (string) array_pop($operators);
            if (str_ends_with($operator, '(')) {
                throw FormulaFault::unreadable($text, $length);
            }
            $program[] = self::instruction($operator);
        }
        if ($expectsOperand) {
            throw FormulaFault::unreadable($text, $length);
        }

        return new self(trim($text), $name[1], $program, array_keys($symbols));
    }

    /**
     * @param list<string>                      $operators
     * @param list<array{string, float|string}> $program
     */
    private static function pushOperator(string $operator, array &$operators, array &$program): void
    {
        $rank = self::PRECEDENCE[$operator];
        while ($operators !== []) {
            $top = (string) end($operators);
            $topRank = $top === 'negate' ? 3 : (self::PRECEDENCE[$top] ?? 0);
            if ($topRank < $rank || ($operator === '^' && $top === '^')) {
                break;
            }
            $program[] = self::instruction((string) array_pop($operators));
        }
        $operators[] = $operator;
    }

    /**
     * @param list<string>                      $operators
     * @param list<array{string, float|string}> $program
     */
    private static function closeGroup(array &$operators, array &$program, int $parts, string $text, int $position): void
    {
        while ($operators !== []) {
            $operator = (string) array_pop($operators);
            // The lesser and the greater are of two, all else is of one.
            if (str_ends_with($operator, '(') && $parts !== (in_array($operator, ['min(', 'max('], true) ? 2 : 1)) {
                throw FormulaFault::unreadable($text, $position);
            }
            if ($operator === '(') {
                return;
            }
            if (str_ends_with($operator, '(')) {
                $function = rtrim($operator, '(');
                $program[] = [in_array($function, ['min', 'max'], true) ? 'binary' : 'unary', $function];

                return;
            }
            $program[] = self::instruction($operator);
        }
        throw FormulaFault::unreadable($text, $position);
    }

    /** @return array{string, string} */
    private static function instruction(string $operator): array
    {
        return $operator === 'negate' ? ['unary', 'negate'] : ['binary', $operator];
    }
}
