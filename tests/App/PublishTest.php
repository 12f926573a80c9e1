<?php

declare(strict_types=1);

namespace Tests\App;

use App\Looks\Author;
use App\Looks\EditLook;
use App\Publishing\FindingsInTheWay;
use App\Publishing\PublishLook;
use App\Publishing\RestoreRelease;

final class PublishTest extends AppTestCase
{
    private function change(string $path, string $value): void
    {
        $look = $this->look();
        app(EditLook::class)($look, [$path => $value], $look->head, new Author('Maren'));
    }

    public function testNothingIsLiveUntilPublishedAndAnEarlierReleaseComesBack(): void
    {
        $first = $this->storefront()->liveRelease;
        $this->change('band.lead-1.heading', 'Nights by the river');
        $this->get(self::SHOP.'/')->assertOk()->assertDontSee('Nights by the river');
        $second = app(PublishLook::class)($this->look(), 'Maren', null);
        self::assertGreaterThan($first->number, $second->number);
        $this->get(self::SHOP.'/')->assertSee('Nights by the river');
        app(RestoreRelease::class)($this->storefront(), $first, 'Maren');
        $this->get(self::SHOP.'/')->assertDontSee('Nights by the river');
        self::assertSame('Nights by the river', $this->look()->ownChanges()->own['band.lead-1.heading'], 'the look is not touched');
    }

    public function testFindingsStopAPublishUnlessTheOwnerSaysWhy(): void
    {
        $this->change('scheme.daylight.ink', '#d8d0c0');
        $live = $this->storefront()->live_release_id;
        try {
            app(PublishLook::class)($this->look(), 'Maren', '  ');
            self::fail('It was published.');
        } catch (FindingsInTheWay $e) {
            self::assertGreaterThan(0, $e->count);
        }
        self::assertSame($live, $this->storefront()->live_release_id);
        $release = app(PublishLook::class)($this->look(), 'Maren', 'The printer wants it so.');
        self::assertSame('The printer wants it so.', $release->reason);
        self::assertGreaterThan(0, $release->findings['stop']);
    }

    public function testAReleaseIsNeverChanged(): void
    {
        $this->expectException(\LogicException::class);
        $this->storefront()->liveRelease->update(['author' => 'Somebody']);
    }

    public function testPreviewAndPublicPageAreTheSameBytes(): void
    {
        app(PublishLook::class)($this->look(), 'Maren', null);
        $this->actingAs($this->person('maren'));
        foreach ([
            '/', '/category/paper-lanterns', '/product/heron-folding-lantern', '/search?q=glass', '/cart', '/page/delivery', '/not-here',
        ] as $path) {
            $public = $this->get(self::SHOP.$path)->getContent();
            $preview = $this->get("/preview/{$this->look()->id}/now".self::SHOP.$path)->getContent();
            self::assertStringNotContainsString('data-from', (string) $public);
            self::assertSame($public, \App\Storefront\PublicShop::stripped((string) $preview), $path);
        }
    }

    public function testThePublishPageSaysWhatWillChange(): void
    {
        $this->change('band.lead-1.heading', 'Nights by the river');
        $page = $this->actingAs($this->person('maren'))->get("/workbench/looks/{$this->look()->id}/publish");
        $page->assertOk()->assertSee('Lead picture: heading')->assertSee('Light for the long evenings')->assertSee('Nights by the river');
        $this->post("/workbench/looks/{$this->look()->id}/publish", ['seen' => $this->look()->head - 1])->assertStatus(409);
        $this->post("/workbench/looks/{$this->look()->id}/publish", ['seen' => $this->look()->head])
            ->assertOk()
            ->assertSee('The live shop already looks like this.');
    }

    public function testCachedPagesFollowTheLiveReleaseAtOnce(): void
    {
        $this->get(self::SHOP.'/')->assertOk();
        $storefront = $this->storefront();
        $file = \App\Storefront\PageCache::place(
            storage_path('pages'),
            'wrenfold',
            (int) $storefront->live_release_id,
            '',
            $storefront->content_version,
            \App\Storefront\PageCache::state(time(), ''),
            self::SHOP.'/',
        );
        self::assertFileExists($file);
        $this->change('band.lead-1.heading', 'Nights by the river');
        $release = app(PublishLook::class)($this->look(), 'Maren', null);
        $next = \App\Storefront\PageCache::place(
            storage_path('pages'),
            'wrenfold',
            $release->id,
            '',
            $storefront->content_version,
            \App\Storefront\PageCache::state(time(), ''),
            self::SHOP.'/',
        );
        self::assertFileDoesNotExist($next, 'a page of the new release is made afresh');
        self::assertStringContainsString('Nights by the river', (string) $this->get(self::SHOP.'/')->getContent());
    }
}
