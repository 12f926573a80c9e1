<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Looks\LookReader;
use App\Looks\Trials;
use App\Models\Look;
use App\Models\Picture;
use App\Pictures\ShopPicture;
use Illuminate\Http\Request;

/** The shop as a look that is not published would make it, at a moment. */
final class DraftShop
{
    /** @var ?array<string, ShopPicture> */
    private ?array $pictures = null;

    public function __construct(private readonly LookReader $desk, private readonly Trials $trials) {}

    /**
     * @param Look $look with its storefront and store
     *
     * @return ?ShopContext null when what is to be tried on is not known (any more)
     */
    public function context(Look $look, Request $request, PreviewMoment $at): ?ShopContext
    {
        if ($at->trial !== '') {
            $changes = $this->trials->changes($look, $at->trial);
            if ($changes === null) {
                return null;
            }
            $look = $look->trying($changes);
        }

        return new ShopContext(
            $look->storefront,
            $look->storefront->store,
            $this->desk->resolve($look, $at->moment)->values(),
            $this->desk->themes->stylesheetName($this->desk->theme($look)),
            $this->desk->layOut($look, $at->moment),
            new Visitor($look->storefront, $request),
            $this->pictures(...),
            "/preview/$look->id/$at->written",
        );
    }

    /** @return array<string, ShopPicture> the store's whole library, by name */
    public function pictures(): array
    {
        return $this->pictures ??= Picture::query()->get()->mapWithKeys(static fn(Picture $p): array => [$p->name => ShopPicture::of($p)])->all();
    }
}
