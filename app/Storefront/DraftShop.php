<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Fonts\OwnFonts;
use App\Looks\LookReader;
use App\Looks\Trials;
use App\Models\Look;
use App\Pictures\PictureShelf;
use Ikat\Core\Check\StoreContents;
use Ikat\Core\Language\Dictionary;
use Ikat\Core\Look\LookSnapshot;

/** The shop as a look that is not published would make it, at a moment. */
final class DraftShop
{
    public function __construct(
        private readonly LookReader $looks,
        private readonly Trials $trials,
        private readonly PictureShelf $pictures,
        private readonly OwnFonts $fonts,
    ) {}

    /**
     * @param Look $look with its storefront and store
     * @param ?Dictionary $dictionary of the language it is read in; of the store's first, with none
     * @param string $here path within the storefront that is shown
     *
     * @return ?ShopContext null when what is to be tried on is not known (any more)
     */
    public function context(
        Look $look,
        Visitor $visitor,
        PreviewMoment $at,
        ?Dictionary $dictionary = null,
        string $here = '/',
    ): ?ShopContext {
        $changes = $at->trial === '' ? [] : $this->trials->changes($look, $at->trial);
        if ($changes === null) {
            return null;
        }

        return $this->wearing($look, $this->looks->trying($look, $changes), $visitor, $at, $dictionary, $here);
    }

    /** The shop in a look as it would be. */
    public function wearing(
        Look $look,
        LookSnapshot $snapshot,
        Visitor $visitor,
        PreviewMoment $at,
        ?Dictionary $dictionary = null,
        string $here = '/',
    ): ShopContext {
        $resolved = $snapshot->resolved($at->moment);
        // All in one question; a page asks for one after the other.
        $this->pictures->named(StoreContents::asked($resolved)['pictures']);

        return new ShopContext(
            $look->storefront,
            $look->storefront->store,
            $resolved->values(),
            $this->looks->themes->stylesheetName($snapshot->bare),
            $this->looks->layOut($snapshot, $at->moment),
            $this->looks->themes->foldedName($snapshot->bare),
            $visitor,
            $this->pictures->one(...),
            $this->fonts->named(...),
            $dictionary ?? Dictionaries::of($look->storefront),
            $here,
            "/preview/$look->id/$at->written",
        );
    }
}
