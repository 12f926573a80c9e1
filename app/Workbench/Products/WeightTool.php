<?php

declare(strict_types=1);

namespace App\Workbench\Products;

use App\Models\Picture;
use App\Models\Product;
use App\Pictures\PictureFiles;
use App\Tasks\Task;
use App\Tasks\TaskKind;
use App\Tasks\Tasks;
use Ikat\Core\Grid\CardPictures;
use Ikat\Core\Grid\ShelfWeight;
use Ikat\Core\Image\Connection;

/** What the pictures of a shelf weigh, and what encoding them anew would save. */
final class WeightTool
{
    /** Bytes of one picture on a card from which it is heavy (common practice, no source). */
    private const HEAVY = 150_000;

    /** @var ?array{pictures: list<int>, now: int, then: int} */
    private ?array $lighter = null;

    public function __construct(
        private readonly DrawnShelf $shelf,
        private readonly CardPictures $pictures,
        private readonly PictureFiles $files,
        private readonly Tasks $tasks,
    ) {}

    /** @return array<string, array<int, ShelfWeight>> device => dots by CSS px => what the pictures of the drawn shelf weigh there */
    public function weights(): array
    {
        $pictures = array_map(fn(Product $p): ?array => $p->picture === null ? null : [
            'width' => $p->picture->width, 'bytes' => $this->files->bytes($p->picture),
        ], $this->shelf->goods());
        $weights = [];
        foreach ($this->shelf->shelves() as $device => $shelf) {
            foreach ([1, 2] as $density) {
                $weights[$device][$density] = new ShelfWeight($shelf, $pictures, $density, Connection::ofDevice($device));
            }
        }

        return $weights;
    }

    /** @return array<int, int> number of a card whose picture alone weighs too much for a phone => bytes it loads of it */
    public function heavy(): array
    {
        $bytes = array_map(
            fn(Product $p): int => $p->picture === null ? 0 : $this->files->bytes($p->picture)[$p->picture->widths[0]],
            $this->shelf->goods(),
        );

        return array_filter($bytes, static fn(int $each): bool => $each > self::HEAVY);
    }

    /**
     * What encoding the pictures of the drawn shelf anew would save.
     *
     * @return array{pictures: list<int>, now: int, then: int} ids of those that can be lighter, of all products; bytes of those on the
     *     shelf as a phone loads them now, and as it would
     */
    public function lighter(): array
    {
        if ($this->lighter !== null) {
            return $this->lighter;
        }
        $here = array_filter(array_map(static fn(Product $p): ?Picture => $p->picture, $this->shelf->goods()));
        $lighter = array_map($this->files->lighter(...), array_values(array_filter($here, PictureFiles::canBeLighter(...))));

        return $this->lighter = [
            'pictures' => PictureFiles::lightenable(array_column($this->pictures->pictures, 'id')),
            'now' => array_sum(array_column($lighter, 'now')), 'then' => array_sum(array_column($lighter, 'then')),
        ];
    }

    /** The encoding that goes on. */
    public function underWay(): ?Task
    {
        return $this->tasks->underWay(TaskKind::Lighten)->first();
    }

    /** How the last one ended; null where none did lately. */
    public function ended(): ?string
    {
        return $this->tasks->lastWords(TaskKind::Lighten);
    }
}
