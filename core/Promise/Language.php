<?php

declare(strict_types=1);

namespace Ikat\Core\Promise;

use Ikat\Core\Season\LocalMoment;

/** How a language says what shops promise: patterns without delimiters, and the names of months and days. */
final readonly class Language
{
    private const WORDS = [
        'en' => [
            'least' => ['over', 'above', 'from'],
            'free' => [
                'free (?:standard |express |world ?wide )?(?:shipping|delivery|postage)',
                '(?:shipping|delivery|postage) (?:is |are )?(?:free|on us)', 'ships? (?:for )?free',
                'we pay (?:the )?(?:shipping|postage)',
            ],
            'over' => [
                'over', 'above', 'from', 'of more than', 'more than', 'of at least', 'at least', 'minimum(?: of| order)?',
                'starting at', 'beyond', 'upwards of', 'spend',
            ],
            'more' => ['or more', 'and (?:up|more|over)', '\+'],
            'off' => ['off', 'discount', 'save', 'saves', 'less', 'reduced', 'reductions?', 'takes?', 'sale', 'cheaper', 'cut'],
            'most' => ['up to', 'as much as'],
            'delivery' => ['delivery', 'shipping', 'postage'],
            'until' => [
                'until', 'till', 'through', 'thru', 'ends?(?: on)?', 'by', 'before', 'expires?(?: on)?', 'last day(?: is)?',
                'valid to', 'only to', 'closes?(?: on)?',
            ],
            'from' => ['from', 'starting', 'starts?(?: on)?', 'begins?(?: on)?', 'as of'],
            'collected' => ['collect', 'pick ?up'],
        ],
        'de' => [
            'least' => ['ab', 'über'],
            'free' => [
                '(?:kostenlose[rn]?|kostenfreie[rn]?|gratis|freie[rn]?)[ -]?(?:versand|lieferung)', 'gratisversand',
                'gratislieferung', 'versandkostenfrei', 'versandfrei', 'portofrei',
                '(?:versand|lieferung) (?:ist )?(?:kostenlos|gratis|frei|umsonst)', 'liefern (?:wir )?(?:kostenlos|gratis|frei)',
                'ohne versandkosten',
            ],
            'over' => [
                'ab', 'über', 'von mindestens', 'mindestens', 'mehr als', 'von mehr als', 'mindestbestellwert(?: von)?',
                'ab einem (?:bestellwert|einkauf|warenwert) von', 'für',
            ],
            'more' => ['(?:und|oder) mehr'],
            'off' => [
                'rabatt', 'nachlass', 'sparen', 'spart?', 'sparst', 'reduziert', 'günstiger', 'weniger', 'ermäßigung', 'billiger',
                'prozente', 'abzug',
            ],
            'most' => ['bis zu'],
            'delivery' => ['versand\w*', '\p{L}*lieferung', 'porto'],
            'until' => [
                'bis(?: zum| einschließlich| einschl\.)?', 'endet(?: am)?', 'nur bis', 'gültig bis', 'läuft bis', 'vor dem',
                'letzter tag(?: ist)?(?: der)?',
            ],
            'from' => ['ab(?: dem)?', 'startet(?: am)?', 'beginnt(?: am)?', 'vom'],
            'collected' => ['abhol'],
        ],
        'fr' => [
            'least' => ['dès', 'à partir de'],
            'free' => [
                '(?:livraison|expédition|envoi) (?:est )?(?:gratuite?|offerte?)',
                '(?:frais de )?port (?:sont )?(?:offerts?|gratuits?)', 'frais de (?:port|livraison) (?:offerts|gratuits)',
                'livré gratuitement', 'nous (?:vous )?offrons la livraison',
            ],
            'over' => [
                'dès', 'à partir de', 'de plus de', 'plus de', 'au-dessus de', 'supérieures? à', 'au-delà de', 'd’au moins',
                'd\'au moins', 'au moins', 'minimum de', 'pour',
            ],
            'more' => ['et plus', 'ou plus', 'minimum'],
            'off' => ['réduction', 'remise', 'rabais', 'de moins', 'moins', 'soldes?', 'économisez', 'promo(?:tion)?', 'réduite?s?'],
            'most' => ['jusqu[’\']à'],
            'delivery' => ['livraison', 'port', 'expédition', 'envoi'],
            'until' => [
                'jusqu[’\']au', 'jusqu[’\']à', 'se termine(?: le)?', 'prend fin(?: le)?', 'avant le', 'valables? jusqu[’\']au',
                'dernier jour(?: :| le)?',
            ],
            'from' => ['à partir du', 'dès le', 'commence le', 'à compter du', 'du'],
            'collected' => ['retrait'],
        ],
        'es' => [
            'least' => ['desde', 'a partir de'],
            'free' => [
                '(?:envío|entrega|portes) (?:es |son )?(?:gratis|gratuitos?|gratuita)', 'gastos de envío (?:gratis|gratuitos)',
                'sin gastos de envío', 'envíos? sin (?:coste|costo)', 'te regalamos el envío',
            ],
            'over' => [
                'desde', 'a partir de', 'superior(?:es)? a', 'de más de', 'más de', 'mayor(?:es)? (?:de|a)', 'de al menos',
                'al menos', 'mínimo de', 'por encima de', 'para',
            ],
            'more' => ['o más', 'y más'],
            'off' => ['descuento', 'rebajas?', 'rebajad[oa]s?', 'menos', 'ahorra', 'ahorras', 'reducid[oa]s?', 'dto'],
            'most' => ['hasta'],
            'delivery' => ['envío', 'entrega', 'portes'],
            'until' => [
                'hasta(?: el)?', 'termina(?: el)?', 'acaba(?: el)?', 'antes del', 'válid[oa] hasta(?: el)?',
                'último día(?::)?(?: el)?',
            ],
            'from' => ['desde el', 'a partir del', 'empieza el', 'comienza el', 'del'],
            'collected' => ['recog'],
        ],
    ];

    /** Shares in words => percent. */
    private const SHARES = [
        'en' => [
            'half price' => 50, 'half off' => 50, 'a half off' => 50, 'a third' => 33.3, 'a quarter' => 25, 'a fifth' => 20,
            'a tenth' => 10,
        ],
        'de' => [
            'zum halben preis' => 50, 'die hälfte' => 50, 'ein drittel' => 33.3, 'ein viertel' => 25, 'ein fünftel' => 20,
            'ein zehntel' => 10,
        ],
        'fr' => [
            'moitié prix' => 50, 'la moitié' => 50, 'un tiers' => 33.3, 'un quart' => 25, 'un cinquième' => 20, 'un dixième' => 10,
        ],
        'es' => [
            'mitad de precio' => 50, 'la mitad' => 50, 'un tercio' => 33.3, 'un cuarto' => 25, 'un quinto' => 20, 'un décimo' => 10,
        ],
    ];

    /** Words that tell one language from the others, and letters that do. */
    private const TELLING = [
        'en' => [
            [
                'the',
                'and',
                'on',
                'your',
                'with',
                'orders?',
                'free',
                'off',
                'over',
                'until',
                'from',
                'use',
                'this',
                'all',
                'shop',
                'of',
                'is',
            ],
            ['shipping', 'delivery', 'save'], '',
        ],
        'de' => [
            ['der', 'die', 'das', 'und', 'mit', 'ab', 'bis', 'auf', 'für', 'alle', 'dein', 'ihr', 'im', 'zum', 'den', 'von', 'nur', 'noch'],
            ['beim', '\p{L}*lieferung', 'versand\p{L}*', 'rabatt'], 'ßüöä',
        ],
        'fr' => [
            ['le', 'la', 'les', 'et', 'avec', 'dès', 'sur', 'pour', 'votre', 'vos', 'de', 'du', 'jusqu', 'une?', 'des', 'au', 'en'],
            ['livraison', 'remise', 'réduction', 'soldes', 'offerte?'], 'çéèà',
        ],
        'es' => [
            ['el', 'la', 'los', 'las', 'y', 'con', 'desde', 'para', 'tu', 'sus?', 'de', 'hasta', 'una?', 'en', 'del', 'por'],
            ['envío', 'entrega', 'descuento', 'rebajas', 'pedidos', 'código'], 'ñóíá',
        ],
    ];

    /**
     * @param array<string, string> $words what => pattern
     * @param array<string, float> $shares in words => percent
     * @param array<string, int> $months in small letters => 1..12
     * @param array<string, int> $days in small letters => 1 (Monday) .. 7
     */
    private function __construct(public string $key, public array $words, public array $shares, public array $months, public array $days) {}

    public static function of(string $key): self
    {
        $months = $days = [];
        foreach (['MMMM', 'MMM', 'LLLL', 'LLL'] as $form) {
            $names = self::formatter($key, $form);
            for ($month = 1; $month <= 12; $month++) {
                $name = (string) $names->format(LocalMoment::at(sprintf('2027-%02d-15T12:00', $month), new \DateTimeZone('UTC')));
                $months[mb_strtolower(rtrim($name, '.'))] = $month;
            }
        }
        $names = self::formatter($key, 'EEEE');
        for ($day = 1; $day <= 7; $day++) {
            // 4 January 2027 is a Monday.
            $name = (string) $names->format(LocalMoment::at(sprintf('2027-01-%02dT12:00', 3 + $day), new \DateTimeZone('UTC')));
            $days[mb_strtolower($name)] = $day;
        }

        return new self(
            $key,
            array_map(static fn(array $ways): string => implode('|', $ways), self::WORDS[$key]),
            self::SHARES[$key],
            $months,
            $days,
        );
    }

    private static function formatter(string $key, string $pattern): \IntlDateFormatter
    {
        return new \IntlDateFormatter($key, \IntlDateFormatter::NONE, \IntlDateFormatter::NONE, 'UTC', null, $pattern);
    }

    /** The language a text is most likely in; English where nothing tells. */
    public static function told(string $text): string
    {
        $best = ['en', -1];
        foreach (self::TELLING as $key => [$small, $large, $letters]) {
            $words = implode('|', [...$small, ...$large]);
            $count = (int) preg_match_all("/\\b(?:$words)\\b".($letters === '' ? '' : "|[$letters]").'/iu', $text);
            $best = $count > $best[1] ? [$key, $count] : $best;
        }

        return $best[0];
    }

    /** Whether a way of delivery is none: the customer comes for it. */
    public static function saysCollected(string $words): bool
    {
        $all = implode('|', array_merge(...array_column(self::WORDS, 'collected')));

        return preg_match("/(?<![\\p{L}])(?:$all)/iu", $words) === 1;
    }

    /** A figure as the language writes it: 1.234,50 in German, 1,234.50 in English. */
    public function number(string $written): float
    {
        $plain = (string) preg_replace('/[\s\x{A0}\x{202F}\'’]|,[–-]$/u', '', $written);
        // One or two figures after the last point or comma are parts of one, in whatever language.
        if (preg_match('/^([\d.,]*?)[.,](\d{1,2})$/', $plain, $m) === 1) {
            return (float) (preg_replace('/[.,]/', '', $m[1]).'.'.$m[2]);
        }
        $read = (new \NumberFormatter($this->key, \NumberFormatter::DECIMAL))->parse($plain);

        return $read === false ? (float) preg_replace('/[.,]/', '', $plain) : (float) $read;
    }
}
