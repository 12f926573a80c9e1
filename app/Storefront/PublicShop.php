<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Fonts\OwnFonts;
use App\Models\CurrentStore;
use App\Models\Release;
use App\Models\Storefront;
use App\Pictures\ShopPicture;
use Closure;
use Ikat\Core\Season\SeasonCalendar;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The public shop: the storefront's live release, as the seasons that run now make it. */
final class PublicShop
{
    /** Pages that are the same for everybody, and may be kept for others. */
    private const COMMON = ['shop.home', 'shop.category', 'shop.product', 'shop.page'];

    /** What a locked shop shows to everybody. */
    private const DOOR = ['shop.locked', 'shop.unlock'];

    public function __construct(private readonly CurrentStore $store, private readonly PageCache $cache) {}

    public function handle(Request $request, Closure $next): Response
    {
        $slug = (string) $request->route('storefront');
        $request->route()->forgetParameter('storefront');
        // The address names the store here, so this one query looks at all of them.
        $storefront = Storefront::query()
            ->withoutGlobalScope('store')
            ->with('store')
            ->firstWhere('slug', $slug) ?? throw new NotFoundHttpException();
        $this->store->is($storefront->store_id);
        $turned = (string) DB::scalar(PageCache::TURNED.' from storefronts s where s.id = :id', [
            ...PageCache::turns(now()->getTimestamp()), 'id' => $storefront->id,
        ]);
        $release = $storefront->liveRelease ?? throw new NotFoundHttpException();
        $language = SpokenPath::language($request);
        $isSpoken = $language === '' || in_array($language, $storefront->otherLanguages(), true);
        $visitor = Visitor::of($storefront, $request);
        $running = SeasonCalendar::keyIn($release->timeline, now()->getTimestamp());
        $shop = self::context($storefront, $release, $running, $visitor, $isSpoken ? $language : '', SpokenPath::within($request));
        $shop->layIcons();
        app()->instance(ShopContext::class, $shop);
        if ($storefront->locked) {
            $this->cache->forget($slug);
            $open = $shop->on('locked.list') ? [...self::DOOR, 'shop.letters', 'shop.letters.*'] : self::DOOR;
            if (! $visitor->holdsKey() && ! $request->routeIs(...$open)) {
                return redirect($shop->address('/locked'));
            }
        }
        if (! $isSpoken) {
            // The first language stands under no name of its own; any other is none of the shop's.
            return $language === $shop->dictionary->language->code
                ? redirect($shop->address(SpokenPath::within($request)), 301)
                : throw new NotFoundHttpException();
        }
        $response = $next($request);
        if (! $request->routeIs(...self::COMMON)) {
            $response->headers->set('Cache-Control', 'no-store');
        }
        self::strip($response);
        if (! $storefront->locked && self::isForEverybody($request, $response)) {
            $this->cache->keep(
                $slug,
                $release->id,
                $release->timeline,
                $running,
                $storefront->content_version,
                PageCache::state(now()->getTimestamp(), $turned),
                SpokenPath::asked($request),
                (string) $response->getContent(),
                static fn(): string => self::stripped(view(
                    'shop.trouble',
                    ['shop' => $shop, 'status' => 503, 'words' => ShopTrouble::words(503)],
                )->render()),
            );
        }

        return $response;
    }

    private static function isForEverybody(Request $request, Response $response): bool
    {
        return $request->isMethod('GET') && $response->getStatusCode() === 200 && $request->routeIs(...self::COMMON)
            && $request->getQueryString() === null && array_filter(ShopCookies::OWN, $request->cookies->has(...)) === [];
    }

    /** What tells the workbench which setting or record a place comes from is nobody's business outside it. */
    private static function strip(Response $response): void
    {
        if (
            str_starts_with((string) $response->headers->get('Content-Type', 'text/html'), 'text/html')
            && is_string($response->getContent())
        ) {
            $response->setContent(self::stripped($response->getContent()));
        }
    }

    public static function stripped(string $html): string
    {
        return (string) preg_replace('/\s+data-(?:from|record)="[^"<>]*"/', '', $html);
    }

    private static function context(
        Storefront $storefront,
        Release $release,
        string $running,
        Visitor $visitor,
        string $language,
        string $here,
    ): ShopContext {
        $variant = $release->variants[$running] ?? ['values' => [], 'look_css' => $release->look_css];

        return new ShopContext(
            $storefront,
            $storefront->store,
            [...$release->resolved, ...$variant['values']],
            $release->theme_css,
            $variant['look_css'],
            (string) $release->folded_css,
            $visitor,
            static fn(string $name): ?ShopPicture => isset($release->pictures[$name])
                ? ShopPicture::fromArray($release->pictures[$name])
                : null,
            app(OwnFonts::class)->named(...),
            Dictionaries::of($storefront, $language),
            $here,
        );
    }
}
