<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Setting\Type\TargetType;
use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** Where a link leads: an address of the shop, beginning with a slash, or a whole one on the web. */
final readonly class TargetCell extends WordCell
{
    private const MOST = 200;

    public function read(string $typed, Names $names): string
    {
        $target = str_starts_with($typed, '/') ? $typed : TargetType::onTheWeb($typed);

        return $target !== null && preg_match('#^(/(?!/)|https?://)[^\s\\\\<>"]*$#D', $target) === 1 && mb_strlen($target) <= self::MOST
            ? $target
            : throw new UnreadableCell(
                'Write an address of the shop, beginning with a slash, or one on the web: /page/about or https://blog.example/.',
            );
    }

    public function field(): string
    {
        return 'target';
    }
}
