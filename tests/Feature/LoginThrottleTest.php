<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Entry;
use App\Models\Keeper;
use App\Models\Tank;
use App\Notifications\AccountEmail;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use PHPUnit\Framework\Attributes\DataProvider;

/** What comes in at the door: text that is none, forged marks, numbers beyond all numbers; and what goes out. */
final class LoginThrottleTest extends FeatureCase
{
    /** @return iterable<string, array{string, string, array<string, mixed>}> */
    public static function unreadable(): iterable
    {
        yield 'half a letter in a name' => ['POST', '/source-waters', ['name' => "Tap \xC3", 'kind' => 'tap']];
        yield 'a null byte in a name' => ['POST', '/source-waters', ['name' => "Tap\0", 'kind' => 'tap']];
        yield 'a null byte in a day' => ['POST', '/tanks/{tank}/checklists', ['day' => "2026-03-01\0"]];
        yield 'a null byte in where to go back' => ['PUT', '/tanks/{tank}/methods', ['back' => "a\0b", 'schools' => []]];
        yield 'a broken key' => ['POST', '/source-waters', ['name' => 'Tap', "ki\xFFnd" => 'tap']];
        yield 'deep inside' => ['POST', '/source-waters', ['name' => 'Tap', 'kind' => 'tap', 'a' => ['b' => ['c' => "\xFF"]]]];
        yield 'nested without end' => ['POST', '/source-waters', ['name' => 'Tap', 'kind' => 'tap', 'a' => [[[[[[[[[['x']]]]]]]]]]]];
    }

    /** @param array<string, mixed> $sent */
    #[DataProvider('unreadable')]
    public function testWhatIsNoTextIsNotTakenIn(string $method, string $url, array $sent): void
    {
        [$keeper, $tank] = $this->readyTank();
        $waters = $keeper->waters()->count();
        $this->actingAs($keeper)->call($method, str_replace('{tank}', (string) $tank->id, $url), $sent)->assertStatus(400)->assertSee('could not be read');
        self::assertSame($waters, $keeper->waters()->count());
    }

    public function testAPasswordWithANullByteIsAnsweredAndNotHashed(): void
    {
        $this->keeper();
        $this->post('/sign-in', ['email' => 'wren@cresco.test', 'password' => "still\0water"])->assertStatus(400);
    }

    public function testNumbersOfTwentyDigitsAreNotThere(): void
    {
        [$keeper] = $this->readyTank();
        $this->actingAs($keeper);
        foreach (['tanks', 'source-waters', 'checklists', 'photos', 'batches', 'products', 'ro-reservoirs'] as $place) {
            foreach (['99999999999999999999', '0', '-1', '1e3', '01'] as $id) {
                $this->get("/$place/$id")->assertNotFound();
            }
        }
        $this->delete('/entries/99999999999999999999')->assertNotFound();
    }

    /** @return iterable<string, array{string}> */
    public static function cursors(): iterable
    {
        $forge = static fn(mixed $what): string => rtrim(strtr(base64_encode((string) json_encode($what)), '+/', '-_'), '=');
        yield 'nonsense' => ['nonsense'];
        yield 'an empty one' => [$forge([])];
        yield 'lists' => [$forge(['happened_at' => ['x'], 'id' => [1], '_pointsToNextItems' => true])];
        yield 'no day' => [$forge(['happened_at' => 'never', 'id' => 1, '_pointsToNextItems' => true])];
        yield 'a number' => [$forge(12)];
        yield 'no direction' => [$forge(['happened_at' => '2026-01-01 00:00:00', 'id' => 1])];
    }

    #[DataProvider('cursors')]
    public function testAForgedCursorLeadsToTheFirstPage(string $cursor): void
    {
        [$keeper] = $this->readyTank();
        $this->actingAs($keeper)->get('/log?cursor='.urlencode($cursor))->assertOk()->assertSee('Tested Brook');
        $this->get('/log?cursor[]=x')->assertOk();
    }

    /** @return iterable<string, array{mixed}> */
    public static function moments(): iterable
    {
        yield 'a number beyond all days' => [1e300];
        yield 'a list' => [['2026-01-01']];
        yield 'a word' => ['next Friday'];
        yield 'before there were tanks' => ['1800-01-01 10:00'];
        yield 'a day that never comes' => ['2026-02-31 10:00'];
    }

    #[DataProvider('moments')]
    public function testAMomentThatIsNoneIsSaidAtItsField(mixed $moment): void
    {
        [$keeper] = $this->readyTank();
        $entries = Entry::query()->count();
        $this->actingAs($keeper)->postJson('/log', ['kind' => 'note', 'title' => 'x', 'happened_at' => $moment])->assertStatus(422)
            ->assertJsonValidationErrors('happened_at');
        self::assertSame($entries, Entry::query()->count());
    }

