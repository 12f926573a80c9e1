<?php

declare(strict_types=1);

namespace Ikat\Core\Header;

use Ikat\Core\Language\Dictionary;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Setting\Catalog\HeaderSettings;
use Ikat\Core\Setting\Catalog\TopSettings;
use Ikat\Core\Setting\Type\MenuType;
use Ikat\Core\Type\SpokenFace;
use Ikat\Core\Type\TextStyle;
use Ikat\Core\Type\Voice;

/** What the top of a page is made from: the values of a look, be it a draft or one that was published, and what its voices speak in. */
final class TopLook
{
    /** @var array<string, bool|float|string|null> what was asked for, by path: it is asked for again at every width */
    private array $values = [];

    /**
     * @param \Closure(string): (bool|float|string|null) $value of a setting, by path; null for one that was not there yet
     * @param \Closure(Voice): SpokenFace $face
     * @param Dictionary $dictionary of the language it is read in
     */
    public function __construct(
        private readonly \Closure $value,
        private readonly \Closure $face,
        public readonly Dictionary $dictionary,
    ) {}

    public static function of(ResolvedLook $look, ?Dictionary $dictionary = null): self
    {
        return new self(
            static fn(string $path): bool|float|string => $look->value($path),
            static fn(Voice $voice): SpokenFace => SpokenFace::of($look, $voice),
            $dictionary ?? Dictionary::plain(),
        );
    }

    /**
     * The same with some settings otherwise.
     *
     * @param array<string, bool|float|string> $changes path => value
     */
    public function with(array $changes): self
    {
        return new self(fn(string $path): bool|float|string|null => $changes[$path] ?? $this->value($path), $this->face, $this->dictionary);
    }

    public function text(string $path): string
    {
        return (string) $this->value($path);
    }

    /** The words of a setting, in the language the page is read in. */
    public function words(string $path): string
    {
        return $this->dictionary->say($this->text($path));
    }

    public function number(string $path): float
    {
        return (float) $this->value($path);
    }

    public function on(string $path): bool
    {
        return $this->value($path) === true;
    }

    /** Whether a part of the header is there at all. */
    public function has(string $part): bool
    {
        return match ($part) {
            'menu' => $this->text(Arrangement::path('menu')) !== Arrangement::FOLDED,
            'second' => $this->text('header.menu.second') !== MenuType::NONE,
            'button' => $this->on('header.button.show'),
            'search' => $this->text('header.search') === 'box',
            'chooser' => $this->on('header.chooser'),
            default => true,
        };
    }

    /** Where the parts of the header that are there stand on wide screens. */
    public function arrangement(): Arrangement
    {
        $places = [];
        foreach (array_filter(array_keys(Arrangement::PARTS), $this->has(...)) as $part) {
            $places[$part] = $this->text(Arrangement::path($part));
        }
        $order = $this->text('header.order');

        // A release of an earlier Ikat says no order.
        return Arrangement::of($places, $order === '' ? array_keys(Arrangement::PARTS) : explode(',', $order));
    }

    /**
     * The icons of the header, in order.
     *
     * @return array<string, array{isBeside: bool, staysFolded: bool}> each with whether it shows beside the menu, and beside a folded one
     */
    public function icons(): array
    {
        $icons = [];
        foreach (explode(',', $this->text('header.icons')) as $icon) {
            $isThere = $icon === 'search' ? $this->text('header.search') !== 'none' : $this->on("header.$icon");
            if ($isThere && isset(HeaderSettings::ICONS[$icon])) {
                $icons[$icon] = [
                    // A search box stands for its icon, but beside a folded menu.
                    'isBeside' => $icon !== 'search' || ! $this->has('search'),
                    'staysFolded' => match ($icon) {
                        'search' => $this->text('header.folded.search') === 'icon',
                        'cart' => true,
                        default => $this->on("header.folded.$icon"),
                    },
                ];
            }
        }

        return $icons;
    }

    /**
     * Things of the utility strip that show and say anything.
     *
     * @return array<string, string> each with the devices it shows on: all, wide or phone
     */
    public function utility(): array
    {
        $items = [];
        foreach ($this->on('utility.show') ? TopSettings::UTILITY : [] as $item) {
            if ($this->on("utility.$item.show") && $this->text("utility.$item.text") !== '') {
                $items[$item] = $this->text("utility.$item.devices");
            }
        }

        return $items;
    }

    public function face(Voice $voice): SpokenFace
    {
        return ($this->face)($voice);
    }

    /** @param float $size px */
    public function style(Voice $voice, float $size): TextStyle
    {
        return new TextStyle(
            $size,
            $this->face($voice)->weight,
            $this->number($voice->path('spacing')) * $size,
            $this->number($voice->path('leading')),
            $this->text($voice->path('case')) === 'capitals',
        );
    }

    private function value(string $path): bool|float|string|null
    {
        return array_key_exists($path, $this->values) ? $this->values[$path] : $this->values[$path] = ($this->value)($path);
    }
}
