<?php

declare(strict_types=1);

namespace Tests\App;

use App\Fonts\FontFiles;
use App\Looks\LookReader;
use App\Models\Menu;
use App\Models\MenuEntry;
use App\Storefront\ShopContext;
use App\Storefront\TopOfPage;
use Ikat\Core\Check\LineBreaks;
use Ikat\Core\Check\TextColumns;
use Ikat\Core\Header\AnnouncementSolver;
use Ikat\Core\Header\Arrangement;
use Ikat\Core\Header\HeaderSolver;
use Ikat\Core\Header\SizedText;
use Ikat\Core\Header\TopLook;
use Ikat\Core\Header\UtilitySolver;

/** What is reckoned of the top of a page against Chromium, which lays the real templates and stylesheets out. */
final class HeaderInChromiumTest extends AppTestCase
{
    use LaidOut;

    private const HEADERS = 500;
    private const MESSAGE_COUNT = 300;
    private const AT_ONCE = 6;
    private const MENUS = 24;

    /** Px. */
    private const NEAR = 1.0;

    /** Px by which Chromium, which sums whole 64ths of a px, may see the end of a line elsewhere. */
    private const EDGE = 0.3;

    private const WORDS = [
        'Paper lanterns', 'Glass lanterns', 'Lamp kits', 'Wicks & oil', 'Candles', 'Workshop', 'Evenings', 'Repairs', 'Papierlaternen',
        'Glaslaternen für draußen', 'Dochte und Öl', 'Werkstattführungen', 'Lanternes en papier', 'Mèches & huiles', 'Faroles de papel',
        'Velas', 'Tienda', 'Χάρτινα φανάρια', 'Свечи', 'Sale',
    ];
    private const NAMES = ['Wrenfold', 'Aldermouth & Daughters', 'Lantern Works of Aldermouth', 'Ōki', 'Mill 9'];
    private const MESSAGES = [
        'Lantern Night orders close Friday noon. Free shipping over $60',
        'Bestellungen für die Laternennacht bis Freitagmittag. Versand frei',
        'Η νύχτα των φαναριών αρχίζει την Παρασκευή στις έξι το απόγευμα', 'The workshop is open Wednesday to Saturday',
        'Вечер фонарей: бумага, стекло и огонь на воде до самой темноты', 'LANTERN10 takes a tenth off', 'Thaw Sale',
        'Commandez avant vendredi midi : la livraison est offerte dès 60 € d’achat',
    ];

    public function testHeadersAreAsTallAsReckonedAndBreakWhereReckoned(): void
    {
        mt_srand(14);
        $menus = $this->menus();
        $samples = $expected = [];
        for ($i = 0; $i < self::HEADERS / 2; $i++) {
            $widths = [mt_rand(0, 1) === 0 ? mt_rand(320, 759) : mt_rand(760, 1100), mt_rand(760, 1920)];
            [$samples[], $expected[]] = $this->sample($this->changes($menus), $widths);
        }
        $off = [];
        $measured = array_merge(...$this->inChromium('tops', $samples));
        foreach (array_merge(...$expected) as $n => $one) {
            $it = $measured[$n];
            $i = intdiv($n, 2);
            $differs = array_filter([
                'header' => abs($it['header'] - $one['header']) > self::NEAR,
                'announcement' => abs($it['announcement'] - $one['announcement']) > self::NEAR,
                'utility' => abs($it['utility'] - $one['utility']) > self::NEAR,
                'folded' => $it['isFolded'] !== $one['isFolded'],
                'lines of the menu' => $it['menuLines'] !== $one['menuLines'],
                'over' => $one['over'] !== null && $it['over'] !== $one['over'],
            ]);
            if ($differs !== [] && ! $one['isOnEdge']) {
                $off[] = [array_keys($differs), $one, $it, $samples[$i]['widths'], $samples[$i]['changes']];
            }
        }
        self::assertSame([], $off, sprintf('%d of %d differ.', count($off), self::HEADERS));
    }

