<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Tank;
use App\Tanks\LevelsQuery;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;

/** Hardness is calcium and magnesium, and the three never disagree. */
final class MagnesiumTest extends FeatureCase
{
    /** g/mol (IUPAC 2021). */
    private const CALCIUM = 40.078;

    private const MAGNESIUM = 24.305;

    private Tank $tank;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-06-01 18:00');
        [, $this->tank] = $this->readyTank();
        $this->tank->readings()->where('parameter', 'general_hardness')->delete();
    }

    private function courses(): LevelsQuery
    {
        return LevelsQuery::of($this->tank->fresh(['keeper', 'devices']) ?? $this->tank);
    }

    private function level(Parameter $parameter): float
    {
        return $this->courses()->level($parameter)->central();
    }

    public function testMagnesiumIsHardnessLessCalcium(): void
    {
        $this->read($this->tank->keeper, $this->tank, ['general_hardness' => '10', 'calcium' => '40'], CarbonImmutable::now()->subDay());

        // By hand: 10 degrees are 1.783 mmol/L; 40 mg/L of calcium 0.998 of it; the rest weighs 19.1 mg/L. Drops are read a little lower than they count.
        self::assertEqualsWithDelta(19.1, $this->level(Parameter::Magnesium), 3.0);
        self::assertEqualsWithDelta(
            self::MAGNESIUM * ($this->level(Parameter::GeneralHardness) - $this->level(Parameter::Calcium) / self::CALCIUM),
            $this->level(Parameter::Magnesium),
            1e-6,
        );
        self::assertEqualsWithDelta($this->level(Parameter::Magnesium), $this->courses()->working(Parameter::Magnesium)->value('Mg'), 0.05);
    }

    public function testAReadingOfMagnesiumIsOneOfCalciumWhereHardnessIsRead(): void
    {
        $this->read($this->tank->keeper, $this->tank, ['general_hardness' => '10', 'magnesium' => '10'], CarbonImmutable::now()->subDay());

        $calcium = self::CALCIUM * ($this->level(Parameter::GeneralHardness) - 10.0 / self::MAGNESIUM);
        self::assertEqualsWithDelta($calcium, $this->level(Parameter::Calcium), 0.06 * $calcium);
        self::assertEqualsWithDelta(10.0, $this->level(Parameter::Magnesium), 2.0);
        // How far it may be off is what of both may be.
        $spread = self::MAGNESIUM * hypot(
            $this->courses()->level(Parameter::GeneralHardness)->spread(),
            $this->courses()->level(Parameter::Calcium)->spread() / self::CALCIUM,
        );
        self::assertEqualsWithDelta($spread, $this->courses()->level(Parameter::Magnesium)->spread(), 0.25 * $spread);
    }

    public function testAChangeMovesAllThreeAlike(): void
    {
        $keeper = $this->tank->keeper;
        $this->read($keeper, $this->tank, ['general_hardness' => '10', 'calcium' => '40'], CarbonImmutable::now()->subDay());
        $pure = $this->water($keeper, 'Pure', 'reverse_osmosis');
        $before = [$this->level(Parameter::Magnesium), $this->level(Parameter::Calcium)];
        $this->noteChange($keeper, $this->tank, $pure, 50.0, CarbonImmutable::now()->subHour());

        self::assertEqualsWithDelta(0.5 * $before[0], $this->level(Parameter::Magnesium), 0.8);
        self::assertEqualsWithDelta(0.5 * $before[1], $this->level(Parameter::Calcium), 0.8);
    }

    public function testWithoutHardnessMagnesiumHasACourseOfItsOwn(): void
    {
        $this->read($this->tank->keeper, $this->tank, ['magnesium' => '10'], CarbonImmutable::now()->subDay());

        self::assertEqualsWithDelta(10.0, $this->level(Parameter::Magnesium), 1.0);
        self::assertFalse($this->courses()->isRead(Parameter::Calcium));
    }

    public function testHardnessOfAnotherWeekTellsNothingOfCalcium(): void
    {
        $this->read($this->tank->keeper, $this->tank, ['general_hardness' => '10'], CarbonImmutable::now()->subDays(9));
        $this->read($this->tank->keeper, $this->tank, ['magnesium' => '10'], CarbonImmutable::now()->subDay());

        self::assertFalse($this->courses()->isRead(Parameter::Calcium));
    }
}
