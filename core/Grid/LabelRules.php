<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

use Ikat\Core\Setting\Type\OrderType;

/** What the labels of products say, which of them come first, and how many stand on a picture at once. */
final readonly class LabelRules
{
    /** Days a product counts as new (common practice, no source). */
    public const NEW_FOR_DAYS = 45;

    /** Kinds of labels, in the order they have to begin with. */
    public const KINDS = [
        'gone' => 'sold out', 'sale' => 'reduced', 'few' => 'few left', 'new' => 'new', 'own' => 'words of its own',
    ];

    /** What is said of a reduced price. */
    public const SALE = ['percent' => 'how many percent', 'amount' => 'how much money', 'word' => 'that it is', 'none' => 'nothing'];

    /** How many stand on a picture at once. */
    public const MOST = ['all' => 'all that apply', '1' => 'the first alone', '2' => 'the first two'];

    /**
     * @param string $sale one of SALE
     * @param int $newDays 0 for none
     * @param int $few pieces from which on it is told how many are left; 0 for never
     * @param int $most labels at once
     * @param list<string> $order of KINDS
     */
    public function __construct(
        public string $sale = 'percent',
        public int $newDays = self::NEW_FOR_DAYS,
        public int $few = 0,
        public int $most = PHP_INT_MAX,
        public array $order = ['gone', 'sale', 'few', 'new', 'own'],
    ) {}

    /** @param \Closure(string): (bool|float|string|null) $value of a setting, by path; null in a release that knows nothing of it yet */
    public static function of(\Closure $value): self
    {
        $text = static fn(string $path): string => (string) ($value($path) ?? '');

        return new self(
            $text('card.label.sale') ?: 'percent',
            (int) ($value('card.label.new') ?? self::NEW_FOR_DAYS),
            (int) $text('card.label.few'),
            (int) $text('card.label.most') ?: PHP_INT_MAX,
            OrderType::whole($text('card.label.order'), self::KINDS),
        );
    }
}
