<?php

declare(strict_types=1);

namespace App\Looks;

use Ikat\Core\Type\FontFacts;

/** Fonts of a package that nobody has said of that the shop may use them. */
final class UnconfirmedFonts extends \RuntimeException
{
    /** @param non-empty-list<FontFacts> $fonts */
    public function __construct(public readonly array $fonts)
    {
        parent::__construct('Fonts come with it whose license was not confirmed.');
    }
}
