<?php

declare(strict_types=1);

namespace App\Workbench\Products;

use App\Http\TypedRequest;
use App\Pictures\PictureFiles;
use App\Tasks\Tasks;
use App\Workbench\Shell\Bench;
use App\Workbench\Shell\ControlsPanel;
use App\Workbench\Shell\Sheet;
use App\Workbench\Shell\WindowPlace;
use Ikat\Core\Grid\ShelfCounts;

/** One shelf of the store on three screens, what all shelves come to, the frame for pictures, and the card. */
final class ProductsPanel extends ControlsPanel
{
    public readonly ShelfCounts $stock;

    private readonly ScreenPages $pages;

    private readonly ?DrawnShelf $shelf;

    private readonly FrameTool $frame;

    private readonly CardTool $card;

    private ?WeightTool $weight = null;

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
        $filter = $request->word('open_filter');
        $this->shelf = $slug === ''
            ? null
            : new DrawnShelf($bench, $this->pages, $slug, isset(ShelfCounts::FILTERS[$filter]) ? $filter : 'all');
        $this->picture = $request->id('open_picture');
        $this->frame = new FrameTool($bench->inspection(), $this->picture);
        $this->card = new CardTool($bench, $this->pages);
    }

    /** Measures what is kept, before anything is shown. */
    public function prepare(): void
    {
        if ($this->tab === 'grid' && $this->shelf !== null) {
            $this->shelf->shelves();
            $this->shelf->order();
            $this->weight()?->lighter();
        }
        if ($this->tab === 'card') {
            $this->card->longNames();
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
        return $this->tab === 'grid' && $this->shelf !== null
            ? new WindowPlace($this->shelf->addressInShop(), 'grid')
            : parent::shows();
    }

    public function state(): array
    {
        return [
            ...parent::state(), 'open_shelf' => $this->shelf->slug ?? '',
            'open_filter' => ($this->shelf->filter ?? 'all') === 'all' ? '' : (string) $this->shelf?->filter,
            'open_picture' => $this->picture === 0 ? '' : (string) $this->picture,
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

    /** Of the shelf that is drawn. */
    public function weight(): ?WeightTool
    {
        return $this->shelf === null
            ? null
            : $this->weight ??= new WeightTool($this->shelf, $this->frame->pictures, app(PictureFiles::class), app(Tasks::class));
    }
}
