<?php

declare(strict_types=1);

namespace App\Workbench\Products;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Grid\ShelfPage;

/** How tall a category's page and its cards are on each screen: reckoned once for all who ask. */
final class ScreenPages
{
    /** Screens that are drawn: width and height, px. */
    public const SCREENS = ['phone' => [390, 844], 'tablet' => [768, 1024], 'desktop' => [1280, 800]];

    /** @var array<string, ShelfPage> by device */
    private array $pages = [];

    public function __construct(private readonly Inspection $inspection) {}

    /** @param key-of<self::SCREENS> $device */
    public function on(string $device): ShelfPage
    {
        return $this->pages[$device] ??= ShelfPage::of($this->inspection, (float) self::SCREENS[$device][0]);
    }
}
