<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** What a customer types to have something taken off: capitals, figures and hyphens. */
final readonly class CodeCell extends WordCell
{
    private const MOST = 32;

    public function read(string $typed, Names $names): string
    {
        $code = mb_strtoupper((string) preg_replace('/\s+/u', '', $typed));

        return preg_match('/^[A-Z0-9-]{2,'.self::MOST.'}$/D', $code) === 1
            ? $code
            : throw new UnreadableCell('A code has 2 to '.self::MOST.' letters from A to Z, figures or hyphens, like WELCOME10.');
    }
}
