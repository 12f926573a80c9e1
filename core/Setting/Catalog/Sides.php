<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

/** One scale for where something stands across the page, the same words in the same order everywhere. */
final class Sides
{
    public const LEFT_TO_RIGHT = ['start' => 'left', 'center' => 'middle', 'end' => 'right'];
    public const LEFT_OR_MIDDLE = ['start' => 'left', 'center' => 'middle'];
    public const LEFT_OR_RIGHT = ['start' => 'left', 'end' => 'right'];
    public const TOP_TO_BOTTOM = ['start' => 'top', 'center' => 'middle', 'end' => 'bottom'];

    /** The same keys as CSS has them. */
    public const CSS = ['start' => 'start', 'center' => 'center', 'end' => 'end'];
}
