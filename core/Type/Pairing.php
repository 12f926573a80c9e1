<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

/**
 * A family for headings with one for text, and what is measured on the two together.
 *
 * The rules are common practice, no source: small letters of about one height, and either one family or two that clearly differ, in kind
 * or in the contrast of their strokes, with letters of about one width.
 */
final readonly class Pairing
{
    /** Families near to those in use that are tried. */
    private const NEAR = 14;

    /** Stroke contrasts that differ by so much are told apart at once. */
    private const TOLD_APART = 1.6;

    /** The share of ink that is taken where letters were not laid on each other, per cent. */
    private const UNKNOWN = 60;

    /** Kinds whose letters are for reading. */
    private const FOR_TEXT = [FontKind::Serif, FontKind::Slab, FontKind::Sans];

    public function __construct(
        public FontFamily $heading,
        public int $headingWeight,
        public FontFamily $body,
        public int $bodyWeight,
    ) {}

    /** How much taller the small letters of headings are at one size: 0.06 for 6 per cent. */
    public function step(): float
    {
        return $this->heading->letters[$this->headingWeight][0] / $this->body->letters[$this->bodyWeight][0] - 1;
    }

    /** @return array{float, float} widest stroke over thinnest of each, headings first */
    public function contrasts(): array
    {
        return array_map(
            static fn(array $letters): float => $letters[2] / max(1, $letters[3]),
            [$this->heading->letters[$this->headingWeight], $this->body->letters[$this->bodyWeight]],
        );
    }

    /** Bytes of the files that a page in Latin needs. */
    public function bytes(): int
    {
        return $this->heading->bytes['latin'] + ($this->heading === $this->body ? 0 : $this->body->bytes['latin']);
    }

    /** The lower, the better. */
    public function strain(): float
    {
        [$of, $and] = $this->contrasts();
        $width = static fn(FontFamily $f, int $weight): float
            => $f->averageWidths[$weight] / $f->unitsPerEm / ($f->letters[$weight][0] / 1000);
        $differ = $this->heading->kind === $this->body->kind && max($of, $and) / min($of, $and) < self::TOLD_APART ? 0.3 : 0.0;

        return 2 * abs($this->step()) + ($this->heading === $this->body ? 0.0 : $differ)
            + 0.5 * abs($width($this->heading, $this->headingWeight) / $width($this->body, $this->bodyWeight) - 1);
    }

    /** Why it is proposed, in a sentence. */
    public function reason(): string
    {
        $step = abs($this->step());
        [$of, $and] = array_map(static fn(float $c): string => rtrim(rtrim(number_format($c, 1), '0'), '.'), $this->contrasts());
        $tall = $step < 0.015
            ? 'Small letters of both stand equally tall'
            : sprintf('Small letters stand %d%% apart', round($step * 100));

        return sprintf(
            '%s; %s; strokes swell %s to 1 and %s to 1.',
            $tall,
            $this->heading === $this->body ? 'one family for both' : (
                $this->heading->kind === $this->body->kind ? "both are {$this->heading->kind->value}" : sprintf(
                    '%s over %s',
                    $this->heading->kind->value,
                    $this->body->kind->value,
                )
            ),
            $of,
            $and,
        );
    }

    /**
     * The best pairs of families that are like those in use, each family once.
     *
     * @return list<self>
     */
    public static function near(self $now, int $count): array
    {
        $ofHeading = self::candidates(
            $now->heading,
            $now->headingWeight,
            [FontKind::Serif, FontKind::Slab, FontKind::Sans, FontKind::Display],
        );
        $ofBody = self::candidates($now->body, $now->bodyWeight, self::FOR_TEXT);
        $pairs = [];
        foreach ($ofHeading as $heading => $itsLikeness) {
            foreach ($ofBody as $body => $otherLikeness) {
                if ($heading === $now->heading->key && $body === $now->body->key) {
                    continue;
                }
                $pair = new self(
                    FontShelf::get($heading),
                    $itsLikeness['weight'],
                    FontShelf::get($body),
                    FontShelf::get($body)->nearestWeight(400),
                );
                $unlike = 200 - ($itsLikeness['share'] ?? self::UNKNOWN) - ($otherLikeness['share'] ?? self::UNKNOWN);
                $pairs[] = [$pair, $pair->strain() + $unlike / 200];
            }
        }
        usort($pairs, static fn(array $a, array $b): int => $a[1] <=> $b[1]);
        $found = [];
        $taken = [];
        foreach ($pairs as [$pair]) {
            if (! isset($taken["h {$pair->heading->key}"]) && ! isset($taken["b {$pair->body->key}"])) {
                $found[] = $pair;
                $taken["h {$pair->heading->key}"] = $taken["b {$pair->body->key}"] = true;
            }
            if (count($found) === $count) {
                break;
            }
        }

        return $found;
    }

    /**
     * @param list<FontKind> $kinds
     *
     * @return array<string, array{weight: int, share: ?int}>
     */
    private static function candidates(FontFamily $family, int $weight, array $kinds): array
    {
        return array_slice(array_filter(
            FontLikeness::to($family, $weight),
            static fn(string $key): bool => in_array((FontShelf::all()[$key] ?? null)?->kind, $kinds, true),
            ARRAY_FILTER_USE_KEY,
        ), 0, self::NEAR);
    }
}
