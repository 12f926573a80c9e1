<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

use Ikat\Core\Setting\Links;
use Ikat\Core\Setting\SettingPath;

/** What becomes of the merchant's own changes when a look is put on another base. */
final readonly class BaseSwitch
{
    /**
     * @param list<array{path: string, label: string, value: string, becomes: ?string}> $stay in force there; what it becomes where that is
     *     another value
     * @param list<array{path: string, label: string, value: string, why: string}> $wait kept in the look, without effect there
     */
    private function __construct(public array $stay, public array $wait) {}

    /**
     * @param ResolvedLook $before as it is
     * @param ResolvedLook $after the same own changes on the other base
     */
    public static function between(LookState $own, ResolvedLook $before, ResolvedLook $after, Theme $theme): self
    {
        $stay = $wait = [];
        foreach ($own->own as $path => $value) {
            if (in_array($path, Base::PATHS, true) || ! $before->catalog->has($path)) {
                continue;
            }
            $setting = $before->catalog->get($path);
            $row = ['path' => $path, 'label' => $setting->label, 'value' => $setting->describe($value)];
            $why = self::why($path, $value, $before, $after, $theme);
            if ($why === null) {
                $same = $before->value($path) === $after->value($path);
                $stay[] = [...$row, 'becomes' => $same ? null : $after->catalog->get($path)->describe($after->value($path))];
            } else {
                $wait[] = [...$row, 'why' => $why];
            }
        }

        return new self($stay, $wait);
    }

    private static function why(string $path, bool|float|string $value, ResolvedLook $before, ResolvedLook $after, Theme $theme): ?string
    {
        if (! $after->catalog->has($path)) {
            return match (true) {
                SettingPath::of($path)->set !== null => "$theme->title has no such scheme",
                SettingPath::first($path) === 'own' => 'it is the theme’s own that you leave',
                default => "$theme->title does not have it",
            };
        }
        $resolution = $after->at($path);
        if ($resolution->written !== $value) {
            foreach (Links::in($before->catalog->get($path), $value) as $followed) {
                if (! $after->catalog->has($followed)) {
                    $label = $before->catalog->has($followed) ? $before->catalog->get($followed)->label : $followed;

                    return "what it is linked to, “{$label}”, is not in $theme->title; there it is "
                        ."{$resolution->setting->describe($resolution->value)}";
                }
            }

            return "$theme->title has no “{$before->catalog->get($path)->describe($value)}”; there it is "
                ."{$resolution->setting->describe($resolution->value)}";
        }
        if ($resolution->unmet !== null && $before->at($path)->unmet === null) {
            return 'it takes effect when '.$resolution->unmet->inWords($after->catalog);
        }

        return null;
    }
}
