<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Models\Look;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The shop window: the same pages, wearing a look that is not published. Signed-in people of the store only. */
final class PreviewShop
{
    public function __construct(private readonly DraftShop $drafts) {}

    public function handle(Request $request, Closure $next): Response
    {
        $look = Look::query()->with('storefront.store')->findOrFail((int) $request->route('look'));
        if ($look->storefront->slug !== $request->route('storefront')) {
            throw new NotFoundHttpException();
        }
        $moment = PreviewMoment::read(
            (string) $request->route('moment'),
            $look->storefront->store->zone(),
        ) ?? throw new NotFoundHttpException();
        $here = SpokenPath::within($request);
        foreach (['storefront', 'look', 'moment'] as $name) {
            $request->route()->forgetParameter($name);
        }
        $visitor = Visitor::of($look->storefront, $request, SampleCart::named($request->query('cart')), $moment->moment);
        $language = SpokenPath::language($request);
        if ($language !== '' && ! in_array($language, $look->storefront->otherLanguages(), true)) {
            throw new NotFoundHttpException();
        }
        $dictionary = Dictionaries::of($look->storefront, $language);
        $shop = $this->drafts->context($look, $visitor, $moment, $dictionary, $here) ?? throw new NotFoundHttpException();
        $shop->layIcons();
        app()->instance(ShopContext::class, $shop);
        $response = $next($request);
        $response->headers->set('Cache-Control', 'no-store');

        return $response;
    }
}
