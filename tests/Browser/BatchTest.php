<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use PHPUnit\Framework\Attributes\DataProvider;

/** A batch of water, from the mixing page to the tank, the way keepers make it. */
final class BatchTest extends BrowserCase
{
    /** @return iterable<string, array{array{int, int}}> */
    public static function places(): iterable
    {
        yield 'at the desk' => [self::DESK];
        yield 'in the hand' => [self::HAND];
    }

    /** @param array{int, int} $size */
    #[DataProvider('places')]
    public function testABatchIsPlannedMadeCheckedAndPutIntoTheTank(array $size): void
    {
        $this->screen(...$size);
        $this->enterDemo();
        $this->press('Mix water');
        $this->untilText('.batch-head', 'of new water');
        $this->assertFits();

        // Another tank brings its animals, its litres and their water.
        (new WebDriverSelect($this->find('#f-tank')))->selectByVisibleText('Ember Shelf');
        $this->until(fn(): bool => $this->find('#f-animals')->getAttribute('value') === 'soft_water_shrimp', 'the animals of the shelf');
        self::assertSame('5', $this->find('#f-gh')->getAttribute('value'));

        // Figures follow while typing; the recipe is another one.
        $before = $this->text('.recipe');
        $this->type('#f-litres', '36');
        $this->until(fn(): bool => str_contains($this->text('.batch-head'), '36') && $this->text('.recipe') !== $before, 'the recipe for 36 L');
        $this->type('#f-ec', '90');
        $this->untilText('.findings', 'onductivity');
        $this->type('#f-ec', '215');
        $this->untilText('.findings', 'On target.');
        $this->press('Make the batch card');
        $this->untilText('.pen', 'The meter should show');
        $this->assertFits();

        // The simulated meter is asked until it is content.
        for ($look = 0; $look < 6 && !str_contains($this->text('.pen'), 'good.'); ++$look) {
            $this->press('Take it from the meter');
            $this->untilText('.pen', 'converted to 25 °C');
            if (str_contains($this->text('.pen'), 'Add ')) {
                $this->press('Added');
                $this->untilText('.pen', 'test again');
            }
        }
        $this->untilText('.pen', 'good.');
        $this->press('It is mixed');
        $this->untilText('.card-sheet header', 'mixed');

        // The water change page takes it, and the checklist carries it.
        $this->press('Use it for a water change');
        $this->click('#water-in summary');
        $this->untilText('#water-in', 'Its batch card');
        $this->press('Start the checklist');
        for ($i = 0; $i < 12 && !str_contains($this->text('.run-body'), 'The meter should show'); ++$i) {
            $title = $this->text('h1');
            $this->click('.go');
            $this->until(fn(): bool => $this->text('h1') !== $title, "past “{$title}”");
        }
        self::assertStringContainsString('The meter should show', $this->text('.run-body'));
        $this->go('/log');
        $this->untilText('.diary', 'of Shrimp store');
        $this->assertNoComplaints();
    }

    public function testTheKeyboardAloneMakesABatch(): void
    {
        $this->go('/sign-in');
        $this->tabTo('.demo-door button');
        $this->keys(WebDriverKeys::ENTER);
        $this->untilText('h1', 'Today');
        $this->keys('g', 'm');
        $this->until(fn(): bool => $this->path() === '/mix-water', 'the bench');
        $this->tabTo('#f-litres');
        $this->script('document.activeElement.select()');
        $this->keys('15', WebDriverKeys::ENTER);
        $this->untilText('.batch-head', '15');
        self::assertSame('f-litres', $this->script('return document.activeElement.id'));
        $this->tabTo('#f-gh');
        $this->script('document.activeElement.select()');
        $this->keys('7');
        $this->until(fn(): bool => str_contains($this->text('table.made'), '7.0'), 'seven degrees');
        $this->tabTo('.recipe a');
        $this->keys(WebDriverKeys::ENTER);
        $this->untilText('#working', 'What goes in');
        $this->keys(WebDriverKeys::ESCAPE);
        $this->tabTo('.acts .large');
        $this->keys(WebDriverKeys::ENTER);
        $this->untilText('.pen', 'The meter should show');
        $this->tabTo('#f-read');
        $this->keys('5');
        $this->tabTo('.pen-form .quiet');
        $this->keys(WebDriverKeys::ENTER);
        $this->untilText('.pen', 'too far off to correct.');
        $this->tabTo('.pen-form .large');
        $this->keys(WebDriverKeys::ENTER);
        $this->untilText('.pen', '2 looks');
        $this->tabTo('.card-acts .large');
        $this->keys(WebDriverKeys::ENTER);
        $this->untilText('.card-sheet header', 'mixed');
        $this->assertNoComplaints();
    }

