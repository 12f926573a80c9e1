<?php

declare(strict_types=1);

namespace Ikat\Core\Color;

/** A text that is not a CSS Color 4 color. The message quotes it and says what is accepted. */
final class UnreadableColor extends \InvalidArgumentException implements ColorException
{
    public const ACCEPTED = 'Write a hex color such as #2c2b76, a color name such as indigo, or a CSS color function: rgb(), hsl(), '
        .'hwb(), lab(), lch(), oklab(), oklch() or color().';

    private function __construct(public readonly string $text, public readonly string $reason)
    {
        parent::__construct(sprintf('"%s" is not a color: %s. %s', self::shorten($text), $reason, self::ACCEPTED));
    }

    public static function because(string $text, string $reason): self
    {
        return new self($text, $reason);
    }

    /** The same reason told about the whole text a part was cut from. */
    public function within(string $wholeText): self
    {
        return new self($wholeText, $this->reason);
    }

    private static function shorten(string $text): string
    {
        $clean = mb_scrub($text, 'UTF-8');

        return mb_strlen($clean) > 80 ? mb_substr($clean, 0, 80).'…' : $clean;
    }
}
