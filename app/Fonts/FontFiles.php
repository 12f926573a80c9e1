<?php

declare(strict_types=1);

namespace App\Fonts;

use Ikat\Core\Type\FontFamily;
use Ikat\Core\Type\FontShelf;
use Ikat\Core\Type\MeasuredText;
use Ikat\Core\Type\OpenType\OpenTypeFont;
use Ikat\Core\Type\SpokenFace;
use Ikat\Core\Type\TextMeasure;
use Ikat\Core\Type\TextSteps;
use Ikat\Core\Type\TextStyle;
use Ikat\Core\Type\Typeface;
use Ikat\Core\Type\UnicodeRange;
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

    /** @var array<string, ?TextSteps> by what each is made of */
    private array $steps = [];

    private readonly TextMeasure $measure;

    /**
     * @param string $folder of the shelf's, unpacked
     * @param string $own folder of those that stores brought, by store
     */
    public function __construct(private readonly string $folder, private readonly string $own)
    {
        $this->measure = new TextMeasure();
    }

    /**
     * @throws UnreadableFont where its files were not unpacked when Ikat was built
     */
    public function face(FontFamily $family, bool $isItalic = false): Typeface
    {
        return $this->faces["$family->folder $family->key".($isItalic ? ' italic' : '')] ??= $this->read($family, $isItalic);
    }

    /**
     * The characters of a family by code point, kept: an edit asks for them, and reads no font for that.
     *
     * @return array<int, true>
     *
     * @throws UnreadableFont
     */
    public function characters(FontFamily $family): array
    {
        return $this->characters["$family->folder $family->key"] ??= Cache::rememberForever(
            sprintf('font-characters %s %d', $family->key, (int) @filemtime($this->file($family, 'latin'))),
            fn(): array => $this->face($family)->characters(),
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
                return $this->measure->measure($this->face($face->family, $face->isItalic), $style, $text, $room);
            } catch (UnreadableFont) {
                return null;
            }
        });
    }

    /**
     * The rooms in which a text takes one line more, kept the same way.
     *
     * @return ?TextSteps null where the font was not unpacked
     */
    public function steps(SpokenFace $face, TextStyle $style, string $text): ?TextSteps
    {
        $key = 'text steps '.hash('xxh128', serialize([$face->family->key, $face->isItalic, $style, $text]));

        return $this->steps[$key] ??= Cache::remember($key, self::SECONDS, function () use ($face, $style, $text): ?TextSteps {
            try {
                return $this->measure->steps($this->face($face->family, $face->isItalic), $style, $text);
            } catch (UnreadableFont) {
                return null;
            }
        });
    }

    /**
     * A font that a store brought, as it was brought.
     *
     * @throws UnreadableFont where its file is gone
     */
    public function brought(FontFamily $family): string
    {
        $bytes = @file_get_contents($this->file($family, 'latin'));

        return $bytes === false ? throw UnreadableFont::because('its file is missing; bring it again') : $bytes;
    }

    private function read(FontFamily $family, bool $isItalic): Typeface
    {
        $fonts = [];
        foreach ($family->isOwn() ? ['latin'] : $family->parts as $part) {
            $name = $isItalic ? "$part-italic" : $part;
            if (! isset($family->bytes[$name])) {
                continue;
            }
            $file = $this->file($family, $name);
            $bytes = is_file($file) ? file_get_contents($file) : false;
            if ($bytes === false) {
                throw UnreadableFont::because("its file “{$family->key}-{$name}.ttf” is missing; run ./ikat start, which unpacks it");
            }
            $fonts[] = [OpenTypeFont::of($bytes), $family->isOwn() ? null : UnicodeRange::of(FontShelf::RANGES[$part])];
        }

        return new Typeface($fonts);
    }

    private function file(FontFamily $family, string $part): string
    {
        // What a store brought is measured by whole.
        return $family->isOwn() ? "$this->own/".basename($family->folder)."/$family->key.ttf" : "$this->folder/$family->key-$part.ttf";
    }
}
