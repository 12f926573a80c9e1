<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

/** A shipped or imported base. Read-only. */
final readonly class Theme
{
    /**
     * @param string $name folder name
     * @param array<string, string> $brandColors key => label
     * @param array<string, string> $schemes key => label
     * @param array<string, bool|float|string> $values path => value or alias
     * @param array<string, Starter> $starters by name; the first is the one a new look begins with
     * @param string $foldedCss rules that hold while the menu is folded
     */
    public function __construct(
        public string $name,
        public string $title,
        public string $version,
        public string $maker,
        public string $words,
        public array $brandColors,
        public array $schemes,
        public array $values,
        public array $starters,
        public string $foldedCss = '',
    ) {}

    /**
     * The layers under the merchant's own changes.
     *
     * @return list<Layer>
     *
     * @throws UnknownStarter
     */
    public function layers(string $starter): array
    {
        $chosen = $this->starters[$starter] ?? throw UnknownStarter::named($starter, $this);

        return [
            new Layer(LayerKind::Theme, $this->title, $this->values),
            new Layer(LayerKind::Starter, $chosen->title, $chosen->values),
        ];
    }
}
