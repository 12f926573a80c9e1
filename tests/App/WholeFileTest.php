<?php

declare(strict_types=1);

namespace Tests\App;

use App\Files\WholeFile;
use PHPUnit\Framework\TestCase;

final class WholeFileTest extends TestCase
{
    public function testItIsThereWholeOrAsItWas(): void
    {
        $folder = sys_get_temp_dir().'/ikat-whole-'.bin2hex(random_bytes(4));
        self::assertTrue(WholeFile::put("$folder/in/it.txt", 'first'));
        self::assertTrue(WholeFile::put("$folder/in/it.txt", 'second'));
        self::assertStringEqualsFile("$folder/in/it.txt", 'second');
        self::assertSame(0o700, fileperms("$folder/in") & 0o777);
        // A folder stands where the file should: nothing is written, and nothing of the attempt is left.
        mkdir("$folder/in/shut");
        touch("$folder/in/shut/x");
        self::assertFalse(WholeFile::put("$folder/in/shut", 'third'));
        self::assertFalse(WholeFile::put("$folder/in/it.txt/below", 'third'), 'a file is no folder');
        self::assertSame(['it.txt', 'shut'], array_values(array_diff(scandir("$folder/in") ?: [], ['.', '..'])));
        self::assertStringEqualsFile("$folder/in/it.txt", 'second');
    }
}
