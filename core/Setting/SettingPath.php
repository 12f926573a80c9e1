<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

/**
 * The path of a setting, taken apart.
 *
 *     path = word *("." word)
 *     a scheme's role     ("scheme" / "dark") "." key "." role
 *     a brand color       "brand." key
 *     a name              "name." ("brand" / "scheme") "." key
 *     an item's setting   ("band" / "block" / "message" / "season") "." kind "-" number "." suffix
 *
 * Everything else is a path of the catalog with nothing to take apart.
 */
final readonly class SettingPath
{
    /** With what the paths of a list's items begin. */
    public const ITEM_PREFIXES = ['band', 'block', 'message', 'season'];

    /** What a merchant adds is named own1, own2… */
    private const OWN = '/^own[1-9][0-9]?$/D';

    /**
     * @param ?ColorSet $set the set of colors a role belongs to
     * @param string $role of that set; empty for what belongs to none
     * @param ?string $brand key of a brand color, or of what is named
     * @param ?string $scheme key of the color scheme it belongs to, names included
     * @param ?Item $item whose setting it is
     * @param string $suffix what it is of that item
     */
    private function __construct(
        public string $path,
        public ?ColorSet $set = null,
        public string $role = '',
        public ?string $brand = null,
        public ?string $scheme = null,
        public ?Item $item = null,
        public string $suffix = '',
    ) {}

    public static function of(string $path): self
    {
        $words = explode('.', $path, 3);
        [$first, $second, $rest] = $words + ['', '', ''];
        if ($second === '') {
            return new self($path);
        }
        if ($first === 'brand') {
            return new self($path, brand: $second);
        }
        if ($rest === '') {
            return new self($path);
        }
        if ($first === 'scheme' || $first === 'dark') {
            return new self($path, ColorSet::of($second, $first === 'dark'), $rest, scheme: $second);
        }
        if ($first === 'name') {
            return match ($second) {
                'brand' => new self($path, brand: $rest),
                'scheme' => new self($path, scheme: $rest),
                default => new self($path),
            };
        }
        $item = in_array($first, self::ITEM_PREFIXES, true) ? Item::tryNamed($first, $second) : null;

        return new self($path, item: $item, suffix: $item === null ? '' : $rest);
    }

    /** The first word: what the setting belongs to, as far as that can be said. */
    public static function first(string $path): string
    {
        return explode('.', $path, 2)[0];
    }

    /** The device a setting is for alone: phone or tablet; null for one that shows on all. */
    public function device(): ?string
    {
        foreach (['phone', 'tablet'] as $device) {
            if (str_ends_with($this->path, ".$device")) {
                return $device;
            }
        }

        return null;
    }

    /** Whether a brand color or scheme is one that a merchant added. */
    public static function isOwnKey(string $key): bool
    {
        return preg_match(self::OWN, $key) === 1;
    }

    /** --header-logo-size for header.logo.size. */
    public static function property(string $path): string
    {
        return '--'.str_replace('.', '-', $path);
    }
}
