<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Account\Guests;
use App\Models\Device;
use App\Models\Keeper;
use App\Models\SourceWater;
use App\Models\Tank;
use App\Models\WaterChange;
use App\Notifications\AccountEmail;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use PHPUnit\Framework\Attributes\DataProvider;

/** A first answer without an account. */
final class GuestTest extends FeatureCase
{
    private const ANSWERS = [
        'outer_length' => '60', 'outer_depth' => '30', 'outer_height' => '36', 'animals' => 'community', 'changed' => '7', 'nitrate' => '40-80',
        'timezone' => 'Europe/Lisbon',
    ];

    /** @param array<string, string> $other */
    private function begin(array $other = []): Tank
    {
        $this->post('/start', $other + self::ANSWERS)->assertSessionHasNoErrors();

        return Tank::query()->with('keeper')->latest('id')->firstOrFail();
    }

    public function testFourAnswersGiveAnAmountByNitrate(): void
    {
        $this->get('/')->assertRedirect('/start');
        $this->get('/start')->assertOk()->assertSee('How much water should I change?');
        $this->post('/start', self::ANSWERS)->assertRedirect('/tanks/1/water-change?reason=nitrate&nitrate_goal=30');
        $tank = Tank::query()->sole();
        // Inside 588 x 288 mm, and 329 mm of water above the floor pane, less the substrate: about 50 L by hand.
        $page = $this->get('/tanks/1/water-change?reason=nitrate&nitrate_goal=30')->assertOk();
        $page->assertSee('As warm as the tank, with dechlorinator.')->assertSee("33\u{A0}% new water.")
            ->assertSee("At most 33\u{A0}% until you test more.")->assertSee('KH, GH of Tap water');
        self::assertSame(1, preg_match('#<b>(\d+)</b> L</a>#', (string) $page->getContent(), $litres));
        self::assertEqualsWithDelta(0.333 * 50.9, (float) ($litres[1] ?? NAN), 1.0);
        // What nobody described warns of nothing, and what the routine leads to is not known.
        $page->assertDontSee('Heater')->assertDontSee('nitrate peaks');
        self::assertSame(0, Device::query()->count());
        self::assertEqualsWithDelta(7.0, WaterChange::query()->sole()->changed_at->diffInDays(now()), 0.1);
        self::assertSame('Europe/Lisbon', $tank->keeper->timezone);
    }

