<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Account\CommonPasswords;
use App\Account\LoginThrottle;
use App\Models\Keeper;
use App\Models\Photo;
use App\Models\Tank;
use App\Notifications\AccountEmail;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\ViewErrorBag;
use Mockery\MockInterface;
use PHPUnit\Framework\Attributes\DataProvider;

final class AccountTest extends FeatureCase
{
    /** Path and query of the link in the only letter about something. */
    private function link(string $to, string $about): string
    {
        $link = '';
        Mail::assertQueued(AccountEmail::class, static function (AccountEmail $letter) use ($to, $about, &$link): bool {
            if ($letter->about !== $about || !$letter->hasTo($to)) {
                return false;
            }
            $link = (string) preg_replace('#^https?://[^/]+#', '', (string) $letter->link);

            return true;
        });

        return $link;
    }

    /** The link of the letter that whoever wants an account is sent. */
    private function asked(string $address): string
    {
        Mail::fake();
        $this->post('/sign-up', ['email' => $address])->assertRedirect('/sign-up')->assertSessionHas('status', __('account.sent'));

        return $this->link(mb_strtolower($address), 'begin');
    }

    private const GOOD = ['name' => 'Lark', 'password' => 'a long enough one', 'password_confirmation' => 'a long enough one', 'timezone' => 'Europe/Lisbon'];

