<?php

declare(strict_types=1);

namespace Ikat\Core\Promise;

use Ikat\Core\Season\LocalMoment;

/**
 * Reads out of a text what it promises: codes, shares, sums, free delivery and days, in English, German, French and Spanish.
 *
 * What is no promise is left alone: a share without a word of reduction (100% cotton), a sum without a word of delivery or reduction.
 *
 * @phpstan-type Found array{at: int, written: string, value: float|int|string}
 */
final class ClaimReader
{
    private const NUMBER = '\d{1,3}(?:[.,\x{A0}\x{202F}\'’ ]\d{3})+(?:[.,]\d{1,2})?|\d+(?:[.,]\d{1,2})?(?:,[–-])?';
    private const SIGNS = 'US\$|CA\$|[$€£¥]|CHF|EUR|USD|GBP';
    private const NAMES = '€|\$|£|EUR\b|USD\b|CHF\b|GBP\b|Euros?\b|euros?\b|dollars?\b|Dollar\b|dólares\b|Franken\b|francs\b|pounds?\b';

    /** What stands before a code that is called one. */
    private const CALLED = '/(?:code|código|gutschein(?:code)?|codewort|coupon|cupón|voucher)\s*(?:promo\s*)?[:„“"«»’\'\s]*$/u';

    /** A share that needs no word of reduction beside it. */
    private const HALF = '/half price|halben preis|moitié prix|mitad de precio/iu';

    /** Every promise has a code, or one of these: a figure, a word of what costs nothing, a share in words, or how long something lasts. */
    private const MAY_PROMISE = '/\d|free|ships?|gratis|fre[iy]|kosten|offert|gratuit|livr|env[ií]o|portes|half|third|quarter|fifth|tenth'
        .'|halb|hälfte|drittel|viertel|fünftel|zehntel|moitié|tiers|quart|cinquième|dixième|mitad|tercio|cuarto|quinto|décimo|until|till'
        .'|bis|jusqu|hasta/iu';

    /** How far before a sum or day the word stands that says what it is, in characters. */
    private const NEAR = 26;

    private Language $language;

    /** @var array<string, Language> */
    private array $languages = [];

    /**
     * @param list<string> $codes of the store
     * @param \DateTimeImmutable $moment at which it is read: a day without a year is the nearest such day
     * @param string $currency decides which figure of 3/4 is the month
     */
    public function __construct(
        private readonly array $codes,
        private readonly \DateTimeImmutable $moment,
        private readonly \DateTimeZone $zone,
        private readonly string $currency = 'USD',
    ) {}

    /** @return list<Claim> in the order they are said */
    public function read(string $text): array
    {
        if (preg_match(self::MAY_PROMISE, $text) !== 1 && preg_match('/[A-Z]{4}/', $text) !== 1) {
            return [];
        }
        $key = Language::told($text);
        $this->language = $this->languages[$key] ??= Language::of($key);
        $all = $this->codesIn($text);
        $claims = [];
        $pending = [];
        foreach ($this->sentences($text) as $sentence) {
            [$claimed, $loose] = $this->ofSentence($sentence, count($all) === 1 ? $all[0]['written'] : null);
            $claims = [...$claims, ...$claimed];
            $pending = [...$pending, ...$loose];
        }

        return $this->joined($claims, $pending, count($all) === 1);
    }

    /**
     * What other sentences say of the only code: "15% off. Use LUMEN15."
     *
     * @param list<Claim> $claims
     * @param list<Claim> $pending that may be the code's or stand for themselves
     *
     * @return list<Claim>
     */
    private function joined(array $claims, array $pending, bool $hasOneCode): array
    {
        foreach ($pending as $loose) {
            $at = null;
            foreach ($hasOneCode ? $claims : [] as $i => $claim) {
                $isFree = match ($loose->kind) {
                    ClaimKind::Reduction => $claim->percent === null && $claim->amount === null,
                    ClaimKind::AmountOff => $claim->amount === null && $claim->percent === null,
                    default => $claim->until === null,
                };
                $at = $claim->kind === ClaimKind::Code && $isFree ? $i : $at;
            }
            if ($at === null) {
                $claims[] = $loose;
            } else {
                $claims[$at] = new Claim(
                    ClaimKind::Code,
                    $claims[$at]->said,
                    $claims[$at]->code,
                    $claims[$at]->percent ?? $loose->percent,
                    $claims[$at]->amount ?? ($loose->kind === ClaimKind::AmountOff ? $loose->amount : null),
                    $claims[$at]->minimum ?? $loose->minimum,
                    $claims[$at]->until ?? $loose->until,
                    $claims[$at]->from ?? $loose->from,
                    $loose->isMost,
                    $claims[$at]->givesDelivery,
                    [...$loose->written, ...$claims[$at]->written],
                );
            }
        }

        return array_values($claims);
    }

