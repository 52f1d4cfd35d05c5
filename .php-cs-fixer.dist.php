<?php

declare(strict_types=1);

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setRules([
        '@Symfony' => true,
        '@Symfony:risky' => true,
        'declare_strict_types' => true,
        'ordered_imports' => true,
        'method_argument_space' => ['on_multiline' => 'ignore'],
        'phpdoc_to_comment' => false,
        'phpdoc_align' => ['align' => 'left'],
        'single_line_throw' => false,
        'concat_space' => ['spacing' => 'none'],
        'operator_linebreak' => false,
    ])
    ->setCacheFile(__DIR__.'/var/.php-cs-fixer.cache')
    ->setFinder(
        PhpCsFixer\Finder::create()->in(
            [__DIR__.'/core', __DIR__.'/src', __DIR__.'/tests', __DIR__.'/config', __DIR__.'/public', __DIR__.'/migrations'],
        )->notPath('reference.php'),
    );
