<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use App\Http\TypedRequest;
use App\Inspection\Inspector;
use App\Looks\Journals;
use App\Looks\LookReader;
use App\Models\Look;
use App\Models\User;
use App\Storefront\DraftShop;
use App\Storefront\SamplePages;
use App\Storeroom\StoreReader;
use Ikat\Core\Setting\SettingType;
use Ikat\Core\Setting\Step;

/** Reads from a request what the bench is open at. Anything unknown falls back to the beginning. */
final class BenchMaker
{
    public function __construct(
        private readonly LookReader $desk,
        private readonly Inspector $reach,
        private readonly Journals $book,
        private readonly SamplePages $pages,
        private readonly StoreReader $store,
        private readonly DraftShop $drafts,
    ) {}

    public function make(TypedRequest $request, Look $look, ?Step $step = null): Bench
    {
        $theme = $this->desk->theme($look);
        $catalog = $this->desk->catalog($look);
        $asked = $request->word('open_scheme');
        $scheme = isset($theme->schemes[$asked]) ? $asked : (string) array_key_first($theme->schemes);
        $part = $request->word('open_part');
        $path = $request->word('open_path');
        $isColor = $catalog->has($path) && $catalog->get($path)->type === SettingType::Color;
        // A scheme's role belongs to the scheme that is open, in the light or in the dark; a brand color belongs to all.
        $set = ($part === 'dark' && $catalog->has("dark.$scheme.ground") ? 'dark' : 'scheme').".$scheme";
        if (! $isColor || (! str_starts_with($path, "$set.") && preg_match('/^(scheme|dark)\./', $path))) {
            $role = preg_match('/^(?:scheme|dark)\.[^.]+\.([a-z-]+)$/', $path, $m) && $catalog->has("$set.$m[1]") && $catalog->get("$set.$m[1]")->type === SettingType::Color ? $m[1] : 'ground';
            $path = "$set.$role";
        }
        if ($part === 'brand' && ! str_starts_with($path, 'brand.')) {
            $path = 'brand.'.array_key_first($theme->brandColors);
        }
        $woven = $request->word('woven');
        $isSet = preg_match('/^(scheme|dark)\.([a-z0-9]+)$/', $woven, $m) && isset($theme->schemes[$m[2]]) && $catalog->has("$woven.ground");
        $user = $request->user();
        assert($user instanceof User);
        $finding = $request->word('open_finding');

        return new Bench($request, $look, $step ?? Step::tryFrom($request->word('step')) ?? Step::Colors, $user, $scheme, $path, $finding === '' ? null : $finding, $part, mb_substr($request->word('open_knot'), 0, 60), $isSet || ($woven === 'dark' && $catalog->has("dark.$scheme.ground")) ? $woven : 'all', $this->desk, $this->reach, $this->book, $this->pages, $this->store, $this->drafts);
    }

    public function look(int $id): Look
    {
        return Look::query()->with('storefront.store')->findOrFail($id);
    }
}
