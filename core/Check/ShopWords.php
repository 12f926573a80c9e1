<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Setting\ColoredText;
use Ikat\Core\Setting\Type\TextType;
use Ikat\Core\Type\WordsInUse;

/** All words of a shop: those of the look, and those of the Storeroom. */
final readonly class ShopWords implements Measurement
{
    /** @param \Closure(list<string>): WordsInUse $plain characters of ASCII => what they stand in */
    public function __construct(public WordsInUse $words, private \Closure $plain) {}

    /** Those of the look alone: whoever inspects supplies the Storeroom's. */
    public static function measure(Inspection $inspection): self
    {
        return new self(
            self::ofLook($inspection->look),
            static fn(array $characters): WordsInUse => self::ofLook($inspection->look, $characters),
        );
    }

    /**
     * Where characters stand that most fonts have: asked of a font that has them not.
     *
     * @param non-empty-list<string> $characters of ASCII
     */
    public function plain(array $characters): WordsInUse
    {
        return ($this->plain)($characters);
    }

    /** @param list<string> $plain characters of ASCII to look for instead of all others */
    public static function ofLook(ResolvedLook $look, array $plain = []): WordsInUse
    {
        $texts = [];
        foreach ($look->all() as $path => $resolution) {
            if ($resolution->setting->type instanceof TextType && $resolution->unmet === null && is_string($resolution->value)) {
                $texts[] = [self::voicesOf($path), ColoredText::plain($resolution->value)];
            }
        }

        return WordsInUse::in($texts, $plain);
    }

    /** @return list<string> the voices that a setting's words may be set in */
    private static function voicesOf(string $path): array
    {
        return match (true) {
            str_ends_with($path, 'heading') => ['heading'],
            str_ends_with($path, 'button'), str_starts_with($path, 'say.') => ['button', 'body', 'heading'],
            default => ['body'],
        };
    }
}
