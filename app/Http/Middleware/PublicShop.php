<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Release;
use App\Models\Storefront;
use App\Shop\CurrentStore;
use App\Shop\PageCache;
use App\Shop\ShopContext;
use App\Shop\ShopPicture;
use App\Shop\Visitor;
use Closure;
use Ikat\Core\Season\SeasonCalendar;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The public shop: the storefront's live release, as the seasons that run now make it. */
final class PublicShop
{
    public function __construct(private readonly CurrentStore $store, private readonly PageCache $cache) {}

    public function handle(Request $request, Closure $next): Response
    {
        $slug = (string) $request->route('storefront');
        $request->route()->forgetParameter('storefront');
        // The address names the store here, so this one query looks at all of them.
        $storefront = Storefront::query()->withoutGlobalScope('store')->with('store')->firstWhere('slug', $slug) ?? throw new NotFoundHttpException();
        $this->store->is($storefront->store_id);
        $release = $storefront->liveRelease ?? throw new NotFoundHttpException();
        $visitor = new Visitor($storefront, $request);
        $running = SeasonCalendar::keyIn($release->timeline, now()->getTimestamp());
        app()->instance(ShopContext::class, self::context($storefront, $release, $running, $visitor));
        if ($storefront->locked && ! $visitor->holdsKey() && ! $request->routeIs('shop.locked', 'shop.unlock')) {
            return redirect("/shop/$slug/locked");
        }

        $response = $next($request);
        $this->cache->keep($request, $response, $storefront, $running);

        return $response;
    }

    private static function context(Storefront $storefront, Release $release, string $running, Visitor $visitor): ShopContext
    {
        $variant = $release->variants[$running] ?? ['values' => [], 'look_css' => $release->look_css];

        return new ShopContext(
            $storefront,
            $storefront->store,
            [...$release->resolved, ...$variant['values']],
            $release->theme_css,
            $variant['look_css'],
            $visitor,
            static fn(): array => array_map(ShopPicture::fromArray(...), $release->pictures),
        );
    }
}
