<?php

declare(strict_types=1);

namespace App\Workbench\Products;

use App\Models\Product;
use App\Pictures\ShopPicture;
use App\Storefront\CardKinds;
use App\Storefront\ProductInWords;
use App\Storeroom\LongNames;
use App\Workbench\Shell\Bench;
use Ikat\Core\Check\HidingLabels;
use Ikat\Core\Grid\LabelCover;
use Ikat\Core\Grid\ShelfSolver;

/** What a card says: its longest names on three screens, and the labels on its picture. */
final class CardTool
{
    private ?LabelCover $labelCover = null;

    /** @var ?array<string, CardDrawing> */
    private ?array $kinds = null;

    /** @var ?key-of<ScreenPages::SCREENS> */
    private ?string $device = null;

    private ?int $withSecond = null;

    /** @var ?list<array{id: int, name: string, lines: array<string, int>}> */
    private ?array $longNames = null;

    /** @param string $asked kind of the card that is to be open; empty for the one that tells most */
    public function __construct(
        private readonly Bench $bench,
        private readonly ScreenPages $pages,
        public readonly string $asked = '',
    ) {}

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
        $solver = $this->bench->inspection()->get(ShelfSolver::class);
        $found = [];
        foreach (app(LongNames::class)->of($this->bench->look->storefront) as $id => $name) {
            $lines = [];
            foreach (ScreenPages::SCREENS as $device => [$width]) {
                $lines[$device] = $this->pages->on($device)->linesOfName($name, $solver->at((float) $width)->card);
            }
            $found[] = ['id' => $id, 'name' => $name, 'lines' => $lines];
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

    /**
     * A card of each kind of product.
     *
     * @return array<key-of<CardKinds::WORDS>, CardDrawing> those the store has
     */
    public function kinds(): array
    {
        return $this->kinds ??= $this->drawn();
    }

    /** Which kind is drawn at true size: the one asked for, or one that wears a label; null in an empty store. */
    public function open(): ?string
    {
        $kinds = $this->kinds();

        return isset($kinds[$this->asked]) ? $this->asked : (isset($kinds['reduced']) ? 'reduced' : array_key_first($kinds));
    }

    public function drawing(): ?CardDrawing
    {
        return $this->kinds()[$this->open() ?? ''] ?? null;
    }

    /**
     * The screen a card is drawn of: a phone's, or the smallest on which its words stand beside its picture.
     *
     * @return key-of<ScreenPages::SCREENS>
     */
    public function device(): string
    {
        return $this->device ??= $this->narrowest();
    }

    /** @return key-of<ScreenPages::SCREENS> */
    private function narrowest(): string
    {
        return array_key_first(array_filter($this->splits())) ?? 'phone';
    }

    /** @return array<key-of<ScreenPages::SCREENS>, bool> on which screens a card has room for words beside its picture */
    public function splits(): array
    {
        $solver = $this->bench->inspection()->get(ShelfSolver::class);
        $splits = [];
        foreach (ScreenPages::SCREENS as $device => [$width]) {
            $form = $solver->at((float) $width);
            $splits[$device] = $form->stand->splits($form->card - 2 * $this->pages->on($device)->around());
        }

        return $splits;
    }

    /** @return array<string, CardDrawing> */
    private function drawn(): array
    {
        $shop = $this->bench->shop();
        $words = new ProductInWords($shop);
        $inspection = $this->bench->inspection();
        $form = $inspection->get(ShelfSolver::class)->at((float) ScreenPages::SCREENS[$this->device()][0]);
        $page = $this->pages->on($this->device());
        $labels = static fn(Product $p): array => $shop->on('card.label')
            ? array_map(static fn(array $label): string => $shop->say($label['said'], $label['with']), $shop->labels($p))
            : [];

        return array_map(
            static fn(Product $p): CardDrawing => new CardDrawing($page, $inspection->look, $form, $p, $words->onCard($p), $labels($p)),
            (new CardKinds($this->bench->look->storefront->goods(...)))->every(),
        );
    }

    /** Products that have a second picture, of how many. */
    public function withSecond(): int
    {
        return $this->withSecond ??= $this->bench->look->storefront->goods()->has('morePictures')->count();
    }

    /** The first product that has a second picture; null where none has. */
    public function twoPictures(): ?Product
    {
        return $this->bench->look->storefront->goods()->has('morePictures')->with(['picture', 'morePictures'])
            ->orderBy('position')->first();
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
