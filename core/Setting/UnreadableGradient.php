<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

use Ikat\Core\Color\ColorException;

/** A text that is not a gradient Ikat draws. The message quotes it and says what is accepted. */
final class UnreadableGradient extends \InvalidArgumentException implements ColorException
{
    private const ACCEPTED = 'Write, for example, linear-gradient(135deg, #2c2b76 0%, #1a2230 100%) or radial-gradient(circle at 50% 30%, '
        .'#2c2b76 0%, #1a2230 100%), with 2 to 5 stops.';

    public static function text(string $text): self
    {
        return new self(sprintf('“%s” is not a gradient. %s', mb_substr(mb_scrub($text), 0, 60), self::ACCEPTED));
    }
}
