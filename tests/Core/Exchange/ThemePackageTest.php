<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Ikat\Core\Exchange\PackageRules;
use Ikat\Core\Exchange\StyleCleaner;
use Ikat\Core\Exchange\ThemePackage;
use Ikat\Core\Exchange\UnusablePackage;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ThemePackageTest extends TestCase
{
    private const FOLDER = __DIR__.'/../../../themes';

    private static function tokens(): string
    {
        return (string) file_get_contents(self::FOLDER.'/belfry/1.0.0/theme.tokens.json');
    }

    public function testEveryShippedThemeIsAPackage(): void
    {
        foreach (['millrace/1.0.0', 'millrace/1.1.0', 'towpath/1.0.0', 'belfry/1.0.0'] as $theme) {
            $package = ThemePackage::read([
                PackageRules::TOKENS => (string) file_get_contents(self::FOLDER."/$theme/theme.tokens.json"),
                PackageRules::STYLES => (string) file_get_contents(self::FOLDER."/$theme/theme.css"),
            ]);
            self::assertSame('own-'.explode('/', $theme)[0], $package->name);
            self::assertStringContainsString('var(--own-', $package->css);
        }
    }

    /** @return iterable<string, array{list<array{name: string, size: int, packed: int}>, string}> */
    public static function hostile(): iterable
    {
        $with = static fn(string $name, int $size = 100, int $packed = 90): array => [
            ['name' => PackageRules::TOKENS, 'size' => 900, 'packed' => 300],
            ['name' => $name, 'size' => $size, 'packed' => $packed],
        ];
        yield 'a way out' => [$with('../../public/index.php'), 'outside the package'];
        yield 'a way out by backslash' => [$with('..\\x.css'), 'outside the package'];
        yield 'an absolute path' => [$with('/etc/passwd'), 'outside the package'];
        yield 'a drive' => [$with('C:theme.css'), 'outside the package'];
        yield 'a program' => [$with('theme.php'), 'not a file a theme has'];
        yield 'a picture with a second ending' => [$with('pictures/a.php.png'), 'not a file a theme has'];
        yield 'a hidden file' => [$with('.htaccess'), 'not a file a theme has'];
        yield 'a bomb' => [$with('pictures/a.png', 7_900_000, 9_000), 'unfolds to far more'];
        yield 'too large' => [$with('theme.css', 500_000, 400_000), 'at most 120 KB'];
        yield 'twice' => [[...$with('theme.css'), ['name' => 'theme.css', 'size' => 1, 'packed' => 1]], 'in it twice'];
        yield 'a font of another kind' => [$with('fonts/own-0123456789abcdef.exe'), 'not a file a theme has'];
        yield 'a font by another name' => [$with('fonts/brand.ttf'), 'not a file a theme has'];
        yield 'many fonts' => [array_merge(
            $with('theme.css'),
            array_map(static fn(int $i): array => ['name' => "fonts/own-0123456789abcde$i.ttf", 'size' => 1, 'packed' => 1], range(1, 7)),
        ), 'over 6 fonts'];
        yield 'no tokens' => [[['name' => 'theme.css', 'size' => 1, 'packed' => 1]], 'theme.tokens.json is missing'];
        yield 'many files' => [
            array_map(static fn(int $i): array => ['name' => "pictures/a$i.png", 'size' => 1, 'packed' => 1], range(1, 60)),
            'at most 40',
        ];
    }

    /** @param list<array{name: string, size: int, packed: int}> $entries */
    #[DataProvider('hostile')]
    public function testSaysWhatIsWrongBeforeAnythingIsUnfolded(array $entries, string $words): void
    {
        self::assertStringContainsString($words, implode(' ', PackageRules::problems($entries)));
    }

    /** @return iterable<string, array{string, string}> */
    public static function styles(): iterable
    {
        yield 'an import' => ['@import url(http://evil.example/x.css); .a{color:red}', '@import'];
        yield 'a font face' => ['@font-face{font-family:x;src:url(x.woff2)}', '@font-face'];
        yield 'an address' => ['.a{background-image:url(http://evil.example/t.png)}', 'loads something'];
        yield 'an address in disguise' => ['.a{background-image:\\75rl(http://evil.example/)}', 'loads something'];
        yield 'a data address' => ['.a{background:url("data:image/svg+xml,x")}', 'loads something'];
        yield 'what covers the shop' => ['.a{position:fixed;inset:0}', 'position may be'];
        yield 'words of its own' => ['.a::before{content:"Half price"}', 'content may only be empty'];
        yield 'a behavior' => ['.a{behavior:url(x.htc)}', 'property “behavior”'];
        yield 'the root' => [':root{color:red}', 'the selector'];
    }

    #[DataProvider('styles')]
    public function testStylesThatLoadOrCoverAreNamed(string $css, string $words): void
    {
        [$clean, $problems] = StyleCleaner::clean($css);
        self::assertStringContainsString($words, implode(' ', $problems));
        self::assertDoesNotMatchRegularExpression('/evil|import|url|fixed|behavior|Half|:root/', $clean);
    }

    /** @return iterable<string, array{callable(array<string, mixed>): array<string, mixed>, string}> */
    public static function broken(): iterable
    {
        $set = static fn(string $path, mixed $value): callable => static function (array $t) use ($path, $value): array {
            $t['$extensions']['ikat.theme']['settings'][$path] = $value;

            return $t;
        };
        yield 'an unknown setting' => [$set('header.glitter', true), 'no setting “header.glitter”'];
        yield 'a choice that is none' => [$set('header.sticky', 'flies'), 'not one of its choices'];
        yield 'out of range' => [$set('shape.radius', 4000), 'outside its range'];
        yield 'a version in words' => [static function (array $t): array {
            $t['$extensions']['ikat.theme']['version'] = '../1';

            return $t;
        }, 'three numbers'];
        yield 'no title' => [static function (array $t): array {
            $t['$extensions']['ikat.theme']['title'] = '../..';

            return $t;
        }, 'title'];
        yield 'a scheme key that is code' => [static function (array $t): array {
            $t['scheme']['x{}body'] = $t['scheme']['night'];

            return $t;
        }, 'not plain letters'];
        yield 'no starters' => [static function (array $t): array {
            $t['$extensions']['ikat.theme']['starters'] = [];

            return $t;
        }, 'at least one'];
        $own = static fn(string $key, mixed $value): callable => static function (array $t) use ($key, $value): array {
            $t['$extensions']['ikat.theme'][$key] = $value;

            return $t;
        };
        yield 'a title that is a list' => [
            $own('title', ['x']),
            'at $extensions → ikat.theme → title, the data (array) must match the type: string',
        ];
        yield 'a setting that is a list' => [$set('shape.radius', [4]), 'settings → shape.radius'];
        yield 'a starter without words' => [
            $own('starters', ['plain' => ['title' => 'Plain']]),
            'the required properties (words) are missing',
        ];
        yield 'a length without limits' => [
            $own('own', [['path' => 'own.fade', 'type' => 'length', 'default' => 4]]),
            'the required properties (least, most) are missing',
        ];
        yield 'a choice without values' => [
            $own('own', [['path' => 'own.fade', 'type' => 'choice', 'default' => 'a', 'choices' => ['a' => 'A']]]),
            'the required properties (css) are missing',
        ];
        yield 'rungs that are none' => [
            $own('from', [['retyped' => ['shape.radius' => [['upto' => 3]]]]]),
            'the required properties (to) are missing',
        ];
        yield 'no JSON' => [static fn(array $t): array => [], 'not a JSON object'];
        yield 'another form' => [
            static fn(array $t): array => ['$extensions' => ['ikat.theme' => ['title' => ['x'], 'starters' => 'y']]],
            'form of a theme',
        ];
    }

    /** @param callable(array<string, mixed>): array<string, mixed> $break */
    #[DataProvider('broken')]
    public function testTokensAreCheckedAgainstTheCatalog(callable $break, string $words): void
    {
        try {
            ThemePackage::read([
                PackageRules::TOKENS => (string) json_encode($break(json_decode(self::tokens(), true))),
                PackageRules::STYLES => '.a { color: red; }',
            ]);
            self::fail('it was taken');
        } catch (UnusablePackage $e) {
            self::assertStringContainsString($words, $e->getMessage());
        }
    }
}
