<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** Doses at the desk, and one tap on the phone. */
final class FoodTest extends BrowserCase
{
    public function testAnotherDoseIsTriedWhileTypingAndTheCurveAnswers(): void
    {
        $this->screen(...self::DESK);
        $this->enterDemo();
        $this->go('/tanks/1/food');
        $line = fn(): string => (string) $this->find('.course:nth-child(3) .middle')->getAttribute('points');
        $before = $line();
        self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('.planned')));
        $this->type('#f-what-1', '40');
        $this->untilText('.tried', 'the thin line is as planned');
        $this->until(fn(): bool => $line() !== $before, 'another course of potassium');
        $this->type('#f-what-1', '10');
        $this->until(fn(): bool => $line() === $before, 'the course as planned');
        $this->script('document.querySelector(\'[data-working="iron"]\').click()');
        $this->untilText('#working-body', 'to be given between two changes');
        $this->assertNoComplaints();
    }

    public function testADoseIsNotedByOneTapOnThePhone(): void
    {
        $this->screen(...self::HAND);
        $this->enterDemo();
        $this->untilText('main', 'Give 2.5 mL Iron and traces');
        $this->go('/tanks/1/food');
        $this->assertFits();
        $this->click('#do');
        $this->untilText('.doses-today', 'given at');
        $this->untilText('.status', 'Noted as given.');
        $this->go('/');
        self::assertStringNotContainsString('Give 2.5', $this->text('main'));
        $this->assertNoComplaints();
    }
}
