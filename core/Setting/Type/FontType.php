<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Type;

use Ikat\Core\Type\FontSet;

/** A family that the store can choose from: of the shelf, or its own. */
final readonly class FontType extends ChoiceType
{
    public function __construct(public FontSet $fonts)
    {
        parent::__construct($fonts->labels(), $fonts->stacks());
    }

    public static function name(): string
    {
        return 'font';
    }
}
