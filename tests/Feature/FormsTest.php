<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Keeper;
use DOMDocument;
use DOMElement;
use DOMXPath;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Group;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\HttpFoundation\Response;
use Tests\Screens;

/**
 * Every form of the demo, sent as it stands but for a field or two; the same for the same seed. Neither what is sent nor what was taken in
 * breaks a page. ./cresco fuzz N goes on for longer.
 */
final class FormsTest extends FeatureCase
{
    /** Forms that the suite sends. */
    private const FEW = 120;

    /** Typed into any field: numbers at the ends of what is asked for, days, and what no keeper would type. */
    private const TYPED = ['', '0', '1', '3', '7', '20', '50', '99', '100', '365', '1000', '10000', '-1', '0.001', '0.01', '0.1', '0.5', '14.5', '1e308', '1e-308', 'NaN', '99999999999999999999', '12,5', '20-40 nearer 90', 'over 0',
        '1999-12-31', '2000-01-01', '2025-01-01', '2026-02-28', '2026-03-01', '2026-03-09', '2026-02-31', '2035-01-01', '18:30', '2026-02-27 18:30', 'Fern', '<script>', "a\r\nb", "\u{1F41F}\u{202E}", "\0", "\xFF", ['x'], ['a' => ['b' => 'c']], null];

    /** Typed into an empty field that is left in peace otherwise. */
    private const USUAL = ['1', '5', '20', '0.5', '2026-02-27', 'Fern'];

    /** Pages of a tank that compute with what was kept of it. */
    private const OF_TANK = [
        '', '/water-change', '/fertilising', '/plants', '/light', '/livestock', '/gravel-vac', '/maintenance', '/log', '/charts', '/problems',
        '/cycling', '/catch-up', '/edit', '/hose', '/plants/measurements', '/forecast-check', '/targets',
    ];

    private Keeper $wren;

    #[Group('long')]
    public function testWhatGuardsAFormIsInNoAddress(): void
    {
        [$keeper, $tank] = $this->readyTank();
        foreach (["/tanks/$tank->id/water-change", '/mix-water', '/tanks/new'] as $page) {
            $html = (string) $this->actingAs($keeper)->get($page.'?_once=abc&_token=xyz&litres=20')->assertOk()->getContent();
            preg_match_all('/(?:href|hx-get)="([^"]*)"/', $html, $links);
            self::assertSame([], preg_grep('/_once|_token/', $links[1]), $page);
            // What is recomputed while typing leaves the two out of the address that it sets.
            self::assertMatchesRegularExpression('/hx-params="not _token,_once/', $html, $page);
        }
    }

