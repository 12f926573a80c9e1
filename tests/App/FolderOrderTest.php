<?php

declare(strict_types=1);

namespace Tests\App;

use PHPUnit\Framework\TestCase;

/** The folders of app stand in an order: each may use those named before it, and none after. */
final class FolderOrderTest extends TestCase
{
    private const ORDER = [
        'Stopgap', 'Models', 'Database', 'Files', 'Http', 'Access', 'Fonts', 'Pictures', 'Tasks', 'Looks', 'Storeroom', 'Storefront',
        'Inspection', 'Publishing', 'Demo', 'Workbench', 'Errors', 'Console', 'Providers',
    ];

    /** Folders of the workbench: the shell knows no step, and no step knows another. */
    private const SHELL = ['Shell', 'Library'];

    public function testNoFolderUsesALaterOne(): void
    {
        $looked = 0;
        foreach (self::uses() as $file => $used) {
            $from = strtok($file, '/');
            foreach ($used as $class) {
                $to = explode('\\', $class)[1];
                self::assertContains($to, self::ORDER, "$class is in no known folder.");
                self::assertLessThanOrEqual(
                    array_search($from, self::ORDER, true),
                    array_search($to, self::ORDER, true),
                    "$file uses $class, which stands after it.",
                );
                $looked++;
            }
        }
        self::assertGreaterThan(300, $looked);
    }

    public function testTheShellKnowsNoStepAndNoStepKnowsAnother(): void
    {
        $looked = 0;
        foreach (self::uses() as $file => $used) {
            if (! preg_match('#^Workbench/([A-Z]\w+)/#', $file, $from)) {
                continue;
            }
            foreach ($used as $class) {
                if (preg_match('/^App\\\\Workbench\\\\(\w+)\\\\/', $class, $to)) {
                    self::assertContains($to[1], [...self::SHELL, $from[1]], "$file uses $class.");
                    $looked++;
                }
            }
        }
        self::assertGreaterThan(20, $looked);
    }

    /** @return iterable<string, list<string>> file => classes of app it names */
    private static function uses(): iterable
    {
        $app = dirname(__DIR__, 2).'/app';
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($app, \FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file->getExtension() === 'php') {
                $names = array_filter(
                    \PhpToken::tokenize((string) file_get_contents((string) $file)),
                    static fn(\PhpToken $t): bool => $t->is([T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED]),
                );
                $classes = array_map(static fn(\PhpToken $t): string => ltrim($t->text, '\\'), $names);

                yield substr(
                    (string) $file,
                    strlen($app) + 1,
                ) => array_values(array_unique(array_filter(
                    $classes,
                    static fn(string $c): bool => substr_count($c, '\\') > 1 && str_starts_with($c, 'App\\'),
                )));
            }
        }
    }
}
