<?php

declare(strict_types=1);

namespace Ikat\Core\Header;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\LineBreaks;
use Ikat\Core\Check\Measurement;
use Ikat\Core\Setting\ColoredText;
use Ikat\Core\Setting\Item;
use Ikat\Core\Type\Voice;

/**
 * How tall the announcement bar of a look is on a screen of any width, and how many lines each message takes. All lengths in px.
 *
 * It reckons as the shop's stylesheet lays out: messages beside one another as long as they have room, each in lines of its own otherwise.
 */
final readonly class AnnouncementSolver implements Measurement
{
    private const WEIGHT = 500;
    private const LEADING = 1.45;
    private const GAP = [2.0, 40.0];

    /** Kept free beside the messages, for what closes and pauses them: on a phone, and on wider screens. */
    private const BESIDE = [80.0, 104.0];

    /** @param array<string, SizedText> $messages item => words, of those that show and say anything */
    private function __construct(
        public array $messages,
        public float $size,
        public float $space,
        private bool $isInTurn,
        private TopText $text,
        private TopLook $look,
    ) {}

    public static function measure(Inspection $inspection): self
    {
        return self::of(TopLook::of($inspection->look), $inspection->get(LineBreaks::class));
    }

    public static function of(TopLook $look, LineBreaks $breaks): self
    {
        $text = new TopText($look, $breaks);
        $messages = [];
        foreach ($look->on('announcement.show') ? Item::listed('message', $look->text('announcement.messages')) : [] as $item) {
            $words = trim(ColoredText::plain($look->words($item->path('text'))));
            if ($look->on($item->path('show')) && $words !== '') {
                $messages[$item->name()] = self::text($text, $look, $words);
            }
        }

        return new self(
            $messages,
            $look->number('announcement.size'),
            $look->number('announcement.space'),
            count($messages) > 1 && $look->text('announcement.turn') === 'turn',
            $text,
            $look,
        );
    }

    private static function text(TopText $text, TopLook $look, string $words): SizedText
    {
        return $text->weighing(
            Voice::Body,
            self::WEIGHT,
            $words,
            $look->number(Voice::Body->path('spacing')),
            $look->text(Voice::Body->path('case')) === 'capitals',
        );
    }

    /** Other words as a message would be set. */
    public function set(string $words): SizedText
    {
        return self::text($this->text, $this->look, $words);
    }

    /**
     * The lines of a message on a screen.
     *
     * @return list<string>
     */
    public function broken(string $words, float $screen): array
    {
        return $this->text->broken(
            Voice::Body,
            self::WEIGHT,
            $words,
            $this->look->number(Voice::Body->path('spacing')),
            $this->look->text(Voice::Body->path('case')) === 'capitals',
            $this->size,
            $this->room($screen),
        );
    }

    /** Room for a line of a message. */
    public function room(float $screen): float
    {
        return $screen - self::BESIDE[$screen <= HeaderSolver::PHONE ? 0 : 1];
    }

    public function lines(SizedText $message, float $screen): int
    {
        return $message->lines($this->size, $this->room($screen));
    }

    /** @return array{height: float, lines: int, blocks: list<array{item: string, x: float, y: float, width: float, height: float}>} */
    public function at(float $screen): array
    {
        if ($this->messages === []) {
            return ['height' => 0.0, 'lines' => 0, 'blocks' => []];
        }
        $room = $this->room($screen);
        $line = self::LEADING * $this->size;
        $items = array_keys($this->messages);
        $widths = $lines = [];
        foreach ($this->messages as $message) {
            $widths[] = min($message->width($this->size), $room);
            $lines[] = $message->lines($this->size, $room);
        }
        // In turn all of them stand in one place, which is as tall as the tallest.
        $rows = $this->isInTurn
            ? array_map(static fn(int $i): array => [$i], array_keys($items))
            : Lines::of(array_map(fn(SizedText $m): float => $m->width($this->size), array_values($this->messages)), self::GAP[1], $room);
        $blocks = [];
        $y = $this->space;
        $most = 0;
        foreach ($rows as $number => $row) {
            $tall = max(array_map(static fn(int $i): int => $lines[$i], $row));
            $width = array_sum(array_map(static fn(int $i): float => $widths[$i], $row)) + (count($row) - 1) * self::GAP[1];
            $x = ($screen - $width) / 2;
            foreach ($row as $i) {
                $blocks[] = [
                    'item' => $items[$i], 'x' => $x, 'y' => $this->isInTurn ? $this->space : $y, 'width' => $widths[$i],
                    'height' => $lines[$i] * $line,
                ];
                $x += $widths[$i] + self::GAP[1];
            }
            $most = $this->isInTurn ? max($most, $tall) : $most + $tall;
            $y += $tall * $line + ($number < count($rows) - 1 ? self::GAP[0] : 0.0);
        }
        $height = $this->isInTurn ? $most * $line : $y - $this->space;

        return ['height' => $height + 2 * $this->space, 'lines' => $most, 'blocks' => $blocks];
    }
}
