<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

/** A font family that ships with Ikat: what its files offer and how its letters measure. */
final readonly class FontFamily
{
    /** Where the files of families that ship are found. */
    private const SHIPPED = '/fonts';

    /** What its lightest and heaviest weights are, 100..900; equal when the family has one weight only. */
    public int $lightest;

    public int $heaviest;

    /** @var non-empty-list<string> keys of FontShelf::RANGES that it has a file for */
    public array $parts;

    /**
     * @param string $key also the beginning of its files' names
     * @param string $name as a stylesheet calls it
     * @param string $label its name, and what it is like
     * @param int $unitsPerEm of the measures that follow, OpenType head, hhea and OS/2 tables
     * @param int $descent negative, below the baseline
     * @param non-empty-array<int, int> $averageWidths weight => of lowercase letters as they occur in running text
     * @param array<int, int> $italicWidths the same of its italic; none where it has no italic
     * @param non-empty-array<int, array{int, int, int, int}> $letters weight => height of x and of H, in thousandths of the em, and the
     *     widest and thinnest stroke of o, in thousandths of its height
     * @param non-empty-array<string, int> $bytes part, with -italic for the italic's => bytes of its file
     * @param string $folder address that its files are under
     * @param bool $isWhole whether it is one file with all its characters, because its license forbids to cut it
     * @param ?list<string> $written parts whose writing systems it has the letters of; null for all that it has a file for
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $label,
        public FontKind $kind,
        public int $unitsPerEm,
        public int $ascent,
        public int $descent,
        public int $lineGap,
        public array $averageWidths,
        public array $italicWidths,
        public array $letters,
        public array $bytes,
        public string $folder = self::SHIPPED,
        public bool $isWhole = false,
        public ?array $written = null,
    ) {
        $this->lightest = min(array_keys($letters));
        $this->heaviest = max(array_keys($letters));
        $this->parts = array_values(array_intersect(array_keys(FontShelf::RANGES), array_keys($bytes)))
            ?: throw new \LogicException("$key has no files.");
    }

    /** Whether a merchant brought it. */
    public function isOwn(): bool
    {
        return $this->folder !== self::SHIPPED;
    }

    /** Address of one of its files. @param string $part of FontShelf::RANGES */
    public function address(string $part = 'latin', bool $isItalic = false): string
    {
        return "$this->folder/$this->key-".self::file($part, $isItalic).'.woff2';
    }

    public static function file(string $part, bool $isItalic): string
    {
        return $isItalic ? "$part-italic" : $part;
    }

    /** The weight nearest to one that its widths are known of. */
    public function nearestWeight(int $weight): int
    {
        $weights = array_keys($this->averageWidths);
        usort($weights, static fn(int $a, int $b): int => abs($a - $weight) <=> abs($b - $weight));

        return $weights[0];
    }

    public function hasWeights(): bool
    {
        return $this->heaviest > $this->lightest;
    }

    public function hasItalic(): bool
    {
        return $this->italicWidths !== [];
    }

    /** @return list<string> writing systems that it has the letters of */
    public function systems(): array
    {
        return array_values(array_intersect_key(FontShelf::SYSTEMS, array_flip($this->written ?? $this->parts)));
    }

    /** @return non-empty-list<int> weights it has, 100..900 */
    public function weights(): array
    {
        return array_keys($this->letters);
    }

    /** The CSS font-family list: the family, its stand-in of the same measures, and what every device has. */
    public function stack(): string
    {
        return sprintf('"%s", "%1$s stand-in", %s', $this->name, $this->kind->generic());
    }
}
