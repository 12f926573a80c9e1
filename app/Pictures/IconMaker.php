<?php

declare(strict_types=1);

namespace App\Pictures;

/** Draws a shop's icons and writes its web app manifest. */
final class IconMaker
{
    /** name => type */
    public const FILES = [
        'favicon.ico' => 'image/vnd.microsoft.icon', 'icon.svg' => 'image/svg+xml', 'icon-16.png' => 'image/png',
        'icon-32.png' => 'image/png', 'icon-48.png' => 'image/png',
        'icon-180.png' => 'image/png', 'icon-192.png' => 'image/png', 'icon-512.png' => 'image/png', 'icon-maskable-512.png' => 'image/png',
        'mail-logo.png' => 'image/png', 'site.webmanifest' => 'application/manifest+json',
    ];

    /** px: icons are drawn large and scaled down, so that edges are smooth. */
    private const DRAWN = 1024;

    /** Share of a maskable icon's width that is never cut off: a circle about its middle (Web App Manifest, icon masks). */
    public const SAFE = 0.8;

    public function __construct(private readonly Originals $originals, private readonly string $public) {}

    public function file(IconSpec $spec, string $name): string
    {
        return match ($name) {
            'favicon.ico' => self::ico(array_map(fn(int $size): string => $this->png($spec, $size), [16, 32, 48])),
            'icon.svg' => sprintf(
                '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 256 256" width="256" height="256"><image width="256" height="256" '
                    .'href="data:image/png;base64,%s"/></svg>',
                base64_encode($this->png($spec, 256)),
            ),
            'icon-maskable-512.png' => $this->png($spec, 512, true),
            // An icon on a home screen is cut to a form by the device: it must fill its square.
            'icon-180.png' => $this->png($spec, 180, false, 'square'),
            'mail-logo.png' => self::written($this->mailLogo($spec)),
            'site.webmanifest' => self::manifest($spec),
            default => $this->png($spec, (int) preg_replace('/\D/', '', $name)),
        };
    }

    /** @param ?string $form other than the specification's */
    public function draw(IconSpec $spec, int $size, bool $maskable = false, ?string $form = null): \GdImage
    {
        $side = self::DRAWN;
        $icon = self::clear($side, $side);
        $this->ground($icon, $spec->ground, $maskable ? 'square' : $form ?? $spec->form);
        $mark = $this->mark($spec);
        // The corners of the mark's box must stay inside the safe circle, or inside a round icon.
        $box = $maskable
            ? self::SAFE / sqrt(2)
            : min(1 - 2 * $spec->space / 100, $spec->form === 'circle' && $form === null ? 0.98 / sqrt(2) : 1.0);
        $scale = $box * $side / max(imagesx($mark), imagesy($mark));
        $w = max(1, (int) round(imagesx($mark) * $scale));
        $h = max(1, (int) round(imagesy($mark) * $scale));
        imagealphablending($icon, true);
        imagecopyresampled($icon, $mark, intdiv($side - $w, 2), intdiv($side - $h, 2), 0, 0, $w, $h, imagesx($mark), imagesy($mark));
        imagealphablending($icon, false);
        $small = self::clear($size, $size);
        imagecopyresampled($small, $icon, 0, 0, 0, 0, $size, $size, $side, $side);

        return $small;
    }

    private function png(IconSpec $spec, int $size, bool $maskable = false, ?string $form = null): string
    {
        return self::written($this->draw($spec, $size, $maskable, $form));
    }

    private static function written(\GdImage $image): string
    {
        ob_start();
        imagepng($image, null, 9);

        return (string) ob_get_clean();
    }

    /** PNG, because many mail programs read nothing newer; twice as many pixels as it is shown with. */
    private function mailLogo(IconSpec $spec): \GdImage
    {
        $logo = $spec->mail === null
            ? null
            : $this->originals->open($spec->mail->base, $spec->mail->widths[count($spec->mail->widths) - 1]);
        $logo ??= $this->words($spec->name, $spec->font, $spec->mailInk);
        $height = 2 * $spec->mailSize;
        $width = max(1, min(1120, (int) round($height * imagesx($logo) / imagesy($logo))));
        $small = self::clear($width, (int) max(1, round($width * imagesy($logo) / imagesx($logo))));
        imagecopyresampled($small, $logo, 0, 0, 0, 0, imagesx($small), imagesy($small), imagesx($logo), imagesy($logo));

        return $small;
    }

