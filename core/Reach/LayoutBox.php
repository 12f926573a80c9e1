<?php

declare(strict_types=1);

namespace Ikat\Core\Reach;

/** An element of a page as far as the widths of running text depend on it. */
final readonly class LayoutBox
{
    /** Properties that widths, and the size and family of letters, depend on. */
    private const PROPERTIES = [
        'display', 'position', 'width', 'max-width', 'padding', 'padding-inline', 'padding-inline-start', 'padding-inline-end',
        'padding-left', 'padding-right', 'border',
        'grid-template', 'grid-template-columns', 'grid-auto-flow', 'grid-column', 'gap', 'column-gap', 'order', 'font-size', 'font-family',
    ];

    private ElementStyle $style;

    /**
     * @param int $number among the elements of the page's body
     * @param list<StyleRule> $rules that match it
     * @param string $words where it is a piece of running text, what stands in it
     * @param bool $isPlain whether it is laid out as a block is, or as its style says
     * @param list<self> $children none where no running text is below it
     */
    public function __construct(
        public int $number,
        public string $tag,
        array $rules,
        public string $words,
        public bool $isPlain,
        public array $children,
    ) {
        $this->style = new ElementStyle($rules, self::PROPERTIES);
    }

    /**
     * What the stylesheet says of it on a screen.
     *
     * @param int $screen px
     *
     * @return array<string, string> property => value
     */
    public function style(int $screen): array
    {
        return $this->style->on($screen);
    }
}
