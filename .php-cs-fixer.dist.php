<?php

declare(strict_types=1);

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setRules([
        '@PER-CS' => true,
        'declare_strict_types' => true,
        'no_unused_imports' => true,
        'ordered_imports' => true,
        'single_quote' => true,
        'not_operator_with_successor_space' => true,
        'concat_space' => ['spacing' => 'none'],
        'trailing_comma_in_multiline' => true,
        'no_superfluous_phpdoc_tags' => ['allow_mixed' => true],
        'blank_line_before_statement' => ['statements' => ['return', 'throw', 'continue']],
    ])
    ->setFinder((new PhpCsFixer\Finder())->in(['core', 'app', 'config', 'database', 'demo', 'routes', 'tests', 'bootstrap'])->notPath('cache')->append(['server.php', 'public/index.php', '.php-cs-fixer.dist.php']));