    public function testMessagesTakeTheLinesReckonedOnEveryDevice(): void
    {
        mt_srand(41);
        $samples = $expected = [];
        $families = array_values(array_diff(self::families([...self::WORDS, ...self::MESSAGES, ...self::NAMES]), ['caveat']));
        $items = array_map(static fn(int $n): string => "message-$n", range(1, self::AT_ONCE));
        for ($i = 0; $i < self::MESSAGE_COUNT / self::AT_ONCE; $i++) {
            $changes = [
                'announcement.messages' => implode(',', $items), 'announcement.size' => (float) mt_rand(12, 20),
                'type.body.family' => self::one($families), 'announcement.turn' => self::one(['together', 'turn']),
            ];
            foreach ($items as $item) {
                $words = explode(' ', self::one(self::MESSAGES).' '.self::one(self::MESSAGES));
                $text = implode(' ', array_slice($words, mt_rand(0, 4), mt_rand(2, 14)));
                $changes = [...$changes, "message.$item.text" => mb_substr($text, 0, 120), "message.$item.show" => true];
            }
            [$samples[], $expected[]] = $this->sample($changes, array_keys(TextColumns::SCREENS));
        }
        $off = [];
        foreach ($this->inChromium('tops', $samples) as $i => $measured) {
            foreach ($measured as $device => $it) {
                $one = $expected[$i][$device];
                foreach ($it['messages'] as $n => $lines) {
                    if (! in_array($lines, [$one['messages'][$n], ...array_column($one['near'], $n)], true)) {
                        $off[] = [$lines, $one['messages'][$n], $device, $samples[$i]['changes']['message.message-'.($n + 1).'.text']];
                    }
                }
            }
        }
        self::assertSame([], $off, sprintf('%d of %d differ.', count($off), 3 * self::MESSAGE_COUNT));
    }

    /**
     * @param array<string, mixed> $changes
     * @param list<int> $widths of screens, px
     *
     * @return array{array{html: string, css: list<string>, widths: list<int>, changes: array<string, mixed>}, list<array<string, mixed>>}
     */
    private function sample(array $changes, array $widths): array
    {
        $look = $this->look();
        $reader = app(LookReader::class);
        $at = $reader->trying($look, $changes);
        $shop = $this->shop($at, $look->storefront);
        $top = TopLook::of($at->resolved());
        $fonts = app(FontFiles::class);
        $breaks = new LineBreaks($fonts->measured(...), $fonts->steps(...));
        $header = HeaderSolver::of($top, TopOfPage::contents($shop), $breaks);
        $announcement = AnnouncementSolver::of($top, $breaks);
        $utility = UtilitySolver::of($top, $breaks, $header);
        $lines = static fn(float $screen): array => array_values(
            array_map(static fn(SizedText $m): int => $announcement->lines($m, $screen), $announcement->messages),
        );

        return [
            [
                'html' => self::page($shop), 'css' => [
                    $reader->themes->stylesheet($at->bare), $at->compiled()->css, self::folded($header, $at->bare->foldedCss),
                ],
                'widths' => $widths, 'changes' => $changes,
            ],
            array_map(static function (int $width) use ($header, $announcement, $utility, $lines): array {
                $form = $header->at($width);
                $near = $form->isFolded ? [] : [$header->at($width - self::EDGE)->menuLines, $header->at($width + self::EDGE)->menuLines];

                return [
                    'messages' => $lines($width),
                    'near' => [$lines($width - self::EDGE), $lines($width + self::EDGE)],
                    'header' => $form->height, 'announcement' => $announcement->at($width)['height'],
                    'utility' => $utility->at($width)['height'], 'isFolded' => $form->isFolded, 'menuLines' => $form->menuLines,
                    'over' => $form->over > 3 || $form->over === 0.0 ? $form->over > 0 : null,
                    'isOnEdge' => array_diff($near, [$form->menuLines]) !== [],
                ];
            }, $widths),
        ];
    }

    private static function page(ShopContext $shop): string
    {
        $parts = array_map(
            static fn(string $part): string => view("shop.parts.$part", ['shop' => $shop, 'over' => false])->render(),
            $shop->on('announcement.show') ? ['announcement', 'utility', 'header'] : ['utility', 'header'],
        );

        return '<!DOCTYPE html><html lang="en"><head></head><body>'.implode('', $parts).'</body></html>';
    }

    private static function folded(HeaderSolver $header, string $css): string
    {
        return "@media {$header->foldedOn()} {\n$css}";
    }

    /** @return list<string> keys of menus of one to nine words, some with more below them or a mark */
    private function menus(): array
    {
        $keys = [];
        for ($m = 0; $m < self::MENUS; $m++) {
            $menu = Menu::query()->create(['slug' => "random-$m", 'name' => "Random $m"]);
            $count = mt_rand(1, 9);
            for ($position = 0; $position < $count; $position++) {
                $entry = [
                    'menu_id' => $menu->id, 'label' => self::one(self::WORDS), 'target' => '/search', 'position' => 10 * $position,
                    'level' => 1,
                    'mark' => mt_rand(0, 6) === 0 ? 'New' : '',
                ];
                MenuEntry::query()->create($entry);
                if (mt_rand(0, 4) === 0) {
                    MenuEntry::query()->create([...$entry, 'position' => 10 * $position + 5, 'level' => 2, 'mark' => '']);
                }
            }
            $keys[] = $menu->slug;
        }

        return $keys;
    }