    /** @return list<string> */
    private function sentences(string $text): array
    {
        $months = implode('|', array_map(static fn(string $m): string => preg_quote($m, '/'), array_keys($this->language->months)));

        return array_values(array_filter(array_map(
            trim(...),
            preg_split("/(?<=[.!?])\\s+(?=[\\p{Lu}\\d¡¿])(?!(?:$months)\\b)|[;•·|\\n]|\\s[–—]\\s/iu", $text) ?: [],
        ), static fn(string $s): bool => $s !== ''));
    }

    /** @return array{list<Claim>, list<Claim>} what it promises, and what may be said of a code elsewhere */
    private function ofSentence(string $sentence, ?string $only): array
    {
        $codes = $this->codesIn($sentence);
        $percents = $this->percentsIn($sentence, $codes !== []);
        $sums = $this->sumsIn($sentence);
        $isFree = $this->says('free', $sentence);
        $minimum = $this->first(array_filter($sums, fn(array $s): bool => $this->isLeast($sentence, $s)));
        $off = $this->first(array_filter($sums, fn(array $s): bool => ! $this->isLeast($sentence, $s)));
        $isOff = $this->says('off', $sentence) || preg_match('/[-−–]\s?(?:'.self::SIGNS.')?\s?\d/u', $sentence) === 1;
        $days = $this->daysIn($sentence);
        $until = $this->first(array_filter($days, fn(array $d): bool => $this->stands('until', $sentence, $d['at'])));
        $from = $this->first(array_filter($days, fn(array $d): bool => $this->stands('from', $sentence, $d['at'])));
        $written = array_filter([
            'minimum' => $minimum['written'] ?? '', 'amount' => $off['written'] ?? '', 'until' => $until['written'] ?? '',
        ]);
        $claims = $loose = [];
        foreach ($codes as $code) {
            $percent = $this->nearest($percents, $code['at']);
            $gives = $isFree && $percent === null && ($off === null || ! $isOff);
            $claims[] = new Claim(
                ClaimKind::Code,
                $sentence,
                (string) $code['value'],
                $percent === null ? null : (float) $percent['value'],
                $percent === null && $off !== null && $isOff ? (int) $off['value'] : null,
                $minimum === null ? null : (int) $minimum['value'],
                $until === null ? null : (string) $until['value'],
                $from === null ? null : (string) $from['value'],
                $this->says('most', $sentence) && $percent !== null,
                $gives,
                array_filter([...$written, 'percent' => $percent['written'] ?? '']),
            );
        }
        if ($codes !== []) {
            return [$claims, []];
        }
        $free = null;
        if ($isFree) {
            $free = match (true) {
                $minimum !== null => new Claim(
                    ClaimKind::FreeFrom,
                    $sentence,
                    amount: (int) $minimum['value'],
                    written: ['amount' => $minimum['written']],
                ),
                // "from sixty dollars": a sum that is written out is nobody's to judge here.
                $this->says('least', $sentence) => null,
                default => new Claim(ClaimKind::FreeDelivery, $sentence),
            };
        } elseif ($off !== null && $this->says('delivery', $sentence) && ! $isOff) {
            $claims[] = new Claim(ClaimKind::DeliveryPrice, $sentence, amount: (int) $off['value'], written: ['amount' => $off['written']]);
        } elseif ($minimum !== null && count($sums) === 1 && $this->says('delivery', $sentence) && ! $isOff) {
            $claims[] = new Claim(
                ClaimKind::DeliveryPrice,
                $sentence,
                amount: (int) $minimum['value'],
                isMost: true,
                written: ['amount' => $minimum['written']],
            );
        } elseif ($off !== null && $isOff && $percents === []) {
            $loose[] = new Claim(
                ClaimKind::AmountOff,
                $sentence,
                amount: (int) $off['value'],
                minimum: $minimum === null ? null : (int) $minimum['value'],
                written: $written,
            );
        }
        foreach ($percents as $percent) {
            $loose[] = new Claim(
                ClaimKind::Reduction,
                $sentence,
                percent: (float) $percent['value'],
                until: $until === null ? null : (string) $until['value'],
                isMost: $this->says('most', $sentence),
                written: ['percent' => $percent['written'], ...array_intersect_key($written, ['until' => ''])],
            );
        }
        if ($until !== null && $percents === []) {
            $loose[] = new Claim(ClaimKind::Until, $sentence, until: (string) $until['value'], written: ['until' => $until['written']]);
        }

        return [$free === null ? $claims : [$free], $loose];
    }

