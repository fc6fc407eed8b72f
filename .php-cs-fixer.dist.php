<?php

declare(strict_types=1);

use PhpCsFixer\Config;
use PhpCsFixer\Finder;

return (new Config())
    ->setRiskyAllowed(true)
    ->setRules([
        '@PER-CS2.0' => true,
        'declare_strict_types' => true,
        'strict_param' => true,
        'no_unused_imports' => true,
        'ordered_imports' => true,
        'single_quote' => true,
        'trailing_comma_in_multiline' => ['elements' => ['arrays', 'arguments', 'parameters', 'match']],
        'fully_qualified_strict_types' => ['import_symbols' => true],
        'concat_space' => ['spacing' => 'none'],
        'braces_position' => ['anonymous_classes_opening_brace' => 'same_line'],
        'phpdoc_trim' => true,
        'no_empty_phpdoc' => true,
        'no_superfluous_phpdoc_tags' => ['allow_mixed' => true],
    ])
    ->setFinder(Finder::create()
        ->in(array_filter([__DIR__.'/app', __DIR__.'/core', __DIR__.'/config', __DIR__.'/database', __DIR__.'/routes', __DIR__.'/tests'], is_dir(...)))
        ->append([__DIR__.'/server.php', __DIR__.'/public/index.php', __DIR__.'/bootstrap/app.php', __DIR__.'/bootstrap/providers.php', __FILE__]));
