<?php

declare(strict_types=1);

namespace Tests\App;

use App\Looks\LookReader;
use App\Workbench\Shell\BenchMaker;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\StepKey;
use Ikat\Core\Setting\Type\KeysType;

/** Whatever is found leads to where its control can be seen. */
final class FindTest extends AppTestCase
{
    public function testEverySettingIsFoundWhereItsControlIs(): void
    {
        $maren = $this->actingAs($this->person('maren'));
        $this->edit(['path' => 'dark.on', 'value' => 'on'])->assertOk();
        foreach (['name', 'picture'] as $kind) {
            $this->edit(['path' => 'header.logo.kind', 'value' => $kind])->assertOk();
            $request = \App\Http\TypedRequest::create('/');
            $request->setUserResolver(fn() => $this->person('maren'));
            $bench = app(BenchMaker::class)->make($request, $this->look()->load('storefront.store'), 'start');
            $pages = $missing = $groups = [];
            foreach (app(LookReader::class)->of($this->look())->catalog()->all() as $path => $setting) {
                if (
                    $kind === 'picture'
                    && $setting->step !== StepKey::LOGO
                    || $setting->type instanceof KeysType
                    && $setting->type->isAway
                ) {
                    continue;
                }
                $address = (string) strtok($bench->addressOfSetting($path), '#');
                // A page that opens one color of a set leads to all of them in the same way: one is opened, the others are led to.
                $leads = 'open_path='.urlencode($path);
                $group = (string) preg_replace('/open_path=[^&]*/', 'open_path=', $address);
                if (str_contains($pages[$groups[$group] ?? ''] ?? '', e($leads))) {
                    continue;
                }
                $groups[$group] ??= $address;
                $pages[$address] ??= (string) $maren->get($address)->assertOk()->getContent();
                if (! self::hasControl($setting, $pages[$address])) {
                    $missing[] = "$path at $address";
                }
            }
            self::assertSame([], $missing);
        }
    }

    /** @return list<string> kind and title of what is found */
    private function found(string $asked): array
    {
        $html = (string) $this->actingAs($this->person('maren'))
            ->get('/workbench/looks/'.$this->look()->id.'/find?step=header&q='.urlencode($asked))->assertOk()->getContent();
        preg_match_all(
            '#<span class="min-w-0">(.*?) <small\s+class="block text-ink-2">(.*?)</small></span> <small class="text-ink-2">(\w+)</small>#s',
            $html,
            $m,
        );

        return array_map(
            static fn(string $title, string $note, string $kind): string => html_entity_decode("$kind: $title ($note)"),
            $m[1],
            $m[2],
            $m[3],
        );
    }

    public function testTheShopsOwnWordsProductsAndEverydayWordsAreFound(): void
    {
        foreach ([
            'phone number' => 'setting: Telephone (Header, “(555) 010-1987”)',
            'free shipping' => 'words: “Lantern Night orders close Friday noon. Free shipping over',
            'haeder' => 'command: Go to Header ()',
            'make the logo bigger' => 'setting: Logo size',
            'heron folding' => 'product: Heron folding lantern (in the window, /product/heron-folding-lantern)',
            'long evenings' => 'words: “Light for the long evenings” (Pages, Lead picture: heading)',
            'all keys' => 'command: All keys ()',
        ] as $asked => $expected) {
            $found = $this->found($asked);
            self::assertNotSame(
                [],
                array_filter($found, static fn(string $f): bool => str_starts_with($f, $expected)),
                $asked.': '.implode("\n", $found),
            );
        }
    }

    public function testANumberOrASwitchIsChangedFromTheList(): void
    {
        self::assertContains('change: Space above: set to 24 px (Header, 18 px)', $this->found('space above 24'));
        self::assertContains('change: Show the utility strip: turn it off (Header, on)', $this->found('utility strip'));
        self::assertSame([], array_filter($this->found('space above 2400'), static fn(string $f): bool => str_starts_with($f, 'change')));
        $this->actingAs($this->person('ines'));
        $html = (string) $this->get('/workbench/looks/'.$this->look()->id.'/find?step=header&q=utility+strip')->assertOk()->getContent();
        self::assertStringNotContainsString('data-target="set:', $html);
    }

    private static function hasControl(Setting $setting, string $page): bool
    {
        $path = $setting->path;
        $forms = [
            'id="c-'.str_replace('.', '-', $path).'"', "data-path=\"$path\"", "data-items=\"$path\"", "value=\"$path\"",
            "&quot;path&quot;:&quot;$path&quot;",
        ];

        return array_filter($forms, static fn(string $form): bool => str_contains($page, $form)) !== []
            || $path === 'palette.schemes'
            && str_contains($page, 'id="t-schemes"');
    }
}
