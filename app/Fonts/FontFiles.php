<?php

declare(strict_types=1);

namespace App\Fonts;

use Ikat\Core\Type\FontFamily;
use Ikat\Core\Type\FontShelf;
use Ikat\Core\Type\MeasuredText;
use Ikat\Core\Type\OpenType\OpenTypeFont;
use Ikat\Core\Type\SpokenFace;
use Ikat\Core\Type\TextMeasure;
use Ikat\Core\Type\TextStyle;
use Ikat\Core\Type\Typeface;
use Ikat\Core\Type\UnicodeRange;
use Ikat\Core\Type\UnknownFont;
use Ikat\Core\Type\UnreadableFont;
use Illuminate\Support\Facades\Cache;

/** The font families that ship with Ikat, as they are measured with: each file is read once in a process. */
final class FontFiles
{
    /** That measured texts are kept. */
    private const SECONDS = 86_400;

    /** @var array<string, Typeface> by key */
    private array $faces = [];

    /** @var array<string, array<int, true>> by key */
    private array $characters = [];

    /** @var array<string, ?MeasuredText> by what each is made of */
    private array $texts = [];

    private readonly TextMeasure $measure;

    public function __construct(private readonly string $folder)
    {
        $this->measure = new TextMeasure();
    }

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

    /**
     * A text set in a voice, kept by what it is made of: an edit that moves nothing of it reads no font.
     *
     * @param float $room px that a line may take; INF for one line
     *
     * @return ?MeasuredText null where the font was not unpacked
     */
    public function measured(SpokenFace $face, TextStyle $style, string $text, float $room): ?MeasuredText
    {
        $key = 'text '.hash('xxh128', serialize([$face->family->key, $face->isItalic, $style, $text, $room]));

        return $this->texts[$key] ??= Cache::remember($key, self::SECONDS, function () use ($face, $style, $text, $room): ?MeasuredText {
            try {
                return $this->measure->measure($this->face($face->family->key, $face->isItalic), $style, $text, $room);
            } catch (UnreadableFont) {
                return null;
            }
        });
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
