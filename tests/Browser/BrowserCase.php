<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\UnknownErrorException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\DriverCommand;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;
use Throwable;

/** A real Chromium on the application, at the desk or in the hand. A failing test leaves a picture. */
abstract class BrowserCase extends TestCase
{
    /** Seconds that are waited for a page to hold what is claimed of it. */
    private const PATIENCE = 30.0;

    protected const DESK = [1280, 800];

    protected const HAND = [390, 844];

    protected static Server $server;

    private static ?string $chromedriver = null;

    /** One Chromium for test after test, for as long as all goes well: starting one takes as long as many a test. */
    private static ?PatientDriver $kept = null;

    protected PatientDriver $browser;

    /** Of axe, while it comes with each page. */
    private ?string $axe = null;

    private ChromeDevToolsDriver $tools;

    public static function setUpBeforeClass(): void
    {
        // One for test after test too, each with the demo as it was planted.
        if (!isset(self::$server)) {
            self::$server = Server::start();
        }
        self::$chromedriver ??= Server::chromedriver();
    }

    protected function setUp(): void
    {
        self::$server->plant();
        $this->browser = self::$kept ??= $this->open();
        $this->tools = new ChromeDevToolsDriver($this->browser);
        $this->screen(...self::DESK);
    }

    protected function tearDown(): void
    {
        if ($this->status()->isFailure() || $this->status()->isError()) {
            $folder = dirname(__DIR__, 2).'/storage/test-screenshots';
            @mkdir($folder, 0o755, true);
            try {
                $shot = $this->tools->execute('Page.captureScreenshot', ['format' => 'png']);
                $picture = is_array($shot) && is_string($shot['data'] ?? null) ? base64_decode($shot['data'], true) : '';
                file_put_contents($folder.'/'.preg_replace('/\W+/', '-', $this->nameWithDataSet()).'.png', $picture);
            } catch (Throwable) {
                // A browser that has died leaves no picture.
            }
            self::$kept = null;
            $this->browser->quit();

            return;
        }
        try {
            $this->forget();
        } catch (Throwable) {
            // One that died on the way is followed by a new one.
            self::$kept = null;
        }
    }

    /** Leaves the browser as a new one: nothing signed in, kept, cached, emulated or complained of. */
    private function forget(): void
    {
        // First of all, so that no answer that is still under way is kept.
        $this->browser->get('about:blank');
        $this->tools->execute('Storage.clearDataForOrigin', ['origin' => self::$server->url, 'storageTypes' => 'all']);
        $this->tools->execute('Network.clearBrowserCookies');
        $this->tools->execute('Network.clearBrowserCache');
        $this->tools->execute('Emulation.setScriptExecutionDisabled', ['value' => false]);
        $this->tools->execute('Emulation.setEmulatedMedia', ['media' => '', 'features' => []]);
        $this->tools->execute('Emulation.setTouchEmulationEnabled', ['enabled' => false]);
        if ($this->axe !== null) {
            $this->tools->execute('Page.removeScriptToEvaluateOnNewDocument', ['identifier' => $this->axe]);
        }
        $this->browser->manage()->getLog('browser');
    }