    public function testTheTargetIsDraggedOnTheMap(): void
    {
        $this->enterDemo();
        $this->go('/mix-water?tank=1');
        $gh = (float) $this->find('#f-gh')->getAttribute('value');
        $ring = $this->find('[data-aim] .grip');
        (new WebDriverActions($this->browser))->clickAndHold($ring)->moveByOffset(20, 10)->moveByOffset(20, 10)->release()->perform();
        $this->until(fn(): bool => (float) $this->find('#f-gh')->getAttribute('value') > $gh, 'more GH');
        $typed = $this->find('#f-gh')->getAttribute('value');
        $this->until(fn(): bool => str_contains($this->text('table.made tbody'), number_format((float) $typed, 1)), 'the recipe for it');
    }

    public function testNonsenseWhileTypingLeavesTheRecipeAlone(): void
    {
        $this->enterDemo();
        $this->go('/mix-water?tank=1');
        $before = $this->text('.recipe');
        $this->type('#f-kh', 'hard');
        $this->untilText('#e-f-kh', 'Enter a number in °');
        self::assertSame($before, $this->text('.recipe'));
        self::assertSame('true', $this->find('#f-kh')->getAttribute('aria-invalid'));
        $this->type('#f-kh', '2');
        $this->until(fn(): bool => $this->text('#e-f-kh') === '' && $this->text('.recipe') !== $before, 'another recipe');
    }

    public function testTheBenchWorksByPlainSubmit(): void
    {
        $this->enterDemo();
        $this->withoutScripts();
        $this->go('/mix-water?tank=1');
        $this->type('#f-litres', '44');
        $this->press('Work it out');
        $this->untilText('.batch-head', '44');
        $this->press('Make the batch card');
        $this->untilText('.pen', 'The meter should show');
    }

    public function testASpoonIsCalibratedFromTheSimulatedScale(): void
    {
        $this->screen(...self::HAND);
        $this->enterDemo();
        $this->go('/supplies/products');
        $this->assertFits();
        $this->press('Spoon of Potassium sulfate');
        $this->untilText('.lead-line', 'Not known yet');
        $this->press('Take it from the scale');
        $this->untilText('.lead-line', 'from one trial');
        $this->press('By meter');
        $this->press('Take it from the meter');
        $this->untilText('.lead-line', 'from 2 trials');
        $this->assertFits();
    }

    public function testTheCardPrintsToOnePageWithItsTable(): void
    {
        $this->enterDemo();
        $this->go('/mix-water?tank=3&tank_was=3&animals=hard_water_fish&animals_was=hard_water_fish&litres=80&gh=13&kh=11&ec=600&ratio=3&waters[]=1&waters[]=3&jars[]=1&jars[]=2&jars[]=3&jars[]=4&jars[]=5');
        $this->press('Make the batch card');
        $this->untilText('.pen', 'The meter should show');
        self::assertStringNotContainsString('If you read this, do that', $this->text('.pen'));

        // A4, as the printer would have it.
        self::assertSame(1, $this->printedPages());
    }

