<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

/** The layers, weakest first. */
enum LayerKind: int
{
    case Catalog = 0;
    case Theme = 1;
    case Starter = 2;
    case Rule = 3;
    case Look = 4;
    case Season = 5;

    public function inWords(string $name): string
    {
        return match ($this) {
            self::Catalog => 'every theme starts with it',
            self::Theme => "the theme $name",
            self::Starter => "the starter $name",
            self::Rule => "the rule $name",
            self::Look => 'your own change',
            self::Season => "the season $name, while it runs",
        };
    }
}
