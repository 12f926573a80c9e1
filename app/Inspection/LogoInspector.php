<?php

declare(strict_types=1);

namespace App\Inspection;

use App\Models\Picture;
use App\Pictures\GdPixels;
use App\Pictures\IconMaker;
use App\Pictures\IconSpec;
use App\Pictures\LogoFacts;
use App\Pictures\Originals;
use App\Pictures\ReadPicture;
use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\LogoMeasures;
use Ikat\Core\Color\Ciede2000;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Contrast\HeaderBackdrop;
use Ikat\Core\Contrast\HeaderOnPicture;
use Ikat\Core\Header\HeaderSolver;
use Ikat\Core\Image\Edges;
use Ikat\Core\Image\MarkDetail;
use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Look\Theme;
use Ikat\Core\Season\SeasonSwaps;
use Ikat\Core\Setting\Item;
use Illuminate\Support\Facades\Cache;

/** What is measured on the pixels of a look's logo: readability on every ground, sharpness, the mark at a tiny size. */
final class LogoInspector
{
    /** Places of a picture that are looked at, each averaged as the eye does: a single bright pixel makes no letter unreadable. */
    private const ACROSS = 64;
    private const DOWN = 40;

    public function __construct(private readonly Originals $originals, private readonly IconMaker $icons) {}

    public function picture(ResolvedLook $look, string $path = 'header.logo.picture'): ?Picture
    {
        $name = $look->text($path);

        return $look->text('header.logo.kind') === 'picture' && $name !== '' ? Picture::query()->firstWhere('name', $name) : null;
    }

    public function facts(Picture $picture): LogoFacts
    {
        if ($picture->facts !== null) {
            return LogoFacts::fromArray($picture->facts);
        }

        $kept = Cache::get("logo-facts $picture->base");
        if (is_array($kept)) {
            return LogoFacts::fromArray($kept);
        }
        $image = $this->open($picture);
        if ($image === null) {
            // Not kept: the file may be there again the next time.
            return LogoFacts::missing($picture->width, $picture->height);
        }
        $facts = LogoFacts::of(new ReadPicture($image, null, []));
        Cache::forever("logo-facts $picture->base", $facts->toArray());

        return $facts;
    }

    public function open(Picture $picture): ?\GdImage
    {
        return $this->originals->open($picture->base, $picture->widths[count($picture->widths) - 1]);
    }

    /** @return list<LogoPlace> every ground the logo stands on */
    public function places(ResolvedLook $look, Theme $theme, HeaderBackdrop $backdrop): array
    {
        $logo = $this->picture($look);
        if ($logo === null) {
            return [];
        }
        $wanted = [['in the header', 'header.scheme']];
        if ($look->value('header.over') === true) {
            $wanted[] = ['over the first band', 'header.over.scheme'];
        }
        if ($look->text('checkout.head') === 'logo') {
            $wanted[] = ['over the checkout', 'checkout.form.scheme'];
        }
        $wanted[] = ['on the locked shop', 'locked.scheme'];
        if ($look->value('footer.logo') === true) {
            $wanted[] = ['at the foot', 'footer.scheme'];
        }
        $places = [];
        foreach ($wanted as [$label, $path]) {
            $scheme = $look->text($path);
            $grounds = [Color::parse($look->text("scheme.$scheme.ground"))->hex()];
            if ($path === 'header.over.scheme') {
                $seen = $backdrop->seen(false);
                $grounds = array_values(array_unique(array_map(
                    static fn(Color $c): string => $c->hex(),
                    array_merge(...array_column($seen, 1)),
                ))) ?: $grounds;
                $label .= count($seen) > 1 ? ', now and in seasons' : '';
            }
            $places[] = $this->place($look, $label, $path, $grounds, $scheme, $logo);
        }
        $mail = $look->text('mail.logo') === '' ? $logo : Picture::query()->firstWhere('name', $look->text('mail.logo')) ?? $logo;
        $places[] = new LogoPlace(
            'in an e-mail',
            'mail.logo',
            ['#ffffff'],
            null,
            $mail,
            Edges::worstTenth($this->facts($mail)->edge, ['#ffffff']),
        );

        return $places;
    }

    /** @param non-empty-list<string> $grounds */
    private function place(ResolvedLook $look, string $label, string $path, array $grounds, string $scheme, Picture $logo): LogoPlace
    {
        $shown = $look->text('header.logo.dark') !== '' && Contrast::isDark(Color::parse($look->text("scheme.$scheme.ground")))
            ? Picture::query()->firstWhere('name', $look->text('header.logo.dark')) ?? $logo : $logo;
        $plate = $look->text('header.logo.plate');
        $under = $plate === 'none' ? $grounds : [Color::parse($look->text("brand.$plate"))->hex()];

        return new LogoPlace($label, $path, $under, $scheme, $shown, Edges::worstTenth($this->facts($shown)->edge, $under));
    }

