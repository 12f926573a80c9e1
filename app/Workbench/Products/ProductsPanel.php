<?php

declare(strict_types=1);

namespace App\Workbench\Products;

use App\Http\TypedRequest;
use App\Models\Product;
use App\Pictures\PictureFiles;
use App\Storefront\SamplePages;
use App\Tasks\Tasks;
use App\Workbench\Shell\Bench;
use App\Workbench\Shell\ControlsPanel;
use App\Workbench\Shell\Sheet;
use App\Workbench\Shell\WindowPlace;
use Ikat\Core\Grid\ShelfCounts;

/** One shelf of the store on three screens, what all shelves come to, the frame for pictures, the card, and the page of a product. */
final class ProductsPanel extends ControlsPanel
{
    public readonly ShelfCounts $stock;

    private readonly ScreenPages $pages;

    private readonly ?DrawnShelf $shelf;

    private readonly FrameTool $frame;

    private readonly CardTool $card;

    private ?WeightTool $weight = null;

    private ?DrawnProduct $page = null;

    /** Slug of the product that was asked for; empty for none. */
    private readonly string $product;

    /** The picture that was asked for; 0 for none. */
    private readonly int $picture;

    public function __construct(Bench $bench, TypedRequest $request)
    {
        parent::__construct($bench, $request);
        $this->stock = $bench->inspection()->get(ShelfCounts::class);
        $this->pages = new ScreenPages($bench->inspection());
        $shelves = $this->stock->shelves;
        $asked = $request->word('open_shelf');
        $filled = array_filter($shelves, static fn(array $s): bool => $s['all'] > 0);
        $slug = isset($shelves[$asked]) ? $asked : (string) array_key_first($filled === [] ? $shelves : $filled);
        $filter = $bench->inspection()->look->text('grid.filters') === 'none' ? 'all' : $request->word('open_filter');
        $this->shelf = $slug === ''
            ? null
            : new DrawnShelf($bench, $this->pages, $slug, isset(ShelfCounts::FILTERS[$filter]) ? $filter : 'all');
        $this->picture = $request->id('open_picture');
        $this->product = $this->tab === 'product' ? $request->word('open_product') : '';
        $this->frame = new FrameTool($bench->inspection(), $this->picture);
        $this->card = new CardTool($bench, $this->pages, $this->tab === 'card' ? $request->word('open_card') : '');
    }

    /** Measures what is kept, before anything is shown. */
    public function prepare(): void
    {
        if ($this->tab === 'grid' && $this->shelf !== null) {
            $this->shelf->shelves();
            $this->shelf->order();
            $this->shelf->filterPlaces();
            $this->weight()?->lighter();
        }
        if ($this->tab === 'card') {
            $this->card->longNames();
            $this->card->kinds();
        }
        if ($this->tab === 'product') {
            $this->page()?->standing();
            $this->page()?->ways();
            $this->page()?->down();
        }
    }

    public function view(): string
    {
        return 'workbench.products.panel';
    }

    public function sheet(): ?Sheet
    {
        if ($this->tab === 'card') {
            return $this->frame->pictures->pictures === []
                ? null
                : new Sheet('workbench.products.frame', 'The frame', $this->frame->told(), FrameDrawing::HEIGHT + 36, window: 240);
        }

        if ($this->tab === 'product') {
            return $this->page() === null ? null : new Sheet(
                'workbench.products.page',
                'The page of a product',
                $this->page()->product->name,
                (int) ProductDrawing::HEIGHT + 36,
                window: 240,
            );
        }

        return $this->shelf === null || $this->tab !== 'grid' ? null : new Sheet(
            'workbench.products.sheet',
            'Shelves',
            $this->shelf->told().'; hatched places stay empty',
            (int) ceil($this->shelf->drawing()->height) + 36,
            window: 240,
        );
    }

    public function shows(): ?WindowPlace
    {
        return match (true) {
            $this->tab === 'grid' && $this->shelf !== null => new WindowPlace($this->shelf->addressInShop(), 'grid'),
            $this->product !== '' && $this->page() !== null => new WindowPlace('/product/'.$this->page()->product->slug, 'product'),
            default => parent::shows(),
        };
    }

    public function state(): array
    {
        return [
            ...parent::state(), 'open_shelf' => $this->shelf->slug ?? '',
            'open_filter' => ($this->shelf->filter ?? 'all') === 'all' ? '' : (string) $this->shelf?->filter,
            'open_picture' => $this->picture === 0 ? '' : (string) $this->picture, 'open_product' => $this->product,
            'open_card' => $this->card->asked,
        ];
    }

    /**
     * Address of the step with what is open, but for some of it.
     *
     * @param array<string, string> $other
     */
    public function address(array $other): string
    {
        return $this->bench->address('products?'.http_build_query(array_filter([...$this->state(), ...$other])));
    }

    /** The shelf that is drawn; null where the store has none. */
    public function shelf(): ?DrawnShelf
    {
        return $this->shelf;
    }

    public function frame(): FrameTool
    {
        return $this->frame;
    }

    public function card(): CardTool
    {
        return $this->card;
    }

    /** The page that is drawn: of what was asked for, else of the sample; null where the store has no product. */
    public function page(): ?DrawnProduct
    {
        if ($this->page !== null) {
            return $this->page;
        }
        $storefront = $this->bench->look->storefront;
        $find = static fn(string $slug): ?Product => $slug === '' ? null : $storefront->goods()
            ->with(['picture', 'morePictures', 'category'])->where('slug', $slug)->first();
        $product = $find($this->product) ?? $find(basename(app(SamplePages::class)->pathsIn($storefront)['product']));

        return $product === null ? null : $this->page = new DrawnProduct($this->bench, $this->pages, $product);
    }

    /** Of the shelf that is drawn. */
    public function weight(): ?WeightTool
    {
        return $this->shelf === null
            ? null
            : $this->weight ??= new WeightTool($this->shelf, $this->frame->pictures, app(PictureFiles::class), app(Tasks::class));
    }
}