    /** @return list<Found> */
    private function codesIn(string $text): array
    {
        $found = [];
        preg_match_all('/(?<![\p{L}\d#])(?=[A-Z\d]*[A-Z])[A-Z\d]{4,20}(?![\p{L}\d])/u', $text, $matches, PREG_OFFSET_CAPTURE);
        foreach ($matches[0] as [$word, $at]) {
            $before = mb_strtolower(substr($text, max(0, $at - 24), min(24, $at)));
            $isSaid = preg_match(self::CALLED, $before) === 1;
            if (in_array($word, $this->codes, true) || $isSaid || preg_match('/^[A-Z]{3,}\d{1,3}$/', $word) === 1) {
                $found[] = ['at' => $at, 'written' => $word, 'value' => $word];
            }
        }

        return $found;
    }

    /** @return list<Found> */
    private function percentsIn(string $sentence, bool $hasCode): array
    {
        $found = [];
        preg_match_all(
            '/(?<![\d.,])(\d{1,2}(?:[.,]\d)?)[\s\x{A0}\x{202F}]?(?:%|per ?cent\b|Prozent\b|pour cent\b|por ciento\b)/u',
            $sentence,
            $matches,
            PREG_OFFSET_CAPTURE,
        );
        foreach ($matches[0] as $i => [$written, $at]) {
            $isMinus = preg_match('/[-−–]\s?$/u', substr($sentence, 0, $at)) === 1;
            if ($hasCode || $isMinus || $this->says('off', $sentence)) {
                $found[] = ['at' => $at, 'written' => $written, 'value' => $this->language->number($matches[1][$i][0])];
            }
        }
        $mayBeShare = $found === [] && ($hasCode || $this->says('off', $sentence) || preg_match(self::HALF, $sentence) === 1);
        foreach ($mayBeShare ? $this->language->shares : [] as $words => $share) {
            if (preg_match('/\b'.preg_quote($words, '/').'\b/iu', $sentence, $m, PREG_OFFSET_CAPTURE) === 1) {
                $found[] = ['at' => $m[0][1], 'written' => $m[0][0], 'value' => $share];

                break;
            }
        }

        return $found;
    }

    /** @return list<Found> in hundredths */
    private function sumsIn(string $sentence): array
    {
        $found = [];
        preg_match_all(
            sprintf(
                '/(?:(?:%1$s)[\s\x{A0}\x{202F}]?(%2$s))|(?<![\d.,])(%2$s)[\s\x{A0}\x{202F}]?(?:%3$s)/u',
                self::SIGNS,
                self::NUMBER,
                self::NAMES,
            ),
            $sentence,
            $matches,
            PREG_OFFSET_CAPTURE | PREG_SET_ORDER,
        );
        foreach ($matches as $match) {
            $number = ($match[2][0] ?? '') === '' ? $match[1][0] ?? '' : $match[2][0];
            $found[] = ['at' => $match[0][1], 'written' => $match[0][0], 'value' => (int) round(100 * $this->language->number($number))];
        }

        return $found;
    }

