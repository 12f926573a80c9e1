<?php

declare(strict_types=1);

namespace App\Looks;

use App\Models\Look;
use App\Shop\ShopContext;
use App\Shop\Visitor;
use Ikat\Core\Check\CheckInput;
use Ikat\Core\Check\Checks;
use Ikat\Core\Check\Finding;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Look\Resolution;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Reach\PageReader;
use Ikat\Core\Reach\PairUse;
use Ikat\Core\Reach\ReachIndex;
use Ikat\Core\Reach\StyleRule;
use Ikat\Core\Reach\Stylesheet;
use Illuminate\Http\Request;

/**
 * Reach and findings of a look.
 *
 * The index of the pages is kept by what it depends on (words, choices, the Storeroom, the theme), so that dragging a
 * color never reads the pages again.
 */
final class ReachDesk
{
    /** Raised when the index's own form changes. */
    private const FORM = 7;

    /** Files: an index for each page of each state, and parsed stylesheets. */
    private const KEEP = 1200;

    /** @var array<string, ReachIndex> */
    private array $indexes = [];

    public function __construct(private readonly LookDesk $desk, private readonly SamplePages $pages, private readonly StoreDesk $store, private readonly DraftShop $drafts, private readonly LogoDesk $logos) {}

    public function input(Look $look): CheckInput
    {
        $resolved = $this->desk->resolve($look);
        $compiled = $this->desk->compile($look);

        return new CheckInput($resolved, $this->desk->theme($look), $compiled, $this->index($look, $resolved, $compiled), $this->store->contents(), $this->logos->measures($resolved, $this->desk->theme($look), $this->shop($look, $resolved, Request::create('/'))->iconSpec()));
    }

    /** @return list<Finding> */
    public function findings(Look $look): array
    {
        return Checks::run($this->input($look));
    }

    public function index(Look $look, ResolvedLook $resolved, CompiledLook $compiled): ReachIndex
    {
        $key = $this->key($look, $resolved);

        return $this->indexes[$key] ??= $this->stored($key) ?? $this->store($key, $this->make($look, $resolved, $compiled));
    }

    private function key(Look $look, ResolvedLook $resolved): string
    {
        $structural = array_map(
            static fn(Resolution $r): bool|float|string => $r->value,
            array_filter($resolved->all(), static fn(Resolution $r): bool => ! $r->setting->type->isCss()),
        );

        return hash('xxh128', json_encode([
            self::FORM, $this->desk->themes->stylesheetName($this->desk->theme($look)), $look->storefront->id,
            $look->storefront->content_version, gmdate('Ymd'), $structural,
        ], JSON_THROW_ON_ERROR));
    }

    private function make(Look $look, ResolvedLook $resolved, CompiledLook $compiled): ReachIndex
    {
        $pages = $this->pages->render(fn(Request $request): ShopContext => $this->shop($look, $resolved, $request));
        $css = [$this->desk->themes->stylesheet($this->desk->theme($look)), $compiled->rules];
        $theme = hash('xxh128', $css[0]);
        $sheet = null;
        $indexes = [];
        foreach ($pages as $page => $html) {
            // Other words make no other skeleton: after an edit of words no page has to be read again.
            $key = hash('xxh128', self::FORM."$theme $page ".self::rulesOn($html, $compiled->rules).PageReader::skeleton($html));
            $indexes[] = $this->stored($key) ?? $this->store($key, PageReader::page($sheet ??= $this->sheet($css), $page, $html));
        }
        $this->sweep();

        return ReachIndex::merged($indexes);
    }

    private function shop(Look $look, ResolvedLook $resolved, Request $request): ShopContext
    {
        $look->storefront->loadMissing('store');

        return new ShopContext(
            $look->storefront,
            $look->storefront->store,
            $resolved->values(),
            '',
            '',
            new Visitor($look->storefront, $request),
            $this->drafts->pictures(...),
            "/preview/$look->id/now",
        );
    }

    /** The look's rules without those of items the page does not have: a band more on the home page changes no other page. */
    private static function rulesOn(string $html, string $rules): string
    {
        return implode("\n", array_filter(explode("\n", $rules), static fn(string $rule): bool => ! preg_match('/^\.(its-[a-z0-9-]+)\{/', $rule, $m) || str_contains($html, $m[1])));
    }

    /** @param list<string> $css whose rules follow one another; each is parsed once */
    private function sheet(array $css): Stylesheet
    {
        return Stylesheet::joined(array_map(function (string $part): Stylesheet {
            $key = 'sheet-'.hash('xxh128', self::FORM.$part);

            return $this->kept($key, [Stylesheet::class, StyleRule::class]) ?? $this->keep($key, Stylesheet::parse($part));
        }, $css));
    }

    private function stored(string $key): ?ReachIndex
    {
        return $this->kept($key, [ReachIndex::class, PairUse::class]);
    }

    private function store(string $key, ReachIndex $index): ReachIndex
    {
        return $this->keep($key, $index);
    }

    /** @param non-empty-list<class-string> $classes the first is what is asked for, all are what may be in it */
    private function kept(string $key, array $classes): mixed
    {
        $file = storage_path("reach/$key");
        $found = is_file($file) ? unserialize((string) file_get_contents($file), ['allowed_classes' => $classes]) : null;

        return $found instanceof $classes[0] ? $found : null;
    }

    /**
     * @template T of object
     *
     * @param T $made
     *
     * @return T
     */
    private function keep(string $key, object $made): object
    {
        $folder = storage_path('reach');
        if (! is_dir($folder)) {
            mkdir($folder, 0o755, true);
        }
        $part = "$folder/$key.".bin2hex(random_bytes(4));
        file_put_contents($part, serialize($made));
        rename($part, "$folder/$key");

        return $made;
    }

    private function sweep(): void
    {
        $old = glob(storage_path('reach/*')) ?: [];
        if (count($old) > self::KEEP) {
            usort($old, static fn(string $a, string $b): int => filemtime($a) <=> filemtime($b));
            array_map(static fn(string $file): bool => @unlink($file), array_slice($old, 0, intdiv(self::KEEP, 2)));
        }
    }
}
