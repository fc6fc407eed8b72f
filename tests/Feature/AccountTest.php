<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Keeper;
use Illuminate\Auth\Notifications\ResetPassword;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Notification;
use PHPUnit\Framework\Attributes\DataProvider;

final class AccountTest extends FeatureCase
{
    public function testANewKeeperComesInAndIsShownWhereToBegin(): void
    {
        $this->post('/sign-up', ['name' => 'Lark', 'email' => 'lark@cresco.test', 'password' => 'a long enough one', 'password_confirmation' => 'a long enough one', 'timezone' => 'Europe/Lisbon'])->assertRedirect('/');

        $this->get('/')->assertSee('Measure the first tank');
        self::assertSame('Europe/Lisbon', Keeper::query()->sole()->timezone);
        self::assertTrue(Hash::check('a long enough one', Keeper::query()->sole()->password));
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function badSignUps(): iterable
    {
        $good = ['name' => 'Lark', 'email' => 'lark@cresco.test', 'password' => 'a long enough one', 'password_confirmation' => 'a long enough one'];
        yield 'no name' => [['name' => ''] + $good, 'name'];
        yield 'no mail' => [['email' => 'lark'] + $good, 'email'];
        yield 'taken mail' => [['email' => 'wren@cresco.test'] + $good, 'email'];
        yield 'short password' => [['password' => 'short', 'password_confirmation' => 'short'] + $good, 'password'];
        yield 'two passwords' => [['password_confirmation' => 'another long one'] + $good, 'password'];
        yield 'no such zone' => [['timezone' => 'Middle/Nowhere'] + $good, 'timezone'];
    }

    /** @param array<string, string> $typed */
    #[DataProvider('badSignUps')]
    public function testABadSignUpIsToldAtItsField(array $typed, string $field): void
    {
        $this->keeper();
        $this->post('/sign-up', $typed)->assertSessionHasErrors($field);
        $this->assertGuest();
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
    }

    public function testAForgottenPasswordIsSetAnewByMail(): void
    {
        Notification::fake();
        $keeper = $this->keeper();
        $this->post('/password/forgotten', ['email' => $keeper->email])->assertSessionHas('status');
        $token = '';
        Notification::assertSentTo($keeper, ResetPassword::class, function (ResetPassword $letter) use (&$token): bool {
            $token = $letter->token;

            return true;
        });
        $this->get('/password/new/'.$token.'?email='.$keeper->email)->assertOk()->assertSee($keeper->email);
        $this->post('/password/new', ['token' => $token, 'email' => $keeper->email, 'password' => 'running water', 'password_confirmation' => 'running water'])->assertRedirect('/');

        self::assertTrue(Hash::check('running water', $keeper->refresh()->password));
    }

    public function testNobodyLearnsWhoHasAnAccount(): void
    {
        $this->keeper();
        $this->post('/password/forgotten', ['email' => 'wren@cresco.test']);
        $known = session('status');
        $this->post('/password/forgotten', ['email' => 'nobody@cresco.test'])->assertSessionHasNoErrors();

        self::assertNotNull($known);
        self::assertSame($known, session('status'));
    }

    public function testAUsedOrForgedLinkSetsNothing(): void
    {
        $keeper = $this->keeper();
        $this->post('/password/new', ['token' => 'forged', 'email' => $keeper->email, 'password' => 'running water', 'password_confirmation' => 'running water'])->assertSessionHasErrors('email');

        self::assertTrue(Hash::check('still water', $keeper->refresh()->password));
    }

    public function testTheDemoDoorIsThereOnlyInTheDemo(): void
    {
        $this->keeper()->forceFill(['is_demo' => true])->save();
        $this->get('/sign-in')->assertSee('Enter as the demo keeper');
        config(['app.demo' => false]);
        $this->get('/sign-in')->assertDontSee('Enter as the demo keeper');
        $this->post('/sign-in/demo')->assertNotFound();
        config(['app.demo' => true]);
        $this->post('/sign-in/demo')->assertRedirect('/');
        $this->assertAuthenticated();
    }

    public function testAnAddressIsTheSameHoweverItIsTyped(): void
    {
        $this->post('/sign-up', ['name' => 'Lark', 'email' => 'Lark@Cresco.test', 'password' => 'a long enough one', 'password_confirmation' => 'a long enough one'])->assertRedirect('/');
        self::assertSame('lark@cresco.test', Keeper::query()->sole()->email);
        $this->post('/sign-out');
        $this->post('/sign-up', ['name' => 'Lark', 'email' => 'LARK@cresco.test', 'password' => 'a long enough one', 'password_confirmation' => 'a long enough one'])->assertSessionHasErrors('email');
        $this->post('/sign-in', ['email' => 'LARK@CRESCO.TEST', 'password' => 'a long enough one'])->assertRedirect('/');
        $this->assertAuthenticated();
    }
}
