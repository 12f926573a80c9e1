<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Menu;
use App\Models\MenuEntry;

/** Menus of the Storeroom: as many as wanted, with levels and marks, worn where a look says. */
final class MenusTest extends AppTestCase
{
    private const AT = '/workbench/looks/1/storeroom';

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->person('maren'));
    }

    /** @param array<string, string> $cells */
    private function make(string $kind, array $cells): void
    {
        $this->post(self::AT.'/new', ['open_kind' => $kind, 'new' => $cells])->assertOk();
    }

    public function testAMenuOfItsOwnIsMadeFilledAndWorn(): void
    {
        $this->make('menus', ['name' => 'By room']);
        self::assertSame('by-room', Menu::query()->where('name', 'By room')->value('slug'));
        foreach ([
            ['Kitchen', '1', '/category/paper-lanterns', ''],
            ['Above the table', '2', '/search?q=table', 'New'],
            ['Low lights', '3', '/search?q=low', ''],
        ] as [$label, $level, $target]) {
            $this->make('entries', ['menu_id' => 'by room', 'label' => $label, 'level' => $level, 'target' => $target]);
        }
        MenuEntry::query()->where('label', 'Above the table')->update(['mark' => 'New']);
        $this->edit(['path' => 'header.menu.main', 'value' => 'by-room'])->assertOk();
        $page = (string) $this->get('/preview/1/now/shop/wrenfold')->assertOk()->getContent();
        $menu = (string) preg_replace(
            ['~^.*<nav class="menu [^>]*>(.*?)</nav>.*$~s', '~ data-[a-z]+="[^"]*"~', '~>\s+<~'],
            ['$1', '', '><'],
            $page,
        );
        self::assertMatchesRegularExpression(
            '~^\s*<ul><li><a[^>]*><span\s*>Kitchen</span></a><details class="below".*'
            .'<ul><li><a[^>]*><span\s*>Above the table</span>\s*<span\s+class="label label-own">New</span></a>'
            .'<ul><li><a[^>]*><span\s*>Low lights</span></a></li></ul></li></ul></details></li></ul>~s',
            $menu,
        );
        self::assertStringContainsString('/build/shop.js', $page, 'what opens where it is pointed at needs the script');
        $this->edit(['path' => 'header.menu.main', 'value' => 'Not a key!'])->assertStatus(422);
        $this->post(self::AT.'/delete', ['open_kind' => 'menus', 'ids' => (string) Menu::query()->where('slug', 'by-room')->value('id')])
            ->assertSee('3 entries stand in it');
        self::assertTrue(Menu::query()->where('slug', 'by-room')->exists());
    }

    public function testAMenuThatIsShownAndGoneIsFound(): void
    {
        $this->edit(['path' => 'header.menu.second', 'value' => 'winter'])->assertOk();
        $keys = array_map(
            static fn($f): string => $f->key(),
            app(\App\Inspection\Inspector::class)->findings($this->look()->load('storefront.store')),
        );
        self::assertContains('menu:winter', $keys);
    }

    public function testAnEntryMovesAndGoesWithRegardToWhatBelongsToIt(): void
    {
        $menu = Menu::query()->where('slug', 'help')->value('id');
        $order = static fn(): array => MenuEntry::query()->where('menu_id', $menu)->orderBy('position')->orderBy('id')
            ->get()->map(static fn(MenuEntry $e): string => "$e->level $e->label")->all();
        $was = $order();
        self::assertSame(
            ['1 Find your lantern', '2 For evenings outside', '2 For the reading chair', '1 Your orders'],
            $was,
        );
        $first = MenuEntry::query()->where('menu_id', $menu)->where('label', 'Find your lantern')->value('id');
        $this->post(self::AT.'/move', ['open_kind' => 'entries', 'record' => $first, 'by' => 1])->assertOk();
        self::assertSame([$was[3], $was[0], $was[1], $was[2]], $order());
        $this->post(self::AT.'/delete', ['open_kind' => 'entries', 'ids' => (string) $first])->assertOk();
        self::assertSame(['1 Your orders', '1 For evenings outside', '1 For the reading chair'], $order());
        $this->post(self::AT.'/undo')->assertOk();
        self::assertSame([$was[3], $was[0], $was[1], $was[2]], $order());
    }

    public function testAPictureStandsInThePanelBelowAnEntryAndStaysAsLongAsItIsShown(): void
    {
        $this->edit(['path' => 'header.menu.main', 'value' => 'help'])->assertOk();
        $page = (string) $this->get('/preview/1/now/shop/wrenfold')->assertOk()->getContent();
        self::assertMatchesRegularExpression(
            '~<details class="below".*?<li class="below-picture"><a href="/shop/wrenfold/search"~s',
            $page,
        );
        $entry = MenuEntry::query()->whereNotNull('picture_id')->firstOrFail();
        $this->post(self::AT.'/delete', ['open_kind' => 'pictures', 'ids' => (string) $entry->picture_id])
            ->assertSee('The menu entry Find your lantern shows it');
        $this->post(self::AT.'/cells', ['open_kind' => 'entries', 'record' => $entry->getKey(), 'column' => 'pictures', 'value' => ''])
            ->assertOk();
        self::assertStringNotContainsString(
            'below-picture',
            (string) $this->get('/preview/1/now/shop/wrenfold')->assertOk()->getContent(),
        );
    }

    public function testAnEntryThatLeadsToWhatIsSoldOutIsFound(): void
    {
        $soldOut = \App\Models\Product::query()->where('stock', 0)->orderBy('id')->value('slug');
        $this->make('entries', ['menu_id' => 'main', 'label' => 'The last one', 'level' => '1', 'target' => "/product/$soldOut"]);
        $keys = array_map(
            static fn($f): string => $f->key(),
            app(\App\Inspection\Inspector::class)->findings($this->look()->load('storefront.store')),
        );
        self::assertContains("gone:menu:main:/product/$soldOut", $keys);
        self::assertNotContains("target:menu:main:/product/$soldOut", $keys);
    }

    public function testTheBoardOfTheHeaderChangesTheMenuAndStaysInItsStep(): void
    {
        $entry = MenuEntry::query()->where('label', 'Workshop')->firstOrFail();
        $here = ['open_kind' => 'entries', 'here' => '1', 'step' => 'header'];
        $this->post(self::AT.'/move', [...$here, 'record' => $entry->getKey(), 'by' => -3])
            ->assertOk()->assertSee('data-menu-board', false);
        $main = static fn(): array => MenuEntry::query()->where('menu_id', $entry->menu_id)->orderBy('position')->pluck('label')->all();
        self::assertSame(['Paper lanterns', 'Glass lanterns', 'Workshop', 'Lamp kits', 'Wicks & oil', 'Candles'], $main());
        $this->post(self::AT.'/undo', $here)->assertOk()->assertSee('data-menu-board', false);
        self::assertSame('Workshop', array_slice($main(), -1)[0]);
        $this->actingAs($this->person('ines'));
        $this->get('/workbench/looks/1/header')->assertOk()->assertDontSee('entry-grip', false)->assertSee('data-menu-board', false);
    }
}
