<?php

declare(strict_types=1);

namespace Tests\App;

use App\Http\TypedRequest;
use App\Looks\LookReader;
use App\Storefront\DraftShop;
use App\Storefront\PreviewMoment;
use App\Storefront\SamplePages;
use App\Storefront\Visitor;
use App\Workbench\Shell\BenchMaker;
use App\Workbench\Shell\Steps;
use App\Workbench\Shell\WindowPlace;
use Carbon\Carbon;
use Ikat\Core\Setting\Catalog\Parts;
use Ikat\Core\Setting\Item;
use PHPUnit\Framework\Attributes\DataProvider;

/** Which page and place the window shows for each part of each step. */
final class WindowPlaceTest extends AppTestCase
{
    /** @return iterable<string, array{string, ?array{string, string, bool}}> part => page, part there, whether the open page will do */
    public static function parts(): iterable
    {
        yield 'header' => ['header', ['home', 'header', true]];
        yield 'logo' => ['logo', ['home', 'logo', true]];
        yield 'message' => ['message-message-1', ['home', 'message-message-1', true]];
        yield 'footer block' => ['block-links-1', ['home', 'block-links-1', true]];
        yield 'side cart' => ['sidecart', ['home', 'sidecart', true]];
        yield 'band' => ['band-lead-1', ['home', 'band-lead-1', false]];
        yield 'grid' => ['grid', ['category', 'grid', false]];
        yield 'card' => ['card', ['cards', 'card', false]];
        yield 'product' => ['product', ['product', 'product', false]];
        yield 'checkout' => ['checkout', ['checkout', 'checkout', false]];
        yield 'paying' => ['paying', ['paying', 'checkout', false]];
        yield 'locked shop' => ['locked', ['locked', 'locked', false]];
        yield 'letters' => ['mail', null];
        yield 'all of the shop' => ['every page', null];
        yield 'seasons' => ['season-season-1', null];
    }

    /** @param ?array{string, string, bool} $place */
    #[DataProvider('parts')]
    public function testAPartIsShownWhereItIs(string $part, ?array $place): void
    {
        $found = WindowPlace::ofPart($part);
        self::assertSame($place, $found === null ? null : [$found->page, $found->part, $found->isEverywhere]);
    }

    public function testASeasonIsLookedAtWhileItRuns(): void
    {
        Carbon::setTestNow('2026-12-01 12:00:00');
        $this->edit(['changes' => json_encode([
            'seasons' => 'season-7', 'season.season-7.name' => 'Thaw', 'season.season-7.announcement' => 'The ice goes out',
            'season.season-7.starts' => '2027-03-01T09:00', 'season.season-7.ends' => '2027-03-20T00:00',
        ])])->assertOk();
        $shown = function (): ?WindowPlace {
            $request = TypedRequest::create('/', 'GET', ['open_part' => 'season-season-7']);
            $request->setUserResolver(fn() => $this->person('maren'));

            return app(BenchMaker::class)->make($request, $this->look()->load('storefront.store'), 'seasons')->panel()->shows();
        };
        self::assertSame(['message-message-1', '2027-03-01T10:00'], [$shown()?->part, $shown()?->moment]);
        Carbon::setTestNow('2027-03-10 12:00:00');
        self::assertNull($shown()?->moment, 'while it runs the window shows now');
        $this->edit(['path' => 'season.season-7.on', 'value' => 'off'])->assertOk();
        self::assertNull($shown());
    }

    public function testAColorThatHomeHasNothingOfIsLookedAtWhereThereIsSome(): void
    {
        $shown = function (string $role): ?WindowPlace {
            $request = TypedRequest::create('/', 'GET', ['open_part' => 'schemes', 'open_path' => "scheme.daylight.$role"]);
            $request->setUserResolver(fn() => $this->person('maren'));

            return app(BenchMaker::class)->make($request, $this->look()->load('storefront.store'), 'colors')->panel()->shows();
        };
        self::assertNull($shown('ink'), 'the first page has some');
        $problem = $shown('problem');
        self::assertSame(['letter-refused', 'letter-refused'], [$problem?->page, $problem->alike[0] ?? null]);
        self::assertContains('cart-refused', $problem->alike);
        self::assertNotNull($problem->element);
    }

    public function testEveryPlaceAStepShowsIsOnItsPage(): void
    {
        $pages = app(SamplePages::class);
        $paths = $pages->paths($this->look()->storefront);
        $look = $this->look()->load('storefront.store');
        $snapshot = app(LookReader::class)->of($look);
        $html = [];
        $shown = 0;
        foreach (app(Steps::class)->all() as $step) {
            $parts = array_unique(array_column($snapshot->catalog()->inStep($step->key()), 'part'));
            foreach ($parts as $part) {
                $request = TypedRequest::create('/', 'GET', ['open_part' => $part]);
                $request->setUserResolver(fn() => $this->person('maren'));
                $place = app(BenchMaker::class)->make($request, $look, $step->key())->panel()->shows();
                if ($place === null || $place->element !== null) {
                    continue;
                }
                // A page that is none of the samples is named by its path.
                $path = $paths[$place->page] ?? $place->page;
                $page = isset($paths[$place->page]) ? $place->page : 'category';
                $html[$place->page] ??= $pages->render($page, $path, app(DraftShop::class)->wearing(
                    $look,
                    $snapshot,
                    Visitor::looking($look->storefront, SamplePages::cartAt($path)),
                    PreviewMoment::now(),
                ));
                // What is switched off is on no page; everything else is where its step says.
                $item = Item::ofPart($place->part);
                $switch = $item?->path('show');
                $isOff = $switch !== null && $snapshot->resolved()->value($switch) === false;
                $is = str_contains($html[$place->page], "data-part=\"$place->part\"");
                self::assertSame(! $isOff, $is, Parts::label($part)." on $place->page");
                $shown++;
            }
        }
        self::assertGreaterThan(20, $shown);
    }
}
