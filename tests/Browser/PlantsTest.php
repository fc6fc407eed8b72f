<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

/** Plants by mouse at the desk, and with wet hands on the phone. */
final class PlantsTest extends BrowserCase
{
    public function testAStandIsSetUpByKindPlaceAndHeight(): void
    {
        $this->screen(...self::DESK);
        $this->enterDemo();
        $this->go('/tanks/3/plants');
        $this->press('Add plants');
        $this->untilText('h1', 'Add plants');
        (new WebDriverSelect($this->find('#f-kind')))->selectByVisibleText('Anubias barteri (anubias)');
        $this->type('#f-height', '110');
        // From a third of the plan to the right and the back of it, over the plan itself.
        (new WebDriverActions($this->browser))->moveToElement($this->find('[data-place]'), -60, 30)->clickAndHold()->moveByOffset(70, -40)
            ->moveByOffset(10, -10)->release()->perform();
        $edges = array_map(fn(string $edge): float => (float) $this->find("#f-$edge")->getAttribute('value'), ['left', 'right', 'front', 'back']);
        self::assertLessThan($edges[1] - 8.0, $edges[0]);
        self::assertLessThan($edges[3] - 8.0, $edges[2]);
        $this->press('Add plants');
        $this->untilText('.stands', 'Anubias barteri');
        self::assertSame(1, $this->many('svg.section [data-stand]'));
        $this->assertNoComplaints();
    }

    public function testTheCutLineIsDraggedTypedAndMovedByKeys(): void
    {
        $this->screen(...self::DESK);
        $this->enterDemo();
        $this->go('/tanks/1/plants');
        $now = fn(): float => (float) $this->find('#cut-line-3')->getAttribute('aria-valuenow');
        $field = fn(): float => (float) $this->find('#f-cut-3')->getAttribute('value');
        $before = $now();

        (new WebDriverActions($this->browser))->clickAndHold($this->find('#cut-line-3 .blade'))->moveByOffset(0, -20)->moveByOffset(0, -20)->release()
            ->perform();
        $this->until(fn(): bool => $now() > $before + 30.0 && abs($now() - $field()) < 1.0, 'a line that stands higher, and its field with it');

        $this->type('#f-cut-3', '140');
        $this->until(fn(): bool => $now() === 140.0, 'the line at what was typed');
        $this->untilText('#says-3', 'a hand and a half above the substrate');

        $this->script('document.getElementById("cut-line-3").focus()');
        $this->keys(WebDriverKeys::ARROW_UP);
        $this->until(fn(): bool => $now() === 145.0, 'five millimetres more');
        $this->until(fn(): bool => $this->script('return document.activeElement?.id') === 'cut-line-3', 'the line to keep the focus');

        $this->type('#f-cut-3', '9999');
        $this->untilText('#e-f-cut-3', 'Between');
        $this->type('#f-cut-3', '150');
        $this->until(fn(): bool => $now() === 150.0 && $this->text('#e-f-cut-3') === '', 'the message gone');

        // Three weeks on by the slider: it says so, and no line is there to drag.
        $this->script('const day = document.getElementById("day"); day.value = 21; day.dispatchEvent(new Event("input", {bubbles: true}))');
        $this->untilText('.day-words', 'In 21 days');
        self::assertSame(0, $this->many('[data-cut-line]'));
        $this->assertNoComplaints();
    }

    public function testATrimOnThePhoneFromTheProposalToTheLookBack(): void
    {
        $this->screen(...self::HAND);
        $this->enterDemo();
        $this->go('/tanks/1/plants/measurements');
        $this->click('[data-step="5"]:nth-child(2)');
        self::assertNotSame('', $this->find('#f-height-5')->getAttribute('value'));
        self::assertTrue($this->find('[data-guessed="5"]')->isSelected());
        $this->press('Save heights');
        $this->untilText('.status', 'Saved one height.');

        $this->press('Trim in a checklist');
        $this->untilText('h1', 'Maintenance at Long Meadow');
        $this->click('label:has(#dry-1)');
        $this->untilText('.lead-line', 'No water change');
        $this->press('Start the checklist');
        $this->untilText('h1', 'Look first');
        for ($i = 0; $i < 20 && !str_ends_with($this->path(), '/forecast-check'); ++$i) {
            $title = $this->text('h1');
            if ($title === 'Trim') {
                $this->assertFits();
                $this->assertAccessible();
                $this->type('#f-stand_before-3', '381');
                $this->type('#f-stand_after-3', '155');
            }
            if ($title === 'Switch on again') {
                $this->switchAllOn();
            }
            $this->click('.go');
            $this->until(fn(): bool => $this->text('h1') !== $title, 'the step after '.$title);
        }
        $this->untilText('.cuts', '381');
        self::assertStringContainsString('155', $this->text('.cuts'));
        $this->assertFits();
        $this->go('/tanks/1/plants');
        $this->untilText('#stand-3', '155');
        $this->assertNoComplaints();
    }
}
