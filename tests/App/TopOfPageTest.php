<?php

declare(strict_types=1);

namespace Tests\App;

use App\Inspection\Inspector;
use App\Looks\LookReader;
use App\Models\Menu;
use App\Models\MenuEntry;
use Ikat\Core\Header\AnnouncementSolver;
use Ikat\Core\Header\HeaderSolver;
use Ikat\Core\Header\UtilitySolver;
use Ikat\Core\Look\Base;
use PHPUnit\Framework\Attributes\DataProvider;

/** The top of every page in the shipped themes, with short and long menus, at every width. */
final class TopOfPageTest extends AppTestCase
{
    /** Most of a phone's screen that message, strip and header take together. */
    private const SHARE = 0.2;

    /** @return iterable<string, array{string}> */
    public static function themes(): iterable
    {
        foreach (['millrace', 'towpath', 'belfry'] as $theme) {
            yield $theme => [$theme];
        }
    }

    #[DataProvider('themes')]
    public function testNothingWrapsOrCollidesInAShippedTheme(string $name): void
    {
        $look = $this->look()->load('storefront.store');
        $looks = app(LookReader::class);
        $theme = $looks->themes->newest($name);
        $base = new Base($theme->name, $theme->version, (string) array_key_first($theme->starters));
        foreach ([
            'main' => 'the demo’s',
            $this->menu('short', 2) => 'a short menu',
            $this->menu('long', 11) => 'a long menu',
        ] as $menu => $words) {
            $at = $looks->trying($look, [...$base->values(), 'header.menu.main' => $menu]);
            $inspection = app(Inspector::class)->inspect($look, $at);
            $header = $inspection->get(HeaderSolver::class);
            self::assertTrue($header->isKnown());
            $announcement = $inspection->get(AnnouncementSolver::class);
            $utility = $inspection->get(UtilitySolver::class);
            for ($width = HeaderSolver::NARROWEST; $width <= HeaderSolver::WIDEST; $width++) {
                $form = $header->at($width);
                self::assertTrue(
                    $form->fits(),
                    sprintf('%s, %s, %d px: %d lines, %.1f px over', $name, $words, $width, $form->menuLines, $form->over),
                );
                self::assertLessThanOrEqual(1, $utility->at($width)['lines'], "$name, $words, $width px: the strip");
            }
            [$phone, $tall] = HeaderSolver::A_PHONE;
            $top = $header->at($phone)->height + $announcement->at($phone)['height'] + $utility->at($phone)['height'];
            self::assertLessThanOrEqual(self::SHARE, $top / $tall, sprintf('%s, %s: %.0f px of %d', $name, $words, $top, $tall));
        }
    }

    private function menu(string $key, int $words): string
    {
        $menu = Menu::query()->create(['slug' => $key, 'name' => $key]);
        for ($i = 0; $i < $words; $i++) {
            MenuEntry::query()->create(
                [
                    'menu_id' => $menu->id,
                    'label' => "Lanterns of room $i",
                    'target' => '/search',
                    'position' => $i,
                    'level' => 1,
                    'mark' => '',
                ],
            );
        }

        return $key;
    }
}
