<?php

declare(strict_types=1);

namespace Ikat\Core\Type\OpenType;

use Ikat\Core\Type\UnreadableFont;

/** The axes a variable font varies along. Sources: OpenType 1.9, "fvar", "avar" and "Coordinate scales and normalization". */
final readonly class Axes
{
    private const MOST = 64;

    /**
     * @param list<array{tag: string, least: float, default: float, most: float}> $axes
     * @param array<int, list<array{float, float}>> $bends axis => how its normalized scale is bent: from, to, in order
     */
    private function __construct(public array $axes, private array $bends) {}

    /** @throws UnreadableFont */
    public static function read(FontFile $file): self
    {
        if (! $file->has('fvar')) {
            return new self([], []);
        }
        $fvar = $file->table('fvar');
        [$at, , $count, $size] = $fvar->u16s(4, 4);
        if ($count > self::MOST) {
            throw UnreadableFont::because('it has more axes than a font has');
        }
        $axes = [];
        for ($i = 0; $i < $count; $i++) {
            $axis = $at + $size * $i;
            $axes[] = [
                'tag' => $fvar->text($axis, 4), 'least' => $fvar->fixed($axis + 4), 'default' => $fvar->fixed($axis + 8),
                'most' => $fvar->fixed($axis + 12),
            ];
        }

        return new self($axes, $file->has('avar') ? self::bends($file->table('avar')) : []);
    }

    /**
     * Where a font stands on its axes.
     *
     * @param array<string, float> $wanted tag => value on the axis's own scale; an axis that is not named stays at its default
     *
     * @return list<float> -1 to 1 for each axis
     */
    public function normalized(array $wanted): array
    {
        $place = [];
        foreach ($this->axes as $i => ['tag' => $tag, 'least' => $least, 'default' => $default, 'most' => $most]) {
            $value = min($most, max($least, $wanted[$tag] ?? $default));
            $at = match (true) {
                $value < $default && $default > $least => ($value - $default) / ($default - $least),
                $value > $default && $most > $default => ($value - $default) / ($most - $default),
                default => 0.0,
            };
            $place[] = self::bent($at, $this->bends[$i] ?? []);
        }

        return $place;
    }

    /** @return ?array{least: float, default: float, most: float} */
    public function axis(string $tag): ?array
    {
        foreach ($this->axes as $axis) {
            if ($axis['tag'] === $tag) {
                return ['least' => $axis['least'], 'default' => $axis['default'], 'most' => $axis['most']];
            }
        }

        return null;
    }

    /** @return array<int, list<array{float, float}>> */
    private static function bends(FontBytes $avar): array
    {
        $bends = [];
        $at = 8;
        for ($i = 0, $count = min(self::MOST, $avar->u16(6)); $i < $count; $i++) {
            $bends[$i] = [];
            for ($j = $avar->u16($at), $at += 2; $j > 0; $j--, $at += 4) {
                $bends[$i][] = [$avar->f2dot14($at), $avar->f2dot14($at + 2)];
            }
        }

        return $bends;
    }

    /** @param list<array{float, float}> $bends */
    private static function bent(float $at, array $bends): float
    {
        foreach ($bends as $i => [$from, $to]) {
            if ($at <= $from) {
                [$before, $there] = $bends[$i - 1] ?? [$from, $to];

                return $from > $before ? $there + ($to - $there) * ($at - $before) / ($from - $before) : $to;
            }
        }

        return $at;
    }
}
