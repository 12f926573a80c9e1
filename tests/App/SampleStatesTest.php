<?php

declare(strict_types=1);

namespace Tests\App;

use App\Looks\LookReader;
use App\Storefront\DraftShop;
use App\Storefront\PreviewMoment;
use App\Storefront\SamplePages;
use App\Storefront\Visitor;
use Ikat\Core\Look\LookSnapshot;
use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\Type\ChoiceType;
use Ikat\Core\Setting\Type\ItemsType;
use Ikat\Core\Setting\Type\MenuType;
use Ikat\Core\Setting\Type\PictureType;
use Ikat\Core\Setting\Type\SwitchType;
use Ikat\Core\Setting\Type\TargetType;
use Ikat\Core\Setting\Type\TextType;

/** Every state a template has is on a sample page: what no page shows nobody measures. */
final class SampleStatesTest extends AppTestCase
{
    /** Classes that stand in templates and cannot stand on a page of the demo, with the reason. */
    private const ELSEWHERE = [
        'checkout-picture' => 'a ground of the checkout that wants a picture of its own',
        'product-across' => 'a block that was put below the pictures: each is beside them at first',
        'waits' => 'a second message, in turn: here is one of each kind',
    ];

    public function testEveryClassAndRoleOfTheTemplatesIsOnASamplePage(): void
    {
        $html = '';
        foreach ($this->looks() as $look) {
            $html .= $this->pages($look);
        }
        preg_match_all('/\b(?:class|role)="([^"]*)"/', $html, $m);
        $shown = array_flip(preg_split('/\s+/', implode(' ', $m[1])) ?: []);
        $missing = [];
        foreach ($this->written() as $name => $file) {
            if (! isset($shown[$name]) && ! isset(self::ELSEWHERE[$name])) {
                $missing[] = "$name ($file)";
            }
        }
        self::assertSame([], $missing);
    }

    public function testEveryStateIsOnePageAndCanBeLookedAt(): void
    {
        $maren = $this->actingAs($this->person('maren'));
        foreach (app(SamplePages::class)->paths($this->look()->storefront) as $key => $path) {
            $maren->get("/preview/{$this->look()->id}/now".self::SHOP.$path)->assertStatus($key === 'nowhere' ? 404 : 200);
            self::assertArrayHasKey($key, SamplePages::labels());
        }
        $this->get(self::SHOP.'/state/trouble')->assertNotFound();
    }

    /** The first report: a faint problem message, seen only once something went wrong. */
    public function testAFaintMessageIsFoundBeforeAnybodyMakesAMistake(): void
    {
        $this->edit(['changes' => json_encode(['scheme.daylight.problem' => '#f5e9e7', 'scheme.daylight.problem-ink' => '#ffffff'])])
            ->assertOk();
        $findings = app(\App\Inspection\Inspector::class)->findings($this->look()->load('storefront.store'));
        $problem = array_values(array_filter(
            $findings,
            static fn($f): bool => $f instanceof \Ikat\Core\Contrast\ContrastFinding
                && $f->set->name === 'scheme.daylight'
                && str_contains($f->inkPath, 'problem'),
        ));
        self::assertNotSame([], $problem);
        $pages = array_keys(array_merge(...array_map(static fn($f): array => $f->places, $problem)));
        foreach (['letter-refused', 'account-refused', 'cart-refused'] as $page) {
            self::assertContains($page, $pages);
        }
        self::assertSame('stop', $problem[0]->severity()->value);
    }

    private static function choice(ChoiceType $type, int $i): string
    {
        return (string) array_keys($type->choices)[$i % count($type->choices)];
    }

