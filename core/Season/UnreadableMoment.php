<?php

declare(strict_types=1);

namespace Ikat\Core\Season;

final class UnreadableMoment extends \InvalidArgumentException implements SeasonException
{
    public static function written(string $text): self
    {
        return new self(sprintf('“%s” is not a day and time. Write one such as 2027-02-28T18:00.', mb_substr(mb_scrub($text), 0, 40)));
    }
}
