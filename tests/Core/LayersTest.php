<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;

/** core depends on PHP and small pure libraries: no framework, no model, no file, no clock, no chance. */
final class LayersTest extends TestCase
{
    private const FORBIDDEN = '/\b(Illuminate|App|Carbon)\\\\|\b(file_get_contents|file_put_contents|fopen|unlink|glob|time|microtime|hrtime|date|now|env|config|app|mt_rand|rand|random_int|random_bytes)\(|new \\\\?DateTime(Immutable)?\(/';

    public function testTheCoreIsPure(): void
    {
        $looked = 0;
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(dirname(__DIR__, 2).'/core', \FilesystemIterator::SKIP_DOTS)) as $file) {
            $code = implode('', array_map(static fn(mixed $t): string => is_array($t) ? ($t[0] === T_COMMENT || $t[0] === T_DOC_COMMENT || $t[0] === T_CONSTANT_ENCAPSED_STRING ? '' : $t[1]) : $t, token_get_all((string) file_get_contents((string) $file))));
            // A method may be called now(); a call of the function is what is meant.
            self::assertDoesNotMatchRegularExpression(self::FORBIDDEN, (string) preg_replace('/(->|::|function )\w+\(/', '(', $code), (string) $file);
            $looked++;
        }
        self::assertGreaterThan(40, $looked);
    }
}
