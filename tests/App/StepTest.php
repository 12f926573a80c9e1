<?php

declare(strict_types=1);

namespace Tests\App;

use App\Looks\LookReader;
use App\Workbench\Shell\BenchMaker;
use App\Workbench\Shell\Steps;
use App\Workbench\StepList;
use Ikat\Core\Check\Finding;
use Ikat\Core\Setting\Catalog\StorefrontCatalog;
use Illuminate\Cache\Events\KeyWritten;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Route;
use Tests\App\Probe\ProbeSettings;
use Tests\App\Probe\ProbeStep;

/** A step is a folder and a line in the list: the shell knows none by name. */
final class StepTest extends AppTestCase
{
    private const BENCH = '/workbench/looks/1';

    private function bringStep(): void
    {
        $this->app->singleton(StorefrontCatalog::class, static fn(): StorefrontCatalog => new StorefrontCatalog([new ProbeSettings()]));
        $this->app->scoped(Steps::class, fn(): Steps => new Steps(array_map($this->app->make(...), [...StepList::ALL, ProbeStep::class])));
        $this->app['view']->addNamespace('probe', __DIR__.'/Probe');
        Route::middleware('web')->prefix('workbench/looks/{look}')->group(static fn() => ProbeStep::routes());
        $this->actingAs($this->person('maren'));
    }

    public function testAStepOfItsOwnIsServedFoundEditedAndUndone(): void
    {
        $this->bringStep();
        $page = $this
            ->get(self::BENCH.'/probe')
            ->assertOk()
            ->assertSee('>Probe</h1>', false)
            ->assertSee('Depth of the water')
            ->assertSee('The bottom of the sea: sand');
        self::assertMatchesRegularExpression('#href="'.self::BENCH.'/probe"\s+hx-get#', (string) $page->getContent());
        $this->get(self::BENCH.'/probe/depth')->assertOk()->assertSee('twelve fathoms');
        foreach (['sounding', 'plumb line', 'depth watr'] as $asked) {
            $this->get(self::BENCH.'/find?q='.urlencode($asked))->assertOk()->assertSee(self::BENCH.'/probe', false);
        }
        $this->edit(['path' => 'probe.bottom', 'value' => 'grey clay', 'step' => 'probe', 'open_fathom' => '7'])->assertOk()
            ->assertSee('>Probe</h1>', false)
            ->assertSee('The bottom of the sea: grey clay')
            ->assertSee('name="open_fathom" value="7"', false)
            ->assertSee('What the lead brings up');
        self::assertSame('grey clay', app(LookReader::class)->of($this->look())->resolved()->text('probe.bottom'));
        $this->edit(['path' => 'probe.bottom', 'value' => 'something far too long for it'])->assertStatus(422)->assertSee('at most 20 fit');
        $this->post(self::BENCH.'/undo', ['step' => 'probe'], ['HX-Request' => 'true'])
            ->assertOk()
            ->assertSee('The bottom of the sea: sand');
        $this->post(self::BENCH.'/redo', ['step' => 'probe'], ['HX-Request' => 'true'])->assertOk()->assertSee('grey clay');
        $this->post(self::BENCH.'/original', ['step' => 'probe', 'only' => 'probe'], ['HX-Request' => 'true'])
            ->assertOk()
            ->assertSee('The bottom of the sea: sand');
    }

    public function testNoStepCarriesTheStateOfAnother(): void
    {
        $this->bringStep();
        $told = [];
        foreach (app(Steps::class)->all() as $step) {
            $html = (string) $this
                ->get(self::BENCH."/{$step->key()}?open_scheme=night&open_path=brand.main&open_fathom=7&open_pair=x&shown=all")
                ->assertOk()
                ->getContent();
            preg_match('#<form id="state"[^>]*>(.*?)</form>#s', $html, $form);
            preg_match_all('/name="([a-z_]+)"/', $form[1], $names);
            $told[$step->key()] = array_values(array_diff($names[1], ['seen', 'store_seen', 'step']));
        }
        self::assertSame(['open_scheme', 'open_path', 'open_part', 'open_pair', 'shown', 'open_finding'], $told['colors']);
        self::assertSame(['open_part', 'open_fathom'], $told['probe']);
        self::assertSame([], $told['publish']);
        self::assertSame(['open_part'], $told['footer']);
    }

    /** What is measured, laid or kept is so before a view is rendered, or after: rendering one twice, or not at all, changes nothing. */
    public function testNothingIsWrittenWhileAViewIsRendered(): void
    {
        $this->bringStep();
        $writes = [];
        Event::listen(KeyWritten::class, static function (KeyWritten $e) use (&$writes): void {
            $writes[] = "cache $e->key";
        });
        DB::listen(static function ($query) use (&$writes): void {
            if (preg_match('/^\s*(insert|update|delete|replace)/i', $query->sql) === 1) {
                $writes[] = $query->sql;
            }
        });
        $this->edit(['path' => 'header.logo.kind', 'value' => 'picture'])->assertOk();
        $request = \App\Http\TypedRequest::create('/', 'GET', ['begin' => '1', 'mend' => '1', 'open_part' => 'pairs']);
        $request->setUserResolver(fn() => $this->person('maren'));
        foreach (app(Steps::class)->all() as $step) {
            $bench = app(BenchMaker::class)->make($request, $this->look()->load('storefront.store'), $step->key())->prepare();
            $panel = $bench->panel();
            $before = $this->files();
            $writes = [];
            $html = view('workbench.shell.page', ['bench' => $bench, 'panel' => $panel])->render();
            self::assertStringContainsString('</h1>', $html);
            self::assertSame([], $writes, $step->key());
            self::assertSame($before, $this->files(), $step->key());
        }
    }

    public function testEveryFindingOfTheDemoIsMendedInAStepThatIsThere(): void
    {
        $this->edit(['changes' => json_encode([
            'scheme.daylight.link' => '#f0e8d0',
            'band.lead-1.target' => '/page/none',
            'band.lead-1.picture' => '',
        ])])
            ->assertOk();
        $findings = app(\App\Inspection\Inspector::class)->findings($this->look()->load('storefront.store'));
        self::assertGreaterThan(2, count($findings));
        self::assertSame([], array_filter($findings, static fn(Finding $f): bool => app(Steps::class)->find($f->step()) === null));
    }

    /** @return array<string, int> file => size, of all that is kept */
    private function files(): array
    {
        $found = [];
        foreach ([storage_path(), public_path((string) config('ikat.files'))] as $folder) {
            foreach (new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS | \FilesystemIterator::CURRENT_AS_PATHNAME),
                \RecursiveIteratorIterator::LEAVES_ONLY,
                \RecursiveIteratorIterator::CATCH_GET_CHILD,
            ) as $file) {
                if (! preg_match('#/(mariadb|framework/views|logs)/#', $file)) {
                    $found[$file] = (int) @filesize($file);
                }
            }
        }
        ksort($found);

        return $found;
    }
}
