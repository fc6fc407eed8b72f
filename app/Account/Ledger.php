<?php

declare(strict_types=1);

namespace App\Account;

use Cresco\Core\Diagnosis\Likelihood;
use Cresco\Core\Diagnosis\Observation;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\ParameterEntry;
use Cresco\Core\Tank\SwingLimits;
use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use ReflectionClass;
use ReflectionClassConstant;
use ReflectionMethod;
use ReflectionNamedType;
use ReflectionParameter;
use SplFileInfo;
use UnitEnum;

/**
 * Everything that Cresco assumes, read from where it stands: each number of the core with its sentence, each table of figures by kind, each
 * entry of a catalogue, and what is said to be a house default elsewhere. Nothing is written twice.
 */
final class Ledger
{
    private const DEFAULT = '/house (default|limit)/i';

    /** Names that stand for what is published. */
    private const PUBLISHED = '/IUPAC|CRC|Source:|Abramowitz|Dowell|by definition|table value|rule of thumb|common practice|laboratory rule|log K|Molar mass|molar mass|J to warm|by mole|\(\d{4}\)/';

    /** What a catalogue of signs says of them, by a method of this name. */
    private const USUALLY = 'usually';

    /** @return list<LedgerEntry> by room and name */
    public static function entries(): array
    {
        $entries = [];
        foreach (['core' => 'Cresco\Core', 'app' => 'App'] as $house => $namespace) {
            foreach (self::classes($house, $namespace) as $class) {
                array_push(
                    $entries,
                    ...self::constants($class, $house === 'core'),
                    ...self::tables($class, $house === 'core'),
                    ...($house === 'core' ? self::catalogue($class) : []),
                );
            }
        }
        foreach (Parameter::cases() as $parameter) {
            array_push($entries, ...self::ofParameter($parameter, $parameter->entry()));
        }
        usort($entries, static fn(LedgerEntry $a, LedgerEntry $b): int => [$a->room, $a->name] <=> [$b->room, $b->name]);

        return $entries;
    }

    /** The ledger as a document. */
    public static function markdown(): string
    {
        $text = "# What Cresco assumes\n\nWritten by `php artisan cresco:defaults` from the code; a test holds it to it. A guess is a house default; a limit keeps nonsense out.\n";
        $room = '';
        foreach (self::entries() as $entry) {
            if ($entry->room !== $room) {
                $room = $entry->room;
                $text .= "\n## $room\n\n| name | value | what it is | grade |\n|---|---|---|---|\n";
            }
            $text .= '| `'.$entry->name.'` | '.str_replace('|', '\|', $entry->value).' | '.str_replace('|', '\|', $entry->text).' | '.$entry->grade." |\n";
        }

        return $text;
    }

