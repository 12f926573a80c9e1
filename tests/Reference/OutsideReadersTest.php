<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Color\Vision;
use Ikat\Core\Exchange\PaletteEntry;
use Ikat\Core\Exchange\PaletteFile;
use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Look\Layer;
use Ikat\Core\Look\LayerKind;
use Ikat\Core\Setting\Alias;
use Ikat\Core\Setting\Gradient;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

/** What others make of the same colors and files, run in Node.js. */
final class OutsideReadersTest extends TestCase
{
    private static function ask(string $script, string $input, string $argument = ''): string
    {
        $process = proc_open(
            ['node', __DIR__."/$script", ...($argument === '' ? [] : [$argument])],
            [['pipe', 'r'], ['pipe', 'w']],
            $pipes,
        );
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

    /**
     * Design Tokens Format Module 2025.10, read by style-dictionary and by @terrazzo/parser: every color of a look, what follows what,
     * gradients and alpha.
     */
    public function testTokensAreReadByOthers(): void
    {
        $own = [
            'dark.on' => true,
            'scheme.night.line' => '#ffffff40',
            'scheme.night.gradient' => 'linear-gradient(135deg, {brand.main} 0%, #10204080 100%)',
            'scheme.daylight.gradient' => 'radial-gradient(circle at 20% 30%, #ffffff 0%, {scheme.daylight.ground} 100%)',
        ];
        $theme = Fixtures::theme()->wearing(ColorInventory::in(Fixtures::theme(), [new Layer(LayerKind::Look, 'Test', $own)]));
        $entries = PaletteEntry::ofLook(Fixtures::look($own), $theme);
        self::assertGreaterThan(300, count($entries));
        $file = (string) tempnam(sys_get_temp_dir(), 'ikat').'.tokens.json';
        file_put_contents($file, PaletteFile::write('tokens', $entries, 'River dusk'));
        $read = json_decode(self::ask('tokens.mjs', '', $file), true, 8, JSON_THROW_ON_ERROR);
        unlink($file);
        $resolved = Fixtures::look($own);
        foreach ($entries as $entry) {
            $isGradient = $entry->hex === '';
            $stops = ! $isGradient ? [[$entry->hex, 0]] : array_map(
                static fn(array $s): array => [
                    Alias::target($s['color']) === null ? $s['color'] : $resolved->text(Alias::target($s['color'])),
                    $s['at'],
                ],
                Gradient::parse((string) $resolved->at($entry->name)->written)->stops,
            );
            foreach (['terrazzo', 'dictionary'] as $reader) {
                self::assertSame($isGradient ? 'gradient' : 'color', $read[$reader][$entry->name]['type'], "$reader $entry->name");
                self::assertCount(count($stops), $read[$reader][$entry->name]['colors']);
                foreach ($stops as $k => [$hex, $at]) {
                    $color = Color::parse($hex);
                    $theirs = $read[$reader][$entry->name]['colors'][$k];
                    self::assertEqualsWithDelta(
                        [...$color->to(ColorSpace::Srgb)->numbers(), $color->alpha, $at / 100],
                        [...$theirs['components'], $theirs['alpha'], $theirs['position']],
                        1e-5,
                        "$reader $entry->name",
                    );
                }
            }
        }
    }
}
