<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Type;

use Ikat\Core\Type\FontShelf;

/** A family of the font shelf. */
final readonly class FontType extends ChoiceType
{
    public function __construct()
    {
        parent::__construct(FontShelf::labels(), FontShelf::stacks());
    }

    public static function name(): string
    {
        return 'font';
    }
}
