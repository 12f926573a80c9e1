<?php

declare(strict_types=1);

namespace Ikat\Core\Header;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\LineBreaks;
use Ikat\Core\Check\Measurement;

/**
 * Announcement bar, utility strip and header of a page, one under the other. All lengths in px.
 *
 * @phpstan-import-type Cause from HeaderForm
 * @phpstan-type Block array{id: string, part: string, words: string, x: float, y: float, width: float, height: float}
 * @phpstan-type Stream array{name: string, y: float, height: float, blocks: list<Block>}
 * @phpstan-type Top array{header: HeaderForm, height: float, streams: list<Stream>, lines: array{announcement: int, utility: int}}
 */
final readonly class TopOfPage implements Measurement
{
    private function __construct(
        public AnnouncementSolver $announcement,
        public UtilitySolver $utility,
        public HeaderSolver $header,
    ) {}

    public static function measure(Inspection $inspection): self
    {
        return new self(
            $inspection->get(AnnouncementSolver::class),
            $inspection->get(UtilitySolver::class),
            $inspection->get(HeaderSolver::class),
        );
    }

    /** Of a look whose words are in another language, or whose settings are otherwise. */
    public static function of(TopLook $look, TopContents $contents, LineBreaks $breaks): self
    {
        $header = HeaderSolver::of($look, $contents, $breaks);

        return new self(AnnouncementSolver::of($look, $breaks), UtilitySolver::of($look, $breaks, $header), $header);
    }

    /** @return Top */
    public function at(float $screen): array
    {
        $announcement = $this->announcement->at($screen);
        $utility = $this->utility->at($screen);
        $header = $this->header->at($screen);
        $counts = $blocks = [];
        foreach ($header->blocks as $block) {
            $counts[$block['part']] = ($counts[$block['part']] ?? 0) + 1;
            $blocks[] = ['id' => "{$block['part']}-{$counts[$block['part']]}", ...$block];
        }
        $streams = [];
        $y = 0.0;
        foreach ([
            ['announcement', $announcement['height'], self::items($announcement['blocks'], 'announcement', $this->announcement->messages)],
            ['utility', $utility['height'], self::items($utility['blocks'], 'utility', $this->utility->items)],
            ['header', $header->height, $blocks],
        ] as [$name, $height, $within]) {
            $streams[] = ['name' => $name, 'y' => $y, 'height' => $height, 'blocks' => $within];
            $y += $height;
        }

        return [
            'header' => $header, 'height' => $y, 'streams' => $streams,
            'lines' => ['announcement' => $announcement['lines'], 'utility' => $utility['lines']],
        ];
    }

    /**
     * @param list<array{item: string, x: float, y: float, width: float, height: float}> $blocks
     * @param array<string, SizedText> $texts by item
     *
     * @return list<Block>
     */
    private static function items(array $blocks, string $part, array $texts): array
    {
        return array_map(static fn(array $b): array => [
            'id' => "$part-{$b['item']}", 'part' => $part, 'words' => $texts[$b['item']]->words,
            'x' => $b['x'], 'y' => $b['y'], 'width' => $b['width'], 'height' => $b['height'],
        ], $blocks);
    }

    /**
     * What the height is the sum of, from the top.
     *
     * @return list<array{stream: string, what: string, px: float, path: ?string}>
     */
    public function causes(float $screen): array
    {
        $causes = [];
        $announcement = $this->announcement->at($screen);
        if ($announcement['height'] > 0) {
            $space = ['stream' => 'announcement', 'what' => 'space', 'px' => $this->announcement->space, 'path' => 'announcement.space'];
            $lines = $announcement['lines'];
            $causes = [$space, [
                'stream' => 'announcement', 'what' => $lines === 1 ? 'its line' : "its $lines lines",
                'px' => $announcement['height'] - 2 * $this->announcement->space, 'path' => 'announcement.size',
            ], $space];
        }
        $utility = $this->utility->at($screen);
        if ($utility['height'] > 0) {
            $lines = $utility['lines'];
            $causes[] = [
                'stream' => 'utility', 'what' => $lines === 1 ? 'strip' : "strip, $lines lines", 'px' => $utility['height'],
                'path' => 'utility.show',
            ];
        }

        return [...$causes, ...array_map(static fn(array $c): array => ['stream' => 'header', ...$c], $this->header->at($screen)->causes)];
    }
}
