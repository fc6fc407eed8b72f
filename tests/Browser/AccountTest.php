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
        $this->press('Send the letter');
        $this->untilText('.status', 'on its way');
        $this->go(Server::linkOfLetterTo('heron@cresco.test'));
        $this->type('[name="name"]', 'Heron');
        $this->type('[name="password"]', 'moss lamp kettle');
        $this->type('[name="password_confirmation"]', 'moss lamp kettle');
        $this->press('Open the account');
        $this->untilText('main', 'No tank yet');

        $this->go('/account');
        $this->find('[name="archive"]')->sendKeys($archive);
        $this->press('Take in');
        $this->untilText('.status', 'records were taken in');
        $this->go('/');
        $this->untilText('main', 'Long Meadow');

        $this->go('/account');
        $this->type('[name="delete_password"]', 'moss lamp kettle');
        $this->press('Delete the account');
        $this->untilText('#e-f-sure', 'Tick');
        $this->type('[name="delete_password"]', 'moss lamp kettle');
        $this->click('[name="sure"]');
        $this->press('Delete the account');
        $this->untilText('.status', 'Your account is gone');
        $this->assertNoComplaints();
    }

    private function saysHowFar(): bool
    {
        return $this->find('[data-said]')->isDisplayed();
    }

    /** A file that a keeper who is signed in here would get. */
    private function download(string $path): string
    {
        $cookies = implode('; ', array_map(static fn(Cookie $cookie): string => $cookie->getName().'='.$cookie->getValue(), $this->browser->manage()->getCookies()));
        $request = curl_init(self::$server->url.$path);
        curl_setopt_array($request, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HTTPHEADER => ['Cookie: '.$cookies], CURLOPT_TIMEOUT => 60]);
        file_put_contents($file = Server::scratch('archive.zip'), curl_exec($request));

        return $file;
    }
}
