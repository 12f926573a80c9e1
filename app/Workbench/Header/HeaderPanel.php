<?php

declare(strict_types=1);

namespace App\Workbench\Header;

use App\Http\TypedRequest;
use App\Models\Menu;
use App\Models\MenuEntry;
use App\Workbench\Shell\Bench;
use App\Workbench\Shell\ControlsPanel;
use App\Workbench\Shell\Sheet;
use Ikat\Core\Check\Promises;
use Ikat\Core\Check\StoreContents;
use Ikat\Core\Check\TextColumns;
use Ikat\Core\Header\Arrangement;
use Ikat\Core\Header\ArrangementTrial;
use Ikat\Core\Header\HeaderForm;
use Ikat\Core\Header\HeaderSolver;
use Ikat\Core\Header\ScrolledHeader;
use Ikat\Core\Header\ShorterMessage;
use Ikat\Core\Header\SpokenTops;
use Ikat\Core\Header\TopContents;
use Ikat\Core\Header\TopOfPage;
use Ikat\Core\Language\Dictionary;
use Ikat\Core\Language\ShopLanguage;
use Ikat\Core\Promise\Judged;
use Ikat\Core\Setting\ColoredText;
use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\Type\LengthType;

/**
 * The top of every page: announcement bar, utility strip and header at every width, where the header's parts stand, and what stays while
 * a page scrolls.
 */
final class HeaderPanel extends ControlsPanel
{
    /** Width of a screen that is looked at to begin with, px. */
    private const AT = 1280;

    /** Width of a phone's screen that messages are judged on, and the smallest letters they may have, px. */
    private const PHONE = 390;
    private const LEAST = 13.0;

    /** Width of the screen that is looked at, px. */
    public readonly int $at;

    /** Code of the language the top is measured in; empty for the first. */
    public readonly string $language;

    /** The part of the header that is picked up; empty for none. */
    public readonly string $piece;

    private ?RiverDrawing $river = null;

    /** @var ?list<array{id: int, label: string, target: string, level: int, mark: string, width: ?float}> */
    private ?array $entries = null;

    /** @var ?array<string, list<Judged>> */
    private ?array $promises = null;

    public function __construct(Bench $bench, TypedRequest $request)
    {
        parent::__construct($bench, $request);
        $at = (int) $request->word('open_at');
        $this->at = $at >= HeaderSolver::NARROWEST && $at <= HeaderSolver::WIDEST ? $at : self::AT;
        $language = $request->word('open_language');
        $this->language = isset($this->spoken()->dictionaries[$language]) ? $language : '';
        $piece = $request->word('open_piece');
        $this->piece = isset(Arrangement::PARTS[$piece]) && $this->top()->header->has($piece) ? $piece : '';
    }

    /** Measures what is kept, before anything is shown. */
    public function prepare(): void
    {
        $this->river();
        $this->languages();
        $this->scrolled();
        $this->messages();
        $this->entries();
        foreach ($this->piece === '' ? [] : array_keys(Arrangement::PLACES) as $place) {
            $this->trial()->remedy($this->piece, $place);
        }
    }

    public function view(): string
    {
        return 'workbench.header.panel';
    }

    public function sheet(): Sheet
    {
        return new Sheet(
            'workbench.header.sheet',
            'Height by screen width',
            'px down; inside each stream its row from left (top) to right (bottom)',
            (int) ceil($this->river()->height()) + ($this->languages() === [] ? 122 : 148),
            window: 240,
        );
    }

    public function state(): array
    {
        return [
            ...parent::state(), 'open_at' => $this->at === self::AT ? '' : (string) $this->at, 'open_piece' => $this->piece,
            'open_language' => $this->language,
        ];
    }

    /**
     * Address of the step with what is open, but for some of it.
     *
     * @param array<string, string> $other
     */
    public function address(array $other): string
    {
        return $this->bench->address('header?'.http_build_query(array_filter([...$this->state(), ...$other])));
    }

    /** In the language that is looked at. */
    public function top(): TopOfPage
    {
        return $this->topIn($this->language);
    }

    private function topIn(string $language): TopOfPage
    {
        $inspection = $this->bench->inspection();

        return $language === '' ? $inspection->get(TopOfPage::class) : $this->spoken()->in($language, $inspection);
    }

    private function spoken(): SpokenTops
    {
        return $this->bench->inspection()->get(SpokenTops::class);
    }