    /** @return list<Found> each as 2027-03-03 */
    private function daysIn(string $sentence): array
    {
        $names = array_keys($this->language->months);
        usort($names, static fn(string $a, string $b): int => strlen($b) <=> strlen($a));
        $months = implode('|', array_map(static fn(string $m): string => preg_quote($m, '/'), $names));
        $isMonthFirst = $this->language->key === 'en' && $this->currency === 'USD';
        $days = implode('|', array_keys($this->language->days));
        // Each with the parts it names.
        $patterns = [
            '/\b(?<year>20\d\d)-(?<month>\d\d)-(?<day>\d\d)\b/u',
            "/\\b(?<day>\\d{1,2})(?:st|nd|rd|th|er|\\.|º)?[\\s\\x{A0}]?(?:of |de )?(?<name>$months)\\b\\.?"
                .'(?:,?[\s\x{A0}](?:de |del )?(?<year>20\d\d))?/iu',
            ...$this->language->key === 'en'
                ? ["/\\b(?<name>$months)\\b\\.? (?<day>\\d{1,2})(?:st|nd|rd|th)?(?:,? (?<year>20\\d\\d))?\\b/iu"]
                : [],
            '/(?<!\d)(?<day>\d{1,2})\.[\s\x{A0}]?(?<month>\d{1,2})\.(?<year>20\d\d|\d\d)?(?!\d)/u',
            $isMonthFirst
                ? '/(?<![\d\/])(?<month>\d{1,2})\/(?<day>\d{1,2})(?:\/(?<year>20\d\d|\d\d))?(?![\d\/])/u'
                : '/(?<![\d\/])(?<day>\d{1,2})\/(?<month>\d{1,2})(?:\/(?<year>20\d\d|\d\d))?(?![\d\/])/u',
            "/\\b(?<weekday>$days)\\b/iu",
        ];
        $found = [];
        foreach ($patterns as $pattern) {
            preg_match_all($pattern, $sentence, $matches, PREG_OFFSET_CAPTURE | PREG_SET_ORDER | PREG_UNMATCHED_AS_NULL);
            foreach ($matches as $match) {
                $written = (string) $match[0][0];
                $at = (int) $match[0][1];
                $day = $this->dayOf(array_map(static fn(array $part): string => (string) $part[0], $match));
                $overlaps = array_filter(
                    $found,
                    static fn(array $f): bool => $at < $f['at'] + strlen($f['written']) && $f['at'] < $at + strlen($written),
                );
                if ($day !== null && $overlaps === []) {
                    $found[] = ['at' => $at, 'written' => $written, 'value' => $day];
                }
            }
        }
        usort($found, static fn(array $a, array $b): int => $a['at'] <=> $b['at']);

        return $found;
    }

    /** @param array<array-key, string> $parts year, month or name, day; or a weekday, which is the next one */
    private function dayOf(array $parts): ?string
    {
        if (($parts['weekday'] ?? '') !== '') {
            $today = $this->moment->setTimezone($this->zone);
            $ahead = ($this->language->days[mb_strtolower($parts['weekday'])] - (int) $today->format('N') + 7) % 7;

            return $today->modify("+$ahead days")->format('Y-m-d');
        }
        $year = $parts['year'] ?? '';

        return $this->day(
            $year === '' ? null : (int) (strlen($year) === 2 ? "20$year" : $year),
            ($parts['name'] ?? '') === '' ? (int) ($parts['month'] ?? 0) : $this->language->months[mb_strtolower($parts['name'])],
            (int) $parts['day'],
        );
    }

    /** The nearest such day, where no year is said. */
    private function day(?int $year, int $month, int $day): ?string
    {
        $now = $this->moment->setTimezone($this->zone);
        $best = null;
        foreach ($year === null ? [-1, 0, 1] : [0] as $more) {
            $in = ($year ?? (int) $now->format('Y')) + $more;
            if (checkdate($month, $day, $in)) {
                $written = sprintf('%04d-%02d-%02d', $in, $month, $day);
                $far = abs($now->getTimestamp() - LocalMoment::at("{$written}T00:00", $this->zone)->getTimestamp());
                $best = $best === null || $far < $best[0] ? [$far, $written] : $best;
            }
        }

        return $best[1] ?? null;
    }

    private function says(string $what, string $sentence): bool
    {
        return preg_match("/(?<![\\p{L}])(?:{$this->language->words[$what]})(?![\\p{L}])/iu", $sentence) === 1;
    }

    /** Whether a word of that kind stands just before a place. */
    private function stands(string $what, string $sentence, int $at): bool
    {
        $before = substr($sentence, max(0, $at - self::NEAR), min(self::NEAR, $at));
        $days = implode('|', array_keys($this->language->days));

        return preg_match(
            "/(?<![\\p{L}])(?:{$this->language->words[$what]})[\\s\\x{A0}:]*"
                ."(?:(?:the|den|dem|am|le|el|du|al|next|nächsten|$days),?\\s*)*$/iu",
            mb_scrub($before),
        ) === 1;
    }

    /** @param Found $sum whether a sum is one from which something holds */
    private function isLeast(string $sentence, array $sum): bool
    {
        $after = substr($sentence, $sum['at'] + strlen($sum['written']), 20);

        return $this->stands('over', $sentence, $sum['at'])
            || preg_match("/^\\s*(?:{$this->language->words['more']})/iu", mb_scrub($after)) === 1;
    }

    /**
     * @param array<array-key, Found> $found
     *
     * @return ?Found
     */
    private function first(array $found): ?array
    {
        foreach ($found as $one) {
            return $one;
        }

        return null;
    }

    /**
     * @param list<Found> $found
     *
     * @return ?Found
     */
    private function nearest(array $found, int $at): ?array
    {
        usort($found, static fn(array $a, array $b): int => abs($a['at'] - $at) <=> abs($b['at'] - $at));

        return $found[0] ?? null;
    }
}