    private function mark(IconSpec $spec): \GdImage
    {
        $picture = $spec->picture === null
            ? null
            : $this->originals->open($spec->picture->base, $spec->picture->widths[count($spec->picture->widths) - 1]);
        if ($picture === null) {
            return $this->words($spec->letters, $spec->font, $spec->ink);
        }
        if ($spec->region === null) {
            return $picture;
        }
        [$x, $y, $size] = $spec->region;
        $side = max(1, (int) round(imagesy($picture) * $size / 100));
        $part = self::clear($side, $side);
        imagecopy(
            $part,
            $picture,
            0,
            0,
            (int) round(imagesx($picture) * $x / 100),
            (int) round(imagesy($picture) * $y / 100),
            $side,
            $side,
        );

        return $part;
    }

    private function words(string $words, string $font, string $ink): \GdImage
    {
        $font = $this->public.$font;
        $points = 300;
        $box = imagettfbbox($points, 0, $font, $words) ?: [0, 0, 400, 0, 400, -400, 0, -400];
        $image = self::clear(max(1, $box[2] - $box[0]), max(1, $box[1] - $box[5]));
        imagealphablending($image, true);
        imagettftext($image, $points, 0, -$box[0], -$box[5], self::color($image, $ink), $font, $words);
        imagealphablending($image, false);

        return $image;
    }

    private function ground(\GdImage $icon, string $hex, string $form): void
    {
        $side = imagesx($icon) - 1;
        $color = self::color($icon, $hex);
        if ($form === 'circle') {
            imagefilledellipse($icon, intdiv($side, 2), intdiv($side, 2), $side, $side, $color);
        } elseif ($form === 'rounded') {
            $r = (int) round(0.2 * $side);
            imagefilledrectangle($icon, $r, 0, $side - $r, $side, $color);
            imagefilledrectangle($icon, 0, $r, $side, $side - $r, $color);
            foreach ([[$r, $r], [$side - $r, $r], [$r, $side - $r], [$side - $r, $side - $r]] as [$x, $y]) {
                imagefilledellipse($icon, $x, $y, 2 * $r, 2 * $r, $color);
            }
        } else {
            imagefilledrectangle($icon, 0, 0, $side, $side, $color);
        }
    }

    private static function color(\GdImage $image, string $hex): int
    {
        return (int) imagecolorallocate(
            $image,
            (int) hexdec(substr($hex, 1, 2)),
            (int) hexdec(substr($hex, 3, 2)),
            (int) hexdec(substr($hex, 5, 2)),
        );
    }

    private static function clear(int $width, int $height): \GdImage
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        imagealphablending($image, false);
        imagesavealpha($image, true);
        imagefill($image, 0, 0, 0x7F000000);

        return $image;
    }

    /**
     * An icon file that holds PNG pictures: a header of 6 bytes, an entry of 16 for each, then the pictures.
     *
     * @param list<string> $pngs
     */
    private static function ico(array $pngs): string
    {
        $head = pack('vvv', 0, 1, count($pngs));
        $at = 6 + 16 * count($pngs);
        foreach ($pngs as $png) {
            [$width, $height] = array_values(unpack('N2', substr($png, 16, 8)) ?: [0, 0]);
            $head .= pack('CCCCvvVV', $width, $height, 0, 0, 1, 32, strlen($png), $at);
            $at += strlen($png);
        }

        return $head.implode('', $pngs);
    }

    /** Web App Manifest, W3C: its members name, short_name, start_url, display, colors and icons with sizes, type and purpose. */
    private static function manifest(IconSpec $spec): string
    {
        $icon = static fn(string $file, string $sizes, string $purpose = 'any'): array => [
            'src' => $file, 'sizes' => $sizes, 'type' => self::FILES[$file], 'purpose' => $purpose,
        ];

        return json_encode([
            'name' => $spec->name,
            'short_name' => mb_substr($spec->name, 0, 12),
            'start_url' => $spec->start,
            'scope' => $spec->start,
            'display' => 'browser',
            'background_color' => $spec->ground,
            'theme_color' => $spec->ground,
            'icons' => [
                $icon('icon-192.png', '192x192'), $icon('icon-512.png', '512x512'), $icon('icon-maskable-512.png', '512x512', 'maskable'),
                $icon('icon.svg', 'any'),
            ],
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT);
    }
}
