<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorException;
use Ikat\Core\Color\ColorSpace;

/**
 * Colors running into each other: straight at an angle, or outward from a point, with 2 to 5 stops.
 *
 * Written as CSS writes it (CSS Images 3, linear-gradient() and radial-gradient()), except that a stop may follow a setting:
 * linear-gradient(135deg, {brand.main} 0%, #1a2230 100%).
 */
final readonly class Gradient
{
    public const LEAST_STOPS = 2;
    public const MOST_STOPS = 5;

    /** Points looked at between two stops when the worst one is sought. */
    private const POINTS = 32;

    /**
     * @param ?int $angle degrees 0..359, 0 is upwards, clockwise; null when it runs outward
     * @param int $x where it begins, percent from the left; of use when it runs outward
     * @param int $y percent from the top
     * @param list<array{color: string, at: int}> $stops CSS colors or aliases, at percent in ascending order
     */
    private function __construct(public ?int $angle, public int $x, public int $y, public array $stops) {}

    /**
     * @throws ColorException when the text is not a gradient of this kind, or one of its colors is none
     * @throws UnreadableGradient
     */
    public static function parse(string $text): self
    {
        $trimmed = trim($text);
        if (! preg_match('/^(linear|radial)-gradient\((.*)\)$/s', $trimmed, $m)) {
            throw UnreadableGradient::text($trimmed);
        }
        $parts = self::split($m[2]);
        [$angle, $x, $y] = self::direction($m[1], array_shift($parts), $trimmed);
        if (count($parts) < self::LEAST_STOPS || count($parts) > self::MOST_STOPS) {
            throw UnreadableGradient::text($trimmed);
        }
        $stops = array_map(static function (string $part) use ($trimmed): array {
            if (! preg_match('/^(.+?)\s+(\d{1,3})%$/s', trim($part), $m) || (int) $m[2] > 100) {
                throw UnreadableGradient::text($trimmed);
            }

            return ['color' => Alias::target($m[1]) !== null ? $m[1] : Color::parse($m[1])->hex(), 'at' => (int) $m[2]];
        }, $parts);
        usort($stops, static fn(array $a, array $b): int => $a['at'] <=> $b['at']);

        return new self($angle, $x, $y, $stops);
    }

    /** Null where parse() throws. */
    public static function tryParse(string $text): ?self
    {
        try {
            return self::parse($text);
        } catch (ColorException) {
            return null;
        }
    }

    /** Its written form: the same for the same gradient. */
    public function text(): string
    {
        return $this->written(static fn(string $color): string => $color);
    }

    /** @return string CSS, each followed setting as its custom property */
    public function css(): string
    {
        return $this->written(static fn(string $color): string => Alias::target($color) === null ? $color : 'var(--'.str_replace(
            '.',
            '-',
            Alias::target($color),
        ).')');
    }

    /** How it runs, as CSS writes it: 135deg, or circle at 50% 50%. */
    public function course(): string
    {
        return $this->angle !== null ? "{$this->angle}deg" : "circle at $this->x% $this->y%";
    }

    /** @return list<string> the settings its stops follow */
    public function followed(): array
    {
        return array_values(array_unique(array_filter(array_map(
            static fn(array $stop): ?string => Alias::target($stop['color']),
            $this->stops,
        ))));
    }

    /** @param callable(string): string $change of each stop's color or alias */
    public function with(callable $change): self
    {
        return new self(
            $this->angle,
            $this->x,
            $this->y,
            array_map(static fn(array $s): array => ['color' => $change($s['color']), 'at' => $s['at']], $this->stops),
        );
    }

    /**
     * The colors it runs through, close enough together to find the worst of them.
     *
     * Between two stops a browser mixes in sRGB with alpha premultiplied (CSS Images 3, section 3.4.2).
     *
     * @param callable(string): Color $resolve a stop's color or alias
     *
     * @return non-empty-list<Color>
     */
    public function colors(callable $resolve): array
    {
        $stops = array_map(static fn(array $s): Color => $resolve($s['color'])->shown(), $this->stops);
        $colors = [$stops[0]];
        for ($i = 1; $i < count($stops); $i++) {
            for ($k = 1; $k <= self::POINTS; $k++) {
                $colors[] = self::between($stops[$i - 1], $stops[$i], $k / self::POINTS);
            }
        }

        return $colors;
    }

    private static function between(Color $a, Color $b, float $share): Color
    {
        $alpha = $a->alpha + ($b->alpha - $a->alpha) * $share;
        if ($alpha <= 0.0) {
            return Color::in(ColorSpace::Srgb, 0, 0, 0, 0.0);
        }
        $mixed = array_map(
            static fn(float $x, float $y): float => ($x * $a->alpha * (1 - $share) + $y * $b->alpha * $share) / $alpha,
            $a->numbers(),
            $b->numbers(),
        );

        return Color::in(ColorSpace::Srgb, $mixed[0], $mixed[1], $mixed[2], $alpha);
    }

    /** @param callable(string): string $color */
    private function written(callable $color): string
    {
        $stops = implode(', ', array_map(static fn(array $s): string => $color($s['color'])." $s[at]%", $this->stops));

        return ($this->angle !== null ? 'linear' : 'radial')."-gradient({$this->course()}, $stops)";
    }

    /**
     * @return array{?int, int, int}
     *
     * @throws UnreadableGradient
     */
    private static function direction(string $kind, ?string $written, string $whole): array
    {
        if ($kind === 'linear' && preg_match('/^(\d{1,3})deg$/', trim((string) $written), $m)) {
            return [(int) $m[1] % 360, 50, 50];
        }
        if (
            $kind === 'radial'
            && preg_match('/^circle at (\d{1,3})% (\d{1,3})%$/', trim((string) $written), $m)
            && max((int) $m[1], (int) $m[2]) <= 100
        ) {
            return [null, (int) $m[1], (int) $m[2]];
        }

        throw UnreadableGradient::text($whole);
    }

    /** @return list<string> what stands between commas outside brackets */
    private static function split(string $inner): array
    {
        return array_map(trim(...), preg_split('/,(?![^()]*\))/', $inner) ?: []);
    }
}
