<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Type;

use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\UnacceptableValue;

/** A menu of the store, by its key: which there are, the store says. */
final readonly class MenuType extends SettingType
{
    public const NONE = 'none';

    /** Menus every store begins with: key => name. */
    public const FIRST = ['main' => 'Main menu', 'help' => 'Help menu', 'foot' => 'Foot menu'];

    /** @param bool $isOptional whether there may be none */
    public function __construct(public bool $isOptional = false) {}

    public static function name(): string
    {
        return 'menu';
    }

    /** @throws UnacceptableValue */
    public function normalize(Setting $setting, mixed $value): string
    {
        $key = is_string($value) ? trim($value) : '';
        if (preg_match('/^[a-z0-9]+(-[a-z0-9]+)*$/D', $key) !== 1 || strlen($key) > 80 || ($key === self::NONE && ! $this->isOptional)) {
            throw UnacceptableValue::because(
                $setting,
                $value,
                sprintf('“%s” is not the key of a menu. Choose one from the list, such as main.', self::quote($value)),
            );
        }

        return $key;
    }

    public function neutral(): string
    {
        return $this->isOptional ? self::NONE : (string) array_key_first(self::FIRST);
    }

    public function describe(bool|float|string $value): string
    {
        return $value === self::NONE ? 'none' : lcfirst(self::FIRST[(string) $value] ?? 'the menu '.str_replace('-', ' ', (string) $value));
    }

    public function facts(): array
    {
        return ['choices' => [...($this->isOptional ? [self::NONE] : []), ...array_keys(self::FIRST)]];
    }
}