    public function testAFormThatIsSentWithAnythingInAFieldBreaksNoPage(): void
    {
        $this->demo();
        $this->wren = Keeper::query()->where('is_demo', true)->firstOrFail();
        $chance = new Randomizer(new Mt19937((int) (getenv('CRESCO_FUZZ_SEED') ?: 20260301)));
        $forms = $this->forms();
        $kinds = array_keys($forms);
        self::assertGreaterThan(120, count($kinds));
        $taken = [];
        // Each takes as long as twenty that are sent anywhere: pages are looked at afterwards.
        $many = max(self::FEW, intdiv((int) getenv('CRESCO_FUZZ'), 20));
        for ($i = 0; $i < $many; ++$i) {
            $kind = $kinds[$chance->getInt(0, count($kinds) - 1)];
            [$page, $method, $action, $fields] = $forms[$kind][$chance->getInt(0, count($forms[$kind]) - 1)];
            $sent = self::filled($fields, $chance);
            $what = $method.' '.$action.' '.json_encode($sent, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
            DB::beginTransaction();
            $answer = $this->ask($method, $action, $sent, $page);
            self::assertWell($answer, $what);
            if ($method !== 'GET' && $answer->getStatusCode() === 302 && !session()->has('errors')) {
                $taken[$kind] = true;
                $led = (string) parse_url((string) $answer->headers->get('Location'), PHP_URL_PATH);
                $after = [
                    $led, $page, '/', '/week', '/supplies',
                    ...preg_match('#/tanks/\d+#', $action.' '.$page, $tank) === 1
                        ? [$tank[0].self::OF_TANK[$i % count(self::OF_TANK)], $tank[0].self::OF_TANK[($i + 7) % count(self::OF_TANK)]]
                        : [],
                ];
                foreach ($after as $next) {
                    self::assertWell($this->ask('GET', $next), $next.' after '.$what);
                }
            }
            DB::rollBack();
            session()->flush();
        }
        // Enough of it is good enough to be kept.
        self::assertGreaterThan(15, count($taken));
    }

    /**
     * @param TestResponse<Response> $answer
     */
    private static function assertWell(TestResponse $answer, string $what): void
    {
        self::assertLessThan(
            500,
            $answer->getStatusCode(),
            $what.': '.$answer->exception?->getMessage().' in '.basename((string) $answer->exception?->getFile()).':'.$answer->exception?->getLine(),
        );
    }

    /**
     * @param array<mixed> $sent
     *
     * @return TestResponse<Response>
     */
    private function ask(string $method, string $url, array $sent = [], string $from = '/'): TestResponse
    {
        $this->app?->make('auth')->forgetGuards();

        return $this->actingAs($this->wren->fresh() ?? $this->wren)->withHeaders(['HX-Request' => '', 'Referer' => 'http://localhost'.$from])
            ->call($method, $url, $sent);
    }

    /**
     * @return array<string, non-empty-list<array{string, string, string, list<array{string, string|null, list<string|null>|null}>}>> page,
     *     method, address and fields, alike ones together
     */
    private function forms(): array
    {
        $forms = [];
        foreach (Screens::ALL as $page) {
            $document = new DOMDocument();
            @$document->loadHTML('<?xml encoding="utf-8"?>'.$this->ask('GET', $page)->getContent());
            $path = new DOMXPath($document);
            foreach ($path->query('//form[not(@method="dialog")]') ?: [] as $form) {
                if (!$form instanceof DOMElement || preg_match('#/sign-out$|/account$#', $form->getAttribute('action')) === 1) {
                    continue;
                }
                $id = $form->getAttribute('id');
                $fields = [];
                foreach ($path->query('.//*[@name]'.($id === '' ? '' : "|//*[@form='$id']"), $form) ?: [] as $element) {
                    if ($element instanceof DOMElement && $element->getAttribute('type') !== 'file' && $element->getAttribute('name') !== '_once') {
                        $fields[] = self::field($element);
                    }
                }
                $method = strtoupper($form->getAttribute('method') ?: 'GET');
                $action = (string) preg_replace('#^https?://[^/]+#', '', $form->getAttribute('action') ?: $page);
                $forms[$method.' '.preg_replace('/\d+/', 'N', strtok($action, '?') ?: '/').' '
                    .implode(' ', array_unique(array_column($fields, 0)))][] = [$page, $method, $action, $fields];
            }
        }

        return $forms;
    }

    /** @return array{string, string|null, list<string|null>|null} name, what it is sent with as it stands, and what can be chosen */
    private static function field(DOMElement $element): array
    {
        $name = $element->getAttribute('name');
        $value = $element->getAttribute('value');
        if ($element->nodeName === 'select') {
            $options = [];
            $chosen = null;
            foreach ($element->getElementsByTagName('option') as $option) {
                $options[] = $of = $option->hasAttribute('value') ? $option->getAttribute('value') : $option->textContent;
                $chosen = $chosen === null || $option->hasAttribute('selected') ? $of : $chosen;
            }

            return [$name, $chosen, $options];
        }

        return match (true) {
            $element->nodeName === 'textarea' => [$name, $element->textContent, null],
            $element->nodeName === 'button' => [$name, null, [$value, null]],
            in_array($element->getAttribute('type'), ['checkbox', 'radio'], true) => [$name, $element->hasAttribute('checked') ? $value : null, [$value, null]],
            default => [$name, $value, null],
        };
    }

    /**
     * @param list<array{string, string|null, list<string|null>|null}> $fields
     *
     * @return array<mixed>
     */
    private static function filled(array $fields, Randomizer $chance): array
    {
        $touched = [];
        for ($n = $fields === [] ? 0 : $chance->getInt(0, 2); $n > 0; --$n) {
            $touched[$chance->getInt(0, count($fields) - 1)] = true;
        }
        $fills = $chance->getInt(0, 1) === 1;
        $sent = [];
        foreach ($fields as $i => [$name, $value, $options]) {
            if (isset($touched[$i])) {
                $from = $options !== null && $options !== [] && $chance->getInt(0, 2) > 0 ? $options : self::TYPED;
                $value = $from[$chance->getInt(0, count($from) - 1)];
            } elseif ($value === '' && $fills && !str_starts_with($name, '_')) {
                $value = self::USUAL[$chance->getInt(0, count(self::USUAL) - 1)];
            }
            if ($value !== null) {
                self::set($sent, (string) preg_replace('/\[\]$/', '['.$i.']', $name), $value);
            }
        }

        return $sent;
    }

    /** @param array<mixed> $sent */
    private static function set(array &$sent, string $name, mixed $value): void
    {
        $at = &$sent;
        foreach (explode('[', str_replace(']', '', $name)) as $part) {
            if (!is_array($at)) {
                return;
            }
            $at[$part] ??= [];
            $at = &$at[$part];
        }
        $at = $value;
    }
}
