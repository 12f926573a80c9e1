<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

use Ikat\Core\Setting\Type\ChoiceType;
use Ikat\Core\Setting\Type\ColorType;
use Ikat\Core\Setting\Type\CountType;
use Ikat\Core\Setting\Type\FontType;
use Ikat\Core\Setting\Type\GradientType;
use Ikat\Core\Setting\Type\ItemsType;
use Ikat\Core\Setting\Type\KeysType;
use Ikat\Core\Setting\Type\LengthType;
use Ikat\Core\Setting\Type\MenuType;
use Ikat\Core\Setting\Type\MomentType;
use Ikat\Core\Setting\Type\NumberType;
use Ikat\Core\Setting\Type\OrderType;
use Ikat\Core\Setting\Type\PicksType;
use Ikat\Core\Setting\Type\PictureType;
use Ikat\Core\Setting\Type\SettingType;
use Ikat\Core\Setting\Type\SizeType;
use Ikat\Core\Setting\Type\SwitchType;
use Ikat\Core\Setting\Type\TargetType;
use Ikat\Core\Setting\Type\TextType;
use Ikat\Core\Type\FontSet;

/**
 * One entry of the setting catalog: everything Ikat knows about one setting.
 */
final readonly class Setting
{
    /**
     * @param string $path e.g. header.logo.size; also the name of its custom property
     * @param string $part the part of the storefront it belongs to: a data-part value, or "every page"
     * @param string $step key of the step where it is changed
     * @param string $keywords more words to find it by
     * @param ?SizeRule $rule what it is reckoned by as long as nobody sets it; its default is only what it comes to at first
     */
    private function __construct(
        public string $path,
        public SettingType $type,
        public string $label,
        public string $part,
        public string $step,
        public bool|float|string $default,
        public string $keywords = '',
        public ?Condition $appliesWhen = null,
        public ?SizeRule $rule = null,
    ) {}

    public static function color(
        string $path,
        string $label,
        string $part,
        string $default,
        string $keywords = '',
        string $step = StepKey::COLORS,
        ?Condition $when = null,
    ): self {
        return new self($path, new ColorType(), $label, $part, $step, $default, $keywords, $when);
    }

    /** @param string $unit px or % */
    public static function length(
        string $path,
        string $label,
        string $part,
        string $step,
        float $default,
        float $min,
        float $max,
        float $increment = 1,
        string $unit = 'px',
        string $keywords = '',
        ?Condition $when = null,
    ): self {
        return new self($path, new LengthType($min, $max, $increment, $unit), $label, $part, $step, $default, $keywords, $when);
    }

    public static function number(
        string $path,
        string $label,
        string $part,
        string $step,
        float|string $default,
        float $min,
        float $max,
        float $increment = 1,
        string $keywords = '',
        ?Condition $when = null,
    ): self {
        return new self($path, new NumberType($min, $max, $increment), $label, $part, $step, $default, $keywords, $when);
    }

    /**
     * The size of letters of every page, px.
     *
     * @param float|string|null $default null where a rule says it
     */
    public static function size(
        string $path,
        string $label,
        float|string|null $default,
        float $min,
        float $max,
        string $keywords,
        ?SizeRule $rule = null,
    ): self {
        return new self(
            $path,
            new SizeType($min, $max),
            $label,
            'every page',
            StepKey::FONTS,
            $default ?? $min,
            $keywords,
            null,
            $rule,
        );
    }

    /**
     * @param array<array-key, string> $choices key => plain words
     * @param array<string, string> $cssValues key => CSS
     */
    public static function choice(
        string $path,
        string $label,
        string $part,
        string $step,
        string $default,
        array $choices,
        array $cssValues = [],
        string $keywords = '',
        ?Condition $when = null,
    ): self {
        return new self($path, new ChoiceType($choices, $cssValues), $label, $part, $step, $default, $keywords, $when);
    }

    public static function switch(
        string $path,
        string $label,
        string $part,
        string $step,
        bool $default,
        string $keywords = '',
        ?Condition $when = null,
    ): self {
        return new self($path, new SwitchType(), $label, $part, $step, $default, $keywords, $when);
    }

    /** @param string $default key of a family on the font shelf, or an alias */
    public static function font(FontSet $fonts, string $path, string $label, string $part, string $default, string $keywords = ''): self
    {
        return new self($path, new FontType($fonts), $label, $part, StepKey::FONTS, $default, $keywords);
    }

    /**
     * @param int $max characters
     * @param bool $inColors whether some of its words may have the color of a role
     */
    public static function text(
        string $path,
        string $label,
        string $part,
        string $step,
        string $default,
        int $max = 120,
        string $keywords = '',
        ?Condition $when = null,
        bool $inColors = false,
    ): self {
        return new self($path, new TextType($max, $inColors), $label, $part, $step, $default, $keywords, $when);
    }

    public static function count(
        string $path,
        string $label,
        string $part,
        string $step,
        int $default,
        int $min,
        int $max,
        string $keywords = '',
        ?Condition $when = null,
    ): self {
        return new self($path, new CountType($min, $max), $label, $part, $step, (float) $default, $keywords, $when);
    }

    /** @param bool $isWeb an address on the web, and not one within the shop */
    public static function target(
        string $path,
        string $label,
        string $part,
        string $step,
        string $default = '',
        bool $isWeb = false,
        string $keywords = '',
        ?Condition $when = null,
    ): self {
        return new self($path, new TargetType($isWeb), $label, $part, $step, $default, "$keywords link address leads to", $when);
    }

    /** @param bool $isOptional whether there may be none */
    public static function menu(
        string $path,
        string $label,
        string $part,
        string $step,
        string $default,
        bool $isOptional = false,
        string $keywords = '',
        ?Condition $when = null,
    ): self {
        return new self($path, new MenuType($isOptional), $label, $part, $step, $default, "$keywords menu links navigation", $when);
    }

    public static function picture(
        string $path,
        string $label,
        string $part,
        string $step,
        string $default = '',
        string $keywords = '',
        ?Condition $when = null,
    ): self {
        return new self($path, new PictureType(), $label, $part, $step, $default, "$keywords picture image photo upload", $when);
    }

    /**
     * @param 'product'|'picture' $kind
     * @param int $max how many
     */
    public static function picks(
        string $path,
        string $label,
        string $part,
        string $step,
        string $kind,
        int $max,
        string $default = '',
        string $keywords = '',
        ?Condition $when = null,
    ): self {
        return new self($path, new PicksType($kind, $max), $label, $part, $step, $default, $keywords, $when);
    }

    /** @param non-empty-array<string, string> $things key => label, in the order to begin with */
    public static function order(string $path, string $label, string $part, string $step, array $things, string $keywords = ''): self
    {
        return new self($path, new OrderType($things), $label, $part, $step, implode(',', array_keys($things)), $keywords);
    }

    /** @param string $default kind-number, kind-number… */
    public static function items(
        string $path,
        string $label,
        string $part,
        string $step,
        string $default,
        ItemsType $type,
        string $keywords = '',
        ?Condition $when = null,
    ): self {
        return new self($path, $type, $label, $part, $step, $default, $keywords, $when);
    }

    /**
     * @param array<string, string> $known the theme's own, key => label
     * @param bool $isAway whether it lists those put away: none of them, to begin with
     */
    public static function keys(
        string $path,
        string $label,
        string $step,
        array $known,
        int $max,
        string $keywords = '',
        bool $isAway = false,
    ): self {
        return new self(
            $path,
            new KeysType($known, $max, $isAway),
            $label,
            'every page',
            $step,
            $isAway ? '' : implode(',', array_keys($known)),
            $keywords,
        );
    }

    public static function gradient(
        string $path,
        string $label,
        string $part,
        string $default,
        string $keywords = '',
        string $step = StepKey::COLORS,
    ): self {
        return new self($path, new GradientType(), $label, $part, $step, $default, $keywords);
    }

    public static function moment(
        string $path,
        string $label,
        string $part,
        string $step,
        string $default = '',
        string $keywords = '',
        ?Condition $when = null,
    ): self {
        return new self($path, new MomentType(), $label, $part, $step, $default, $keywords, $when);
    }

    public function property(): string
    {
        return SettingPath::property($this->path);
    }

    public function isCss(): bool
    {
        return $this->type->isCss();
    }

    /** Whether it is a matter of colors and shapes, and not of what the shop says and shows. */
    public function isStyle(): bool
    {
        return ! $this->type instanceof TextType
            && ! $this->type instanceof TargetType
            && ! $this->type instanceof PictureType
            && ! $this->type instanceof PicksType
            && ! $this->type instanceof ItemsType && ! $this->type instanceof MomentType;
    }

    /** Whether pages read it from their stylesheet alone, whatever its value: a choice of styles may change which elements there are. */
    public function isPaint(): bool
    {
        return $this->type->isCss() && (! $this->type instanceof ChoiceType || $this->type instanceof FontType);
    }

    /** A value in words: "40 px", "beside the logo", "follows brand.main". */
    public function describe(bool|float|string $value): string
    {
        $target = Alias::target($value);

        return $target === null ? $this->type->describe($value) : "follows $target";
    }

    /** Whether a stored value may stand for this setting. */
    public function accepts(bool|float|string $value): bool
    {
        return $this->type->accepts($value);
    }

    /** A number without zeros at its end, to four places. */
    public static function plainNumber(bool|float|string $value): string
    {
        return rtrim(rtrim(number_format((float) $value, 4, '.', ''), '0'), '.');
    }
}
