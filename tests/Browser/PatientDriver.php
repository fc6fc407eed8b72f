<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;

/** Its elements outlive the replacement of their page: each is found again by what it was found by. */
final class PatientDriver extends RemoteWebDriver
{
    public function findElement(WebDriverBy $by): RemoteWebElement
    {
        return $this->named($by, $this->nameOf($by));
    }

    public function named(WebDriverBy $by, string $name): RemoteWebElement
    {
        return new RemoteWebElement(new Patience($this, $by), $name, true);
    }

    /** The driver's name of what stands there now. */
    public function nameOf(WebDriverBy $by): string
    {
        return parent::findElement($by)->getID();
    }
}
