<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\UnknownErrorException;
use Facebook\WebDriver\Remote\DriverCommand;
use Facebook\WebDriver\Remote\RemoteExecuteMethod;
use Facebook\WebDriver\WebDriverBy;

/** Says to an element what is asked of it; when its page is replaced meanwhile, to the one that stands there then. */
final class Patience extends RemoteExecuteMethod
{
    private const TRIES = 30;

    private ?string $now = null;

    public function __construct(private readonly PatientDriver $browser, private readonly WebDriverBy $by)
    {
        parent::__construct($browser);
    }

    /**
     * @param string       $command_name
     * @param array<mixed> $parameters
     *
     * @return mixed
     */
    public function execute($command_name, array $parameters = [])
    {
        for ($try = 1;; ++$try) {
            if ($this->now !== null) {
                $parameters[':id'] = $this->now;
            }
            try {
                if ($command_name === DriverCommand::CLICK_ELEMENT) {
                    // Clear of what sticks to the edges of the screen, wherever it stands by now.
                    $this->browser->executeScript(
                        'arguments[0].scrollIntoView({block: "center"})',
                        [$this->browser->named($this->by, is_string($parameters[':id']) ? $parameters[':id'] : '')],
                    );
                }

                return parent::execute($command_name, $parameters);
            } catch (StaleElementReferenceException|UnknownErrorException|ElementClickInterceptedException|ElementNotInteractableException $fault) {
                if ($try === self::TRIES || ($fault instanceof UnknownErrorException && !self::isOfAReplacedPage($fault))) {
                    throw $fault;
                }
            }
            usleep(100000);
            $this->now = $this->browser->nameOf($this->by);
        }
    }

    /** The driver's other word for an element of a page that is being replaced. */
    public static function isOfAReplacedPage(UnknownErrorException $fault): bool
    {
        return str_contains($fault->getMessage(), 'does not belong to the document');
    }
}
