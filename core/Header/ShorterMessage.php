<?php

declare(strict_types=1);

namespace Ikat\Core\Header;

/** Shorter writings of a message, by rules that keep what it says. */
final class ShorterMessage
{
    /** Pattern => what is written instead, one after the other: what is missed least comes first. Common practice, no source. */
    private const RULES = [
        '/[.!]$/u' => '',
        '/\s*!+/u' => '',
        '/\b(on|for) (all |any |every )?orders? (above|over|of more than|from)\b/iu' => 'over',
        '/\bfor all orders\b|\bon all orders\b|\bon every order\b/iu' => '',
        '/\bauf alle Bestellungen\b|\bfür alle Bestellungen\b/iu' => '',
        '/\bab einem (Bestellwert|Einkauf) von\b/iu' => 'ab',
        '/\bpour (toute|toutes les) commandes? (de plus de|supérieures? à|à partir de)\b/iu' => 'dès',
        '/\b(en|para) (todos los )?pedidos (superiores a|de más de|desde)\b/iu' => 'desde',
        '/\bour (whole|entire) (shop|range|collection)\b/iu' => 'everything',
        '/\bplease (note|remember)( that)?\b[:,]?\s*/iu' => '',
        '/\bat checkout\b|\bim Warenkorb\b|\bau moment de payer\b/iu' => '',
        '/(?<=\d)\s*(?:per ?cent|Prozent|pour cent|por ciento)\b/iu' => '%',
        '/\band\b|\bund\b/u' => '&',
        '/\b(Mon|Tues?|Wed|Thu|Fri|Sat|Sun)(day|nesday|rsday|urday)\b/u' => '$1',
        '/\b(Jan|Feb|Mar|Apr|Aug|Sep|Oct|Nov|Dec)(?:uary|ruary|ch|il|ust|tember|ober|ember)\b/u' => '$1',
        '/\b(find out|read|see|learn) more\b.*$/iu' => '→',
    ];

    /**
     * @return list<string> each shorter than the one before, none of them the message itself
     */
    public static function of(string $message): array
    {
        $found = [];
        $now = $message;
        foreach (self::RULES as $pattern => $instead) {
            $next = self::tidy((string) preg_replace($pattern, $instead, $now));
            if ($next !== '' && mb_strlen($next) < mb_strlen($now)) {
                $found[] = $now = $next;
            }
        }
        // Of two sentences the first is the message.
        if (preg_match('/^(.{12,}?[^.\s]{2,})\.\s+\S/u', $now, $m) === 1) {
            $found[] = self::tidy($m[1]);
        }

        return $found;
    }

    private static function tidy(string $text): string
    {
        return trim((string) preg_replace(['/\s+([%,.:;])/u', '/\s{2,}/u'], ['$1', ' '], $text), " \t,;–-");
    }
}
