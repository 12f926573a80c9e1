<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Setting\Condition;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\SizeRule;
use Ikat\Core\Setting\StepKey;
use Ikat\Core\Type\FontSet;
use Ikat\Core\Type\Voice;

/** Fonts: which family and weight speaks where, and how large. */
final class TypeSettings
{
    /** Text size that all others follow: smallest and largest, px. */
    private const TEXT = [14, 20];

    /** @return list<Setting> */
    public static function all(FontSet $fonts): array
    {
        return [
            ...array_merge(...array_map(static fn(Voice $voice): array => self::of($voice, $fonts), Voice::cases())),
            self::number('type.scale', 'Heading growth', 1.26, 1.1, 1.45, 0.01, 'heading size ratio scale bigger title'),
        ];
    }

    /** @return list<Setting> */
    private static function of(Voice $voice, FontSet $fonts): array
    {
        [$family, $weight, $leading, $words] = match ($voice) {
            Voice::Heading => ['gloock', 400.0, 1.12, 'title headline'],
            Voice::Second => ['{type.heading.family}', '{type.heading.weight}', '{type.heading.leading}', 'title subtitle'],
            Voice::Third => ['{type.body.family}', 600.0, 1.3, 'title subtitle'],
            Voice::Price => ['{type.body.family}', 700.0, '{type.leading}', 'amount money'],
            Voice::Body => ['karla', 400.0, 1.5, 'body paragraph'],
            Voice::Menu => ['{type.body.family}', 600.0, '{type.leading}', 'navigation links'],
            Voice::Button => ['{type.body.family}', 700.0, '{type.leading}', 'action'],
            Voice::Label => ['{type.body.family}', 700.0, 1.6, 'badge sale new'],
            Voice::Small => ['{type.body.family}', '{type.body.weight}', '{type.leading}', 'small print notes'],
        };
        $label = $voice->label();
        $styles = ['upright' => ['upright', 'normal'], 'italic' => ['italic', 'italic']];

        return [
            Setting::font($fonts, $voice->path('family'), "$label font", 'every page', $family, "typeface letter $words"),
            self::number(
                $voice->path('weight'),
                "$label weight",
                $weight,
                100,
                900,
                100,
                "bold light thick $words",
                Condition::is($voice->path('family'), ...$fonts->withWeights()),
            ),
            self::choice($voice, 'style', 'upright', $styles, $words, Condition::is(
                $voice->path('family'),
                ...$fonts->withItalics(),
            )),
            self::size($voice, 'size.phone', "$label on a phone", $voice === Voice::Body ? '{type.base}' : null, $words),
            self::size($voice, 'size.desktop', "$label on a desktop", $voice === Voice::Body
                ? 16.0 : null, $words),
            Setting::length(
                $voice->path('spacing'),
                "$label spacing",
                'every page',
                StepKey::FONTS,
                0,
                -0.08,
                $voice === Voice::Label ? 0.15 : 0.3,
                0.005,
                'em',
                "tracking distance $words",
            ),
            self::choice($voice, 'case', 'typed', [
                'typed' => ['as typed', 'none'], 'capitals' => ['CAPITALS', 'uppercase'],
            ], "capitals uppercase $words"),
            self::number(
                $voice->path('leading'),
                "$label line height",
                $leading,
                $voice === Voice::Body ? 1.3 : 0.9,
                match ($voice) {
                    Voice::Body => 1.9,
                    Voice::Label => 1.7,
                    default => 2.0,
                },
                $voice === Voice::Body ? 0.05 : 0.01,
                "line spacing leading distance $words",
            ),
            ...$voice->hasLines() ? [self::choice($voice, 'ends', 'even', [
                'fall' => ['as they fall', 'wrap'], 'even' => ['evened out', 'balance'],
            ], "line ends balance $words")] : [],
            ...$voice === Voice::Body ? [self::measure()] : [],
        ];
    }

    /** As wide as a column of text may get, in sizes of its letters: how many of them that are is the font's to say. */
    private static function measure(): Setting
    {
        return Setting::length(
            Voice::Body->path('measure'),
            'Text line at most',
            'every page',
            StepKey::FONTS,
            33,
            20,
            60,
            0.5,
            'em',
            'measure column width longest line characters',
        );
    }

    /** @param float|string|null $default null for what the type scale says */
    private static function size(Voice $voice, string $what, string $label, float|string|null $default, string $words): Setting
    {
        // Smallest, largest on a phone, largest on a desktop, px: beyond these a phone of 320 px does not hold a word, or nobody can read
        // it.
        [$least, $onPhone, $onDesktop] = match ($voice) {
            Voice::Heading => [18, 64, 130],
            Voice::Second => [16, 48, 88],
            Voice::Third => [14, 32, 48],
            Voice::Price => [12, 40, 56],
            Voice::Body => [12, self::TEXT[1], self::TEXT[1]],
            Voice::Menu, Voice::Button => [12, 22, 28],
            Voice::Small => [10, 20, 24],
            // Labels lie on pictures, which are small in narrow columns.
            Voice::Label => [10, 16, 18],
        };
        if ($voice->path($what) === 'type.base') {
            [$least] = self::TEXT;
        }

        return Setting::size(
            $voice->path($what),
            $label,
            $default,
            $least,
            $what === 'size.phone' ? $onPhone : $onDesktop,
            "font size letters bigger smaller $words",
            $default === null ? new SizeRule($voice->step(), $what === 'size.phone') : null,
        );
    }

    private static function number(
        string $path,
        string $label,
        float|string $default,
        float $min,
        float $max,
        float $increment,
        string $words,
        ?Condition $when = null,
    ): Setting {
        return Setting::number($path, $label, 'every page', StepKey::FONTS, $default, $min, $max, $increment, $words, $when);
    }

    /** @param array<string, array{string, string}> $choices key => [plain words, CSS] */
    private static function choice(
        Voice $voice,
        string $what,
        string $default,
        array $choices,
        string $words,
        ?Condition $when = null,
    ): Setting {
        $names = ['style' => 'style', 'case' => 'case', 'ends' => 'line ends'];

        return Setting::choice(
            $voice->path($what),
            "{$voice->label()} $names[$what]",
            'every page',
            StepKey::FONTS,
            $default,
            array_map(static fn(array $c): string => $c[0], $choices),
            array_map(static fn(array $c): string => $c[1], $choices),
            $words,
            $when,
        );
    }
}
