<?php

declare(strict_types=1);

namespace Tests\Core;

use Closure;
use Cresco\Core\Checklist\Session;
use Cresco\Core\Cycling\CyclingPhase;
use Cresco\Core\Cycling\Nitrification;
use Cresco\Core\Cycling\NitrogenPeak;
use Cresco\Core\Fault;
use Cresco\Core\Hydraulics\Hose;
use Cresco\Core\Light\LampKind;
use Cresco\Core\Light\LampModel;
use Cresco\Core\Light\LightField;
use Cresco\Core\Livestock\AnimalKind;
use Cresco\Core\Livestock\AnimalKinds;
use Cresco\Core\Livestock\CountKind;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\LevelPrior;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\TestResult;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Mixing\BatchSource;
use Cresco\Core\Mixing\Ingredient;
use Cresco\Core\Mixing\Label;
use Cresco\Core\Mixing\Mixture;
use Cresco\Core\Mixing\Salts;
use Cresco\Core\Mixing\Target;
use Cresco\Core\Planning\Interval;
use Cresco\Core\Planning\JobKind;
use Cresco\Core\Planning\JobKinds;
use Cresco\Core\Planning\Placement;
use Cresco\Core\Planning\PlacementBoard;
use Cresco\Core\Planning\PlacementCost;
use Cresco\Core\Planning\Placing;
use Cresco\Core\Planning\ScheduledTask;
use Cresco\Core\Planning\StockForecast;
use Cresco\Core\Plants\GrowingGroup;
use Cresco\Core\Plants\GrowthForm;
use Cresco\Core\Plants\LearnedRate;
use Cresco\Core\Plants\LightDemand;
use Cresco\Core\Plants\PlantModel;
use Cresco\Core\State\Course;
use Cresco\Core\State\Event;
use Cresco\Core\Substrate\Cover;
use Cresco\Core\Substrate\Zone;
use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Tank\Footprint;
use Cresco\Core\Tank\Needs;
use Cresco\Core\Tank\Rectangle;
use Cresco\Core\Tank\SubstrateLayer;
use Cresco\Core\Tank\SwingLimits;
use Cresco\Core\Tank\Vessel;
use Cresco\Core\Water\Conductance;
use Cresco\Core\Water\Ions;
use Cresco\Core\Water\WaterState;
use Cresco\Core\WaterChange\ChangePlan;
use Cresco\Core\WaterChange\Forecast;
use FilesystemIterator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use ReflectionClass;
use ReflectionMethod;
use ReflectionNamedType;
use ReflectionParameter;
use SplFileInfo;
use Throwable;
use UnitEnum;

/**
 * Every public function of the core that takes numbers, with each of them in turn nothing, below nothing, tiny, huge, endless or no
 * number: it names a fault or gives an answer, and the answer is a number.
 */
final class SweepTest extends TestCase
{
    private const NUMBERS = [0.0, -1.0, -1e12, 1e-300, 1e-9, 0.5, 1e9, 1e300, INF, -INF, NAN];

    /** Seconds that no single call may take. */
    private const PATIENCE = 2.0;

