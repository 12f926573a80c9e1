<?php

declare(strict_types=1);

namespace App\Workbench\Products;

use App\Models\Product;
use App\Pictures\ShopPicture;
use App\Workbench\Shell\Bench;
use Ikat\Core\Check\HidingLabels;
use Ikat\Core\Grid\LabelCover;
use Ikat\Core\Grid\ShelfSolver;

/** What a card says: its longest names on three screens, and the labels on its picture. */
final class CardTool
{
    /** Names that are measured, the longest. */
    private const NAMES = 200;

    private ?LabelCover $labelCover = null;

    private ?CardDrawing $drawing = null;

    /** @var ?list<array{id: int, name: string, lines: array<string, int>}> */
    private ?array $longNames = null;

    public function __construct(private readonly Bench $bench, private readonly ScreenPages $pages) {}

    /**
     * The longest names of the storefront's products, with the lines each takes in a card of a full row on each screen.
     *
     * @return list<array{id: int, name: string, lines: array<string, int>}> the most lines first
     */
    public function longNames(): array
    {
        if ($this->longNames !== null) {
            return $this->longNames;
        }
        $names = $this->bench->look->storefront->goods()->orderByRaw('char_length(name) desc')->orderBy('id')->limit(self::NAMES)
            ->pluck('name', 'id')->all();
        $solver = $this->bench->inspection()->get(ShelfSolver::class);
        $found = [];
        foreach ($names as $id => $name) {
            $lines = [];
            foreach (ScreenPages::SCREENS as $device => [$width]) {
                $lines[$device] = $this->pages->on($device)->linesOfName($name, $solver->at((float) $width)->card);
            }
            $found[] = ['id' => (int) $id, 'name' => $name, 'lines' => $lines];
        }
        usort($found, static fn(array $a, array $b): int => array_sum($b['lines']) <=> array_sum($a['lines']));

        return $this->longNames = $found;
    }

    /** Lines after which a name is cut; null where none is. */
    public function mostLines(): ?int
    {
        $most = $this->pages->on('desktop')->mostLines();

        return $most === PHP_INT_MAX ? null : $most;
    }

    /** Which labels hide the thing on the picture they stand on. */
    public function labelCover(): LabelCover
    {
        return $this->labelCover ??= HidingLabels::cover($this->bench->inspection());
    }

    /** A card of a phone: of the longest name that wears a label on a picture, else of the longest; null in an empty store. */
    public function drawing(): ?CardDrawing
    {
        return $this->drawing ??= $this->drawn();
    }

    private function drawn(): ?CardDrawing
    {
        $ids = array_column($this->longNames(), 'id');
        $goods = Product::query()->whereKey($ids)->with('picture')->get()
            ->sortByDesc(static fn(Product $p): int => mb_strlen($p->name))->values();
        $wears = static fn(Product $p): bool => $p->picture !== null && $p->priceOf()->isReducedAt(now());
        $product = $goods->first($wears) ?? $goods->first();
        [$width] = ScreenPages::SCREENS['phone'];
        $inspection = $this->bench->inspection();

        return $product === null ? null : new CardDrawing(
            $this->pages->on('phone'),
            $inspection->look,
            $inspection->get(ShelfSolver::class)->at((float) $width),
            $product,
        );
    }

    /** A picture that wears a label; null where there is none. */
    public function labelled(): ?ShopPicture
    {
        $picture = $this->bench->look->storefront->goods()
            ->reducedAt(now())->whereNotNull('picture_id')->with('picture')->orderBy('position')
            ->first()?->picture;

        return $picture === null ? null : ShopPicture::of($picture);
    }
}