    /** What lies under a transparent header, now and while seasons that are on run; no pictures when none lies over one. */
    public function underHeader(ResolvedLook $look, ?HeaderSolver $header = null): HeaderBackdrop
    {
        $first = explode(',', $look->text('home.bands'))[0];
        if ($look->value('header.over') !== true || ! str_starts_with($first, 'lead-')) {
            return new HeaderBackdrop([]);
        }
        $pictures = array_filter([$this->underBand($look, $header, $first, null, [])]);
        foreach ($pictures === [] ? [] : Item::listed('season', $look->text('seasons')) as $season) {
            $swaps = array_intersect_key(SeasonSwaps::of($season, $look), ["band.$first.picture" => 0, "band.$first.scheme" => 0]);
            if ($swaps !== [] && $look->value($season->path('on')) === true) {
                $pictures[] = $this->underBand($look, $header, $first, $look->text($season->path('name')), $swaps);
            }
        }
        $isBehindWords = $look->text("band.$first.layout") === 'over';

        return $pictures === []
            ? new HeaderBackdrop([])
            : new HeaderBackdrop(
                array_values(array_filter($pictures)),
                $isBehindWords ? "band.$first.veil" : null,
                $isBehindWords ? (float) $look->value("band.$first.veil") : 0.0,
            );
    }

    /**
     * @param array<string, bool|float|string> $swaps what a season puts in place: path => value
     *
     * @return ?array{season: ?string, pixels: list<Color>, grounds: array{scheme: Color, dark?: Color}}
     */
    private function underBand(ResolvedLook $look, ?HeaderSolver $header, string $band, ?string $season, array $swaps): ?array
    {
        $text = static fn(string $path): string => (string) ($swaps[$path] ?? $look->text($path));
        $picture = Picture::query()->firstWhere('name', $text("band.$band.picture"));
        if ($picture === null) {
            return null;
        }
        $key = sprintf('cells %d %d %s', self::ACROSS, self::DOWN, $picture->base);
        $cells = Cache::rememberForever($key, fn(): array => $this->cells($picture));
        $under = $cells === [] ? [] : array_unique(array_intersect_key($cells, $this->placesUnder($look, $header, $band, $picture)));
        $ground = static fn(string $kind): Color => Color::parse($look->text("$kind.".$text("band.$band.scheme").'.ground'));

        return [
            'season' => $season,
            'pixels' => array_map(Color::fromRgbInteger(...), array_values($under)),
            'grounds' => ['scheme' => $ground('scheme')] + ($look->value(ColorInventory::DARK) === true ? ['dark' => $ground('dark')] : []),
        ];
    }

    /** @return array<int, true> places of a picture that a header lies over */
    private function placesUnder(ResolvedLook $look, ?HeaderSolver $header, string $band, Picture $picture): array
    {
        return HeaderOnPicture::places(
            $header,
            $look->text("band.$band.layout") === 'over',
            (float) $look->value("band.$band.height"),
            [$picture->width, $picture->height, $picture->focus_x ?? 50, $picture->focus_y ?? 50],
            [self::ACROSS, self::DOWN],
        );
    }

    /** @return list<int> 0xRRGGBB of each place of a picture, row by row; none where its file is gone */
    private function cells(Picture $picture): array
    {
        $image = $this->originals->open($picture->base, $picture->widths[0]);
        if ($image === null) {
            return [];
        }
        $small = imagecreatetruecolor(self::ACROSS, self::DOWN);
        imagecopyresampled($small, $image, 0, 0, 0, 0, self::ACROSS, self::DOWN, imagesx($image), imagesy($image));

        return array_map(
            static fn(int $i): int => imagecolorat($small, $i % self::ACROSS, intdiv($i, self::ACROSS)) & 0xFFFFFF,
            range(0, self::ACROSS * self::DOWN - 1),
        );
    }

    public function measures(ResolvedLook $look, Theme $theme, IconSpec $icon, HeaderBackdrop $backdrop): LogoMeasures
    {
        $logo = $this->picture($look);
        $facts = $logo === null ? null : $this->facts($logo);
        [$kept, $contrast] = Cache::rememberForever('mark '.$icon->hash(), function () use ($icon): array {
            $found = MarkDetail::measure(
                new GdPixels($this->icons->draw($icon, 128, false, 'square')),
                new GdPixels($this->icons->draw($icon, 16, false, 'square')),
            );

            return [$found['kept'], $found['contrast']];
        });

        return new LogoMeasures(
            $facts === null || $facts->vector ? null : $facts->height,
            array_map(
                static fn(LogoPlace $p): array => ['label' => $p->label, 'path' => $p->path, 'ratio' => $p->ratio],
                $this->places($look, $theme, $backdrop),
            ),
            $kept,
            $contrast,
        );
    }