    /** @return iterable<string, array{class-string, string}> */
    public static function functions(): iterable
    {
        $core = dirname(__DIR__, 2).'/core';
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($core, FilesystemIterator::SKIP_DOTS)) as $file) {
            $name = 'Cresco\\Core\\'.strtr(substr($file->getPathname(), strlen($core) + 1, -4), '/', '\\');
            if (!class_exists($name) && !enum_exists($name)) {
                continue;
            }
            $class = new ReflectionClass($name);
            // A formula of numbers has no sense of its own; faults word what they are given.
            if (
                $class->isAbstract()
                || $class->isSubclassOf(Fault::class)
                || str_starts_with($name, 'Cresco\\Core\\Formula\\')
                || str_starts_with($name, 'Cresco\\Core\\Numeric\\')
            ) {
                continue;
            }
            foreach ($class->getMethods(ReflectionMethod::IS_PUBLIC) as $method) {
                if (array_filter($method->getParameters(), self::isNumber(...)) !== [] && $method->getDeclaringClass()->getName() === $name) {
                    yield substr($name, 12).'::'.$method->getName() => [$name, $method->getName()];
                }
            }
        }
    }

    /** @param class-string $name */
    #[DataProvider('functions')]
    public function testItNamesAFaultOrGivesANumber(string $name, string $function): void
    {
        $class = new ReflectionClass($name);
        $method = $class->getMethod($function);
        $usual = array_map(self::usual(...), $method->getParameters());
        $wrong = [];
        foreach ($method->getParameters() as $i => $parameter) {
            foreach (self::isNumber($parameter) ? self::NUMBERS : [] as $number) {
                $given = $usual;
                $given[$i] = self::type($parameter) === 'int' ? (int) max(-1000, min(1000, is_nan($number) ? 0 : $number)) : $number;
                $from = microtime(true);
                try {
                    $answer = match (true) {
                        $method->isConstructor() => $class->newInstanceArgs($given),
                        $method->isStatic() => $method->invokeArgs(null, $given),
                        default => $method->invokeArgs(self::sample($name), $given),
                    };
                    // What is no number may come out of plain arithmetic again; no number may become none.
                    $said = is_nan($number) ? null : self::noNumber($answer);
                } catch (Fault) {
                    $said = null;
                } catch (Throwable $fault) {
                    $said = $fault::class.' '.$fault->getMessage().' in '.basename($fault->getFile()).':'.$fault->getLine();
                }
                $said ??= microtime(true) - $from > self::PATIENCE ? 'takes too long' : null;
                if ($said !== null) {
                    $wrong[] = sprintf('$%s = %s: %s', $parameter->getName(), var_export($number, true), $said);
                }
            }
        }

        self::assertSame([], $wrong);
    }

    private static function isNumber(ReflectionParameter $parameter): bool
    {
        return in_array(self::type($parameter), ['float', 'int'], true);
    }

    private static function type(ReflectionParameter $parameter): string
    {
        $type = $parameter->getType() instanceof ReflectionNamedType ? $parameter->getType()->getName() : (string) $parameter->getType();

        return $type === 'self' ? (string) $parameter->getDeclaringClass()?->getName() : $type;
    }

    private static function usual(ReflectionParameter $parameter): mixed
    {
        $type = self::type($parameter);

        return match (true) {
            $type === 'float' => self::figure($parameter->getName()),
            $type === 'int' => 3,
            $parameter->isDefaultValueAvailable() => $parameter->getDefaultValue(),
            $parameter->allowsNull() => null,
            $type === 'string' => 'x',
            $type === 'bool' => false,
            $type === 'array' => self::list($parameter),
            $type === 'callable', $type === 'Closure' => static fn(mixed $x = 0.0): mixed => $x,
            default => self::sample($type),
        };
    }

    /** A number that fits what it is called. */
    private static function figure(string $name): float
    {
        return match (true) {
            in_array($name, ['fraction', 'share', 'largest', 'needed', 'largestFraction', 'porosity', 'purity'], true) => 0.3,
            $name === 'factor' => 0.5,
            $name === 'inflow' => 0.0,
            in_array($name, ['celsius', 'cold'], true) => 20.0,
            in_array($name, ['ph', 'low', 'least', 'field', 'below', 'from', 'source', 'start', 'soft'], true) => 6.0,
            in_array($name, ['high', 'most', 'above', 'to', 'upper', 'goal', 'expected'], true) => 30.0,
            $name === 'hot' => 60.0,
            in_array($name, ['tank', 'limit', 'read', 'length', 'rim'], true) => 400.0,
            default => 10.0,
        };
    }

    /** @return array<mixed> */
    private static function list(ReflectionParameter $parameter): array
    {
        return match ($parameter->getName()) {
            'trials' => [[0.6, 10]],
            'pairs' => [[100.0, 200.0]],
            'readings' => match ($parameter->getDeclaringClass()?->getShortName()) {
                'Membrane' => [[1.0, 400.0, 20.0, false]],
                'CyclingReadiness' => [[3.0, 1.0, 0.4], [9.0, 0.0, 0.0]],
                'CyclingForecast' => [[3.0, 'ammonia', new NormalValue(1.0, 0.2)], [9.0, 'nitrite', new NormalValue(2.0, 0.4)]],
                default => [[1.0, TestResult::exact(Parameter::Nitrate, 10.0)], [8.0, TestResult::exact(Parameter::Nitrate, 20.0)]],
            },
            'points' => [[0.0, 1.0], [1.0, 1.0]],
            'middle' => [0.0, 0.0, 0.0],
            'spread' => [[1.0, 0.0, 0.0], [0.0, 1.0, 0.0], [0.0, 0.0, 1.0]],
            'sources' => [BatchSource::pure()],
            'jars' => [Ingredient::ofSalt(Salts::get('epsom'))],
            'amounts' => [0.1],
            'shares' => [1.0],
            'parts' => [[self::water(), 1.0]],
            'needs' => ['a' => 10.0, 'b' => 80.0],
            'patches' => [self::patch()],
            'milligrams' => ['Ca' => 40.0],
            'tank', 'aim' => [Parameter::GeneralHardness->value => 1.0],
            'taken' => [4.0],
            'topUps' => [[3.0, 2.0, 1.0]],
            default => [],
        };
    }

    private static function water(): WaterState
    {
        return new WaterState('the tank', array_map(static fn(float $value): Distribution => new NormalValue($value, 0.05 * $value), [
            'nitrate' => 20.0, 'ph' => 7.0, 'carbonate_hardness' => 1.4, 'general_hardness' => 1.0, 'conductivity' => 300.0, 'temperature' => 24.0, 'ammonium' => 0.1,
        ]));
    }

    private static function patch(): Zone
    {
        return new Zone(1, 0.0, 0.5, 0.0, 1.0, Cover::Sand, 20.0);
    }

    private static function stand(): GrowingGroup
    {
        return new GrowingGroup(
            1,
            'stems',
            GrowthForm::Stem,
            LightDemand::Middling,
            0.0,
            0.5,
            0.4,
            1.0,
            120.0,
            5.0,
            0.8,
            420.0,
            LearnedRate::guess(40.0),
            20.0,
            200.0,
        );
    }

    private static function vessel(): Vessel
    {
        return new Vessel(new Rectangle(500, 300), 380, 20, new SubstrateLayer(60, 40, 0.4));
    }

    private static function plan(): ChangePlan
    {
        return new ChangePlan(self::vessel(), self::water(), self::water()->named('the source'), 20.0);
    }

    private static function mixture(): Mixture
    {
        return Mixture::of([BatchSource::pure()], [1.0], [Ingredient::ofSalt(Salts::get('epsom'))], [0.1]);
    }

    private static function sample(string $type): object
    {
        /** @var array<string, Closure(): object> $made */
        $made = [
            Distribution::class => static fn(): object => new NormalValue(10.0, 1.0),
            WaterState::class => self::water(...),
            Vessel::class => self::vessel(...),
            ChangePlan::class => self::plan(...),
            Forecast::class => static fn(): object => Forecast::of(self::plan()),
            SwingLimits::class => static fn(): object => SwingLimits::ofOthers(),
            Footprint::class => static fn(): object => new Rectangle(500, 300),
            TestResult::class => static fn(): object => TestResult::exact(Parameter::Nitrate, 10.0),
            Unit::class => static fn(): object => Unit::usual(Parameter::Nitrate),
            Label::class => static fn(): object => new Label(6.0, 20.0, 6.0, 2.0, 300.0),
            Ingredient::class => static fn(): object => Ingredient::ofSalt(Salts::get('epsom')),
            Mixture::class => self::mixture(...),
            Target::class => static fn(): object => Target::degrees(6.0, 3.0, 3.0, 300.0),
            Ions::class => static fn(): object => Ions::milligrams(['Ca' => 40.0, 'Cl' => 70.0]),
            Conductance::class => static fn(): object => Conductance::of(Ions::milligrams(['Ca' => 40.0, 'Cl' => 70.0])),
            Hose::class => static fn(): object => new Hose(12.0, 2.0),
            Zone::class => self::patch(...),
            Nitrification::class => static fn(): object => new Nitrification(0.3),
            Interval::class => static fn(): object => Interval::learned(7, []),
            JobKind::class => static fn(): object => JobKinds::of('glass'),
            StockForecast::class => static fn(): object => new StockForecast(100.0, 10.0, 7),
            ScheduledTask::class => static fn(): object => new ScheduledTask('a', 1, 10, 3, 0, 6, 4.0),
            Course::class => static fn(): object => Course::fitted(
                new LevelPrior(5.0, 5.0, 0.1, 1.0, 200.0),
                new NormalValue(20.0, 3.0),
                new NormalValue(0.8, 0.2),
                0.1,
                [Event::read(5.0, 22.0, 1.0)],
                0.0,
                12.0,
            ),
            Event::class => static fn(): object => Event::read(5.0, 22.0, 1.0),
            NitrogenPeak::class => static fn(): object => new NitrogenPeak(),
            Placing::class => static fn(): object => new Placing([60, 60]),
            Placement::class => static fn(): object => (new Placing([60, 60]))->place([new ScheduledTask('a', 1, 10, 3, 0, 6, 4.0)]),
            PlacementBoard::class => static fn(): object => new PlacementBoard(new Placing([60, 60]), [new ScheduledTask('a', 1, 10, 0, 0, 6, 4.0)]),
            AnimalKind::class => static fn(): object => AnimalKinds::of('tetra'),
            CyclingPhase::class => static fn(): object => new CyclingPhase('x', 1, 2),
            CountKind::class => static fn(): object => CountKind::Came,
            PlacementCost::class => static fn(): object => new PlacementCost(1.0, 0.0, 0.0, 1.0),
            GrowingGroup::class => self::stand(...),
            PlantModel::class => static fn(): object => new PlantModel(
                [self::stand()],
                new LightField([new LampModel(LampKind::Panel, 50.0, 400.0, 200.0, 60.0)], new Rectangle(500, 300)),
                360.0,
                new SubstrateLayer(60, 40, 0.4),
            ),
            Session::class => static fn(): object => new Session(self::plan(), new Needs(AnimalGroup::Community), [], [], 100.0, true, true),
        ];
        if (isset($made[$type])) {
            return $made[$type]();
        }
        if (str_contains($type, '|')) {
            return self::sample(explode('|', $type)[0]);
        }
        if (enum_exists($type)) {
            return $type::cases()[0];
        }
        if (!class_exists($type)) {
            self::fail('No sample of '.$type);
        }
        $class = new ReflectionClass($type);
        $constructor = $class->getConstructor();
        if ($constructor !== null && $constructor->isPublic()) {
            return $class->newInstanceArgs(array_map(self::usual(...), $constructor->getParameters()));
        }
        // Made by a named constructor: the first that gives one.
        foreach ($class->getMethods(ReflectionMethod::IS_STATIC) as $method) {
            if ($method->isPublic() && $method->getReturnType() instanceof ReflectionNamedType && in_array(
                $method->getReturnType()->getName(),
                ['self', 'static', $type],
                true,
            )) {
                $object = $method->invokeArgs(null, array_map(self::usual(...), $method->getParameters()));
                if (is_object($object)) {
                    return $object;
                }
            }
        }
        self::fail('No sample of '.$type);
    }

    /** What in an answer is no number, in words; null when all are. */
    private static function noNumber(mixed $answer, int $depth = 0): ?string
    {
        if (is_float($answer)) {
            return is_nan($answer) ? 'gives no number' : null;
        }
        $parts = match (true) {
            is_array($answer) && $depth < 6 => $answer,
            is_object($answer) && !$answer instanceof UnitEnum && $depth < 3 => get_object_vars($answer),
            default => [],
        };
        foreach ($parts as $name => $part) {
            $said = self::noNumber($part, $depth + 1);
            if ($said !== null) {
                return $said.' in '.$name;
            }
        }

        return null;
    }
}