    public function testAnAnalysisComesInFromAFileAndABrokenOneIsRefusedWhereTheKeeperLooks(): void
    {
        $good = Server::scratch('well.csv');
        file_put_contents($good, "water,sampled_on,Ca,Mg,Na,Cl,SO4,HCO3\nWell by the oak,2026-01-15,62,11,9,18,25,205\n");
        $broken = Server::scratch('broken.json');
        file_put_contents(
            $broken,
            "{\n  \"format\": \"cresco-analyses\",\n  \"version\": 1,\n  \"analyses\": [{\"water\": \"W\", \"sampled_on\": \"2026-01-01\", \"mg_per_l\": {\"Ca\": -4}}]\n}\n",
        );
        $this->enterDemo();
        $this->go('/source-waters');
        $this->find('#f-file')->sendKeys($broken);
        $this->press('Import');
        $this->untilText('#e-f-file', 'Line 4: /analyses/0/mg_per_l/Ca');
        $this->assertAccessible();
        $this->find('#f-file')->sendKeys($good);
        $this->press('Import');
        $this->untilText('.status', 'Imported one report.');
        $this->press('Well by the oak');
        $this->untilText('main', 'These values fit together.');
    }

    public function testTheBedIsKeptWithTheKeyboardAndWithTheHand(): void
    {
        $this->enterDemo();
        $this->go('/tanks/1/gravel-vac');
        $this->tabTo('.patches form[data-clean="4"] button');
        $this->keys(WebDriverKeys::ENTER);
        $this->untilText('.status', 'Logged as vacuumed.');
        $this->screen(...self::HAND);
        $this->go('/tanks/1/gravel-vac');
        $before = $this->text('.patches');
        $this->script('arguments[0].dispatchEvent(new MouseEvent("click", { bubbles: true }))', $this->find('[data-patch="3"] .edge'));
        $this->until(fn(): bool => $this->text('.patches') !== $before, 'the tapped patch cleaned');
        $this->assertFits();
        // A zone is split and joined again; its place in the list stays.
        $this->click('#patch-3 summary');
        $this->click('#patch-3 form[action$="/split"] button');
        $this->until(fn(): bool => count((array) $this->script('return [...document.querySelectorAll(".patches > li")]')) === 9, 'nine patches');
        self::assertStringContainsString('today', $this->text('#patch-3'));
    }

    public function testAPhotoGoesIntoAStepAndTheSheetOntoAPageOfPaper(): void
    {
        $photo = Server::scratch('tank.png');
        $image = imagecreatetruecolor(640, 360);
        self::assertNotFalse($image);
        imagefilledrectangle($image, 0, 120, 640, 360, 0x2A6A7A);
        imagepng($image, $photo);
        $text = Server::scratch('not-a-photo.jpg');
        file_put_contents($text, 'hello');
        $this->screen(...self::HAND);
        $this->enterDemo();
        $this->go('/tanks/4/maintenance?tasks[]=photo&tasks[]=glass&tasks[]=trim&tasks[]=vacuum&tasks[]=media&tasks[]=planting&tasks[]=outside');
        $this->press('Start the checklist');
        $this->untilText('h1', 'Look first');
        $checklist = $this->path();
        $this->press('Photo');
        $this->find('#photo')->sendKeys($text);
        $this->press('Save photo');
        $this->untilText('#e-photo', 'JPEG, PNG or WebP');
        $this->find('#photo')->sendKeys($photo);
        $this->press('Save photo');
        $this->until(fn(): bool => str_contains($this->text('.photo'), 'One photo'), 'the photo kept');
        $this->press('One photo');
        $this->until(
            fn(): bool => $this
                ->script('const image = document.querySelector(".photo img"); return image !== null && image.complete && image.naturalWidth === 640;') === true,
            'the photo shown',
        );
        $this->assertFits();
        $this->go($checklist.'/print');
        self::assertSame(1, $this->printedPages());
    }
}