    /**
     * The languages the shop speaks, where there are several.
     *
     * @return array<string, array{name: string, fits: ?int, folds: float}> code, empty for the first => with the least width of a screen on
     *     which all fits beside one another, null for none, and the widest on which the menu is folded away
     */
    public function languages(): array
    {
        $codes = $this->bench->look->storefront->speaks();
        $languages = [];
        foreach (count($codes) < 2 ? [] : $codes as $i => $code) {
            $header = $this->topIn($i === 0 ? '' : $code)->header;
            $languages[$i === 0 ? '' : $code] = [
                'name' => (new ShopLanguage($code))->name(), 'fits' => $header->fitsFrom(), 'folds' => $header->foldsUpTo(),
            ];
        }

        return $languages;
    }

    private function dictionary(): Dictionary
    {
        return $this->spoken()->dictionaries[$this->language] ?? Dictionary::plain();
    }

    /** Whether there is anything to draw: somebody has the fonts. */
    public function isKnown(): bool
    {
        return $this->top()->header->isKnown();
    }

    public function river(): RiverDrawing
    {
        return $this->river ??= RiverDrawing::of($this->top());
    }

    public function form(): HeaderForm
    {
        return $this->top()->header->at($this->at);
    }

    /**
     * What the height at the width that is looked at is the sum of.
     *
     * @return list<array{stream: string, what: string, px: float, path: ?string, type: ?LengthType}> with the type of lengths
     */
    public function causes(): array
    {
        return array_map(function (array $cause): array {
            $type = $cause['path'] === null ? null : $this->bench->setting($cause['path'])->type;

            return [...$cause, 'type' => $type instanceof LengthType ? $type : null];
        }, $this->top()->causes($this->at));
    }

    /** Whether phones' figures are looked at. */
    public function isPhone(): bool
    {
        return $this->at <= HeaderSolver::PHONE;
    }

    /** Height of the screen that is looked at, px: of a phone, a tablet or a desktop. */
    public function screenHeight(): int
    {
        return match (true) {
            $this->isPhone() => HeaderSolver::A_PHONE[1],
            $this->at <= HeaderSolver::TABLET => 1024,
            default => 800,
        };
    }

    /** @return array{string, string} ground and ink of a stream's color scheme, with roles of its marks behind */
    public function colors(string $stream, string $role): array
    {
        $look = $this->bench->inspection()->look;
        $scheme = $look->text("$stream.scheme");

        return [$look->text("scheme.$scheme.ground"), $look->text("scheme.$scheme.$role")];
    }

    /** @return list<string> parts of the header that are there */
    public function pieces(): array
    {
        return array_values(array_filter(array_keys(Arrangement::PARTS), $this->top()->header->has(...)));
    }

    /** What becomes of the header with parts elsewhere, on the screen that is looked at. */
    public function trial(): ArrangementTrial
    {
        return new ArrangementTrial($this->bench->inspection(), $this->at);
    }

    /** @return array<string, ScrolledHeader> way of scrolling => what stays in sight */
    public function scrolled(): array
    {
        return ScrolledHeader::all($this->bench->inspection());
    }

    /**
     * Messages of the announcement bar, with their lines on each device.
     *
     * @return list<array{
     *     item: Item, words: string, shows: bool, shorter: ?array{text: string, width: float}, smaller: ?float,
     *     devices: array<string, array{screen: int, lines: list<string>, room: float, width: float}>
     * }> with a writing that takes one line on a phone, and a size that does
     */
    public function messages(): array
    {
        $look = $this->bench->inspection()->look;
        $solver = $this->topIn('')->announcement;

        return array_map(function (Item $item) use ($look, $solver): array {
            $words = ColoredText::plain($look->text($item->path('text')));
            $text = $solver->set($words);
            $devices = [];
            foreach (TextColumns::SCREENS as $screen => $device) {
                $devices[$device] = [
                    'screen' => $screen, 'lines' => $words === '' ? [] : $solver->broken($words, $screen), 'room' => $solver->room($screen),
                    'width' => $text->width($solver->size),
                ];
            }

            $isLong = count($devices['phone']['lines']) > 1;

            return [
                'item' => $item, 'words' => $words, 'shows' => $look->value($item->path('show')) === true, 'devices' => $devices,
                'shorter' => $isLong ? $this->shorter($words) : null, 'smaller' => $isLong ? $this->smaller($words) : null,
            ];
        }, Item::listed('message', $look->text('announcement.messages')));
    }

