<?php

declare(strict_types=1);

namespace Tests\Browser;

use DateTimeImmutable;
use DateTimeZone;
use Facebook\WebDriver\WebDriverBy;

/** Two weeks with one tank: a change, the next day, a slip put right, a change without a checklist, and what is due after it. */
final class FortnightTest extends BrowserCase
{
    private const TANK = '/tanks/1';

    /** Hours that the clock goes back, so that no midnight falls into an evening. */
    private float $back = 0.0;

    protected function setUp(): void
    {
        parent::setUp();
        $this->back = (new DateTimeImmutable('now', new DateTimeZone('Europe/Lisbon')))->format('H:i') >= '23:45' ? 0.5 : 0.0;
    }

    public function testTwoWeeksWithOneTank(): void
    {
        // The first evening: the change that is due.
        $this->day(0.0);
        self::assertStringContainsString('Water change due today', $this->strip());
        $this->go(self::TANK.'/water-change');
        $this->press('Start the checklist');
        $this->untilText('h1', 'Look first');
        $this->finishTheSheet();
        self::assertStringContainsString('Water change in 7 days', $this->onTheRound());

        // The next day: Round asks, the reading is held against the forecast.
        $this->day(20.0);
        self::assertStringContainsString('Test again today', $this->strip());
        $this->go(self::TANK.'/water-change');
        $forecast = $this->figures();
        $this->read($forecast);
        $this->go(self::TANK.'/forecast-check');
        $this->untilText('main', 'Next day');
        preg_match('/(\d+)\s+of (\d+)/', $this->text('.look-back .lead-figure'), $held);
        self::assertSame($held[2] ?? '', $held[1] ?? 'nothing held', 'What is read as it was forecast holds');

        // Day four: a slip of the meter, seen and put right in the log.
        $this->day(96.0);
        $this->go(self::TANK.'/test');
        $this->type('#r-temperature', '34.2');
        $this->press('Save results');
        $this->untilText('.status', 'Results saved.');
        self::assertStringContainsString('The tank is too hot', $this->onTheRound());
        self::assertStringContainsString('In the next ten minutes', $this->strip());
        $this->go(self::TANK.'/log');
        $this->click('.diary a[href$="/edit"]');
        $this->type('[name="readings[temperature]"]', '24.2');
        $this->press('Save');
        $this->until(fn(): bool => str_ends_with($this->path(), '/log'), 'the diary again');
        self::assertStringNotContainsString('too hot', $this->onTheRound());

        // Day eight: late by a day, changed without a checklist, noted afterwards.
        $this->day(8 * 24.0);
        self::assertStringContainsString('Water change due yesterday', $this->strip());
        $this->go(self::TANK.'/water-change');
        $this->press('Already done? Log it');
        $this->type('[name="litres"]', '60');
        $this->press('Log it');
        $this->untilText('.status', 'Logged');
        self::assertStringContainsString('Water change in 7 days', $this->onTheRound());

        // Day thirteen: two more days to go; that change taken out, it is late since day seven.
        $this->day(13 * 24.0);
        self::assertStringContainsString('Water change in 2 days', $this->strip());
        $this->go(self::TANK.'/log');
        $this->browserOpens('Changed 60');
        $this->press('Delete this entry');
        $this->press('Delete');
        $this->untilText('.status', 'Deleted');
        self::assertStringContainsString('Water change 6 days late', $this->onTheRound());
        $this->assertNoComplaints();
    }

    /** So many hours later, less than the fortnight that a session lasts; whoever was away for long signs in again. */
    private function day(float $hours): void
    {
        self::$server->wind($hours - $this->back);
        $this->browser->manage()->deleteAllCookies();
        $this->enterDemo();
    }

    /** What Round says of the tank. */
    private function strip(): string
    {
        foreach ($this->browser->findElements(WebDriverBy::cssSelector('.strip, .calm-tanks li')) as $strip) {
            if (str_contains($strip->getText(), 'Long Meadow')) {
                return $strip->getText();
            }
        }
        self::fail('The tank is not on the round.');
    }

    private function onTheRound(): string
    {
        $this->go('/');
        $this->untilText('h1', 'Today');

        return $this->strip();
    }

    private function browserOpens(string $title): void
    {
        $this->clickOn($this->browser->findElement(WebDriverBy::xpath("//a[contains(@aria-label, '$title')]")));
        $this->untilText('h1', 'Edit entry');
    }

    /** @return array<string, string> what the water change page says that the tank holds now */
    private function figures(): array
    {
        $figures = $this->script(<<<'JS'
            return Object.fromEntries([...document.querySelectorAll('.forecast tbody tr')].filter((row) => row.querySelector('td.num'))
                .map((row) => [row.querySelector('th').firstChild.textContent.trim(), row.querySelector('td.num').firstChild.textContent.trim()]));
            JS);
        self::assertIsArray($figures);

        $words = [];
        foreach ($figures as $label => $figure) {
            $words[(string) $label] = is_string($figure) ? $figure : '';
        }

        return $words;
    }

    /** @param array<string, string> $figures by label */
    private function read(array $figures): void
    {
        $this->go(self::TANK.'/test');
        foreach (['Conductivity' => 'conductivity', 'Temperature' => 'temperature'] as $label => $field) {
            self::assertArrayHasKey($label, $figures);
            $this->type("#r-$field", $figures[$label]);
        }
        $this->press('Save results');
        $this->untilText('.status', 'Results saved.');
    }

    private function finishTheSheet(): void
    {
        for ($i = 0; $i < 25 && !str_ends_with($this->path(), '/forecast-check'); ++$i) {
            $title = $this->text('h1');
            if ($title === 'Switch on again') {
                $this->switchAllOn();
            }
            $this->click('.go');
            $this->until(fn(): bool => str_ends_with($this->path(), '/forecast-check') || $this->text('h1') !== $title, "past “{$title}”");
        }
        self::assertStringEndsWith('/forecast-check', $this->path());
    }
}
