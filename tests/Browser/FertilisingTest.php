<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PDO;
use PHPUnit\Framework\Attributes\DataProvider;

/** Doses at the desk, and one tap on the phone. */
final class FertilisingTest extends BrowserCase
{
    public function testAnotherDoseIsTriedWhileTypingAndTheCurveAnswers(): void
    {
        $this->screen(...self::DESK);
        $this->enterDemo();
        $this->go('/tanks/1/fertilising');
        $line = fn(): string => (string) $this->find('.course:nth-child(3) .chart__line--ahead')->getAttribute('points');
        $before = $line();
        // The page goes on with the clock: what is as it was has moved by less than half a pixel.
        $isAsBefore = static function () use ($line, $before): bool {
            [$now, $then] = array_map(
                static fn(string $points): array => array_map(floatval(...), preg_split('/[ ,]+/', trim($points)) ?: []),
                [$line(), $before],
            );

            return count($now) === count($then) && max([0.0, ...array_map(static fn(float $a, float $b): float => abs($a - $b), $now, $then)]) < 0.5;
        };
        self::assertSame(0, $this->many('.planned'));
        $this->type('#f-what-1', '40');
        $this->untilText('.tried', 'the thin line is as planned');
        $this->until(fn(): bool => !$isAsBefore(), 'another course of potassium');
        $this->type('#f-what-1', '10');
        $this->until($isAsBefore, 'the course as planned');

        // One bottle after another with the table open: what is not tried stays where it stands.
        $this->click('.on-day summary');
        $gas = $this->find('#course-gas')->getAttribute('outerHTML');
        $iron = fn(): string => $this->text('#row-iron');
        $planned = $iron();
        $this->type('#f-what-2', '9');
        $this->until(fn(): bool => $this->many('#course-iron .chart__planned') === 1 && $iron() !== $planned, 'another course of iron');
        self::assertSame(0, $this->many('#course-nitrate .chart__planned'));
        $this->type('#f-what-1', '40');
        $this->until(fn(): bool => $this->many('#course-nitrate .chart__planned') === 1, 'both together');
        $this->type('#f-what-2', '2.5');
        $this->until(fn(): bool => $iron() === $planned, 'iron as planned');
        self::assertTrue($this->find('.on-day table')->isDisplayed());
        $this->type('#f-what-1', '10');
        $this->until($isAsBefore, 'all as planned');
        self::assertSame([0, $gas], [$this->many('.tried, .chart__planned'), $this->find('#course-gas')->getAttribute('outerHTML')]);
        $this->script('document.querySelector(\'[data-working="iron"]\').click()');
        $this->untilText('#working-body', 'to add between two changes');
        $this->assertNoComplaints();
    }

    public function testADoseIsNotedByOneTapOnThePhone(): void
    {
        $this->screen(...self::HAND);
        $this->enterDemo();
        $this->untilText('main', 'Give 2.5 mL Iron and traces');
        $this->go('/tanks/1/fertilising');
        $this->assertFits();
        $this->click('#do');
        $this->untilText('.doses-today', 'given at');
        $this->untilText('.status', 'Dose logged.');
        $this->go('/');
        self::assertStringNotContainsString('Give 2.5', $this->text('main'));
        $this->assertNoComplaints();
    }

    /** @return iterable<string, array{array{int, int}}> */
    public static function places(): iterable
    {
        yield 'at the desk' => [self::DESK];
        yield 'in the hand' => [self::HAND];
    }

    /** @param array{int, int} $size */
    #[DataProvider('places')]
    public function testLeavesAreLookedAtPinchesWeighedAndCapsulesWorkedOut(array $size): void
    {
        (new PDO('sqlite:'.self::$server->database))->exec("update tanks set doses_look_on = date('now', '-1 day') where id = 1");
        $this->screen(...$size);
        $this->enterDemo();
        $this->go('/tanks/1/fertilising');
        $this->untilText('.doses-look', 'Is the new growth better?');
        $this->assertFits();
        // By keys alone.
        $this->tabTo('[name="helped"][value="later"]');
        $this->keys(WebDriverKeys::ENTER);
        $this->untilText('.status', 'Cresco asks again in a week.');
        self::assertSame(0, $this->many('.doses-look'));

        // What is no weight is said where it was typed, and the pinches stay as they were typed.
        $this->press('Weigh pinches');
        $this->type('#f-pinches', '12');
        $this->type('#f-pinch_grams', 'lots');
        $this->click('form[action$="/pinches"] button');
        $this->untilText('#e-f-pinch_grams', '0.42');
        self::assertSame('12', $this->find('#f-pinches')->getAttribute('value'));
        $this->type('#f-pinch_grams', '0.48');
        $this->click('form[action$="/pinches"] button');
        $this->untilText('.status', 'Saved. Another weighing shows how much your pinches vary.');
        $this->press('Dosing method, and fish food');
        $this->untilText('#h-f-food_pinches', 'A pinch is 0.04 g');

        $this->click('[data-working="capsules"]');
        $this->untilText('#working-body', 'share that ends in the water');
        $this->script('document.querySelector("#working").close()');
        // How a level came about, and the gas.
        $this->click('[data-working="level-nitrate"]');
        $this->untilText('#working-body', 'weight of the test');
        $this->script('document.querySelector("#working").close()');
        $this->click('[data-working="gas"]');
        $this->untilText('#working-body', 'Animals that gasp');
        $this->assertNoComplaints();
    }
}
