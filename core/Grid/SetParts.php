<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

use Ikat\Core\Check\LineBreaks;
use Ikat\Core\Header\Lines;
use Ikat\Core\Header\SizedText;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Reach\CssLength;
use Ikat\Core\Type\SpokenFace;
use Ikat\Core\Type\TextSteps;
use Ikat\Core\Type\TextStyle;
use Ikat\Core\Type\Voice;

/** How tall and wide the parts of a page are on a screen, from what its stylesheets say of each and the real fonts. All lengths in px. */
final class SetParts
{
    /** Side of an icon, of the letters it stands with: as the stylesheet has it. */
    private const ICON = 1.15;

    /** @var array<string, ?array<string, string>> by part: each is asked for again by every card */
    private array $styles = [];

    /** @var array<string, array{Voice, float, float}> by part */
    private array $letters = [];

    /** @var array<string, ?float> px of what was written */
    private array $px = [];

    /** @var array<string, SpokenFace> by voice */
    private array $faces = [];

    /** @var array<string, TextStyle> by voice and size of the letters */
    private array $textStyles = [];

    /** @var array<string, array{float, float}> px of what was written for one or two sides */
    private array $pairs = [];

    /** @var array<string, SizedText> by voice and words */
    private array $texts = [];

    /**
     * @param array<string, string> $root custom property of the pages => value
     * @param float $screen width
     */
    public function __construct(
        private readonly FoundParts $parts,
        private readonly ResolvedLook $look,
        private readonly LineBreaks $breaks,
        private readonly array $root,
        private readonly float $screen,
    ) {}

    /**
     * Height of the way to a page, with the space around it.
     *
     * @param list<string> $words of each of its places
     */
    public function trail(array $words, float $room): float
    {
        $trail = $this->style('trail');
        if ($trail === null) {
            return 0.0;
        }
        [$voice, $size, $line] = $this->letters('trail');
        $gaps = $this->pair($trail['gap'] ?? '0');
        $lines = count(Lines::of(array_map(fn(string $each): float => $this->text($voice, $each)->width($size), $words), $gaps[1], $room));

        return array_sum($this->pair($trail['padding-block'] ?? '0')) + $lines * $line + ($lines - 1) * $gaps[0];
    }

    /**
     * Height of a line of text in which something else stands.
     *
     * @param float $over px of that over the baseline
     * @param float $tall px of all of it
     */
    public function onLine(float $over, float $tall): float
    {
        [$voice, $size, $line] = $this->letters('body');
        $own = $this->over($voice, $size, $line);

        return max($over, $own) + max($tall - $over, $line - $own);
    }

    /**
     * Px of a line over its baseline: what the font has, rounded as Chromium does, and half of what the line has more.
     * Source: CSS Inline Layout Level 3, 5.1, half-leading.
     */
    public function over(Voice $voice, float $size, float $line): float
    {
        $family = $this->face($voice)->family;
        $ascent = round($family->ascent * $size / $family->unitsPerEm);
        $descent = round(-$family->descent * $size / $family->unitsPerEm);

        return $ascent + floor(($line - $ascent - $descent) / 2);
    }

    /**
     * @param list<string> $words of buttons in lines
     * @param array<string, string> $around style of what they stand in
     */
    public function buttons(array $words, array $around, float $room): float
    {
        $gaps = $this->pair($around['gap'] ?? '0');
        $lines = count(Lines::of(array_map(fn(string $each): float => $this->buttonWide('button', $each), $words), $gaps[1], $room));

        return $lines * $this->button('button') + ($lines - 1) * $gaps[0];
    }

    public function button(string $part): float
    {
        $style = $this->style($part) ?? [];

        return max(
            $this->px($style['min-height'] ?? '0') ?? 0.0,
            $this->letters($part)[2] + 2 * $this->pair($style['padding'] ?? '0')[0],
        );
    }

    /** Height of what stands on the line of a button that has an icon: of the icon, or of its words if they show. */
    public function icon(string $part, bool $hasWords = true): float
    {
        [, $size, $line] = $this->letters($part);

        return max(self::ICON * $size, $hasWords ? $line : 0.0);
    }

    /** Height of a button whose words take as many lines as they need. */
    public function buttonIn(string $part, string $words, float $room): float
    {
        [$voice, $size, $line] = $this->letters($part);
        $inner = max(1.0, $room - 2 * $this->pair(($this->style($part) ?? [])['padding'] ?? '0')[1]);

        return $this->button($part) + max(0, $this->text($voice, $words)->lines($size, $inner) - 1) * $line;
    }

