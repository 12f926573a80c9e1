<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Setting\Condition;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\Step;

/** The logo, the icons made from it, and the logo of e-mails. */
final class LogoSettings
{
    /** A picture is this much taller than letters of the same size setting. */
    public const PICTURE_HEIGHT = 1.55;

    /** @return list<Setting> */
    public static function all(): array
    {
        return [...self::logo(), ...self::icon(), ...self::mail()];
    }

    /** @return list<Setting> */
    private static function logo(): array
    {
        $isName = Condition::is('header.logo.kind', 'name');
        $isPicture = Condition::is('header.logo.kind', 'picture');

        return [
            Setting::choice('header.logo.kind', 'The logo is', 'logo', Step::Logo, 'name', ['name' => 'the shop’s name in the heading font', 'picture' => 'a picture'], words: 'logo image text wordmark'),
            Setting::picture('header.logo.picture', 'Logo picture', 'logo', Step::Logo, words: 'logo brand', when: $isPicture),
            Setting::picture('header.logo.dark', 'Logo picture for dark grounds', 'logo', Step::Logo, words: 'logo white inverted second file', when: $isPicture),
            Setting::choice('header.logo.plate', 'Plate behind the logo', 'logo', Step::Logo, 'none', ['none' => 'none', 'paper' => 'in the paper color', 'ink' => 'in the ink color'], words: 'logo background box', when: $isPicture),
            Setting::text('header.logo.alt', 'Logo in words, for those who cannot see it', 'logo', Step::Logo, '', 80, 'logo alternative text alt', $isPicture),
            Setting::text('header.logo.name', 'Shop name', 'logo', Step::Logo, 'Your shop', 30, 'logo title brand name'),
            Setting::text('header.logo.line', 'Small line under it', 'logo', Step::Logo, '', 30, 'logo tagline subtitle slogan', $isName),
            Setting::switch('header.logo.sign', 'Lantern sign beside the name', 'logo', Step::Logo, true, 'logo icon mark symbol', $isName),
            Setting::length('header.logo.size.desktop', 'Logo size on a desktop', 'logo', Step::Logo, 31, 16, 96, words: 'logo height big small'),
            Setting::length('header.logo.size.tablet', 'Logo size on a tablet', 'logo', Step::Logo, 30, 16, 80, words: 'logo height big small'),
            Setting::length('header.logo.size.phone', 'Logo size on a phone', 'logo', Step::Logo, 27, 16, 56, words: 'logo height big small mobile'),
            Setting::length('header.logo.clear', 'Clear space around the logo', 'logo', Step::Logo, 0, 0, 24, words: 'logo padding margin protect'),
        ];
    }

    /** @return list<Setting> */
    private static function icon(): array
    {
        $isRegion = Condition::is('icon.from', 'region');

        return [
            Setting::choice('icon.from', 'The mark is', 'favicon', Step::Logo, 'letters', ['letters' => 'initial letters', 'region' => 'a part of the logo picture', 'file' => 'a picture of its own'], words: 'favicon site icon tab app'),
            Setting::text('icon.letters', 'Letters', 'favicon', Step::Logo, '', 2, 'favicon initials monogram', Condition::is('icon.from', 'letters')),
            Setting::count('icon.x', 'Part of the logo: from the left, in percent', 'favicon', Step::Logo, 0, 0, 95, 'favicon crop', $isRegion),
            Setting::count('icon.y', 'Part of the logo: from the top, in percent', 'favicon', Step::Logo, 0, 0, 95, 'favicon crop', $isRegion),
            Setting::count('icon.size', 'Part of the logo: how large, in percent of its height', 'favicon', Step::Logo, 100, 5, 100, 'favicon crop', $isRegion),
            Setting::picture('icon.file', 'Picture of the mark', 'favicon', Step::Logo, words: 'favicon upload', when: Condition::is('icon.from', 'file')),
            Setting::color('icon.ground', 'Ground of the icon', 'favicon', '{brand.main}', 'favicon background', Step::Logo),
            Setting::color('icon.ink', 'Letters of the icon', 'favicon', '{brand.paper}', 'favicon initials', Step::Logo, Condition::is('icon.from', 'letters')),
            Setting::choice('icon.form', 'Form', 'favicon', Step::Logo, 'rounded', ['square' => 'square', 'rounded' => 'with round corners', 'circle' => 'a circle'], words: 'favicon shape'),
            Setting::count('icon.space', 'Room around the mark, in percent', 'favicon', Step::Logo, 14, 0, 35, 'favicon padding'),
        ];
    }

    /** @return list<Setting> */
    private static function mail(): array
    {
        return [
            Setting::picture('mail.logo', 'Logo of e-mails and gift cards', 'mail', Step::Logo, words: 'email gift card confirmation letter'),
            Setting::count('mail.logo.size', 'Its height in an e-mail, in pixels', 'mail', Step::Logo, 48, 16, 120, 'email logo size'),
        ];
    }
}
