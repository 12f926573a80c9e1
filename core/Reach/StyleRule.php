<?php

declare(strict_types=1);

namespace Ikat\Core\Reach;

/** One selector of a stylesheet with its declarations. */
final readonly class StyleRule
{
    /**
     * @param list<string> $classes that a page must have for the rule to match anything on it
     * @param string $xpath finds the elements it matches, its state left out
     * @param ?string $state hover, focus, target… when it holds only then; a media condition counts as one
     * @param ?string $pseudo before, after
     * @param array<string, string> $declarations property => value, in order
     * @param int $weight specificity and order in one number: the larger wins
     */
    public function __construct(
        public array $classes,
        public string $xpath,
        public ?string $state,
        public ?string $pseudo,
        public array $declarations,
        public int $weight,
    ) {}
}