    /**
     * @param list<string> $menus
     *
     * @return array<string, mixed>
     */
    private function changes(array $menus): array
    {
        // A hand whose letters vary with their neighbors is measured by itself, in TextMeasureTest.
        // What a family does not have is set in another one, whose widths nobody knows.
        $families = array_values(array_diff(self::families([...self::WORDS, ...self::MESSAGES, ...self::NAMES]), ['caveat']));
        $places = array_keys(Arrangement::PLACES);
        $order = array_keys(Arrangement::PARTS);
        shuffle($order);
        $changes = [
            'header.order' => implode(',', $order),
            'header.menu.main' => self::one($menus),
            'header.menu.second' => mt_rand(0, 3) === 0 ? self::one($menus) : 'none',
            'header.menu.folds' => self::one(['fits', 'at', 'at', 'at']),
            'header.menu.fold' => (float) mt_rand(320, 1100),
            'header.menu.gap' => (float) mt_rand(8, 56),
            'header.space.top' => (float) mt_rand(0, 40),
            'header.space.bottom' => (float) mt_rand(0, 40),
            'header.rule' => mt_rand(0, 4) / 2,
            'header.row.rule' => mt_rand(0, 4) / 2,
            'header.search' => self::one(['none', 'icon', 'box']),
            'header.search.width' => 5.0 * mt_rand(24, 60),
            'header.button.show' => mt_rand(0, 3) === 0,
            'header.button.text' => self::one(self::WORDS),
            'header.chooser' => mt_rand(0, 5) === 0,
            'header.account' => mt_rand(0, 1) === 1,
            'header.saved' => mt_rand(0, 1) === 1,
            'header.cart' => mt_rand(0, 5) > 0,
            'header.icons.words' => self::one(['none', 'none', 'beside', 'under']),
            'header.folded.logo' => self::one(['start', 'middle', 'above']),
            'header.folded.button' => self::one(['start', 'end']),
            'header.folded.search' => self::one(['icon', 'box', 'menu']),
            'header.folded.account' => mt_rand(0, 1) === 1,
            'header.folded.saved' => mt_rand(0, 1) === 1,
            'header.logo.name' => self::one(self::NAMES),
            'header.logo.line' => self::one(['', 'Lantern Co.', 'By the river since 1987']),
            'header.logo.sign' => mt_rand(0, 1) === 1,
            'header.logo.clear' => (float) mt_rand(0, 8),
            'header.logo.size.desktop' => (float) mt_rand(16, 70),
            'header.logo.size.tablet' => (float) mt_rand(16, 60),
            'header.logo.size.phone' => (float) mt_rand(16, 40),
            'type.menu.family' => self::one($families),
            'type.menu.size.desktop' => (float) mt_rand(13, 22),
            'type.menu.size.phone' => (float) mt_rand(13, 20),
            'type.menu.case' => self::one(['typed', 'capitals']),
            'type.menu.spacing' => mt_rand(0, 4) / 50,
            'type.heading.family' => self::one($families),
            'type.body.family' => self::one($families),
            'announcement.size' => (float) mt_rand(12, 20),
            'announcement.space' => (float) mt_rand(2, 24),
            'announcement.turn' => self::one(['together', 'turn']),
            'message.message-1.text' => self::one(self::MESSAGES),
            'message.message-2.text' => self::one(self::MESSAGES),
            'message.message-2.show' => mt_rand(0, 1) === 1,
            'utility.icons' => mt_rand(0, 1) === 1,
            'utility.words.devices' => self::one(['all', 'wide', 'phone']),
            'utility.first.devices' => self::one(['all', 'wide', 'phone']),
            'page.width' => 10.0 * mt_rand(90, 160),
        ];
        foreach (array_keys(Arrangement::PARTS) as $part) {
            $changes[Arrangement::path($part)] = mt_rand(0, 2) > 0 ? self::one($places) : 'start';
        }
        if (mt_rand(0, 3) === 0) {
            $changes = [
                ...$changes,
                'header.logo.kind' => 'picture',
                'header.logo.picture' => 'workshop',
                'header.logo.plate' => self::one(['none', 'paper']),
            ];
        }

        return $changes;
    }
}