    public function testANewKeeperComesInByALetterAndIsShownWhereToBegin(): void
    {
        $link = $this->asked('Lark@Cresco.test');
        self::assertSame(0, Keeper::query()->count());
        $this->get($link)->assertOk()->assertSee('lark@cresco.test');
        $this->post($link, self::GOOD)->assertRedirect('/');
        $this->get('/')->assertSee('Add a tank');
        $keeper = Keeper::query()->sole();
        self::assertSame(['lark@cresco.test', 'Europe/Lisbon'], [$keeper->email, $keeper->timezone]);
        self::assertTrue(Hash::check('a long enough one', $keeper->password));
        // Followed once more it makes no second one.
        $this->post('/sign-out');
        $this->post($link, ['name' => 'Other'] + self::GOOD)->assertRedirect('/sign-in');
        self::assertSame('Lark', Keeper::query()->sole()->name);
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function badSignUps(): iterable
    {
        yield 'no name' => [['name' => ''] + self::GOOD, 'name'];
        yield 'short password' => [['password' => 'short', 'password_confirmation' => 'short'] + self::GOOD, 'password'];
        yield 'two passwords' => [['password_confirmation' => 'another long one'] + self::GOOD, 'password'];
        yield 'no such zone' => [['timezone' => 'Middle/Nowhere'] + self::GOOD, 'timezone'];
        foreach (['1234567890', 'password123', 'Password2026!', 'qwertyuiop', 'abababababab', '2026-11-26!!', 'iloveyou!!!!', 'ABCDEFGHIJ'] as $common) {
            yield 'common: '.$common => [['password' => $common, 'password_confirmation' => $common] + self::GOOD, 'password'];
        }
    }

    /** @param array<string, string> $typed */
    #[DataProvider('badSignUps')]
    public function testABadSignUpIsToldAtItsField(array $typed, string $field): void
    {
        $this->post($this->asked('lark@cresco.test'), $typed)->assertSessionHasErrors($field);
        $this->assertGuest();
        self::assertSame(0, Keeper::query()->count());
    }

    public function testPasswordsThatNobodyGuessesAreTaken(): void
    {
        foreach (['still water', 'running water', 'moss-lamp-kettle', 'Fifty litres on Friday', 'ünter wässer grün'] as $good) {
            self::assertFalse(CommonPasswords::has($good), $good);
        }
    }

    public function testALinkThatIsOldOrWrittenOnIsNone(): void
    {
        $link = $this->asked('lark@cresco.test');
        foreach ([str_replace('lark', 'wren', $link), '/sign-up/new?email=lark@cresco.test', substr($link, 0, -3), '/sign-up/new'] as $bad) {
            $this->post($bad, self::GOOD)->assertRedirect('/sign-up')->assertSessionHas('status', __('account.no_link'));
        }
        $this->travel(25)->hours();
        $this->post($link, self::GOOD)->assertRedirect('/sign-up');
        self::assertSame(0, Keeper::query()->count());
    }

    public function testSigningUpTellsNobodyWhoHasAnAccount(): void
    {
        Mail::fake();
        $this->keeper();
        $said = [];
        foreach (['wren@cresco.test', 'nobody@cresco.test'] as $address) {
            $this->post('/sign-up', ['email' => $address])->assertSessionHasNoErrors();
            $said[] = preg_replace('/value="[^"]{20,}"/', '', (string) $this->get('/sign-up')->getContent());
        }
        self::assertSame($said[0], $said[1]);
        $this->link('wren@cresco.test', 'known');
        $this->link('nobody@cresco.test', 'begin');
    }

    /** @return iterable<string, array{string, array<string, string>}> */
    public static function doors(): iterable
    {
        yield 'sign-in' => ['/sign-in', ['password' => 'not this one']];
        yield 'forgotten' => ['/password/forgotten', []];
        yield 'set anew' => ['/password/new', ['token' => 'forged', 'password' => 'running water', 'password_confirmation' => 'running water']];
        yield 'sign-up' => ['/sign-up', []];
    }

    public function testAGuessCostsOneHashWhoeverItIsFor(): void
    {
        $keeper = $this->keeper();
        foreach ([['wren@cresco.test', 'check'], ['nobody@cresco.test', 'make']] as [$address, $does]) {
            $spy = Hash::spy();
            self::assertInstanceOf(MockInterface::class, $spy);
            $this->post('/sign-in', ['email' => $address, 'password' => 'not this one'])->assertSessionHasErrors('email');
            $spy->shouldHaveReceived($does)->once();
            Hash::clearResolvedInstances();
            $this->app?->forgetInstance('hash');
        }
        self::assertTrue($keeper->exists);
    }

    public function testOneWhoCameInFromADeviceIsNotKeptOutByOthersOfTheSamePlace(): void
    {
        $this->keeper();
        $this->keeper('Robin');
        $answer = $this->post('/sign-in', ['email' => 'wren@cresco.test', 'password' => 'still water'])->assertRedirect('/');
        $known = $answer->getCookie(LoginThrottle::KNOWN)?->getValue();
        self::assertIsString($known);
        $this->post('/sign-out');
        for ($i = 0; $i < 61; ++$i) {
            $this->post('/sign-in', ['email' => "guess$i@cresco.test", 'password' => 'x']);
        }
        foreach ([['robin@cresco.test', false], ['wren@cresco.test', true]] as [$address, $isIn]) {
            Auth::forgetGuards();
            $this->withCookie(LoginThrottle::KNOWN, $known)->post('/sign-in', ['email' => $address, 'password' => 'still water']);
            self::assertSame($isIn, Auth::check(), $address);
        }
    }

    public function testSoManyLettersGoToAnAddressFromWhereverTheyAreAskedFor(): void
    {
        Mail::fake();
        for ($i = 0; $i < 5; ++$i) {
            $this->withServerVariables(['REMOTE_ADDR' => "10.0.0.$i"])->post('/sign-up', ['email' => 'one@cresco.test'])->assertSessionHasNoErrors();
        }
        $this->withServerVariables(['REMOTE_ADDR' => '10.0.0.9'])->post('/sign-up', ['email' => 'one@cresco.test'])->assertSessionHasErrors('email');
        $this->withServerVariables(['REMOTE_ADDR' => '10.0.0.9'])->post('/sign-up', ['email' => 'other@cresco.test'])->assertSessionHasNoErrors();
    }

    /** @param array<string, string> $typed */
    #[DataProvider('doors')]
    public function testOneAnswerAndAtLeastOneTimeForWhoIsKnownAndWhoIsNot(string $door, array $typed): void
    {
        Mail::fake();
        $this->keeper();
        config(['auth.timebox_duration' => 120_000]);
        $said = [];
        foreach (['wren@cresco.test', 'nobody@cresco.test'] as $address) {
            Auth::forgetGuards();
            $this->app?->forgetInstance('auth.password');
            Password::clearResolvedInstances();
            $since = hrtime(true);
            $answer = $this->from($door)->post($door, ['email' => $address] + $typed);
            self::assertGreaterThanOrEqual(0.12, (hrtime(true) - $since) / 1e9, $address);
            $said[] = [
                $answer->getStatusCode(), $answer->headers->get('Location'), session('status'),
                session('errors') instanceof ViewErrorBag ? session('errors')->all() : [],
            ];
        }
        self::assertSame($said[0], $said[1]);
    }

    public function testSigningInAndOut(): void
    {
        $this->keeper();
        $this->post('/sign-in', ['email' => 'wren@cresco.test', 'password' => 'still water'])->assertRedirect('/');
        $this->assertAuthenticated();
        $this->post('/sign-out')->assertRedirect('/sign-in');
        $this->assertGuest();
    }

    public function testGuessingIsSlowedDown(): void
    {
        $this->keeper();
        for ($i = 0; $i < 5; ++$i) {
            $this->post('/sign-in', ['email' => 'wren@cresco.test', 'password' => "guess $i"])->assertSessionHasErrors('email');
        }
        $this->post('/sign-in', ['email' => 'wren@cresco.test', 'password' => 'still water'])->assertSessionHasErrors('email');
        $this->assertGuest();
        $this->travel(61)->seconds();
        $this->post('/sign-in', ['email' => 'wren@cresco.test', 'password' => 'still water'])->assertRedirect('/');
    }

    public function testGuessingFromManyPlacesAndAtManyAccountsIsSlowedDownToo(): void
    {
        $this->keeper();
        $try = fn(string $address, string $place, string $password = 'guess') => $this->withServerVariables(['REMOTE_ADDR' => $place])
            ->post('/sign-in', ['email' => $address, 'password' => $password]);
        for ($i = 0; $i < 30; ++$i) {
            $try('wren@cresco.test', "192.0.2.$i");
        }
        $try('wren@cresco.test', '192.0.2.200', 'still water')->assertSessionHasErrors('email');
        $this->assertGuest();
        $this->travel(16)->minutes();
        for ($i = 0; $i < 60; ++$i) {
            $try("nobody$i@cresco.test", '198.51.100.7');
        }
        $try('wren@cresco.test', '198.51.100.7', 'still water')->assertSessionHasErrors('email');
        $try('wren@cresco.test', '198.51.100.8', 'still water')->assertRedirect('/');
    }

    public function testSigningOutIsFinal(): void
    {
        config(['session.driver' => 'file', 'session.files' => $folder = sys_get_temp_dir().'/cresco-sessions-'.bin2hex(random_bytes(4))]);
        mkdir($folder);
        $this->keeper();
        $cookie = $this->post('/sign-in', ['email' => 'wren@cresco.test', 'password' => 'still water', 'remember' => '1'])->assertRedirect('/')
            ->getCookie('cresco_session');
        $session = (string) $cookie?->getValue();
        $remembered = Keeper::query()->sole()->getRememberToken();
        $kept = (string) file_get_contents($folder.'/'.$session);
        $ask = function () use ($session) {
            Auth::forgetGuards();
            $this->app?->forgetInstance('session');
            $this->app?->forgetInstance('session.store');

            return $this->withCookie('cresco_session', $session)->get('/settings');
        };
        $ask()->assertOk();
        $this->withCookie('cresco_session', $session)->post('/sign-out')->assertRedirect('/sign-in');
        // A request that began before writes what it had.
        file_put_contents($folder.'/'.$session, $kept);
        $ask()->assertRedirect('/sign-in');
        self::assertNotSame($remembered, Keeper::query()->sole()->getRememberToken());
        (new Filesystem())->deleteDirectory($folder);
    }

    public function testAnAddressIsChangedByALetterToTheNewOne(): void
    {
        Mail::fake();
        $keeper = $this->keeper();
        $this->keeper('Lark');
        $this->actingAs($keeper);
        $this->put('/account/address', ['email' => 'new@cresco.test', 'address_password' => 'wrong'])->assertSessionHasErrors('address_password');
        $this->put('/account/address', ['email' => 'lark@cresco.test', 'address_password' => 'still water'])->assertSessionHas('status', __('account.sent'));
        $this->link('lark@cresco.test', 'known');
        $this->put('/account/address', ['email' => 'New@Cresco.test', 'address_password' => 'still water'])->assertSessionHas('status', __('account.sent'));
        self::assertTrue(Keeper::query()->where('email', 'wren@cresco.test')->exists());
        $link = $this->link('new@cresco.test', 'move');
        $this->get($link)->assertOk()->assertSee('new@cresco.test');
        self::assertTrue(Keeper::query()->where('email', 'wren@cresco.test')->exists());
        $this->post(str_replace('new%40', 'old%40', $link))->assertRedirect('/sign-in');
        $this->post($link)->assertRedirect('/account');
        self::assertSame('new@cresco.test', $keeper->refresh()->email);
        $this->link('wren@cresco.test', 'moved');
        // It is used up.
        $keeper->update(['email' => 'third@cresco.test']);
        $this->post($link)->assertRedirect('/sign-in');
        self::assertSame('third@cresco.test', $keeper->refresh()->email);
    }

    public function testAPasswordIsChangedByWhoKnowsItAndEveryOtherDeviceIsLetGo(): void
    {
        Mail::fake();
        $keeper = $this->keeper();
        $this->post('/sign-in', ['email' => $keeper->email, 'password' => 'still water']);
        $other = session()->all();
        $new = ['password' => 'moss lamp kettle', 'password_confirmation' => 'moss lamp kettle'];
        $this->put('/account/password', ['current_password' => 'wrong'] + $new)->assertSessionHasErrors('current_password');
        $this->put('/account/password', ['current_password' => 'still water', 'password' => 'password123', 'password_confirmation' => 'password123'])
            ->assertSessionHasErrors('password');
        $this->put('/account/password', ['current_password' => 'still water'] + $new)->assertRedirect('/account')->assertSessionHasNoErrors();
        $this->get('/account')->assertOk();
        self::assertTrue(Hash::check('moss lamp kettle', $keeper->refresh()->password));
        $this->link('wren@cresco.test', 'password');
        $this->flushSession();
        Auth::forgetGuards();
        $this->withSession($other)->get('/account')->assertRedirect('/sign-in');
    }

    public function testADeletedAccountLeavesNothingBehind(): void
    {
        Mail::fake();
        Storage::fake('local');
        [$keeper, $tank, $water] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank);
        $this->oneOfEach($keeper, $tank, $water, $checklist);
        $photo = Photo::query()->firstOrFail();
        $photo->update(['file' => $keeper->id.'/a.jpg']);
        Storage::disk('local')->put('photos/'.$photo->file, 'x');
        [$lark] = $this->readyTank('Lark');
        $this->actingAs($keeper);
        $this->delete('/account', ['delete_password' => 'still water'])->assertSessionHasErrors('sure');
        $this->delete('/account', ['delete_password' => 'wrong', 'sure' => '1'])->assertSessionHasErrors('delete_password');
        self::assertSame(2, Keeper::query()->count());
        $this->delete('/account', ['delete_password' => 'still water', 'sure' => '1'])->assertRedirect('/sign-in');
        $this->get('/')->assertRedirect('/start');
        self::assertTrue(Keeper::query()->sole()->is($lark));
        self::assertSame([], Storage::disk('local')->allFiles('photos'));
        foreach (Schema::getTables() as $table) {
            foreach (['keeper_id' => $lark->id, 'tank_id' => Tank::query()->sole()->id] as $column => $left) {
                if (Schema::hasColumn($table['name'], $column)) {
                    self::assertSame(0, DB::table($table['name'])->where($column, '!=', $left)->count(), $table['name']);
                }
            }
        }
        self::assertNothingHangs();
    }

