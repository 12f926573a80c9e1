<?php

declare(strict_types=1);

namespace App\Shop;

use App\Models\Storefront;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Finished public pages, kept on disk for the front door.
 *
 * A page's place carries the release, the seasons that run, the Storeroom's version and the day, so a page of an earlier
 * state is never found; nothing has to be thrown away at the right moment.
 */
final class PageCache
{
    private const ROUTES = ['shop.home', 'shop.category', 'shop.product', 'shop.page'];

    public function keep(Request $request, Response $response, Storefront $storefront, string $running): void
    {
        if (! $request->isMethod('GET') || $response->getStatusCode() !== 200 || $storefront->locked
            || ! $request->routeIs(...self::ROUTES) || $request->getQueryString() !== null
            || array_filter(ShopCookies::OWN, $request->cookies->has(...)) !== []) {
            return;
        }
        $file = self::place(storage_path('pages'), $storefront->slug, (int) $storefront->live_release_id, $running, $storefront->content_version, gmdate('Ymd'), '/'.ltrim($request->getPathInfo(), '/'));
        if (! is_dir(dirname($file))) {
            @mkdir(dirname($file), 0o755, true);
        }
        $part = $file.'.'.bin2hex(random_bytes(4));
        file_put_contents($part, (string) $response->getContent());
        rename($part, $file);
    }

    /** @param string $running what seasons run, as a release's timeline names them */
    public static function place(string $folder, string $slug, int $release, string $running, int $version, string $day, string $path): string
    {
        return sprintf('%s/%s/%d-%d-%s/%s.html', $folder, $slug, $release, $version, $day, sha1("$running $path"));
    }
}
