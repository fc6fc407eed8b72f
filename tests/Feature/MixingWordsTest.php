<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Devices\Noise;
use App\Mixing\DraftBatch;
use App\Mixing\HardnessMap;
use App\Mixing\HardnessMapPoint;
use App\Mixing\MixingInput;
use App\Mixing\MixingPage;
use App\Models\Keeper;
use App\Units\Show;
use App\View\Names;
use App\WaterChange\HosePage;
use Cresco\Core\Mixing\MixingFault;
use Cresco\Core\Mixing\Preference;
use Cresco\Core\Mixing\Target;
use Cresco\Core\Tank\AnimalGroup;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** How the mixing page words and draws what it has worked out. */
final class MixingWordsTest extends FeatureCase
{
    /** @return iterable<string, array{float, string}> */
    public static function spoons(): iterable
    {
        yield 'none' => [0.1, 'no spoon'];
        yield 'a half' => [0.4, '½ level spoon'];
        yield 'one' => [1.1, '1 level spoon'];
        yield 'one and a half' => [1.45, '1 ½ level spoons'];
        yield 'seven' => [7.0, '7 level spoons'];
        yield 'twelve and a half' => [12.5, '12 ½ level spoons'];
    }

    #[DataProvider('spoons')]
    public function testSpoonsAreSaidAsTheyAreLevelled(float $count, string $words): void
    {
        self::assertSame($words, MixingPage::spoons($count));
    }

    /** @return iterable<string, array{float, float, string}> */
    public static function grams(): iterable
    {
        yield 'kitchen scale' => [12.4, 1.0, '12'];
        yield 'tenths' => [12.44, 0.1, '12.4'];
        yield 'hundredths' => [0.046, 0.01, '0.05'];
        yield 'a fine scale' => [0.0462, 0.001, '0.046'];
    }

    #[DataProvider('grams')]
    public function testGramsHaveTheDecimalsOfTheScale(float $amount, float $step, string $words): void
    {
        self::assertSame($words, Show::grams($amount, $step));
    }

    /** @return iterable<string, array{float, string}> */
    public static function times(): iterable
    {
        yield 'seconds' => [42.4, '0 min 42 s'];
        yield 'minutes' => [202.5, '3 min 23 s'];
        yield 'many minutes' => [1234.0, '21 min'];
        yield 'hours' => [7260.0, '2 h 01'];
    }

    #[DataProvider('times')]
    public function testTimesAreSaidAsFineAsTheyMatter(float $seconds, string $words): void
    {
        self::assertSame($words, HosePage::time($seconds));
    }

    public function testListsReadLikeSentences(): void
    {
        self::assertSame('', Names::list([]));
        self::assertSame('GH', Names::list(['GH']));
        self::assertSame('GH and KH', Names::list(['GH', 'KH']));
        self::assertSame('GH, KH and Ca:Mg', Names::list(['GH', 'KH', 'Ca:Mg']));
    }

