<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Units\Amount;
use App\Units\LengthUnit;
use App\Units\Scale;
use App\Units\Within;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Support\Facades\Validator;
use PHPUnit\Framework\Attributes\DataProvider;

final class AmountTest extends FeatureCase
{
    /** @return iterable<string, array{mixed, float|null}> */
    public static function typed(): iterable
    {
        yield 'whole' => ['12', 12.0];
        yield 'a point' => ['12.5', 12.5];
        yield 'a comma' => ['12,5', 12.5];
        yield 'nothing before the point' => ['.5', 0.5];
        yield 'nothing after it' => ['7.', 7.0];
        yield 'room about it' => [" 3 \n", 3.0];
        yield 'below nothing' => ['-3', -3.0];
        yield 'below nothing, as it is printed' => ["\u{2212}3", -3.0];
        yield 'a number' => [4, 4.0];
        foreach (['', ' ', '-', '.', '1e3', '0x1A', '1.2.3', '12 5', '٣', '1'.str_repeat('0', 12), 'NaN', 'INF'] as $text) {
            yield "“{$text}”" => [$text, null];
        }
        yield 'without end' => [INF, null];
        yield 'a list' => [['1'], null];
        yield 'nothing' => [null, null];
    }

    #[DataProvider('typed')]
    public function testANumberIsWhatKeepersTypeForOne(mixed $typed, ?float $number): void
    {
        self::assertSame($number, Amount::parse($typed));
    }

    /** @return iterable<string, array{ValidationRule, mixed, string|null}> */
    public static function fields(): iterable
    {
        $minutes = new Amount(1, 600, 'min', '45');
        yield 'the least' => [$minutes, '1', null];
        yield 'the most' => [$minutes, '600', null];
        yield 'too little' => [$minutes, '0.9', 'Between 1 and 600 min.'];
        yield 'too much' => [$minutes, '601', 'Between 1 and 600 min.'];
        yield 'no number' => [$minutes, 'long', 'Enter a number in min, such as 45.'];
        yield 'no number of anything' => [new Amount(0, 1), 'long', 'Enter a number, such as 24.'];
        $inches = new Within(Scale::sizes(LengthUnit::Inches), 100.0, 3000.0, 600.0);
        yield 'a size in another unit' => [$inches, '60 cm', null];
        // 100 mm are 3.937 in and shown as 3.94: typed as shown it is enough.
        yield 'a limit as it is shown' => [$inches, '3.94', null];
        yield 'a limit rounded down' => [new Within(Scale::sizes(LengthUnit::Inches), 100.0, 2999.0, 600.0), '118.07', null];
        yield 'beyond what is shown' => [$inches, '3.92', 'Between 3.94 and 118.11 in.'];
        yield 'no size' => [$inches, 'broad', 'Enter a number in inches, such as 23.62.'];
    }

    #[DataProvider('fields')]
    public function testWhatWouldBeRightIsSaid(ValidationRule $rule, mixed $typed, ?string $said): void
    {
        $faults = Validator::make(['field' => $typed], ['field' => [$rule]])->errors();
        self::assertSame($said === null ? [] : [$said], $faults->get('field'));
    }
}