    protected function open(): PatientDriver
    {
        $options = new ChromeOptions();
        $options->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--user-data-dir='.Server::scratch('profile-'.bin2hex(random_bytes(4))),
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'SEVERE']);

        $browser = PatientDriver::create((string) self::$chromedriver, $capabilities, 60000, 60000);
        $browser->manage()->timeouts()->implicitlyWait(2);

        return $browser;
    }

    /** Of the screen, in pixels: a page that is too wide makes the window of a phone wider. */
    private int $width = self::DESK[0];

    protected function screen(int $width, int $height): void
    {
        $this->width = $width;
        $this->tools->execute(
            'Emulation.setDeviceMetricsOverride',
            ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => $width < 500],
        );
    }

    protected function light(string $scheme): void
    {
        $this->tools->execute(
            'Emulation.setEmulatedMedia',
            ['features' => [['name' => 'prefers-color-scheme', 'value' => $scheme], ['name' => 'prefers-reduced-motion', 'value' => 'reduce']]],
        );
    }

    protected function withoutScripts(): void
    {
        $this->tools->execute('Emulation.setScriptExecutionDisabled', ['value' => true]);
    }

    protected function go(string $path): void
    {
        $this->browser->get(self::$server->url.$path);
    }

    protected function enterDemo(): void
    {
        $this->go('/sign-in');
        $this->press('Open the demo');
        // The press returns before the door has opened.
        $this->until(fn(): bool => $this->path() === '/' && $this->text('h1') === 'Today', 'the home page behind the door');
    }

    /** The press returns before the door has closed: what is gone to meanwhile would be left again. */
    protected function signOut(): void
    {
        $this->press('Sign out');
        $this->until(fn(): bool => $this->path() === '/sign-in', 'the door');
    }

    protected function path(): string
    {
        return (string) parse_url($this->browser->getCurrentURL(), PHP_URL_PATH);
    }

    protected function find(string $css): RemoteWebElement
    {
        return $this->browser->findElement(WebDriverBy::cssSelector($css));
    }

    /** How many of it are there now; none is not waited for. */
    protected function many(string $css): int
    {
        $found = $this->script('return document.querySelectorAll(arguments[0]).length', $css);

        return is_int($found) ? $found : 0;
    }

    /** Each press draws the page of a checklist again, which the next one must not overtake. */
    protected function switchAllOn(): void
    {
        while (($off = $this->many('.switch.open')) > 0) {
            $this->click('.switch.open');
            $this->until(fn(): bool => $this->many('.switch.open') < $off, 'one more on');
        }
    }

    /** What can be read of it; the driver's own way of asking goes through each element one by one, and takes a second on a long page. */
    protected function text(string $css): string
    {
        $text = fn(): mixed => $this->script(<<<'JS'
            const found = document.querySelector(arguments[0]);
            return found && (found.checkVisibility({ visibilityProperty: true, opacityProperty: true }) ? found.innerText.replaceAll('\u00a0', ' ').trim() : '');
            JS, $css);
        $read = $text();
        if ($read === null) {
            // What is still to come is waited for.
            $this->find($css);
            $read = $text();
        }

        return is_string($read) ? $read : throw new NoSuchElementException("$css went away.");
    }

    /** Presses the button or link with this text, and waits for what it sets going. */
    protected function press(string $text): void
    {
        $quoted = '"'.$text.'"';
        $this->clickOn($this->browser
            ->findElement(WebDriverBy::xpath("//button[normalize-space()=$quoted] | //a[normalize-space()=$quoted] | //summary[normalize-space()=$quoted] | //button[starts-with(normalize-space(), $quoted)] | //a[starts-with(normalize-space(), $quoted)]")));
    }

    /** Clicks what is there, and waits for what that sets going. */
    protected function click(string $css): void
    {
        $this->clickOn($this->find($css));
    }

    protected function clickOn(RemoteWebElement $element): void
    {
        $element->click();
        $this->until(
            fn(): bool => $this
                ->script('return document.readyState === "complete" && !document.querySelector(".htmx-request, .htmx-swapping, .htmx-settling")') === true,
            'the page to settle',
        );
    }

    /** Does something on another device. */
    protected function on(PatientDriver $other, callable $act): void
    {
        [$here, $this->browser] = [$this->browser, $other];
        try {
            $act();
        } finally {
            $this->browser = $here;
        }
    }

    protected function type(string $css, string $text): void
    {
        $field = $this->find($css);
        $field->clear();
        $field->sendKeys($text);
    }

    /** Presses keys one after the other, as a keyboard does: they go to whatever has the focus then. */
    protected function keys(string ...$keys): void
    {
        $presses = [];
        foreach (mb_str_split(implode('', $keys)) as $key) {
            $presses[] = ['type' => 'keyDown', 'value' => $key];
            $presses[] = ['type' => 'keyUp', 'value' => $key];
        }
        $this->browser->execute(DriverCommand::ACTIONS, ['actions' => [['type' => 'key', 'id' => 'keyboard', 'actions' => $presses]]]);
    }

    /** Goes on by the tab key until this has the focus. */
    protected function tabTo(string $css): void
    {
        for ($i = 0; $i < 120; ++$i) {
            if ($this->script('return document.activeElement?.matches(arguments[0])', $css) === true) {
                return;
            }
            $this->keys(WebDriverKeys::TAB);
        }
        self::fail("The keyboard does not reach $css.");
    }

    /**
     * Two fingers at the middle of something, moved from one distance to another.
     *
     * @param float $from px apart
     * @param float $to   px apart
     */
    protected function pinch(string $css, float $from, float $to): void
    {
        $box = $this->script(
            'const on = document.querySelector(arguments[0]); on.scrollIntoView({ block: "center", behavior: "instant" }); const box = on.getBoundingClientRect(); return [box.x + box.width / 2, box.y + box.height / 2]',
            $css,
        );
        [$x, $y] = is_array($box) && is_numeric($box[0] ?? null) && is_numeric($box[1] ?? null) ? [(float) $box[0], (float) $box[1]] : [0.0, 0.0];
        $fingers = static fn(float $apart): array => [['x' => $x - $apart / 2.0, 'y' => $y, 'id' => 1], ['x' => $x + $apart / 2.0, 'y' => $y, 'id' => 2]];
        $this->tools->execute('Emulation.setTouchEmulationEnabled', ['enabled' => true, 'maxTouchPoints' => 2]);
        $this->tools->execute('Input.dispatchTouchEvent', ['type' => 'touchStart', 'touchPoints' => $fingers($from)]);
        foreach ([0.25, 0.5, 0.75, 1.0] as $part) {
            $this->tools->execute('Input.dispatchTouchEvent', ['type' => 'touchMove', 'touchPoints' => $fingers($from + $part * ($to - $from))]);
        }
        $this->tools->execute('Input.dispatchTouchEvent', ['type' => 'touchEnd', 'touchPoints' => []]);
        // A page that comes after it has to be told again.
        $this->tools->execute('Emulation.setTouchEmulationEnabled', ['enabled' => false]);
    }

    protected function script(string $script, mixed ...$arguments): mixed
    {
        return $this->browser->executeScript($script, $arguments);
    }

    /** Waits until something holds, up to some seconds; a page that is being replaced counts as not yet. */
    protected function until(callable $holds, string $what): void
    {
        $end = microtime(true) + self::PATIENCE;
        while (microtime(true) < $end) {
            try {
                if ($holds()) {
                    self::addToAssertionCount(1);

                    return;
                }
            } catch (StaleElementReferenceException|NoSuchElementException) {
                // Not there yet.
            } catch (UnknownErrorException $fault) {
                if (!Patience::isOfAReplacedPage($fault)) {
                    throw $fault;
                }
            }
            usleep(30000);
        }
        self::fail('Waited in vain: '.$what);
    }

    protected function untilText(string $css, string $part): void
    {
        $this->until(fn(): bool => str_contains($this->text($css), $part), "“{$part}” in $css");
    }

    /** Pages of A4 that the page takes on paper. */
    protected function printedPages(): int
    {
        $printed = $this->tools->execute('Page.printToPDF', ['paperWidth' => 8.27, 'paperHeight' => 11.69, 'preferCSSPageSize' => true]);
        $pdf = is_array($printed) && is_string($printed['data'] ?? null) ? (string) base64_decode($printed['data'], true) : '';
        self::assertSame(1, preg_match('/\/Count (\d+)/', $pdf, $count));

        return (int) ($count[1] ?? 0);
    }

    protected function assertNoComplaints(): void
    {
        // A recompute that a newer one overtakes is given up on purpose.
        $complaints = array_filter((array) $this->browser->manage()->getLog('browser'), static fn(mixed $line): bool => is_array($line)
            && is_string($line['message'] ?? null) && preg_match('/htmx:(sendAbort|afterRequest)/', $line['message']) !== 1);

        self::assertSame([], array_map(static fn(array $line): mixed => $line['message'] ?? '', array_values($complaints)));
    }

    /** Nothing sticks out to the side. */
    protected function assertFits(): void
    {
        $wide = $this->script('return document.documentElement.scrollWidth');

        self::assertLessThanOrEqual($this->width, $wide, $wide <= $this->width ? '' : $this->path().' is wider than the screen');
    }

    /** From now on axe is there with each page, where many are looked at. */
    protected function withAxe(): void
    {
        $added = $this->tools->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => self::axe()]);
        $this->axe = is_array($added) && is_string($added['identifier'] ?? null) ? $added['identifier'] : null;
    }

    private static function axe(): string
    {
        return (string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js');
    }

    /**
     * No finding of axe for WCAG 2.2 A and AA.
     *
     * @param 'all'|'first'|'again' $look first at a page that is looked at again in the hand, where fingers need their room; and again, in
     *                                    another size and light: what depends on them
     */
    protected function assertAccessible(string $look = 'all'): void
    {
        if ($this->browser->executeScript('return typeof window.axe') !== 'object') {
            $this->browser->executeScript(self::axe());
        }
        $found = $this->browser->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1];
            const all = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];
            const looks = { type: 'rule', values: ['color-contrast', 'link-in-text-block', 'scrollable-region-focusable', 'target-size'] };
            axe.run(document, { resultTypes: ['violations'], preload: false, runOnly: arguments[0] === 'again' ? looks : all, rules: arguments[0] === 'first' ? { 'target-size': { enabled: false } } : {} })
                .then((result) => done(result.violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.html.slice(0, 160)).slice(0, 3).join(' | ')}`)))
                .catch((error) => done([String(error)]));
            JS, [$look]);

        self::assertSame([], $found, $found === [] ? '' : $this->browser->getCurrentURL());
    }
}
