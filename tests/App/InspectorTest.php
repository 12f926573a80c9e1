<?php

declare(strict_types=1);

namespace Tests\App;

use App\Inspection\Inspector;
use App\Looks\Author;
use App\Looks\EditLook;
use Ikat\Core\Reach\ReachIndex;

/** Reading pages is the dear part of an edit: it is done for pages whose skeleton changed, and for no other. */
final class InspectorTest extends AppTestCase
{
    /** @param array<string, mixed> $changes */
    private function filesAfter(array $changes): int
    {
        $look = $this->look()->load('storefront.store');
        app(EditLook::class)($look, $changes, $look->head, new Author('Maren'));
        $this->app->forgetScopedInstances();
        app(\App\Models\CurrentStore::class)->is($look->storefront->store_id);
        $before = count(glob(storage_path('reach/*')) ?: []);
        app(Inspector::class)->inspect($look->refresh()->load('storefront.store'))->get(ReachIndex::class);

        return count(glob(storage_path('reach/*')) ?: []) - $before;
    }

    public function testAColorReadsNothingWordsReadNoPageAndAHiddenBandReadsTheHomePage(): void
    {
        $mark = bin2hex(random_bytes(3));
        $this->filesAfter(['band.lead-1.heading' => 'Begin']);
        self::assertSame(0, $this->filesAfter(['brand.warm' => '#8a2f06']), 'the index does not depend on a color');
        self::assertSame(1, $this->filesAfter(['band.lead-1.heading' => "Words $mark"]), 'the whole is kept anew, no page is');
        // A place of its own in the list, so that no earlier run has read this page.
        $rules = 'rule-'.random_int(2, 9999);
        self::assertSame(
            3,
            $this->filesAfter(['home.bands' => "lead-1,$rules,row-1,words-1,columns-1,newsletter-1"]),
            'the rules of the new item, the home page, and the whole',
        );
    }

    /** What is kept of pages that were not made again is what making all of them anew gives. */
    public function testPagesThatAreNotMadeAgainAreAsTheyWouldBe(): void
    {
        $fresh = function (bool $forget): string {
            $this->app->forgetScopedInstances();
            app(\App\Models\CurrentStore::class)->is($this->storefront()->store_id);
            if ($forget) {
                array_map(unlink(...), glob(storage_path('reach/*')) ?: []);
            }

            return serialize(app(Inspector::class)->inspect($this->look()->load('storefront.store'))->get(ReachIndex::class));
        };
        $fresh(false);
        foreach ([
            ['card.button' => 'on'], ['say.add' => 'Into the basket'], ['header.menu.place' => 'below', 'header.search' => 'box'],
            ['checkout.head' => 'header'], ['footer.blocks' => 'links-1'], ['locked.heading' => 'Closed'],
        ] as $changes) {
            $look = $this->look()->load('storefront.store');
            app(EditLook::class)($look, $changes, $look->head, new Author('Maren'));
            $kept = $fresh(false);
            self::assertTrue($fresh(true) === $kept, 'what was kept differs after '.json_encode($changes));
        }
    }
}