    public function testTwoWhoTakeOneAddressAtOnceGetOneAccount(): void
    {
        // The second is let past the look-up and meets the first in the database.
        Keeper::saving(static function (Keeper $keeper): void {
            if ($keeper->name === 'Second') {
                DB::table('keepers')->insert(['name' => 'First', 'email' => $keeper->email, 'password' => 'x']);
                DB::beginTransaction();
            }
        });
        $link = (string) preg_replace('#^https?://[^/]+#', '', AccountEmail::link('sign-up.new', ['email' => 'both@cresco.test']));
        $this->post($link, ['name' => 'Second', 'password' => 'still water too', 'password_confirmation' => 'still water too'])
            ->assertRedirect('/sign-in')->assertSessionHas('status', __('account.there'));
        DB::rollBack();
        Keeper::flushEventListeners();
        self::assertSame(1, Keeper::query()->where('email', 'both@cresco.test')->count());
    }

    public function testLettersLeadToTheAddressCrescoWasGiven(): void
    {
        $keeper = $this->keeper();
        Mail::fake();
        config(['app.url' => 'https://tanks.example']);
        $this->withHeaders(['Host' => 'evil.example', 'X-Forwarded-Host' => 'evil.example'])
            ->post('http://evil.example/password/forgotten', ['email' => $keeper->email]);
        Mail::assertQueued(
            AccountEmail::class,
            static fn(AccountEmail $letter): bool => $letter->hasTo($keeper->email)
                && str_starts_with((string) $letter->link, 'https://tanks.example/password/new/'),
        );
        $this->post('http://evil.example/sign-up', ['email' => 'lark@cresco.test']);
        Mail::assertQueued(
            AccountEmail::class,
            static fn(AccountEmail $letter): bool => $letter->hasTo('lark@cresco.test')
                && str_starts_with((string) $letter->link, 'https://tanks.example/sign-up/new?'),
        );
    }

    public function testAListForATokenIsAWrongToken(): void
    {
        $this->post(
            '/password/new',
            [
                'token' => ['x'], 'email' => 'wren@cresco.test', 'password' => '. Every change moves the tank towards this water: remineralise or',
                'password_confirmation' => '. Every change moves the tank towards this water: remineralise or',
            ],
        )->assertSessionHasErrors('token');
        $this->get('/password/new/abc?email[]=x')->assertOk();
    }

    public function testAnAnswerBesideThePageLeavesTheSessionOfTheBrowserAsItIs(): void
    {
        $this->actingAs($this->keeper());
        self::assertNotNull($this->get('/settings')->assertOk()->getCookie('cresco_session', false));
        self::assertNull($this->get('/tonight', ['HX-Request' => 'true'])->assertOk()->getCookie('cresco_session', false));
    }

    public function testANewPasswordEndsEveryOtherSession(): void
    {
        $keeper = $this->keeper();
        $this->post('/sign-in', ['email' => $keeper->email, 'password' => 'still water'])->assertRedirect('/');
        $this->get('/')->assertOk();
        $keeper->update(['password' => '. Every change moves the tank towards this water: remineralise or']);
        $this->app?->make('auth')->forgetGuards();
        $this->get('/')->assertRedirect('/start');
    }

    public function testASessionFromBeforeTheDataWerePutBackOpensNothing(): void
    {
        $keeper = $this->keeper();
        $this->post('/sign-in', ['email' => $keeper->email, 'password' => 'still water']);
        $this->get('/')->assertOk();
        // The same number, another keeper.
        $id = $keeper->id;
        $keeper->delete();
        DB::table('keepers')->insert([
            'id' => $id, 'name' => 'Lark', 'email' => 'lark@cresco.test', 'password' => bcrypt('other source water'), 'created_at' => now(),
            'updated_at' => now(),
        ]);
        $this->app?->make('auth')->forgetGuards();
        $this->get('/')->assertRedirect('/start');
    }

    public function testEveryAnswerCarriesItsHeaders(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $answers = [
            $this->get('/nowhere'), $this->delete('/settings'), $this->get('/'), $this->get('/bare'), $this->get('/sign-in'),
            $this->actingAs($keeper)->get('/tanks/99'), $this->get("/tanks/$tank->id"), $this->post('/source-waters', ['name' => "\xFF"]), $this
                ->postJson('/log', []),
        ];
        foreach ($answers as $answer) {
            $answer->assertHeader('Content-Security-Policy')->assertHeader('X-Content-Type-Options', 'nosniff')
                ->assertHeader('X-Frame-Options', 'DENY')->assertHeader('Referrer-Policy', 'same-origin');
        }
    }

    public function testWhatIsMissingAndWhatIsAnothersAnswerAlike(): void
    {
        [, $theirs] = $this->readyTank();
        $this->actingAs($this->keeper('Stranger'));
        foreach ([[], ['Accept' => 'application/json']] as $headers) {
            $foreign = $this->get("/tanks/$theirs->id", $headers)->assertNotFound();
            $missing = $this->get('/tanks/4711', $headers)->assertNotFound();
            self::assertSame($missing->getContent(), $foreign->getContent());
            self::assertStringNotContainsString('App', (string) $missing->getContent());
        }
    }