    /**
     * What would make the logo readable where it is not, each with the ground and file it would stand with.
     *
     * @return list<array{title: string, ground: string, changes: array<string, string>, make: ?string, ratio: ?float}> changes to make, or
     *     a version to make first: light or dark
     */
    public function remedies(LogoPlace $place, Inspection $input): array
    {
        $edge = $this->facts($place->logo)->edge;
        $found = [];
        if ($place->scheme !== null) {
            $best = null;
            foreach ($input->theme->schemes as $key => $label) {
                $ground = Color::parse($input->look->text("scheme.$key.ground"))->hex();
                $ratio = Edges::worstTenth($edge, [$ground]);
                $away = Ciede2000::difference(Color::parse($ground), Color::parse($place->grounds[0]));
                if ($ratio >= Contrast::NON_TEXT && ($best === null || $away < $best[3])) {
                    $best = [$key, $label, $ground, $away, $ratio];
                }
            }
            if ($best !== null) {
                $found[] = [
                    'title' => "Give it $best[1]", 'ground' => $best[2], 'changes' => [$place->path => (string) $best[0]],
                    'make' => null, 'ratio' => $best[4],
                ];
            }
            foreach (['paper', 'ink'] as $plate) {
                if (isset($input->theme->brandColors[$plate])) {
                    $ground = Color::parse($input->look->text("brand.$plate"))->hex();
                    $ratio = Edges::worstTenth($edge, [$ground]);
                    if ($ratio >= Contrast::NON_TEXT) {
                        $found[] = [
                            'title' => "Put a plate in the $plate color behind it", 'ground' => $ground,
                            'changes' => ['header.logo.plate' => $plate], 'make' => null, 'ratio' => $ratio,
                        ];
                    }
                }
            }
        }
        if ($this->facts($place->logo)->isOneInk()) {
            $isDark = Contrast::isDark(Color::parse($place->grounds[0]));
            $found[] = [
                'title' => $isDark ? 'Make a lighter version for dark grounds' : 'Make a darker version of it',
                'ground' => $place->grounds[0],
                'changes' => [],
                'make' => $isDark ? 'light' : 'dark',
                'ratio' => null,
            ];
        }

        return $found;
    }

    /** A one-ink logo in another color, its soft edges kept; null when its file cannot be read. */
    public function inColor(Picture $picture, string $hex): ?ReadPicture
    {
        $image = $this->open($picture);
        if ($image === null) {
            return null;
        }
        [$r, $g, $b] = array_map(static fn(float $v): int => (int) round(255 * $v), Color::parse($hex)->to(ColorSpace::Srgb)->numbers());
        for ($y = 0, $h = imagesy($image), $w = imagesx($image); $y < $h; $y++) {
            for ($x = 0; $x < $w; $x++) {
                imagesetpixel($image, $x, $y, imagecolorat($image, $x, $y) & 0x7F000000 | $r << 16 | $g << 8 | $b);
            }
        }

        return new ReadPicture($image, null, ['Made from the logo in another color.']);
    }

    public function trimmed(Picture $picture): ?ReadPicture
    {
        $trim = $this->facts($picture)->trim;
        $image = $trim === null ? null : $this->open($picture);
        $part = $image === null ? false : imagecrop($image, ['x' => $trim[0], 'y' => $trim[1], 'width' => $trim[2], 'height' => $trim[3]]);
        if ($part === false) {
            return null;
        }
        imagealphablending($part, false);
        imagesavealpha($part, true);

        $drawing = public_path("$picture->base.svg");

        return new ReadPicture(
            $part,
            is_file($drawing) ? self::cropped((string) file_get_contents($drawing), $trim, imagesx($image)) : null,
            ['Its empty margins were trimmed.'],
        );
    }

    /**
     * A drawing with its view box cut to a part of it.
     *
     * @param array{int, int, int, int} $part x, y, width and height, in pixels of a picture as wide as $width
     */
    private static function cropped(string $svg, array $part, int $width): string
    {
        $document = new \DOMDocument();
        $document->loadXML($svg, LIBXML_NONET);
        $root = $document->documentElement;
        assert($root !== null);
        [$x, $y, $w] = array_map(floatval(...), preg_split('/[\s,]+/', trim($root->getAttribute('viewBox'))) ?: []);
        $scale = $w / $width;
        $root->setAttribute(
            'viewBox',
            implode(
                ' ',
                [
                    round($x + $part[0] * $scale, 3), round($y + $part[1] * $scale, 3), round($part[2] * $scale, 3),
                    round($part[3] * $scale, 3),
                ],
            ),
        );
        $root->setAttribute('width', (string) $part[2]);
        $root->setAttribute('height', (string) $part[3]);

        return (string) $document->saveXML($root);
    }
}
