<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Setting\Condition;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\StepKey;

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
            Setting::choice(
                'header.logo.kind',
                'The logo is',
                'logo',
                StepKey::LOGO,
                'name',
                ['name' => 'the shop’s name in the heading font', 'picture' => 'a picture'],
                keywords: 'logo image text wordmark',
            ),
            Setting::picture('header.logo.picture', 'Logo picture', 'logo', StepKey::LOGO, keywords: 'logo brand', when: $isPicture),
            Setting::picture(
                'header.logo.dark',
                'Logo picture for dark backgrounds',
                'logo',
                StepKey::LOGO,
                keywords: 'logo white inverted second file',
                when: $isPicture,
            ),
            Setting::choice(
                'header.logo.plate',
                'Plate behind the logo',
                'logo',
                StepKey::LOGO,
                'none',
                ['none' => 'none', 'paper' => 'in the paper color', 'ink' => 'in the text color'],
                keywords: 'logo background box',
                when: $isPicture,
            ),
            Setting::text(
                'header.logo.alt',
                'Logo in words, for those who cannot see it',
                'logo',
                StepKey::LOGO,
                '',
                80,
                'logo alternative text alt',
                $isPicture,
            ),
            Setting::text('header.logo.name', 'Shop name', 'logo', StepKey::LOGO, 'Your shop', 30, 'logo title brand name'),
            Setting::text(
                'header.logo.line',
                'Small line under it, and at the foot',
                'logo',
                StepKey::LOGO,
                '',
                30,
                'logo tagline subtitle slogan',
            ),
            Setting::switch(
                'header.logo.sign',
                'Sign beside the name',
                'logo',
                StepKey::LOGO,
                true,
                'logo icon mark symbol',
                $isName,
            ),
            Setting::length(
                'header.logo.size.desktop',
                'Logo size on a desktop',
                'logo',
                StepKey::LOGO,
                31,
                16,
                96,
                keywords: 'logo height big small',
            ),
            Setting::length(
                'header.logo.size.tablet',
                'Logo size on a tablet',
                'logo',
                StepKey::LOGO,
                30,
                16,
                80,
                keywords: 'logo height big small',
            ),
            Setting::length(
                'header.logo.size.phone',
                'Logo size on a phone',
                'logo',
                StepKey::LOGO,
                27,
                16,
                56,
                keywords: 'logo height big small mobile',
            ),
            Setting::length(
                'header.logo.clear',
                'Clear space around the logo',
                'logo',
                StepKey::LOGO,
                0,
                0,
                24,
                keywords: 'logo padding margin protect',
            ),
        ];
    }

    /** @return list<Setting> */
    private static function icon(): array
    {
        $isRegion = Condition::is('icon.from', 'region');

        return [
            Setting::choice(
                'icon.from',
                'The mark is',
                'favicon',
                StepKey::LOGO,
                'letters',
                ['letters' => 'initial letters', 'region' => 'a part of the logo picture', 'file' => 'a picture of its own'],
                keywords: 'favicon site icon tab app',
            ),
            Setting::text(
                'icon.letters',
                'Letters',
                'favicon',
                StepKey::LOGO,
                '',
                2,
                'favicon initials monogram',
                Condition::is('icon.from', 'letters'),
            ),
            Setting::count(
                'icon.x',
                'Part of the logo: from the left, in percent',
                'favicon',
                StepKey::LOGO,
                0,
                0,
                95,
                'favicon crop',
                $isRegion,
            ),
            Setting::count(
                'icon.y',
                'Part of the logo: from the top, in percent',
                'favicon',
                StepKey::LOGO,
                0,
                0,
                95,
                'favicon crop',
                $isRegion,
            ),
            Setting::count(
                'icon.size',
                'Part of the logo: how large, in percent of its height',
                'favicon',
                StepKey::LOGO,
                100,
                5,
                100,
                'favicon crop',
                $isRegion,
            ),
            Setting::picture(
                'icon.file',
                'Picture of the mark',
                'favicon',
                StepKey::LOGO,
                keywords: 'favicon upload',
                when: Condition::is('icon.from', 'file'),
            ),
            Setting::color('icon.ground', 'Background of the icon', 'favicon', '{brand.main}', 'favicon background', StepKey::LOGO),
            Setting::color(
                'icon.ink',
                'Letters of the icon',
                'favicon',
                '{brand.paper}',
                'favicon initials',
                StepKey::LOGO,
                Condition::is('icon.from', 'letters'),
            ),
            Setting::choice(
                'icon.form',
                'Form',
                'favicon',
                StepKey::LOGO,
                'rounded',
                ['square' => 'square', 'rounded' => 'with round corners', 'circle' => 'a circle'],
                keywords: 'favicon shape',
            ),
            Setting::count('icon.space', 'Room around the mark, in percent', 'favicon', StepKey::LOGO, 14, 0, 35, 'favicon padding'),
        ];
    }

    /** @return list<Setting> */
    private static function mail(): array
    {
        return [
            Setting::picture(
                'mail.logo',
                'Logo of e-mails and gift cards',
                'mail',
                StepKey::LOGO,
                keywords: 'email gift card confirmation letter',
            ),
            Setting::count('mail.logo.size', 'Its height in an e-mail, in pixels', 'mail', StepKey::LOGO, 48, 16, 120, 'email logo size'),
        ];
    }
}
