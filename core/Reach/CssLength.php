<?php

declare(strict_types=1);

namespace Ikat\Core\Reach;

/**
 * What a written CSS length comes to, in px, on a screen.
 *
 * Knows px, rem, em, vw, %, bare numbers, calc(), min(), max(), clamp() with + - * / and parentheses, and var(), which is followed.
 * Source: CSS Values and Units Level 4, mathematical expressions. A browser's own size of letters is taken to be 16 px.
 */
final readonly class CssLength
{
    public const REM = 16.0;

    /** How often var() is followed: what leads in a circle has no length. */
    private const DEEP = 12;

    private const TOKEN = '/\G\s*(?:(\d*\.?\d+(?:e-?\d+)?)(px|rem|em|vw|%)?(?![a-z\d])|(calc|min|max|clamp)?\(|([-+*\/,)]))/i';

    /**
     * @param array<string, string> $properties custom property => value
     * @param float $window width of the screen, px
     * @param float $em size of letters, px
     * @param ?float $whole what 100 % are of, px; null where it is not known
     */
    public function __construct(
        private array $properties,
        private float $window,
        private float $em = 0.0,
        private ?float $whole = null,
    ) {}

    /** @return ?float null for what is no length: auto, a ratio, a property that nobody set */
    public function px(string $value): ?float
    {
        $tokens = self::tokens(self::followed($value, $this->properties));
        if ($tokens === null) {
            return null;
        }
        $at = 0;
        $px = $this->sum($tokens, $at);

        return $at === count($tokens) ? $px : null;
    }

    /**
     * A value with every var() replaced by what it stands for.
     *
     * @param array<string, string> $properties custom property => value
     *
     * @return string empty where one is not set, or leads back to itself
     */
    public static function followed(string $value, array $properties): string
    {
        for ($i = 0; str_contains($value, 'var('); $i++) {
            $isKnown = $i < self::DEEP;
            preg_match_all('/var\((--[a-z0-9-]+)\)/', $value, $m);
            foreach ($m[1] as $property) {
                $isKnown = $isKnown && ($properties[$property] ?? '') !== '';
                $value = str_replace("var($property)", '('.($properties[$property] ?? '').')', $value);
            }
            if (! $isKnown || $m[1] === []) {
                return '';
            }
        }

        return $value;
    }

    /** @return ?list<array{string, string}> kind and text: number with its unit, function, or sign; null where something else stands */
    private static function tokens(string $value): ?array
    {
        $tokens = [];
        $value = trim($value);
        for ($at = 0; $at < strlen($value); $at += strlen($m[0])) {
            if (! preg_match(self::TOKEN, $value, $m, 0, $at)) {
                return null;
            }
            $tokens[] = match (true) {
                ($m[1] ?? '') !== '' => ['number', $m[1].strtolower($m[2] ?? '')],
                ($m[4] ?? '') !== '' => ['sign', $m[4]],
                default => ['open', strtolower($m[3] ?? '')],
            };
        }

        return $tokens;
    }

    /** @param list<array{string, string}> $tokens */
    private function sum(array $tokens, int &$at): ?float
    {
        $sum = $this->product($tokens, $at);
        while ($sum !== null && in_array($tokens[$at] ?? null, [['sign', '+'], ['sign', '-']], true)) {
            $sign = $tokens[$at++][1] === '+' ? 1 : -1;
            $next = $this->product($tokens, $at);
            $sum = $next === null ? null : $sum + $sign * $next;
        }

        return $sum;
    }

    /** @param list<array{string, string}> $tokens */
    private function product(array $tokens, int &$at): ?float
    {
        $product = $this->factor($tokens, $at);
        while ($product !== null && in_array($tokens[$at] ?? null, [['sign', '*'], ['sign', '/']], true)) {
            $isTimes = $tokens[$at++][1] === '*';
            $next = $this->factor($tokens, $at);
            $product = match (true) {
                $next === null, ! $isTimes && $next === 0.0 => null,
                default => $isTimes ? $product * $next : $product / $next,
            };
        }

        return $product;
    }

    /** @param list<array{string, string}> $tokens */
    private function factor(array $tokens, int &$at): ?float
    {
        [$kind, $text] = $tokens[$at++] ?? ['end', ''];
        if ($kind === 'sign' && ($text === '-' || $text === '+')) {
            $value = $this->factor($tokens, $at);

            return $value === null ? null : ($text === '-' ? -$value : $value);
        }
        if ($kind === 'number') {
            return $this->number($text);
        }
        if ($kind !== 'open') {
            return null;
        }
        $values = [];
        do {
            $value = $this->sum($tokens, $at);
            [$kind, $sign] = $tokens[$at++] ?? ['end', ''];
            if ($value === null || $kind !== 'sign') {
                return null;
            }
            $values[] = $value;
        } while ($sign === ',');

        return $sign !== ')' ? null : match ($text) {
            'min' => min($values),
            'max' => max($values),
            'clamp' => count($values) === 3 ? max($values[0], min($values[1], $values[2])) : null,
            default => count($values) === 1 ? $values[0] : null,
        };
    }

    private function number(string $written): ?float
    {
        $number = (float) $written;

        return match (preg_replace('/^[\d.]+(e-?\d+)?/i', '', $written)) {
            'rem' => $number * self::REM,
            'em' => $number * $this->em,
            'vw' => $number * $this->window / 100,
            '%' => $this->whole === null ? null : $number * $this->whole / 100,
            default => $number,
        };
    }
}
