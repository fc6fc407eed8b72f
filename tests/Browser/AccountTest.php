<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Cookie;

/** An account from the letter to its end, with all of another keeper's data taken in between. */
final class AccountTest extends BrowserCase
{
    public function testAllDataGoIntoANewAccountThatIsThenDeleted(): void
    {
        $this->screen(...self::DESK);
        $this->enterDemo();
        $this->go('/account');
        $archive = $this->download('/account/data');
        // What takes longer than a second says how far it is.
        self::assertFalse($this->saysHowFar());
        $this->script("document.querySelector('form[data-progress]').addEventListener('submit', (e) => e.preventDefault()); document.querySelector('form[data-progress]').requestSubmit();");
        $this->until($this->saysHowFar(...), 'how far it is');
        $this->go('/');
        $this->signOut();

        $this->go('/sign-up');
        $this->type('[name="email"]', 'heron@cresco.test');
        $this->press('Send the email');
        $this->untilText('.status', 'emailed a link');
        $this->go(Server::linkOfLetterTo('heron@cresco.test'));
        $this->type('[name="name"]', 'Heron');
        $this->type('[name="password"]', 'moss lamp kettle');
        $this->type('[name="password_confirmation"]', 'moss lamp kettle');
        $this->press('Create account');
        $this->untilText('main', 'No tank yet');

        $this->go('/account');
        $this->find('[name="archive"]')->sendKeys($archive);
        $this->press('Import');
        $this->untilText('.status', 'Imported');
        $this->go('/');
        $this->untilText('main', 'Long Meadow');

        $this->go('/account');
        $this->type('[name="delete_password"]', 'moss lamp kettle');
        $this->press('Delete the account');
        $this->untilText('#e-f-sure', 'Tick');
        $this->type('[name="delete_password"]', 'moss lamp kettle');
        $this->click('[name="sure"]');
        $this->press('Delete the account');
        $this->untilText('.status', 'is deleted');
        $this->assertNoComplaints();
    }

    public function testAFirstAnswerByNitrateTakesTenActsAndNoAccount(): void
    {
        $this->screen(...self::HAND);
        $this->go('/');
        $this->untilText('h1', 'How much water should I change?');
        $this->assertFits();
        $this->assertAccessible();
        $acts = 1;
        foreach (['outer_length' => '60', 'outer_depth' => '30', 'outer_height' => '36', 'nitrate' => '40-80'] as $name => $typed) {
            $this->type('[name="'.$name.'"]', $typed);
            ++$acts;
        }
        foreach (['animals' => 'hardy_shrimp', 'changed' => '14'] as $name => $chosen) {
            $this->click('[name="'.$name.'"] option[value="'.$chosen.'"]');
            ++$acts;
        }
        $this->press('Tell me how much');
        ++$acts;
        $this->untilText('.change-lead', '25 % new water');
        self::assertLessThanOrEqual(10, $acts);
        self::assertStringContainsString('L', $this->text('.lead-figure .figure'));
        self::assertStringContainsString('test more', $this->text('.change-lead'));
        self::assertSame('20', $this->find('[name="nitrate_goal"]')->getAttribute('value'));
        $this->assertFits();
        $this->assertAccessible();

        // On the way, all of it becomes an account.
        $this->go('/account');
        $this->type('[name="email"]', 'guest@cresco.test');
        $this->type('[name="password"]', 'moss lamp kettle');
        $this->type('[name="password_confirmation"]', 'moss lamp kettle');
        $this->press('Make an account');
        $this->untilText('.status', 'emailed a link');
        $this->assertAccessible();
        $this->go(Server::linkOfLetterTo('guest@cresco.test'));
        $this->press('Confirm');
        $this->untilText('.status', 'your account now');
        $this->go('/');
        $this->untilText('main', 'My tank');
        $this->assertNoComplaints();
    }

    private function saysHowFar(): bool
    {
        return $this->find('[data-said]')->isDisplayed();
    }

    /** A file that a keeper who is signed in here would get. */
    private function download(string $path): string
    {
        $cookies = implode(
            '; ',
            array_map(static fn(Cookie $cookie): string => $cookie->getName().'='.$cookie->getValue(), $this->browser->manage()->getCookies()),
        );
        $request = curl_init(self::$server->url.$path);
        curl_setopt_array($request, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HTTPHEADER => ['Cookie: '.$cookies], CURLOPT_TIMEOUT => 60]);
        file_put_contents($file = Server::scratch('archive.zip'), curl_exec($request));

        return $file;
    }
}