    /** Widest that a part's words may be. */
    public function measure(string $part): float
    {
        return $this->length($this->letters($part)[1])->px(($this->style($part) ?? [])['max-width'] ?? 'none') ?? INF;
    }

    public function buttonWide(string $part, string $words): float
    {
        [$voice, $size] = $this->letters($part);

        return $this->text($voice, $words)->width($size) + 2 * $this->pair(($this->style($part) ?? [])['padding'] ?? '0')[1];
    }

    /** Height of a text that is a block, with the space over it; none where the page does not have it. */
    public function block(string $part, string $words, float $room, int $most = PHP_INT_MAX): float
    {
        $style = $this->style($part);
        if ($style === null || $words === '') {
            return 0.0;
        }
        [$voice, $size, $line] = $this->letters($part);

        $lines = max(1, min($most, $this->text($voice, $words)->lines($size, $room)));

        return ($this->px($style['margin-top'] ?? '0') ?? 0.0) + $lines * $line;
    }

    /** @return array{Voice, float, float} who speaks in a part, size of the letters, height of a line */
    public function letters(string $part): array
    {
        return $this->letters[$part] ??= $this->lettersOf($this->style($part) ?? []);
    }

    /**
     * @param array<string, string> $style
     *
     * @return array{Voice, float, float}
     */
    private function lettersOf(array $style): array
    {
        $body = $this->style('body') ?? [];
        $base = $this->length(CssLength::REM)->px($body['font-size'] ?? '1rem') ?? CssLength::REM;
        $size = $this->length($base)->px($style['font-size'] ?? '1em') ?? $base;
        $family = $style['font-family'] ?? $body['font-family'] ?? '';
        $voice = preg_match('/var\(--type-([a-z]+)-family\)/', $family, $m) === 1 ? Voice::tryFrom($m[1]) : null;
        $leading = $this->length($size)->px($style['line-height'] ?? $body['line-height'] ?? '1.5') ?? 1.5;

        return [$voice ?? Voice::Body, $size, $size * $leading];
    }

    public function text(Voice $voice, string $words): SizedText
    {
        return $this->texts["$voice->value $words"] ??= new SizedText(
            $words,
            fn(float $size): TextSteps => $this->breaks->steps($this->face($voice), $this->textStyle($voice, $size), $words)
                ?? new TextSteps([0.0]),
        );
    }

    private function face(Voice $voice): SpokenFace
    {
        return $this->faces[$voice->value] ??= SpokenFace::of($this->look, $voice);
    }

    private function textStyle(Voice $voice, float $size): TextStyle
    {
        return $this->textStyles["$voice->value $size"] ??= TextStyle::of($this->look, $voice, $size);
    }

    /** @return ?array<string, string> */
    public function style(string $part): ?array
    {
        if (! array_key_exists($part, $this->styles)) {
            $style = $this->parts->on($part, (int) $this->screen);
            $this->styles[$part] = ($style['display'] ?? '') === 'none' ? null : $style;
        }

        return $this->styles[$part];
    }

    /** @param array<string, string> $style */
    public function border(array $style): float
    {
        return isset($style['border']) ? $this->px($this->sides($style['border'])[0]) ?? 0.0 : 0.0;
    }

    /** @return array{float, float} of a value with one or two sides: up and down, across */
    public function pair(string $written): array
    {
        return $this->pairs[$written] ??= $this->pairOf($written);
    }

    /** @return array{float, float} */
    private function pairOf(string $written): array
    {
        $sides = $this->sides($written);
        $first = $this->px($sides[0]) ?? 0.0;

        return [$first, isset($sides[1]) ? $this->px($sides[1]) ?? 0.0 : $first];
    }

    /** @return non-empty-list<string> what stands between spaces, but for those in parentheses */
    public function sides(string $written): array
    {
        preg_match_all('/(?:[^\s()]+|(\((?:[^()]++|(?1))*\)))+/', trim($written), $m);

        return $m[0] === [] ? ['0'] : $m[0];
    }

    public function px(string $written): ?float
    {
        return array_key_exists($written, $this->px)
            ? $this->px[$written]
            : $this->px[$written] = $this->length(CssLength::REM)->px($written);
    }

    private function length(float $em): CssLength
    {
        return new CssLength($this->root, $this->screen, $em);
    }
}
