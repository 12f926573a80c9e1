<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

use Ikat\Core\Type\FontShelf;

/**
 * One entry of the setting catalog: everything Ikat knows about one setting.
 */
final readonly class Setting
{
    /** What a text setting is about when some of its words may have the color of a role. */
    public const IN_COLORS = 'colors';

    /** What a list of keys is about that names what is not in use. */
    public const PUT_AWAY = 'away';

    /**
     * @param string $path e.g. header.logo.size; also the name of its custom property
     * @param string $part the part of the storefront it belongs to: a data-part value, or "every page"
     * @param array<array-key, string> $choices value => plain words
     * @param array<string, string> $cssValues choice value => CSS keyword, for choices that are a matter of style alone
     * @param string $words more words to find it by
     * @param float $increment the step of a control, in the setting's unit
     * @param string $of what a text, target, picks or items setting is about: shop or web, product or picture, or the items' prefix
     */
    private function __construct(
        public string $path,
        public SettingType $type,
        public string $label,
        public string $part,
        public Step $step,
        public bool|float|string $default,
        public string $unit = '',
        public float $min = 0,
        public float $max = 0,
        public float $increment = 1,
        public array $choices = [],
        public array $cssValues = [],
        public string $words = '',
        public ?Condition $appliesWhen = null,
        public string $of = '',
    ) {}

    public static function color(string $path, string $label, string $part, string $default, string $words = '', Step $step = Step::Colors, ?Condition $when = null): self
    {
        return new self($path, SettingType::Color, $label, $part, $step, $default, words: $words, appliesWhen: $when);
    }

    /** @param string $unit px or % */
    public static function length(string $path, string $label, string $part, Step $step, float $default, float $min, float $max, float $increment = 1, string $unit = 'px', string $words = '', ?Condition $when = null): self
    {
        return new self($path, SettingType::Length, $label, $part, $step, $default, $unit, $min, $max, $increment, words: $words, appliesWhen: $when);
    }

    public static function number(string $path, string $label, string $part, Step $step, float $default, float $min, float $max, float $increment = 1, string $words = '', ?Condition $when = null): self
    {
        return new self($path, SettingType::Number, $label, $part, $step, $default, '', $min, $max, $increment, words: $words, appliesWhen: $when);
    }

    /**
     * @param array<array-key, string> $choices
     * @param array<string, string> $cssValues
     */
    public static function choice(string $path, string $label, string $part, Step $step, string $default, array $choices, array $cssValues = [], string $words = '', ?Condition $when = null): self
    {
        return new self($path, SettingType::Choice, $label, $part, $step, $default, choices: $choices, cssValues: $cssValues, words: $words, appliesWhen: $when);
    }

    public static function switch(string $path, string $label, string $part, Step $step, bool $default, string $words = '', ?Condition $when = null): self
    {
        return new self($path, SettingType::Switch, $label, $part, $step, $default, words: $words, appliesWhen: $when);
    }

    /** @param string $default key of a family on the font shelf, or an alias */
    public static function font(string $path, string $label, string $part, string $default, string $words = ''): self
    {
        return new self($path, SettingType::Font, $label, $part, Step::Fonts, $default, choices: FontShelf::labels(), cssValues: FontShelf::stacks(), words: $words);
    }

    /**
     * @param int $max characters
     * @param bool $inColors whether some of its words may have the color of a role
     */
    public static function text(string $path, string $label, string $part, Step $step, string $default, int $max = 120, string $words = '', ?Condition $when = null, bool $inColors = false): self
    {
        return new self($path, SettingType::Text, $label, $part, $step, $default, max: $max, words: $words, appliesWhen: $when, of: $inColors ? self::IN_COLORS : '');
    }

    public static function count(string $path, string $label, string $part, Step $step, int $default, int $min, int $max, string $words = '', ?Condition $when = null): self
    {
        return new self($path, SettingType::Count, $label, $part, $step, (float) $default, '', $min, $max, words: $words, appliesWhen: $when);
    }

    /** @param string $of shop: a path within the shop; web: an address that begins with https:// */
    public static function target(string $path, string $label, string $part, Step $step, string $default = '', string $of = 'shop', string $words = '', ?Condition $when = null): self
    {
        return new self($path, SettingType::Target, $label, $part, $step, $default, max: 300, words: $words.' link address leads to', appliesWhen: $when, of: $of);
    }

    public static function picture(string $path, string $label, string $part, Step $step, string $default = '', string $words = '', ?Condition $when = null): self
    {
        return new self($path, SettingType::Picture, $label, $part, $step, $default, max: 80, words: $words.' picture image photo upload', appliesWhen: $when);
    }

    /**
     * @param string $of product or picture
     * @param int $max how many
     */
    public static function picks(string $path, string $label, string $part, Step $step, string $of, int $max, string $default = '', string $words = '', ?Condition $when = null): self
    {
        return new self($path, SettingType::Picks, $label, $part, $step, $default, max: $max, words: $words, appliesWhen: $when, of: $of);
    }

    /**
     * @param string $default kind-number, kind-number…
     * @param array<string, string> $kinds kind => plain words
     * @param int $max how many
     */
    public static function items(string $path, string $label, string $part, Step $step, string $default, array $kinds, string $prefix, int $max, string $words = '', ?Condition $when = null): self
    {
        return new self($path, SettingType::Items, $label, $part, $step, $default, max: $max, choices: $kinds, words: $words, appliesWhen: $when, of: $prefix);
    }

    /**
     * @param array<string, string> $known the theme's own, key => label
     * @param bool $isAway whether it lists those put away: none of them, to begin with
     */
    public static function keys(string $path, string $label, Step $step, array $known, int $max, string $words = '', bool $isAway = false): self
    {
        return new self($path, SettingType::Keys, $label, 'every page', $step, $isAway ? '' : implode(',', array_keys($known)), max: $max, choices: $known, words: $words, of: $isAway ? self::PUT_AWAY : '');
    }

    public static function gradient(string $path, string $label, string $part, string $default, string $words = '', Step $step = Step::Colors): self
    {
        return new self($path, SettingType::Gradient, $label, $part, $step, $default, words: $words);
    }

    public static function moment(string $path, string $label, string $part, Step $step, string $default = '', string $words = '', ?Condition $when = null): self
    {
        return new self($path, SettingType::Moment, $label, $part, $step, $default, words: $words, appliesWhen: $when);
    }

    /** --header-logo-size for header.logo.size. */
    public function property(): string
    {
        return self::propertyOf($this->path);
    }

    public static function propertyOf(string $path): string
    {
        return '--'.str_replace('.', '-', $path);
    }

    public function isCss(): bool
    {
        return $this->type->isCss() || $this->cssValues !== [];
    }

    /** The value in words: "40 px", "beside the logo", "on". */
    public function say(mixed $value): string
    {
        if (($target = Alias::target($value)) !== null) {
            return 'follows '.$target;
        }

        return match ($this->type) {
            SettingType::Length => self::plainNumber($value).' '.$this->unit,
            SettingType::Number => self::plainNumber($value),
            SettingType::Choice, SettingType::Font => $this->choices[(string) $value] ?? (string) $value,
            SettingType::Switch => $value ? 'on' : 'off',
            SettingType::Text => $value === '' ? 'nothing' : '“'.$value.'”',
            SettingType::Color, SettingType::Target, SettingType::Picture => $value === '' ? 'nothing' : (string) $value,
            SettingType::Count => self::plainNumber($value),
            SettingType::Picks, SettingType::Items, SettingType::Keys => $value === '' ? 'none' : str_replace(',', ', ', (string) $value),
            SettingType::Gradient => $value === '' ? 'plain' : (string) $value,
            SettingType::Moment => $value === '' ? 'no time' : str_replace('T', ' ', (string) $value),
        };
    }

    public static function plainNumber(mixed $value): string
    {
        return rtrim(rtrim(number_format((float) $value, 4, '.', ''), '0'), '.');
    }
}
