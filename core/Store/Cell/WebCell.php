<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Setting\Type\TargetType;
use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** An address on the web. */
final readonly class WebCell extends WordCell
{
    private const MOST = 200;

    public function read(string $typed, Names $names): string
    {
        $address = TargetType::onTheWeb($typed);

        return $address !== null && mb_strlen($address) <= self::MOST
            ? $address
            : throw new UnreadableCell(
                'Write an address on the web, such as https://films.example/lantern, with at most '.self::MOST.' characters.',
            );
    }
}
