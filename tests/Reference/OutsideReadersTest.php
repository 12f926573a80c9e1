<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Color\Vision;
use Ikat\Core\Exchange\PaletteFile;
use PHPUnit\Framework\TestCase;

/** What others make of the same colors and files, run in Node.js. */
final class OutsideReadersTest extends TestCase
{
    private static function ask(string $script, string $input, string $argument = ''): string
    {
        $process = proc_open(['node', __DIR__."/$script", ...($argument === '' ? [] : [$argument])], [['pipe', 'r'], ['pipe', 'w']], $pipes);
        assert(is_resource($process));
        fwrite($pipes[0], $input);
        fclose($pipes[0]);
        $answer = (string) stream_get_contents($pipes[1]);
        self::assertSame(0, proc_close($process), 'Node.js answered');

        return trim($answer);
    }

    /** Machado, Oliveira and Fernandes (2009), severity 1: the published matrices, as culori has them. */
    public function testColorVisionMatricesAgreeWithCulori(): void
    {
        $theirs = json_decode(self::ask('vision.mjs', ''), true, 8, JSON_THROW_ON_ERROR);
        foreach ([Vision::Protan, Vision::Deutan, Vision::Tritan] as $vision) {
            foreach ($vision->matrix() as $i => $number) {
                self::assertEqualsWithDelta($theirs[$vision->value][$i % 3][intdiv($i, 3)], $number, 1e-6, "$vision->value $i");
            }
        }
    }

    /** White and grays stay what they are: each row of each matrix sums to one. */
    public function testGraysStayGray(): void
    {
        foreach (Vision::cases() as $vision) {
            foreach (['#ffffff', '#808080', '#000000'] as $gray) {
                self::assertSame($gray, $vision->see(Color::parse($gray))->hex(), $vision->value);
            }
        }
    }

    /** Design Tokens Format Module 2025.10, read by style-dictionary and by @terrazzo/parser. */
    public function testTokensAreReadByOthers(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'ikat').'.tokens.json';
        file_put_contents($file, PaletteFile::write('tokens', ['paper' => ['Paper', '#f9f3e6'], 'main' => ['Main', '#2c2b76']], 'River dusk'));
        $read = json_decode(self::ask('tokens.mjs', '', $file), true, 8, JSON_THROW_ON_ERROR);
        unlink($file);
        foreach (['paper' => '#f9f3e6', 'main' => '#2c2b76'] as $key => $hex) {
            self::assertSame('color', $read['terrazzo']["brand.$key"][0]);
            foreach (Color::parse($hex)->to(ColorSpace::Srgb)->numbers() as $i => $v) {
                self::assertEqualsWithDelta($v, $read['terrazzo']["brand.$key"][1][$i], 1e-5);
                self::assertEqualsWithDelta($v, $read['dictionary']["brand.$key"][$i], 1e-5);
            }
        }
    }
}