    public function testAFaultOfTheCoreIsAFindingWhereverItComesUp(): void
    {
        [$keeper, $tank] = $this->readyTank();
        // A tank that was kept before its measures were asked back.
        Tank::query()->whereKey($tank->id)->update(['stone_kg' => 2000, 'stone_height' => 100]);
        $this->actingAs($keeper)->get("/tanks/$tank->id")->assertStatus(422)->assertSee('take up more room than there is');
        $this->get("/tanks/$tank->id/water-change", ['HX-Request' => 'true'])->assertOk()->assertSee('That cannot be.');
        $this->getJson("/tanks/$tank->id")->assertStatus(422)
            ->assertJsonPath('message', 'Stone and wood take up more room than there is: check their weight and height.');
    }

    /** @return iterable<string, array{array<string, string>, array<string, string>}> tank, source */
    public static function hardWaters(): iterable
    {
        yield 'pH 9 without KH into pH 8' => [['ph' => '9', 'carbonate_hardness' => '0'], ['ph' => '8', 'carbonate_hardness' => '4']];
        yield 'pH 12' => [['ph' => '12', 'carbonate_hardness' => '0'], ['ph' => '3', 'carbonate_hardness' => '0']];
        yield 'pH 2 with KH' => [['ph' => '2', 'carbonate_hardness' => '20'], ['ph' => '12', 'carbonate_hardness' => '1']];
    }

    /**
     * @param array<string, string> $inTank
     * @param array<string, string> $inSource
     */
    #[DataProvider('hardWaters')]
    public function testAChangeSheetStandsWhateverWasRead(array $inTank, array $inSource): void
    {
        [$keeper, $tank, $water] = $this->readyTank();
        $this->read($keeper, $tank, $inTank);
        $this->read($keeper, $water, $inSource);
        foreach (['100', '50', '0', '1'] as $percent) {
            $this->actingAs($keeper)->get("/tanks/$tank->id/water-change?reason=amount&way=percent&percent=$percent")->assertOk()->assertDontSee('NAN');
        }
    }

    public function testABenchOfOrdinaryWatersAndOneJarStands(): void
    {
        $keeper = $this->keeper();
        $water = $this->water($keeper);
        $this->read($keeper, $water, ['general_hardness' => '0', 'carbonate_hardness' => '0', 'nitrate' => '80']);
        $this->product($keeper, 'gypsum');
        $this->actingAs($keeper)->get('/mix-water')->assertOk();
        foreach (range(1, 30) as $i) {
            $this->read(
                $keeper,
                $this->water($keeper, "Well $i"),
                ['general_hardness' => (string) $i, 'carbonate_hardness' => (string) ($i / 2), 'conductivity' => (string) (40 * $i)],
            );
        }
        $from = microtime(true);
        $this->get('/mix-water')->assertOk();
        self::assertLessThan(10.0, microtime(true) - $from);
        $this->actingAs($keeper->fresh() ?? $keeper)->get('/mix-water?'.http_build_query([
            'animals_was' => 'community', 'waters' => $keeper->waters()->pluck('id')->all(),
        ]))->assertOk()->assertSee('At most 8 waters at once.');
    }

    public function testNothingIsSentBackWhileAnotherRequestRunsBeside(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->from("/tanks/$tank->id/edit")->put("/tanks/$tank->id", ['name' => 'Brook', 'outer_length' => 'much'])
            ->assertSessionHasErrors('outer_length');
        // The drawing that was asked for while typing comes in between.
        $this->get('/tanks/draw?outer_length=much', ['HX-Request' => 'true'])->assertOk();
        $this->get("/tanks/$tank->id/edit", ['HX-Request' => ''])->assertOk()->assertSee('value="much"', false);
        CarbonImmutable::setTestNow();
    }

    public function testAFormCarriesAKeyThatCountsOnce(): void
    {
        [$keeper] = $this->readyTank();
        $page = (string) $this->actingAs($keeper)->get('/tasks')->getContent();
        preg_match_all('/name="_once" value="([a-p]{24})"/', $page, $keys);
        self::assertNotSame([], $keys[1]);
        self::assertSame(count($keys[1]), count(array_unique($keys[1])), 'each form has its own');
        $typed = ['_once' => $keys[1][0], 'kind' => 'own', 'name' => ''];
        $this->post('/tasks', $typed)->assertSessionHasErrors('name');
        // It came back with a fault and is sent again, right after: the fault of before does not free the key a second time.
        $this->actingAs($keeper)->post('/tasks', ['name' => 'Wipe the lid'] + $typed)->assertSessionHasNoErrors();
        $this->from('/tasks')->post('/tasks', ['name' => 'Wipe the lid'] + $typed)->assertRedirect('/tasks')->assertSessionHas('status', __('once.sent'));
        self::assertSame(1, $keeper->chores()->count());
        // Another keeper may have the same by chance.
        $other = $this->keeper('Lark');
        $this->actingAs($other)->post('/tasks', ['name' => 'Wipe the lid'] + $typed)->assertSessionHasNoErrors();
        self::assertSame(1, $other->chores()->count());
    }
}
