<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;

/** From "what is it?" to its check-up, at the desk and in the hand. */
final class ProblemsTest extends BrowserCase
{
    /** @return iterable<string, array{array{int, int}}> */
    public static function sizes(): iterable
    {
        yield 'at the desk' => [self::DESK];
        yield 'in the hand' => [self::HAND];
    }

    /** @param array{int, int} $size */
    #[DataProvider('sizes')]
    public function testTheWholeWayFromWhatIsItToTheCheckUp(array $size): void
    {
        $this->screen(...$size);
        $this->enterDemo();
        $this->go('/tanks/3/problems');
        $this->click('button[value="outlet"]');
        $this->untilText('h1', 'Something on outlet and pipes');
        $this->assertFits();
        // Each answer moves the ranking without another page.
        $problem = $this->path();
        $this->click('.asked button[value="tufts"]');
        $this->untilText('.suspects li:first-child', 'Black beard algae (BBA)');
        $this->untilText('.suspects li:first-child', 'likely');
        self::assertSame($problem, $this->path());
        // The keyboard goes on where the next question stands.
        $this->until(fn(): bool => $this->script('return document.activeElement.id') === 'answer-first', 'the first answer in focus');
        $this->go($problem.'/why');
        $this->untilText('#likely-title', 'Possible causes');
        // What the keeper cannot tell is not asked again.
        $asked = $this->text('.asked .ask');
        $this->click('.asked button[value="unknown"]');
        $this->until(fn(): bool => $this->text('.asked .ask') !== $asked, 'another question');
        $this->assertFits();
        $this->go($problem.'/now');
        $this->untilText('.remedy', 'Remove by hand');
        $this->script('document.querySelector(\'[data-working="oxygen"]\').click()');
        $this->untilText('#working-body', 'oxygen per gram of dry matter');
        $this->script('document.querySelector("#working").close()');
        $this->press('Plan it');
        $this->untilText('.check-up', 'Check');
        $this->untilText('h1', 'Black beard algae (BBA) on outlet and pipes');
        // A week later the Round asks for it.
        self::$server->wind(8 * 24.0);
        $this->go('/');
        $this->untilText('main', 'Check whether');
        $this->go($problem.'/now');
        $this->click('.check-up.due button[value="same"]');
        $this->untilText('.status', 'Logged.');
        $this->untilText('.side', 'no change');
        $this->assertNoComplaints();
    }

    /** @param array{int, int} $size */
    #[DataProvider('sizes')]
    public function testWhatTheHeaterNeedsIsAskedTypedAndFoundToHaveMoved(array $size): void
    {
        $this->screen(...$size);
        $this->enterDemo();
        $this->go('/tanks/3/test');
        $this->press('Ask the plug');
        $this->untilText('.status', 'minutes yesterday');
        $this->type('#g-heater', 'all day');
        $this->press('Save results');
        $this->untilText('#e-g-heater', 'Enter a number in min a day, such as 240.');
        self::assertSame('all day', $this->find('#g-heater')->getAttribute('value'));
        $this->type('#g-heater', '460');
        $this->press('Save results');
        $this->until(fn(): bool => $this->path() === '/tanks/3/water-change', 'the change sheet');
        $this->go('/tanks/3/test');
        $this->untilText('#h-g-heater', 'last 460');
        $this->assertFits();
        $this->go('/tanks/3/problems');
        $this->untilText('.side', 'Heater minutes a day');
        $this->go('/tanks/3/charts?series[]=heater');
        $this->untilText('.board', 'Heater on');
        $this->assertNoComplaints();
    }

    public function testTheCourseIsWalkedByKeys(): void
    {
        $this->screen(...self::DESK);
        $this->enterDemo();
        $this->go('/tanks/1/charts');
        $this->untilText('.board', 'Three months');
        $this->keys('+');
        $this->untilText('.board', 'Four weeks');
        $this->keys('-');
        $this->untilText('.board', 'Three months');
        $this->assertNoComplaints();
    }

    public function testAChartTellsItsValuesByKeysAndUnderThePointer(): void
    {
        $this->screen(...self::DESK);
        $this->enterDemo();
        $this->go('/tanks/1/charts?series[]=nitrate');
        $this->untilText('.board', 'Three months');
        self::assertSame(0, $this->many('.chart__value'));
        $this->tabTo('svg.chart');
        $this->keys(WebDriverKeys::END);
        $told = fn(): string => (string) json_encode(
            $this->script('return document.querySelector(".chart__value")?.textContent ?? ""'),
            JSON_UNESCAPED_UNICODE,
        );
        $newest = $told();
        self::assertMatchesRegularExpression('#^"\S.*: [\d.]+\s?mg\\\\?/L \([\d.]+ to [\d.]+\)"$#u', $newest);
        self::assertSame($newest, json_encode($this->script('return document.querySelector("#chart-said").textContent'), JSON_UNESCAPED_UNICODE));
        $this->keys(WebDriverKeys::ARROW_LEFT);
        self::assertNotSame($newest, $told());
        // At the right edge the pointer finds the newest again; elsewhere nothing is told.
        $this->script('const chart = document.querySelector("svg.chart"), box = chart.getBoundingClientRect(); chart.dispatchEvent(new PointerEvent("pointermove", {bubbles: true, clientX: box.right - 2, clientY: box.top + 40}))');
        self::assertSame($newest, $told());
        $this->script('document.activeElement.blur(); document.body.dispatchEvent(new PointerEvent("pointermove", {bubbles: true, clientX: 1, clientY: 1}))');
        self::assertSame(0, $this->many('.chart__value'));
        $this->assertAccessible();
        $this->assertNoComplaints();
    }

    /** @return iterable<string, array{float, float, string}> */
    public static function fingers(): iterable
    {
        yield 'apart, and it comes closer' => [60.0, 200.0, 'Four weeks'];
        yield 'together, and it goes wider' => [220.0, 70.0, 'Half a year'];
    }

    #[DataProvider('fingers')]
    public function testTwoFingersShowMoreOrLessOfACourse(float $from, float $to, string $span): void
    {
        $this->screen(...self::HAND);
        $this->enterDemo();
        $this->go('/tanks/1/charts');
        $this->untilText('.board', 'Three months');
        $this->pinch('.charts', $from, $to);
        $this->untilText('.board', $span);
        $this->assertNoComplaints();
    }
}