    /**
     * The longest of a message's shorter writings that takes one line on a phone, or the shortest of them.
     *
     * @return ?array{text: string, width: float}
     */
    private function shorter(string $words): ?array
    {
        $solver = $this->topIn('')->announcement;
        $all = array_map(
            static fn(string $text): array => ['text' => $text, 'width' => $solver->set($text)->width($solver->size)],
            ShorterMessage::of($words),
        );
        foreach ($all as $one) {
            if ($one['width'] <= $solver->room(self::PHONE)) {
                return $one;
            }
        }

        return $all === [] ? null : $all[count($all) - 1];
    }

    /** The largest size of letters in which a message takes one line on a phone, px; null where none that can be read does. */
    private function smaller(string $words): ?float
    {
        $solver = $this->topIn('')->announcement;
        $text = $solver->set($words);
        for ($size = $solver->size - 1; $size >= self::LEAST; $size--) {
            if ($text->lines($size, $solver->room(self::PHONE)) === 1) {
                return $size;
            }
        }

        return null;
    }

    /**
     * Words of the main menu at the width that is looked at.
     *
     * @return list<array{words: string, width: float, target: string, below: int, mark: string}>
     */
    public function menu(): array
    {
        $contents = $this->bench->inspection()->get(TopContents::class);
        $words = $contents->menus[$this->bench->inspection()->look->text('header.menu.main')] ?? [];
        $blocks = array_values(array_filter(
            $this->top()->header->wideAt($this->at)->blocks,
            static fn(array $b): bool => $b['part'] === 'menu',
        ));

        return array_map(
            fn(array $w, int $i): array => [
                'words' => $this->dictionary()->say($w['label']), 'width' => $blocks[$i]['width'] ?? 0.0, ...$w,
            ],
            $words,
            array_keys($words),
        );
    }

    /**
     * Entries of the main menu, of all levels.
     *
     * @return list<array{id: int, label: string, target: string, level: int, mark: string, width: ?float}> in order; those of the first
     *     level with px of their words at the width that is looked at
     */
    public function entries(): array
    {
        return $this->entries ??= $this->readEntries();
    }

    /** @return list<array{id: int, label: string, target: string, level: int, mark: string, width: ?float}> */
    private function readEntries(): array
    {
        $widths = array_column($this->menu(), 'width');
        $entries = [];
        foreach (MenuEntry::query()->whereIn('menu_id', Menu::query()->where('slug', $this->menuKey())->select('id'))
            ->orderBy('position')->orderBy('id')->get() as $entry) {
            $entries[] = [
                'id' => (int) $entry->getKey(), 'label' => $entry->label, 'target' => $entry->target, 'level' => $entry->level,
                'mark' => $entry->mark, 'width' => $entry->level === 1 ? array_shift($widths) : null,
            ];
        }

        return $entries;
    }

    public function menuKey(): string
    {
        return $this->bench->inspection()->look->text('header.menu.main');
    }

    /**
     * Where a thing of the strip shows, and what would turn that.
     *
     * @return array<string, array{words: string, isOn: bool, changes: array<string, string|bool>}> phone and wide
     */
    public function switches(string $item): array
    {
        $look = $this->bench->inspection()->look;
        $shows = $look->value("utility.$item.show") === true;
        $devices = $look->text("utility.$item.devices");
        $on = ['phone' => $shows && $devices !== 'wide', 'wide' => $shows && $devices !== 'phone'];
        $switches = [];
        foreach (['phone' => 'wide', 'wide' => 'phone'] as $where => $other) {
            $switches[$where] = [
                'isOn' => $on[$where],
                'words' => match (true) {
                    $on[$where] => 'shown',
                    $where === 'phone' && $shows && $look->text("utility.$item.text") !== '' => 'in the menu',
                    default => 'not shown',
                },
                'changes' => match (true) {
                    $on[$where] && $on[$other] => ["utility.$item.devices" => $other],
                    $on[$where] => ["utility.$item.show" => false],
                    default => ["utility.$item.show" => true, "utility.$item.devices" => $on[$other] ? 'all' : $where],
                },
            ];
        }

        return $switches;
    }

    /** @return list<Judged> what the words of a setting promise, each looked up */
    public function promises(string $path): array
    {
        $this->promises ??= iterator_to_array(Promises::judged($this->bench->inspection()));

        return $this->promises[$path] ?? [];
    }

    public function store(): StoreContents
    {
        return $this->bench->inspection()->get(StoreContents::class);
    }
}
