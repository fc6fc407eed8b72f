<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Reading;
use App\Models\Tank;
use Cresco\Core\Measure\ReadingMethod;
use Cresco\Core\Tank\Shape;
use FilesystemIterator;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Model;
use PHPUnit\Framework\TestCase;
use ReflectionClass;
use ReflectionNamedType;
use SplFileInfo;

/** A record remembers what its columns are cast to, and forgets it with the column. */
final class RecordTest extends TestCase
{
    public function testAColumnThatIsPutRightIsCastAnew(): void
    {
        $tank = new Tank();
        $tank->setRawAttributes(['shape' => 'box', 'routine_days' => '7', 'limits' => '{"a":1}', 'glass' => '8']);
        self::assertSame([Shape::Box, 7, 8.0, ['a' => 1]], [$tank->shape, $tank->routine_days, $tank->glass, $tank->limits]);
        $tank->shape = Shape::Cube;
        $tank->routine_days = 10;
        $tank->setRawAttributes(['limits' => '{"a":2}', 'glass' => null] + $tank->getAttributes());
        self::assertSame([Shape::Cube, 10, ['a' => 2]], [$tank->shape, $tank->routine_days, $tank->limits]);
        self::assertNull($tank->getAttribute('glass'));
    }

    public function testAnotherCastOfAColumnHoldsAtOnce(): void
    {
        $reading = new Reading();
        $reading->setRawAttributes(['method' => 'drops', 'value' => '3']);
        self::assertSame([ReadingMethod::Drops, 3.0], [$reading->method, $reading->value]);
        $reading->mergeCasts(['value' => 'integer']);
        self::assertSame(3, $reading->value);
    }

    public function testNoRecordHasAccessorsWhichWouldBePassedOver(): void
    {
        $accessors = [];
        $models = 0;
        /** @var SplFileInfo $file */
        foreach (new FilesystemIterator(__DIR__.'/../../app/Models') as $file) {
            $class = 'App\\Models\\'.$file->getBasename('.php');
            if (!is_subclass_of($class, Model::class)) {
                continue;
            }
            ++$models;
            foreach ((new ReflectionClass($class))->getMethods() as $method) {
                $type = $method->getReturnType();
                $isOurs = str_starts_with($method->getDeclaringClass()->getName(), 'App\\');
                if (
                    $isOurs
                    && (preg_match('/^get.+Attribute$/', $method->name) === 1
                        || ($type instanceof ReflectionNamedType && $type->getName() === Attribute::class))
                ) {
                    $accessors[] = $class.'::'.$method->name;
                }
            }
        }
        self::assertSame([], $accessors);
        self::assertGreaterThan(30, $models);
    }
}
