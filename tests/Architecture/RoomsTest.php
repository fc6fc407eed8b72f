<?php

declare(strict_types=1);

namespace Tests\Architecture;

use Cresco\Core\Fault;
use Cresco\Core\Text;
use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Which room may know which; run by the static analysis. */
final class RoomsTest
{
    public function testTheCoreKnowsNoFramework(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Cresco\Core'))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace('Cresco\Core'))
            ->because('the computation stands on its own');
    }

    public function testMeasuresKnowNothingElse(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Cresco\Core\Measure'))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace('Cresco\Core\Measure'), Selector::classname(Fault::class), Selector::classname(Text::class))
            ->because('quantities and readings are the ground floor');
    }
}