    /** @return list<ReflectionClass<object>> */
    private static function classes(string $house, string $namespace): array
    {
        $found = [];
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path($house), FilesystemIterator::SKIP_DOTS)) as $file) {
            $name = $namespace.'\\'.str_replace('/', '\\', substr($file->getPathname(), strlen(base_path($house)) + 1, -4));
            if ($file->getExtension() === 'php' && (class_exists($name) || interface_exists($name))) {
                $found[] = new ReflectionClass($name);
            }
        }

        return $found;
    }

    /**
     * @param ReflectionClass<object> $class
     *
     * @return list<LedgerEntry>
     */
    private static function constants(ReflectionClass $class, bool $all): array
    {
        $entries = [];
        foreach ($class->getReflectionConstants() as $constant) {
            $text = self::sentence($constant->getDocComment());
            if (
                $constant->getDeclaringClass()->getName() !== $class->getName()
                || $constant instanceof \ReflectionEnumUnitCase
                || !(preg_match(self::DEFAULT, $text) || ($all && self::isFigure($constant)))
            ) {
                continue;
            }
            $value = self::value($constant->getValue());
            if ($value !== null) {
                $entries[] = new LedgerEntry(
                    self::room($class),
                    $class->getShortName().'::'.$constant->getName(),
                    $value,
                    self::plain($text),
                    self::grade($text),
                );
            }
        }

        return $entries;
    }

    /**
     * Figures that an enumeration has for each of its kinds.
     *
     * @param ReflectionClass<object> $class
     *
     * @return list<LedgerEntry>
     */
    private static function tables(ReflectionClass $class, bool $all): array
    {
        if (!$class->isEnum()) {
            return [];
        }
        $entries = self::kinds($class);
        $whole = preg_match(self::DEFAULT, self::sentence($class->getDocComment())) === 1;
        foreach ($class->getMethods(ReflectionMethod::IS_PUBLIC) as $method) {
            $text = self::sentence($method->getDocComment());
            $isSaid = $whole || preg_match(self::DEFAULT, $text) === 1;
            if ($method->isStatic() || !($isSaid || ($all && $text !== '' && $method->getNumberOfParameters() === 0 && self::givesFigures($method)))) {
                continue;
            }
            /** @var UnitEnum $case */
            foreach ((array) $class->getMethod('cases')->invoke(null) as $case) {
                $of = $method->getParameters()[0] ?? null;
                $type = $of?->getType();
                $values = match (true) {
                    $of === null => [$method->invoke($case)],
                    $type instanceof ReflectionNamedType
                        && $type->getName() === Parameter::class => array_map(static fn(Parameter $p): mixed => $method->invoke($case, $p), Parameter::cases()),
                    default => [],
                };
                $shown = [];
                foreach ($values as $i => $value) {
                    $figure = self::value($value);
                    if ($figure !== null) {
                        $shown[] = ($of === null ? '' : Parameter::cases()[$i]->symbol().' ').$figure;
                    }
                }
                if ($shown !== []) {
                    $entries[] = new LedgerEntry(
                        self::room($class),
                        $class->getShortName().'::'.$case->name.'.'.$method->getName(),
                        implode('; ', $shown),
                        self::plain($text),
                        $isSaid ? LedgerEntry::GUESS : self::grade($text),
                    );
                }
            }
        }

        return $entries;
    }

    /**
     * Figures of the entries of an enumeration whose kinds have one, but for those that a method tells; parameters are told by their fields.
     *
     * @param ReflectionClass<object> $class
     *
     * @return list<LedgerEntry>
     */
    private static function kinds(ReflectionClass $class): array
    {
        if ($class->getName() === Parameter::class || !$class->hasMethod('entry')) {
            return [];
        }
        $entries = [];
        /** @var UnitEnum $case */
        foreach ((array) $class->getMethod('cases')->invoke(null) as $case) {
            $entry = $class->getMethod('entry')->invoke($case);
            $figures = is_object($entry)
                ? array_filter(self::figures($entry), static fn(string $name): bool => !$class->hasMethod($name), ARRAY_FILTER_USE_KEY)
                : [];
            if (is_object($entry) && $figures !== []) {
                $entries[] = new LedgerEntry(
                    self::room($class),
                    $class->getShortName().'::'.$case->name.'.entry',
                    implode('; ', $figures),
                    implode('; ', self::meaning(new ReflectionClass($entry), array_keys($figures))),
                    LedgerEntry::GUESS,
                );
            }
        }

        return $entries;
    }

    /**
     * Figures of each entry of a catalogue: of a class that gives all of them by their keys.
     *
     * @param ReflectionClass<object> $class
     *
     * @return list<LedgerEntry>
     */
    private static function catalogue(ReflectionClass $class): array
    {
        if (!$class->hasMethod('all') || !$class->getMethod('all')->isStatic()) {
            return [];
        }
        $entries = [];
        $grade = self::grade(self::sentence($class->getDocComment()).' '.self::sentence($class->getMethod('all')->getDocComment()));
        // What else the catalogue says of each by its key.
        $asked = array_filter(
            $class->getMethods(ReflectionMethod::IS_STATIC),
            static fn(ReflectionMethod $method): bool => $method->isPublic()
                && ($method->getName() === self::USUALLY || array_map(
                    static fn(ReflectionParameter $of): string => $of->getName(),
                    $method->getParameters(),
                ) === ['sign']),
        );
        foreach ((array) $class->getMethod('all')->invoke(null) as $key => $entry) {
            if (!is_string($key) || !is_object($entry)) {
                continue;
            }
            $figures = self::figures($entry);
            $words = self::meaning(new ReflectionClass($entry), array_keys($figures));
            foreach ($asked as $method) {
                $shown = self::value($method->getNumberOfParameters() === 0 ? ((array) $method->invoke(null))[$key] ?? null : $method->invoke(null, $key));
                $figures += $shown === null ? [] : [$method->getName() => $method->getName().' '.$shown];
                $words += $shown === null ? [] : [$method->getName() => $method->getName().': '.rtrim(self::sentence($method->getDocComment()), '.')];
            }
            if ($figures !== []) {
                $entries[] = new LedgerEntry(
                    self::room($class),
                    $class->getShortName().'::all.'.$key,
                    implode('; ', $figures),
                    $words === [] ? self::plain(self::sentence((new ReflectionClass($entry))->getDocComment())) : implode('; ', $words),
                    $grade === LedgerEntry::PUBLISHED ? $grade : LedgerEntry::GUESS,
                );
            }
        }

        return $entries;
    }

    /** @return array<string, string> what of an object is a figure or one of a kind, as "name value", by name */
    private static function figures(object $entry): array
    {
        $found = [];
        $numbers = 0;
        foreach (get_object_vars($entry) as $name => $value) {
            $shown = match (true) {
                is_bool($value) => $value ? 'yes' : 'no',
                $value instanceof UnitEnum => $value->name,
                $value instanceof Likelihood => self::share($value),
                is_array($value)
                    && $value !== []
                    && array_filter($value, static fn(mixed $one): bool => !$one instanceof Likelihood) === [] => implode(
                        ', ',
                        array_map(
                            static fn(string|int $of, mixed $one): string => $of.' '.($one instanceof Likelihood ? self::share($one) : ''),
                            array_keys($value),
                            $value,
                        ),
                    ),
                is_array($value) && array_filter($value, is_string(...)) !== [] => null,
                default => self::value($value),
            };
            if ($shown !== null) {
                $numbers += is_bool($value) || $value instanceof UnitEnum ? 0 : 1;
                $found[(string) $name] = $name.' '.$shown;
            }
        }

        return $numbers === 0 ? [] : $found;
    }

    /** "7 against 0.5 of ten (consensus)", "dust 8.5, film 1 of ten (guess)" */
    private static function share(Likelihood $share): string
    {
        $said = static fn(array $of): string => array_keys($of) === [Observation::YES]
            ? (string) self::value($of[Observation::YES])
            : (string) self::value($of);

        return $said($share->with).($share->without === [] ? '' : ' against '.$said($share->without)).' of ten ('.$share->grade->value.')';
    }

    /**
     * What the figures of an entry are, by the words of its constructor.
     *
     * @param ReflectionClass<object> $class
     * @param list<string>            $names
     *
     * @return array<string, string> by name
     */
    private static function meaning(ReflectionClass $class, array $names): array
    {
        preg_match_all('/@param\s+(?:array\{[^}]*\}|\S+)(?:\|null)?\s+\$(\w+)\s+([^\n]+)/', (string) $class->getConstructor()?->getDocComment(), $said);
        $words = array_intersect_key(array_combine($said[1], array_map(trim(...), $said[2])), array_flip($names));

        return array_combine(array_keys($words), array_map(static fn(string $name, string $word): string => $name.': '.$word, array_keys($words), $words));
    }

    /** @return list<LedgerEntry> */
    private static function ofParameter(Parameter $parameter, ParameterEntry $entry): array
    {
        $entries = [];
        foreach (['accuracy' => $entry->accuracy, 'accuracyShare' => $entry->accuracyShare, 'wander' => $entry->wander, 'wanderShare' => $entry
            ->wanderShare, 'setDays' => $entry->setDays, 'beyond' => $entry->beyond, 'fine' => $entry->fine,
            'balance' => $entry->balance === null
                ? null
                : [
                    $entry->balance->source, $entry->balance->sourceOff, $entry->balance->floor, $entry->balance->rate, $entry->balance->top,
                ], 'range' => $entry->range, 'step' => $entry->step, 'fields' => $entry->fields === []
                    ? null
                    : $entry->fields] as $field => $value) {
            $shown = $value === null ? null : self::value($value);
            if ($shown !== null && $value !== 0.0) {
                $entries[] = new LedgerEntry(
                    'Measure',
                    'Parameter::'.$parameter->name.'.'.$field,
                    $shown,
                    __('ledger.parameter.'.$field),
                    $field === 'range' ? LedgerEntry::LIMIT : LedgerEntry::GUESS,
                );
            }
        }

        return $entries;
    }

    /** Whether a method of an enumeration gives numbers, and not what parameters say of themselves in their entries. */
    private static function givesFigures(ReflectionMethod $method): bool
    {
        return $method->getDeclaringClass()->getName() !== Parameter::class
            && preg_match('/\b(float|int|array)\b/', (string) $method->getReturnType()) === 1
            && preg_match('/@return.*\bstring\b/', (string) $method->getDocComment()) !== 1;
    }

    private static function isFigure(ReflectionClassConstant $constant): bool
    {
        $value = $constant->getValue();

        $isNumber = static fn(mixed $leaf): bool => is_int($leaf) || is_float($leaf);
        if (!is_array($value)) {
            return $isNumber($value);
        }
        $leaves = [];
        array_walk_recursive($value, static function (mixed $leaf) use (&$leaves): void {
            $leaves[] = $leaf;
        });

        return $leaves !== []
            && array_filter($leaves, static fn(mixed $leaf): bool => !$isNumber($leaf)) === []
            && array_filter(array_keys($value), is_string(...)) === [];
    }

    /** A number, a list of numbers or what is made of them; null for anything else. */
    private static function value(mixed $value): ?string
    {
        if (is_int($value) || is_float($value)) {
            return match (true) {
                is_float($value) && !is_finite($value) => null,
                $value != 0.0
                    && (abs($value) < 1e-3 || abs($value) >= 1e9) => (string) preg_replace(['/\.?0+(?=e)/', '/e\+/'], ['', 'e'], sprintf('%.4e', $value)),
                default => rtrim(rtrim(sprintf('%.6F', $value), '0'), '.'),
            };
        }
        if ($value instanceof SwingLimits) {
            return self::value((array) $value);
        }
        if ($value instanceof Distribution) {
            return self::value($value->central()).' ± '.self::value($value->spread());
        }
        if (!is_array($value) || $value === []) {
            return null;
        }
        $parts = [];
        foreach ($value as $key => $part) {
            $shown = is_string($part) ? $part : self::value($part);
            if ($shown === null) {
                return null;
            }
            $parts[] = (is_string($key) && !is_array($part) ? $key.' ' : '').$shown;
        }

        return implode(array_filter($value, is_array(...)) === [] ? ', ' : '; ', $parts);
    }

    /** The words of a comment, without its tags and stars. */
    private static function sentence(string|false $comment): string
    {
        $text = (string) preg_replace('/^\s*\/?\*+\/?|\*\/\s*$/m', '', (string) $comment);
        $text = (string) preg_replace('/^\s*@(?!return).*$/m', '', $text);
        $text = (string) preg_replace('/@return\s+[^\s<{]+(?:<[^>]*>|\{[^}]*\})?\S*/', '', $text);

        return trim((string) preg_replace('/\s+/', ' ', $text));
    }

    private static function plain(string $text): string
    {
        $rest = trim((string) preg_replace('/(^|(?<=[.:;]) )House (defaults?|limits?).*?(\.(?=\s|$)|$)/', '', $text));

        return $rest === '' ? $text : $rest;
    }

    private static function grade(string $text): string
    {
        return match (true) {
            preg_match('/house default/i', $text) === 1 => LedgerEntry::GUESS,
            preg_match('/house limit/i', $text) === 1 => LedgerEntry::LIMIT,
            preg_match(self::PUBLISHED, $text) === 1 => LedgerEntry::PUBLISHED,
            default => LedgerEntry::OWN,
        };
    }

    /** @param ReflectionClass<object> $class */
    private static function room(ReflectionClass $class): string
    {
        $parts = explode('\\', $class->getName());

        return $parts[0] === 'App' ? 'Screens and records' : $parts[2];
    }
}
