<?php

declare(strict_types=1);

namespace App\Fonts;

use Ikat\Core\Type\FontShelf;
use Ikat\Core\Type\OpenType\OpenTypeFont;
use Ikat\Core\Type\Typeface;
use Ikat\Core\Type\UnicodeRange;
use Ikat\Core\Type\UnknownFont;
use Ikat\Core\Type\UnreadableFont;

/** The font families that ship with Ikat, as they are measured with: each file is read once in a process. */
final class FontFiles
{
    /** @var array<string, Typeface> by key */
    private array $faces = [];

    public function __construct(private readonly string $folder) {}

    /**
     * @throws UnknownFont
     * @throws UnreadableFont where its files were not unpacked when Ikat was built
     */
    public function face(string $key): Typeface
    {
        return $this->faces[$key] ??= $this->read(FontShelf::get($key)->key);
    }

    private function read(string $key): Typeface
    {
        $fonts = [];
        foreach (FontShelf::RANGES as $part => $range) {
            $bytes = is_file($file = "$this->folder/$key-$part.ttf") ? file_get_contents($file) : false;
            if ($bytes === false) {
                throw UnreadableFont::because("its file “{$key}-{$part}.ttf” is missing; run ./ikat start, which unpacks it");
            }
            $fonts[] = [OpenTypeFont::of($bytes), UnicodeRange::of($range)];
        }

        return new Typeface($fonts);
    }
}
