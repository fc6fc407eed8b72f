<?php

declare(strict_types=1);

namespace Tests\Browser;

/** The week at the desk and in the hand, and a helper who has nothing but a link. */
final class WeekTest extends BrowserCase
{
    public function testAJobIsMovedByKeysWithItsCostSaidFirst(): void
    {
        $this->screen(...self::DESK);
        $this->enterDemo();
        $this->keys('g');
        $this->keys('k');
        $this->untilText('h1', 'Week');
        $this->script("const move = document.querySelector('.week-day:not(.today) .move summary'); move.scrollIntoView({ block: 'center' }); move.focus();");
        $this->keys("\u{E007}");
        $this->until(fn(): bool => (bool) $this->script("return document.querySelector('.move[open] select') !== null"), 'the days to move to');
        self::assertMatchesRegularExpression(
            '/late|early|no drawback|more than the day has/',
            $this->said("return [...document.querySelectorAll('.move[open] option')].map((o) => o.textContent).join('|')"),
        );
        $this->script("const s = document.querySelector('.move[open] select'); s.selectedIndex = s.options.length - 2;");
        $this->script("document.querySelector('.move[open] button').focus()");
        $this->keys("\u{E007}");
        $this->untilText('.status', 'Moved to');
        $this->assertNoComplaints();
    }

    public function testAJobIsDraggedAndDroppedWhereItsCostWasShown(): void
    {
        $this->screen(...self::DESK);
        $this->enterDemo();
        $this->go('/week');
        $this->script(<<<'JS'
            window.data = new DataTransfer();
            document.querySelector('.lot[data-job]').dispatchEvent(new DragEvent('dragstart', { bubbles: true, cancelable: true, dataTransfer: window.data }));
            JS);
        $this->until(fn(): bool => (bool) $this->script("return document.querySelector('.lot[data-job] option[data-to]') !== null"), 'the days to drop on');
        $said = $this->said(<<<'JS'
            const job = document.querySelector('.lot[data-job]');
            const from = job.closest('.week-day').dataset.day;
            const days = [...document.querySelectorAll('.week-day')];
            const to = days.find((day) => day.dataset.day !== from && job.querySelector(`option[data-to="${day.dataset.day}"]`));
            const tell = (type, on) => on.dispatchEvent(new DragEvent(type, { bubbles: true, cancelable: true, dataTransfer: window.data }));
            tell('dragover', to);
            const cost = document.querySelector('#drop-cost').textContent;
            setTimeout(() => tell('drop', to), 50);
            return cost;
            JS);
        self::assertMatchesRegularExpression('/\w{3} \d+ \w{3}: ./', $said);
        $this->untilText('.status', 'Moved to');
        $this->assertNoComplaints();
    }

    public function testAHelperTicksInTheHandWithoutAnAccount(): void
    {
        $this->screen(...self::HAND);
        $this->enterDemo();
        $this->go('/helpers?tank=2');
        $this->type('#f-name', 'Ines');
        $this->press('Create the link');
        $this->until(fn(): bool => (bool) $this->script("return document.querySelector('#feed-address') !== null"), 'the link');
        $link = $this->said("return document.querySelector('#feed-address').value");
        $path = (string) parse_url($link, PHP_URL_PATH);
        $this->signOut();
        $this->until(fn(): bool => $this->path() === '/sign-in', 'the door');
        $this->go($path);
        $this->untilText('h1', 'Ember Shelf');
        $this->assertAccessible();
        $this->assertFits();
        self::assertGreaterThanOrEqual(56, $this->script("return document.querySelector('.asks .act.large').offsetHeight"));
        $this->press('Done');
        $this->untilText('.asks', 'Done today.');
        $this->go('/tanks/2');
        $this->until(fn(): bool => $this->path() === '/sign-in', 'the door again');
        $this->enterDemo();
        $this->go('/helpers');
        $this->untilText('main', 'Ines at Ember Shelf');
        $this->assertNoComplaints();
    }

    private function said(string $script): string
    {
        $said = $this->script($script);

        return is_string($said) ? $said : '';
    }

    public function testABagIsLetInInTheHandByTheClockAndThePen(): void
    {
        $this->screen(...self::HAND);
        $this->enterDemo();
        $this->go('/tanks/1/new-arrival?sort=fish&conductivity=900&litres=0.5&hours=1');
        $this->untilText('#way-title', 'Drip');
        $this->type('#f-what', 'Six rasboras');
        $this->press('Start');
        $this->untilText('#step-title', 'Light off');
        self::assertGreaterThanOrEqual(54, $this->script("return document.querySelector('.let-in .go').offsetHeight"));
        $this->press('Done');
        $this->untilText('#step-title', 'Float the bag');
        // Twenty minutes, counted down on the screen.
        $this->until(
            fn(): bool => (bool) preg_match('/^(19|20):\d\d$/', $this->said("return document.querySelector('.timer').textContent.trim()")),
            'the minutes that are left',
        );
        $this->assertFits();
        $this->assertAccessible();
        $this->press('Done');
        $this->untilText('#step-title', 'Into a bucket');
        $this->press('Done');
        $this->untilText('#step-title', 'Let it drip');
        $this->assertFits();
        $this->type('#f-pen', '900');
        $this->press('Done');
        $this->untilText('#e-f-pen', 'It still differs by more than they tolerate: about');
        $this->go('/');
        $this->untilText('main', 'Acclimation under way');
        $this->assertNoComplaints();
    }
}
