<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Type;

use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\UnacceptableValue;

/** A picture of the store's library, by name. */
final readonly class PictureType extends SettingType
{
    private const MOST = 80;

    public static function name(): string
    {
        return 'picture';
    }

    /** @throws UnacceptableValue */
    public function normalize(Setting $setting, mixed $value): string
    {
        if (! is_string($value) || ! preg_match('/^([a-z0-9]+(-[a-z0-9]+)*)?$/D', $value) || strlen($value) > self::MOST) {
            throw UnacceptableValue::because(
                $setting,
                $value,
                sprintf('“%s” is not a picture of the library. Choose one there.', self::quote($value)),
            );
        }

        return $value;
    }

    public function neutral(): string
    {
        return '';
    }

    public function facts(): array
    {
        return ['most' => (float) self::MOST];
    }
}
