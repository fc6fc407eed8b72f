<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** Addresses are right behind a proxy that ends TLS, and under a path. */
final class AddressesTest extends FeatureCase
{
    private const FORWARDED = [
        'X-Forwarded-For' => '198.51.100.7', 'X-Forwarded-Proto' => 'https', 'X-Forwarded-Host' => 'tanks.example', 'X-Forwarded-Port' => '443',
    ];

    protected function tearDown(): void
    {
        TrustProxies::flushState();
        parent::tearDown();
    }

    /**
     * @param array<string, string> $headers
     *
     * @return TestResponse<Response>
     */
    private function through(string $page, array $headers): TestResponse
    {
        return $this->withServerVariables(['REMOTE_ADDR' => '10.0.0.2'])->get('http://localhost'.$page, $headers);
    }

    public function testAnOldAddressLeadsToItsNewPlaceWithWhatWasAsked(): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $this->actingAs($keeper);
        foreach ([
            '/bench' => '/mix-water', '/shelf' => '/supplies/products', '/jars/new' => '/products/new', '/waters' => '/source-waters', "/waters/$water->id/read" => "/source-waters/$water->id/test",
            '/diary' => '/log', '/evening' => '/tonight', '/assumed' => '/estimates', '/jobs' => '/tasks', "/tanks/$tank->id/food" => "/tanks/$tank->id/fertilising", "/tanks/$tank->id/read" => "/tanks/$tank->id/test",
            "/tanks/$tank->id/changed" => "/tanks/$tank->id/water-changes/create", "/tanks/$tank->id/heights" => "/tanks/$tank->id/plants/measurements", "/tanks/$tank->id/inquiries" => "/tanks/$tank->id/problems",
        ] as $old => $new) {
            $this->get($old)->assertStatus(301)->assertRedirect($new);
            $this->get($new)->assertOk();
        }
        $this->get("/tanks/$tank->id/change?reason=amount&way=litres&litres=20")
            ->assertRedirect("/tanks/$tank->id/water-change?litres=20&reason=amount&way=litres");
        foreach (['/nowhere', "/tanks/$tank->id/nowhere", '/tanks/0/x'] as $nowhere) {
            $this->get($nowhere)->assertNotFound();
        }
    }

    public function testATrustedProxyIsBelievedAndNobodyElse(): void
    {
        $this->keeper();
        $page = $this->through('/sign-in', self::FORWARDED)->assertOk();
        self::assertFalse($page->headers->has('Strict-Transport-Security'));
        self::assertStringNotContainsString('tanks.example', (string) $page->getContent());

        TrustProxies::at(['10.0.0.2']);
        $page = $this->through('/sign-in', self::FORWARDED)->assertOk();
        self::assertTrue($page->headers->has('Strict-Transport-Security'));
        self::assertStringContainsString('https://tanks.example/build/', (string) $page->getContent());
        self::assertTrue($page->getCookie('cresco_session', false)?->isSecure());
        self::assertSame('/start', $this->through('/', self::FORWARDED)->headers->get('Location'));
    }

    public function testUnderAPathOfTheProxyPagesFormsAndRedirectsKnowIt(): void
    {
        TrustProxies::at(['10.0.0.2']);
        $headers = self::FORWARDED + ['X-Forwarded-Prefix' => '/cresco'];
        [$keeper, $tank] = $this->readyTank();
        self::assertSame('/cresco/start', $this->through('/', $headers)->headers->get('Location'));
        $this->actingAs($keeper);
        foreach (['/', "/tanks/$tank->id", "/tanks/$tank->id/water-change", '/settings', '/week'] as $path) {
            $page = (string) $this->through($path, $headers)->assertOk()->getContent();
            preg_match_all('/\s(?:href|action|formaction|src|hx-get|hx-post|data-progress|data-root)="(\/[^"]*)"/', $page, $found);
            self::assertGreaterThan(5, count($found[1]));
            foreach ($found[1] as $address) {
                self::assertStringStartsWith('/cresco/', $address, $path);
                self::assertStringStartsNotWith('/cresco/cresco', $address, $path);
            }
        }
    }

    public function testWhatAKeeperTypedIsLeftAsItIs(): void
    {
        TrustProxies::at(['10.0.0.2']);
        $keeper = $this->keeper();
        $this->actingAs($keeper)->post('/log', ['kind' => 'note', 'title' => 'about href="/x" and action="/y"', 'body' => '/plain/path'])->assertRedirect();
        $page = (string) $this->through('/log', self::FORWARDED + ['X-Forwarded-Prefix' => '/cresco'])->getContent();
        self::assertStringContainsString('about href=&quot;/x&quot; and action=&quot;/y&quot;', $page);
        self::assertStringContainsString('/plain/path', $page);
        self::assertStringNotContainsString('/cresco/plain', $page);
    }

    public function testAtTheRootPagesAreLeftAsTheyAre(): void
    {
        self::assertStringContainsString('href="/sign-up"', (string) $this->get('/sign-in')->getContent());
    }

    public function testHealthSaysNothingButWhetherItIsWell(): void
    {
        $answer = $this->get('/up')->assertOk();
        self::assertSame("well\n", $answer->getContent());
        self::assertSame([], $answer->headers->getCookies());
        $well = DB::getDefaultConnection();
        config(['database.connections.gone' => ['driver' => 'sqlite', 'database' => '/nowhere/at/all.sqlite']]);
        DB::setDefaultConnection('gone');
        $this->get('/up')->assertStatus(503)->assertSeeText('not well');
        DB::setDefaultConnection($well);
    }
}