    public function testTheAccountOfTheDemoStaysWhatItIs(): void
    {
        $keeper = $this->keeper();
        $keeper->forceFill(['is_demo' => true])->save();
        $this->actingAs($keeper);
        $this->delete('/account', ['delete_password' => 'still water', 'sure' => '1'])->assertSessionHasErrors('delete_password');
        $this->put(
            '/account/password',
            ['current_password' => 'still water', 'password' => 'moss lamp kettle', 'password_confirmation' => 'moss lamp kettle'],
        )->assertSessionHasErrors('current_password');
        $this->put('/account/address', ['email' => 'new@cresco.test', 'address_password' => 'still water'])->assertSessionHasErrors('address_password');
        self::assertSame('wren@cresco.test', $keeper->refresh()->email);
    }

    /** As several machines share them. */
    public function testSessionsWhatIsKeptAtHandAndLettersMayLieInTheDatabase(): void
    {
        config(['session.driver' => 'database', 'cache.default' => 'database', 'queue.default' => 'database']);
        [$keeper, $tank] = $this->readyTank();
        $this->post('/sign-in', ['email' => $keeper->email, 'password' => 'still water'])->assertRedirect('/');
        foreach (['/', "/tanks/$tank->id/plants", '/week'] as $page) {
            $this->get($page)->assertOk();
        }
        self::assertGreaterThan(0, DB::table('sessions')->count());
        self::assertGreaterThan(0, DB::table('cache')->count());
        $this->post('/sign-out');
        $this->post('/sign-up', ['email' => 'lark@cresco.test'])->assertRedirect();
        self::assertSame(1, DB::table('jobs')->count());
        Artisan::call('queue:work', ['--once' => true]);
        self::assertSame([0, 0], [DB::table('jobs')->count(), DB::table('failed_jobs')->count()]);
    }

