<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

/** What stands over the shelf of a category. */
final readonly class ShelfHead
{
    /**
     * @param list<string> $trail words of the way to it, itself last
     * @param list<string> $within names of the categories within it
     * @param list<string> $sorts words of the orders that can be chosen
     * @param list<string> $checks words of what can be ticked
     * @param list<string> $groups names of further choices that stand folded beside them
     * @param ?string $folded words of the button behind which all of them are; null where they are in sight
     * @param list<string> $chosen words of what is asked for, and of the way back to all
     * @param ?float $picture height of its picture by its width; null for none
     */
    public function __construct(
        public string $name,
        public string $words,
        public array $trail,
        public array $within,
        public array $sorts,
        public array $checks,
        public string $button,
        public string $count,
        public ?float $picture,
        public array $groups = [],
        public ?string $folded = null,
        public array $chosen = [],
    ) {}
}
