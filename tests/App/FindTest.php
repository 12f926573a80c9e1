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
            $pages = $missing = [];
            foreach (app(LookReader::class)->of($this->look())->catalog()->all() as $path => $setting) {
                if (
                    $kind === 'picture'
                    && $setting->step !== StepKey::LOGO
                    || $setting->type instanceof KeysType
                    && $setting->type->isAway
                ) {
                    continue;
                }
                $address = strtok($bench->addressOfSetting($path), '#');
                $pages[$address] ??= (string) $maren->get((string) $address)->assertOk()->getContent();
                if (! self::hasControl($setting, $pages[$address])) {
                    $missing[] = "$path at $address";
                }
            }
            self::assertSame([], $missing);
        }
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
