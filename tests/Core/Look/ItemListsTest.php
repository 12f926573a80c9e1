<?php

declare(strict_types=1);

namespace Tests\Core\Look;

use Ikat\Core\Look\ItemLists;
use Ikat\Core\Look\Layer;
use Ikat\Core\Look\LayerKind;
use Ikat\Core\Setting\Catalog\StorefrontCatalog;
use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\UnacceptableValue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class ItemListsTest extends TestCase
{
    public function testItemsBringSettingsOfTheirOwn(): void
    {
        $look = Fixtures::look(['home.bands' => 'gallery-3,lead-1', 'band.gallery-3.gap' => 8.0]);
        self::assertSame(8.0, $look->value('band.gallery-3.gap'));
        self::assertTrue($look->catalog->has('band.lead-1.heading'));
        self::assertFalse($look->catalog->has('band.row-1.heading'));
    }

    public function testADeletedItemKeepsItsSettingsForWhenItComesBack(): void
    {
        $own = ['home.bands' => 'lead-1', 'band.lead-1.heading' => 'Kept'];
        self::assertFalse(Fixtures::look([...$own, 'home.bands' => 'row-1'])->catalog->has('band.lead-1.heading'));
        self::assertSame('Kept', Fixtures::look($own)->value('band.lead-1.heading'));
    }

    public function testTheStrongestLayerSaysWhichItemsThereAre(): void
    {
        $lists = ItemLists::in(
            (new StorefrontCatalog())->lists(),
            [new Layer(LayerKind::Theme, 'T', ['home.bands' => 'lead-1']), new Layer(LayerKind::Look, 'L', ['home.bands' => 'rule-2'])],
        );
        self::assertSame(['rule-2'], array_map(static fn(Item $i): string => $i->name(), $lists->of('home.bands')));
        $both = $lists->and((new StorefrontCatalog())->lists(), ['home.bands' => 'rule-2,space-1,nonsense']);
        self::assertSame(['rule-2', 'space-1'], array_map(static fn(Item $i): string => $i->name(), $both->of('home.bands')));
    }

    public function testNamesItsPathsAndClass(): void
    {
        $item = Item::named('band', 'row-12');
        self::assertSame(
            ['row', 12, 'band.row-12.heading', 'its-band-row-12'],
            [$item->kind, $item->number, $item->path('heading'), $item->cssClass()],
        );
    }

    #[DataProvider('lists')]
    public function testAListIsCheckedAndSaysWhatIsWrong(string $path, string $written, ?string $kept, string $words): void
    {
        try {
            self::assertSame($kept, Fixtures::catalog(['grid.sort' => 'hand'])->normalize($path, $written));
        } catch (UnacceptableValue $e) {
            self::assertNull($kept, $e->getMessage());
            self::assertStringContainsString($words, $e->getMessage());
        }
    }

    /** @return iterable<array{string, string, ?string, string}> */
    public static function lists(): iterable
    {
        yield ['home.bands', ' lead-1 , row-2 ', 'lead-1,row-2', ''];
        yield ['home.bands', '', '', ''];
        yield ['home.bands', 'lead-1,lead-1', null, 'twice'];
        yield ['home.bands', 'carousel-1', null, 'is not one of its kinds'];
        yield ['home.bands', 'lead', null, 'is not one of its kinds'];
        yield ['home.bands', implode(',', array_map(static fn(int $n): string => "rule-$n", range(1, 25))), null, 'Take out 1'];
        yield ['grid.order', 'moth-paper-globe,reed-drum-lantern', 'moth-paper-globe,reed-drum-lantern', ''];
        yield ['grid.order', '../etc', null, 'is not the name of a product'];
        yield ['band.lead-1.target', '/category/candles', '/category/candles', ''];
        yield ['band.lead-1.target', '/search?q=paper', '/search?q=paper', ''];
        yield ['band.lead-1.target', '//elsewhere.example', null, 'is not a page of the shop'];
        yield ['band.lead-1.target', 'javascript:alert(1)', null, 'is not a page of the shop'];
        yield ['band.lead-1.picture', 'lead', 'lead', ''];
        yield ['band.lead-1.picture', '../../.env', null, 'is not a picture of the library'];
    }

    #[DataProvider('moments')]
    public function testAMomentIsADayThatExists(string $written, ?string $kept): void
    {
        $catalog = Fixtures::catalog(['seasons' => 'season-1']);
        try {
            self::assertSame($kept, $catalog->normalize('season.season-1.starts', $written));
        } catch (UnacceptableValue) {
            self::assertNull($kept);
        }
    }

    /** @return iterable<array{string, ?string}> */
    public static function moments(): iterable
    {
        yield ['2028-02-29T06:00', '2028-02-29T06:00'];
        yield ['2028-02-29 06:00', '2028-02-29T06:00'];
        yield ['2027-02-29T06:00', null];
        yield ['2027-02-28T24:00', null];
        yield ['soon', null];
        yield ['', ''];
    }

    public function testAnAddressOnTheWebIsOne(): void
    {
        $catalog = Fixtures::catalog(['footer.blocks' => 'social-1']);
        self::assertSame(
            'https://diary.wrenfold.example/',
            $catalog->normalize('block.social-1.first.address', 'https://diary.wrenfold.example/'),
        );
        // As people write one: what they meant is kept, visibly.
        self::assertSame(
            'https://diary.wrenfold.example/snow?a=1',
            $catalog->normalize('block.social-1.first.address', ' diary.wrenfold.example/snow?a=1 '),
        );
        foreach ([
            'javascript:alert(1)', 'data:text/html,x', 'https://', 'diary', 'a.b c', 'mail@diary.wrenfold.example', 'https://a"b.example',
        ] as $bad) {
            try {
                $catalog->normalize('block.social-1.first.address', $bad);
                self::fail("$bad was accepted");
            } catch (UnacceptableValue $e) {
                self::assertStringContainsString('Write one such as https://', $e->getMessage());
            }
        }
    }

    public function testASettingNeedsWhatItsConditionNeeds(): void
    {
        $look = Fixtures::look(['announcement.show' => false, 'announcement.turn' => 'turn']);
        self::assertSame('announcement.show', $look->at('announcement.pace')->unmet?->path);
        self::assertSame('announcement.turn', Fixtures::look()->at('announcement.pace')->unmet?->path);
    }
}
