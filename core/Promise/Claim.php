<?php

declare(strict_types=1);

namespace Ikat\Core\Promise;

/** Something that words promise. Sums are in hundredths of the currency. */
final readonly class Claim
{
    /**
     * @param string $said the words that say it
     * @param ?int $minimum sum of goods from which it holds
     * @param ?string $until the last day it holds on: 2027-03-03
     * @param ?string $from the first day: 2027-03-03
     * @param bool $isMost whether the share is only the most ("up to")
     * @param bool $givesDelivery whether a code is said to make delivery free
     * @param array<string, string> $written percent, amount, minimum, until: as each stands in the text
     */
    public function __construct(
        public ClaimKind $kind,
        public string $said,
        public string $code = '',
        public ?float $percent = null,
        public ?int $amount = null,
        public ?int $minimum = null,
        public ?string $until = null,
        public ?string $from = null,
        public bool $isMost = false,
        public bool $givesDelivery = false,
        public array $written = [],
    ) {}
}
