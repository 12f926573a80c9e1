<?php

declare(strict_types=1);

namespace App\Fonts;

use Ikat\Core\Type\FontFamily;
use Ikat\Core\Type\FontShelf;
use Ikat\Core\Type\OpenType\OpenTypeFont;
use Ikat\Core\Type\Typeface;
use Ikat\Core\Type\UnicodeRange;
use Ikat\Core\Type\UnknownFont;
use Ikat\Core\Type\UnreadableFont;
use Illuminate\Support\Facades\Cache;

/** The font families that ship with Ikat, as they are measured with: each file is read once in a process. */
final class FontFiles
{
    /** @var array<string, Typeface> by key */
    private array $faces = [];

    /** @var array<string, array<int, true>> by key */
    private array $characters = [];

    public function __construct(private readonly string $folder) {}

    /**
     * @throws UnknownFont
     * @throws UnreadableFont where its files were not unpacked when Ikat was built
     */
    public function face(string $key, bool $isItalic = false): Typeface
    {
        return $this->faces[$key.($isItalic ? ' italic' : '')] ??= $this->read(FontShelf::get($key), $isItalic);
    }

    /**
     * The characters of a family by code point, kept: an edit asks for them, and reads no font for that.
     *
     * @return array<int, true>
     *
     * @throws UnknownFont
     * @throws UnreadableFont
     */
    public function characters(string $key): array
    {
        return $this->characters[$key] ??= Cache::rememberForever(
            sprintf('font-characters %s %d', FontShelf::get($key)->key, (int) @filemtime($this->file($key, 'latin'))),
            fn(): array => $this->face($key)->characters(),
        );
    }

    private function read(FontFamily $family, bool $isItalic): Typeface
    {
        $fonts = [];
        foreach ($family->parts as $part) {
            $name = $isItalic ? "$part-italic" : $part;
            if (! isset($family->bytes[$name])) {
                continue;
            }
            $file = $this->file($family->key, $name);
            $bytes = is_file($file) ? file_get_contents($file) : false;
            if ($bytes === false) {
                throw UnreadableFont::because("its file “{$family->key}-{$name}.ttf” is missing; run ./ikat start, which unpacks it");
            }
            $fonts[] = [OpenTypeFont::of($bytes), UnicodeRange::of(FontShelf::RANGES[$part])];
        }

        return new Typeface($fonts);
    }

    private function file(string $key, string $part): string
    {
        return "$this->folder/$key-$part.ttf";
    }
}