    public function testWithShrimpAQuarterIsTheMostUntilMoreIsTested(): void
    {
        $this->begin(['animals' => 'soft_water_shrimp']);
        $this->get('/tanks/1/water-change?reason=nitrate&nitrate_goal=10')->assertSee("At most 25\u{A0}% until you test more.")
            ->assertSee("25\u{A0}% new water.");
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badAnswers(): iterable
    {
        yield 'no size' => [['outer_height' => ''], 'outer_height'];
        yield 'a size that is none' => [['outer_length' => 'long'], 'outer_length'];
        yield 'a size of a pond' => [['outer_length' => '90000'], 'outer_length'];
        yield 'a list' => [['outer_depth' => ['30']], 'outer_depth'];
        yield 'glass alone' => [['outer_depth' => '5', 'outer_height' => '5', 'outer_length' => '0.1'], 'outer_length'];
        yield 'livestock that is none' => [['animals' => 'dragons'], 'animals'];
        yield 'a day that is none' => [['changed' => '-5'], 'changed'];
        yield 'a nitrate that is none' => [['nitrate' => 'pink'], 'nitrate'];
    }

    /** @param array<string, mixed> $bad */
    #[DataProvider('badAnswers')]
    public function testABadAnswerIsSaidAtItsFieldAndKeepsNothing(array $bad, string $field): void
    {
        $this->from('/start')->post('/start', $bad + self::ANSWERS)->assertRedirect('/start')->assertSessionHasErrors($field);
        self::assertSame([0, 0, 0], [Keeper::query()->count(), Tank::query()->count(), SourceWater::query()->count()]);
        self::assertTrue(Auth::guest());
    }

    public function testWithoutATestTheUsualAmountIsGiven(): void
    {
        $this->begin(['nitrate' => '', 'changed' => '']);
        $this->get('/tanks/1/water-change')->assertOk()->assertSee("30\u{A0}% new water.");
        self::assertSame(0, WaterChange::query()->count());
    }

    public function testAGuestSendsNothingOutAndTakesNothingIn(): void
    {
        Mail::fake();
        $tank = $this->begin();
        foreach ([
            '/week/feed', '/week/busy', '/helpers', "/tanks/$tank->id/fixed-spot", "/tanks/$tank->id/doses.csv", "/tanks/$tank->id/meals.csv",
            '/recipes/import', '/analyses/import', '/account/data',
        ] as $address) {
            $this->post($address, ['name' => 'x'])->assertRedirect('/account');
            $this->get('/account')->assertOk()->assertSee('That needs an account.');
        }
        $this->put('/account/address', ['email' => 'a@cresco.test', 'address_password' => 'x'])->assertRedirect('/account');
        self::assertSame(0, DB::table('helpers')->count() + DB::table('photos')->count() + DB::table('calendar_blocks')->count());
        Auth::logout();
        $this->post('/password/forgotten', ['email' => $tank->keeper->email]);
        Mail::assertNothingQueued();
    }

    public function testGuestsAndAccountsSeeNothingOfEachOther(): void
    {
        [$keeper, $other] = $this->readyTank();
        $tank = $this->begin();
        $this->get("/tanks/$other->id")->assertNotFound();
        $this->actingAs($keeper)->get("/tanks/$tank->id")->assertNotFound();
    }

    public function testAGuestBecomesAnAccountWithAllThatWasEntered(): void
    {
        Mail::fake();
        $tank = $this->begin();
        $this->post(
            '/account/guest',
            ['email' => 'Heron@cresco.test', 'password' => 'moss lamp kettle', 'password_confirmation' => 'moss lamp kettle'],
        )->assertRedirect('/account');
        // Until the address is confirmed it is a guest's still, on this device.
        self::assertTrue($tank->keeper->refresh()->isGuest());
        $link = '';
        Mail::assertQueued(AccountEmail::class, static function (AccountEmail $letter) use (&$link): bool {
            $link = (string) preg_replace('#^https?://[^/]+#', '', (string) $letter->link);

            return $letter->about === 'keep' && $letter->hasTo('heron@cresco.test');
        });
        $this->post($link)->assertRedirect('/account');
        $keeper = $tank->keeper->refresh();
        self::assertFalse($keeper->isGuest());
        self::assertSame('heron@cresco.test', $keeper->email);
        Mail::assertQueuedCount(1);
        Auth::logout();
        $this->post('/sign-in', ['email' => 'heron@cresco.test', 'password' => 'moss lamp kettle'])->assertRedirect('/');
        $this->get("/tanks/$tank->id")->assertOk()->assertSee('My tank');
        // The way of a guest is closed to it.
        $this->post('/account/guest', ['email' => 'x@cresco.test', 'password' => 'moss lamp kettle', 'password_confirmation' => 'moss lamp kettle'])
            ->assertNotFound();
    }

    public function testNobodyLearnsWhoHasAnAccount(): void
    {
        Mail::fake();
        $this->keeper('Heron');
        $this->begin();
        $this->post(
            '/account/guest',
            ['email' => 'heron@cresco.test', 'password' => 'moss lamp kettle', 'password_confirmation' => 'moss lamp kettle'],
        )->assertRedirect('/account')->assertSessionHas('status', __('account.sent'));
        Mail::assertQueued(AccountEmail::class, static fn(AccountEmail $letter): bool => $letter->about === 'known');
    }

    public function testAGuestGoesAMonthAfterTheLastVisit(): void
    {
        $tank = $this->begin();
        $this->keeper('Heron');
        $this->travel(20)->days();
        // A device that comes back is known by its cookie alone.
        Auth::forgetGuards();
        $this->get('/')->assertOk();
        $this->travel(Guests::DAYS)->days();
        Artisan::call('cresco:guests');
        self::assertSame(2, Keeper::query()->count());
        $this->travel(1)->days();
        Artisan::call('cresco:guests');
        self::assertSame(['Heron'], Keeper::query()->pluck('name')->all());
        self::assertNull(Tank::query()->find($tank->id));
    }

    public function testAGuestDeletesWhatWasEntered(): void
    {
        $this->begin();
        $this->delete('/account/guest')->assertSessionHasErrors('sure');
        $this->delete('/account/guest', ['sure' => '1'])->assertRedirect('/start');
        self::assertSame(0, Keeper::query()->count() + Tank::query()->count());
    }

    public function testOnePlaceBringsADozenGuestsADay(): void
    {
        for ($i = 0; $i < 12; ++$i) {
            $this->begin();
            Auth::logout();
            $this->travel(1)->minutes();
        }
        $this->from('/start')->post('/start', self::ANSWERS)->assertSessionHasErrors(['outer_length' => __('guest.often')]);
        self::assertSame(12, Keeper::query()->count());
        $this->travel(25)->hours();
        $this->begin();
    }
}