    public function testBrowsersAreToldToStayWithTls(): void
    {
        self::assertFalse($this->get('/sign-in')->headers->has('Strict-Transport-Security'));
        self::assertSame('max-age=31536000', $this->get('https://localhost/sign-in')->headers->get('Strict-Transport-Security'));
    }

    public function testAForgottenPasswordIsSetAnewByMail(): void
    {
        Mail::fake();
        $keeper = $this->keeper();
        $this->post('/password/forgotten', ['email' => $keeper->email])->assertSessionHas('status');
        $link = $this->link($keeper->email, 'reset');
        $token = basename((string) parse_url($link, PHP_URL_PATH));
        $this->get($link)->assertOk()->assertSee($keeper->email);
        $this->post(
            '/password/new',
            ['token' => $token, 'email' => $keeper->email, 'password' => 'running water', 'password_confirmation' => 'running water'],
        )->assertRedirect('/');

        self::assertTrue(Hash::check('running water', $keeper->refresh()->password));
    }

    public function testAUsedOrForgedLinkSetsNothing(): void
    {
        $keeper = $this->keeper();
        $this->post(
            '/password/new',
            ['token' => 'forged', 'email' => $keeper->email, 'password' => 'running water', 'password_confirmation' => 'running water'],
        )->assertSessionHasErrors('email');

        self::assertTrue(Hash::check('still water', $keeper->refresh()->password));
    }

    public function testTheDemoDoorIsThereOnlyInTheDemo(): void
    {
        $this->keeper()->forceFill(['is_demo' => true])->save();
        $this->get('/sign-in')->assertSee('Open the demo');
        config(['app.demo' => false]);
        $this->get('/sign-in')->assertDontSee('Open the demo');
        $this->post('/sign-in/demo')->assertNotFound();
        config(['app.demo' => true]);
        $this->post('/sign-in/demo')->assertRedirect('/');
        $this->assertAuthenticated();
    }

    public function testAnAddressIsTheSameHoweverItIsTyped(): void
    {
        $this->post($this->asked('Lark@Cresco.test'), self::GOOD)->assertRedirect('/');
        self::assertSame('lark@cresco.test', Keeper::query()->sole()->email);
        $this->post('/sign-out');
        Mail::fake();
        $this->post('/sign-up', ['email' => 'LARK@cresco.test']);
        $this->link('lark@cresco.test', 'known');
        $this->post('/sign-in', ['email' => 'LARK@CRESCO.TEST', 'password' => 'a long enough one'])->assertRedirect('/');
        $this->assertAuthenticated();
    }
}