    public function testEverythingOnTheMapLiesInItsFrameAndNoNameCoversAnother(): void
    {
        [$keeper, $tank] = $this->bench();
        $keeper = Keeper::query()->findOrFail($keeper->id)->load('waters', 'products.trials', 'kits');
        $tank->setRelation('keeper', $keeper);
        $chance = new Randomizer(new Mt19937(8));
        for ($i = 0; $i < 25; ++$i) {
            $input = new MixingInput(
                $i % 2 === 0 ? $tank : null,
                AnimalGroup::cases()[$i % 6],
                20.0,
                array_values($keeper->waters->all()),
                array_values($keeper->products->all()),
                Target::degrees($chance->getInt(5, 200) / 10, $chance->getInt(0, 140) / 10, 3.0, null, ['Na' => 60.0]),
                Preference::FewestJars,
                0.1,
                false,
                false,
                0.3,
            );
            $draft = (new DraftBatch())($input, $keeper->waters);
            $map = new HardnessMap($draft, $keeper->show());
            self::assertNotSame([], $map->places);
            foreach ($map->places as $a => $place) {
                self::assertThat($place->x, self::logicalAnd(self::greaterThanOrEqual($map->left() - 6.0), self::lessThanOrEqual($map->right() + 6.0)));
                self::assertThat($place->y, self::logicalAnd(self::greaterThanOrEqual($map->top() - 6.0), self::lessThanOrEqual($map->bottom() + 6.0)));
                foreach (array_slice($map->places, $a + 1) as $other) {
                    self::assertTrue(abs($place->textY - $other->textY) >= 12.0 || !self::beside($place, $other), "$place->name covers $other->name");
                }
            }
            foreach (explode(' ', $map->region()) as $corner) {
                self::assertMatchesRegularExpression('/^-?[\d.]+,-?[\d.]+$/', $corner);
            }
            $ticks = array_column($map->ghTicks(), 0);
            self::assertThat(count($ticks), self::logicalAnd(self::greaterThan(2), self::lessThan(13)));
            // What is drawn at a pixel is what a drag to it would type.
            [$perX] = $map->perPixel();
            $target = $map->target();
            self::assertNotNull($target);
            self::assertEqualsWithDelta((float) $input->target->gh / 0.178325, ($target[0] - $map->left()) * $perX, 0.1);
        }
    }

    public function testTheTicksOfAScaleAreRoundAndCoverIt(): void
    {
        foreach ([0.7, 3.0, 8.0, 12.3, 96.0, 517.0, 2400.0] as $most) {
            $ticks = HardnessMap::ticks($most);
            self::assertSame(0.0, $ticks[0]);
            self::assertLessThanOrEqual($most, end($ticks));
            self::assertThat(count($ticks), self::logicalAnd(self::greaterThanOrEqual(4), self::lessThanOrEqual(10)));
            self::assertMatchesRegularExpression('/^0*[125]0*$/', str_replace('.', '', (string) round($ticks[1], 6)));
        }
    }

    public function testOfAWaterThatIsNotReadNoRecipeIsMade(): void
    {
        $keeper = $this->keeper();
        $this->water($keeper, 'Well');
        $keeper->load('waters');
        $this->expectExceptionObject(MixingFault::unread('Well'));
        (new DraftBatch())(
            new MixingInput(
                null,
                AnimalGroup::Community,
                10.0,
                array_values($keeper->waters->all()),
                [],
                new Target(null, null),
                Preference::FewestJars,
                0.1,
                false,
                false,
                0.2,
            ),
            $keeper->waters,
        );
    }

    public function testScatterIsTheSameForTheSameNameAndSpreadAsSaid(): void
    {
        self::assertSame((new Noise('a'))->about(1.0), (new Noise('a'))->about(1.0));
        self::assertNotSame((new Noise('a'))->about(1.0), (new Noise('b'))->about(1.0));
        $draws = [];
        for ($i = 0; $i < 2000; ++$i) {
            $draws[] = (new Noise("draw $i"))->about(2.0);
        }
        $mean = array_sum($draws) / 2000.0;
        $deviation = sqrt(array_sum(array_map(static fn(float $draw): float => ($draw - $mean) ** 2, $draws)) / 2000.0);

        self::assertEqualsWithDelta(0.0, $mean, 0.2);
        self::assertEqualsWithDelta(2.0, $deviation, 0.2);
        self::assertLessThanOrEqual(7.0, max(array_map(abs(...), $draws)));
    }

    private static function beside(HardnessMapPoint $a, HardnessMapPoint $b): bool
    {
        $span = static function (HardnessMapPoint $place): array {
            $width = 6.4 * mb_strlen($place->name);

            return $place->toLeft ? [$place->textX - $width, $place->textX] : [$place->textX, $place->textX + $width];
        };
        [$from, $to] = $span($a);
        [$start, $end] = $span($b);

        return $from < $end && $start < $to;
    }
}
