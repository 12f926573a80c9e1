<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Setting\Condition;
use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\StepKey;

/** The settings of one band of the home page, by its kind. */
final class BandSettings
{
    /** Headline sizes: those of the first two headings, and steps of the type scale around them. */
    private const SIZES = [
        'small' => 'smaller than the second heading', 'medium' => 'as the second heading', 'step-4' => 'between the two',
        'large' => 'as the first heading', 'huge' => 'larger than the first heading',
    ];
    private const STEPS = [
        'small' => 'var(--type-step-2)', 'medium' => 'var(--type-second-size)', 'step-4' => 'var(--type-step-4)',
        'large' => 'var(--type-heading-size)',
        'huge' => 'var(--type-step-6)',
    ];
    /** Forms of a picture, and what each is in the stylesheet. */
    private const PROPORTIONS = ['square' => 'square', 'wide' => 'wider than tall, 7 to 6', 'tall' => 'taller than wide, 4 to 5'];
    private const RATIOS = ['square' => '1 / 1', 'wide' => '7 / 6', 'tall' => '4 / 5'];

    private const LEVELS = ['1' => 'first, the page’s title', '2' => 'second', '3' => 'third'];

    /** @param array<string, string> $schemes */
    private function __construct(
        private readonly Item $item,
        private readonly string $title,
        private readonly Condition $on,
        private readonly array $schemes,
    ) {}

    /**
     * @param array<string, string> $schemes
     *
     * @return list<Setting>
     */
    public static function of(Item $item, array $schemes): array
    {
        $title = ucfirst(PageSettings::BANDS[$item->kind]).($item->number > 1 ? " $item->number" : '');
        $band = new self($item, $title, Condition::on($item->path('show')), $schemes);

        return [
            Setting::switch($item->path('show'), "$title shows", $band->part(), StepKey::PAGES, true, 'band section on off hide'),
            $band->choice('scheme', 'color scheme', (string) array_key_first($schemes), $schemes, 'color scheme'),
            ...match ($item->kind) {
                'lead' => $band->lead(),
                'row' => $band->row(),
                'words' => $band->words(),
                'columns' => $band->columns(),
                'newsletter' => $band->newsletter(),
                'gallery' => $band->gallery(),
                'space' => [$band->length('height', 'height', 48, 8, 240, 'empty gap distance')],
                default => [
                    $band->length('weight', 'weight', 1, 1, 8, 'line divider thickness'),
                    $band->length('width', 'width in percent', 100, 10, 100, 'line divider short long', '%'),
                ],
            },
        ];
    }

    /** @return list<Setting> */
    private function lead(): array
    {
        $over = Condition::is($this->item->path('layout'), 'over');

        return [
            $this->picture('picture', 'picture', 'lead'),
            $this->choice(
                'layout',
                'words stand',
                'beside',
                ['beside' => 'beside the picture', 'over' => 'over the picture'],
                'hero banner layout',
            ),
            $this->choice(
                'across',
                'words, left to right',
                'start',
                Sides::LEFT_TO_RIGHT,
                'hero banner place position',
                when: $over,
                css: Sides::CSS,
            ),
            $this->choice(
                'down',
                'words, top to bottom',
                'center',
                Sides::TOP_TO_BOTTOM,
                'hero banner place position',
                css: Sides::CSS,
            ),
            $this->choice(
                'align',
                'lines of the words',
                'start',
                Sides::LEFT_TO_RIGHT,
                'hero banner alignment left center',
                css: Sides::CSS,
            ),
            $this->number('veil', 'tint over the picture', 0.35, 0, 0.9, 0.05, 'hero banner overlay darken scrim veil', $over),
            $this->length('height', 'height', 440, 220, 760, 'hero banner tall'),
            $this->choice(
                'size',
                'headline size',
                'large',
                self::SIZES,
                'hero banner title small large',
                css: self::STEPS,
            ),
            $this->text('kicker', 'small line over the headline', '', 60, 'hero banner'),
            ...$this->heading('Welcome', '1'),
            $this->text('words', 'words', '', 300, 'hero banner paragraph'),
            ...$this->button('See everything'),
        ];
    }

    /** @return list<Setting> */
    private function row(): array
    {
        $byHand = Condition::is($this->item->path('source'), 'hand');

        return [
            ...$this->heading('Featured'),
            $this->choice(
                'source',
                'shows',
                'featured',
                ['featured' => 'featured products', 'new' => 'the newest', 'sold' => 'the most sold', 'hand' => 'chosen by hand'],
                'featured new best selling products',
            ),
            Setting::picks(
                $this->item->path('products'),
                "$this->title: its products in order",
                $this->part(),
                StepKey::PAGES,
                'product',
                24,
                keywords: 'hand picked chosen order',
                when: $byHand,
            ),
            Setting::count(
                $this->item->path('count'),
                "$this->title: how many",
                $this->part(),
                StepKey::PAGES,
                4,
                2,
                12,
                'products number',
                $this->on,
            ),
            $this->text('link', 'words of its link', 'See all', 40, 'see all more'),
            $this->target('target', 'link leads to', ''),
        ];
    }

    /** @return list<Setting> */
    private function words(): array
    {
        return [
            ...$this->heading('About us'),
            $this->text('text', 'text', '', 900, 'story paragraph about'),
            $this->choice(
                'align',
                'lines',
                'start',
                Sides::LEFT_OR_MIDDLE,
                'alignment left center',
                css: Sides::CSS,
            ),
            $this->picture('picture', 'picture', ''),
            $this->choice('side', 'picture stands', 'end', Sides::LEFT_OR_RIGHT, 'picture left right'),
            ...$this->button(''),
        ];
    }

