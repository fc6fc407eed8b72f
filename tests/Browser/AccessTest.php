<?php

declare(strict_types=1);

namespace Tests\Browser;

use Illuminate\Filesystem\Filesystem;
use Tests\PseudoLanguage;
use Tests\Screens;

/** Every screen, by day at the desk and by night in the hand: no axe finding, nothing sticking out, no complaint. */
final class AccessTest extends BrowserCase
{
    public function testEveryScreenIsForEveryone(): void
    {
        $this->withAxe();
        foreach (['/sign-in', '/sign-up', '/password/forgotten', '/password/new/x?email=a@cresco.test'] as $screen) {
            $this->look($screen);
        }
        $this->enterDemo();
        foreach (Screens::ALL as $screen) {
            $this->look($screen);
        }
        $this->go('/tanks/1/maintenance?tasks[]=glass&tasks[]=vacuum&tasks[]=trim&tasks[]=media&tasks[]=floaters');
        $this->press('Start the checklist');
        $this->untilText('h1', 'Look first');
        $checklist = $this->path();
        foreach (['/again?level=120&minutes=20', '/print', '/strip'] as $page) {
            $this->look($checklist.$page);
        }
        for ($step = 1; $step <= 8; ++$step) {
            $this->look($checklist.'?step='.$step);
        }
        $this->assertNoComplaints();
    }

    /** By day at the desk, then by night in the hand, as one who takes the page along to the tank. */
    private function look(string $screen): void
    {
        $this->screen(...self::DESK);
        $this->light('light');
        $this->go($screen);
        $this->assertAccessible('first');
        $this->assertFits();
        $this->screen(...self::HAND);
        $this->light('dark');
        $this->assertAccessible('again');
        $this->assertFits();
        // What is folded must not be wider either.
        $this->script('document.querySelectorAll("details").forEach((folded) => { folded.open = true; })');
        $this->assertFits();
        $this->screen(...self::DESK);
        $this->assertFits();
    }

    public function testALongerLanguageIsNotWiderThanASmallPhone(): void
    {
        $languages = sys_get_temp_dir().'/cresco-languages-'.getmypid();
        PseudoLanguage::write($languages);
        $usual = self::$server;
        self::$server = Server::start(['APP_LOCALE' => PseudoLanguage::NAME, 'CRESCO_LANGUAGES' => $languages]);
        try {
            $this->screen(320, 640);
            $this->go('/sign-in');
            // The button of the demo begins with the bracket of that language.
            $this->clickOn($this->find('form[action$="/demo"] button'));
            $this->until(fn(): bool => $this->path() === '/', 'the home page behind the door');
            foreach (Screens::ALL as $screen) {
                $this->go($screen);
                self::assertStringContainsString('⟦', $this->text('body'), $screen);
                $this->assertFits();
            }
        } finally {
            self::$server->kill();
            self::$server = $usual;
            (new Filesystem())->deleteDirectory($languages);
        }
    }

    public function testTheFirstLoadIsLight(): void
    {
        $this->enterDemo();
        $this->go('/tanks/1/water-change');
        $bytes = $this->script(<<<'JS'
            return performance.getEntriesByType('navigation').concat(performance.getEntriesByType('resource'))
                .reduce((sum, entry) => sum + entry.encodedBodySize, 0);
            JS);
        self::assertLessThan(300_000, $bytes);
        self::assertGreaterThan(50_000, $bytes);
    }

    public function testAssetsAreHashedPackedAndCacheable(): void
    {
        $this->go('/sign-in');
        $assets = (array) $this->script('return performance.getEntriesByType("resource").map((entry) => entry.name)');
        self::assertNotSame([], $assets);
        foreach ($assets as $asset) {
            if (!is_string($asset) || str_ends_with($asset, '/mark.svg')) {
                continue;
            }
            self::assertMatchesRegularExpression('#/build/assets/[\w-]+-[\w-]{8}\.\w+$#', $asset);
            file_get_contents($asset, false, stream_context_create(['http' => ['header' => 'Accept-Encoding: gzip']]));
            $headers = strtolower(implode("\n", $http_response_header));
            self::assertStringContainsString('max-age=31536000, immutable', $headers);
            if (!str_contains($asset, '.woff2')) {
                self::assertStringContainsString('content-encoding: gzip', $headers);
            }
        }
    }

    public function testOtherFilesOfTheServerStayInside(): void
    {
        foreach (['/../.env', '/..%2f.env', '/%2e%2e/composer.json', '/.env', '/index.php/../../.env'] as $path) {
            $answer = (string) @file_get_contents(self::$server->url.$path);
            self::assertStringNotContainsString('APP_KEY', $answer);
            self::assertStringNotContainsString('"require"', $answer);
        }
    }
}
