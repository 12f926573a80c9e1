<?php

declare(strict_types=1);

namespace Ikat\Core\Header;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\Measurement;

/**
 * What the store and the library give the top of every page.
 *
 * @phpstan-type Word array{label: string, mark: string, below: int, target: string}
 */
final readonly class TopContents implements Measurement
{
    /**
     * @param array<string, list<Word>> $menus key of each menu => the words on its first level, each with how many stand below it
     * @param ?array{float, float} $logo width and height of the logo's picture as the header shows it; null where it is words
     * @param int $countries it sells to
     * @param int $languages it speaks
     */
    public function __construct(
        public array $menus = [],
        public ?array $logo = null,
        public int $countries = 1,
        public int $languages = 1,
    ) {}

    /** An empty store: whoever inspects supplies the real one. */
    public static function measure(Inspection $inspection): self
    {
        return new self();
    }
}