    /** @return list<Setting> */
    private function columns(): array
    {
        $settings = [
            ...$this->heading(''),
            $this->choice('count', 'columns', '3', ['2' => 'two', '3' => 'three', '4' => 'four'], 'how many'),
            $this->choice(
                'proportion',
                'pictures',
                'wide',
                self::PROPORTIONS,
                'aspect ratio shape',
                css: self::RATIOS,
            ),
            $this->choice(
                'align',
                'lines',
                'start',
                Sides::LEFT_OR_MIDDLE,
                'alignment left center',
                css: Sides::CSS,
            ),
        ];
        foreach ([
            'first' => $this->on, 'second' => $this->on, 'third' => Condition::is($this->item->path('count'), '3', '4'),
            'fourth' => Condition::is($this->item->path('count'), '4'),
        ] as $name => $when) {
            $settings[] = $this->picture("$name.picture", "$name picture", '', $when);
            $settings[] = $this->text("$name.heading", "$name heading", ucfirst($name), 60, 'column title', $when);
            $settings[] = $this->text("$name.text", "$name text", '', 300, 'column paragraph', $when);
            $settings[] = $this->target("$name.target", "$name leads to", '', $when);
        }

        return $settings;
    }

    /** @return list<Setting> */
    private function newsletter(): array
    {
        return [
            ...$this->heading('Newsletter'),
            $this->text('words', 'words', '', 240, 'sign up paragraph'),
            $this->text('button', 'button words', 'Sign me up', 40, 'sign up subscribe'),
            $this->buttonScheme(),
        ];
    }

    /** @return list<Setting> */
    private function gallery(): array
    {
        return [
            ...$this->heading(''),
            Setting::picks(
                $this->item->path('pictures'),
                "$this->title: its pictures in order",
                $this->part(),
                StepKey::PAGES,
                'picture',
                12,
                keywords: 'photos images',
                when: $this->on,
            ),
            $this->number('columns.desktop', 'columns on a desktop', 3, 1, 6, 1, 'how many wide'),
            $this->number('columns.phone', 'columns on a phone', 2, 1, 3, 1, 'how many mobile'),
            $this->length('gap', 'space between', 16, 0, 48, 'gutter distance'),
            $this->choice(
                'proportion',
                'pictures',
                'square',
                self::PROPORTIONS,
                'aspect ratio shape',
                css: self::RATIOS,
            ),
        ];
    }

    /** @return list<Setting> */
    private function heading(string $default, string $level = '2'): array
    {
        return [
            $this->text('heading', 'heading', $default, 80, 'title headline'),
            $this->choice('level', 'heading level', $level, self::LEVELS, 'h1 h2 h3 outline'),
        ];
    }

    /** @return list<Setting> */
    private function button(string $default): array
    {
        return [
            $this->text('button', 'button words', $default, 40, 'call to action'),
            $this->target('target', 'button leads to', '/'),
            $this->buttonScheme(),
        ];
    }

    private function buttonScheme(): Setting
    {
        return ButtonScheme::of(
            $this->item->path('button'),
            "$this->title: button",
            $this->part(),
            StepKey::PAGES,
            'the band',
            $this->schemes,
            $this->on,
        );
    }

    private function part(): string
    {
        return "band-{$this->item->name()}";
    }

    private function text(string $key, string $label, string $default, int $max, string $words, ?Condition $when = null): Setting
    {
        return Setting::text(
            $this->item->path($key),
            "$this->title: $label",
            $this->part(),
            StepKey::PAGES,
            $default,
            $max,
            $words,
            $when ?? $this->on,
            (bool) preg_match('/^(kicker|((first|second|third|fourth)\.)?(heading|text)|words)$/', $key),
        );
    }

    private function target(string $key, string $label, string $default, ?Condition $when = null): Setting
    {
        return Setting::target(
            $this->item->path($key),
            "$this->title: $label",
            $this->part(),
            StepKey::PAGES,
            $default,
            when: $when ?? $this->on,
        );
    }

    private function picture(string $key, string $label, string $default, ?Condition $when = null): Setting
    {
        return Setting::picture(
            $this->item->path($key),
            "$this->title: $label",
            $this->part(),
            StepKey::PAGES,
            $default,
            when: $when ?? $this->on,
        );
    }

    /**
     * @param array<array-key, string> $choices
     * @param array<string, string> $css
     */
    private function choice(
        string $key,
        string $label,
        string $default,
        array $choices,
        string $words,
        array $css = [],
        ?Condition $when = null,
    ): Setting {
        return Setting::choice(
            $this->item->path($key),
            "$this->title: $label",
            $this->part(),
            StepKey::PAGES,
            $default,
            $choices,
            $css,
            $words,
            $when ?? $this->on,
        );
    }

    private function length(string $key, string $label, float $default, float $min, float $max, string $words, string $unit = 'px'): Setting
    {
        return Setting::length(
            $this->item->path($key),
            "$this->title: $label",
            $this->part(),
            StepKey::PAGES,
            $default,
            $min,
            $max,
            1,
            $unit,
            $words,
            $this->on,
        );
    }

    private function number(
        string $key,
        string $label,
        float $default,
        float $min,
        float $max,
        float $increment,
        string $words,
        ?Condition $when = null,
    ): Setting {
        return Setting::number(
            $this->item->path($key),
            "$this->title: $label",
            $this->part(),
            StepKey::PAGES,
            $default,
            $min,
            $max,
            $increment,
            $words,
            $when ?? $this->on,
        );
    }
}
