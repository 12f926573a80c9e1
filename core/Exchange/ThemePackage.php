<?php

declare(strict_types=1);

namespace Ikat\Core\Exchange;

use Ikat\Core\Look\Theme;
use Ikat\Core\Setting\Catalog\StorefrontCatalog;
use Ikat\Core\Setting\LookException;
use Ikat\Core\Setting\SettingCatalog;
use Ikat\Core\Type\FontFacts;
use Ikat\Core\Type\FontSet;
use Ikat\Core\Type\UnreadableFont;

/**
 * A theme as one file to hand on: open design tokens (2025.10), a stylesheet, the pictures its starters show and the fonts they speak in.
 *
 * @phpstan-import-type Own from ThemeTokens
 * @phpstan-type Shaped array{'$extensions': array{'ikat.theme': Own}}
 */
final readonly class ThemePackage
{
    /**
     * @param string $name what the shelf will call it
     * @param array<string, string> $pictures name within the package, without folder and ending => content
     * @param array<string, array{FontFacts, string}> $fonts key => what it says of itself, and its bytes
     */
    private function __construct(
        public string $name,
        public Theme $theme,
        public string $tokens,
        public string $css,
        public array $pictures,
        public array $fonts,
    ) {}

    /**
     * @param array<string, string> $files name => content, already within PackageRules
     *
     * @throws UnusablePackage with everything that is wrong
     */
    public static function read(array $files): self
    {
        $tokens = $files[PackageRules::TOKENS] ?? '';
        [$css, $styleProblems] = StyleCleaner::clean($files[PackageRules::STYLES] ?? '');
        $misshapen = ThemeForm::problems($tokens);
        if ($misshapen !== []) {
            throw new UnusablePackage([...$misshapen, ...$styleProblems]);
        }
        /** @var Shaped $row */
        $row = json_decode($tokens, true, 32);
        $title = $row['$extensions'][ThemeTokens::EXTENSION]['title'];
        $name = 'own-'.trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower(mb_substr($title, 0, 40))), '-');
        [$fonts, $fontProblems] = self::fonts($files);
        $names = array_map(static fn(array $font): string => $font[0]->name, $fonts);
        $catalogs = new StorefrontCatalog(fonts: static fn(): FontSet => new FontSet([], $names));
        try {
            $theme = ThemeTokens::read($name, $tokens);
            $problems = $fontProblems === [] ? self::faults($theme, $catalogs) : $fontProblems;
        } catch (UnreadableTheme $e) {
            throw new UnusablePackage([$e->getMessage(), ...$styleProblems]);
        } catch (\TypeError|\ValueError|\LogicException|LookException $e) {
            throw new UnusablePackage(['theme.tokens.json does not have the form of a theme.', ...$styleProblems]);
        }
        $pictures = [];
        foreach ($files as $file => $content) {
            if (str_starts_with($file, 'pictures/')) {
                $pictures[pathinfo($file, PATHINFO_FILENAME)] = $content;
            }
        }
        $problems = [...$problems, ...$styleProblems];
        if ($problems !== []) {
            throw new UnusablePackage($problems);
        }

        return new self($name, $theme, self::canonical($row, $theme, $catalogs), $css, $pictures, $fonts);
    }

    /**
     * @param array<string, string> $files
     *
     * @return array{array<string, array{FontFacts, string}>, list<string>} the fonts, and what is wrong with them
     */
    private static function fonts(array $files): array
    {
        $fonts = $problems = [];
        foreach ($files as $file => $content) {
            if (! str_starts_with($file, 'fonts/')) {
                continue;
            }
            try {
                $facts = FontFacts::of($content);
                $fonts[$facts->key] = [$facts, $content];
                if ($file !== "fonts/$facts->key.ttf") {
                    $problems[] = "“{$file}” is another font than the one that was exported.";
                }
            } catch (UnreadableFont $e) {
                $problems[] = "“{$file}”: {$e->getMessage()}";
            }
        }

        return [$fonts, $problems];
    }

    /**
     * The tokens with every plain setting in the form the catalog gives it: what is kept is what was checked.
     *
     * @param Shaped $row
     */
    private static function canonical(array $row, Theme $theme, StorefrontCatalog $catalogs): string
    {
        $own = &$row['$extensions'][ThemeTokens::EXTENSION];
        $normal = static function (array $settings, string $starter) use ($theme, $catalogs): array {
            $catalog = self::catalog($catalogs, $theme, $starter);
            foreach ($settings as $path => $value) {
                $settings[$path] = $catalog->normalize((string) $path, is_int($value) ? (float) $value : $value);
            }

            return $settings;
        };
        $own['settings'] = $normal($own['settings'] ?? [], (string) array_key_first($theme->starters));
        foreach ($own['starters'] ?? [] as $key => $starter) {
            $own['starters'][$key]['settings'] = $normal($starter['settings'] ?? [], (string) $key);
        }

        return json_encode($row, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    private static function catalog(StorefrontCatalog $catalogs, Theme $theme, string $starter): SettingCatalog
    {
        return $catalogs->of($theme, $theme->layers($starter));
    }

    /** @return list<string> */
    private static function faults(Theme $theme, StorefrontCatalog $catalogs): array
    {
        $problems = [];
        if (! preg_match('/^\d{1,4}\.\d{1,4}\.\d{1,4}$/', $theme->version)) {
            $problems[] = 'Its version is not three numbers like 1.0.0.';
        }
        if (mb_strlen(trim($theme->title)) < 2 || ! preg_match('/^own(-[a-z0-9]+)+$/D', $theme->name)) {
            $problems[] = 'It has no title in letters.';
        }
        if (
            $theme->schemes === []
            || count($theme->schemes) > 12
            || count($theme->brandColors) > 24
            || count($theme->starters) > 24
            || count($theme->own) > 40
        ) {
            $problems[] = 'It has no color scheme, or too many of them, of brand colors, starters or settings of its own.';

            return $problems;
        }
        foreach ($theme->starters as $starter) {
            $catalog = self::catalog($catalogs, $theme, $starter->name);
            foreach ([...$theme->values, ...$starter->values] as $path => $value) {
                if (! $catalog->has($path)) {
                    $problems[] = 'There is no setting “'.mb_substr($path, 0, 60).'”.';

                    continue;
                }
                try {
                    $catalog->normalize($path, $value);
                } catch (LookException $e) {
                    $problems[] = $e->getMessage();
                }
            }
        }

        return array_slice(array_values(array_unique($problems)), 0, 20);
    }
}
