<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** Lines end where a reader still sees them whole. */
final class LineLengthTest extends TestCase
{
    private const FOLDERS = ['core', 'app', 'config', 'database', 'routes', 'tests', 'resources/views'];

    /** Columns, by what a file name ends in. */
    private const MOST = ['.blade.php' => 200, '.php' => 140];

    public function testNoLineOfPhpOrBladeIsTooLong(): void
    {
        $root = dirname(__DIR__, 2);
        $long = [];
        $read = 0;
        foreach (self::FOLDERS as $folder) {
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/$folder")) as $file) {
                $most = self::most((string) $file);
                if ($most === null) {
                    continue;
                }
                $read++;
                foreach (file((string) $file) ?: [] as $i => $line) {
                    if (mb_strlen(rtrim($line, "\n")) > $most) {
                        $long[] = substr((string) $file, strlen($root) + 1).':'.($i + 1);
                    }
                }
            }
        }
        self::assertGreaterThan(400, $read);
        self::assertSame([], $long);
    }

    private static function most(string $file): ?int
    {
        foreach (self::MOST as $end => $columns) {
            if (str_ends_with($file, $end)) {
                return $columns;
            }
        }

        return null;
    }
}