    /** @return iterable<LookSnapshot> the demo's, and one for each choice of each setting that changes pages */
    private function looks(): iterable
    {
        $look = $this->look()->load('storefront.store');
        $looks = app(LookReader::class);
        yield $looks->of($look);
        $catalog = $looks->of($look)->catalog();
        $choices = array_filter(
            $catalog->all(),
            static fn(Setting $s): bool => $s->type instanceof ChoiceType
                && $s->type->cssValues === []
                && ! str_starts_with($s->path, 'season.'),
        );
        $most = max(array_map(static fn(Setting $s): int => count($s->type->choices), $choices));
        $lists = [];
        $items = [];
        foreach ($catalog->all() as $setting) {
            if ($setting->type instanceof ItemsType && $setting->path !== 'seasons') {
                $names = array_map(static fn(string $kind): string => "$kind-1", array_keys($setting->type->kinds));
                $lists[$setting->path] = implode(',', $names);
                foreach ($names as $name) {
                    $items[Item::named($setting->type->prefix, $name)->path('show')] = true;
                }
            }
        }
        $picture = \App\Models\Picture::query()->whereNotNull('base')->value('name');
        for ($i = 0; $i < $most; $i++) {
            $changes = [...$lists, ...$items];
            foreach ($catalog->all() as $path => $setting) {
                $changes[$path] = match (true) {
                    isset($lists[$path]) => $lists[$path],
                    $setting->type instanceof SwitchType && ! str_starts_with($path, 'season.') && $path !== 'dark.on' => true,
                    isset($choices[$path]) => self::choice($setting->type, $i),
                    $setting->type instanceof MenuType => 'help',
                    $setting->type instanceof PictureType => (string) $picture,
                    $setting->type instanceof TextType && $setting->type->max >= 10 && ! str_starts_with($path, 'name.') => 'Words',
                    default => null,
                };
            }
            $changes = array_filter($changes, static fn(mixed $v): bool => $v !== null);
            $first = $looks->trying($look, $changes);
            // What the items of the lists bring is known only now.
            $more = [];
            foreach ($first->catalog()->all() as $path => $setting) {
                if (preg_match('/^(band|block|message)\./', $path) === 1) {
                    $more[$path] = match (true) {
                        $setting->type instanceof SwitchType => true,
                        $setting->type instanceof ChoiceType => self::choice($setting->type, $i),
                        $setting->type instanceof PictureType => (string) $picture,
                        $setting->type instanceof TextType => $setting->type->max >= 10 ? 'Words' : null,
                        $setting->type instanceof TargetType => $setting->type->isWeb ? 'https://diary.wrenfold.example/' : '/cart',
                        default => null,
                    };
                }
            }
            yield $looks->trying($look, [...$changes, ...array_filter($more, static fn(mixed $v): bool => $v !== null)]);
        }
    }

    private function pages(LookSnapshot $look): string
    {
        $html = '';
        $pages = app(SamplePages::class);
        foreach ($pages->paths($this->look()->storefront) as $key => $path) {
            $at = $this->look()->load('storefront.store');
            $visitor = Visitor::looking($at->storefront, SamplePages::cartAt($path));
            $html .= $pages->render($key, $path, app(DraftShop::class)->wearing($at, $look, $visitor, PreviewMoment::now()));
        }

        return $html;
    }

    /** @return array<string, string> class or role written out in a template => the template */
    private function written(): array
    {
        $found = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(
            resource_path('views/shop'),
            \FilesystemIterator::SKIP_DOTS,
        )) as $file) {
            $name = basename((string) $file);
            if (str_ends_with($name, 'mail.blade.php')) {
                continue;
            }
            $text = (string) file_get_contents((string) $file);
            preg_match_all('/\b(?:class|role)="((?:[^"{]|\{\{[^}]*\}\})*)"/', $text, $m);
            preg_match_all("/'([a-z][a-z-]*)'(?= =>)[^,\]]*/", implode(' ', self::directives($text)), $conditional);
            $plain = (string) preg_replace('/\S*\{\{[^}]*\}\}\S*|@\S+/', ' ', implode(' ', $m[1]));
            foreach ([...preg_split('/\s+/', $plain, -1, PREG_SPLIT_NO_EMPTY) ?: [], ...$conditional[1]] as $class) {
                if (preg_match('/^[a-z][a-z0-9-]*$/', $class) === 1) {
                    $found[$class] = $name;
                }
            }
        }

        return $found;
    }

    /** @return list<string> what stands in @class([...]) */
    private static function directives(string $text): array
    {
        preg_match_all('/@class\(\[(.*?)\]\)/s', $text, $m);

        return $m[1];
    }
}
