<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** An e-mail address, in small letters. */
final readonly class EmailCell extends WordCell
{
    private const MOST = 190;

    public function read(string $typed, Names $names): string
    {
        $email = mb_strtolower($typed);

        return filter_var($email, FILTER_VALIDATE_EMAIL) !== false && strlen($email) <= self::MOST
            ? $email
            : throw new UnreadableCell("“{$typed}” is no e-mail address. Write one such as ada@example.org.");
    }
}
