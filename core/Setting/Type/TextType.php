<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Type;

use Ikat\Core\Setting\ColoredText;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\UnacceptableValue;

/** Words of the shop. */
final readonly class TextType extends SettingType
{
    /**
     * @param int $max characters that are read
     * @param bool $inColors whether some of its words may have the color of a role
     */
    public function __construct(public int $max, public bool $inColors = false) {}

    public static function name(): string
    {
        return 'text';
    }

    /** @throws UnacceptableValue */
    public function normalize(Setting $setting, mixed $value): string
    {
        $clean = self::clean($setting, $value);
        // What gives words a color is not read by anybody.
        $length = mb_strlen($this->inColors ? ColoredText::plain($clean) : $clean);
        if ($length > $this->max) {
            throw UnacceptableValue::because(
                $setting,
                $value,
                sprintf('this has %d characters, at most %d fit. Shorten it by %d.', $length, $this->max, $length - $this->max),
            );
        }

        return $clean;
    }

    public function neutral(): string
    {
        return '';
    }

    public function describe(bool|float|string $value): string
    {
        return $value === '' ? 'nothing' : '“'.$value.'”';
    }

    public function facts(): array
    {
        return ['most' => (float) $this->max] + ($this->inColors ? ['of' => 'colors'] : []);
    }

    /**
     * Text without control characters and without blanks around it.
     *
     * @throws UnacceptableValue when it is none
     */
    public static function clean(Setting $setting, mixed $value): string
    {
        if (! is_string($value) || ! mb_check_encoding($value, 'UTF-8')) {
            throw UnacceptableValue::because($setting, $value, 'this is not readable text (UTF-8).');
        }

        return trim((string) preg_replace('/[\x00-\x08\x0B-\x1F\x7F]/u', '', str_replace(["\r\n", "\r"], "\n", $value)));
    }
}
